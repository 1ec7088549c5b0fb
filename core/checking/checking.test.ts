import { describe, expect, test } from '@jest/globals';
import { faultTable, type FaultCode } from '#core/fault';
import { jsonLd, napBlock } from '#core/markup';
import { applyEdits } from '#core/text';
import { larkspur } from '#sample';
import { check, findingSchema, findingsPage } from './index.ts';

const page = (body: string): string =>
  `<!doctype html><html lang="en"><head><title>x</title></head><body>${body}</body></html>`;
const script = (json: string): string => page(`<script type="application/ld+json">${json}</script>`);
const business = (more: string): string =>
  `{"@context":"https://schema.org","@type":"Optician","name":"A","address":{"@type":"PostalAddress","streetAddress":"9 Hollins Row","addressLocality":"Saltby","postalCode":"TQ1 2AB","addressCountry":"GB"}${more ? `,${more}` : ''}}`;
const codes = (source: string): string[] => check(source).findings.map(({ code }) => code);

/** For each code a source that must have it; what the codes of `syntax` mean is tested where JSON is read. */
const wrong: Partial<Record<FaultCode, string>> = {
  'syntax/missing-colon': '{"name" "A"}',
  'syntax/missing-comma': '{"a":"b" "c":"d"}',
  'syntax/missing-quote': '{"a":"b\n}',
  'syntax/missing-value': '{"a":}',
  'syntax/missing-bracket': '{"a":1',
  'syntax/trailing-comma': '{"a":1,}',
  'syntax/single-quotes': "{'a':1}",
  'syntax/curly-quotes': '{“a”:1}',
  'syntax/unquoted-name': '{a:1}',
  'syntax/comment': '{"a":1 /* b */}',
  'syntax/raw-line-break': '{"a":"b\nc"}',
  'syntax/bad-escape': '{"a":"\\q"}',
  'syntax/bad-number': '{"a":01}',
  'syntax/unexpected-text': '{"a":1}x',
  'syntax/duplicate-name': '{"a":1,"a":2}',
  'syntax/too-deep': '['.repeat(300),
  'syntax/empty': script(' '),
  'syntax/missing-context': '{"@type":"Optician"}',
  'syntax/wrong-context': '{"@context":"https://example.com","@type":"Optician"}',
  'syntax/html-comment': script(`<!--${business('')}-->`),
  'vocabulary/unknown-type': '{"@context":"https://schema.org","@type":"Opticion"}',
  'vocabulary/unknown-property': business('"adres":"x"'),
  'vocabulary/capitals': business('"Telephone":"+44 20 7946 0321"'),
  'vocabulary/not-of-type': business('"servesCuisine":"x"'),
  'vocabulary/superseded': business('"reviews":"x"'),
  'vocabulary/discouraged': '{"@context":"https://schema.org","@type":"ProfessionalService"}',
  'vocabulary/no-local-business': business('').replace('Optician', 'VeterinaryCare'),
  'value/telephone': business('"telephone":"0000000"'),
  'value/telephone-unassigned': business('"telephone":"+44 1632 960123"'),
  'value/telephone-country': business('"telephone":"020 7946 0321"'),
  'value/url': business('"url":"https:// a"'),
  'value/url-relative': business('"image":"/a.jpg"'),
  'value/url-insecure': business('"url":"http://a.example/"'),
  'value/coordinate': business('"geo":{"@type":"GeoCoordinates","latitude":"50° N","longitude":-3.51234}'),
  'value/coordinate-range': business(
    '"geo":{"@type":"GeoCoordinates","latitude":50.12345,"longitude":-193.51234}',
  ),
  'value/coordinates-swapped': business(
    '"geo":{"@type":"GeoCoordinates","latitude":-122.61231,"longitude":48.51234}',
  ),
  'value/coordinates-zero': business('"geo":{"@type":"GeoCoordinates","latitude":0,"longitude":0}'),
  'value/coordinates-coarse': business(
    '"geo":{"@type":"GeoCoordinates","latitude":50.1,"longitude":-3.51234}',
  ),
  'value/coordinates-incomplete': business('"geo":{"@type":"GeoCoordinates","latitude":50.12345}'),
  'value/time': business(
    '"openingHoursSpecification":{"@type":"OpeningHoursSpecification","dayOfWeek":"Monday","opens":"9:00 AM","closes":"17:00"}',
  ),
  'value/hours': business('"openingHours":"Mon-Fri 9-5"'),
  'value/day': business(
    '"openingHoursSpecification":{"@type":"OpeningHoursSpecification","dayOfWeek":"Mon-Fri","opens":"09:00","closes":"17:00"}',
  ),
  'value/country': business('').replace('"GB"', '"England"'),
  'value/postal-code': business('').replace('TQ1 2AB', 'TQ12'),
  'value/address-part': business('').replace('"streetAddress":"9 Hollins Row",', ''),
  'value/price-range': business(`"priceRange":"${'x'.repeat(100)}"`),
  'value/empty': business('"telephone":""'),
  'value/placeholder': business('').replace('"A"', '"Your Business Name"'),
  'guideline/required': '{"@context":"https://schema.org","@type":"Optician"}',
  'guideline/recommended': business(''),
  'guideline/worth-having': business(''),
  'structure/no-business': page('<p>hello'),
  'structure/itemprop-outside': page('<p itemprop="name">A'),
  'structure/no-type': page('<div itemscope><p itemprop="name">A</div>'),
};

