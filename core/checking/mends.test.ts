/** Mends that leave what visitors read, and mends of one cause that several findings had. */
import { describe, expect, test } from '@jest/globals';
import { applyEdits } from '#core/text';
import { check } from './index.ts';

const ADDRESS =
  '"address":{"@type":"PostalAddress","streetAddress":"Ringstraße 5","postalCode":"50667","addressLocality":"Köln","addressCountry":"DE"}';
const json = (more: string, address = ADDRESS): string =>
  `<script type="application/ld+json">{"@context":"https://schema.org","@type":"Bakery","name":"Kern",${address}${more ? `,${more}` : ''}}</script>`;
const marked = (body: string): string =>
  `<div itemscope itemtype="https://schema.org/Bakery"><b itemprop="name">Kern</b>${body}</div>`;

/** The findings of some codes, and the source with all of their mends. */
function mended(source: string, codes: RegExp): { codes: readonly string[]; source: string } {
  const findings = check(source).findings.filter(({ code }) => codes.test(code));
  const edits = findings.flatMap(({ mend }) => mend?.edits ?? []);
  return {
    codes: findings.map(
      ({ code, mend }) => `${code} ${mend ? (mend.certain ? 'certain' : 'guess') : 'none'}`,
    ),
    source: applyEdits(
      source,
      edits.toSorted((a, b) => a.start - b.start),
    ),
  };
}

