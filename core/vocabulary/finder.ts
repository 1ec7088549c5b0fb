import MiniSearch from 'minisearch';
import { tradeWords } from './trade-words.ts';
import { describeType, isSubtype, organizationTypes } from './vocabulary.ts';

/** A type as the finder offers it. */
export interface FoundType {
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
export const typeCaution = (name: string): string => found.get(name)?.caution ?? '';

/** The words of the trades for a type. */
export const tradeWordsOf = (name: string): readonly string[] => tradeWords[name] ?? [];

function caution(name: string, supersededBy: string, area: string): string {
  if (supersededBy) return `Superseded by ${supersededBy}.`;
  const instead = discouragedTypes[name];
  if (instead) return `schema.org discourages it; ${instead}.`;
  if (area === 'pending') return 'Still pending in schema.org.';
  if (!isSubtype(name, 'LocalBusiness'))
    return 'Not a LocalBusiness by itself; LocalBusiness is written beside it.';
  return '';
}

const found: ReadonlyMap<string, FoundType> = new Map(
  organizationTypes.map(({ name, supersededBy, area }) => [
    name,
    {
      name,
      label: typeLabel(name),
      description: describeType(name),
      localBusiness: isSubtype(name, 'LocalBusiness'),
      caution: caution(name, supersededBy, area),
    },
  ]),
);

let built: MiniSearch | undefined;

function searchIndex(): MiniSearch {
  if (built) return built;
  built = new MiniSearch({ idField: 'name', fields: ['label', 'words', 'description'] });
  built.addAll(
    [...found.values()].map(({ name, label, description }) => ({
      name,
      label: `${name} ${label}`,
      words: (tradeWords[name] ?? []).join(' '),
      description,
    })),
  );
  return built;
}

/**
 * Types for a name or a trade word ("vet", "optician", "pottery"), best first. An empty question gives
 * every subtype of LocalBusiness by name. Types that are no LocalBusiness come after those that are equally apt.
 */
export function findTypes(question: string, most = 200): readonly FoundType[] {
  if (!question.trim()) return [...found.values()].filter((type) => type.localBusiness).slice(0, most);
  return searchIndex()
    .search(question, {
      prefix: true,
      fuzzy: 0.2,
      boost: { label: 4, words: 3 },
      boostDocument: (name) => (found.get(String(name))?.localBusiness ? 1 : 0.7),
    })
    .flatMap(({ id }) => found.get(String(id)) ?? [])
    .slice(0, most);
}
