/** What stands beside a business or in it, and lacks what it says nothing without. */
import { describe, expect, test } from '@jest/globals';
import { applyEdits } from '#core/text';
import { profiles } from './profile.ts';
import { check } from './index.ts';

const SHOP = {
  '@type': 'Store',
  name: 'Larch Café',
  address: { '@type': 'PostalAddress', streetAddress: '12 Row', addressLocality: 'Truro' },
};
const shop = (more: object): object => ({ ...SHOP, ...more });
const source = (...nodes: readonly object[]): string =>
  JSON.stringify({ '@context': 'https://schema.org', '@graph': nodes });
const missing = (...nodes: readonly object[]): readonly (string | null)[] =>
  check(source(...nodes)).findings.flatMap(({ code, property }) =>
    code === 'guideline/incomplete' ? [property] : [],
  );
const step = (position: number | undefined, more: object): object => ({
  '@type': 'ListItem',
  position,
  ...more,
});
const trail = (...steps: readonly object[]): object => ({
  '@type': 'BreadcrumbList',
  itemListElement: steps,
});
const faq = (question: object): object => ({
  '@type': 'FAQPage',
  mainEntity: [{ '@type': 'Question', ...question }],
});
const EVENT = { '@type': 'Event', name: 'Open day', startDate: '2027-05-02' };
const WHOLE: readonly (readonly [string, object, string, string])[] = [
  [
    'an offer',
    shop({ makesOffer: { '@type': 'Offer', price: 5, priceCurrency: 'GBP' } }),
    'makesOffer',
    'priceCurrency',
  ],
  [
    'a circle',
    shop({ areaServed: { '@type': 'GeoCircle', geoMidpoint: '50.1, -5.1', geoRadius: 9000 } }),
    'areaServed',
    'geoMidpoint',
  ],
  [
    'a circle',
    shop({ areaServed: { '@type': 'GeoCircle', geoMidpoint: '50.1, -5.1', geoRadius: 9000 } }),
    'areaServed',
    'geoRadius',
  ],
  ['a department', shop({ department: { ...SHOP, telephone: '+44 20 7946 0321' } }), 'department', 'name'],
  [
    'a feature',
    shop({ amenityFeature: { '@type': 'LocationFeatureSpecification', name: 'Wifi', value: true } }),
    'amenityFeature',
    'name',
  ],
  [
    'a contact',
    shop({ contactPoint: { '@type': 'ContactPoint', contactType: 'sales', email: 'a@b.example' } }),
    'contactPoint',
    'email',
  ],
  ['an event', { ...shop({}), event: { ...EVENT, description: 'All are welcome' } }, 'event', 'startDate'],
  [
    'a founder',
    shop({ founder: { '@type': 'Person', name: 'Ann Lee', jobTitle: 'Owner' } }),
    'founder',
    'name',
  ],
];

describe('a part of a business', () => {
  test.each(WHOLE)('%s is whole, and another without %#', (_, whole, part, name) => {
    expect(missing(whole)).toEqual([]);
    const cut = structuredClone(whole) as Record<string, Record<string, unknown>>;
    delete cut[part]?.[name];
    expect(missing(cut)).toContain(name === 'email' ? 'telephone' : name);
  });

  test('only named by its address, it needs nothing more', () =>
    expect(
      missing(shop({ parentOrganization: { '@type': 'Organization', url: 'https://group.example/' } })),
    ).toEqual([]));

  test('with a misspelt name, that is told', () =>
    expect(missing(shop({ makesOffer: { '@type': 'Offer', price: 5, priceCurency: 'GBP' } }))).toEqual([]));

  test('a currency stands with the offers that hold it', () => {
    const offers = {
      '@type': 'AggregateOffer',
      priceCurrency: 'GBP',
      lowPrice: 3,
      offers: { '@type': 'Offer', price: 3 },
    };
    expect(missing({ '@type': 'Product', name: 'Cup', offers })).toEqual([]);
  });

  test('is not asked for by who wants to know what is said only', () => {
    const offer = source(shop({ makesOffer: { '@type': 'Offer', price: 5 } }));
    const codes = (profile: 'local-business' | 'vocabulary') =>
      check(offer, { profile: profiles[profile] }).findings.map(({ code }) => code);
    expect(codes('local-business')).toContain('guideline/incomplete');
    expect(codes('vocabulary')).not.toContain('guideline/incomplete');
  });
});

describe('what stands beside a business', () => {
  test.each<[string, object, readonly string[]]>([
    ['a trail', trail(step(1, { name: 'Home', item: 'https://a.example/' }), step(2, { name: 'Shop' })), []],
    ['named in its item', trail(step(1, { item: { '@type': 'WebPage', name: 'Home' } })), []],
    ['without numbers', trail(step(undefined, { name: 'Home' })), ['position']],
    ['without a way', trail(step(1, { name: 'Home' }), step(2, { name: 'Shop' })), ['item']],
    ['without names', trail(step(1, { item: 'https://a.example/' })), ['name']],
    [
      'a list that is no trail',
      { '@type': 'ItemList', itemListElement: [step(undefined, { url: 'https://a.example/' })] },
      [],
    ],
    ['questions', faq({ name: 'Open?', acceptedAnswer: { '@type': 'Answer', text: 'Yes' } }), []],
    ['questions without answers', faq({ name: 'Open?' }), ['acceptedAnswer']],
    ['an event', { ...EVENT, location: { '@type': 'Place', name: 'Hall' } }, []],
    ['an event nowhere', EVENT, ['location']],
    ['a comment', { '@type': 'UserComments', commentText: 'Nice', creator: 'Jo' }, []],
    ['a review of nothing', { '@type': 'Review', author: 'Jo', reviewBody: 'Good' }, ['itemReviewed']],
    [
      'goods without a price',
      {
        '@type': 'Product',
        name: 'Cup',
        offers: { '@type': 'Offer', availability: 'https://schema.org/InStock' },
      },
      ['price'],
    ],
    [
      'a video',
      { '@type': 'VideoObject', name: 'Tour', contentUrl: 'https://a.example/t.mp4' },
      ['thumbnailUrl', 'uploadDate'],
    ],
  ])('%s', (_, node, names) => expect(missing(node)).toEqual(names));

  test.each([
    ['search_term', '{search_term}', []],
    ['q', '{search_term}', ['query-input']],
    ['q', '', ['query-input']],
  ])('a search for %s at …?s=%s', (asked, written, names) => {
    const action = {
      '@type': 'SearchAction',
      target: { '@type': 'EntryPoint', urlTemplate: `https://a.example/?s=${written}` },
      'query-input': `required name=${asked}`,
    };
    const site = { '@type': 'WebSite', name: 'Larch', url: 'https://a.example/', potentialAction: action };
    expect(missing(site)).toEqual(names);
  });
});

test.each([
  [{ validFrom: '2026-12-25' }, 'validThrough'],
  [{ validThrough: '2026-12-25' }, 'validFrom'],
])('special hours of %j get the other end as well', (given, other) => {
  const hours = { '@type': 'OpeningHoursSpecification', opens: '00:00', closes: '00:00', ...given };
  const text = source(shop({ specialOpeningHoursSpecification: hours }));
  const told = check(text).findings.find(({ code }) => code === 'guideline/incomplete');
  expect([told?.property, told?.mend?.certain]).toEqual([other, false]);
  const mended = applyEdits(text, [...(told?.mend?.edits ?? [])]);
  expect(mended).toContain(`"${other}": "2026-12-25"`);
  expect(check(mended).findings.map(({ code }) => code)).not.toContain('guideline/incomplete');
});
