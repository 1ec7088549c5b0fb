import { placeOfHours, telephonesOf, VisitorSearch, type Seen } from '#core/agreement';
import { finding, shortText, type Finding } from '#core/fault';
import { days, writeWeek } from '#core/hours';
import { placeOfText, type ReadItem } from '#core/item';
import { recordFromItem, placeShown, type Reading } from '#core/reading';
import { countryOf, type BusinessRecord } from '#core/record';
import type { Place } from '#core/text';
import { placesIn } from './otherBusinesses.ts';

/** More businesses of one page are not held against their sections of it. */
const MOST = 30;

/** A business, and the stretch of the visible text from its street to the next one's. */
interface Section {
  readonly item: ReadItem;
  readonly read: BusinessRecord;
  readonly start: number;
  readonly search: VisitorSearch;
}

/**
 * Where a page shows several businesses one below the other, each is held against its own section: a number or hours
 * that the page shows, but of another of them. Told only where the sections are sure: every business's street stands
 * once, and every section has its one number, or its week.
 */
export function judgeSections(reading: Reading, search: VisitorSearch): readonly Finding[] {
  const { items, visible, document } = reading;
  const places = placesIn(items).filter((item) => recordFromItem(item).address.streetAddress !== '');
  if (!visible || places.length < 2 || places.length > MOST) return [];
  const found = places.flatMap((item) => {
    const read = recordFromItem(item);
    const { streetAddress } = read.address;
    const { agreement, at } = search.findStreet(streetAddress, countryOf(read));
    if (!at || agreement === 'different' || agreement === 'missing') return [];
    // What stands twice begins no section for certain.
    const written = visible.text.slice(at.start, at.end);
    return visible.text.includes(written, at.end) ? [] : [{ item, read, start: at.start }];
  });
  const starts = found.map(({ start }) => start).sort((a, b) => a - b);
  if (found.length < places.length || new Set(starts).size < starts.length) return [];
  const sections = found.map((one): Section => {
    const next = starts.find((start) => start > one.start) ?? visible.text.length;
    const text = visible.text.slice(one.start, next);
    return { ...one, search: new VisitorSearch({ text, pieces: [] }, document) };
  });
  const tell = (
    { read, start }: Section,
    property: string,
    said: string,
    seen: Seen,
    place: Place,
  ): Finding[] => {
    if (!seen.at) return [];
    const at = { start: start + seen.at.start, end: start + seen.at.end };
    const beside = shortText(read.address.streetAddress);
    const message = `Beside “${beside}” a visitor sees “${shortText(seen.text)}”, and of ${read.name || 'this business'} a machine is told “${shortText(said)}”.`;
    const related = [{ message: 'What a visitor sees', place: placeShown(visible, reading, at) }];
    return [finding('agreement/visitor', message, place, property, { related })];
  };
  const [first = 0] = starts;
  const before = visible.text.slice(Math.max(0, first - BEFORE_STREET), first);
  const above = new VisitorSearch({ text: before, pieces: [] }, document);
  return [...exchangedNumbers(sections, search, tell), ...exchangedHours(sections, above, tell)];
}

/** What is a business's stands so many characters before its street at most. */
const BEFORE_STREET = 300;

type Tell = (section: Section, property: string, said: string, seen: Seen, place: Place) => Finding[];

/** Numbers that stand in one another's sections, each once. */
function exchangedNumbers(sections: readonly Section[], page: VisitorSearch, tell: Tell): readonly Finding[] {
  const told = sections.map(({ read }) => telephonesOf(read));
  const all = told.flat();
  if (told.some(({ length }) => length !== 1) || new Set(all).size < all.length) return [];
  const [country = '', ...others] = new Set(sections.map(({ read }) => countryOf(read)));
  if (others.length > 0) return [];
  const onPage = page.telephones(country).filter(({ e164 }) => all.includes(e164));
  if (onPage.length !== all.length) return [];
  const shown = sections.map(({ search }) =>
    search.telephones(country).filter(({ e164 }) => all.includes(e164)),
  );
  if (shown.some(({ length }) => length !== 1)) return [];
  return sections.flatMap((section, nth) => {
    const [own] = told[nth] ?? [];
    const [seen] = shown[nth] ?? [];
    if (!seen || seen.e164 === own) return [];
    const place = placeOfText(section.item, 'telephone');
    return tell(section, 'telephone', section.read.telephone, { ...seen, agreement: 'different' }, place);
  });
}

/** Hours of a section that are not those that its business is told to have, where one of both weeks is another's. */
function exchangedHours(sections: readonly Section[], above: VisitorSearch, tell: Tell): readonly Finding[] {
  const [first] = sections;
  if (!first || !sections.every(({ read }) => days.some((day) => read.hours[day]))) return [];
  // Hours above the first street are those of its business, and what stands below it is the next one's.
  if (above.findHours(first.read.hours, countryOf(first.read))?.agreement !== 'missing') return [];
  const seen = sections.map(({ search, read }) => search.findHours(read.hours, countryOf(read)));
  if (!seen.every((one) => one?.hours)) return [];
  // A week that is nobody's on the page is told without sections.
  const told = new Set(sections.map(({ read }) => writeWeek(read.hours)));
  const shownWeeks = new Set(seen.flatMap((one) => (one?.hours ? [writeWeek(one.hours)] : [])));
  const isOfSome = ({ hours }: Seen, read: BusinessRecord): boolean =>
    (hours !== undefined && told.has(writeWeek(hours))) || shownWeeks.has(writeWeek(read.hours));
  return sections.flatMap((section, nth) => {
    const shown = seen[nth];
    if (shown?.agreement !== 'different' || shown.isAmongOthers || !isOfSome(shown, section.read)) return [];
    const place =
      (shown.hours && placeOfHours(section.item, section.read.hours, shown.hours)) ??
      placeOfText(section.item, 'openingHours');
    return tell(section, 'openingHoursSpecification', writeWeek(section.read.hours), shown, place);
  });
}
