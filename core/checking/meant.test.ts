import { describe, expect, test } from '@jest/globals';
import { applyEdits } from '#core/text';
import { check } from './index.ts';

const codesOf = (address: string, more = ''): readonly string[] =>
  check(
    `<script type="application/ld+json">{"@context":"https://schema.org","@type":"Optician","name":"A","address":{"@type":"PostalAddress",${address}}${more}}</script>`,
  ).findings.map(({ code, property }) => `${code} ${property ?? ''}`);

const whole =
  '"streetAddress":"9 Hollins Row","addressLocality":"Saltby","postalCode":"TQ1 2AB","addressCountry":"GB"';

test('a property under a wrong name is told once, not as missing besides', () => {
  const codes = codesOf(whole, ',"phone":"+44 1632 960123"');
  expect(codes).toContain('vocabulary/unknown-property phone');
  expect(codes).not.toContain('guideline/recommended telephone');
  expect(codesOf(whole)).toContain('guideline/recommended telephone');
});

test('so is a part of an address', () => {
  const misspelt = whole.replace('"streetAddress"', '"street"').replace('"postalCode"', '"zip"');
  const codes = codesOf(misspelt);
  expect(codes).toContain('vocabulary/unknown-property street');
  expect(codes).toContain('vocabulary/unknown-property zip');
  expect(codes.filter((code) => code.startsWith('value/address-part'))).toEqual([]);
  expect(codesOf('"addressLocality":"Saltby","addressCountry":"GB"')).toContain(
    'value/address-part streetAddress',
  );
});

test('names of other vocabularies stand for nothing of ours', () => {
  expect(codesOf(whole, ',"ex:phone":"+44 1632 960123"')).toContain('guideline/recommended telephone');
});

describe('a property under a nearly right name', () => {
  const ld = (more: string): string =>
    `<title>x</title><script type="application/ld+json">{"@type":"schema:Optician",${more}}</script>`;
  test.each([
    ['<p vocab="https://schema.org/" typeof="Optician"><b property="faxnumber">1</b></p>', 'faxNumber'],
    [
      '<p prefix="schema: https://schema.org/" typeof="schema:Optician"><b property="schema:faxnumber">1</b></p>',
      'schema:faxNumber',
    ],
    [
      '<p itemscope itemtype="https://schema.org/Optician"><b itemprop="https://schema.org/faxnumber">1</b></p>',
      'https://schema.org/faxNumber',
    ],
    ['<p itemscope itemtype="https://schema.org/Optician"><b itemprop=faxnumber>1</b></p>', 'faxNumber'],
    [ld('"@context":{"schema":"https://schema.org/"},"schema:faxnumber":"1"'), '"schema:faxNumber"'],
    // A name of the document's own is the document's.
    [ld('"@context":["https://schema.org",{"fax":"faxnumber"}],"fax":"1"'), undefined],
  ])('keeps what leads to its vocabulary: %s', (source, text) => {
    const found = check(source).findings.find(({ code }) => code === 'vocabulary/capitals');
    expect(found?.mend?.edits.map((edit) => edit.text)).toEqual(text === undefined ? undefined : [text]);
  });
});

describe('several types in one text', () => {
  const editsOf = (source: string): unknown =>
    check(source).findings.find(({ code }) => code === 'vocabulary/unknown-type')?.mend?.edits;
  test('become a list in JSON-LD', () =>
    expect(
      editsOf(
        '<script type="application/ld+json">{"@context":"https://schema.org","@type":"Store, CafeOrCoffeeShop","name":"A"}</script>',
      ),
    ).toEqual([expect.objectContaining({ text: '["Store", "CafeOrCoffeeShop"]' })]));
  test('are told in other syntaxes, where a list is written otherwise', () =>
    expect(
      editsOf('<p vocab="https://schema.org/" typeof="Store,CafeOrCoffeeShop"><b property="name">A</b></p>'),
    ).toBeUndefined());
});

test.each([
  ['Book Store', '"BookStore"'],
  ['Physicians', '"Physician"'],
  ['Bakeries', '"Bakery"'],
])('the type “%s” is meant as %s', (type, text) => {
  const source = `<script type="application/ld+json">{"@context":"https://schema.org","@type":"${type}","name":"A"}</script>`;
  const mend = check(source).findings.find(({ code }) => code === 'vocabulary/unknown-type')?.mend;
  expect(mend && applyEdits(source, mend.edits)).toContain(`"@type":${text}`);
});

