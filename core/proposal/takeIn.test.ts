import { describe, expect, test } from '@jest/globals';
import { telephonesOf } from '#core/agreement';
import { jsonLd, toldRecord, writeMarkup } from '#core/markup';
import { businessesIn, readSource, recordFromItem } from '#core/reading';
import { emptyRecord, withFact, type BusinessRecord } from '#core/record';
import { lostIn, takeIn, takeInEach } from './index.ts';

const script = (said: object): string => JSON.stringify({ '@context': 'https://schema.org', ...said });

function taken(source: string): BusinessRecord {
  const { items } = readSource(source);
  const [business] = businessesIn(items);
  return business ? takeIn(business, items).record : emptyRecord;
}

/** What the record says as JSON-LD, by property. */
function said(record: BusinessRecord): Record<string, unknown> {
  const all = JSON.parse(jsonLd(record).text.replace(/<\/?script[^>]*>/g, '')) as Record<string, unknown>;
  return Object.fromEntries(Object.entries(all).filter(([name]) => name !== '@context'));
}

describe('what is taken in', () => {
  test('is kept where the record has no fact for it, and where it would say it otherwise', () => {
    const record = taken(
      script({ '@type': 'Hotel', name: 'A', hasCredential: true, telephone: ['030 1234567', '+49 30 99'] }),
    );
    expect(record.kept.map(({ property, value }) => `${property} ${value}`)).toEqual([
      'hasCredential {"@value":true}',
      'telephone 030 1234567',
      'telephone +49 30 99',
    ]);
    expect(record.telephone).toBe('030 1234567');
  });

  test('keeps nothing of what our own markup says', () => {
    const own = withFact(withFact(emptyRecord, 'name', 'A'), 'types', 'Hotel');
    expect(taken(jsonLd(own).text)).toEqual(own);
  });

  test.each(['microdata', 'rdfa'] as const)('stands where it is first named in %s, and once', (form) => {
    const picture = 'https://a.example/p.jpg';
    const record = taken(
      script({
        '@graph': [
          { '@type': 'Store', '@id': 'https://a.example/#s', name: 'A', image: { '@id': `${picture}#i` } },
          { '@type': 'ImageObject', '@id': `${picture}#i`, url: picture, caption: 'A picture' },
          { '@type': 'WebPage', '@id': 'https://a.example/', primaryImageOfPage: { '@id': `${picture}#i` } },
          { '@type': 'WebSite', '@id': 'https://a.example/#w', name: 'Site' },
        ],
      }),
    );
    const { text } = writeMarkup(record, form);
    expect(text.match(/ImageObject/g)).toHaveLength(1);
    expect(text.match(/WebSite/g)).toHaveLength(1);
    const [item] = businessesIn(readSource(text).items);
    const read = item && recordFromItem(item).image;
    expect(read).toEqual(record.image);
    expect(read).toMatchObject([{ url: picture, caption: 'A picture' }]);
  });

  test('stays as it came until its fact is changed, then the record says it, beside what it had no field for', () => {
    const came = {
      '@type': 'Hotel',
      name: 'A',
      address: {
        '@type': 'PostalAddress',
        '@id': '#a',
        streetAddress: 'Tor 1',
        addressCountry: { '@type': 'Country', name: 'DE' },
      },
      telephone: ['030 1234567', '+49 30 99'],
    };
    const record = taken(script(came));
    expect(said(record)).toEqual(came);
    const street = withFact(record, 'address.streetAddress', 'Tor 2');
    expect(said(street)).toEqual({ ...came, address: { ...came.address, streetAddress: 'Tor 2' } });
    const number = withFact(record, 'telephone', '030 7654321');
    expect(said(number)).toEqual({ ...came, telephone: ['+49 30 7654321', '+49 30 99'] });
  });

  test('of hours in the short form is not said in the long one too, and goes when the hours change', () => {
    const came = { '@type': 'Hotel', name: 'A', openingHours: 'Mo-Su 08:00-20:00' };
    const record = taken(script(came));
    expect(said(record)).toEqual(came);
    const changed = said(withFact(record, 'hours.Sunday', 'closed'));
    expect(changed['openingHours']).toBeUndefined();
    expect(changed['openingHoursSpecification']).toHaveLength(2);
  });

  test('of a catalogue stays a catalogue until the services change', () => {
    const catalog = {
      '@type': 'OfferCatalog',
      name: 'Tools',
      itemListElement: [{ '@type': 'Offer', price: 3, itemOffered: { '@type': 'Service', name: 'Keys' } }],
    };
    const record = taken(script({ '@type': 'Store', name: 'A', hasOfferCatalog: catalog }));
    expect(record.makesOffer).toHaveLength(1);
    expect(said(record)['makesOffer']).toBeUndefined();
    expect(said(record)['hasOfferCatalog']).toMatchObject({ name: 'Tools' });
    const changed = said({ ...record, makesOffer: [{ name: 'Locks', url: '', description: '', price: '' }] });
    expect(changed['hasOfferCatalog']).toBeUndefined();
    expect(changed['makesOffer']).toMatchObject({ itemOffered: { name: 'Locks' } });
  });

  test('with what stands beside the business, which refers to it', () => {
    const source = script({
      '@graph': [
        { '@type': 'WebSite', '@id': '#site', publisher: { '@id': '#b' } },
        { '@type': 'Bakery', '@id': '#b', name: 'A', image: { '@id': '#p' } },
        { '@type': 'ImageObject', '@id': '#p', contentUrl: 'https://a.example/p.jpg' },
      ],
    });
    expect(taken(source).image[0]?.url).toBe('https://a.example/p.jpg');
    expect(said(taken(source))['@graph']).toEqual([
      { '@type': 'Bakery', '@id': '#b', name: 'A', image: { '@id': '#p' } },
      { '@type': 'WebSite', '@id': '#site', publisher: { '@id': '#b' } },
      { '@type': 'ImageObject', '@id': '#p', contentUrl: 'https://a.example/p.jpg' },
    ]);
  });

  test('is read back from every form as it is told', () => {
    const record = taken(
      script({
        '@type': 'Hotel',
        name: 'A',
        telephone: '030 12',
        openingHours: 'Mo 08:00-20:00',
        petsAllowed: 'no',
      }),
    );
    for (const form of ['jsonld', 'microdata', 'rdfa'] as const) {
      const [business] = businessesIn(readSource(writeMarkup(record, form).text).items);
      expect(business && recordFromItem(business)).toEqual({ ...toldRecord(record), kept: [] });
    }
  });

  test('and what a form cannot say is named', () => {
    const source = script({
      '@type': 'Hotel',
      name: { '@value': 'Haus', '@language': 'de' },
      petsAllowed: true,
    });
    const { items } = readSource(source);
    const [business] = businessesIn(items);
    if (!business) throw new Error('no business');
    const lost = (form: 'jsonld' | 'microdata'): readonly string[] =>
      lostIn(business, items, writeMarkup(taken(source), form).text);
    expect(lost('jsonld')).toEqual([]);
    expect(lost('microdata')).toEqual(['name']);
  });

  test('however hostile, stays inside its place in every form', () => {
    const hostile = '</script><img src=x onerror=alert(1)>"\'><!--';
    const source = script({
      '@type': 'Hotel',
      name: 'A',
      [hostile]: hostile,
      award: { '@type': hostile, '@id': `javascript:${hostile}`, name: hostile, [hostile]: [hostile] },
    });
    const record = taken(source.replace(/</g, '\\u003c'));
    for (const form of ['jsonld', 'graph', 'microdata', 'rdfa', 'block'] as const) {
      const { document, faults } = readSource(writeMarkup(record, form).text);
      expect(faults).toEqual([]);
      expect(document?.elements.filter(({ name }) => name === 'img')).toEqual([]);
      expect(
        document?.elements.some(({ attributes }) => /^javascript:/i.test(attributes['href'] ?? '')),
      ).toBe(false);
    }
  });
});

