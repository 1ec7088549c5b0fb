import { describe, expect, test } from '@jest/globals';
import { applyEdits } from '#core/text';
import { larkspur } from '#sample';
import { check, checkSitePage } from './index.ts';

const SHOP = {
  '@context': 'https://schema.org',
  '@type': 'Bakery',
  name: 'Backhaus Lindner',
  telephone: '+49 341 987654',
  address: {
    '@type': 'PostalAddress',
    streetAddress: 'Brühl 52',
    addressLocality: 'Leipzig',
    addressCountry: 'DE',
  },
};
const page = (head: string, body: string, more: object = {}): string =>
  `<!doctype html><html lang="de"><head>${head}<script type="application/ld+json">${JSON.stringify({ ...SHOP, ...more })}</script></head><body><h1>Backhaus Lindner</h1><p>Brühl 52, Leipzig, Tel. 0341 987654</p>${body}</body></html>`;
const told = (source: string) =>
  check(source).findings.flatMap(({ code, property, place }) =>
    code === 'agreement/link' || code === 'agreement/head-text'
      ? [`${code} ${property ?? ''} ${source.slice(place.start, place.end)}`]
      : [],
  );

describe('a link that says no number', () => {
  test.each([
    '<a href="tel:+49341123456">Jetzt anrufen</a>',
    '<a href="tel:0341123456"><img src="call.svg" alt=""></a>',
    '<a href="sms:+49341123456">Nachricht</a>',
  ])('dials another business: %s', (link) => {
    expect(told(page('', link))).toEqual([`agreement/link telephone ${link.replace(/>.*/, '>')}`]);
  });

  test.each([
    ['the business’s own', '<a href="tel:+49341987654">Anrufen</a><a href="tel:0341-987654">Anrufen</a>'],
    [
      'a mobile or a fax',
      '<a href="tel:+491701234567" title="Handy">x</a><a href="tel:+49341123456">Fax</a>',
    ],
    ['a mobile by its style', '<a href="tel:+491701234567" class="btn-mobil">Anrufen</a>'],
    ['a company’s', '<a href="tel:+498001234567">Anrufen</a><a href="tel:+18005550100">Call</a>'],
    ['everybody’s', '<a href="tel:112">Notruf</a><a href="tel:116117">Arzt</a>'],
    ['one that is read', '<a href="tel:+49341123456">Taxi</a><p>Taxi: 0341 123456</p>'],
    ['a list of others', '<a href="tel:+49341123456">Anrufen</a><a href="tel:+49341123457">Anrufen</a>'],
  ])('may dial %s', (_, links) => {
    expect(told(page('', links))).toEqual([]);
  });

  test('says its words, and not the names of its styles', () => {
    const said = (link: string) =>
      check(page('', link)).findings.flatMap(({ code, message }) =>
        code === 'agreement/link' ? [message] : [],
      );
    const of = (more: string) =>
      said(`<a class="btn big" href="tel:+49341123456"${more}><i class="p"></i></a>`);
    expect(of('')).toEqual(['The link dials +49341123456, which is no number of the business.']);
    expect(of(' title="Anruf"')).toEqual([
      'The link “Anruf” dials +49341123456, which is no number of the business.',
    ]);
  });

  test('is told once, wherever it stands', () => {
    const link = '<a href="tel:+49341123456">Anrufen</a>';
    const found = check(page('', link.repeat(3))).findings.filter(({ code }) => code === 'agreement/link');
    expect(found.map(({ related }) => related.length)).toEqual([2]);
  });

  test('may dial what markup says of somebody else', () => {
    const contactPoint = { '@type': 'ContactPoint', contactType: 'sales', telephone: '+49 341 123456' };
    expect(told(page('', '<a href="tel:+49341123456">Verkauf</a>', { contactPoint }))).toEqual([]);
  });
});

describe('a map', () => {
  const link = (address: string): string => `<a href="${address}">Karte</a>`;
  test.each([
    'https://maps.example/?q=Br%C3%BChl+54,+04109+Leipzig',
    'https://www.example/maps/place/Br%C3%BChl%2054/@51.3,12.3',
    'https://route.example/dir?destination=Brühl%205&amp;mode=walk',
  ])('is asked for another house: %s', (address) => {
    expect(told(page('', link(address)))).toEqual([`agreement/link streetAddress <a href="${address}">`]);
  });

  test.each([
    'https://maps.example/?q=Br%C3%BChl+52,+04109+Leipzig',
    'https://maps.example/?q=Backhaus+Lindner',
    'https://maps.example/?q=Hauptstra%C3%9Fe+7',
    'https://blog.example/Br%C3%BChl-54',
    'https://maps.example/?q=Br%C3%BChl+60">Parken</a><a href="https://maps.example/?q=Br%C3%BChl+52',
    `https://maps.example/?q=Br%C3%BChl+54${'+'.repeat(2000)}`,
  ])('is asked for it, or what nobody can tell: %s', (address) => {
    expect(told(page('', link(address)))).toEqual([]);
  });
});

