import { expect, test } from '@jest/globals';
import { check } from './index.ts';

const week = '["Monday","Tuesday","Wednesday","Thursday","Friday","Saturday","Sunday"]';
const spec = (days: string, opens: string, closes: string, from = '', through = ''): string =>
  `{"@type":"OpeningHoursSpecification","dayOfWeek":${days},"opens":"${opens}","closes":"${closes}"${
    from && `,"validFrom":"${from}","validThrough":"${through}"`
  }}`;
const page = (specs: readonly string[], shown: string): string =>
  `<!doctype html><html lang="de"><h1>Strandbad Seeblick</h1><p>Uferweg 3, 78462 Konstanz</p>${shown}
<script type="application/ld+json">{"@context":"https://schema.org","@type":"SportsActivityLocation","name":"Strandbad Seeblick","address":{"@type":"PostalAddress","streetAddress":"Uferweg 3","addressLocality":"Konstanz","postalCode":"78462","addressCountry":"DE"},"openingHoursSpecification":[${specs.join()}]}</script>`;
const SHOWN =
  '<p>Mai bis September: täglich 9–20 Uhr</p><p>Oktober bis April: Sa–So 10–17 Uhr</p><p>Kasse: Mo–Fr 8–12 Uhr, Telefon Mo–Fr 8–12 Uhr</p>';
const summer = (closes: string, from = '2027-05-01', through = '2027-09-30'): string =>
  spec(week, '09:00', closes, from, through);
const winter = spec('["Saturday","Sunday"]', '10:00', '17:00', '2026-10-01', '2027-04-30');
const told = (source: string) =>
  check(source)
    .findings.filter(({ code }) => /^agreement\/(?:visitor|hours)/.test(code))
    .map(({ code, place }) => `${code} ${source.slice(place.start, place.end)}`);

test('the hours of a season that the page shows otherwise are a note at their time', () => {
  expect(told(page([summer('21:00'), winter], SHOWN))).toEqual(['agreement/hours-among-others "21:00"']);
});

test('a season in several parts is one', () => {
  const parts = [
    spec(
      '["Monday","Tuesday","Wednesday","Thursday","Friday"]',
      '09:00',
      '20:00',
      '2027-05-01',
      '2027-09-30',
    ),
    spec('["Saturday","Sunday"]', '09:00', '21:00', '2027-05-01', '2027-09-30'),
  ];
  expect(told(page([...parts, winter], SHOWN))).toEqual(['agreement/hours-among-others "21:00"']);
  expect(told(page([parts[0] ?? '', (parts[1] ?? '').replace('21:', '20:'), winter], SHOWN))).toEqual([]);
});

test.each([
  ['all seasons are right', [summer('20:00'), winter], SHOWN],
  [
    'one of them is the week without dates',
    [summer('20:00'), spec('["Saturday","Sunday"]', '10:00', '17:00')],
    SHOWN,
  ],
  ['the page shows the other season alone', [summer('21:00'), winter], '<p>Sa–So 10–17 Uhr</p>'],
  ['the page shows none', [summer('21:00'), winter], '<p>Willkommen</p>'],
  ['few days differ', [winter, summer('21:00', '2027-05-01', '2027-05-10')], SHOWN],
])('nothing is told where %s', (_, specs, shown) => {
  expect(told(page(specs, shown))).toEqual([]);
});
