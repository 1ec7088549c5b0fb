import { describe, expect, test } from '@jest/globals';
import { check } from './index.ts';

/** What pages of real sites carry beside the business: none of it is the business's fault. */
const business = {
  '@context': 'https://schema.org',
  '@type': 'Bakery',
  name: 'Pain Doré',
  image: 'https://pain.example/a.jpg',
  url: 'https://pain.example/',
  telephone: '+33 1 42 68 53 00',
  priceRange: '€€',
  address: {
    '@type': 'PostalAddress',
    streetAddress: '12 rue de Rivoli',
    postalCode: '75004',
    addressLocality: 'Paris',
    addressCountry: 'FR',
  },
  geo: { '@type': 'GeoCoordinates', latitude: 48.85553, longitude: 2.36041 },
  openingHours: 'Tu-Sa 07:00-19:30',
};
const script = (content: unknown, type = 'application/ld+json'): string =>
  `<script type="${type}">${JSON.stringify(content)}</script>`;
const page = (head: string, body = ''): string =>
  `<!DOCTYPE html><html lang="fr"><head><title>Pain Doré</title><link rel="canonical" href="https://pain.example/">${script(business)}${head}</head><body><h1>Pain Doré</h1><p>12 rue de Rivoli, 75004 Paris<br>Tél. 01 42 68 53 00</p><p>Mardi – samedi 7h–19h30</p>${body}</body></html>`;
const told = (source: string): readonly string[] =>
  check(source, { url: 'https://pain.example/', today: '2026-11-26' }).findings.flatMap(
    ({ grade, code, property }) =>
      code === 'guideline/worth-having' ? [] : [`${grade} ${code} ${property ?? ''}`.trim()],
  );

const plugin = {
  '@context': 'https://tracker.example',
  '@graph': [
    { '@type': 'Plugin', version: '1.2' },
    { '@type': 'Site', name: 'x', rtl: false },
  ],
};

describe('data of another vocabulary', () => {
  test.each([
    ['a script of a program', script(plugin, 'application/x-tracker+json')],
    ['a script of JSON-LD', script(plugin)],
    [
      'a note of a social network',
      script({
        '@context': ['https://www.w3.org/ns/activitystreams', { schema: 'http://schema.org#' }],
        type: 'Person',
        id: 'https://pain.example/u',
        preferredUsername: 'pain',
      }),
    ],
  ])('%s is none of ours', (_, head) => expect(told(page(head))).toEqual([]));

  test('data of a program under the type of JSON-LD are one fault, whatever they hold', () => {
    const state = { appVersion: '1', cart: { items: [], total: 0 }, user: null, flags: ['a'], url: '/' };
    expect(told(page(script(state)))).toEqual(['must syntax/missing-context']);
    const bare = JSON.stringify(business).replace('"@context":"https://schema.org",', '');
    const [one] = check(`<script type="application/ld+json">${bare}</script>`).findings.filter(
      ({ code }) => code === 'syntax/missing-context',
    );
    expect(one?.mend?.certain).toBe(true);
  });

  test('a business is one whatever context it was given', () => {
    for (const context of ['https://vocabulary.example', 'https://www.w3.org/ns/schema'])
      expect(told(page(script({ ...business, '@context': context })))).toContain('must syntax/wrong-context');
    expect(told(page(script(business, 'application/x-later+json')))).toContain('must syntax/script-type');
  });
});

