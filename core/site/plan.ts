import * as z from 'zod';
import { checkReading } from '#core/checking';
import { placeTreated, removeFromBytes, type PlacedForm, type Placing } from '#core/page';
import { readSource, type Reading } from '#core/reading';
import type { BusinessRecord } from '#core/record';
import { decodeText } from '#core/encoding';

/** What is done to a page. */
export type PageAct =
  | (Placing & { readonly do: 'place' })
  /** Takes off what was placed: of one form, or all of it. */
  | { readonly do: 'remove'; readonly form: PlacedForm | null };

/** What machines read on a page, and what is wrong with it. */
export const pageJudgementSchema = z.object({
  must: z.number(),
  should: z.number(),
  items: z.object({ jsonld: z.number(), microdata: z.number(), rdfa: z.number() }),
});
type PageJudgement = Readonly<z.infer<typeof pageJudgementSchema>>;

/** What acts make of a page. */
export interface PagePlan {
  /** The page as it will be; the very bytes that came where nothing changes. */
  readonly bytes: Uint8Array;
  /** The acts' forms that stand on it then, those that were adopted left out. */
  readonly placed: readonly PlacedForm[];
  readonly told: readonly string[];
  /** Why the page is left alone; ''. */
  readonly problem: string;
  readonly before: PageJudgement;
  readonly after: PageJudgement;
}

/** Works out what acts make of a page: all of them, or, where one cannot be done, none. `today` is ISO 8601. */
export function planPage(bytes: Uint8Array, url: string, acts: readonly PageAct[], today: string): PagePlan {
  const record = acts.flatMap((act) => (act.do === 'place' ? [act.record] : []))[0];
  const first = readSource(decodeText(bytes).text, url);
  const before = judged(first, record, today);
  let now: { bytes: Uint8Array; reading: Reading } = { bytes, reading: first };
  const [told, placed]: [string[], PlacedForm[]] = [[], []];
  for (const act of acts) {
    if (act.do === 'remove') {
      const removed = removeFromBytes(now.bytes, act.form ?? undefined);
      now = { bytes: removed, reading: readSource(decodeText(removed).text, url) };
      continue;
    }
    const treated = placeTreated(now.bytes, act, now.reading);
    if (!treated.ok) return { bytes, placed: [], told: [], problem: treated.message, before, after: before };
    told.push(...treated.told);
    if (!treated.adopted) placed.push(act.form);
    now = treated;
  }
  const isSame = now.bytes.length === bytes.length && now.bytes.every((byte, at) => byte === bytes[at]);
  if (isSame) return { bytes, placed, told, problem: '', before, after: before };
  return { bytes: now.bytes, placed, told, problem: '', before, after: judged(now.reading, record, today) };
}

function judged(reading: Reading, record: BusinessRecord | undefined, today: string): PageJudgement {
  const { summary } = checkReading(reading, { today, onlySaid: true, ...(record ? { record } : {}) });
  const count = (syntax: keyof PageJudgement['items']): number =>
    reading.items.filter((item) => item.syntax === syntax).length;
  return {
    must: summary.must,
    should: summary.should,
    items: { jsonld: count('jsonld'), microdata: count('microdata'), rdfa: count('rdfa') },
  };
}
