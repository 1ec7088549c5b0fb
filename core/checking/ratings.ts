import { finding, type Finding } from '#core/fault';
import { textOf, valuesOf, type ReadItem } from '#core/item';
import { judgeRating } from '#core/price';
import type { Edit } from '#core/text';
import { countMeant, starsMeant } from '#core/value';
import { mendBeside } from './beside.ts';
import { propertiesMeant } from './meant.ts';
import type { TextValue } from './spot.ts';

/** A rating: its count, which may have words beside it, and its value on its scale. */
export function judgeRatingItem(item: ReadItem, source: string): readonly Finding[] {
  const mend = (name: string, value: TextValue, text: string): readonly Edit[] | null => {
    const property = item.properties.find((one) => one.name === name);
    return property ? mendBeside({ item, property, source }, value, text) : null;
  };
  const counts = (['reviewCount', 'ratingCount'] as const).flatMap((name) => {
    const [value] = valuesOf(item, name);
    return value?.kind === 'text' && value.text.trim() ? [{ name, value, text: value.text.trim() }] : [];
  });
  const worded = counts.flatMap(({ name, value, text }) => {
    const count = countMeant(text);
    if (!count) return [];
    const isGrouped = /^[\d.,]+$/.test(text);
    const message = `“${text}” is ${isGrouped ? 'no whole number' : 'no number'} to a machine. Write ${count}.`;
    return [
      finding('value/number', message, value.place, name, {
        edits: mend(name, value, count),
        guess: isGrouped,
      }),
    ];
  });
  const [first] = counts;
  const rating = {
    ratingValue: textOf(item, 'ratingValue'),
    count: first ? countMeant(first.text) || first.text : '',
    bestRating: textOf(item, 'bestRating'),
    worstRating: textOf(item, 'worstRating'),
  };
  const known = propertiesMeant(item);
  const odd = counts.filter(
    ({ text }) => !/\d/.test(text) || (!countMeant(text) && !Number.isInteger(Number(text))),
  );
  const oddCounts = odd.map(({ name, value, text }) =>
    finding(
      'value/number',
      `“${text}” is no whole number to a machine. Write how many there are.`,
      value.place,
      name,
    ),
  );
  const needsCount =
    odd.length === 0 &&
    item.types.includes('AggregateRating') &&
    !known.has('reviewCount') &&
    !known.has('ratingCount');
  const [value] = valuesOf(item, 'ratingValue');
  const meant = starsMeant(rating.ratingValue) || ofScale(rating.ratingValue, rating.bestRating);
  const isRight = judgeRating({ ...rating, ratingValue: meant }, needsCount).length === 0;
  const judged = judgeRating(rating, needsCount).map(({ code, message }) =>
    finding(code, message, value?.kind === 'text' ? value.place : item.place, 'ratingValue', {
      edits: value?.kind === 'text' && isRight ? mend('ratingValue', value, meant) : null,
    }),
  );
  return [...worded, ...oddCounts, ...judgeScale(item), ...judged];
}

/** The ends of a scale, which are numbers. */
const judgeScale = (item: ReadItem): readonly Finding[] =>
  (['bestRating', 'worstRating'] as const).flatMap((name) => {
    const [value] = valuesOf(item, name);
    const isOdd =
      value?.kind === 'text' && value.text.trim() !== '' && !/^\d+([.,]\d+)?$/.test(value.text.trim());
    const message = `“${isOdd ? value.text.trim() : ''}” is no number to a machine. Write the end of the scale alone, such as 5.`;
    return isOdd ? [finding('value/number', message, value.place, name)] : [];
  });

/** "4,5/5", "4.5 out of 5", "4,5 von 5": the value alone, where its scale is the one that machines take it for; ''. */
function ofScale(written: string, best: string): string {
  const [, value = '', , scale = ''] =
    /^(\d{1,2}([.,]\d{1,2})?)\s*(?:\/|\p{L}{1,3}(?:\s\p{L}{2})?)\s*(\d{1,3})$/u.exec(written.trim()) ?? [];
  return scale !== '' && scale === (best.trim() || '5') ? value.replace(',', '.') : '';
}