describe('each code', () => {
  const withRecord: FaultCode[] = [
    'agreement/record',
    'agreement/record-spelling',
    'agreement/visitor',
    'agreement/not-visible',
  ];

  test('has a source that shows it', () => {
    expect([...Object.keys(wrong), ...withRecord].sort()).toEqual(Object.keys(faultTable).sort());
  });

  test.each(Object.entries(wrong))('%s is found', (code, source) => {
    const { findings } = check(source);
    const found = findings.find((one) => one.code === code);
    expect(found).toBeDefined();
    for (const one of findings) {
      expect(findingSchema.parse(one)).toEqual(one);
      expect(one.place.end).toBeLessThanOrEqual(source.length);
    }
  });

  test('stands in docs/findings.md', () => {
    for (const code of Object.keys(faultTable)) expect(findingsPage()).toContain(`\`${code}\``);
  });
});

describe('a clean source', () => {
  const visible = page(napBlock(larkspur).text);
  test.each([
    ['JSON-LD of ours', page(jsonLd(larkspur).text + napBlock(larkspur).text)],
    ['microdata of ours', visible],
    ['bare JSON', jsonLd(larkspur).text.replace(/<\/?script[^>]*>/g, '')],
  ])('%s comes out clean', (_, source) => {
    const { findings, summary } = check(source, { record: larkspur });
    expect(findings.filter(({ grade }) => grade !== 'note')).toEqual([]);
    expect(summary.must + summary.should).toBe(0);
  });

  test('of another hand, with references, another form of hours and other vocabularies, comes out clean', () => {
    const source = `{"@context":["https://schema.org",{"ex":"https://ex.example/"}],"@graph":[
      {"@type":["Restaurant"],"@id":"#r","name":"Salt","telephone":"+44-20-7946-0321","url":"https://salt.example/","image":[{"@type":"ImageObject","url":"https://salt.example/a.jpg"}],
       "address":{"@id":"#a"},"geo":{"@type":"GeoCoordinates","latitude":"50.46190","longitude":"-3.52530"},"openingHours":["Mo-Fr 09:00-17:00","Sa 10:00-12:00"],
       "priceRange":"££","servesCuisine":"Fish","hasMenu":"https://salt.example/menu","acceptsReservations":"True","ex:kind":"x","http://other.example/p":"y"},
      {"@type":"PostalAddress","@id":"#a","streetAddress":"1 Quay","addressLocality":"Saltby","postalCode":"TQ1 2AB","addressCountry":{"@type":"Country","name":"GB"}},
      {"@type":"WebPage","name":"x","about":{"@id":"#r"}}]}`;
    expect(check(source).findings.filter(({ grade }) => grade !== 'note')).toEqual([]);
  });
});

