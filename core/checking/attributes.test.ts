/** Attributes of microdata: misspelt, without their sign, or on an element that keeps its value in another. */
import { describe, expect, test } from '@jest/globals';
import { applyEdits } from '#core/text';
import { check } from './index.ts';

const item = (body: string, attributes = 'itemscope itemtype="https://schema.org/Bakery"'): string =>
  `<!doctype html><html lang="en"><title>t</title><body><div ${attributes}><h1 itemprop="name">Kern</h1>${body}</div></body></html>`;

/** What is told of a source but what the guidelines want, and the source with the mends. */
function told(source: string): readonly [readonly string[], string] {
  const findings = check(source).findings.filter(({ code }) => !/^(?:guideline|agreement)\//.test(code));
  const edits = findings.flatMap(({ mend }) => mend?.edits ?? []);
  return [
    findings.map(({ code, property, mend }) =>
      `${code} ${property ?? ''}${mend?.certain ? ' certain' : ''}`.trim(),
    ),
    applyEdits(
      source,
      edits.toSorted((a, b) => a.start - b.start),
    ),
  ];
}

describe('a value in the wrong attribute is one finding with its mend', () => {
  test.each([
    [
      '<meta itemprop="telephone" value="+49 221 123456">',
      '<meta itemprop="telephone" content="+49 221 123456">',
    ],
    [
      '<link itemprop="url" content="https://kern.example/">',
      '<link itemprop="url" href="https://kern.example/">',
    ],
    [
      '<link itemprop="logo" src="https://kern.example/l.png">',
      '<link itemprop="logo" href="https://kern.example/l.png">',
    ],
    [
      '<img itemprop="logo" alt="Kern" content="https://kern.example/l.png">',
      '<img itemprop="logo" alt="Kern" src="https://kern.example/l.png">',
    ],
    [
      '<time itemprop="openingHours" content="Mo-Fr 08:00-17:00">8–5</time>',
      '<time itemprop="openingHours" datetime="Mo-Fr 08:00-17:00">8–5</time>',
    ],
    [
      '<data itemprop="priceRange" content="€€">fair</data>',
      '<data itemprop="priceRange" value="€€">fair</data>',
    ],
  ])('%s', (wrong, right) => {
    const [codes, mended] = told(item(wrong));
    expect(codes).toEqual([expect.stringMatching(/^structure\/content-ignored \w+ certain$/) as unknown]);
    expect(mended).toBe(item(right));
    expect(told(mended)[0]).toEqual([]);
  });

  test('but not where the right one is there, or a script puts it there later', () => {
    for (const body of [
      '<img itemprop="logo" alt="K" src="https://kern.example/l.png" data="x">',
      '<link itemprop="url" href="https://kern.example/">',
    ])
      expect(told(item(body))[0].filter((one) => one.includes('certain'))).toEqual([]);
  });
});

test('a misspelt itemscope is told, and not what would belong to its item', () => {
  for (const name of ['item-scope', 'itemscop', 'itemScoped']) {
    const [codes, mended] = told(item('', `${name} itemtype="https://schema.org/Bakery"`));
    expect(codes).toContain('structure/misspelt @type certain');
    expect(codes.filter((one) => one.includes('outside'))).toEqual([]);
    expect(check(mended).findings.some(({ code }) => code === 'structure/misspelt')).toBe(false);
  }
});

test('an itemprop without its sign is mended, one without a name told', () => {
  const [codes, mended] = told(item('<b itemprop "slogan">Brot</b>'));
  expect(codes).toEqual(['structure/itemprop-outside slogan certain']);
  expect(mended).toBe(item('<b itemprop="slogan">Brot</b>'));
  expect(told(item('<b itemprop>Brot</b>'))[0]).toEqual(['structure/itemprop-outside']);
});

test('types with commas between them stay several, and an address with a hash is told once', () => {
  const source = item('', 'itemscope itemtype="https://schema.org/Bakery,https://schema.org/Store"');
  expect(told(source)[1]).toContain('itemtype="https://schema.org/Bakery https://schema.org/Store"');
  const hashed = item('', 'itemscope itemtype="https://schema.org/#Bakery"');
  expect(told(hashed)).toEqual([['syntax/wrong-context  certain'], item('')]);
});

test('an item without a type is told in the words of its syntax', () => {
  const [nameless] = check('<div itemscope><b itemprop="name">Kern</b></div>').findings;
  expect(nameless).toMatchObject({ code: 'structure/no-type' });
  expect(nameless?.message).toContain('itemtype="https://schema.org/…"');
  const json = '{"@context":"https://schema.org","name":"Kern"}';
  const [other] = check(`<script type="application/ld+json">${json}</script>`).findings;
  expect(other?.message).toContain('"@type"');
});

test('names of an item of another vocabulary are that one’s', () => {
  const source = item('<b itemprop="colour">red</b>', 'itemscope itemtype="https://words.example/Thing"');
  expect(told(source)[0]).toEqual(['structure/other-markup']);
  const old = item(
    '<b itemprop="name">Kern</b>',
    'itemscope itemtype="http://data-vocabulary.org/Organization"',
  );
  expect(told(old)[0]).toEqual(['vocabulary/superseded @type', 'structure/other-markup']);
});

test('a value that was never filled in is told as that alone', () => {
  const codes = (property: string, content: string): unknown =>
    told(item(`<b itemprop="name">Kern</b><meta itemprop="${property}" content="${content}">`))[0];
  const usual = codes('slogan', 'Brot');
  for (const [property, content] of [
    ['telephone', '{{ phone }}'],
    ['image', 'https://kern.example/undefined'],
    ['logo', '${logo}'],
    ['priceRange', '%%price%%'],
    ['openingHours', '{{ hours }}'],
  ] as const)
    expect(codes(property, content)).toEqual(expect.arrayContaining([`value/placeholder ${property}`]));
  expect(usual).not.toContain('value/placeholder slogan');
});

test('references that nobody resolves twice are told in attributes and in texts', () => {
  const [codes, mended] = told(item('<meta itemprop="slogan" content="Brot &amp;amp; mehr">'));
  expect(codes).toEqual(['value/entities slogan certain']);
  expect(mended).toContain('content="Brot &amp; mehr"');
  expect(told(item('<b itemprop="slogan">Brot &amp;amp; mehr</b>'))[0]).toEqual(['value/entities slogan']);
  expect(told(item('<b itemprop="slogan">Brot &amp; mehr</b>'))[0]).toEqual([]);
});

test('what runs over a lost quote is told as that alone', () => {
  const source = item('<b itemprop="slogan>Brot</b> <meta itemprop="email" content="a@kern.example">');
  expect(told(source)[0].filter((one) => one.includes('ignored'))).toEqual([]);
});

test('within an item of whatever type a misspelt property is meant for microdata', () => {
  const source = item('<b propperty="slogan">Brot</b>', 'itemscope itemtype="https://schgma.org/Bakery"');
  expect(told(source)[1]).toContain('<b itemprop="slogan">Brot</b>');
  const rdfa = '<div vocab="https://schema.org/" typeof="Bakery"><b propperty="name">Kern</b></div>';
  expect(told(rdfa)[1]).toContain('<b property="name">Kern</b>');
});

test.each([
  ['24:00 Uhr', '23:59', true],
  ['bis 11 Uhr', '11:00', true],
  ['6:00', '18:00', true],
  ['6:00 am', '18:00', false],
  ['6:30', '18:00', false],
  ['11 Uhr', '12:00', false],
])('“%s” is shown of the time %s: %s', (shown, told, isSame) => {
  const source = `<div itemscope itemtype="https://schema.org/OpeningHoursSpecification"><time itemprop="closes" datetime="${told}">${shown}</time></div>`;
  const codes = check(source).findings.map(({ code }) => code);
  expect(codes.includes('structure/shown-otherwise')).toBe(!isSame);
});

test('an address without its scheme that begins with the page’s host gets it', () => {
  const json =
    '<script type="application/ld+json">{"@context":"https://schema.org","@type":"Store","url":"kern.example/berlin"}</script>';
  const mended = (html: string, url: string): string =>
    applyEdits(
      html,
      check(html, { url }).findings.find(({ code }) => code === 'value/url-relative')?.mend?.edits ?? [],
    );
  expect(mended(json, 'https://kern.example/')).toContain('"url":"https://kern.example/berlin"');
  expect(mended(json, 'https://other.example/')).toBe(json);
});

test.each(['http:://other.example/', 'https:/other.example/', 'https://other.example/'])(
  'a page of another site is told, however its address is misspelt: %s',
  (url) => {
    const json = `<script type="application/ld+json">{"@context":"https://schema.org","@type":"Store","url":"${url}"}</script>`;
    const codes = check(json, { url: 'https://kern.example/' }).findings.map(({ code }) => code);
    expect(codes).toContain('agreement/url');
  },
);

test.each([
  ['<a itemprop="hasMap" href="#">Map</a>', true],
  ['<img itemprop="image" src="" alt="A">', true],
  ['<a itemprop="url" href="">Home</a>', false],
  ['<meta itemprop="slogan" content="#">', false],
])('an address that leads to the page itself is empty: %s', (html, isTold) => {
  const codes = check(item(html), { url: 'https://kern.example/' }).findings.map(({ code }) => code);
  expect(codes.includes('value/empty')).toBe(isTold);
});

describe('the page that a business names', () => {
  const page = (url: string, more = ''): string =>
    `<!doctype html><link rel="canonical" href="https://hollins.example/saltby/"><p>9 Row</p>
<script type="application/ld+json">{"@context":"https://schema.org","@type":"Optician","name":"Hollins","url":"${url}","address":{"@type":"PostalAddress","streetAddress":"9 Row"}}</script>${more}`;
  const told = (source: string): string[] =>
    check(source).findings.flatMap(({ code, property }) =>
      code.startsWith('agreement/') && property === 'url' ? [code] : [],
    );
  const organisation = (name: string, url: string): string =>
    `<script type="application/ld+json">{"@context":"https://schema.org","@type":"Organization","name":"${name}","url":"${url}"}</script>`;

  test.each([
    ['https://hollins.example/saltby/', []],
    ['https://hollins.example/saltby/?utm_source=map', []],
    ['https://hollins.example/', ['agreement/other-page']],
    ['https://hollins.example/saltby/team', ['agreement/other-page']],
    ['https://hollins.example/truro/', ['agreement/canonical']],
  ])('%s beside the canonical link', (url, codes) => {
    expect(told(page(url)).filter((code) => code !== 'agreement/url')).toEqual(codes);
  });

  test.each([
    ['Hollins', 'https://hollims.example/', ['agreement/url']],
    ['Hollins', 'https://hollins-group.example/', []],
    ['Vane', 'https://hollims.example/', []],
  ])('the organisation %s at %s', (name, url, codes) => {
    expect(told(page('https://hollins.example/saltby/', organisation(name, url)))).toEqual(codes);
  });
});

test.each([
  ['itemscope', 'itemscope itemtype="https://schema.org/PostalAddress"'],
  ['itemscope=""', 'itemscope="" itemtype="https://schema.org/PostalAddress"'],
])('an item of microdata without a type gets the one that its property asks for: %s', (scope, mended) => {
  const source = (tag: string): string =>
    `<div itemscope itemtype="https://schema.org/Store"><b itemprop="name">A</b><p class=x itemprop="address" ${tag}><b itemprop="streetAddress">9 Hollins Row</b></p></div>`;
  const mend = check(source(scope)).findings.find(({ code }) => code === 'structure/no-type')?.mend;
  expect(mend?.certain).toBe(true);
  expect(applyEdits(source(scope), mend?.edits ?? [])).toBe(source(mended));
});

test('a tag that a lost quote filled with others’ names is mended by nobody', () => {
  const source = item(
    '<b itemprop="email"61<meta itemprop="name" content="A></b><meta itemprop="name" content="A">',
  );
  const [found] = check(source).findings.filter(({ code }) => code === 'structure/content-ignored');
  expect(found?.mend ?? null).toBeNull();
});
