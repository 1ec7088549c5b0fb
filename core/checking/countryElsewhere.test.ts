import { describe, expect, test } from '@jest/globals';
import { applyEdits } from '#core/text';
import { check } from './check.ts';

const page = (country: string, telephone: string, point: readonly [number, number], code: string): string =>
  JSON.stringify({
    '@context': 'https://schema.org',
    '@type': 'Store',
    name: 'Larch & Sons',
    telephone,
    address: {
      '@type': 'PostalAddress',
      streetAddress: 'Fő utca 9',
      addressLocality: 'Pécs',
      postalCode: code,
      addressCountry: country,
    },
    geo: { '@type': 'GeoCoordinates', latitude: point[0], longitude: point[1] },
  });
const PECS = [46.07631, 18.22811] as const;
const told = (source: string) =>
  check(source).findings.filter(({ grade, code }) => grade !== 'note' && !code.startsWith('guideline/'));

describe('the country of an address', () => {
  test('is told once where it is written wrongly too', () => {
    expect(told(page('UK', '+36 72 555 013', PECS, '7621')).map(({ code }) => code)).toEqual([
      'value/country-elsewhere',
    ]);
  });

  test('is wrong where number and pin are of one other: one finding, whose mend takes it away', () => {
    const source = page('AU', '+36 72 555 013', PECS, '7621');
    const [finding, ...others] = told(source);
    expect([finding?.code, finding?.property, others]).toEqual([
      'value/country-elsewhere',
      'addressCountry',
      [],
    ]);
    expect(finding?.mend?.certain).toBe(false);
    const mended = applyEdits(source, finding?.mend?.edits ?? []);
    expect(mended).toBe(page('HU', '+36 72 555 013', PECS, '7621'));
    expect(told(mended)).toEqual([]);
  });

  test('is wrong where number and code are of one other', () =>
    expect(told(page('DE', '+36 72 555 013', PECS, '7621')).map(({ code }) => code)).toEqual([
      'value/country-elsewhere',
    ]));

  test.each([
    ['its pin is there', page('HU', '+61 2 5550 1234', PECS, '7621'), 'value/telephone-foreign'],
    [
      'its number is there',
      page('HU', '+36 72 555 013', [-33.86, 151.2], '7621'),
      'value/coordinates-country',
    ],
  ])('is right where %s', (_, source, code) => {
    const codes = told(source).map((one) => one.code);
    expect(codes).toContain(code);
    expect(codes).not.toContain('value/country-elsewhere');
  });
});
