import { describe, expect, test } from '@jest/globals';
import { check } from './check.ts';

const told = (source: string): readonly string[] =>
  check(source)
    .findings.filter(({ grade }) => grade !== 'note')
    .map(({ code, property, mend }) => `${code} ${property ?? ''} ${mend?.edits[0]?.text ?? ''}`.trim())
    .filter((one) => !one.startsWith('guideline/'));
const microdata = (body: string): string =>
  `<div itemscope itemtype="https://schema.org/Florist"><b itemprop="name">Fern</b>${body}</div>`;
const rdfa = (body: string): string =>
  `<div vocab="https://schema.org/" typeof="Florist"><b property="name">Fern</b>${body}</div>`;

describe('an element with properties of another item inside', () => {
  test.each([
    [
      microdata(
        '<p itemprop="address"><i itemprop="streetAddress">9 Row</i> <i itemprop="postalCode">CT15 4AB</i></p>',
      ),
      'structure/no-itemscope address  itemscope itemtype="https://schema.org/PostalAddress"',
    ],
    [
      microdata(
        '<p itemprop="geo"><meta itemprop="latitude" content="51.2"><meta itemprop="longitude" content="1.3"></p>',
      ),
      'structure/no-itemscope geo  itemscope itemtype="https://schema.org/GeoCoordinates"',
    ],
    [
      rdfa(
        '<p property="address"><i property="streetAddress">9 Row</i>, <i property="addressLocality">Deal</i></p>',
      ),
      'structure/no-typeof address  typeof="PostalAddress"',
    ],
    [
      rdfa(
        '<p property="aggregateRating"><i property="ratingValue">4.5</i>, <i property="reviewCount">7</i></p>',
      ),
      'structure/no-typeof aggregateRating  typeof="AggregateRating"',
    ],
  ])('begins none, and is told once: %s', (source, fault) => {
    expect(told(source).filter((one) => !one.startsWith('value/'))).toEqual([fault]);
  });

  test.each([
    microdata('<p itemprop="description">Ask for <b itemprop="employee">Ada</b></p>'),
    rdfa('<p property="description">Flowers by <span property="slogan">Fern</span></p>'),
    rdfa('<a property="url" href="https://fern.example/"><b property="alternateName">Fern</b></a>'),
  ])('needs none where they are its own: %s', (source) => {
    expect(told(source).filter((one) => one.startsWith('structure/'))).toEqual([]);
  });
});

test('properties of one type that stand in another are one fault', () => {
  const parts =
    '<i itemprop="streetAddress">9 Row</i><i itemprop="addressLocality">Deal</i><i itemprop="postalCode">CT15 4AB</i>';
  expect(
    told(
      microdata(
        `<div itemprop="address" itemscope itemtype="https://schema.org/PostalAddress"></div>${parts}`,
      ),
    ),
  ).toEqual(expect.arrayContaining(['vocabulary/not-of-type streetAddress']));
  expect(told(microdata(parts)).filter((one) => one.startsWith('vocabulary/'))).toHaveLength(1);
});

test.each([
  ['7', []],
  ['17', ['agreement/rating-not-visible reviewCount']],
])('%s reviews are held against those that are shown', (reviewCount, faults) => {
  const rating = { '@type': 'AggregateRating', ratingValue: 4.5, reviewCount };
  const source = `<title>x</title><script type="application/ld+json">${JSON.stringify({ '@context': 'https://schema.org', '@type': 'Florist', name: 'Fern', aggregateRating: rating })}</script><h1>Fern</h1><p>4,5 von 5 (7 Bewertungen)</p>`;
  expect(told(source).filter((one) => one.startsWith('agreement/'))).toEqual(faults);
});

