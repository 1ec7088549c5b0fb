import { expect, test } from '@jest/globals';
import { applyEdits } from '#core/text';
import { check } from './index.ts';

const microdata = `<!doctype html><html lang="en"><body>
<div itemscope itemtype="https://schema.org/BookStore"><h1 itemprop="name">Quay Books</h1>
<p itemprop="address" itemscope itemtype="https://schema.org/PostalAddress"><span itemprop="streetAddress">12 Quay Street</span>
<span itemprop="postalCode">TR11 3HH</span> <span itemprop="addressLocality">Falmouth</span>
<meta itemprop="addressCountry" content="GB"></p>
<div itemprop="geo" itemscope itemtype="https://schema.org/GeoCoordinates"><meta itemprop="latitude" content="50.15212">
<meta itemprop="longitude" content="-5.06312"></div></div></body></html>`;
const rdfa = microdata
  .replaceAll('itemscope itemtype="https://schema.org/', 'typeof="')
  .replaceAll('itemprop=', 'property=')
  .replace('<body>', '<body vocab="https://schema.org/">');
const freshIn = (right: string, wrong: string) => {
  const usual = new Set(check(right).findings.map(({ code, message }) => `${code} ${message}`));
  return check(wrong).findings.filter(({ code, message }) => !usual.has(`${code} ${message}`));
};

test.each([
  [microdata, '"latitude" content', '"latitude content'],
  [microdata, '"addressCountry" content', '"addressCountry content'],
  [microdata, '"geo" itemscope itemtype="https', '"geo itemscope itemtype="https'],
  [rdfa, '"longitude" content', '"longitude content'],
  [rdfa, '"address" typeof', '"address typeof'],
  [microdata, '"postalCode">', '"postalCode>'],
  [microdata, '"streetAddress">', '"streetAddress>'],
  [microdata, 'GeoCoordinates">', 'GeoCoordinates>'],
  [rdfa, 'vocab="https://schema.org/">', 'vocab="https://schema.org/>'],
])('a quote that is lost is one finding, and its mend gives it back (%#)', (right, from, to) => {
  const wrong = right.replace(from, to);
  expect(wrong).not.toBe(right);
  const [told, ...others] = freshIn(right, wrong);
  expect([told?.code, others.map(({ code }) => code)]).toEqual(['structure/open-quote', []]);
  expect(freshIn(right, applyEdits(wrong, told?.mend?.edits ?? []))).toEqual([]);
});

test.each(['<b title="a b=">x</b>', '<meta itemprop="description" content="a content=">'])(
  'a value that ends with a sign has lost none: %s',
  (more) => {
    const codes = check(microdata.replace('</body>', `${more}</body>`)).findings.map(({ code }) => code);
    expect(codes).not.toContain('structure/open-quote');
  },
);

test.each(['', ' '])('a property of RDFa without a name (“%s”) is told where it stands', (name) => {
  const wrong = rdfa.replace('property="postalCode"', `property="${name}"`);
  const told = freshIn(rdfa, wrong).filter(({ code }) => code === 'structure/property-astray');
  expect(told.map(({ place }) => place.line)).toEqual([4]);
  expect(
    check(wrong.replace('vocab="https://schema.org/"', '')).findings.map(({ code }) => code),
  ).not.toContain('structure/property-astray');
});

test.each(['', ' typeof=""'])(
  'a thing of RDFa that has a name and no type is told where it begins%s',
  (typeOf) => {
    const named = rdfa.replace('<div typeof="BookStore"', `<div resource="#shop"${typeOf}`);
    const [told, ...others] = check(named).findings.filter(({ code }) =>
      code.startsWith('structure/no-typeof'),
    );
    expect(others).toEqual([]);
    expect(told?.place.line).toBe(2);
    const mended = applyEdits(named, told?.mend?.edits ?? []);
    expect(mended).toContain(' typeof="LocalBusiness"');
    expect(mended).not.toContain('typeof=""');
    expect(check(mended).findings.map(({ code }) => code)).not.toContain('structure/no-typeof');
  },
);

const NODES = [
  '{"@type":"WebSite","@id":"https://elm.example/#site","url":"https://elm.example/","name":"Elm","publisher":{"@id":"https://elm.example/#it"}}',
  '{"@type":"Dentist","@id":"https://elm.example/#it","name":"Elm","url":"https://elm.example/","telephone":["+1 208 555 0142"],"address":{"@type":"PostalAddress","streetAddress":"410 Elm St","addressLocality":"Boise","addressRegion":"ID","postalCode":"83702","addressCountry":"US"}}',
];
const GRAPH = `{"@context":"https://schema.org","@graph":[${NODES.join(',\n')}]}`;

test.each([
  ['"https://elm.example/#it"}}', '"https://elm.example/#it"}'],
  ['"https://elm.example/#it"}}', '"https://elm.example/#it"}}}'],
  ['"telephone":[', '"telephone":'],
  ['"+1 208 555 0142"]', '"+1 208 555 0142"]]'],
  ['"US"}', '"US"'],
  ['"US"}', '"US"}}'],
  ['"@graph":[', '"@graph":'],
])('a bracket too many or too few of a graph in few lines is no flood: %s → %s', (from, to) => {
  const codes = freshIn(GRAPH, GRAPH.replace(from, to)).map(({ code }) => code);
  expect(codes.length).toBeGreaterThan(0);
  expect(codes.filter((code) => !/^syntax\/(?:missing-bracket|unexpected-text)$/.test(code))).toEqual([]);
  expect(codes.length).toBeLessThan(3);
});