describe('a mend', () => {
  test.each([
    ['value/time', '"opens":"09:00"'],
    ['value/telephone-country', '"telephone":"+44 20 7946 0321"'],
    ['value/country', '"addressCountry":"GB"'],
    ['vocabulary/capitals', '"telephone":"+44 20 7946 0321"'],
    ['value/coordinates-swapped', '"latitude":48.51234,"longitude":-122.61231'],
    ['syntax/missing-context', '{"@context": "https://schema.org", "@type":"Optician"}'],
  ] as const)('of %s puts it right and changes nothing else', (code, expected) => {
    const source = wrong[code] ?? '';
    const edits = check(source).findings.flatMap((one) => (one.code === code ? (one.mend?.edits ?? []) : []));
    expect(edits.length).toBeGreaterThan(0);
    const mended = applyEdits(source, edits);
    expect(mended).toContain(expected);
    expect(codes(mended)).not.toContain(code);
  });

  test('of a relative address takes the page’s own', () => {
    const source = business('"image":"/a.jpg"');
    const [one] = check(source, { url: 'https://hollins.example/about/' }).findings.filter(
      ({ code }) => code === 'value/url-relative',
    );
    expect(applyEdits(source, one?.mend?.edits ?? [])).toContain('"image":"https://hollins.example/a.jpg"');
  });
});

describe('the three-way reading', () => {
  const shown =
    '<h1>Larkspur &amp; Vane Veterinary Care</h1><p>412 Quay Street, Port Ellery, WA 98299</p><p>Call <b>(360) 555-0199</b></p>';
  const source = page(
    `${jsonLd({ ...larkspur, address: { ...larkspur.address, streetAddress: '214 Quay St.' }, pin: { latitude: '48.51234', longitude: '-122.70000' } }).text}${shown}`,
  );
  const { threeWay, findings } = check(source, { record: larkspur });
  const row = (fact: string) => threeWay.find((one) => one.fact === fact);

  test('puts record, markup and visitor side by side', () => {
    expect(row('name')).toMatchObject({
      record: larkspur.name,
      markup: [{ agreement: 'exact' }],
      visitor: { agreement: 'exact' },
    });
    expect(row('address.streetAddress')).toMatchObject({
      markup: [{ text: '214 Quay St.', agreement: 'written-differently' }],
      visitor: { text: '412 Quay Street', agreement: 'different' },
    });
    expect(row('telephone')).toMatchObject({
      record: '(360) 555-0142',
      markup: [{ agreement: 'exact' }],
      visitor: { text: '(360) 555-0199', agreement: 'different' },
    });
    expect(row('pin')).toMatchObject({ markup: [{ agreement: 'different' }], visitor: { text: '' } });
    const place = row('telephone')?.visitor.place;
    expect(source.slice(place?.start, place?.end)).toBe('(360) 555-0199');
  });

  test('takes no pronoun for a country and knows where an abbreviation ends', () => {
    const rows = check(page(`${jsonLd(larkspur).text}<p>Call us at 214 Quay St. or by post.`), {
      record: larkspur,
    }).threeWay;
    expect(rows.find((one) => one.fact === 'address.addressCountry')?.visitor).toMatchObject({
      text: '',
      agreement: undefined,
    });
    expect(rows.find((one) => one.fact === 'address.streetAddress')?.visitor).toMatchObject({
      text: '214 Quay St.',
      agreement: 'written-differently',
    });
  });

  test('becomes findings', () => {
    const told = findings.flatMap(({ code, property }) =>
      code.startsWith('agreement/') ? [`${code} ${property ?? ''}`] : [],
    );
    expect(told.sort()).toEqual([
      'agreement/record geo',
      'agreement/record-spelling streetAddress',
      'agreement/visitor streetAddress',
      'agreement/visitor telephone',
    ]);
    expect(
      check(page(jsonLd(larkspur).text), { record: larkspur }).findings.map(({ code }) => code),
    ).toContain('agreement/not-visible');
  });

  test('without a record compares markup and visitor', () => {
    const alone = check(page(`${jsonLd(larkspur).text}${shown}`));
    expect(alone.threeWay.find(({ fact }) => fact === 'telephone')).toMatchObject({
      record: undefined,
      visitor: { agreement: 'different' },
    });
    expect(alone.findings.map(({ code }) => code)).toContain('agreement/visitor');
  });

  test('takes the branch that is meant when a page describes several', () => {
    const other = {
      ...larkspur,
      id: '#other',
      url: 'https://larkspurvane.example/tallow-bay/',
      telephone: '(360) 555-0177',
      address: { ...larkspur.address, postalCode: '98277' },
    };
    const both = check(page(jsonLd(other).text + jsonLd(larkspur).text + napBlock(larkspur).text), {
      record: larkspur,
    });
    expect(both.findings.filter(({ code }) => code === 'agreement/record')).toEqual([]);
  });
});
