import { finding, type Finding } from '#core/fault';
import type { Edit, Place } from '#core/text';
import {
  clockTime,
  dayNamed,
  isDate,
  isMachineTime,
  machineDate,
  minutesOf,
  readOpeningHoursText,
  type Day,
  type Span,
} from '#core/hours';
import { eachItem, textOf, valuesOf, type ReadItem, type ReadValue } from '#core/item';
import { recordFromItem } from '#core/reading';
import { gradeHours } from '#core/value';
import { closingMeant, forgetsHalf } from './moments.ts';
import { instead } from './spot.ts';

/** Specifications of hours: halves that are missing, ends before beginnings, days that contradict each other. */
export function judgeHours(item: ReadItem): readonly Finding[] {
  const own = valuesOf(item, 'openingHoursSpecification').flatMap((value) =>
    value.kind === 'item' ? [value.item] : [],
  );
  return [
    ...incomplete(item),
    ...contradicting(inSpecifications(own), 'dayOfWeek'),
    ...afterBreak(inSpecifications(own)),
    ...contradicting(inTexts(item), 'openingHours'),
    ...backwardsInTexts(item),
    ...againstText(item),
  ];
}

/** Days that went by longer ago than this say nothing to anybody. */
const LONG_PAST_DAYS = 30;
const DAY_MS = 86_400_000;
const [NOON, MIDNIGHT] = [720, 1440];

/** Hours that held through a day long past `today` (both ISO 8601), told once for an item. */
export function judgePast(items: readonly ReadItem[], today: string): readonly Finding[] {
  const latest = new Date(Date.parse(today) - LONG_PAST_DAYS * DAY_MS).toISOString().slice(0, 10);
  return eachItem(items).flatMap(({ item }) => {
    const [first, ...others] = item.properties.flatMap(({ name, value }) =>
      /^(?:specialO|o)peningHoursSpecification$/.test(name) && value.kind === 'item'
        ? untilBefore(value.item, latest)
        : [],
    );
    if (!first) return [];
    const message = `These hours held until ${first.until}, which is long past. Take them out, or give those of the coming days.`;
    const related = others.map(({ until, place }) => ({ message: `Until ${until}`, place }));
    return [finding('value/hours-past', message, first.place, 'validThrough', { related })];
  });
}

function untilBefore(item: ReadItem, latest: string): readonly { until: string; place: Finding['place'] }[] {
  const until = (textOf(item, 'validThrough') || textOf(item, 'validFrom')).trim().slice(0, 10);
  return isDate(until) && until < latest ? [{ until, place: item.place }] : [];
}

/** Where a property's value stands; the item where it has none. */
function placeOfValue(item: ReadItem, name: string): Place {
  const [value] = valuesOf(item, name);
  return value?.kind === 'text' ? value.place : item.place;
}

function incomplete(item: ReadItem): readonly Finding[] {
  if (!item.types.includes('OpeningHoursSpecification')) return [];
  const [opens, closes] = [textOf(item, 'opens').trim(), textOf(item, 'closes').trim()];
  const missing = opens && !closes ? 'closes' : closes && !opens ? 'opens' : '';
  if (missing)
    return [
      finding(
        'value/hours-incomplete',
        `${missing} is missing: hours need both their ends.`,
        item.place,
        missing,
      ),
    ];
  // A date in another form is told as that, and means what it means.
  const dateOf = (name: string): string => {
    const text = textOf(item, name).trim();
    return isDate(text.slice(0, 10)) ? text.slice(0, 10) : machineDate(text) || text;
  };
  const [begins, ends] = [dateOf('validFrom'), dateOf('validThrough')];
  if (isDate(begins) && isDate(ends) && ends < begins)
    return [
      finding(
        'value/date-order',
        `These hours hold from ${begins} and end on ${ends}, before they begin.`,
        placeOfValue(item, 'validThrough'),
        'validThrough',
        { related: [{ message: 'Where they begin', place: placeOfValue(item, 'validFrom') }] },
      ),
    ];
  if (opens && closes && !begins && !ends && valuesOf(item, 'dayOfWeek').length === 0)
    return [
      finding(
        'value/hours-no-day',
        'These hours name no day, so that they are taken for every day, or for none. Name the days in dayOfWeek.',
        item.place,
        'dayOfWeek',
      ),
    ];
  if (!isMachineTime(opens) || !isMachineTime(closes)) return [];
  const [value] = valuesOf(item, 'closes');
  const closing = value?.kind === 'text' ? value : undefined;
  return backwards({ opens, closes }, closing?.place ?? item.place, 'closes', (meant) =>
    closing ? instead(closing, meant) : null,
  );
}

