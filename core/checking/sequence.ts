import { finding, type Finding } from '#core/fault';
import { isDate } from '#core/hours';
import { eachItem, itemsOf, valuesOf, type ReadItem } from '#core/item';
import type { Place } from '#core/text';
import { areOf } from '#core/vocabulary';

/**
 * What has an order: dates of which one comes before the other, dates that cannot lie behind `today` (ISO 8601, '' for
 * unknown), and the positions of a list (schema.org/position).
 */
export const judgeSequence = (items: readonly ReadItem[], today: string): readonly Finding[] =>
  eachItem(items).flatMap(({ item }) => [
    ...ordered(item),
    ...(today ? [...toCome(item, today), ...over(item, today)] : []),
    ...positions(item),
  ]);

/** The later of two, by the earlier. */
const LATER = Object.entries({
  datePublished: ['dateModified'],
  dateCreated: ['datePublished', 'dateModified'],
  startDate: ['endDate'],
  availabilityStarts: ['availabilityEnds'],
  foundingDate: ['dissolutionDate'],
  birthDate: ['deathDate'],
});

interface Day {
  /** ISO 8601. */
  readonly date: string;
  readonly place: Place;
}

/** A date by its day, where it is written as one. */
function dayOf(item: ReadItem, name: string): Day | undefined {
  const [value] = valuesOf(item, name);
  if (value?.kind !== 'text') return undefined;
  const date = value.text.trim().slice(0, 10);
  return isDate(date) ? { date, place: value.place } : undefined;
}

/** So many days before it comes out a text may have been changed last. */
const WRITTEN_AHEAD = 92;

const ordered = (item: ReadItem): readonly Finding[] =>
  LATER.flatMap(([earlier, laters]) => {
    const first = dayOf(item, earlier);
    return laters.flatMap((later) => {
      const second = first && dayOf(item, later);
      if (!second || first.date <= second.date) return [];
      const days = `${later} is ${second.date}, and ${earlier} ${first.date}`;
      const isPost =
        earlier === 'datePublished' &&
        Date.parse(first.date) - Date.parse(second.date) <= WRITTEN_AHEAD * DAY_MS;
      const message = isPost
        ? `${days}: it was changed last before it came out, as what was written ahead is. Where it was not, one of them is wrong.`
        : /^date(?:Created|Published)$/.test(earlier)
          ? `${days}: it came before that. One of them is wrong.`
          : `${days}: it was over before it began. One of them is wrong.`;
      return [
        finding(isPost ? 'value/date-modified' : 'value/date-order', message, second.place, later, {
          related: [{ message: earlier, place: first.place }],
        }),
      ];
    });
  });

/** What was done when it is dated. */
const DONE = [
  'datePublished',
  'dateModified',
  'dateCreated',
  'uploadDate',
  'foundingDate',
  'birthDate',
  'reviewDate',
];

const toCome = (item: ReadItem, today: string): readonly Finding[] =>
  DONE.flatMap((name) => {
    const day = dayOf(item, name);
    // Somewhere it is tomorrow already.
    if (!day || day.date <= dayAfter(today)) return [];
    return [
      finding('value/date-order', `${name} is ${day.date}, a day that is yet to come.`, day.place, name),
    ];
  });

/** What an offer or an event ends with, the last one first. */
const ENDS: readonly (readonly [type: string, ends: readonly string[], days: number])[] = [
  ['Offer', ['priceValidUntil', 'validThrough', 'availabilityEnds'], 1],
  ['Event', ['endDate', 'startDate'], 31],
];

/** What is over for some days: an offer that nobody can take, an event that nobody can go to. */
const over = (item: ReadItem, today: string): readonly Finding[] =>
  ENDS.flatMap(([type, ends, days]) => {
    const name = ends.find((one) => valuesOf(item, one).length > 0);
    const day = name && areOf(item.types, type) ? dayOf(item, name) : undefined;
    if (!day || daysBefore(today, days) <= day.date) return [];
    const message = `${name ?? ''} is ${day.date}: this is over, and search engines show it no more. Take it out, or give the next one.`;
    return [finding('value/past', message, day.place, name ?? null)];
  });

const daysBefore = (today: string, days: number): string =>
  new Date(Date.parse(today) - days * DAY_MS).toISOString().slice(0, 10);

const DAY_MS = 86_400_000;
const dayAfter = (today: string): string => daysBefore(today, -1);

/** The places in a list: whole numbers from 1 on, each once. */
function positions(list: ReadItem): readonly Finding[] {
  const seen = new Set<string>();
  return itemsOf(list, 'itemListElement').flatMap((element) => {
    const [value] = valuesOf(element, 'position');
    if (value?.kind !== 'text') return [];
    const position = value.text.trim();
    const isTaken = seen.has(position);
    seen.add(position);
    if (/^[1-9]\d*$/.test(position) && !isTaken) return [];
    const message = isTaken
      ? `Two parts of the list stand at position ${position}. A machine cannot tell which comes first.`
      : `“${position}” is no position in a list, which are counted from 1 on.`;
    return [finding('value/position', message, value.place, 'position')];
  });
}
