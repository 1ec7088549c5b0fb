/**
 * A time of day as "HH:MM" from what people type: "9am", "5.30 pm", "17:00", "1730", "noon", "midnight".
 * A bare number is a time only where `bare` says on which half of the day it lies. '' for anything else.
 */
export function readTime(text: string, bare?: 'am' | 'pm' | '24'): string {
  const written = text.trim().toLowerCase().replace(/\s+/g, ' ');
  if (written === 'noon' || written === 'midday') return '12:00';
  if (written === 'midnight') return '00:00';
  const match = /^(\d{1,2})(?:[:.h]?(\d{2}))?\s*(am|pm|a\.m\.?|p\.m\.?)?$/.exec(written);
  if (!match) return '';
  const [, hourText = '', minuteText = '00', meridiem = ''] = match;
  const hour = Number(hourText);
  const minute = Number(minuteText);
  const half = meridiem ? (meridiem.startsWith('a') ? 'am' : 'pm') : match[2] ? '24' : bare;
  if (!half || minute > 59) return '';
  if (half === '24') return hour === 24 && minute === 0 ? '00:00' : hour < 24 ? clock(hour, minute) : '';
  if (hour < 1 || hour > 12) return '';
  return clock((hour % 12) + (half === 'pm' ? 12 : 0), minute);
}

const clock = (hour: number, minute: number): string =>
  `${String(hour).padStart(2, '0')}:${String(minute).padStart(2, '0')}`;

/** Whether a text is a time as machines want it: ISO 8601 hours, minutes, optionally seconds and zone. */
export function isMachineTime(text: string): boolean {
  // "09:00-05:00" is a span to whoever wrote it, not a time of a zone.
  if (/^\d{2}:\d{2}[+-]\d{2}:\d{2}$/.test(text)) return false;
  return /^([01]\d|2[0-3]):[0-5]\d(:[0-5]\d(\.\d+)?)?(Z|[+-]\d{2}:\d{2})?$/.test(text);
}

/** What the two halves of the day are called. */
export type Halves = readonly [am: string, pm: string];

/** "17:00" as visitors write it: "5:00 PM" on a 12-hour clock, "17:00" on a 24-hour one. */
export function showTime(time: string, hours: 12 | 24, [am, pm]: Halves = ['AM', 'PM']): string {
  if (hours === 24) return time;
  const [hour = 0, minute = 0] = time.split(':').map(Number);
  return `${String(hour % 12 || 12)}:${String(minute).padStart(2, '0')} ${hour < 12 ? am : pm}`;
}

/** Minutes since midnight of "HH:MM". */
export const minutesOf = (time: string): number => Number(time.slice(0, 2)) * 60 + Number(time.slice(3, 5));

/** "HH:MM" of minutes since midnight; what lies past the day's end is of the next. */
export const clockTime = (minutes: number): string => clock(Math.floor((minutes % 1440) / 60), minutes % 60);

/** Who opens earlier, or is open for longer, mistyped the end: "9:00-25:00". */
const [FIRST_OF_NIGHT, LONGEST_NIGHT] = [11, 16];

/**
 * "26:00" and "25.30", the end of a day that is told on past midnight, as times of the next day; any other end as it stands,
 * and that of a day that begins before eleven or would last for more than 16 hours.
 */
export const earlyHour = (from: string, until: string): string =>
  until.replace(/^\s*(2[4-9])[:.]?([0-5]\d)(?=\s*$)/, (whole, hour: string, minutes: string) => {
    const opens = Number.parseInt(from, 10);
    const isNight = opens >= FIRST_OF_NIGHT && Number(hour) - opens <= LONGEST_NIGHT;
    return hour + minutes === '2400' || !isNight ? whole : clock(Number(hour) - 24, Number(minutes));
  });
