import { describe, expect, test } from '@jest/globals';
import { applyEdits } from '#core/text';
import { townsFor } from '#core/towns';
import { check } from './index.ts';

const source = (country: string, latitude: string, longitude: string): string =>
  `{"@context":"https://schema.org","@type":"Bakery","name":"A","address":{"@type":"PostalAddress","streetAddress":"1 A","addressLocality":"B","addressCountry":"${country}"},"geo":{"@type":"GeoCoordinates","latitude":${latitude},"longitude":${longitude}}}`;
const told = (text: string): string[] =>
  check(text).findings.flatMap(({ code }) => (/coordinat/.test(code) ? [code] : []));

describe('coordinates beside the country of the address', () => {
  test.each([
    ['DE', '52.52001', '13.40495'],
    ['US', '64.83778', '-147.71639'],
    ['US', '21.30694', '-157.85833'],
    ['US', '18.46633', '-66.10572'],
    ['FR', '-21.11514', '55.53638'],
    ['FR', '43.29648', '5.36978'],
    ['GB', '60.15497', '-1.14550'],
    ['NZ', '-43.53205', '172.63622'],
    ['NZ', '-44.03500', '-176.55000'],
    ['RU', '66.00000', '-169.80000'],
    ['JP', '26.21240', '127.68090'],
    ['PT', '37.74120', '-25.67560'],
    ['ES', '28.12355', '-15.43626'],
    ['CL', '-53.16383', '-70.91708'],
    ['SG', '1.28967', '103.85007'],
    ['MT', '35.89890', '14.51460'],
    ['NO', '69.64920', '18.95532'],
    ['UA', '44.61665', '33.52537'],
    ['FJ', '-18.12480', '178.45010'],
  ])('%s %s %s lie there', (country, latitude, longitude) => {
    expect(told(source(country, latitude, longitude))).toEqual([]);
  });

  test.each([
    ['US', '47.60621', '122.33207', 'value/coordinates-sign', '"latitude":47.60621,"longitude":-122.33207'],
    ['AU', '33.86882', '151.20930', 'value/coordinates-sign', '"latitude":-33.86882,"longitude":151.20930'],
    ['DE', '13.40495', '52.52001', 'value/coordinates-swapped', '"latitude":52.52001,"longitude":13.40495'],
    ['BR', '23.55052', '46.63331', 'value/coordinates-sign', '"latitude":-23.55052,"longitude":-46.63331'],
    [
      'US',
      '-122.33207',
      '47.60621',
      'value/coordinates-swapped',
      '"latitude":47.60621,"longitude":-122.33207',
    ],
    [
      'ES',
      '"-3.70379"',
      '"40.41678"',
      'value/coordinates-swapped',
      '"latitude":"40.41678","longitude":"-3.70379"',
    ],
  ])('%s %s %s is told, and mended where that lands there', (country, latitude, longitude, code, mended) => {
    const text = source(country, latitude, longitude);
    expect(told(text)).toEqual([code]);
    const mend = check(text).findings.find((one) => one.code === code)?.mend;
    expect(mend?.certain).toBe(false);
    const after = applyEdits(text, mend?.edits ?? []);
    expect(after).toContain(mended);
    expect(told(after)).toEqual([]);
  });

  test('in another country altogether is told without a mend', () => {
    expect(told(source('IT', '48.85661', '2.35222'))).toEqual(['value/coordinates-country']);
    expect(
      check(source('IT', '48.85661', '2.35222')).findings.find(
        ({ code }) => code === 'value/coordinates-country',
      ),
    ).toMatchObject({ mend: null });
  });

  test.each([
    ['CR', '9.93331', '9.93331', 'longitude', 'The same number stands in both halves. No place there'],
    ['EG', '30.06121', '13.21971', 'longitude', 'No place there has such a longitude.'],
    ['HR', '15.81310', '15.96040', 'latitude', 'No place there has such a latitude.'],
    ['IT', '48.85661', '2.35222', 'latitude', 'One of them is wrong.'],
  ])(
    'is told at the half that is out of the country: %s %s %s',
    (country, latitude, longitude, half, said) => {
      const [found] = check(source(country, latitude, longitude)).findings.filter(
        ({ code }) => code === 'value/coordinates-country',
      );
      expect(found?.property).toBe(half);
      expect(found?.message).toContain(said);
    },
  );

  test.each([
    ['"48,85661"', '"2,35222"', '"latitude":48.85661,"longitude":2.35222'],
    ['"48°51\'23.8\\"N"', '"2°21\'8.0\\"E"', '"latitude":48.85'],
    ['"48.85661 N"', '"2.35222 E"', '"latitude":48.85661,"longitude":2.35222'],
  ])('%s, %s, which only people read, become numbers', (latitude, longitude, mended) => {
    const text = source('FR', latitude, longitude);
    expect(told(text)).toEqual(['value/coordinate', 'value/coordinate']);
    const edits = check(text).findings.flatMap(({ code, mend }) =>
      code === 'value/coordinate' && mend ? mend.edits : [],
    );
    const after = applyEdits(
      text,
      edits.toSorted((a, b) => a.start - b.start),
    );
    expect(after).toContain(mended);
    expect(told(after)).toEqual([]);
  });
});

