import { expect, test } from '@jest/globals';
import { eachItem } from '#core/item';
import { readSource } from '#core/reading';
import { check } from './index.ts';

const NODES = [
  '{"@type":"GeoCoordinates","@id":"#geo","latitude":43.61871,"longitude":-116.20261}',
  '{"@type":"PostalAddress","@id":"#address","streetAddress":"410 W Elm St","addressLocality":"Boise","addressRegion":"ID","postalCode":"83702","addressCountry":"US"}',
  '{"@type":"ContactPoint","@id":"#desk","contactType":"reservations","telephone":"+1-208-555-0142"}',
  '{"@type":"Dentist","@id":"#it","name":"Elm Street Dental","address":{"@id":"#address"},"geo":{"@id":"#geo"},"contactPoint":{"@id":"#desk"}}',
];
const graph = (nodes: readonly string[]): string =>
  `{"@context":"https://schema.org","@graph":[${nodes.join(',\n')}]}`;
const told = (source: string): string[] =>
  check(source)
    .findings.filter(({ code }) => !code.startsWith('guideline/'))
    .map(({ code, place }) => `${code} ${source.slice(place.start, place.end)}`);

const faults: readonly (readonly [string, string, string])[] = [
  ['-116.20261', '116.20261', 'value/coordinates-sign 116.20261'],
  ['"addressRegion":"ID"', '"addressRegion":"IA"', 'value/region "IA"'],
  ['"Boise"', '"Boise, ID"', 'value/town "Boise, ID"'],
  ['"+1-208-555-0142"', '"208-555-0142"', 'value/telephone-country "208-555-0142"'],
  ['"GeoCoordinates"', '"Geo"', 'vocabulary/unknown-type "Geo"'],
];

test.each(faults)('a part that stands by itself is judged as a part: %s → %s', (from, to, finding) => {
  const right = graph(NODES);
  const wrong = right.replace(from, to);
  expect(told(right)).toEqual([]);
  expect(told(wrong)).toEqual([finding]);
  // Wherever it stands, and with the certainty that a number of the country has.
  expect(told(graph(NODES.toReversed()).replace(from, to))).toEqual([finding]);
});

test('what is missing of a country is known from the address that is named', () => {
  const source = graph(NODES).replace('"+1-208-555-0142"', '"208-555-0142"');
  const [number] = check(source).findings.filter(({ code }) => code === 'value/telephone-country');
  expect(number?.mend?.edits[0]?.text).toBe('"+1 208 555 0142"');
});

test('parts that nothing leads to, and parts of one another, are judged once', () => {
  const alone = graph([NODES[1]?.replace('"ID"', '"IA"') ?? '']);
  expect(told(alone)).toContain('value/region "IA"');
  const ring = graph([
    '{"@type":"ContactPoint","@id":"#a","telephone":"12","contactPoint":{"@id":"#b"}}',
    '{"@type":"ContactPoint","@id":"#b","telephone":"13","contactPoint":{"@id":"#a"}}',
  ]);
  const { items } = readSource(ring);
  expect(eachItem(items).map(({ item }) => item.id)).toHaveLength(2);
  expect(told(ring).filter((one) => one.includes('"12"'))).toHaveLength(1);
});

test('a business described under two names of nodes is told once', () => {
  const node = (id: string, name = 'Elm Street Dental'): string =>
    `{"@type":"Dentist","@id":"${id}","name":"${name}","address":{"@type":"PostalAddress","streetAddress":"410 W Elm St","addressLocality":"Boise","addressRegion":"ID","postalCode":"83702","addressCountry":"US"}}`;
  const doubles = (...nodes: readonly string[]): number =>
    told(graph(nodes)).filter((one) => one.startsWith('structure/double')).length;
  expect(doubles(node('#a'), node('#b'))).toBe(1);
  expect(doubles(node('#a'), node('#a'))).toBe(0);
  expect(doubles(node('#a'), node('#b', 'Elm Street Orthodontics'))).toBe(0);
  // The spelling alone differs, which is told as that.
  expect(doubles(node('http://elm.example/#a'), node('https://elm.example/#a'))).toBe(0);
});
