import { describe, expect, test } from '@jest/globals';
import { faultTable, type FaultCode, findingSchema } from '#core/fault';
import { jsonLd, napBlock, writeMarkup } from '#core/markup';
import { applyEdits } from '#core/text';
import { townsFor } from '#core/towns';
import { larkspur } from '#sample';
import { examples, siteExamples } from './examples.ts';
import { check, checkSitePage, judgeSite } from './index.ts';
import { findingsPage } from '#core/reporting';
import { businessesIn, readSource, recordFromItem } from '#core/reading';
import { emptyRecord, type BusinessRecord } from '#core/record';

const page = (body: string): string =>
  `<!doctype html><html lang="en"><head><title>x</title></head><body>${body}</body></html>`;
const business = (more: string): string =>
  `{"@context":"https://schema.org","@type":"Optician","name":"A","address":{"@type":"PostalAddress","streetAddress":"9 Hollins Row","addressLocality":"Saltby","postalCode":"TQ1 2AB","addressCountry":"GB"}${more ? `,${more}` : ''}}`;
const codes = (source: string): string[] => check(source).findings.map(({ code }) => code);

const towns = await townsFor('latitude');

describe('each code', () => {
  test('has a wrong and a right example', () => {
    // Markup has no time zone: only the record can tell it.
    const recordOnly: FaultCode[] = ['value/time-zone'];
    expect([...Object.keys(examples), ...Object.keys(siteExamples), ...recordOnly].sort()).toEqual(
      Object.keys(faultTable).sort(),
    );
  });

  const recordOf = (json: string | undefined): BusinessRecord | undefined => {
    const [business] = businessesIn(readSource(json ?? '{}').items);
    return business && recordFromItem(business);
  };

  test.each(Object.entries(examples))('%s is told of the wrong one only', (code, example) => {
    const { wrong, right, url = '', record, today = '' } = example;
    const options = {
      url,
      today,
      ...(towns ? { towns } : {}),
      ...(record ? { record: recordOf(record) } : {}),
    };
    const { findings } = check(wrong, options);
    expect(findings.map((one) => one.code)).toContain(code);
    expect(check(right, options).findings.map((one) => one.code)).not.toContain(code);
    for (const one of findings) {
      expect(findingSchema.parse(one)).toEqual(one);
      expect(one.place.end).toBeLessThanOrEqual(wrong.length);
    }
  });

  test.each(Object.entries(siteExamples))(
    '%s is told of the wrong site only',
    (code, { branches, wrong, right }) => {
      const known = branches.map((json, at) => ({
        id: at + 1,
        label: `branch ${String(at + 1)}`,
        record: recordOf(json) ?? emptyRecord,
      }));
      const told = (pages: Readonly<Record<string, string>>): string[] => {
        const checked = Object.entries(pages).map(([url, source]) => checkSitePage(source, url, known));
        return judgeSite(checked, known).map(({ finding }) => finding.code);
      };
      expect(told(wrong)).toContain(code);
      expect(told(right)).toEqual([]);
    },
  );

  test('stands in docs/findings.md', () => {
    for (const code of Object.keys(faultTable)) expect(findingsPage()).toContain(`\`${code}\``);
  });
});

describe('a clean source', () => {
  const visible = page(napBlock(larkspur).text);
  test.each([
    ['JSON-LD of ours', page(jsonLd(larkspur).text + napBlock(larkspur).text)],
    ['microdata of ours', visible],
    ['RDFa of ours', page(writeMarkup(larkspur, 'rdfa').text)],
    ['a graph of ours', page(writeMarkup(larkspur, 'graph').text + napBlock(larkspur).text)],
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
    ['value/coordinates-swapped', '"latitude":50.46190,"longitude":-3.52530'],
    ['syntax/missing-context', '{"@context": "https://schema.org", "@type":"Optician","name":"A"}'],
  ] as const)('of %s puts it right and changes nothing else', (code, expected) => {
    const source = examples[code]?.wrong ?? '';
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
    `${jsonLd({ ...larkspur, address: { ...larkspur.address, streetAddress: '214 Quay St.' }, pin: { ...larkspur.pin, longitude: '-122.70000' } }).text}${shown}`,
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
      'agreement/hours-not-shown openingHoursSpecification',
      'agreement/rating-not-visible aggregateRating',
      'agreement/record geo',
      'agreement/record-spelling streetAddress',
      'agreement/visitor streetAddress',
      'agreement/visitor telephone',
    ]);
    expect(
      check(page(`${jsonLd(larkspur).text}<p>Welcome`), { record: larkspur }).findings.map(
        ({ code }) => code,
      ),
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
