import { describe, expect, test } from '@jest/globals';
import { jsonLd } from '#core/markup';
import { readSource } from '#core/reading';
import { recordSchema, type BusinessRecord } from '#core/record';
import { larkspur } from '#sample';
import { matchPage } from './matching.ts';
import { matchesPath, mostStars } from './pathPattern.ts';
import { planPage, type PageAct } from './plan.ts';
import { placementRuleSchema, ruledPages } from './rule.ts';

describe('a pattern of paths', () => {
  test.each([
    ['/locations/*', 'locations/truro.html', true],
    ['locations/*', 'locations/south/truro.html', false],
    ['locations/**', 'locations/south/truro.html', true],
    ['locations/', 'locations/south/truro.html', true],
    ['*.html', 'index.html', true],
    ['*.html', 'a/index.html', false],
    ['**/index.html', 'a/b/index.html', true],
    ['a+b(1).html', 'a+b(1).html', true],
    ['a.b', 'axb', false],
    ['*', '', true],
    ['**', 'any/where.html', true],
    ['café/*', 'café/é.html', true],
    ['/', 'index.html', true],
    ['/', 'index.php', true],
    ['/', 'contact.html', false],
    ['/contact', 'contact/index.html', true],
    ['/contact', 'contact/us.html', false],
    ['contact/index.html', 'contact/index.html', true],
  ])('%s and %s: %s', (pattern, path, fits) => expect(matchesPath(pattern, path)).toBe(fits));

  test('takes no longer for one that is made to take long', () => {
    expect(matchesPath('**a'.repeat(8), `${'a'.repeat(499)}b`)).toBe(false);
    expect(mostStars('**a'.repeat(8))).toBe(true);
    expect(mostStars('*a'.repeat(9))).toBe(false);
  });
});

describe('a rule', () => {
  const pages = [
    { id: 1, path: 'index.html', ownBranch: null },
    { id: 2, path: 'shops/a.html', ownBranch: 7 },
    { id: 3, path: 'shops/b.html', ownBranch: 8 },
  ];
  const idsOf = (rule: object) =>
    ruledPages(placementRuleSchema.parse({ form: 'jsonld', at: 'head', ...rule }), pages).map(
      ({ page, branch }) => [page.id, branch],
    );
  test.each([
    [
      { pages: { kind: 'own' } },
      [
        [2, 7],
        [3, 8],
      ],
    ],
    [
      { pages: { kind: 'every' } },
      [
        [1, null],
        [2, 7],
        [3, 8],
      ],
    ],
    [
      { pages: { kind: 'every' }, branch: 7 },
      [
        [1, 7],
        [2, 7],
        [3, 7],
      ],
    ],
    [
      { pages: { kind: 'pattern', pattern: 'shops/*' } },
      [
        [2, 7],
        [3, 8],
      ],
    ],
    [
      { pages: { kind: 'chosen', ids: [1, 3] } },
      [
        [1, null],
        [3, 8],
      ],
    ],
  ])('%j is about %j', (rule, ids) => expect(idsOf(rule)).toEqual(ids));
});

