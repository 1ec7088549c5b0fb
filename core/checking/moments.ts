import { fault, type Fault } from '#core/fault';
import { isDate, isMachineTime, readDay, saysClosed } from '#core/hours';

/** A date, or a date with a time (ISO 8601). */
export function judgeDate(text: string): readonly Fault[] {
  if (isDate(text.slice(0, 10)) && /^.{10}(T\d{2}:\d{2}(:\d{2}(\.\d+)?)?(Z|[+-]\d{2}:?\d{2})?)?$/.test(text))
    return [];
  const meant = machineDate(text) || '2026-12-25';
  return [
    fault('value/date', `“${text}” is no date a machine can read. Write year, month and day: ${meant}.`),
  ];
}

/** A time of the day (ISO 8601); one that is closed is told how that is written. */
export function judgeTime(text: string): readonly Fault[] {
  if (isMachineTime(text)) return [];
  const mended = machineTime(text);
  if (saysClosed(text))
    return [
      fault(
        'value/time',
        `“${text}” is no time a machine can read. A day that is closed opens at 00:00 and closes at 00:00.`,
      ),
    ];
  return [
    fault(
      'value/time',
      `“${text}” is no time a machine can read. Write hours and minutes from 00:00 to 23:59${mended ? `: ${mended}` : ''}.`,
    ),
  ];
}

/** The year first, in whatever way: with dashes of typography, strokes, stops, or the signs of Chinese and Korean. */
const YEAR_FIRST =
  /^(\d{4}) ?[-./\u2010-\u2015\u2212年년] ?(\d{1,2}) ?[-./\u2010-\u2015\u2212月월] ?(\d{1,2}) ?[.日일]?$/;

/**
 * A date whose order nobody can mistake, as ISO 8601: the year first, days with a stop behind them, or one past the
 * twelfth; else ''.
 */
export function machineDate(text: string): string {
  const two = (number: string | number): string => String(number).padStart(2, '0');
  const fromYear = YEAR_FIRST.exec(text);
  if (fromYear) {
    const [, written = '', month = '', day = ''] = fromYear;
    const date = `${written}-${two(month)}-${two(day)}`;
    return isDate(date) ? date : '';
  }
  const [, first = '', mark = '', second = '', year = ''] =
    /^(\d{1,2})([./-]) ?(\d{1,2})\2 ?(\d{4})$/.exec(text) ?? [];
  const [one, other] = [Number(first), Number(second)];
  const [day, month] = mark === '.' || one > 12 ? [one, other] : other > 12 ? [other, one] : [0, 0];
  const date = `${year}-${two(month)}-${two(day)}`;
  return day > 0 && isDate(date) ? date : '';
}

/** The time that was certainly meant, as "HH:MM"; '' where it is not certain. */
export function machineTime(text: string): string {
  const written = text.trim().replace(/^T(?=\d{2}:)/, '');
  if (isMachineTime(written)) return written;
  const { spans } = readDay(`${written} - 23:58`);
  return spans?.[0]?.opens ?? '';
}
