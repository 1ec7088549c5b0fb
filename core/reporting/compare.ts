import type { Finding } from '#core/fault';
import { fits, type Ignore } from '#core/checking';

/** A finding of a kept check: with its page and the characters it was about. */
export interface KeptFinding {
  readonly page: string;
  readonly finding: Finding;
  readonly excerpt: string;
}

/** What became of the findings between two checks. */
export interface Comparison<T> {
  readonly gone: readonly T[];
  readonly new: readonly T[];
  readonly still: readonly T[];
  /** Those of before that are ignored now: nobody has mended them. */
  readonly ignored: readonly T[];
}

/**
 * Compares two checks. A finding is still there where the later check has one of the same code, property and
 * characters on the same page, wherever on the page that is now.
 */
export function compareFindings<T extends KeptFinding>(
  before: readonly T[],
  after: readonly T[],
  ignores: readonly Ignore[] = [],
): Comparison<T> {
  const keyOf = ({ page, finding: { code, property }, excerpt }: T): string =>
    [page, code, property ?? '', excerpt].join('\n');
  const left = new Map<string, T[]>();
  for (const one of before) left.set(keyOf(one), [...(left.get(keyOf(one)) ?? []), one]);
  const [fresh, still]: [T[], T[]] = [[], []];
  for (const one of after) (left.get(keyOf(one))?.shift() ? still : fresh).push(one);
  const isIgnored = ({ page, finding: { code }, excerpt }: T): boolean =>
    ignores.some((ignore) => fits(ignore, code, page, excerpt));
  const missing = [...left.values()].flat();
  return {
    gone: missing.filter((one) => !isIgnored(one)),
    new: fresh,
    still,
    ignored: missing.filter(isIgnored),
  };
}
