import type { Finding, Grade } from '#core/fault';
import { applyEdits, changedLines } from '#core/text';

/** A mend or proposal, with the lines it changes at the moment it is its turn. */
export interface MendStep {
  /** What names it in the choices; equal for findings that say the same. */
  readonly key: string;
  readonly code: Finding['code'];
  readonly grade: Grade;
  readonly message: string;
  readonly certain: boolean;
  readonly before: string;
  readonly after: string;
}

/** What a checker says of a source. */
interface Checked {
  readonly findings: readonly Finding[];
}

/** A source with everything done that was chosen. */
export interface Mended<T extends Checked> {
  readonly source: string;
  /** What was done, in its order. */
  readonly taken: readonly MendStep[];
  /** What could be done still. */
  readonly left: readonly MendStep[];
  /** The check of the source as it is then. */
  readonly check: T;
}

/** What was chosen of the steps, by their keys. What is not named is taken, unless it is about a note only. */
export type MendChoices = Readonly<Record<string, boolean>>;

/** A page that lacks more than this is better written anew. */
const MOST_STEPS = 120;

/**
 * Does one mend that `check` offers after the other, the certain ones first, and reads the source anew after each,
 * so that every step is one that is offered by itself. A step that does not end what it was offered for is taken
 * back and left.
 */
export function mendAll<T extends Checked>(
  source: string,
  check: (source: string) => T,
  choices: MendChoices = {},
): Mended<T> {
  const taken: MendStep[] = [];
  const vain = new Set<string>();
  let [now, result] = [source, check(source)];
  for (;;) {
    const offered = result.findings.filter(({ mend }) => mend !== null);
    const wanted = offered.filter(
      (one) => !vain.has(keyOf(one)) && (choices[keyOf(one)] ?? one.grade !== 'note'),
    );
    const next = wanted.find(({ mend }) => mend?.certain) ?? wanted[0];
    if (!next?.mend || taken.length === MOST_STEPS)
      return { source: now, taken, left: offered.map((one) => stepOf(one, now)), check: result };
    const mended = applyEdits(now, next.mend.edits);
    const after = check(mended);
    if (alike(after.findings, next) >= alike(result.findings, next)) {
      vain.add(keyOf(next));
      continue;
    }
    taken.push(stepOf(next, now));
    [now, result] = [mended, after];
  }
}

const alike = (findings: readonly Finding[], next: Finding): number =>
  findings.filter((one) => keyOf(one) === keyOf(next)).length;

const keyOf = ({ code, property, message }: Finding): string => `${code} ${property ?? ''} ${message}`;

function stepOf(one: Finding, source: string): MendStep {
  const { code, grade, message, mend } = one;
  const lines = changedLines(source, mend?.edits ?? []);
  return { key: keyOf(one), code, grade, message, certain: mend?.certain ?? false, ...lines };
}
