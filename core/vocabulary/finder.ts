import MiniSearch from 'minisearch';
import { editDistance } from './nearest.ts';
import { english } from './trades/english.ts';
import { coreOf, tokensOf, wordsOf, type TradeWord } from './trades/words.ts';
import { businessTypes, describeType, isSubtype } from './vocabulary.ts';

/** A type as the finder offers it. */
interface FoundType {
  readonly name: string;
  /** The name as words: "Veterinary care". */
  readonly label: string;
  readonly description: string;
  readonly localBusiness: boolean;
  /** Why this type is a poor choice; '' where it is a good one. */
  readonly caution: string;
}

/** Types that schema.org discourages, and what to take instead. */
const discouragedTypes: Readonly<Record<string, string>> = {
  ProfessionalService: 'take the trade’s own type where one exists',
  Attorney: 'LegalService says the same',
};

export const isDiscouraged = (name: string): boolean => Object.hasOwn(discouragedTypes, name);

/** "HVACBusiness" → "HVAC business". */
export function typeLabel(name: string): string {
  const words = name.match(/[A-Z]+(?![a-z])|[A-Z0-9]?[a-z]+/g) ?? [name];
  return words.map((word, at) => (at > 0 && !/^[A-Z]{2,}$/.test(word) ? word.toLowerCase() : word)).join(' ');
}

/** Why a type is a poor choice; '' for a good one and for names that are no organisation. */
export const typeCaution = (name: string): string => foundTypes().get(name)?.caution ?? '';

/** The words of the trades for a type. */
export const tradeWordsOf = (name: string): readonly string[] =>
  (english[name] ?? '').split('; ').filter(Boolean);

function caution(name: string, supersededBy: string, area: string): string {
  if (supersededBy) return `Superseded by ${supersededBy}.`;
  const instead = discouragedTypes[name];
  if (instead) return `schema.org discourages it; ${instead}.`;
  if (area === 'pending') return 'Still pending in schema.org.';
  if (!isSubtype(name, 'LocalBusiness'))
    return 'Not a LocalBusiness by itself; LocalBusiness is written beside it.';
  return '';
}

let found: ReadonlyMap<string, FoundType> | undefined;

/** The types by their names, put together when one is asked for first. */
const foundTypes = (): ReadonlyMap<string, FoundType> =>
  (found ??= new Map(
    businessTypes.map(({ name, supersededBy, area }) => [
      name,
      {
        name,
        label: typeLabel(name),
        description: describeType(name),
        localBusiness: isSubtype(name, 'LocalBusiness'),
        caution: caution(name, supersededBy, area),
      },
    ]),
  ));

/** Finds types by the words of the trades, best first. */
type FindTypes = (question: string, most?: number) => readonly FoundType[];

interface Question {
  readonly text: string;
  readonly tokens: readonly string[];
  readonly asked: ReadonlySet<string>;
  readonly core: string;
}

/** Points from which on nobody need suspect a slip of the keys. */
const SURE = 63;

/** Points of a word that answers wholly, but for words that say nothing of the trade. */
const WHOLE = 87;

/** How well a word answers a question, up to 100; 0 where it does not. */
function answer({ text, tokens, asked, core }: Question, word: TradeWord): number {
  if (word.text === text) return 100;
  if (word.core === core) return 88;
  const common = tokens.filter((token) => word.tokens.includes(token)).length;
  // "Emergency plumber in Truro": the longer the word that stands in it, the better.
  if (common > 0 && !word.isGeneral && word.tokens.every((token) => asked.has(token)))
    return Math.min(84, 50 + 10 * word.tokens.length + word.text.length / 2);
  if (common === asked.size) return 62 - 4 * (new Set(word.tokens).size - asked.size);
  if (word.text.startsWith(text)) return 58 - Math.min(20, word.text.length - text.length);
  // Compounds are one word: "Biobäckerei", "Landbäckerei".
  if (word.text.length > 4 && !word.text.includes(' ') && text.endsWith(word.text)) return 50;
  return 0;
}

/** Whether a question is a word but for a slip of the keys. */
function isSlip({ text }: Question, word: TradeWord): boolean {
  const most = text.length > 7 ? 2 : text.length > 4 ? 1 : 0;
  return most > 0 && editDistance(text, word.text, most + 1) <= most;
}

