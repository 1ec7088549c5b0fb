import type { OfOthers, VisitorSearch } from '#core/agreement';
import type { Finding } from '#core/fault';
import { valuesOf, type ReadItem } from '#core/item';
import { readTelephone } from '#core/phone';
import { recordFromItem, placeShown, type Reading } from '#core/reading';
import { countryOf } from '#core/record';
import { notVisible, seenOtherwise } from './disagreement.ts';

/** More numbers of one business are not held against what its page shows. */
const MOST = 10;

/**
 * The numbers that a business is told to have besides its first, each held against what the page shows. `others` are
 * those of the page's other businesses.
 */
export const judgeFurtherNumbers = (
  reading: Reading,
  own: readonly ReadItem[],
  others: OfOthers,
  search: VisitorSearch,
): readonly Finding[] =>
  own.flatMap((item) => {
    const values = valuesOf(item, 'telephone').slice(0, MOST);
    const country = countryOf(recordFromItem(item));
    const dialled = values.map((value) =>
      value.kind === 'text' ? (readTelephone(value.text, country).telephone?.e164 ?? '') : '',
    );
    return values.flatMap((value, at) => {
      if (!reading.visible || at === 0 || value.kind !== 'text' || !dialled[at]) return [];
      const elsewhere = [...others.numbers, ...dialled.filter((number) => number !== dialled[at])];
      const seen = search.findTelephone(value.text, country, {
        others: { ...others, numbers: new Set(elsewhere) },
      });
      if (seen.agreement === 'missing') return [notVisible(value.text, value.place, 'telephone')];
      if (seen.agreement !== 'different' || !seen.at) return [];
      const place = placeShown(reading.visible, reading, seen.at);
      const told = { text: value.text, place: value.place, property: 'telephone' };
      return [seenOtherwise(told, { text: seen.text, place })];
    });
  });
