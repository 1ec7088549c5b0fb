import { jsonLd } from '#core/markup';
import { judgeRecord, type BusinessRecord, type Fact, type FactFault } from '#core/record';
import { check } from './check.ts';

/**
 * What a machine would find wrong with the values of a record once it is written: what a check tells of its JSON-LD with
 * every fact in it, told of the facts. Facts that `judgeRecord` finds wrong by themselves are left to it. `today` is
 * ISO 8601.
 */
export function judgeWritten(record: BusinessRecord, today: string): readonly FactFault[] {
  const { text, spans } = jsonLd({ ...record, output: null });
  const judged = new Set(judgeRecord(record).flatMap((one) => (one.grade === 'note' ? [] : [one.fact])));
  const told = new Set<string>();
  return check(text, { today }).findings.flatMap(({ code, grade, message, place }) => {
    // How it is written is ours: only values are the record's own.
    if (!code.startsWith('value/')) return [];
    const fact = smallestAt(spans, place);
    if (!fact || judged.has(fact) || told.has(`${fact} ${message}`)) return [];
    told.add(`${fact} ${message}`);
    return [{ fact, code, grade, message }];
  });
}

/** The fact that says the least of what a place touches. */
function smallestAt(
  spans: ReturnType<typeof jsonLd>['spans'],
  { start, end }: { readonly start: number; readonly end: number },
): Fact | undefined {
  const touched = spans.filter((span) => span.start < end && start < span.end);
  return touched.reduce<(typeof spans)[number] | undefined>(
    (least, span) => (least && least.end - least.start <= span.end - span.start ? least : span),
    undefined,
  )?.fact;
}