/** The names of types as words. */
const ownWords = (): readonly TradeWord[] =>
  [...foundTypes().values()].flatMap(({ name, label }) => wordsOf({ [name]: label }));

function finder(languages: readonly Readonly<Record<string, string>>[]): FindTypes {
  const words = [...ownWords(), ...languages.flatMap((language) => wordsOf(language))];
  return (question, most = 200) => {
    const tokens = tokensOf(question);
    if (tokens.length === 0)
      return [...foundTypes().values()].filter((type) => type.localBusiness).slice(0, most);
    const asked = { text: tokens.join(' '), tokens, asked: new Set(tokens), core: coreOf(tokens) };
    const best = new Map<string, number>();
    const named = question.replace(/\s/g, '').toLowerCase();
    for (const [at, word] of words.entries()) {
      // A type's first words say it better than its last ones, and an earlier language before a later one.
      const points = answer(asked, word) - (word.isSecond ? 6 : 0) - at / 1e5;
      if (points > 20 && points > (best.get(word.type) ?? 0)) best.set(word.type, points);
    }
    if (Math.max(0, ...best.values()) < SURE)
      for (const [at, word] of words.entries())
        if (isSlip(asked, word)) best.set(word.type, Math.max(best.get(word.type) ?? 0, SURE - at / 1e5));
    for (const { name } of foundTypes().values()) if (name.toLowerCase() === named) best.set(name, 200);
    // Where a whole word answers, words that only begin so are none: "vet" is no beginning of "vetreria".
    const least = Math.max(0, ...best.values()) >= WHOLE ? WHOLE - 30 : 0;
    const apt = [...best]
      .filter(([, points]) => points >= least)
      .sort(([, a], [, b]) => b - a)
      .map(([name]) => name);
    const others = apt.length < 8 ? described(question).filter((name) => !best.has(name)) : [];
    return [...apt, ...others].flatMap((name) => foundTypes().get(name) ?? []).slice(0, most);
  };
}

let index: MiniSearch | undefined;

/** Types whose descriptions speak of a question. */
function described(question: string): readonly string[] {
  if (!index) {
    index = new MiniSearch({ idField: 'name', fields: ['label', 'description'] });
    index.addAll([...foundTypes().values()]);
  }
  const apt = index.search(question, {
    prefix: true,
    fuzzy: 0.2,
    boost: { label: 4 },
    boostDocument: (name) => (foundTypes().get(String(name))?.localBusiness ? 1 : 0.7),
  });
  return apt.map(({ id }) => String(id));
}

let inEnglish: FindTypes | undefined;

/**
 * Types for a name or an English word of a trade ("vet", "muffler shop", "church"), best first. An empty question gives
 * every subtype of LocalBusiness by name.
 */
export const findTypes: FindTypes = (question, most) => (inEnglish ??= finder([english]))(question, most);

let inEveryLanguage: FindTypes | undefined;

/** The same for the words of every language that has some ("Bäckerei", "plombier"), which are loaded when asked for. */
export const loadFindTypes = async (): Promise<FindTypes> =>
  (inEveryLanguage ??= finder((await import('./trades/everyLanguage.ts')).everyLanguage));

let inWords: ReadonlyMap<string, string> | undefined;

/** The types that words of the trades name wholly in any language, a word's first type; '' for any other word. */
export async function loadTypeOfWord(): Promise<(word: string) => string> {
  const { everyLanguage } = await import('./trades/everyLanguage.ts');
  if (!inWords) {
    const words = [...ownWords(), ...everyLanguage.flatMap((language) => wordsOf(language))];
    const named = words.toSorted((a, b) => Number(a.isSecond) - Number(b.isSecond));
    // The first of two goes before: written last.
    inWords = new Map(
      [...named, ...named.filter(({ isGeneral }) => !isGeneral).map((word) => ({ ...word, text: word.core }))]
        .toReversed()
        .map(({ text, type }) => [text, type]),
    );
  }
  const types = inWords;
  return (word) => {
    const tokens = tokensOf(word);
    return types.get(tokens.join(' ')) ?? types.get(coreOf(tokens)) ?? '';
  };
}
