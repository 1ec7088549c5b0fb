/** Texts with a form of their own, texts where items belong, and words that people use for types. */
import { describe, expect, test } from '@jest/globals';
import { applyEdits } from '#core/text';
import { check } from './index.ts';

type Json = Readonly<Record<string, unknown>>;
const shop = (more: object, type = 'Hotel'): string =>
  JSON.stringify({
    '@context': 'https://schema.org',
    '@type': type,
    name: 'Larch Inn',
    address: { '@type': 'PostalAddress', streetAddress: '12 Row', addressCountry: 'GB' },
    ...more,
  });
/** The codes told of a property, and what stands there once the first of them is mended. */
function told(source: string, property: string): readonly unknown[] {
  const found = check(source, { today: '2026-11-30' }).findings.filter((one) => one.property === property);
  const first = found.find(({ mend }) => mend);
  const mended = first?.mend && (JSON.parse(applyEdits(source, [...first.mend.edits])) as Json);
  return [...found.map(({ code }) => code), ...(mended ? [mended[property]] : [])];
}

describe('shapes of what is served', () => {
  const shape = (name: string, text: string | number): readonly unknown[] => {
    const source = shop({ areaServed: { '@type': 'GeoShape', [name]: text } });
    const [first] = check(source).findings.filter(({ property }) => property === name);
    return [first?.code, first?.mend?.edits[0]?.text].filter(Boolean);
  };
  test.each([
    ['box', '50.1 -5.2 50.3 -5.0', []],
    ['box', '50.1,-5.2 50.3,-5.0', []],
    ['box', '50.1 -5.2', ['value/shape']],
    ['circle', '50.1 -5.2 9000', []],
    ['circle', '50.1 -5.2', ['value/shape']],
    ['line', '50.1 -5.2 50.3 -5.0', []],
    ['line', '50.1 -5.2 50.3', ['value/shape']],
    ['polygon', '50.1,-5.2 50.3,-5.2 50.3,-5.0 50.1,-5.2', []],
    [
      'polygon',
      '50.1 -5.2 50.3 -5.2 50.3 -5.0',
      ['value/shape', '"50.1 -5.2 50.3 -5.2 50.3 -5.0 50.1 -5.2"'],
    ],
    ['polygon', '50.1 -5.2 50.3 -5.2', ['value/shape']],
    ['polygon', '-5.2 150.1 -5.2 150.3 -5.0 150.3 -5.2 150.1', []],
    ['polygon', '150.1 -5.2 150.3 -5.2 150.3 -5.0 150.1 -5.2', ['value/shape']],
    ['box', 'from the harbour to the hill', ['value/shape']],
  ])('%s “%s”', (name, text, expected) => expect(shape(name, text)).toEqual(expected));

  test.each([
    [40, true],
    [40_000, false],
    ['25 mi', false],
    ['40', true],
  ])('a radius of %j', (geoRadius, isTold) => {
    const source = shop({ areaServed: { '@type': 'GeoCircle', geoMidpoint: '50.1, -5.2', geoRadius } });
    expect(check(source).findings.some(({ code }) => code === 'value/shape')).toBe(isTold);
  });
});

test.each([
  ['PT1H30M', undefined],
  ['P3D', undefined],
  ['PT0.5H', undefined],
  ['90 min', 'PT90M'],
  ['1 h 30', 'PT1H30M'],
  ['1 hour 30 minutes', 'PT1H30M'],
  ['2:10', 'PT2M10S'],
  ['1:02:10', 'PT1H2M10S'],
  ['PT2M10', 'PT2M10S'],
  ['PT 35 minutes', 'PT35M'],
  ['30 s 2 h', ''],
  ['130', ''],
  ['PT', ''],
  ['a while', ''],
])('a duration of “%s”', (totalTime, mended) => {
  const source = JSON.stringify({
    '@context': 'https://schema.org',
    '@type': 'HowTo',
    name: 'Clean',
    totalTime,
  });
  const expected = mended === undefined ? [] : ['value/duration', ...(mended ? [mended] : [])];
  expect(told(source, 'totalTime')).toEqual(expected);
});

test.each([
  ['en', []],
  ['de-AT', []],
  ['zh-Hant-TW', []],
  ['https://en.example/', []],
  ['en_US', ['value/language', 'en-US']],
  ['English', ['value/language', 'en']],
  ['Deutsch', ['value/language', 'de']],
  ['日本語', ['value/language', 'ja']],
  ['us', ['value/language']],
  ['English, Spanish', ['value/several', ['English', 'Spanish']]],
])('the language “%s”', (knowsLanguage, expected) =>
  expect(
    told(shop({ knowsLanguage }), 'knowsLanguage').filter((one) => one !== 'vocabulary/pending'),
  ).toEqual(expected),
);

test.each([
  ['areaServed', 'Truro, Falmouth, Redruth', ['value/several', ['Truro', 'Falmouth', 'Redruth']]],
  ['areaServed', 'Truro, Cornwall, United Kingdom', []],
  ['areaServed', 'Truro, Cornwall', []],
  ['areaServed', 'Portland, ME, Bangor', []],
  ['servesCuisine', 'Italian', []],
  ['servesCuisine', 'Italian; Seafood', ['value/several', ['Italian', 'Seafood']]],
  ['servesCuisine', 'What the boats bring in, and what the garden has that day', []],
  ['servesCuisine', ['Italian, Thai', 'Seafood'], ['value/several', ['Italian', 'Thai', 'Seafood']]],
])('%s of %j', (property, value, expected) =>
  expect(told(shop({ [property]: value }, 'Restaurant'), property)).toEqual(expected),
);

