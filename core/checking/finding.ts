import * as z from 'zod';
import { faultTable, gradeOf, gradeOrder, gradeSchema, isFaultCode, type FaultCode } from '#core/fault';
import { editSchema, placeSchema } from '#core/text';

const codeSchema = z.custom<FaultCode>((code) => typeof code === 'string' && isFaultCode(code));

/** One thing the checker has to say about a source. */
export const findingSchema = z.object({
  code: codeSchema,
  grade: gradeSchema,
  message: z.string(),
  /** The property it is about; null where it is about none. */
  property: z.string().nullable(),
  place: placeSchema,
  /** Edits of the source that put it right; null where no mend is certain. */
  mend: z.object({ edits: z.array(editSchema) }).nullable(),
});
export type Finding = Readonly<z.infer<typeof findingSchema>>;

/** A finding with the grade its code has in the table. */
export function finding(
  code: FaultCode,
  message: string,
  place: Finding['place'],
  property: string | null = null,
  edits: readonly { start: number; end: number; text: string }[] | null = null,
): Finding {
  return { code, grade: gradeOf(code), message, property, place, mend: edits ? { edits: [...edits] } : null };
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

/** The page docs/findings.md: every code with its grade, meaning and source. */
export function findingsPage(): string {
  const rows = Object.entries(faultTable).map(
    ([code, { grade, meaning, source }]) => `| \`${code}\` | ${grade} | ${meaning} | ${source} |`,
  );
  return [
    '# Findings',
    '',
    'Made from the table in `core/fault/table.ts` by `npm run docs`. Codes are stable: they are never renamed.',
    '**must**: a machine reads it wrong or not at all. **should**: poorer than it could be, or against the guidelines. **note**: worth knowing.',
    '',
    '| code | grade | what it says | after |',
    '| --- | --- | --- | --- |',
    ...rows,
    '',
  ].join('\n');
}