test('a node that stands beside it is told where the record refers to it alone, as a reader follows it', () => {
  const head = { '@type': 'Organization', '@id': '#head', name: 'Head', award: 'A prize' };
  const store = { '@type': 'Store', name: 'A', parentOrganization: { '@id': '#head' } };
  const record = taken(script({ '@graph': [store, head] }));
  expect(record.kept.map(({ property }) => property)).toContain('parentOrganization');
  expect(toldRecord(record).parentOrganization).toMatchObject({ name: 'Head', id: '#head' });
});

describe('several businesses of one source', () => {
  const id = (name: string): string => `https://a.example/#${name}`;
  const to = (...names: string[]): object[] => names.map((name) => ({ '@id': id(name) }));
  const besidesOf = (...graph: object[]): readonly (readonly (string | null)[])[] => {
    const { items } = readSource(script({ '@graph': graph }));
    return takeInEach(
      businessesIn(items).filter(({ types }) => types.includes('Store')),
      items,
    ).map(({ besides }) => besides.map((item) => item.id));
  };
  const store = (name: string, more: object = {}): object => ({
    '@type': 'Store',
    '@id': id(name),
    name,
    ...more,
  });

  test('keep each what they refer to, however far, and what refers to one of them alone', () => {
    const besides = besidesOf(
      { '@type': 'Organization', '@id': id('head'), name: 'Head', founder: to('founder') },
      { '@type': 'Person', '@id': id('founder'), name: 'Ida' },
      store('one', { parentOrganization: to('head') }),
      store('two', { parentOrganization: to('head'), image: to('picture') }),
      { '@type': 'ImageObject', '@id': id('picture'), contentUrl: 'https://a.example/p.jpg' },
      { '@type': 'WebPage', '@id': id('page'), about: to('one'), isPartOf: to('site') },
      { '@type': 'WebSite', '@id': id('site'), name: 'Site' },
    );
    expect(besides).toEqual([
      [id('head'), id('founder'), id('page'), id('site')],
      [id('head'), id('founder'), id('picture')],
    ]);
  });

  test('leave behind what tells of several of them, and each other', () => {
    const besides = besidesOf(
      { '@type': 'Organization', '@id': id('head'), name: 'Head', subOrganization: to('one', 'two') },
      { '@type': 'WebPage', '@id': id('page'), about: to('one'), publisher: to('head') },
      store('one', { parentOrganization: to('head'), knows: to('two') }),
      store('two', { parentOrganization: to('head'), knows: to('one') }),
    );
    expect(besides).toEqual([[], []]);
  });

  test('are one alone with all that stands beside it', () => {
    const besides = besidesOf(store('one'), { '@type': 'WebSite', '@id': id('site'), name: 'Site' });
    expect(besides).toEqual([[id('site')]]);
  });
});

describe('a record taken from markup agrees with it', () => {
  test('where a picture refers to another in the same item', () => {
    const record = taken(
      script({
        '@type': 'Bakery',
        name: 'Sol',
        logo: { '@type': 'ImageObject', '@id': '#logo', url: 'https://sol.example/logo.png', caption: 'Sol' },
        image: { '@id': '#logo' },
      }),
    );
    expect(toldRecord(record).image).toEqual(toldRecord(record).logo);
    expect(record.image[0]?.url).toBe('https://sol.example/logo.png');
  });

  test('where several numbers stand in it', () => {
    const record = taken(
      script({
        '@type': 'MedicalClinic',
        name: 'Spice',
        telephone: ['+91 80 2555 0100', '+91 98860 12345'],
        address: { '@type': 'PostalAddress', addressCountry: 'IN' },
      }),
    );
    expect(telephonesOf(record)).toEqual(expect.arrayContaining(['+918025550100', '+919886012345']));
  });
});
