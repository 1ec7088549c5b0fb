import { fault, type Fault } from '#core/fault';
import { isDate, isMachineTime, machineDate, machineTime, saysClosed } from '#core/hours';

/** A date, or a date with a time (ISO 8601); `said` is what was probably meant, where that is known. */
export function judgeDate(text: string, said = ''): readonly Fault[] {
  if (isDate(text.slice(0, 10)) && /^.{10}(T\d{2}:\d{2}(:\d{2}(\.\d+)?)?(Z|[+-]\d{2}:?\d{2})?)?$/.test(text))
    return [];
  const meant = said || machineDate(text) || '2026-12-25';
  return [
    fault('value/date', `“${text}” is no date a machine can read. Write year, month and day: ${meant}.`),
  ];
}

/** A time of the day (ISO 8601); one that is closed, or that ends a whole day, is told how that is written. */
export function judgeTime(text: string, endsDay = false): readonly Fault[] {
  if (isMachineTime(text)) return [];
  const mended = endsDay ? '23:59' : machineTime(text);
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