describe('title and description', () => {
  const meta = (content: string, name = 'name="description"'): string =>
    `<meta ${name} content="${content}">`;

  test.each([
    [meta('Anrufen: 0341 123456'), 'telephone Anrufen: 0341 123456'],
    [meta('0341/12 34 56', 'property="og:description"'), 'telephone 0341/12 34 56'],
    ['<title>Lindner – Tel. 0341 123456</title>', 'telephone Lindner – Tel. 0341 123456'],
    [meta('Backhaus Lindner, Brühl 25'), 'streetAddress Backhaus Lindner, Brühl 25'],
  ])('say what is not the business’s: %s', (head, what) => {
    expect(told(page(head, ''))).toEqual([`agreement/head-text ${what}`]);
  });

  test.each([
    meta('Backhaus Lindner, Brühl 52, 0341 987654, mobil 0170 1234567'),
    meta('Seit 1987 – 100.000 Kunden, Art. 4711-0815, 04109 Leipzig'),
    meta('0341 123456', 'name="keywords"'),
    `<title>Lindner ${'x'.repeat(2000)} 0341 123456</title>`,
  ])('or what is: %s', (head) => {
    expect(told(page(head, ''))).toEqual([]);
  });

  test('are put right, and links with them, where a record knows what is', () => {
    const texts = `${meta('Ring (360) 555-0199 now')}<p>(360) 555-0142</p>`;
    const source = `<html><head>${texts}</head><a href="tel:+13605550199">Ring us</a></html>`;
    const { findings } = check(source, { record: larkspur });
    const edits = findings.flatMap(({ code, mend }) =>
      code === 'agreement/link' || code === 'agreement/head-text' ? (mend?.edits ?? []) : [],
    );
    expect(applyEdits(source, edits)).toBe(
      source.replace('555-0199', '555-0142').replace('tel:+13605550199', 'tel:+13605550142'),
    );
  });

  test('of a page of another site, or with several businesses, are others’', () => {
    const head = meta('Ring (360) 555-0199 now');
    const url = 'https://directory.example/';
    const record = { ...larkspur, url: 'https://larkspurvane.example/' };
    expect(
      check(`${head}<p>(360) 555-0142</p>`, { record, url }).findings.map(({ code }) => code),
    ).not.toContain('agreement/head-text');
    const two =
      page(meta('0341 123456'), '') +
      page('', '').replaceAll('Lindner', 'Brunner').replaceAll('987654', '765432');
    expect(told(two)).toEqual([]);
  });
});

describe('a page of a site that describes nobody', () => {
  const url = 'https://larkspurvane.example/about';
  const branch = (telephone: string, at: number) => ({
    id: at,
    label: telephone,
    record: { ...larkspur, telephone, url: `https://larkspurvane.example/${String(at)}` },
  });
  const [one, other] = [branch('(360) 555-0142', 1), branch('(360) 555-0177', 2)];
  const codes = (body: string, branches = [one]) =>
    checkSitePage(`<html><body><h1>About us</h1>${body}</body></html>`, url, branches).check.findings.flatMap(
      ({ code, mend }) => (code === 'agreement/link' ? [mend === null ? 'told' : 'proposed'] : []),
    );

  test('may dial its branches, and nobody else', () => {
    expect(codes('<a href="tel:+13605550199">Call</a>')).toEqual(['proposed']);
    expect(codes('<a href="tel:+13605550199">Call</a>', [one, other])).toEqual(['told']);
    expect(codes('<a href="tel:+13605550177">Call</a>')).toEqual(['proposed']);
    expect(codes('<a href="tel:+13605550177">Call</a>', [one, other])).toEqual([]);
    expect(codes('<a href="tel:+13605550199">Call</a>', [])).toEqual([]);
  });

  test('may have a map of any of them', () => {
    const map = '<a href="https://maps.example/?q=216+Quay+Street">Map</a>';
    expect(codes(map)).toEqual(['told']);
    expect(codes(map, [one, other])).toEqual([]);
  });
});
