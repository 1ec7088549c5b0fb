import { fault, shortText, type Fault } from '#core/fault';
import {
  clockTime,
  earlyHour,
  isDate,
  isMachineTime,
  machineDate,
  machineMoment,
  machineTime,
  minutesOf,
  saysClosed,
  type Span,
} from '#core/hours';
import { textOf, type ReadItem } from '#core/item';

/** A date, or a date with a time (ISO 8601); `said` is what was probably meant, where that is known. */
export function judgeDate(text: string, said = ''): readonly Fault[] {
  if (isDate(text.slice(0, 10)) && /^.{10}(T\d{2}:\d{2}(:\d{2}(\.\d+)?)?(Z|[+-]\d{2}:?\d{2})?)?$/.test(text))
    return [];
  const meant = said || momentMeant(text) || '2026-12-25';
  const how = meant.includes('T') ? 'date and time with a T between them' : 'year, month and day';
  return [fault('value/date', `“${shortText(text)}” is no date a machine can read. Write ${how}: ${meant}.`)];
}

/** What is meant by a date, or a date with a time; '' where nobody can tell. */
export const momentMeant = (text: string): string => machineMoment(text) || machineDate(text);

/** A time of the day (ISO 8601); `mended` is what was probably meant. One that is closed is told how that is written. */
export function judgeTime(text: string, mended = machineTime(text)): readonly Fault[] {
  if (isMachineTime(text)) return [];
  if (saysClosed(text))
    return [
      fault(
        'value/time',
        `“${shortText(text)}” is no time a machine can read. A day that is closed opens at 00:00 and closes at 00:00.`,
      ),
    ];
  return [
    fault(
      'value/time',
      `“${shortText(text)}” is no time a machine can read. Write hours and minutes from 00:00 to 23:59${mended ? `: ${mended}` : ''}.`,
    ),
  ];
}

const NOON = 720;

/**
 * Whether a day's minutes tell of somebody who opens in the morning, closes before it and forgot that the afternoon has
 * other numbers. A bar that opens at eleven and closes at two is right.
 */
export const forgetsHalf = (from: number, until: number): boolean =>
  from >= 300 && from <= 600 && until < from && until >= 240 && until + NOON > from;

/** Whether a text says which half of the day it means. */
export const saysHalf = (text: string): boolean => /[ap]\.?\s?m/i.test(text);

/** The end that was meant of hours of a day that begins at `begins`, where the afternoon was forgotten; '' where it was not. */
export function closingMeant({ opens, closes }: Span, begins = minutesOf(opens)): string {
  const until = minutesOf(closes);
  return forgetsHalf(begins, until) && until + NOON > minutesOf(opens) ? clockTime(until + NOON) : '';
}

/** Whether a time of one to seven o'clock, its half of the day not written, is the page's of the afternoon: "3:00" of "15–18 Uhr". */
function isOfAfternoon(text: string, shown: string): boolean {
  const [, hour = ''] = /^([1-7])[:.]\d\d$/.exec(text.trim()) ?? [];
  const stands = (digits: string): boolean => new RegExp(`(?<!\\d)${digits}(?!\\d)`).test(shown);
  return hour !== '' && stands(String(Number(hour) + 12)) && !stands(`0?${hour}`);
}

/**
 * The time that a text means at the beginning or the end of hours; a guess where the half of the day was forgotten, or is
 * told by what the page shows.
 */
export function hoursEndMeant(
  item: ReadItem,
  end: 'opens' | 'closes',
  text: string,
  shown = '',
): { readonly time: string; readonly guess: boolean } {
  if (saysClosed(text)) return { time: '00:00', guess: false };
  const opens = textOf(item, 'opens').trim();
  const time = machineTime(end === 'closes' && isMachineTime(opens) ? earlyHour(opens, text) : text);
  // A day that is open around the clock ends a minute before midnight; any other ends at the next day's beginning.
  if (/^24(?!\d)/.test(text.trim()) && time === '00:00' && opens.startsWith('00:00'))
    return { time: '23:59', guess: false };
  if (isOfAfternoon(text, shown)) return { time: clockTime(minutesOf(time) + NOON), guess: true };
  const isHalf = end === 'closes' && isMachineTime(opens) && time !== '' && !saysHalf(text);
  const meant = isHalf ? closingMeant({ opens, closes: time }) : '';
  return { time: meant || time, guess: meant !== '' };
}
