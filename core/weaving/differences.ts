import type { RowFact } from '#core/agreement';
import { visibleTelephone } from '#core/markup';
import { readTelephone } from '#core/phone';
import type { Reading } from '#core/reading';
import { countryOf, factText, isFact, type BusinessRecord } from '#core/record';
import { attributeSpan } from '#core/html';
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
  return finds.flatMap((find): Difference[] => {
    const carrier = carrierOf({ source, visible, splits: false }, find.start, find.end);
    if (!carrier) return [];
    const { start, end, link } = carrier;
    const meant = meantFor(record, find.fact);
    // A blank that keeps words on one line looks like any other.
    if (find.agreement === 'written-differently' && evenBlanks(find.text) === evenBlanks(meant)) return [];
    const isOneText = !source.slice(start, end).includes('<');
    const href = link && find.fact === 'telephone' ? attributeSpan(source, link, 'href') : undefined;
    const dialled = readTelephone(record.telephone, countryOf(record)).telephone?.e164;
    const edits: Edit[] = [{ start, end, text: escapeHtml(meant) }];
    if (href && dialled && /^\s*tel:/i.test(link?.attributes['href'] ?? ''))
      edits.push({ start: href.start, end: href.end, text: `tel:${dialled}` });
    return [
      {
        isSpelling: find.agreement === 'written-differently',
        fact: find.fact,
        shown: find.text,
        meant,
        place: lines.place(start, end),
        edits: isOneText ? edits : null,
      },
    ];
  });
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

const meantFor = (record: BusinessRecord, fact: RowFact): string =>
  fact === 'telephone' ? visibleTelephone(record) : isFact(fact) ? factText(record, fact).trim() : '';
