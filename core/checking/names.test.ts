import { describe, expect, test } from '@jest/globals';
import { businessesIn, readSource, recordFromItem } from '#core/reading';
import { applyEdits } from '#core/text';
import { check } from './index.ts';

const ADDRESS =
  '"address":{"@type":"PostalAddress","streetAddress":"Hauptstraße 5","addressLocality":"Berlin","postalCode":"10115","addressCountry":"DE"}';
const source = (said: string): string =>
  `<script type="application/ld+json">{"@context":"https://schema.org",${said},${ADDRESS}}</script><p>Krume, Hauptstraße 5, 10115 Berlin</p>`;

describe('a name that is nearly one of schema.org', () => {
  test.each([
    ['"@type":"Bakery ","name":"Krume"', '@type', '"@type":"Bakery"'],
    ['"@type":"Bakery"," name ":"Krume"', ' name ', '"name":"Krume"'],
    ['"@type":"schema.org/Bakery","name":"Krume"', '@type', '"@type":"Bakery"'],
    ['"@type":"//schema.org/Bakery","name":"Krume"', '@type', '"@type":"Bakery"'],
    ['"@type":"www.schema.org/Bakery","name":"Krume"', '@type', '"@type":"Bakery"'],
    ['"@type":"/Bakery","name":"Krume"', '@type', '"@type":"Bakery"'],
    ['"@type":"LocalBusiness/Bakery","name":"Krume"', '@type', '"@type":["LocalBusiness", "Bakery"]'],
  ])('%s is told and mended', (said, property, mended) => {
    const told = check(source(said)).findings.filter(({ grade }) => grade === 'must');
    expect(told.map((one) => [one.property, one.mend?.certain])).toEqual([[property, true]]);
    const after = applyEdits(source(said), told[0]?.mend?.edits ?? []);
    expect(after).toContain(mended);
    expect(check(after).findings.filter(({ grade }) => grade === 'must')).toEqual([]);
  });

  test('of another vocabulary is not', () => {
    const told = check(source('"@type":"https://other.example/Bakery","name":"Krume"')).findings;
    expect(told.map(({ code }) => code)).not.toContain('vocabulary/unknown-type');
  });
});

test('what contradicts a visitor does so under a misspelt type as well', () => {
  const said = '"@type":"Bakerry","name":"Krume","telephone":"+49 30 901820"';
  const codes = (text: string): readonly string[] =>
    check(text).findings.flatMap(({ code, grade }) => (grade === 'must' ? [code] : []));
  expect(codes(source(said))).toEqual(['vocabulary/unknown-type']);
  expect(codes(source(said).replace('"10115"', '"10151"'))).toEqual([
    'vocabulary/unknown-type',
    'agreement/visitor',
  ]);
});

describe('a value left from a template, or an address without its site', () => {
  const told = (said: string): readonly string[] =>
    check(source(`"@type":"Bakery","name":"Krume",${said}`)).findings.flatMap(({ code, grade }) =>
      grade === 'must' ? [code] : [],
    );
  test.each([
    ['"servesCuisine":"Lorem ipsum"', 'value/placeholder'],
    ['"paymentAccepted":"TODO"', 'value/placeholder'],
    ['"areaServed":"[City]"', 'value/placeholder'],
    ['"founder":"John Doe"', 'value/placeholder'],
    ['"hasMenu":"menu.pdf"', 'value/url-relative'],
    ['"acceptsReservations":"/reservieren"', 'value/url-relative'],
  ])('%s is told', (said, code) => expect(told(said)).toEqual([code]));

  test.each([
    '"servesCuisine":"Deutsch"',
    '"hasMenu":"Brot und Kuchen"',
    '"hasMenu":"https://krume.example/menu.pdf"',
    '"acceptsReservations":"https://krume.example/reservieren"',
    '"paymentAccepted":"Bar"',
  ])('%s is not', (said) => expect(told(said)).toEqual([]));
});

test('organisations that are no local business are told with all that follows from it, once', () => {
  const vet = (name: string): unknown => ({
    '@context': 'https://schema.org',
    '@type': 'VeterinaryCare',
    name,
    priceRange: '$$',
    geo: { '@type': 'GeoCoordinates', latitude: 48.75112, longitude: -122.47812 },
    address: { '@type': 'PostalAddress', streetAddress: '9 Mill Lane', addressCountry: 'US' },
  });
  const text = JSON.stringify([vet('Quay'), vet('Mill')]);
  const told = check(text).findings.filter(({ code }) => code.startsWith('vocabulary/'));
  expect(told.map(({ code }) => code)).toEqual(['vocabulary/no-local-business']);
  const after = applyEdits(text, told[0]?.mend?.edits ?? []);
  expect(after.split('["VeterinaryCare", "LocalBusiness"]')).toHaveLength(3);
  expect(check(after).findings.filter(({ code }) => code.startsWith('vocabulary/'))).toEqual([]);
});

test('a postal code that could be dialled is no other number of the record’s page', () => {
  const markup = {
    '@context': 'https://schema.org',
    '@type': 'Physician',
    name: 'Levi',
    telephone: '+972 3-523-4567',
    address: {
      '@type': 'PostalAddress',
      streetAddress: 'דיזנגוף 123',
      addressLocality: 'תל אביב',
      postalCode: '6433222',
      addressCountry: 'IL',
    },
  };
  const page = `<script type="application/ld+json">${JSON.stringify(markup)}</script><h1>Levi</h1><p>דיזנגוף 123, תל אביב 6433222</p><p>03-5234567</p>`;
  const [business] = businessesIn(readSource(page).items);
  if (!business) throw new Error('no business');
  const told = (more: string): readonly string[] =>
    check(page + more, { record: recordFromItem(business) }).findings.map(({ code }) => code);
  expect(told('')).not.toContain('agreement/other-telephone');
  expect(told('<p>03-6234567</p>')).toContain('agreement/other-telephone');
});

test('a quote before a colon is not certainly the beginning of a text', () => {
  const told = check('{\n“name”": “A & B”,\n“url”": “x”}').findings.filter(
    ({ code }) => code === 'syntax/missing-quote',
  );
  expect(told.length).toBeGreaterThan(0);
  expect(told.filter(({ mend }) => mend?.certain)).toEqual([]);
});
