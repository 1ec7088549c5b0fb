import type { Hours } from '#core/hours';
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
}

export const seenAt = (match: Pick<RegExpExecArray, 0 | 'index'>, agreement: Agreement): Seen => ({
  text: match[0],
  agreement,
  at: { start: match.index, end: match.index + match[0].length },
});
