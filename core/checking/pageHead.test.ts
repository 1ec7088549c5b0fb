import { describe, expect, test } from '@jest/globals';
import { check } from './index.ts';

const store = (more: object = {}): object => ({
  '@context': 'https://schema.org',
  '@type': 'Store',
  name: 'Larch',
  url: 'https://larch.example/',
  address: { '@type': 'PostalAddress', addressLocality: 'Truro', addressCountry: 'GB' },
  geo: { '@type': 'GeoCoordinates', latitude: 50.26321, longitude: -5.05117 },
  ...more,
});
const told = (head: string, items: readonly object[] = [store()], url = 'https://larch.example/') =>
  check(
    `<!doctype html><html lang="en"><head><title>Larch</title>${head}<script type="application/ld+json">${JSON.stringify(items)}</script></head><body><h1>Larch</h1><p>Truro</p></body></html>`,
    { url },
  ).findings.filter(({ code }) => /noindex|canonical|position/.test(code));
const codes = (...given: Parameters<typeof told>): readonly string[] =>
  told(...given).map(({ code }) => code);

describe('a page that is kept out of search results', () => {
  test.each([
    '<meta name="robots" content="noindex">',
    '<meta name="ROBOTS" content="follow, NOINDEX">',
    '<meta name="robots" content="none">',
    '<meta name="googlebot" content="noindex,nofollow">',
  ])('%s', (meta) => {
    expect(codes(meta)).toEqual(['guideline/noindex']);
    // Of a page without a business nobody expects that it is found.
    expect(codes(meta, [{ '@context': 'https://schema.org', '@type': 'WebPage', name: 'Larch' }])).toEqual(
      [],
    );
  });
  test.each([
    '<meta name="robots" content="index, follow, max-image-preview:large">',
    '<meta name="robots" content="nofollow, noimageindex">',
    '<meta name="description" content="noindex">',
    '<!-- <meta name="robots" content="noindex"> -->',
  ])('not by %s', (meta) => expect(codes(meta)).toEqual([]));
});

describe('canonical links', () => {
  const link = (href: string): string => `<link rel="canonical" href="${href}">`;
  test('are one', () => {
    const [found] = told(link('https://larch.example/') + link('https://larch.example/shop'));
    expect([found?.code, found?.message]).toEqual([
      'agreement/canonical',
      expect.stringContaining('two canonical links'),
    ]);
    expect(codes(link('https://larch.example/') + link('/'))).toEqual([]);
  });
  test('to another site pass over what the page says', () => {
    const [found, ...others] = told(link('https://other.example/larch'));
    expect([found?.code, others]).toEqual(['agreement/canonical', []]);
    expect(found?.message).toContain('leads to another site, https://other.example/larch');
    expect(codes(link('https://www.larch.example/'))).toEqual(['agreement/canonical']);
    // A page of a directory names the business's own site, and one without its address says nothing.
    const away = [store({ url: 'https://larch.example/' })];
    expect(codes(link('https://list.example/larch'), away, 'https://list.example/larch')).toEqual([]);
    expect(codes(link('https://other.example/larch'), [store()], '')).toEqual([]);
  });
});

describe('a position in the head', () => {
  const meta = (name: string, content: string): string => `<meta name="${name}" content="${content}">`;
  test.each([
    ['geo.position', '51.50735;-0.12776'],
    ['ICBM', '51.50735, -0.12776'],
    ['ICBM', '50.26321, 5.05117'],
  ])('%s %s is elsewhere', (name, content) => {
    const [found] = told(meta(name, content));
    expect(found?.code).toBe('agreement/position');
    expect(found?.message).toMatch(new RegExp(`^The page’s ${name} is \\d{3} km from`));
  });
  test.each([
    ['geo.position', '50.2632;-5.0512'],
    ['ICBM', 'Truro'],
    ['geo.placename', '51.50735;-0.12776'],
  ])('%s %s is not', (name, content) => expect(codes(meta(name, content))).toEqual([]));
  test('of one of several businesses says nothing of the others', () =>
    expect(
      codes(meta('ICBM', '51.50735, -0.12776'), [
        store(),
        store({ name: 'Larch Exeter', url: 'https://larch.example/exeter' }),
      ]),
    ).toEqual([]));
});

describe('a map of the page', () => {
  const frame = (source: string): string => `<iframe src="${source}"></iframe>`;
  test.each([
    frame('https://maps.example/?q=51.50735,-0.12776'),
    frame('https://maps.example/embed?pb=!1m18!1d2488.6!2d-0.12776!3d51.50735!2m3'),
    frame('https://maps.example/#map=17/51.50735/-0.12776'),
    '<a href="geo:51.50735,-0.12776">Map</a>',
    '<a href="https://maps.example/place/Larch/@51.50735,-0.12776,17z">Map</a>',
    '<div class="map" data-lat="51.50735" data-lng="-0.12776"></div>',
  ])('%s is elsewhere', (map) => {
    const [found, ...others] = told(map);
    expect([found?.code, found?.property, others]).toEqual(['agreement/position', 'geo', []]);
    expect(found?.message).toMatch(/^The map of the page is 37\d km from/);
    // The way from the station is a map as well, and of two branches nobody knows whose it is.
    expect(codes(`${map}<a href="geo:50.263,-5.051">Here</a>`)).toEqual([]);
    expect(codes(map, [store(), store({ '@id': '#b', name: 'Larch Bay' })])).toEqual([]);
    expect(codes(`<!-- ${map} -->`)).toEqual([]);
  });
  test('is that of hasMap, too', () => {
    const at = (point: string) => [store({ hasMap: `https://maps.example/?q=${point}` })];
    expect(codes('', at('51.50735,-0.12776'))).toEqual(['agreement/position']);
    expect(codes('', at('50.263,-5.051'))).toEqual([]);
  });
  test.each([
    frame('https://maps.example/?ll=50.271,-5.042'),
    frame('https://maps.example/?ll=-5.042,50.271'),
    '<a href="/offer?price=51.507,12.776">Offer</a>',
    '<a href="https://maps.example/?q=Larch,Truro">Map</a>',
    '<div data-lat="51" data-lng="0"></div>',
  ])('%s is not', (map) => {
    expect(codes(map)).toEqual([]);
  });
});