describe('what visitors read stays, with its machine form in or beside it', () => {
  test.each([
    [
      '<p itemprop="geo" itemscope itemtype="https://schema.org/GeoCoordinates"><i itemprop="latitude">50,93840</i> <i itemprop="longitude">6,95998</i></p>',
      '<i><data itemprop="latitude" value="50.93840">50,93840</data></i> <i><data itemprop="longitude" value="6.95998">6,95998</data></i>',
    ],
    [
      '<p itemprop="aggregateRating" itemscope itemtype="https://schema.org/AggregateRating"><i itemprop="ratingValue">4,7</i> <i itemprop="reviewCount">87 Bewertungen</i></p>',
      '<i><data itemprop="ratingValue" value="4.7">4,7</data></i> <i><data itemprop="reviewCount" value="87">87 Bewertungen</data></i>',
    ],
    [
      '<i itemprop="email">info (at) kern (punkt) example</i>',
      '<data itemprop="email" value="info@kern.example">info (at) kern (punkt) example</data>',
    ],
    [
      '<i itemprop="url">kern.example</i>',
      '<data itemprop="url" value="https://kern.example">kern.example</data>',
    ],
    [
      '<i itemprop="foundingDate">seit 1923</i>',
      '<data itemprop="foundingDate" value="1923">seit 1923</data>',
    ],
    [
      '<i itemprop="currenciesAccepted">Euro</i>',
      '<data itemprop="currenciesAccepted" value="EUR">Euro</data>',
    ],
    [
      '<time itemprop="openingHours">Mo-Fr 9-18 Uhr</time>',
      '<time datetime="Mo-Fr 09:00-18:00" itemprop="openingHours">Mo-Fr 9-18 Uhr</time>',
    ],
    [
      '<i itemprop="openingHours">Mo-Fr 9-18 Uhr</i>',
      '<data itemprop="openingHours" value="Mo-Fr 09:00-18:00">Mo-Fr 9-18 Uhr</data>',
    ],
  ])('%s', (body, after) => {
    const source = marked(body);
    const result = mended(source, /^value\//);
    expect(result.source).toContain(after);
    expect(result.source.replace(/<[^>]*>/g, '')).toBe(source.replace(/<[^>]*>/g, ''));
    expect(check(result.source).findings.filter(({ code }) => /^value\//.test(code))).toEqual([]);
  });
});

describe('one cause is one finding', () => {
  const whole = (parts: string): string =>
    json('', `"address":{"@type":"PostalAddress",${parts},"addressCountry":"DE"}`);

  test('a street that holds the whole address is taken apart', () => {
    const result = mended(whole('"streetAddress":"Ringstraße 5, 50667 Köln"'), /^value\//);
    expect(result.codes).toEqual(['value/street guess']);
    expect(result.source).toContain(
      '"streetAddress":"Ringstraße 5", "addressLocality": "Köln", "postalCode": "50667","addressCountry"',
    );
  });

  test('parts that are said already are taken out of it, and others left for people', () => {
    const said = whole(
      '"streetAddress":"Ringstraße 5, 50667 Köln","postalCode":"50667","addressLocality":"Köln"',
    );
    expect(mended(said, /^value\//).source).toContain('"streetAddress":"Ringstraße 5","postalCode":"50667"');
    const other = whole(
      '"streetAddress":"Ringstraße 5, 50667 Köln","postalCode":"50667","addressLocality":"Bonn"',
    );
    expect(mended(other, /^value\/street/).codes).toEqual(['value/street none']);
  });

  test('a town behind its postal code', () => {
    const result = mended(whole('"streetAddress":"Ringstraße 5","addressLocality":"50667 Köln"'), /^value\//);
    expect(result.codes).toEqual(['value/town certain']);
    expect(result.source).toContain('"addressLocality":"Köln", "postalCode": "50667"');
  });

  test('a region before the postal code', () => {
    const us = json(
      '',
      '"address":{"@type":"PostalAddress","streetAddress":"1 A","addressLocality":"B","addressRegion":"IL 62701","addressCountry":"US"}',
    );
    const result = mended(us, /^value\//);
    expect(result.codes).toEqual(['value/region certain']);
    expect(result.source).toContain('"addressRegion":"IL", "postalCode": "62701"');
  });

  test('words before a number, and a count under a misspelt name', () => {
    expect(mended(json('"telephone":"Tel. 0221 123456"'), /^value\//).codes).toEqual([
      'value/telephone-form certain',
    ]);
    const votes = '"aggregateRating":{"@type":"AggregateRating","ratingValue":4.8,"votes":12}';
    expect(mended(json(votes), /^value\/|unknown/).codes).toEqual(['vocabulary/unknown-property guess']);
  });

  test('a picture whose address is under a misspelt name', () => {
    const source = json('"image":{"@type":"ImageObject","contentURL":"https://a.example/a.jpg"}');
    expect(mended(source, /capitals|value/).codes).toEqual(['vocabulary/capitals certain']);
  });
});

test.each([
  [
    '"geo":"50.9384, 6.95998"',
    '"geo":{ "@type": "GeoCoordinates", "latitude": 50.9384, "longitude": 6.95998 }',
  ],
  [
    '"review":{"@type":"Review","author":"A","reviewRating":4}',
    '"reviewRating":{ "@type": "Rating", "ratingValue": 4 }',
  ],
  [
    '"description":"<p>Brot und <b>mehr</b>.</p><p>Täglich.</p>"',
    '"description":"Brot und mehr.\\nTäglich."',
  ],
  ['"telephone":49221123456', '"telephone":"+49 221 123456"'],
  ['"telephone":"49 (221) 123456"', '"telephone":"+49 221 123456"'],
  ['"url":"//kern.example/"', '"url":"https://kern.example/"'],
  ['"url":"https:/kern.example"', '"url":"https://kern.example"'],
  [
    '"sameAs":"https://a.example/x, https://b.example/y"',
    '"sameAs":["https://a.example/x", "https://b.example/y"]',
  ],
  [
    '"sameAs":["https://a.example/x https://b.example/y"]',
    '"sameAs":["https://a.example/x", "https://b.example/y"]',
  ],
  ['"acceptsReservations":"ja"', '"acceptsReservations":"Yes"'],
  [
    '"aggregateRating":{"@type":"AggregateRating","ratingValue":"4,5 von 5","reviewCount":"1.024"}',
    '"ratingValue":"4.5","reviewCount":"1024"',
  ],
  [
    '"openingHoursSpecification":{"@type":"OpeningHoursSpecification","dayOfWeek":"Monday","opens":"00:00","closes":"24:00"}',
    '"closes":"23:59"',
  ],
])('%s is mended', (more, after) => {
  expect(mended(json(more), /^value\/(?!entities)|value-kind/).source).toContain(after);
});

test('another scale than the usual is left for people, and so is a number that is one at home', () => {
  const ten = json('"aggregateRating":{"@type":"AggregateRating","ratingValue":"9/10","reviewCount":"3"}');
  expect(mended(ten, /^value\/rating/).codes).toEqual(['value/rating none']);
  expect(mended(json('"telephone":"0221 123456"'), /^value\/telephone/).source).toContain('"+49 221 123456"');
});

test('a context that is nearly schema.org’s address is mended', () => {
  const source = json('').replace('schema.org', 'shema.org');
  expect(mended(source, /context/).source).toBe(json(''));
  expect(mended(source.replace('shema.org', 'w3.org'), /context/).codes).toEqual([
    'syntax/wrong-context none',
  ]);
});
