import { expect, test } from '@jest/globals';
import { check } from './index.ts';

const codes = (source: string): readonly string[] => check(source).findings.map(({ code }) => code);
const name = (text: string): string =>
  JSON.stringify({ '@context': 'https://schema.org', '@type': 'Store', name: text });

test('marks that nobody sees are told where only machines read them', () => {
  expect(codes(name('Hollins\u00ad Row'))).toContain('value/invisible');
  // In what visitors read they say where a line may break.
  const shown = (text: string): string =>
    `<div itemscope itemtype="https://schema.org/Store"><b itemprop="name">${text}</b></div>`;
  expect(codes(shown('Hollins\u00adRow'))).not.toContain('value/invisible');
  expect(codes(shown('<meta itemprop="legalName" content="Hollins\u00adRow">'))).toContain('value/invisible');
});

test.each([
  [String.raw`Bell\'s Dental`, "Bell's Dental"],
  [String.raw`Caf\u00e9 \"Mar\"`, 'Café "Mar"'],
  [String.raw`First line\r\nsecond line\n`, 'First line\nsecond line'],
])('a text that was escaped twice is mended: %s', (text, mended) => {
  const source = JSON.stringify({ '@context': 'https://schema.org', '@type': 'Store', slogan: text });
  const [found] = check(source, { today: '' }).findings.filter(({ code }) => code === 'value/escapes');
  const [edit] = found?.mend?.edits ?? [];
  expect(JSON.parse(edit?.text ?? '')).toBe(mended);
});

test.each([
  String.raw`C:\new\shop`,
  String.raw`Open \ closed`,
  String.raw`{\"a\":1}`,
  String.raw`Bar\restaurant`,
  String.raw`Mon\Tue`,
  'Bread/cakes',
])('a backslash that is meant stays: %s', (text) => expect(codes(name(text))).not.toContain('value/escapes'));

test('references of HTML and tags are told of what is no HTML, and of addresses nothing', () => {
  expect(codes(name('Eyes &amp; Ears'))).toContain('value/entities');
  expect(codes(name('Eyes & Ears'))).not.toContain('value/entities');
  expect(codes(name('<b>Eyes</b>'))).toContain('value/html');
  const job = (type: string): string =>
    JSON.stringify({
      '@context': 'https://schema.org',
      '@type': type,
      name: 'A',
      description: '<p>A &amp; B</p>',
    });
  expect(codes(job('JobPosting'))).not.toContain('value/entities');
  expect(codes(job('Store'))).toContain('value/entities');
  const url = {
    '@context': 'https://schema.org',
    '@type': 'Store',
    image: 'https://a.example/b.jpg?x=1&amp;y=2',
  };
  expect(codes(JSON.stringify(url))).not.toContain('value/entities');
});
