import { expect, test } from '@jest/globals';
import { applyEdits } from '#core/text';
import { check } from './index.ts';

const PARTS = `<p id="where" itemprop="address" itemscope itemtype="https://schema.org/PostalAddress"><b itemprop="streetAddress">410 W Elm St</b> <b itemprop="addressLocality">Boise</b> <b itemprop="addressRegion">ID</b> <b itemprop="postalCode">83702</b><meta itemprop="addressCountry" content="US"></p>
<div id="pin"><i itemprop="geo" itemscope itemtype="https://schema.org/GeoCoordinates"><meta itemprop="latitude" content="43.61871"><meta itemprop="longitude" content="-116.20261"></i></div>
<p id="when" itemprop="openingHours" content="Mo-Fr 08:00-17:00">Mon – Fri 8 AM – 5 PM</p>`;
const page = (itemref: string): string =>
  `<!doctype html><div itemscope itemtype="https://schema.org/Dentist"${itemref && ` itemref="${itemref}"`}><h1 itemprop="name">Elm Street Dental</h1></div>${PARTS}`;
const RIGHT = page('where pin when');
const freshOn = (source: string) => {
  const usual = new Set(check(RIGHT).findings.map(({ code, message }) => `${code} ${message}`));
  return check(source).findings.filter(({ code, message }) => !usual.has(`${code} ${message}`));
};

test.each([
  ['where pins when', 'guess', '“pin”'],
  ['where pin wen', 'guess', '“when”'],
  ['where,pin,when', 'certain', '“where pin when”'],
  ['where; pin when', 'certain', '“where”'],
])('an itemref that was slipped is one finding: %s', (itemref, kind, meant) => {
  const source = page(itemref);
  const [told, ...others] = freshOn(source);
  expect([told?.code, others.map(({ code }) => code)]).toEqual(['structure/itemref', []]);
  expect(told?.message).toContain(meant);
  expect(told?.mend?.certain).toBe(kind === 'certain');
  expect(freshOn(applyEdits(source, told?.mend?.edits ?? []))).toEqual([]);
});

test('one that names nothing of the page has no mend', () => {
  expect(freshOn(page('where pin when elsewhere')).map(({ code, mend }) => [code, mend])).toEqual([
    ['structure/itemref', null],
  ]);
});

test('without an itemref each part is told once, and none as missing, nor what stands in it', () => {
  expect(freshOn(page('')).map(({ code, property }) => `${code} ${property ?? ''}`)).toEqual([
    'structure/itemprop-outside address',
    'structure/itemprop-outside geo',
    'structure/itemprop-outside openingHours',
  ]);
});

test('each name is told where it stands', () => {
  const source = page('contact, nowhere, elsewhere');
  const told = check(source).findings.filter(({ code }) => code === 'structure/itemref');
  expect(told.map(({ place: { start, end } }) => source.slice(start, end))).toEqual([
    'contact,',
    'nowhere,',
    'elsewhere',
  ]);
});
