import { fault, type Fault } from '#core/fault';
import { isDate, isMachineTime, machineDate, machineTime, saysClosed } from '#core/hours';

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
