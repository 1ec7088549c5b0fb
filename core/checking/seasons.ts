import { placeOfHours, type OfOthers, type VisitorSearch } from '#core/agreement';
import { finding, shortText, type Finding } from '#core/fault';
import { datesOf, days, emptyHours, readWeek, writeWeek, type Hours, type SpecialHours } from '#core/hours';
import { textOf, type ReadItem, type ReadProperty } from '#core/item';
import { recordFromItem, placeShown, type Reading } from '#core/reading';
import { countryOf } from '#core/record';

/** Hours for fewer days are an exception, which pages tell in words. */
const SHORTEST_DAYS = 21;
const DAY_MS = 86_400_000;
/** No business has more seasons. */
const MOST = 6;

/** The hours of one stretch of dates. */
interface Season {
  readonly from: string;
  readonly hours: Hours;
}

/**
 * The hours of seasons held against those that the page shows: one that none of them agrees with, where others are
 * shown that neither the week nor another season agrees with. Which hours are of which season nobody can tell for
 * certain, so that it is a note.
 */
export const judgeSeasons = (
  reading: Reading,
  own: readonly ReadItem[],
  others: OfOthers,
  search: VisitorSearch,
): readonly Finding[] =>
  own.flatMap((item) => {
    const record = recordFromItem(item);
    const seasons = seasonsOf(record.specialHours);
    return seasons.flatMap((season) => {
      const known = [record.hours, ...seasons.filter((one) => one !== season).map(({ hours }) => hours)];
      const elsewhere = { ...others, hours: [...others.hours, ...known] };
      const seen = search.findHours(season.hours, countryOf(record), elsewhere);
      if (!reading.visible || !seen?.at || !seen.hours || !/^(?:different|partly)$/.test(seen.agreement))
        return [];
      const place = placeShown(reading.visible, reading, seen.at);
      const told = { ...item, properties: item.properties.filter((one) => isOf(one, season)) };
      return [
        finding(
          'agreement/hours-among-others',
          `A visitor sees “${shortText(seen.text)}”, a machine is told “${writeWeek(season.hours)}” from ${season.from} on. If both are of one season, one of them is wrong.`,
          placeOfHours(told, season.hours, seen.hours) ?? told.properties[0]?.place ?? item.place,
          'openingHoursSpecification',
          { related: [{ message: 'What a visitor sees', place }] },
        ),
      ];
    });
  });

function seasonsOf(specials: readonly SpecialHours[]): readonly Season[] {
  const seasons = new Map<string, Season>();
  for (const special of specials) {
    const dates = datesOf(special);
    if (!dates || Date.parse(dates.through) - Date.parse(dates.from) < SHORTEST_DAYS * DAY_MS) continue;
    const { hours } = readWeek(special.hours);
    const key = `${dates.from} ${dates.through}`;
    const before = seasons.get(key)?.hours ?? emptyHours;
    const whole = Object.fromEntries(days.map((day) => [day, hours[day] || before[day]])) as Hours;
    seasons.set(key, { from: dates.from, hours: whole });
  }
  const open = [...seasons.values()].filter(({ hours }) => days.some((day) => /\d/.test(hours[day])));
  return open.slice(0, MOST);
}

const isOf = ({ name, value }: ReadProperty, { from }: Season): boolean =>
  name === 'openingHoursSpecification' &&
  value.kind === 'item' &&
  textOf(value.item, 'validFrom').trim().startsWith(from);
