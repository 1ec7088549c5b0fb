import { expect, test } from '@jest/globals';
import { check } from './index.ts';

/** The mends of hours that close before they open; '' for one without. */
const meant = (properties: object): readonly string[] =>
  check(JSON.stringify({ '@context': 'https://schema.org', '@type': 'Store', name: 'A', ...properties }))
    .findings.filter(({ code }) => code === 'value/hours-backwards')
    .map(({ mend }) => mend?.edits.map(({ text }) => text).join() ?? '');

test.each([
  ['Mo-Fr 09:00-05:00', ['"Mo-Fr 09:00-17:00"']],
  ['Mo 12:00-12:00', ['']],
  ['Mo-Fr 09:00-12:00,13:00-05:00', ['"Mo-Fr 09:00-12:00,13:00-17:00"']],
  ['Mo-Su 00:00-00:00', []],
  ['Mo-Fr 17:00-02:00', []],
  ['Fr-Sa 18:00-04:00', []],
  ['Mo-Fr 12:00-15:00,18:00-05:00', []],
  ['Mo-Fr 09:00-17:00', []],
])('openingHours “%s”', (openingHours, mends) => expect(meant({ openingHours })).toEqual(mends));

test.each([
  ['Mo-Fr 09:00 - 05:00', '"Mo-Fr 09:00-17:00"'],
  ['Mo-Fr 09:00–12:00, 13:00–05:00', '"Mo-Fr 09:00-12:00,13:00-17:00"'],
  ['Mo-Fr 18:00 - 02:00', '"Mo-Fr 18:00-02:00"'],
  ['Mo-Fr 6 am - 5 am', '"Mo-Fr 06:00-05:00"'],
])('and the mend of their form brings none: %s', (openingHours, meant) => {
  const source = JSON.stringify({ '@context': 'https://schema.org', '@type': 'Store', openingHours });
  const mend = check(source).findings.find(({ code }) => code === 'value/hours')?.mend;
  expect(mend?.edits.map(({ text }) => text)).toEqual([meant]);
});

test('hours behind a break end on the same day', () => {
  const day = (dayOfWeek: readonly string[], opens: string, closes: string): object => ({
    ...{ '@type': 'OpeningHoursSpecification', dayOfWeek, opens, closes },
  });
  const week = ['Monday', 'Tuesday'];
  const all = (...days: readonly object[]): object => ({ openingHoursSpecification: days });
  expect(meant(all(day(week, '09:00', '12:00'), day(week, '13:00', '05:00')))).toEqual(['"17:00"']);
  expect(meant(all(day(week, '12:00', '15:00'), day(week, '18:00', '05:00')))).toEqual([]);
  expect(meant(all(day(['Monday'], '09:00', '12:00'), day(['Friday'], '13:00', '05:00')))).toEqual([]);
});

test('of thousands of hours as many are compared as a business may have', () => {
  const openingHours = Array.from({ length: 3000 }, (_, at) => `Mo 09:00-${String(10 + (at % 8))}:00`);
  const source = JSON.stringify({
    '@context': 'https://schema.org',
    '@type': 'Store',
    name: 'A',
    openingHours,
  });
  const { findings, threeWay } = check(source);
  const told = findings.filter(({ code }) => code === 'value/hours-contradiction');
  const places = told.flatMap(({ related }) => related).length;
  expect(places).toBeGreaterThan(100);
  expect(places).toBeLessThan(1000);
  const [week] = threeWay.filter(({ property }) => property.startsWith('openingHours'));
  expect(week?.markup[0]?.text.split(', ')).toHaveLength(50);
});