describe('what other programs write', () => {
  test('what a text is about may be any thing', () => {
    const text = { '@context': 'https://schema.org', '@type': 'BlogPosting', headline: 'Le levain' };
    const thing = { '@type': 'Thing', name: 'levain' };
    expect(told(page(script({ ...text, about: [thing], mentions: thing })))).toEqual([]);
    expect(told(page(script({ ...thing, '@context': 'https://schema.org' })))).toEqual([
      'should vocabulary/abstract @type',
    ]);
  });

  test('a type told by its keyword and by schema.org’s own name for it is told', () => {
    expect(
      told(page(script({ '@context': 'https://schema.org', type: 'WebSite', '@type': 'WebSite' }))),
    ).toEqual([]);
  });

  test('a site among the profiles is a note; a home page among a business’s is not', () => {
    const people = {
      '@context': 'https://schema.org',
      '@type': 'Organization',
      name: 'Anne Roche',
      sameAs: ['https://anne-roche.example/', 'https://social.example/anne'],
    };
    expect(told(page(script(people)))).toEqual(['note value/profile-site sameAs']);
    const codes = (...sameAs: readonly string[]): readonly string[] =>
      check(JSON.stringify({ ...business, sameAs })).findings.flatMap(({ code }) =>
        code.startsWith('value/profile') ? [code] : [],
      );
    expect(codes('https://pain.example/', 'https://social.example/')).toEqual([
      'value/profile',
      'value/profile-site',
    ]);
    expect(codes('https://pain.example/')).toEqual(['value/profile']);
  });

  test('what templates mark without an item is a note; an address without one is not', () => {
    expect(
      told(
        page(
          '<meta itemprop="image" content="https://pain.example/a.jpg">',
          '<a itemprop="url" href="https://pain.example/"><img itemprop="logo" src="l.png" alt="Pain Doré"></a>',
        ),
      ),
    ).toEqual([
      'note structure/itemprop-idle image',
      'note structure/itemprop-idle url',
      'note structure/itemprop-idle logo',
    ]);
    expect(told(page('', '<span itemprop="telephone">01 42 68 53 00</span>'))).toEqual([
      'must structure/itemprop-outside telephone',
    ]);
  });

  test('broken quotes of what is no markup are none of ours', () => {
    expect(told(page('<meta name=\\"verification\\" content=\\"abc\\" />'))).toEqual([]);
  });

  test('who publishes an article is no place of business', () => {
    const article = { '@type': 'NewsArticle', headline: 'Le levain' };
    const publisher = { '@type': 'Organization', name: 'Le Four', address: business.address };
    const codes = (graph: readonly unknown[]): readonly string[] =>
      check(script({ '@context': 'https://schema.org', '@graph': graph })).findings.flatMap(
        ({ grade, code }) => (grade === 'note' ? [] : [code]),
      );
    expect(codes([article, publisher])).toEqual([]);
    expect(codes([publisher])).toContain('vocabulary/no-local-business');
  });
});

describe('what one program did throughout', () => {
  const recipe = (change: (text: string) => string): string =>
    change(
      JSON.stringify(
        {
          '@context': 'https://schema.org',
          '@type': 'Recipe',
          name: 'Pain',
          recipeIngredient: Array.from({ length: 9 }, (_, at) => `Farine & eau ${String(at)}`),
        },
        null,
        1,
      ),
    );
  test.each([
    ['references of HTML', recipe((text) => text.replaceAll('&', '&amp;')), 'value/entities'],
    ['broken lines', recipe((text) => text.replaceAll('Farine', 'Farine\n')), 'syntax/raw-line-break'],
  ])('%s are one finding with its places and one mend', (_, json, code) => {
    const [one, ...others] = check(`<script type="application/ld+json">${json}</script>`).findings.filter(
      (finding) => finding.code === code,
    );
    expect([others, one?.related.length, one?.mend?.edits.length, one?.mend?.certain]).toEqual([
      [],
      8,
      9,
      true,
    ]);
  });

  test('are told at their first places, and mended at all', () => {
    const names = Array.from({ length: 3000 }, (_, at) => `"Farine &amp; ${String(at)}"`);
    const json = `{"@context":"https://schema.org","@type":"Recipe","recipeIngredient":[${names.join()}]}`;
    const [one] = check(json).findings.filter(({ code }) => code === 'value/entities');
    expect([one?.related.length, one?.mend?.edits.length]).toEqual([500, 3000]);
  });

  test('properties outside every item, which nothing can hold', () => {
    const body =
      '<div><b itemprop="name">A</b><i itemprop="telephone">1</i><u itemprop="email">a@b.example</u></div>';
    const outside = check(body).findings.filter(({ code }) => code === 'structure/itemprop-outside');
    expect(outside.map(({ related }) => related.length)).toEqual([2]);
  });
});

describe('a date with its time', () => {
  test.each([
    ['2011-12-20 17:41:09', '2011-12-20T17:41:09'],
    ['2021-10-11 00:00:00.0', '2021-10-11T00:00:00'],
    ['2017-11-16T15:15:00ZZ', '2017-11-16T15:15:00Z'],
    ['2021-02-01 09:17:03 -0500', '2021-02-01T09:17:03-05:00'],
    ['2021-02-01 09:17 UTC', '2021-02-01T09:17Z'],
  ])('%s is %s', (written, meant) => {
    const source = `{"@context":"https://schema.org","@type":"Article","datePublished":"${written}"}`;
    const [one] = check(source).findings.filter(({ code }) => code === 'value/date');
    expect([one?.mend?.certain, one?.mend?.edits.map(({ text }) => text).join()]).toEqual([
      true,
      `"${meant}"`,
    ]);
    expect(one?.message).toContain(meant);
  });
});