test.each([
  ['latitude', '"51.51968, -0.07521"', '51.51968, "longitude": -0.07521'],
  ['longitude', '"51.51968;-0.07521"', '-0.07521, "latitude": 51.51968'],
])('both halves in the %s are given to each', (half, written, mended) => {
  const pin = (value: string): string =>
    source('GB', '1', '2').replace('"latitude":1,"longitude":2', `"${half}":${value}`);
  const [found, ...others] = check(pin(written)).findings.filter(({ code }) => /coordinat/.test(code));
  expect(others).toEqual([]);
  expect(applyEdits(pin(written), found?.mend?.edits ?? [])).toBe(pin(mended));
  expect(told(pin(mended))).toEqual([]);
});

test.each([
  // In the sea off Egypt; exchanged, the desert 200 km from Cairo.
  ['33.06123', '31.21987', 'value/coordinates-country'],
  // South of it, where neither exchange nor sign leads there.
  ['27.06123', '31.21987', 'value/coordinates-far'],
])('a pin is not mended to a place far from the town: %s, %s', async (latitude, longitude, code) => {
  const towns = await townsFor('latitude');
  const page = source('EG', latitude, longitude).replace(
    '"addressLocality":"B"',
    '"addressLocality":"Cairo"',
  );
  const found = check(page, towns ? { towns } : {}).findings.filter((one) => /coordinat/.test(one.code));
  expect(found.map((one) => [one.code, one.mend])).toEqual([[code, null]]);
});

test('a town of two words is not held against a longer name that begins with its first', async () => {
  const towns = await townsFor('latitude');
  const near = (town: string): readonly string[] =>
    check(source('US', '48.51', '-122.61').replace('"B"', JSON.stringify(town)), { ...(towns && { towns }) })
      .findings.map(({ code }) => code)
      .filter((code) => /coordinates-(?:doubtful|far)/.test(code));
  expect(near('Port Ellery')).toEqual([]);
  expect(near('Seattle 03')).toEqual([]);
  expect(near('Miami 03')).toEqual(['value/coordinates-doubtful']);
});

test('a pin that is far from its town is told at the half that is', async () => {
  const towns = await townsFor('latitude');
  const half = (latitude: string, longitude: string): readonly (string | null)[] =>
    check(source('DE', latitude, longitude).replace('"addressLocality":"B"', '"addressLocality":"München"'), {
      ...(towns && { towns }),
    }).findings.flatMap(({ code, property }) => (code === 'value/coordinates-far' ? [property] : []));
  expect(half('48.13712', '7.57542')).toEqual(['longitude']);
  expect(half('53.13712', '11.57542')).toEqual(['latitude']);
});

test('where pin and town agree, the postal code that lies elsewhere is told', async () => {
  const towns = await townsFor('latitude');
  const page = source('DE', '48.13712', '11.57542').replace(
    '"addressLocality":"B"',
    '"addressLocality":"München"',
  );
  const found = (postalCode: string): readonly (string | null)[] =>
    check(page.replace('"addressCountry"', `"postalCode":"${postalCode}","addressCountry"`), {
      ...(towns && { towns }),
    }).findings.flatMap(({ code, property }) => (code === 'value/coordinates-far' ? [property] : []));
  expect(found('80331')).toEqual([]);
  expect(found('10115')).toEqual(['postalCode']);
});