test('of very many unknown types nothing is looked for that may be meant', () => {
  const items = Array.from({ length: 80 }, (_, at) => ({
    '@type': `Optican${'x'.repeat(1 + (at % 9))}${String(at)}`,
  }));
  const source = `<script type="application/ld+json">${JSON.stringify({ '@context': 'https://schema.org', '@graph': [{ '@type': 'Optican' }, ...items, { '@type': 'Optican' }, { '@type': 'Bakerry' }] })}</script>`;
  const told = check(source).findings.filter(({ code }) => code === 'vocabulary/unknown-type');
  expect(told).toHaveLength(82);
  // One that was looked for stays known; a new one is told without a guess.
  expect(told.find(({ message }) => message.includes('“Optican”'))?.message).toContain(
    'Did you mean Optician',
  );
  expect(told.find(({ message }) => message.includes('“Bakerry”'))).toMatchObject({
    message: 'schema.org has no type “Bakerry”.',
    mend: null,
  });
});

test('bare names under a prefix alone are one fault, and nothing is missing besides', () => {
  const business = { '@type': 'schema:Florist', name: 'Petal', telephone: '+44 1803 555014' };
  const codes = (context: unknown): readonly string[] =>
    check(
      `<script type="application/ld+json">${JSON.stringify({ '@context': context, ...business })}</script>`,
    ).findings.map(({ code }) => code);
  expect(codes({ schema: 'https://schema.org/' })).toEqual(['syntax/no-vocabulary']);
  expect(codes({ '@vocab': 'https://schema.org/', schema: 'https://schema.org/' })).toContain(
    'guideline/required',
  );
});

test.each([
  [
    'hasMap',
    '<iframe src="https://maps.example/embed?pb=1" width="600"></iframe>',
    '"https://maps.example/embed?pb=1"',
  ],
  ['hasMap', '<a href="https://maps.example/x">Map</a>', '"https://maps.example/x"'],
  ['image', '<img src="https://a.example/x.jpg" alt="">', '"https://a.example/x.jpg"'],
])('of the code that embeds a %s its address is meant: %s', (property, code, address) => {
  const json = { '@context': 'https://schema.org', '@type': 'Store', name: 'A', [property]: code };
  const told = check(JSON.stringify(json)).findings.filter((one) => one.property === property);
  expect(told.map(({ code: of, mend }) => [of, mend?.edits[0]?.text, mend?.certain])).toEqual([
    ['value/url', address, true],
  ]);
});

test.each([
  ['department', { '@type': 'AutoService', name: 'A' }, /Did you mean AutoRepair/],
  ['review', { '@type': 'Testimonials', reviewBody: 'A' }, /Did you mean Review\?/],
  ['geo', { '@type': 'Geo', latitude: 1, longitude: 2 }, /Did you mean GeoCoordinates\?/],
  ['parentOrganization', { '@type': 'Mothership', name: 'A' }, /no type “Mothership”\.$/],
])('a type that there is not is meant by its place: %s', (property, item, message) => {
  const shop = { '@context': 'https://schema.org', '@type': 'AutoDealer', name: 'B', [property]: item };
  const found = check(JSON.stringify(shop)).findings.find(({ code }) => code === 'vocabulary/unknown-type');
  expect(found?.message).toMatch(message);
});

test.each([
  ['18:00', '26:00', '02:00'],
  ['11:00', '24:30', '00:30'],
  ['18:00', '24:00', '00:00'],
  // Nobody is open for so long: what was mistyped is not known.
  ['09:00', '28:00', undefined],
])('an end that is told on past midnight is of the next day: %s to %s', (opens, closes, meant) => {
  const hours = { '@type': 'OpeningHoursSpecification', dayOfWeek: 'Friday', opens, closes };
  const json = {
    '@context': 'https://schema.org',
    '@type': 'BarOrPub',
    name: 'A',
    openingHoursSpecification: hours,
  };
  const told = check(JSON.stringify(json)).findings.filter(({ code }) => code === 'value/time');
  expect(told.map(({ mend }) => mend?.edits[0]?.text)).toEqual([meant && `"${meant}"`]);
});

test('a day that is told as closed is told how machines are', () => {
  const hours = {
    '@type': 'OpeningHoursSpecification',
    dayOfWeek: 'Sunday',
    opens: 'Closed',
    closes: '17:00',
  };
  const json = {
    '@context': 'https://schema.org',
    '@type': 'Store',
    name: 'A',
    openingHoursSpecification: hours,
  };
  const told = check(JSON.stringify(json)).findings.filter(({ code }) => code === 'value/time');
  expect(told.map(({ message }) => message)).toEqual([
    '“Closed” is no time a machine can read. A day that is closed opens at 00:00 and closes at 00:00.',
  ]);
});

test.each([
  ['city', 'Write it as addressLocality of the address.'],
  ['nmae', 'Did you mean name?'],
  ['state', 'Write it as addressRegion of the address.'],
  ['xyz', 'so a machine passes it over.'],
])('what a business calls “%s” is told with its place', (name, hint) => {
  const source = `{"@context":"https://schema.org","@type":"Optician","legalName":"A","${name}":"x"}`;
  const [found] = check(source).findings.filter(({ code }) => code === 'vocabulary/unknown-property');
  expect(found?.message.endsWith(hint)).toBe(true);
});
