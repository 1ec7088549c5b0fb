import { describe, expect, test } from '@jest/globals';
import { jsonLd, writeMarkup } from '#core/markup';
import type { BusinessRecord } from '#core/record';
import { applyEdits } from '#core/text';
import { larkspur } from '#sample';
import { check } from '#core/checking';
import type { Finding } from '#core/fault';

const record: BusinessRecord = larkspur;
const page = (body: string, head = ''): string =>
  `<!doctype html>\n<html lang="en">\n<head>\n<title>x</title>\n${head}</head>\n<body>\n${body}\n</body>\n</html>\n`;
const found = (source: string, code: string, property: string | null): Finding | undefined =>
  check(source, { record, url: record.url }).findings.find(
    (one) => one.code === code && one.property === property,
  );

/** The source with the proposal of one finding taken, which must be gone then. */
function propose(source: string, code: string, property: string | null): string {
  const one = found(source, code, property);
  expect(one?.mend?.certain).toBe(false);
  const mended = applyEdits(source, one?.mend?.edits ?? []);
  expect(found(mended, code, property)).toBeUndefined();
  return mended;
}

describe('a property that is missing', () => {
  test('is written behind the last one of JSON-LD, as its neighbours are', () => {
    const whole = jsonLd(record).text;
    const without = whole.replace(/,\n {2}"priceRange": "[^"]*"/, '');
    expect(without).not.toBe(whole);
    const mended = propose(page(without), 'guideline/recommended', 'priceRange');
    expect(mended).toContain(',\n  "priceRange": "$$"\n}');
    const oneLine =
      '{"@context":"https://schema.org","@type":"Optician","name":"A","url":"https://a.example/"}';
    expect(propose(oneLine, 'guideline/required', 'address')).toMatch(
      /"url":"https:\/\/a.example\/", "address": \{[^}]+"addressCountry": "US"/,
    );
  });

  test('has the prefix that the names beside it have', () => {
    const source =
      '{"@context":{"s":"https://schema.org/"},"@type":"s:Optician","s:name":"A","s:url":"https://a.example/"}';
    const mended = propose(source, 'guideline/required', 'address');
    expect(mended).toMatch(/, "s:address": \{\s*"@type": "s:PostalAddress",\s*"s:streetAddress": "214 Quay/);
    expect(check(mended).findings.map(({ code }) => code)).not.toContain('syntax/no-vocabulary');
  });

  test('keeps the line breaks of the source', () => {
    const without = jsonLd({
      ...record,
      pin: { ...record.pin, latitude: '', longitude: '' },
    }).text.replaceAll('\n', '\r\n');
    const mended = propose(page(without), 'guideline/recommended', 'geo');
    expect(mended).toMatch(/"geo": \{\r\n {4}"@type": "GeoCoordinates",\r\n/);
  });

  test.each<['microdata' | 'rdfa']>([['microdata'], ['rdfa']])('is put into an item of %s', (syntax) => {
    const without = page(
      writeMarkup({ ...record, pin: { ...record.pin, latitude: '', longitude: '' } }, syntax).text,
    );
    const mended = propose(without, 'guideline/recommended', 'geo');
    expect(mended).toContain('content="48.51234"');
    expect(found(mended, 'agreement/record', 'geo')).toBeUndefined();
  });

  test('of an address is put into the address', () => {
    const source = page(
      writeMarkup(record, 'microdata').text.replace(/<data itemprop="addressCountry".*?<\/data>/, ''),
    );
    expect(propose(source, 'value/address-part', 'addressCountry')).toContain(
      '<meta itemprop="addressCountry" content="US">',
    );
  });

  test('is not proposed where the record does not know it, or another business is meant', () => {
    const bare = '{"@context":"https://schema.org","@type":"Optician","name":"A","url":"https://a.example/"}';
    const { findings } = check(bare, { record: { ...record, priceRange: '' } });
    expect(findings.find(({ property }) => property === 'priceRange')?.mend).toBeNull();
    const other = page(`${jsonLd(record).text}<script type="application/ld+json">${bare}</script>`);
    const ofOther = check(other, { record }).findings.filter(({ code }) => code === 'guideline/required');
    expect(ofOther.map(({ mend }) => mend)).toEqual([null]);
  });
});

describe('hours that differ', () => {
  const WEEK = 'Mo-Su 01:00-02:00';
  test('are exchanged in JSON-LD', () => {
    const source = `{\n  "@context": "https://schema.org",\n  "@type": "VeterinaryCare",\n  "name": "A",\n  "openingHours": "${WEEK}"\n}`;
    const mended = propose(source, 'agreement/record', 'openingHoursSpecification');
    expect(mended).not.toContain(WEEK);
    expect(() => JSON.parse(mended) as unknown).not.toThrow();
  });

  test.each([
    `<data itemprop="openingHours" value="${WEEK}">nightly</data>`,
    `<time itemprop="openingHours" datetime="${WEEK}">nightly</time>`,
  ])('are exchanged with what is shown of them: %s', (hours) => {
    const source = page(
      `<div itemscope itemtype="https://schema.org/VeterinaryCare"><b itemprop="name">A</b>${hours}</div>`,
    );
    const mended = propose(source, 'agreement/record', 'openingHoursSpecification');
    expect(mended).not.toContain(WEEK);
    expect(mended).not.toContain('nightly');
  });

  test('are exchanged where only machines see them', () => {
    const meta = `<meta itemprop="openingHours" content="${WEEK}">`;
    const source = page(
      `<div itemscope itemtype="https://schema.org/VeterinaryCare"><b itemprop="name">A</b>${meta}${meta.replace('01', '00')}</div>`,
    );
    const mended = propose(source, 'agreement/record', 'openingHoursSpecification');
    expect(mended).not.toContain('02:00"><meta itemprop="openingHours" content="Mo-Su');
    expect(mended).toContain('<meta itemprop="openingHours" content="Mo-Tu,Th 08:00-18:00">');
  });

  test('are exchanged for visitors too where they read them', () => {
    const source = page(
      `<div itemscope itemtype="https://schema.org/VeterinaryCare"><b itemprop="name">A</b><i itemprop="openingHours">${WEEK}</i></div>`,
    );
    const mended = propose(source, 'agreement/record', 'openingHoursSpecification');
    expect(mended).toMatch(/<i><meta itemprop="openingHours" content="[^"]+">.*Sun closed<\/i>/);
    expect(found(mended, 'agreement/visitor', 'openingHoursSpecification')).toBeUndefined();
  });
});

test('what a visitor sees is corrected where the markup says what the record says', () => {
  const source = page(`<p>Call (360) 555-0199 &amp; ask.</p>${jsonLd(record).text}`);
  expect(propose(source, 'agreement/visitor', 'telephone')).toBe(source.replace('555-0199', '555-0142'));
});

test('the link round an address that is corrected keeps its subject', () => {
  const source = page(
    `<p><a href="mailto:desks@larkspurvane.example?subject=Hi&amp;body=x">desks@larkspurvane.example</a></p>${jsonLd(record).text}`,
  );
  const shown = record.email || 'desk@larkspurvane.example';
  expect(propose(source, 'agreement/visitor', 'email')).toBe(
    source.replaceAll('desks@larkspurvane.example', shown),
  );
});

test('the link round a number that is corrected goes on to dial what it shows', () => {
  const source = page(`<p><a href="tel:+13605550199">(360) 555-0199</a></p>${jsonLd(record).text}`);
  expect(propose(source, 'agreement/visitor', 'telephone')).toBe(
    source.replace('555-0199', '555-0142').replace('tel:+13605550199', 'tel:+13605550142'),
  );
  // One that dials something else is told by itself.
  const other = source.replace('tel:+13605550199', 'tel:+13605550177');
  expect(propose(other, 'agreement/visitor', 'telephone')).toBe(other.replace('555-0199', '555-0142'));
});

test('a page without markup gets the record’s, at the end of its head', () => {
  const mended = propose(page('<p>Home'), 'structure/no-business', null);
  expect(mended).toContain(`<title>x</title>\n${jsonLd(record).text}\n</head>`);
  expect(check('<p>Home').findings[0]?.mend).toBeNull();
});

describe('a property outside its item', () => {
  const item = '<div itemscope itemtype="https://schema.org/Optician"><b itemprop="name">A</b></div>';
  test('is named in the itemref of the only business', () => {
    const mended = propose(
      page(`${item}<i id="email"></i><p itemprop="email">a@b.example</p>`),
      'structure/itemprop-outside',
      'email',
    );
    expect(mended).toContain('<div itemref="email-2" itemscope');
    const again = propose(
      mended.replace('</body>', '<p id="fax" itemprop="faxNumber">1</p></body>'),
      'structure/itemprop-outside',
      'faxNumber',
    );
    expect(again).toContain('itemref="email-2 fax"');
  });

  test('is left alone where it might be another’s', () => {
    const { findings } = check(page(`${item}${item}<p itemprop="email">a@b.example</p>`));
    expect(findings.find(({ code }) => code === 'structure/itemprop-outside')?.mend).toBeNull();
  });
});

describe('a number without country code that visitors read', () => {
  const numbered = (attributes: string, syntax: 'itemprop' | 'property'): string =>
    page(
      `<div ${attributes}><p ${syntax}="name">${record.name.replace('&', '&amp;')}</p><p>Call <b class="tel" ${syntax}="telephone">(360) 555-0142</b></p><p ${syntax}="address" ${attributes.replace('VeterinaryCare', 'PostalAddress')}><b ${syntax}="addressCountry">US</b></p></div>`,
    );

  test.each([
    [
      'itemprop',
      'itemscope itemtype="https://schema.org/VeterinaryCare"',
      '<b class="tel"><data itemprop="telephone" value="+1 360 555 0142">(360) 555-0142</data></b>',
    ],
    [
      'property',
      'vocab="https://schema.org/" typeof="VeterinaryCare"',
      '<b class="tel"><span property="telephone" content="+1 360 555 0142">(360) 555-0142</span></b>',
    ],
  ] as const)('goes on to stand there, and machines read it with %s', (syntax, attributes, expected) => {
    const mended = propose(numbered(attributes, syntax), 'value/telephone-country', 'telephone');
    expect(mended).toContain(expected);
    expect(found(mended, 'agreement/record', 'telephone')).toBeUndefined();
    expect(found(mended, 'agreement/visitor', 'telephone')).toBeUndefined();
  });
});
