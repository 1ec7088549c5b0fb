import { dayNamed, days, readDay, readOpeningHoursText, writeDay, type Day, type Hours } from '#core/hours';
import { valuesOf, type ReadItem } from '#core/item';
import type { Place } from '#core/text';

/**
 * Where markup says the hours that a visitor sees otherwise: the time of the first day that differs, or what says the
 * hours of that day. Undefined where the markup says nothing of it.
 */
export function placeOfHours(item: ReadItem, told: Hours, shown: Hours): Place | undefined {
  const differing = days.filter((day) => spansOf(told[day]) !== spansOf(shown[day]));
  let whole: Place | undefined;
  for (const { name, value, place } of item.properties) {
    if (name === 'openingHours' && value.kind === 'text') {
      const read = readOpeningHoursText(value.text);
      if (differing.some((day) => read?.days.includes(day))) return value.place;
    }
    if (name !== 'openingHoursSpecification' || value.kind !== 'item') continue;
    const day = differing.find((one) => daysOf(value.item).includes(one));
    const time =
      day && (isClosed(shown[day]) ? placeOfDay(value.item, day) : placeOfTime(value.item, shown[day]));
    // Of a day in two spans the other may be the one that is shown.
    if (time) return time;
    if (day) whole ??= place;
  }
  return whole;
}

const isClosed = (hours: string): boolean => (readDay(hours).spans ?? []).length === 0;
/** The same for a day of which nothing is said as for one that is closed. */
const spansOf = (hours: string): string => writeDay(readDay(hours).spans ?? []);

const daysOf = (specification: ReadItem): readonly (Day | undefined)[] =>
  valuesOf(specification, 'dayOfWeek').map((value) =>
    dayNamed(value.kind === 'text' ? value.text : (value.item.id ?? '')),
  );

/** Where a day is named beside others that are told rightly. */
function placeOfDay(specification: ReadItem, day: Day): Place | undefined {
  const named = specification.properties.filter(({ name }) => name === 'dayOfWeek');
  const value = named[daysOf(specification).indexOf(day)]?.value;
  return named.length > 1 && value?.kind === 'text' ? value.place : undefined;
}

/** The end of a span that no span a visitor sees has. */
function placeOfTime(specification: ReadItem, shown: string): Place | undefined {
  const { spans = [] } = readDay(shown);
  const isShown = (end: 'opens' | 'closes', text: string): boolean =>
    spans.some((span) => span[end] === text.trim().slice(0, 5));
  const wrong = (['opens', 'closes'] as const).flatMap((end) => {
    const [value] = valuesOf(specification, end);
    return value?.kind === 'text' && !isShown(end, value.text) ? [value.place] : [];
  });
  // Where both differ, or none does, it is the whole that is told otherwise.
  return wrong.length === 1 ? wrong[0] : undefined;
}