describe('the branch of a page', () => {
  const other: BusinessRecord = recordSchema.parse({
    name: 'Larkspur & Vane, Tallow Bay',
    telephone: '(360) 555-0150',
    address: {
      streetAddress: '9 Tallow Road',
      addressLocality: 'Tallow Bay',
      addressRegion: 'WA',
      postalCode: '98299',
      addressCountry: 'US',
    },
    url: 'https://larkspurvane.example/tallow-bay.html',
  });
  const branches = [
    { id: 1, label: 'Quay Street', record: recordSchema.parse(larkspur) },
    { id: 2, label: 'Tallow Bay', record: other },
  ];
  const match = (body: string, url = 'https://larkspurvane.example/x.html') =>
    matchPage(readSource(`<!doctype html><html lang="en">${body}`, url), url, branches);

  test.each([
    ['its address', '<title>x</title>', other.url, 2],
    ['its canonical link', '<link rel="canonical" href="/tallow-bay.html"><title>x</title>', undefined, 2],
    ['its markup', jsonLd(other).text, undefined, 2],
    ['its number in another spelling', '<p>Call 360.555.0150', undefined, 2],
    [
      'its street, whatever its title says',
      '<title>Quay Street</title><p>9 Tallow Road, 98299',
      undefined,
      2,
    ],
  ])('is found by %s', (_, body, url, id) => expect(match(body, url)).toMatchObject({ branchId: id }));

  test('says why', () => {
    expect(match('<title>Tallow Bay</title><p>(360) 555-0150')?.reasons).toEqual([
      'it shows the telephone number',
      'its title names the branch or its town',
    ]);
  });

  test.each([
    ['shows nothing of one', '<title>About us</title><p>We sell things.'],
    ['names a town alone', '<title>Tallow Bay</title><p>We like it there.'],
    ['lists them all', `<p>${larkspur.telephone} and (360) 555-0150`],
  ])('is none for a page that %s', (_, body) => expect(match(body)).toBeUndefined());
});

describe('what acts make of a page', () => {
  const record = recordSchema.parse(larkspur);
  const bytes = new TextEncoder().encode(
    '<!doctype html>\r\n<html lang="en"><head><title>x</title></head><body><p>x</body></html>',
  );
  const place = { do: 'place', record, form: 'jsonld', at: 'head', existing: 'keep' } as const;
  const plan = (acts: readonly PageAct[], page: Uint8Array = bytes) =>
    planPage(page, larkspur.url, acts, '2026-11-27');

  test('is all of them, with what was wrong before and after', () => {
    const { bytes: after, placed, problem, before, after: judged } = plan([place]);
    expect([placed, problem]).toEqual([['jsonld'], '']);
    expect(before.items.jsonld).toBe(0);
    expect(judged.items.jsonld).toBe(1);
    expect(judged.must).toBe(0);
    expect(plan([{ do: 'remove', form: null }], after).bytes).toEqual(bytes);
  });

  test('is nothing where one of them cannot be done', () => {
    const missing = { ...place, form: 'block', at: 'after:#nowhere' } as const;
    const { bytes: after, placed, problem } = plan([place, missing]);
    expect(after).toBe(bytes);
    expect(placed).toEqual([]);
    expect(problem).toContain('#nowhere');
  });

  test('is the very same bytes where the page carries it already', () => {
    const { bytes: once } = plan([place]);
    expect(plan([place], once).bytes).toBe(once);
  });

  test('leaves markup that was adopted, and says so', () => {
    const page = new TextEncoder().encode(`<!doctype html><title>x</title>${jsonLd(record).text}<p>x`);
    const adopted = plan([{ ...place, existing: 'adopt' }], page);
    expect(adopted.bytes).toBe(page);
    expect(adopted.placed).toEqual([]);
    expect(adopted.told.join()).toContain('says it already');
  });

  test('is nothing where the very same stands there without marks', () => {
    const page = new TextEncoder().encode(`<!doctype html><title>x</title>${jsonLd(record).text}<p>x`);
    expect(plan([place], page)).toMatchObject({
      placed: [],
      problem: expect.stringContaining('says the very same already') as unknown,
    });
  });

  test('replaces what was to be adopted and no machine reads as it stands', () => {
    const text = jsonLd(record).text.replace('{', '{<br />');
    const broken = new TextEncoder().encode(`<!doctype html><title>x</title>${text}<p>x`);
    const placed = plan([{ ...place, existing: 'adopt' }], broken);
    expect(placed.placed).toEqual(['jsonld']);
    expect(placed.told.join()).toContain('was replaced: it is broken');
    expect([placed.before.must > 0, placed.after.must, placed.after.items.jsonld]).toEqual([true, 0, 1]);
  });
});
