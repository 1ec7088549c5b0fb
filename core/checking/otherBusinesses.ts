import {
  describe,
  telephonesOf,
  type OfOthers,
  type Seen,
  type ThreeWayRow,
  type VisitorSearch,
  placeOfHours,
} from '#core/agreement';
import { foldAddress } from '#core/address';
import { finding, shortText, type Finding } from '#core/fault';
import { days, writeWeek } from '#core/hours';
import { itemsOf, type ReadItem } from '#core/item';
import { businessesIn, isPlaceOfBusiness, recordFromItem, placeShown, type Reading } from '#core/reading';
import { fold, remembered } from '#core/text';
import { countryOf, type BusinessRecord } from '#core/record';
import { notVisible } from './disagreement.ts';

/** More businesses of one page are not held against what it shows. */
const MOST = 100;

/** The local businesses of a page with their departments, which have numbers and hours of their own. */
export const placesIn = remembered((items: readonly ReadItem[]): readonly ReadItem[] =>
  businessesIn(items)
    .flatMap((item) => [item, ...itemsOf(item, 'department')])
    .slice(0, MOST),
);

const hasHours = ({ hours }: BusinessRecord): boolean => days.some((day) => hours[day]);

/** What the businesses of a page that are none of these tell of numbers and hours. */
export function ofOthers(items: readonly ReadItem[], own: readonly ReadItem[]): OfOthers {
  const records = placesIn(items)
    .filter((item) => !own.includes(item))
    .map(recordFromItem);
  return {
    numbers: new Set(records.flatMap(telephonesOf)),
    hours: records.filter(hasHours).map(({ hours }) => hours),
  };
}

/**
 * The further places of business of a page, held against what it shows: a number or hours behind their name, or a house
 * number, that are nobody's on the page, where their own are not shown. What stands in one place is told once.
 */
export function judgeOthers(
  reading: Reading,
  own: readonly ReadItem[],
  rows: readonly ThreeWayRow[],
  search: VisitorSearch,
): readonly Finding[] {
  const { items, visible } = reading;
  if (!visible) return [];
  const places = placesIn(items).filter(isPlaceOfBusiness);
  const wordsOf = places.map((item) => namedBy(recordFromItem(item)));
  const streets = places.map((item) => foldAddress(recordFromItem(item).address.streetAddress));
  const isSomeStreet = (text: string): boolean =>
    streets.some((street) => ` ${street} `.includes(` ${foldAddress(text)} `));
  const codes = new Set(places.map((item) => squeezed(recordFromItem(item).address.postalCode)));
  const told = new Set(
    rows.flatMap(({ visitor }) =>
      visitor.agreement === 'different' && visitor.place ? [visitor.place.start] : [],
    ),
  );
  return places.flatMap((item, nth) => {
    if (own.includes(item)) return [];
    const words = (wordsOf[nth] ?? []).filter((word) =>
      wordsOf.every((others, at) => at === nth || !others.includes(word)),
    );
    const read = recordFromItem(item);
    const stands = describe(item).places;
    const saidOf = new Set<string>();
    return seenOf(read, search, ofOthers(items, [item]), codes).flatMap(({ property, seen, said }) => {
      const { agreement, at, text } = seen;
      if (agreement === 'missing' && isOfAddressLine(property))
        return [notVisible(said, stands[property] ?? item.place, property)];
      if (agreement !== 'different' || !at || isSomeStreet(text)) return [];
      const before = fold(visible.text.slice(Math.max(0, at.start - NEAR), at.start));
      if (property !== 'streetAddress' && !words.some((word) => before.includes(word))) return [];
      const shown = placeShown(visible, reading, at);
      if (told.has(shown.start) || saidOf.has(property)) return [];
      told.add(shown.start);
      saidOf.add(property);
      const message = `A visitor sees “${shortText(text)}”, and of ${read.name || 'this business'} a machine is told “${shortText(said)}”.`;
      const related = [{ message: 'What a visitor sees', place: shown }];
      const place = seen.hours && placeOfHours(item, read.hours, seen.hours);
      return [
        finding('agreement/visitor', message, place ?? stands[property] ?? item.place, property, { related }),
      ];
    });
  });
}

/** What is a business's stands so many characters behind its name at most. */
const NEAR = 160;

/** The words that a business and its town go by. */
const namedBy = ({ name, address }: BusinessRecord): readonly string[] =>
  fold(`${name} ${address.addressLocality}`)
    .split(/[^\p{L}\p{N}]+/u)
    .filter((word) => word.length > 2);

interface Held {
  readonly property:
    'telephone' | 'streetAddress' | 'postalCode' | 'addressLocality' | 'openingHoursSpecification';
  readonly seen: Seen;
  readonly said: string;
}

const isOfAddressLine = (property: Held['property']): boolean =>
  property === 'streetAddress' || property === 'addressLocality';

/** A postal code without the blanks and dashes that people please to write. */
const squeezed = (code: string): string => code.replace(/[\s-]/g, '').toLowerCase();

/** What a page shows of a business; `codes` are the postal codes of all of them, squeezed. */
function seenOf(
  read: BusinessRecord,
  search: VisitorSearch,
  others: OfOthers,
  codes: ReadonlySet<string>,
): readonly Held[] {
  const { telephone, hours, address } = read;
  const country = countryOf(read);
  const held: Held[] = [];
  if (telephone) {
    const seen = search.findTelephone(telephone, country, { others, code: address.postalCode });
    held.push({ property: 'telephone', seen, said: telephone });
    // A number that two of them are said to have stands there for one of them at least.
    const own = telephonesOf(read);
    if (seen.agreement !== 'different' && own.some((number) => others.numbers.has(number)))
      for (const other of search.otherTelephones(country, new Set([...own, ...others.numbers])))
        held.push({ property: 'telephone', seen: other, said: telephone });
  }
  const { postalCode } = address;
  // Where its postal code stands, so does the line of its address.
  const isShown = postalCode !== '' && search.findCode(postalCode, country).agreement !== 'missing';
  if (postalCode && !isShown)
    for (const seen of search.otherCodes(country, postalCode, (code) => codes.has(squeezed(code))))
      held.push({ property: 'postalCode', seen, said: postalCode });
  // Another business's code may be shown where that stands.
  const beside = isShown && search.otherCodeBeside(address.streetAddress, postalCode, country);
  if (beside) held.push({ property: 'postalCode', seen: beside, said: postalCode });
  if (address.streetAddress) {
    const seen = search.findStreet(address.streetAddress, country);
    if (isShown || seen.agreement === 'different')
      held.push({ property: 'streetAddress', seen, said: address.streetAddress });
  }
  if (address.addressLocality && isShown)
    held.push({
      property: 'addressLocality',
      seen: search.findTown(address.addressLocality, country),
      said: address.addressLocality,
    });
  const week = hasHours(read) ? search.findHours(hours, country, others) : undefined;
  if (week) held.push({ property: 'openingHoursSpecification', seen: week, said: writeWeek(hours) });
  return held;
}
