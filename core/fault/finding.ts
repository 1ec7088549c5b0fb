import * as z from 'zod';
import { editSchema, placeSchema, type Edit } from '#core/text';
import { gradeOf, gradeOrder, gradeSchema } from './fault.ts';
import { isFaultCode, type FaultCode } from './table.ts';

const codeSchema = z.custom<FaultCode>((code) => typeof code === 'string' && isFaultCode(code));

/** One thing the checker has to say about a source. */
export const findingSchema = z.object({
  code: codeSchema,
  grade: gradeSchema,
  message: z.string(),
  /** The property it is about; null where it is about none. */
  property: z.string().nullable(),
  place: placeSchema,
  /**
   * Edits of the source that put it right; null where there are none to offer. `certain` is false where what
   * was meant is a guess.
   */
  mend: z.object({ edits: z.array(editSchema), certain: z.boolean() }).nullable(),
  /** Other places it is about, such as the second of two that contradict each other; `page` where on another. */
  related: z
    .array(z.object({ message: z.string(), place: placeSchema, page: z.string().optional() }))
    .default([]),
});
export type Finding = Readonly<z.infer<typeof findingSchema>>;

/** A finding about a page as part of its site, or about a branch without a page (`url` is '' then). */
export interface SiteFinding {
  readonly url: string;
  readonly finding: Finding;
}

/** What a finding may have beside its code, message and place. */
export interface FindingDetails {
  readonly edits?: readonly Edit[] | null;
  /** The edits are only what was probably meant. */
  readonly guess?: boolean;
  readonly related?: Finding['related'];
}

/** A finding with the grade its code has in the table. */
export function finding(
  code: FaultCode,
  message: string,
  place: Finding['place'],
  property: string | null = null,
  { edits = null, guess = false, related = [] }: FindingDetails = {},
): Finding {
  const mend = edits && edits.length > 0 ? { edits: [...edits], certain: !guess } : null;
  return { code, grade: gradeOf(code), message, property, place, mend, related };
}

/** A text as a message shows it: on one line, at most 160 characters. */
export function shortText(text: string): string {
  const line = text.replace(/\s+/g, ' ');
  return line.length > 160 ? `${line.slice(0, 159)}…` : line;
}

/** How many findings there are of each grade. */
export interface Summary {
  readonly must: number;
  readonly should: number;
  readonly note: number;
}

export function summarise(findings: readonly Finding[]): Summary {
  const summary = { must: 0, should: 0, note: 0 };
  for (const { grade } of findings) summary[grade] += 1;
  return summary;
}

/** The worst first, then in the order of the source. */
export const byGradeAndPlace = (a: Finding, b: Finding): number =>
  gradeOrder[a.grade] - gradeOrder[b.grade] || a.place.start - b.place.start;

/** The place in the list of the smallest finding round an offset, or else of the first one in its line; -1 for none. */
export function nearestFinding(findings: readonly Finding[], source: string, offset: number): number {
  let best = -1;
  let smallest = Infinity;
  for (const [at, { place }] of findings.entries()) {
    const size = place.end - place.start;
    if (place.start <= offset && offset <= place.end && size < smallest) {
      best = at;
      smallest = size;
    }
  }
  if (best >= 0) return best;
  const start = source.lastIndexOf('\n', offset - 1) + 1;
  const behind = source.indexOf('\n', offset);
  const end = behind < 0 ? source.length : behind;
  return findings.findIndex(({ place }) => place.start >= start && place.start <= end);
}
