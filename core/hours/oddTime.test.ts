import { describe, expect, test } from '@jest/globals';
import { emptyHours, oddTimeIn, type Hours } from './index.ts';

const told: Hours = { ...emptyHours, Monday: '09:00-14:00, 16:00-20:00', Saturday: '10:00-13:30' };
const odd = (line: string, hours = told): string => {
  const found = oddTimeIn(line, hours);
  return found ? line.slice(found.start, found.end) : '';
};

describe('the odd time of hours that cannot be read', () => {
  test.each([
    ['Lunes: 9:00–14:00 y 16:00–28:00', '28:00'],
    ['Lunes: 9:00–14:00 y 15:00–20:00', '15:00'],
    ['Lunes de 9:00 a 24:30 h', '24:30 h'],
    ['Mon 9 AM – 2 PM, 14 PM – 8 PM', '14 PM'],
    ['Montag 9–14, 16 bis 29 Uhr, Samstag 10–13.30', '29'],
    ['Sáb. 10h–13h75', '13h75'],
    ['月 9:00～14:00 / 16:00～30:00', '30:00'],
  ])('%s: %s', (line, time) => expect(odd(line)).toBe(time));

  test.each([
    ['all are told', 'Mon 9–2, 4 PM–8 PM, Sat 10:00–1:30 pm'],
    ['two are odd', 'Mon 9:00–15:00 and 16:00–21:00'],
    ['too little agrees', 'Mon 9:00–19:00'],
    ['nothing agrees, though no clock shows it', 'Fri 11:00–28:00'],
    ['it is no time of day', 'Mon 9–14, 16–20, open 24/7, 1–15.7.2026, call 030-28 30'],
  ])('none where %s', (_, line) => expect(odd(line)).toBe(''));

  test('none where nothing is told', () => expect(odd('Mon 9:00–28:00', emptyHours)).toBe(''));
});