/** Hours that close before they open, of a day that begins at `begins`. Midnight to midnight is a day that is closed. */
function backwards(
  { opens, closes }: Span,
  place: Place,
  property: string,
  mend: (meant: string) => Edit[] | null,
  begins = minutesOf(opens),
): readonly Finding[] {
  if (minutesOf(opens) === minutesOf(closes) && minutesOf(opens) > 0) {
    const message = `It opens and closes at ${opens}, so that a machine takes it for open all day, or never.`;
    return [finding('value/hours-backwards', message, place, property)];
  }
  const meant = closingMeant({ opens, closes }, begins);
  if (!meant) return [];
  const message = `It opens at ${opens} and closes at ${closes} of the next morning. ${meant} was probably meant.`;
  return [finding('value/hours-backwards', message, place, property, { edits: mend(meant), guess: true })];
}

/** The same in texts such as "Mo-Fr 09:00-05:00". */
const backwardsInTexts = (item: ReadItem): readonly Finding[] =>
  valuesOf(item, 'openingHours').flatMap((value) => {
    const read = value.kind === 'text' ? readOpeningHoursText(value.text) : undefined;
    if (value.kind !== 'text' || !read) return [];
    const { text, place } = value;
    const begins = Math.min(...read.spans.map(({ opens }) => minutesOf(opens)));
    return read.spans.flatMap((span) =>
      backwards(
        span,
        place,
        'openingHours',
        (meant) => instead(value, text.replace(`${span.opens}-${span.closes}`, `${span.opens}-${meant}`)),
        begins,
      ),
    );
  });

/** The short form of the hours beside the long one, saying something else. */
function againstText(item: ReadItem): readonly Finding[] {
  const texts = item.properties.flatMap(({ name, value }) =>
    name === 'openingHours' && value.kind === 'text' ? [value] : [],
  );
  const [first] = texts;
  const apart = (name: string): ReadItem => ({
    ...item,
    properties: item.properties.filter((one) => !/^openingHours/.test(one.name) || one.name === name),
  });
  if (!first || valuesOf(item, 'openingHoursSpecification').length === 0) return [];
  const [short, long] = ['openingHours', 'openingHoursSpecification'].map(
    (name) => recordFromItem(apart(name)).hours,
  );
  if (!short || !long || gradeHours(short, long) !== 'different') return [];
  return [
    finding(
      'value/hours-contradiction',
      `openingHours says “${first.text}”, openingHoursSpecification something else. A machine cannot tell which is right.`,
      first.place,
      'openingHours',
    ),
  ];
}

/** Hours of a day as one place says them, in minutes since midnight. */
interface Said {
  readonly day: Day;
  readonly from: number;
  readonly until: number;
  readonly place: Finding['place'];
  /** What says when it closes, where that stands by itself. */
  readonly closes?: Extract<ReadValue, { kind: 'text' }> | undefined;
}

const saidOf = (day: Day, { opens, closes }: Span, place: Finding['place']): Said => {
  const [from, end] = [minutesOf(opens), minutesOf(closes)];
  return { day, from, until: end < from ? end + 1440 : end, place };
};

