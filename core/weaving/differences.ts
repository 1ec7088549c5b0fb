import { comparedOf, type RowFact } from '#core/agreement';
import { visibleTelephone } from '#core/markup';
import type { Reading } from '#core/reading';
import { countryOf, factText, isFact, type BusinessRecord } from '#core/record';
import { linkLed } from '#core/mending';
import { escapeHtml, type Edit, type Place } from '#core/text';
import { carrierOf } from './carrier.ts';
import type { Find } from './finding.ts';

/** A text that visitors read otherwise than the record says it. */
export interface Difference {
  readonly fact: RowFact;
  readonly shown: string;
  /** The record's own, as it is written for people. */
  readonly meant: string;
  readonly place: Place;
  /** Whether it is the same in another spelling, and no other fact. */
  readonly isSpelling: boolean;
  /** What puts the text right, and the link behind it; null where it runs over several elements. */
  readonly edits: readonly Edit[] | null;
}

/** What the page shows instead of the record's facts, with the edits that put it right. */
export function differences(
  reading: Reading,
  record: BusinessRecord,
  finds: readonly Find[],
): readonly Difference[] {
  const { source, visible, lines } = reading;
  if (!visible) return [];
  return finds.flatMap((found): Difference[] => {
    const meant = meantFor(record, found.fact);
    const find = widened(visible.text, found, meant);
    const carrier = carrierOf({ source, visible, splits: false }, find.start, find.end);
    if (!carrier) return [];
    const { start, end, link } = carrier;
    // A blank that keeps words on one line looks like any other.
    if (find.agreement === 'written-differently' && evenBlanks(find.text) === evenBlanks(meant)) return [];
    const isOneText = !source.slice(start, end).includes('<');
    const shown: Edit = { start, end, text: escapeHtml(meant) };
    const edits = link ? [...linkLed(source, link, meant, countryOf(record)), shown] : [shown];
    return [
      {
        isSpelling: find.agreement === 'written-differently',
        fact: find.fact,
        shown: find.text,
        meant,
        place: lines.place(start, end),
        edits: isOneText && isFact(find.fact) ? edits : null,
      },
    ];
  });
}

/** A find with what stands beside it and is of what is meant: "LV-" of "LV-1050", "Shop" of "Shop 4, Block C". */
function widened(text: string, find: Find, meant: string): Find {
  const isSeam = (at: number): boolean => !/[\p{L}\p{N}]{2}/u.test(meant.slice(at - 1, at + 1));
  const seams = Array.from(meant, (_, at) => at).filter((at) => at > 0 && isSeam(at));
  const isBefore = (part: string): boolean =>
    part.length <= find.start && text.startsWith(part, find.start - part.length);
  const before = seams.findLast(
    (at) => isBefore(meant.slice(0, at)) && !find.text.startsWith(meant.slice(0, at)),
  );
  const behind = seams.find(
    (at) => text.startsWith(meant.slice(at), find.end) && !find.text.endsWith(meant.slice(at)),
  );
  const start = find.start - (before ?? 0);
  const end = find.end + (behind === undefined ? 0 : meant.length - behind);
  return { ...find, start, end, text: text.slice(start, end) };
}

const evenBlanks = (text: string): string => text.replace(/\s+/g, ' ');

/** Finds that say a fact in another spelling. Numbers are written in many ways, all of them right. */
export const misspelt = (finds: readonly Find[]): readonly Find[] =>
  finds.filter(({ fact, agreement }) => agreement === 'written-differently' && !NUMBERS.has(fact));
const NUMBERS: ReadonlySet<string> = new Set([
  'telephone',
  'faxNumber',
  'address.addressRegion',
  'address.addressCountry',
]);

/** A fact as a record writes it for people. */
export const meantFor = (record: BusinessRecord, fact: RowFact): string =>
  fact === 'telephone'
    ? visibleTelephone(record)
    : isFact(fact)
      ? factText(record, fact).trim()
      : (comparedOf(fact)?.show(record) ?? '');
