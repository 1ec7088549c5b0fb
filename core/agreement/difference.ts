import diff from 'fast-diff';
import { fold } from '#core/text';

/** A stretch of two compared texts: in both, only in the reference, or only in the other. */
export interface DifferencePart {
  readonly side: 'both' | 'reference' | 'other';
  readonly text: string;
}

// The package is CommonJS: Node hands over the function, a bundler may wrap it.
const compare = typeof diff === 'function' ? diff : (diff as { default: typeof diff }).default;
const SIDES = { 0: 'both', [-1]: 'reference', 1: 'other' } as const;
const LONGEST = 5000;

/** Words, runs of white space, and every other character by itself. */
const TOKEN = /[\p{L}\p{N}\p{M}'’]+|\s+|[^\p{L}\p{N}\p{M}\s]/gu;

/**
 * In what a text differs from the reference, as people would mark it: word by word, and character by character only
 * inside words that are alike. Texts are compared up to 5,000 characters.
 */
export function difference(reference: string, other: string): readonly DifferencePart[] {
  const parts = byWords(reference.slice(0, LONGEST), other.slice(0, LONGEST));
  return joined(changesOf(parts).flatMap((part) => ('side' in part ? [part] : refined(part))));
}

/** Compares as if each word were one character. */
function byWords(reference: string, other: string): readonly DifferencePart[] {
  const words: string[] = [];
  const known = new Map<string, string>();
  const letters = (text: string): string =>
    (text.match(TOKEN) ?? [])
      .map((word) => {
        let letter = known.get(word);
        if (letter === undefined) {
          letter = String.fromCharCode(FIRST + words.length);
          known.set(word, letter);
          words.push(word);
        }
        return letter;
      })
      .join('');
  const spelt = (text: string): string =>
    Array.from(text, (letter) => words[letter.charCodeAt(0) - FIRST] ?? '').join('');
  return compare(letters(reference), letters(other)).map(([kind, text]) => ({
    side: SIDES[kind],
    text: spelt(text),
  }));
}
/** The letters that stand for words: clear of surrogates, which the comparison would keep together. */
const FIRST = 0x100;

/** What stands in one text instead of what stands in the other. */
interface Change {
  readonly reference: string;
  readonly other: string;
}

/** Neighbouring changes as one, also where only white space stands between them: whole phrases are exchanged. */
function changesOf(parts: readonly DifferencePart[]): readonly (Change | DifferencePart)[] {
  const found: (Change | DifferencePart)[] = [];
  for (const [at, part] of parts.entries()) {
    const last = found.at(-1);
    const isBetween = part.side === 'both' && /^\s+$/.test(part.text) && at + 1 < parts.length;
    if (part.side === 'both' && !(isBetween && last && 'other' in last && isExchange(last))) {
      found.push(part);
      continue;
    }
    const change = last && 'other' in last ? last : { reference: '', other: '' };
    if (change === last) found.pop();
    found.push({
      reference: change.reference + (part.side === 'other' ? '' : part.text),
      other: change.other + (part.side === 'reference' ? '' : part.text),
    });
  }
  return found;
}

const isExchange = ({ reference, other }: Change): boolean => /\S/.test(reference) && /\S/.test(other);

/** A change character by character where the two are alike, word by word where they have as many, else whole. */
function refined({ reference, other }: Change): readonly DifferencePart[] {
  if (isAlike(reference, other))
    return compare(reference, other).map(([kind, text]) => ({ side: SIDES[kind], text }));
  const [ours, theirs] = [reference.match(TOKEN) ?? [], other.match(TOKEN) ?? []];
  if (
    ours.length === theirs.length &&
    ours.some((word, at) => /\S/.test(word) && isAlike(word, theirs[at] ?? ''))
  )
    return ours.flatMap((word, at) => refined({ reference: word, other: theirs[at] ?? '' }));
  const whole: readonly DifferencePart[] = [
    { side: 'reference', text: reference },
    { side: 'other', text: other },
  ];
  return whole.filter(({ text }) => text !== '');
}

/** Whether two stretches are spellings of the same: at least half of the longer one is in its place in the other. */
function isAlike(one: string, other: string): boolean {
  if (one === other || fold(one).replaceAll(' ', '') === fold(other).replaceAll(' ', '')) return true;
  const most = Math.max(one.length, other.length);
  const short = one.length < other.length ? one : other;
  let before = 0;
  while (before < short.length && one[before] === other[before]) before += 1;
  let behind = 0;
  while (behind < short.length - before && one.at(-1 - behind) === other.at(-1 - behind)) behind += 1;
  if ((before + behind) * 2 >= most) return true;
  // An abbreviation, with or without its stop.
  const stem = short.replace(/\.$/, '');
  return stem.length >= 2 && /^\p{L}+$/u.test(stem) && (one + other).length > 3 && before >= stem.length;
}

/** Neighbours of one side as one, and of a change what the reference has first. */
function joined(parts: readonly DifferencePart[]): readonly DifferencePart[] {
  const found: DifferencePart[] = [];
  for (const part of parts) {
    const last = found.at(-1);
    if (last?.side === part.side) found[found.length - 1] = { side: part.side, text: last.text + part.text };
    else if (part.text) found.push(part);
  }
  return found;
}
