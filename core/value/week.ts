import {
  closedSpan,
  dayNamed,
  days,
  emptyHours,
  readOpeningHoursText,
  writeDay,
  writeSpecialWeek,
  type Day,
  type Hours,
  type Span,
  type SpecialHours,
} from '#core/hours';
import { itemsOf, textOf, valuesOf, type ReadItem } from '#core/item';

const isDated = (specification: ReadItem): boolean =>
  textOf(specification, 'validFrom').trim() !== '' || textOf(specification, 'validThrough').trim() !== '';

/** The span of a specification; undefined where it does not say both ends. */
function spanOf(specification: ReadItem): Span | undefined {
  const [opens, closes] = [
    textOf(specification, 'opens').trim().slice(0, 5),
    textOf(specification, 'closes').trim().slice(0, 5),
  ];
  return opens && closes ? { opens, closes } : undefined;
}

const daysNamedIn = (specification: ReadItem): readonly Day[] =>
  valuesOf(specification, 'dayOfWeek').flatMap((value) =>
    value.kind === 'text' ? (dayNamed(value.text) ?? []) : [],
  );

/** Nobody opens more often on a day: what is more is left out. */
const MOST_SPANS = 50;

/** Collects spans by day and writes each day as the record does. */
class Week {
  readonly #spans = new Map<Day, Span[]>();

  add(named: readonly Day[], span: Span): void {
    for (const day of named) {
      const known = this.#spans.get(day) ?? [];
      if (known.length < MOST_SPANS) this.#spans.set(day, [...known, span]);
    }
  }

  hours(): Hours {
    const written = [...this.#spans].map(([day, all]) => [day, writeSpans(all)] as const);
    return { ...emptyHours, ...Object.fromEntries(written) };
  }
}

/** The weekly hours that an item says in `openingHoursSpecification` and `openingHours`; dated ones are `specialHoursOf`. */
export function weekOf(item: ReadItem): Hours {
  const week = new Week();
  for (const specification of itemsOf(item, 'openingHoursSpecification')) {
    const span = isDated(specification) ? undefined : spanOf(specification);
    if (span) week.add(daysNamedIn(specification), span);
  }
  for (const value of valuesOf(item, 'openingHours')) {
    const read = value.kind === 'text' ? readOpeningHoursText(value.text) : undefined;
    for (const span of read?.spans ?? []) week.add(read?.days ?? [], span);
  }
  return week.hours();
}

/** What schema.org/DayOfWeek calls the days that are holidays for all. */
export const PUBLIC_HOLIDAYS = 'PublicHolidays';

/** The hours of public holidays that an item says, as one day's text; '' where it says none. */
export function publicHolidaysOf(item: ReadItem): string {
  const spans = itemsOf(item, 'openingHoursSpecification').flatMap((specification) => {
    const named = valuesOf(specification, 'dayOfWeek').some(
      (value) => value.kind === 'text' && value.text.trim().split('/').at(-1) === PUBLIC_HOLIDAYS,
    );
    return named && !isDated(specification) ? (spanOf(specification) ?? []) : [];
  });
  return spans.length > 0 ? writeSpans(spans) : '';
}

/** A day's spans as the record writes them. */
const writeSpans = (spans: readonly Span[]): string =>
  writeDay(
    spans.filter(({ opens, closes }) => opens !== closes).sort((a, b) => (a.opens < b.opens ? -1 : 1)),
  );

/** Dated exceptions: specifications with the same name and dates together. Without hours a place is closed. */
export function specialHoursOf(item: ReadItem): readonly SpecialHours[] {
  const found = new Map<string, { name: string; from: string; through: string; week: Week }>();
  for (const specification of [
    ...itemsOf(item, 'openingHoursSpecification'),
    ...itemsOf(item, 'specialOpeningHoursSpecification'),
  ]) {
    if (!isDated(specification)) continue;
    const [name = '', first = '', last = ''] = ['name', 'validFrom', 'validThrough'].map((one) =>
      textOf(specification, one).trim(),
    );
    const [from, through] = [(first || last).slice(0, 10), (last || first).slice(0, 10)];
    const key = `${name}\n${from}\n${through}`;
    const entry = found.get(key) ?? {
      name,
      from,
      through: through === from ? '' : through,
      week: new Week(),
    };
    const named = daysNamedIn(specification);
    entry.week.add(named.length > 0 ? named : days, spanOf(specification) ?? closedSpan);
    found.set(key, entry);
  }
  return [...found.values()].map(({ week, ...dates }) => ({
    ...dates,
    hours: writeSpecialWeek(week.hours()),
  }));
}
