import { tzOffset } from '@date-fns/tz';
import { spansOn, type Schedule } from './special.ts';
import { minutesOf } from './time.ts';

export interface OpenState {
  readonly open: boolean;
  /** When that changes next, milliseconds since the epoch; undefined where it does not within two weeks. */
  readonly changes: number | undefined;
}

const DAY_MS = 86_400_000;
const MINUTE_MS = 60_000;

/** Whether a text is a time zone of the IANA database that this machine knows. */
export function isTimeZone(text: string): boolean {
  try {
    new Intl.DateTimeFormat('en', { timeZone: text });
    return text !== '';
  } catch {
    return false;
  }
}

/** What clocks in a time zone show at an instant, as if it were UTC, milliseconds. */
const wallClock = (instant: number, timeZone: string): number =>
  instant + tzOffset(timeZone, new Date(instant)) * MINUTE_MS;

/** The instant at which clocks show a time; where a clock change skips it, the instant of the change. */
function instantOf(wall: number, timeZone: string): number {
  let instant = wall - (wallClock(wall, timeZone) - wall);
  instant += wall - wallClock(instant, timeZone);
  return wallClock(instant, timeZone) > wall ? instant - (wallClock(instant, timeZone) - wall) : instant;
}

/** The instant at which clocks in a zone show a local date and time ("2026-03-29T02:30"). */
export const instantAt = (local: string, timeZone: string): number =>
  instantOf(Date.parse(`${local}Z`), timeZone);

/**
 * Whether a place is open at an instant (milliseconds since the epoch) and when that changes next, with
 * exceptions, public holidays, spans past midnight and clock changes. undefined where its hours or time zone are not
 * known.
 */
export function openAt(schedule: Schedule, timeZone: string, instant: number): OpenState | undefined {
  if (!isTimeZone(timeZone)) return undefined;
  const today = Math.floor(wallClock(instant, timeZone) / DAY_MS) * DAY_MS;
  const stretches: { from: number; until: number }[] = [];
  let known = false;
  for (let at = -1; at <= 14; at += 1) {
    const midnight = today + at * DAY_MS;
    const spans = spansOn(schedule, new Date(midnight).toISOString().slice(0, 10));
    known ||= spans !== undefined;
    for (const { opens, closes } of spans ?? []) {
      const [opening, closing] = [minutesOf(opens), minutesOf(closes)];
      // 23:59 is how a day that goes on into the next is written.
      const end = closing <= opening ? closing + 1440 : closing === 1439 ? 1440 : closing;
      stretches.push({
        from: instantOf(midnight + opening * MINUTE_MS, timeZone),
        until: instantOf(midnight + end * MINUTE_MS, timeZone),
      });
    }
  }
  if (!known) return undefined;
  stretches.sort((a, b) => a.from - b.from);
  let until = instant;
  let open = false;
  for (const stretch of stretches) {
    if (stretch.from <= until && stretch.until > until) {
      open = true;
      until = stretch.until;
    }
  }
  const last = stretches.at(-1)?.until ?? instant;
  if (open) return { open, changes: until >= last && last > instant + 13 * DAY_MS ? undefined : until };
  return { open, changes: stretches.find(({ from }) => from > instant)?.from };
}

/** "open, closes in 2 h 10 min": the state in words, measured from the instant. */
export function openText({ open, changes }: OpenState, instant: number): string {
  const what = open ? 'Open' : 'Closed';
  if (changes === undefined)
    return open ? 'Open, around the clock' : 'Closed, and no opening within two weeks';
  const left = Math.max(1, Math.round((changes - instant) / MINUTE_MS));
  const [daysLeft, hoursLeft, minutesLeft] = [
    Math.floor(left / 1440),
    Math.floor((left % 1440) / 60),
    left % 60,
  ];
  const words = daysLeft
    ? `${String(daysLeft)} d${hoursLeft ? ` ${String(hoursLeft)} h` : ''}`
    : `${hoursLeft ? `${String(hoursLeft)} h` : ''}${hoursLeft && minutesLeft ? ' ' : ''}${minutesLeft ? `${String(minutesLeft)} min` : ''}`;
  return `${what}, ${open ? 'closes' : 'opens'} in ${words}`;
}