test.each([
  ['12.5', ['value/number reviewCount']],
  ['1,234 reviews', ['value/number reviewCount "1234"']],
  ['12', []],
])('a count of “%s” reviews is a whole number or told', (reviewCount, faults) => {
  const rating = { '@type': 'AggregateRating', ratingValue: 4.5, reviewCount };
  const source = JSON.stringify({
    '@context': 'https://schema.org',
    '@type': 'Florist',
    name: 'Fern',
    aggregateRating: rating,
  });
  expect(told(source).filter((one) => one.startsWith('value/'))).toEqual(faults);
});

test('several types in one text are made a list', () => {
  const source = '{"@context":"https://schema.org","@type":"Bakery, LocalBusiness","name":"Blue"}';
  expect(told(source)).toEqual(['vocabulary/unknown-type @type ["Bakery", "LocalBusiness"]']);
});

test('a type in other capitals is not told to be no business too', () => {
  const source = '{"@context":"https://schema.org","@type":"autorepair","name":"Blue"}';
  expect(check(source).findings.map(({ code }) => code)).toEqual(['vocabulary/capitals']);
});

test('a type that nobody knows is not told to be no business too', () => {
  const source = '{"@context":"https://schema.org","@type":["AutoRepairs","Organization"],"name":"Blue"}';
  expect(told(source)).toEqual(['vocabulary/unknown-type @type AutoRepair']);
});

describe('RDFa without typeof', () => {
  const codes = (source: string): readonly string[] =>
    check(source).findings.flatMap(({ code }) => (code === 'structure/no-typeof' ? [code] : []));
  const inside = '<span property="name">Larch</span><span property="telephone">01803 555041</span>';

  test('tells of the page itself', () => {
    expect(codes(`<div vocab="https://schema.org/">${inside}</div>`)).toEqual(['structure/no-typeof']);
    expect(codes(`<div vocab="https://schema.org/" resource="#shop">${inside}</div>`)).toEqual([
      'structure/no-typeof',
    ]);
  });

  test('is meant as what its properties belong to', () => {
    const mend = (more: string): string | undefined =>
      check(`<div vocab="https://schema.org/">${inside}${more}</div>`).findings.find(
        ({ code }) => code === 'structure/no-typeof',
      )?.mend?.edits[0]?.text;
    expect(mend('')).toBe(' typeof="LocalBusiness"');
    expect(mend('<span property="servesCuisine">Thai</span>')).toBe(' typeof="FoodEstablishment"');
    expect(mend('<span property="checkinTime">15:00</span>')).toBe(' typeof="LodgingBusiness"');
  });

  test('under no vocab is told once, for all that stands inside', () => {
    const source =
      '<div typeof="Store"><div property="address" typeof="PostalAddress"></div></div><p typeof="Event"></p>';
    const places = check(source).findings.flatMap(({ code, place }) =>
      code === 'structure/no-vocab' ? [source.slice(place.start, place.end)] : [],
    );
    expect(places).toEqual(['<div typeof="Store">', '<p typeof="Event">']);
  });

  test.each([
    `<body vocab="https://schema.org/"><div typeof="Store">${inside}</div>`,
    `<div vocab="https://schema.org/" resource="#shop">${inside}</div><i resource="#shop" typeof="Store"></i>`,
    `<div vocab="https://schema.org/"><span property="name">Larch</span></div>`,
    `<div vocab="http://xmlns.com/foaf/0.1/">${inside}</div>`,
    `<div>${inside}</div>`,
  ])('is not what %s is', (source) => expect(codes(source)).toEqual([]));
});

test('what stands in a business of an unknown type is not taken for the business', () => {
  const department = { '@type': 'Store', name: 'Larch Tools', telephone: '+44 1803 555042' };
  const source = `<script type="application/ld+json">${JSON.stringify({
    '@context': 'https://schema.org',
    '@type': 'Stor',
    name: 'Larch',
    department,
  })}</script><p>Larch, 01803 555041</p>`;
  expect(check(source).findings.flatMap(({ code, grade }) => (grade === 'note' ? [] : [code]))).toEqual([
    'vocabulary/unknown-type',
  ]);
});