/** What specifications say that hold always. */
const inSpecifications = (specifications: readonly ReadItem[]): readonly Said[] =>
  specifications.flatMap((item) => {
    const [opens, closes] = [textOf(item, 'opens').trim(), textOf(item, 'closes').trim()];
    const isAlways = !textOf(item, 'validFrom') && !textOf(item, 'validThrough');
    if (!isMachineTime(opens) || !isMachineTime(closes) || !isAlways) return [];
    return valuesOf(item, 'dayOfWeek').flatMap((value) => {
      const day = value.kind === 'text' ? dayNamed(value.text) : undefined;
      const [closing] = valuesOf(item, 'closes');
      return day
        ? [
            {
              ...saidOf(day, { opens, closes }, item.place),
              closes: closing?.kind === 'text' ? closing : undefined,
            },
          ]
        : [];
    });
  });

/** What texts such as "Mo-Fr 09:00-17:00" say. */
const inTexts = (item: ReadItem): readonly Said[] =>
  valuesOf(item, 'openingHours').flatMap((value) => {
    const read = value.kind === 'text' ? readOpeningHoursText(value.text) : undefined;
    if (value.kind !== 'text' || !read) return [];
    return read.days.flatMap((day) => read.spans.map((span) => saidOf(day, span, value.place)));
  });

function contradicting(hours: readonly Said[], property: string): readonly Finding[] {
  const all = hours.slice(0, MOST_HOURS);
  const found: Finding[] = [];
  const known = new Map<Day, Said[]>();
  for (const one of all) {
    const others = known.get(one.day) ?? [];
    known.set(one.day, [...others, one]);
    const { from, until, place } = one;
    const other = others.find(
      (said) =>
        said.place !== place &&
        ((from < said.until && said.from < until) || (from === until) !== (said.from === said.until)),
    );
    // Two that say the same say it once too often, and contradict nobody.
    const isSame = other?.from === from && other.until === until;
    if (!other || isSame || found.some((told) => told.place === place)) continue;
    const overnight =
      (other.closes && isForgottenHalf(other, one) && other) ||
      (one.closes && isForgottenHalf(one, other) && one);
    if (overnight) {
      if (!found.some((told) => told.place === overnight.closes?.place)) found.push(...overHours(overnight));
      continue;
    }
    const message = `${one.day} stands twice with hours that cannot both be right. A machine cannot tell which is.`;
    const related = [{ message: 'The other', place: other.place }];
    found.push(finding('value/hours-contradiction', message, place, property, { related }));
  }
  return found;
}

/** Whether hours that end on the next morning, over others of the day, would end before those twelve hours earlier. */
const isForgottenHalf = ({ from, until }: Said, other: Said): boolean =>
  until > MIDNIGHT && from < until - NOON && until - NOON <= other.from;

/** No business has more hours than this: what is more is not compared. */
const MOST_HOURS = 500;

/** Hours behind a break that end on the next morning, of a day that began in the morning: 9–12 and 13–5. */
const afterBreak = (hours: readonly Said[]): readonly Finding[] => {
  const all = hours.slice(0, MOST_HOURS);
  const late = all.filter(({ day, from, until }) =>
    all.some(
      (other) =>
        other.day === day &&
        other.until <= from &&
        until > MIDNIGHT &&
        until - NOON > from &&
        forgetsHalf(other.from, until - MIDNIGHT),
    ),
  );
  return late
    .filter(({ place }, at) => late.findIndex((one) => one.place === place) === at)
    .flatMap(overHours);
};

function overHours({ from, until, closes }: Said): readonly Finding[] {
  if (!closes) return [];
  const meant = clockTime(until - NOON);
  const message = `It opens at ${clockTime(from)} and closes at ${clockTime(until - MIDNIGHT)} of the next morning, beside other hours of the day. ${meant} was probably meant.`;
  const edits = instead(closes, meant);
  return [finding('value/hours-backwards', message, closes.place, 'closes', { edits, guess: true })];
}
