import { expect, test } from '@jest/globals';
import { check } from '#core/checking';
import { applyEdits } from '#core/text';
import { withAccentsOf } from './accents.ts';

test.each([
  ['ul. Piekna 12', 'ul. Piękna 12', 'ul. Piękna 12'],
  ['Lodz', 'Łódź', 'Łódź'],
  ['Backerei Muller', 'Bäckerei Müller', 'Bäckerei Müller'],
  // The same letter as two.
  ['Baeckerei Mueller', 'Bäckerei Müller', 'Bäckerei Müller'],
  ['Hauptstrasse 5', 'Hauptstraße 5', 'Hauptstraße 5'],
  ['Cafe Noel', 'CAFÉ NOËL', 'Café Noël'],
  ['Καφενειο', 'Καφενείο', 'Καφενείο'],
  ['Pho Ha Noi', 'Phở Hà Nội', 'Phở Hà Nội'],
])('letters that lost their marks: %s', (told, seen, whole) => {
  expect(withAccentsOf(told, seen)).toBe(whole);
  expect(withAccentsOf(told, seen.normalize('NFD'))?.normalize('NFC')).toBe(whole);
});

test.each([
  ['the page has none', 'Café Noël', 'Cafe Noel'],
  ['capitals may lack them', 'CAFE NOEL', 'Café Noël'],
  ['other words have them', 'Cafe', 'Bäckerei'],
  ['they are the same', 'Łódź', 'Łódź'],
  ['one has some, the other others', 'Noël Cafe', 'Noel Cafe'],
  ['Russian writes ё as е', 'Елка', 'Ёлка'],
  ['Japanese marks are letters', 'か', 'が'],
])('nothing was lost where %s', (_, told, seen) => {
  expect(withAccentsOf(told, seen)).toBeUndefined();
});

const page = (name: string, shown: string, more = ''): string =>
  `<!doctype html><html lang="pl"><h1>${shown}</h1><p>ul. Długa 5, 00-549 Warszawa</p>
  <script type="application/ld+json">{"@context":"https://schema.org","@type":"Florist","name":"${name}","address":{"@type":"PostalAddress","streetAddress":"ul. Długa 5","addressLocality":"Warszawa","postalCode":"00-549","addressCountry":"PL"}}</script>${more}`;
const told = (source: string) => check(source).findings.filter(({ code }) => code === 'agreement/accents');

test('they are a note at the markup, with what people read', () => {
  const source = page('Kwiaciarnia Roza', 'Kwiaciarnia Róża');
  const [finding, ...others] = told(source);
  expect(others).toEqual([]);
  expect(finding).toMatchObject({ grade: 'note', property: 'name', mend: { certain: false } });
  expect(applyEdits(source, finding?.mend?.edits ?? [])).toBe(page('Kwiaciarnia Róża', 'Kwiaciarnia Róża'));
});

test('a page that shows both spellings lost none', () => {
  expect(told(page('Kwiaciarnia Roza', 'Kwiaciarnia Róża', '<p>Kwiaciarnia Roza</p>'))).toEqual([]);
});
