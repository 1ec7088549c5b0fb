import type { Day, Hours } from '#core/hours';
import type { Agreement } from '#core/value';

/** What a visitor finds of a fact: the stretch of the visible text, and how it agrees. */
export interface Seen {
  readonly text: string;
  readonly agreement: Agreement;
  /** Offsets in the visible text, end exclusive; undefined where nothing was found. */
  readonly at: { readonly start: number; readonly end: number } | undefined;
  /** Offsets in the source, where a link carries it rather than the text. */
  readonly link?: { readonly start: number; readonly end: number };
  /** The opening hours that it says. */
  readonly hours?: Hours;
  /** Whether they stand behind a label or among sentences that were not understood, and may be of something else. */
  readonly isAmongOthers?: boolean;
  /** Days with hours that the only week of the page does not name. */
  readonly unnamed?: readonly Day[];
}

export const seenAt = (match: Pick<RegExpExecArray, 0 | 'index'>, agreement: Agreement): Seen => ({
  text: match[0],
  agreement,
  at: { start: match.index, end: match.index + match[0].length },
});

/** Quotes and brackets, each with what closes it. */
const PAIRS = ['«»', '»«', '“”', '„“', '„”', '‘’', '‹›', '""', '()', '[]', '（）', '「」', '『』', '【】'];

/** The words from `start` to `end` in another spelling, with the quote or bracket round some of them that would be cut off. */
export function seenWhole(text: string, start: number, end: number): Seen {
  const inner = text.slice(start, end);
  const count = (sign: string): number => inner.split(sign).length - 1;
  const isOdd = (open: string, close: string): boolean =>
    open === close ? count(open) % 2 === 1 : count(open) - count(close) === 1;
  const [before = '', behind = ''] = [text[start - 1], text[end]];
  const closes = PAIRS.some(([open = '', close = '']) => close === behind && isOdd(open, close));
  const opens = !closes && PAIRS.some(([open = '', close = '']) => open === before && isOdd(close, open));
  const at = { start: opens ? start - 1 : start, end: closes ? end + 1 : end };
  return { text: text.slice(at.start, at.end), agreement: 'written-differently', at };
}
