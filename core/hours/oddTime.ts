import { remembered } from '#core/text';
import type { Hours } from './hours.ts';

/** A time of day as people write it: its hour, its minutes, its half of the day. */
const TIME = String.raw`(\d{1,2})(?:\s?[:.h]\s?(\d{2})(?!\d))?(?:\s?h(?!\p{L}))?\s?(a\.?\s?m|p\.?\s?m)?(?!\p{L}{2}|\d)\.?`;
/** From one to another: a stroke or a short word stands between them. */
const SPAN = new RegExp(
  String.raw`(?<![\d.,:/#+–-])${TIME}(\s?(?:[–—~〜～-]|\s\p{L}{1,4}\s)\s?)${TIME}`,
  'giu',
);
const NOON = 12 * 60;

interface Shown {
  /** What it may mean, in minutes after midnight; none for what no clock shows. */
  readonly minutes: readonly number[];
  readonly start: number;
  readonly end: number;
}

/**
 * The one time in a line of hours that is none of those told, though the others are: "9:00–14:00, 16:00–28:00" beside
 * 09:00-14:00 and 16:00-20:00. For hours that cannot be read as a week; undefined where no time, or more than one, is
 * odd, and where too little agrees to say that these are the hours told.
 */
export function oddTimeIn(
  line: string,
  told: Hours,
): { readonly start: number; readonly end: number } | undefined {
  const shown = [...line.matchAll(SPAN)].flatMap(spanTimes);
  if (shown.length === 0) return undefined;
  const known = minutesTold(told);
  const isKnown = ({ minutes }: Shown): boolean => minutes.some((one) => known.has(one));
  const textOf = ({ start, end }: Shown): string => line.slice(start, end);
  const odd = shown.filter((one) => !isKnown(one));
  const [first] = odd;
  if (!first || odd.some((one) => textOf(one) !== textOf(first))) return undefined;
  const agreeing = new Set(shown.filter(isKnown).map(textOf)).size;
  return agreeing >= (first.minutes.length === 0 ? 1 : FEWEST_AGREEING) ? first : undefined;
}

const minutesTold = remembered(
  (told: Hours): ReadonlySet<number> =>
    new Set(
      Object.values(told).flatMap((spans) =>
        [...spans.matchAll(/(\d\d):(\d\d)/g)].map(
          ([, hour, minute]) => (Number(hour) * 60 + Number(minute)) % (2 * NOON),
        ),
      ),
    ),
);

/** A time that some clock shows may be of other hours; with so many others it is not. */
const FEWEST_AGREEING = 2;

function spanTimes(match: RegExpMatchArray): readonly Shown[] {
  const [whole, hour = '', minute, half, between = '', hourTo = '', minuteTo, halfTo] = match;
  const start = match.index ?? 0;
  const behind = whole.lastIndexOf(between + hourTo);
  return [
    { minutes: minutesOf(hour, minute, half), start, end: start + behind },
    {
      minutes: minutesOf(hourTo, minuteTo, halfTo),
      start: start + behind + between.length,
      end: start + whole.length,
    },
  ];
}

function minutesOf(hour: string, minute = '0', half?: string): readonly number[] {
  const [hours, minutes] = [Number(hour), Number(minute)];
  if (minutes > 59 || hours * 60 + minutes > 2 * NOON || (half && (hours > 12 || hours === 0))) return [];
  const inHalf = (hours % 12) * 60 + minutes;
  if (half) return [/^p/i.test(half) ? inHalf + NOON : inHalf];
  return hours > 12 ? [(hours * 60 + minutes) % (2 * NOON)] : [inHalf, inHalf + NOON];
}