describe('a text where an item belongs', () => {
  test.each([
    ['founder', 'Ann Lee', ['vocabulary/text-for-item', { '@type': 'Person', name: 'Ann Lee' }]],
    [
      'parentOrganization',
      'Larch Group',
      ['vocabulary/text-for-item', { '@type': 'Organization', name: 'Larch Group' }],
    ],
    ['numberOfEmployees', 12, ['vocabulary/text-for-item', { '@type': 'QuantitativeValue', value: 12 }]],
    ['numberOfEmployees', 'a dozen', ['vocabulary/text-for-item']],
    ['memberOf', 'Trade body', ['vocabulary/text-for-item']],
    ['starRating', '4', ['vocabulary/value-kind', { '@type': 'Rating', ratingValue: '4' }]],
    ['parentOrganization', 'https://group.example/', []],
    ['slogan', 'Sleep well', []],
  ])('%s %j', (property, value, expected) =>
    expect(told(shop({ [property]: value }), property)).toEqual(expected),
  );

  test('is left to what is no business', () => {
    const article = {
      '@context': 'https://schema.org',
      '@type': 'Article',
      name: 'News',
      author: 'Jo',
      publisher: 'Larch',
    };
    expect(check(JSON.stringify(article)).findings.map(({ code }) => code)).not.toContain(
      'vocabulary/text-for-item',
    );
  });
});

test.each([
  ['areaServed', 'Town', 'City'],
  ['areaServed', 'Circle', 'GeoCircle'],
  ['founder', 'Human', 'Person'],
  ['parentOrganization', 'Company', 'Organization'],
  ['potentialAction', 'ReservationAction', 'ReserveAction'],
  ['logo', 'Image', 'ImageObject'],
])('%s of type “%s” is meant as %s', (property, type, meant) => {
  const findings = check(shop({ [property]: { '@type': type, name: 'A' } })).findings;
  const [one] = findings.filter(({ code }) => code === 'vocabulary/unknown-type');
  expect(one?.mend?.edits.map(({ text }) => text)).toEqual([meant]);
});

test.each([
  ['Offer', { priceValidUntil: '2020-12-31' }, 'priceValidUntil'],
  ['Offer', { priceValidUntil: '2026-12-31' }, undefined],
  ['Event', { startDate: '2026-01-02', endDate: '2026-01-05' }, 'endDate'],
  ['Event', { startDate: '2026-11-20' }, undefined],
  ['Event', { startDate: '2026-01-02', endDate: '2027-01-05' }, undefined],
  ['Store', { startDate: '2020-01-02' }, undefined],
])('%s with %j', (type, dates, property) => {
  const source = JSON.stringify({ '@context': 'https://schema.org', '@type': type, name: 'A', ...dates });
  const past = check(source, { today: '2026-11-30' }).findings.find(({ code }) => code === 'value/past');
  expect(past?.property).toBe(property);
});

test('a page and a business of one @id are told once', () => {
  const page = {
    '@context': 'https://schema.org',
    '@type': 'WebPage',
    '@id': 'https://a.example/#a',
    name: 'A',
  };
  const codes = (id: string, own = 'https://a.example/#a'): readonly string[] =>
    check(`<script type="application/ld+json">${shop({ '@id': own })}</script>
<script type="application/ld+json">${JSON.stringify({ ...page, '@id': id })}</script>`).findings.map(
      ({ code }) => code,
    );
  expect(codes('https://a.example/#a').filter((code) => code === 'structure/two-things')).toHaveLength(1);
  expect(codes('https://a.example/#b')).not.toContain('structure/two-things');
  // As many name a business: by the address of its site.
  expect(codes('https://a.example/', 'https://a.example/')).not.toContain('structure/two-things');
});

describe('a link of microdata', () => {
  const link = (property: string, href: string, type = 'Event'): readonly string[] => {
    const page = `<div itemscope itemtype="https://schema.org/${type}"><meta itemprop="name" content="Larch"><link itemprop="${property}" href="${href}"></div>`;
    return check(`<!doctype html><html lang="en"><body>${page}</body></html>`, {
      url: 'https://larch.example/',
    }).findings.flatMap((one) =>
      one.property === property ? [one.code, ...(one.mend?.edits.map(({ text }) => text) ?? [])] : [],
    );
  };
  test.each([
    ['eventStatus', 'EventScheduled', ['vocabulary/enumeration', 'https://schema.org/EventScheduled']],
    ['eventStatus', 'Scheduled', ['vocabulary/enumeration', 'https://schema.org/EventScheduled']],
    ['eventStatus', 'https://schema.org/EventScheduled', []],
    ['eventStatus', 'https://larch.example/news/scheduled', []],
    ['url', 'larchinn.example', ['value/url-relative', 'https://larchinn.example']],
    ['url', 'see our site', ['value/url']],
    ['url', 'events.html', []],
    ['url', 'our menu.pdf', []],
  ])('%s that leads to “%s”', (property, href, expected) => expect(link(property, href)).toEqual(expected));
});

test.each([
  ['<meta itemprop="email" content="mailto:desk@larch.example">', true],
  ['<a itemprop="email" href="mailto:desk@larch.example">Write</a>', false],
])('%s says more than an address of mail', (html, isTold) => {
  const page = `<div itemscope itemtype="https://schema.org/Store"><b itemprop="name">Larch</b>${html}</div>`;
  expect(check(page).findings.some(({ code }) => code === 'value/email-form')).toBe(isTold);
});
