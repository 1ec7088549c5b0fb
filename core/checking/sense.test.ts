import { describe, expect, test } from '@jest/globals';
import { applyEdits } from '#core/text';
import { check } from './index.ts';

const base = {
  '@context': 'https://schema.org',
  '@type': 'Bakery',
  name: 'Bäckerei Sonne',
  telephone: '+49 30 901820',
  address: {
    '@type': 'PostalAddress',
    streetAddress: 'Hauptstraße 5',
    addressLocality: 'Berlin',
    postalCode: '10115',
    addressCountry: 'DE',
  },
};
const source = (more: object): string => JSON.stringify({ ...base, ...more });
const address = (more: object): object => ({ address: { ...base.address, ...more } });
const codes = (text: string): string[] => check(text).findings.map(({ code }) => code);
const usual = new Set(codes(source({})));
const told = (more: object): string[] => codes(source(more)).filter((code) => !usual.has(code));
const hours = (...list: object[]): object => ({
  openingHoursSpecification: list.map((one) => ({ '@type': 'OpeningHoursSpecification', ...one })),
});

test('a date is told once, wherever it is judged, with its mend', () => {
  const dates = (more: object) => check(source(more)).findings.filter(({ code }) => code === 'value/date');
  expect(dates({ foundingDate: '24.10.1974' })).toHaveLength(1);
  const [published] = dates({ subjectOf: { '@type': 'WebPage', datePublished: '24.10.2026' } });
  expect(published?.mend?.edits[0]?.text).toBe('"2026-10-24"');
});

test.each([
  ['value/currency', { currenciesAccepted: 'Euro' }, '"EUR"'],
  ['value/currency', { makesOffer: { '@type': 'Offer', price: '79', priceCurrency: '€' } }, '"EUR"'],
  ['value/boolean', { smokingAllowed: 'nein' }, 'false'],
  ['value/boolean', { isAccessibleForFree: 'oui' }, 'true'],
  ['value/time', { '@type': 'Hotel', checkoutTime: 'bis 11:00' }, '"11:00"'],
  ['value/date', { makesOffer: { '@type': 'Offer', availabilityStarts: '1. März 2026' } }, '"2026-03-01"'],
  [
    'value/number',
    { hasMerchantReturnPolicy: { '@type': 'MerchantReturnPolicy', merchantReturnDays: '30 Tage' } },
    '"30"',
  ],
  ['value/url-relative', { url: 'www.sonne.example/berlin' }, '"https://www.sonne.example/berlin"'],
  ['value/rating', { starRating: { '@type': 'Rating', ratingValue: '4 Sterne' } }, '"4"'],
  [
    'value/number',
    { aggregateRating: { '@type': 'AggregateRating', ratingValue: '4.7', reviewCount: '213 Bewertungen' } },
    '"213"',
  ],
])('%s in words is mended: %j', (code, more, mended) => {
  const found = check(source(more)).findings.filter((one) => one.code === code);
  expect(found.map(({ mend }) => mend?.edits.map(({ text }) => text))).toEqual([[mended]]);
});

test('stars beyond their scale are not mended', () => {
  const found = check(source({ starRating: { '@type': 'Rating', ratingValue: '7 Sterne' } })).findings;
  expect(found.find(({ code }) => code === 'value/rating')?.mend ?? null).toBeNull();
});

test('a rating whose count has words beside it has one', () => {
  const rating = { '@type': 'AggregateRating', ratingValue: '4.7', reviewCount: '213 Bewertungen' };
  expect(told({ aggregateRating: rating })).not.toContain('value/rating');
  expect(told({ aggregateRating: { ...rating, reviewCount: 'viele' } })).toContain('value/number');
  expect(told({ aggregateRating: { ...rating, reviewCount: '' } })).toContain('value/rating');
});

describe('a date that visitors read as it is', () => {
  const mended = (html: string): string => {
    const found = check(html).findings.find(({ code }) => code === 'value/date' || code === 'value/time');
    expect(found?.mend?.certain).toBe(true);
    return applyEdits(html, found?.mend?.edits ?? []);
  };
  const item = (html: string): string =>
    `<div itemscope itemtype="https://schema.org/Bakery"><b itemprop="name">K</b> ${html}</div>`;
  const node = (html: string): string =>
    `<div vocab="https://schema.org/" typeof="Bakery"><b property="name">K</b> ${html}</div>`;

  test.each([
    [
      item('<span itemprop="foundingDate">March 12, 1998</span>'),
      item('<span><data itemprop="foundingDate" value="1998-03-12">March 12, 1998</data></span>'),
    ],
    [
      item('<time itemprop="foundingDate">12.03.1998</time>'),
      item('<time datetime="1998-03-12" itemprop="foundingDate">12.03.1998</time>'),
    ],
    [
      node('<time property="foundingDate">12 mars 1998</time>'),
      node('<time content="1998-03-12" datetime="1998-03-12" property="foundingDate">12 mars 1998</time>'),
    ],
    [
      node('<i property="foundingDate">12. März 1998</i>'),
      node('<i><span property="foundingDate" content="1998-03-12">12. März 1998</span></i>'),
    ],
  ])('goes on to stand there: %s', (html, expected) => {
    expect(mended(html)).toBe(expected);
    expect(codes(expected)).not.toContain('value/date');
  });

  test('and so does a country by its name', () => {
    const html = item(
      '<p itemprop="address" itemscope itemtype="https://schema.org/PostalAddress"><i itemprop="addressCountry">Deutschland</i></p>',
    );
    const found = check(html).findings.find(({ code }) => code === 'value/country');
    expect(applyEdits(html, found?.mend?.edits ?? [])).toContain(
      '<i><data itemprop="addressCountry" value="DE">Deutschland</data></i>',
    );
  });

  test('is not mended where it holds other elements, or nobody can tell the day', () => {
    for (const shown of [
      '<span itemprop="foundingDate">March <b>12</b>, 1998</span>',
      '<i itemprop="foundingDate">12/03/1998</i>',
    ])
      expect(
        check(item(shown)).findings.find(({ code }) => code === 'value/date')?.mend?.edits ?? [],
      ).toEqual([]);
  });
});

test.each(['2026–11–26', '2026/11/26', '2026. 11. 26.', '2026年11月26日', '26.11.2026'])(
  'the date %s is mended as one that machines read',
  (foundingDate) => {
    const found = check(source({ foundingDate })).findings.find(({ code }) => code === 'value/date');
    expect(found?.mend?.edits[0]?.text).toBe('"2026-11-26"');
    expect(found?.mend?.certain).toBe(true);
  },
);

test.each([
  ['no commas', (text: string) => text.replaceAll(',\n', '\n'), 'syntax/missing-comma'],
  ['bare names', (text: string) => text.replace(/"(\w+)":/g, '$1:'), 'syntax/unquoted-name'],
  ['signs of equality', (text: string) => text.replaceAll('":', '" ='), 'syntax/missing-colon'],
])('a habit that runs through a source is one finding with all its places: %s', (_, change, code) => {
  const text = JSON.stringify(JSON.parse(source({})), null, 2);
  const { findings } = check(change(text));
  const [found, ...others] = findings.filter((one) => one.code.startsWith('syntax/'));
  expect([found?.code, others]).toEqual([code, []]);
  expect(found?.related.length).toBeGreaterThan(5);
  expect(JSON.parse(applyEdits(change(text), found?.mend?.edits ?? []))).toEqual(JSON.parse(text));
});

test('two commas that are missing are two findings', () => {
  const text = JSON.stringify(JSON.parse(source({})), null, 2)
    .replace(',\n', '\n')
    .replace(',\n', '\n');
  expect(codes(text).filter((code) => code === 'syntax/missing-comma')).toHaveLength(2);
});

test('a name with the same letters is meant for certain', () => {
  const found = check(source({ 'price-range': '$$' })).findings.find(
    ({ code }) => code === 'vocabulary/unknown-property',
  );
  expect(found?.mend).toMatchObject({ edits: [{ text: '"priceRange"' }], certain: true });
});

test('a dash before a number is its sign', () => {
  const text = source({ geo: { '@type': 'GeoCoordinates', latitude: 52.51, longitude: '@' } });
  const [found, ...others] = check(text.replace('"@"', '–13.37012')).findings.filter(({ code }) =>
    code.startsWith('syntax/'),
  );
  expect([found?.code, found?.mend, others]).toMatchObject([
    'syntax/bad-number',
    { edits: [{ text: '-' }], certain: true },
    [],
  ]);
});

test('an Argentine code may stand without its last letters', () => {
  const argentine = (postalCode: string): string[] =>
    told(address({ postalCode, addressLocality: 'Rosario', addressCountry: 'AR' }));
  expect(argentine('S2000')).not.toContain('value/postal-code');
  expect(argentine('S2000FAA')).not.toContain('value/postal-code');
  expect(argentine('S200')).toContain('value/postal-code');
});

describe('what a person sees at once', () => {
  test.each([
    [{ telephone: 'tel:+4930901820' }, 'value/telephone-form'],
    [{ telephone: '+49 (0)30 901820' }, 'value/telephone-form'],
    [{ telephone: '0049 30 901820' }, 'value/telephone-form'],
    [{ telephone: '+49 30 901820 / 901821' }, 'value/telephone-form'],
    [{ telephone: '+33 1 42 68 53 00' }, 'value/telephone-foreign'],
    [{ email: 'mailto:info@sonne.example' }, 'value/email-form'],
    [{ email: 'noreply@sonne.example' }, 'value/email-form'],
    [{ email: 'Do-Not-Reply@sonne.example' }, 'value/email-form'],
    [{ name: 'Sonne (Open 24/7)' }, 'value/name'],
    [{ name: 'Sonne – PERMANENTLY CLOSED' }, 'value/name'],
    [{ name: 'Sonne (vorübergehend geschlossen)' }, 'value/name'],
    [{ name: 'Le Soleil définitivement fermé' }, 'value/name'],
    [{ url: 'https://sonne.example/wp-admin/' }, 'value/url-staging'],
    [{ url: 'https://sonne.example/?p=12&preview=true' }, 'value/url-staging'],
    [{ telephone: '+49030 901820' }, 'value/telephone-form'],
    [{ telephone: '+52 1 55 5555 0142' }, 'value/telephone-form'],
    [{ telephone: '+49 30 BROTZEIT' }, 'value/telephone-form'],
    [{ telephone: '+49 30 901820 ext. 12' }, 'value/telephone-extension'],
    [{ telephone: '+49 123456789' }, 'value/placeholder'],
    [address({ addressLocality: 'Berlin, Hauptstraße 5' }), 'value/town'],
    [address({ addressRegion: 'Bayern' }), 'value/region'],
    [{ image: {} }, 'value/empty'],
    [hours({ opens: '09:00', closes: '18:00' }), 'value/hours-no-day'],
    [
      hours({ opens: '09:00', closes: '18:00', validFrom: '2027-01-10', validThrough: '2027-01-01' }),
      'value/date-order',
    ],
    [hours({ dayOfWeek: 'Mo', opens: '09:00', closes: '18:00' }), 'value/day'],
    [
      {
        openingHours: 'Mo 09:00-18:00',
        ...hours({ dayOfWeek: 'Monday', opens: '10:00', closes: '18:00' }),
      },
      'value/hours-contradiction',
    ],
    [
      { address: { ...base.address, addressRegion: 'Mont', postalCode: '59718', addressCountry: 'US' } },
      'value/region',
    ],
    [
      { '@id': 'https://a.example/#clinic', subOrganization: { '@id': 'https://a.example/#clinics' } },
      'structure/reference',
    ],
    [{ openingHours: ['Tu-Fr 09:00-18:00', 'Th 09:00-21:00'] }, 'value/hours-contradiction'],
    [{ parentOrganization: { '@id': '#none' } }, 'structure/reference'],
    [{ parentOrganization: { '@id': 'https://other.example/#o' } }, 'structure/reference-elsewhere'],
    [{ image: { '@id': 'https://sonne.example/#image' } }, 'structure/reference-elsewhere'],
    [{ name: 'Bäckerei Sonne | Brot, Torten, Kuchen | Berlin, Potsdam und Spandau' }, 'value/name'],
    [{ name: 'Bäckerei Sonne 🥐' }, 'value/name'],
    [{ name: 'BÄCKEREI SONNE BERLIN' }, 'value/name-capitals'],
    [{ name: 'BÃ¤ckerei Sonne' }, 'value/encoding'],
    [{ slogan: 'Brot � Kuchen' }, 'value/encoding'],
    [{ name: 'Brot &amp; Zeit' }, 'value/entities'],
    [{ slogan: 'F&#252;r Sie' }, 'value/entities'],
    [{ slogan: '&Uuml;ber uns' }, 'value/entities'],
    [{ description: '<p>Brot</p>' }, 'value/html'],
    [address({ streetAddress: 'Postfach 1234' }), 'value/po-box'],
    [address({ streetAddress: 'P.O. Box 12' }), 'value/po-box'],
    [address({ streetAddress: 'BP 40' }), 'value/po-box'],
    [address({ streetAddress: 'Apartado de Correos 7' }), 'value/po-box'],
    [address({ streetAddress: 'Hauptstraße 5, 10115 Berlin' }), 'value/street'],
    [address({ streetAddress: 'Hauptstraße 5, Deutschland' }), 'value/street'],
    [address({ streetAddress: 'Hauptstraße 5, Tel. 030 901820' }), 'value/street'],
    [address({ addressLocality: '10115 Berlin' }), 'value/town'],
    [{ address: 'Hauptstraße 5, 10115 Berlin' }, 'guideline/address-text'],
    [{ address: { streetAddress: 'Hauptstraße 5' } }, 'structure/no-type'],
    [{ geo: { latitude: 52.52001, longitude: 13.40495 } }, 'structure/no-type'],
    [{ image: { '@type': 'ImageObject', caption: 'x' } }, 'value/image'],
    [{ review: { '@type': 'Review', reviewBody: 'gut' } }, 'guideline/review-author'],
    [hours({ dayOfWeek: 'Monday', opens: '09:00' }), 'value/hours-incomplete'],
    [hours({ dayOfWeek: 'Monday', opens: '09:00-18:00', closes: '18:00' }), 'value/time'],
    [hours({ dayOfWeek: 'Monday', opens: '09:00', closes: '05:30' }), 'value/hours-backwards'],
    [
      hours(
        { dayOfWeek: ['Monday', 'Tuesday'], opens: '09:00', closes: '18:00' },
        { dayOfWeek: 'Tuesday', opens: '10:00', closes: '19:00' },
      ),
      'value/hours-contradiction',
    ],
    [
      hours(
        { dayOfWeek: 'Sunday', opens: '00:00', closes: '00:00' },
        { dayOfWeek: 'Sunday', opens: '10:00', closes: '19:00' },
      ),
      'value/hours-contradiction',
    ],
    [{ url: 'https://sonne.example/?utm_source=a' }, 'value/url-tracking'],
    [
      { aggregateRating: { '@type': 'AggregateRating', ratingValue: '4,5', reviewCount: 10 } },
      'value/rating',
    ],
    [address({ streetAddress: 'Musterstraße 1' }), 'value/placeholder'],
    [{ name: 'Tu empresa' }, 'value/placeholder'],
    [{ name: 'Exemple' }, 'value/placeholder'],
    [{ name: 'La tua azienda' }, 'value/placeholder'],
    [{ name: '会社名' }, 'value/placeholder'],
  ])('%j is told', (more, code) => {
    expect(told(more)).toContain(code);
  });

  test.each([
    { name: 'AT&T' },
    { name: 'Smith, Jones & Partner' },
    { name: 'Müller, Meier, Schmidt, Kunze Rechtsanwälte' },
    { telephone: '+49 89/1234567' },
    address({ streetAddress: 'Passage 3, Berlin Allee 7' }),
    { name: 'H&M Hennes & Mauritz GBC AB' },
    { name: 'IKEA' },
    { name: 'BMW AG' },
    { name: 'São João Café' },
    { name: 'Ängelholms Åkeri' },
    { name: 'Âge d’Or' },
    { name: 'Pâtisserie Ô' },
    { name: '東京ベーカリー' },
    { description: 'Brot < Kuchen, 3 > 2, Kaffee & Tee' },
    { slogan: 'Q&A; &c.' },
    { telephone: '+49 30 901820' },
    address({ addressRegion: 'Berlin' }),
    address({ addressRegion: 'Kreis X' }),
    { '@id': '#b', department: { '@type': 'Store', name: 'C', parentOrganization: { '@id': '#b' } } },
    { image: { '@id': 'https://other.example/a.jpg' } },
    { logo: 'https://sonne.example/l.png', areaServed: 'Berlin', ...address({ streetAddress: undefined }) },
    { areaServed: 'Berlin', ...address({ streetAddress: undefined, postalCode: undefined }) },
    {
      openingHours: 'Mo 10:00-18:00',
      ...hours({ dayOfWeek: 'Monday', opens: '10:00', closes: '18:00' }),
    },
    { telephone: '+49 30 901820-12' },
    address({ streetAddress: 'Berliner Straße 5' }),
    address({ streetAddress: 'Postfachweg 3' }),
    address({ streetAddress: 'Hauptstraße 5, Hinterhof' }),
    address({ streetAddress: '12 Box Lane' }),
    address({ streetAddress: 'Plaza Mayor 3, 2º B' }),
    hours({ dayOfWeek: 'Friday', opens: '18:00', closes: '02:00' }),
    hours({ dayOfWeek: 'Friday', opens: '11:00', closes: '02:00' }),
    hours({ dayOfWeek: 'Friday', opens: '09:00', closes: '00:00' }),
    hours({ dayOfWeek: 'Friday', opens: '00:00', closes: '23:59' }),
    hours(
      { dayOfWeek: 'Friday', opens: '09:00', closes: '12:00' },
      { dayOfWeek: 'Friday', opens: '13:00', closes: '18:00' },
    ),
    hours(
      { dayOfWeek: 'Friday', opens: '09:00', closes: '18:00' },
      {
        dayOfWeek: 'Friday',
        opens: '00:00',
        closes: '00:00',
        validFrom: '2027-01-01',
        validThrough: '2027-01-01',
      },
    ),
    { image: { '@id': 'https://sonne.example/image.jpg' } },
    { slogan: 'خانه\u200cها \u200f!' },
    { slogan: '👩\u200d🍳 Brot' },
    { image: { '@type': 'ImageObject', contentUrl: 'https://sonne.example/a.jpg' } },
  ])('%j is sound', (more) => {
    expect(told(more).filter((code) => !/^(guideline|vocabulary)\//.test(code))).toEqual([]);
  });

  test.each([
    [{ telephone: 'tel:+4930901820' }, '"+49 30 901820"'],
    [{ telephone: '+49 (0)30 901820' }, '"+49 30 901820"'],
    [{ email: 'mailto:info@sonne.example?subject=a' }, '"info@sonne.example"'],
    [{ name: 'BÃ¤ckerei Sonne' }, '"Bäckerei Sonne"'],
    [{ name: 'Brot &amp; Zeit' }, '"Brot & Zeit"'],
    [{ slogan: '&Uuml;ber uns' }, '"Über uns"'],
    [{ name: 'Bäckerei \u200bSonne' }, '"Bäckerei Sonne"'],
    [{ telephone: '\ufeff+49 30 901820' }, '"+49 30 901820"'],
    [{ email: 'info@son\u00adne.example' }, '"info@sonne.example"'],
    [{ address: { ...base.address, '@type': undefined } }, '{"@type": "PostalAddress", "streetAddress"'],
    [address({ addressLocality: '10115 Berlin' }), '"Berlin"'],
  ])('%j is mended, and the mend takes its finding away', (more, mended) => {
    const text = source(more);
    const finding = check(text).findings.find(({ code, mend }) => mend && !usual.has(code));
    const after = applyEdits(text, finding?.mend?.edits ?? []);
    expect(after).toContain(mended);
    expect(codes(after)).not.toContain(finding?.code);
    // Nothing new comes of it but what was hidden before.
    expect(codes(after).filter((code) => !usual.has(code) && !codes(text).includes(code))).toEqual([]);
  });

  test('a link to dial in a page stays one', () => {
    const page = `<!doctype html><html lang="de"><body><div itemscope itemtype="https://schema.org/Bakery"><span itemprop="name">Sonne</span> <a itemprop="telephone" href="tel:+4930901820">030 901820</a></div></body></html>`;
    const found = check(page).findings.filter(({ code }) => code === 'value/telephone-form');
    expect(found).toHaveLength(1);
    expect(found[0]?.mend).toBeNull();
  });
});

test.each([
  [{ '@type': 'Place', telephone: '+49 30 901820' }, 'vocabulary/no-local-business'],
  [
    { '@type': 'Place', telephone: undefined, openingHours: 'Mo 10:00-18:00' },
    'vocabulary/no-local-business',
  ],
  [{ '@type': 'Place', telephone: undefined }, 'structure/other-markup'],
  [{ '@type': 'Place', address: undefined }, 'structure/other-markup'],
  [{ '@type': 'Organization', address: undefined, telephone: undefined }, 'structure/other-markup'],
  [{ '@type': 'Organization' }, 'vocabulary/no-local-business'],
])('%j is %s', (more, code) => {
  const found = codes(source(more)).filter((one) => /no-local-business|other-markup/.test(one));
  expect(found).toEqual([code]);
});

test('a type is suggested by its place, by a word of its name, then by its spelling', () => {
  const meant = (more: object): string =>
    check(source(more)).findings.find(({ code }) => code === 'vocabulary/unknown-type')?.mend?.edits[0]
      ?.text ?? '';
  expect(meant({ '@type': 'Bar' })).toBe('BarOrPub');
  expect(meant({ '@type': 'Bakary' })).toBe('Bakery');
  expect(meant(address({ '@type': 'Address' }))).toBe('PostalAddress');
  expect(meant({ geo: { '@type': 'Coordinates', latitude: 52.52001, longitude: 13.40495 } })).toBe(
    'GeoCoordinates',
  );
});

test('a property is suggested by what people call it, of those its type has', () => {
  const meant = (more: object): string =>
    check(source(more)).findings.find(({ code }) => code === 'vocabulary/unknown-property')?.mend?.edits[0]
      ?.text ?? '';
  expect(meant({ phone: '+49 30 901820' })).toBe('"telephone"');
  expect(meant(address({ zip: '10115' }))).toBe('"postalCode"');
  expect(meant(address({ street: 'Hauptstraße 5' }))).toBe('"streetAddress"');
  expect(meant({ slogann: 'Brot' })).toBe('"slogan"');
});

test('what is wrong in several places is told once, with the places and a mend for all', () => {
  const [one, ...others] = check(
    source({
      department: [
        { '@type': 'Store', name: 'A', email: 'mailto:a@b.example' },
        { '@type': 'Store', name: 'B', email: 'mailto:a@b.example' },
      ],
    }),
  ).findings.filter(({ code }) => code === 'value/email-form');
  expect(others).toEqual([]);
  expect(one?.related).toHaveLength(1);
  expect(one?.mend?.edits).toHaveLength(2);
});

test('hours long past are told from the date of the check', () => {
  const past = {
    '@type': 'OpeningHoursSpecification',
    opens: '00:00',
    closes: '00:00',
    validFrom: '2026-10-01',
    validThrough: '2026-10-02',
  };
  const at = (today: string): boolean =>
    check(source({ specialOpeningHoursSpecification: past }), { today }).findings.some(
      ({ code }) => code === 'value/hours-past',
    );
  expect([at('2026-10-03'), at('2026-10-31'), at('2026-11-02'), at('2027-01-01')]).toEqual([
    false,
    false,
    true,
    true,
  ]);
});

describe('what follows from a fault is not told again, and nothing else is kept back', () => {
  const shop = (body: string): string =>
    `<div itemscope itemtype="https://schema.org/Store"><b itemprop="name">A</b>${body}</div>`;
  const passedOver = '<span itemprop="telephone" content="+49 30 901820">030 901820</span>';
  const codesOf = (text: string): string[] => check(text).findings.map(({ code }) => code);

  test('beside an attribute that is passed over', () => {
    expect(codesOf(shop(passedOver))).not.toContain('value/telephone-country');
    const other = shop('<meta itemprop="telephone" content="030 901821">');
    expect(codesOf(shop(passedOver) + other)).toContain('value/telephone-country');
  });

  test('of a plain organisation', () => {
    const organisation = { ...base, '@type': 'Organization', priceRange: '€' };
    expect(codesOf(JSON.stringify(organisation))).not.toContain('vocabulary/not-of-type');
    const other = { '@context': 'https://schema.org', '@type': 'Person', name: 'B', priceRange: '€' };
    expect(codesOf(JSON.stringify([organisation, other]))).toContain('vocabulary/not-of-type');
  });

  test('of hours that cannot be read', () => {
    const page = (own: string, inner: string): string => {
      const of = (opens: string): object => ({
        '@type': 'OpeningHoursSpecification',
        dayOfWeek: 'Monday',
        opens,
        closes: '17:00',
      });
      const json = {
        ...base,
        openingHoursSpecification: of(own),
        department: { '@type': 'Store', name: 'Laden', openingHoursSpecification: of(inner) },
      };
      return `<!doctype html><html lang="de"><script type="application/ld+json">${JSON.stringify(json)}</script><p>Bäckerei Sonne, Hauptstraße 5, 10115 Berlin, 030 901820</p><p>Mo 10–17 Uhr</p></html>`;
    };
    expect(codesOf(page('09:00', '11:00'))).toContain('agreement/visitor');
    // What is shown may be the hours of the department.
    expect(codesOf(page('09:00', '10:00'))).not.toContain('agreement/visitor');
    expect(codesOf(page('9 Uhr', '10:00'))).not.toContain('agreement/visitor');
    expect(codesOf(page('09:00', '9 Uhr'))).toContain('agreement/visitor');
  });
});

describe('a region beside its postal code', () => {
  const told = (addressCountry: string, postalCode: string, addressRegion: string): readonly string[] =>
    check(
      JSON.stringify({
        ...base,
        address: {
          '@type': 'PostalAddress',
          streetAddress: '5 Row',
          addressLocality: 'Town',
          addressRegion,
          postalCode,
          addressCountry,
        },
      }),
    ).findings.flatMap(({ code, mend }) => (code === 'value/region' ? [mend?.edits[0]?.text ?? ''] : []));

  test.each([
    ['PL', '87-100', 'kujawsko-pomorskie'],
    ['CH', '1800', 'VD'],
    ['CH', '3963', 'Wallis'],
    ['BE', '9000', 'Oost-Vlaanderen'],
    ['BE', '1000', 'Vlaanderen'],
    ['IT', '55100', 'LU'],
    ['IT', '55100', 'Toscana'],
    ['IT', '09123', 'Sardegna'],
    ['JP', '920-0981', '石川県'],
    ['JP', '010-0001', 'Akita'],
    ['KR', '35242', '대전'],
    ['TR', '35210', 'Izmir'],
    ['RO', '500407', 'Brasov'],
    ['AR', 'S2000ABC', 'Santa Fe'],
    ['AR', '2000', 'Córdoba'],
    ['CO', '050010', 'Antioquia'],
    ['MY', '50450', 'Wilayah Persekutuan'],
    ['DE', '70173', 'Baden-Wuerttemberg'],
    ['FR', '75001', 'Ile de France'],
    ['FR', '13001', "Provence Alpes Cote d'Azur"],
    ['IT', '55100', 'Garfagnana'],
    ['ES', '29600', 'Costa del Sol'],
  ])('of %s: %s is of %s', (country, code, region) => expect(told(country, code, region)).toEqual([]));

  test.each([
    ['PL', '87-100', 'małopolskie', ''],
    ['PL', '87-100', 'kujawsko-pomoskie', '"kujawsko-pomorskie"'],
    ['CH', '1800', 'TI', ''],
    ['BE', '9000', 'Limburg', ''],
    ['IT', '55100', 'PI', ''],
    ['IT', '55100', 'XX', ''],
    ['BR', '80060-000', 'RP', ''],
    ['JP', '920-0981', '富山県', ''],
    ['KR', '35242', '부산', ''],
    ['TR', '35210', 'Ankara', ''],
    ['RO', '500407', 'Cluj', ''],
    ['AR', 'S2000ABC', 'Córdoba', ''],
    ['DE', '99084', 'Türingen', '"Thüringen"'],
    ['FR', '35000', 'Bretange', '"Bretagne"'],
  ])('of %s: %s is not of %s', (country, code, region, mend) =>
    expect(told(country, code, region)).toEqual([mend]),
  );
});

describe('what forms and templates leave behind', () => {
  const codes = (facts: object): readonly string[] =>
    check(JSON.stringify({ ...base, ...facts })).findings.map(({ code }) => code);
  const at = (streetAddress: string, addressLocality = 'Berlin', addressRegion = '') => ({
    address: {
      '@type': 'PostalAddress',
      streetAddress,
      addressLocality,
      addressRegion,
      postalCode: '10115',
      addressCountry: 'DE',
    },
  });

  test.each([
    'info@yourdomain.com',
    'email@domain.com',
    'name@company.com',
    'max@mustermann.de',
    'test@test.com',
  ])('is an email address: %s', (email) => expect(codes({ email })).toContain('value/placeholder'));
  // Those of RFC 2606 stand in examples on purpose.
  test.each(['desk@example.com', 'info@larch.example', 'test@larch.de', 'name@domain-larch.com'])(
    'is not %s',
    (email) => expect(codes({ email })).not.toContain('value/placeholder'),
  );
  test.each(['회사명', 'Название компании', 'Firma Adı', 'Test', 'اسم الشركة', '公司名称', 'ชื่อบริษัท'])(
    'is a name: %s',
    (name) => expect(codes({ name })).toContain('value/placeholder'),
  );
  test.each(['Test Valley Books', 'Café Exemplar'])('is not the name %s', (name) =>
    expect(codes({ name })).not.toContain('value/placeholder'),
  );
  test.each(['1 rue Exemple', 'Rua Exemplo, 123', 'Street Address', 'Örnek Sokak 1'])(
    'is a street: %s',
    (street) => expect(codes(at(street))).toContain('value/placeholder'),
  );
  test.each(['私書箱12号', 'а/я 45', 'Τ.Θ. 12'])('a post office box in another script is %s', (street) =>
    expect(codes(at(street))).toContain('value/po-box'),
  );

  test('a country behind the street, and a region behind the town', () => {
    expect(codes(at('9 Row, USA'))).toContain('value/street');
    expect(codes(at('9 Row', 'Potsdam, Brandenburg', 'Brandenburg'))).toContain('value/town');
    expect(codes(at('9 Row', 'Potsdam, Babelsberg', 'Brandenburg'))).not.toContain('value/town');
  });

  test('a search is no profile, a page no picture, and no time is no hours', () => {
    expect(codes({ sameAs: 'https://maps.larch.example/maps/search/velo+matter' })).toContain(
      'value/profile',
    );
    expect(codes({ image: 'https://larch.example/gallery.html' })).toContain('value/image');
    expect(codes({ image: 'https://larch.example/gallery.html.jpg' })).not.toContain('value/image');
    const week = (opens: string, closes: string) => ({
      openingHoursSpecification: { '@type': 'OpeningHoursSpecification', dayOfWeek: 'Monday', opens, closes },
    });
    expect(codes(week('08:00', '08:00'))).toContain('value/hours-backwards');
    // Over the hours of the afternoon it would end on the next morning: the afternoon was forgotten.
    const twice =
      '"openingHoursSpecification":[{"@type":"OpeningHoursSpecification","dayOfWeek":"Monday","opens":"08:00","closes":"01:00"},{"@type":"OpeningHoursSpecification","dayOfWeek":"Monday","opens":"14:00","closes":"18:00"}]';
    const over = check(
      `<script type="application/ld+json">{"@context":"https://schema.org","@type":"Store","name":"A",${twice}}</script>`,
    ).findings.find(({ code }) => code === 'value/hours-backwards');
    expect(over?.mend?.edits.map(({ text }) => text)).toEqual(['"13:00"']);
    expect(codes(week('00:00', '00:00'))).not.toContain('value/hours-backwards');
  });

  test('letters damaged among sound ones are mended, and capitals in quotes are sound', () => {
    const mended = (description: string): string | undefined =>
      check(JSON.stringify({ ...base, description })).findings.find(({ code }) => code === 'value/encoding')
        ?.mend?.edits[0]?.text;
    expect(mended('Famille Ã©tablie Ã  Ames, “ici”')).toBe('"Famille établie à Ames, “ici”"');
    expect(mended('A loja “AMANHÔ de SÃO Paulo')).toBeUndefined();
  });
});

test('hours are told where they are: at the end that comes first, at the day of rest', () => {
  const lineOf = (json: object, body: string, code: string): readonly string[] => {
    const text = JSON.stringify({ ...base, ...json }, null, 1);
    const page = `<!doctype html><title>x</title><script type="application/ld+json">${text}</script>${body}`;
    return check(page).findings.flatMap((one) =>
      one.code === code ? [page.slice(one.place.start, one.place.end)] : [],
    );
  };
  const season = hours({
    opens: '09:00',
    closes: '17:00',
    validFrom: '2027-05-01',
    validThrough: '2026-10-01',
  });
  expect(lineOf(season, '', 'value/date-order')).toEqual(['"2026-10-01"']);
  const rest = hours({ dayOfWeek: ['Monday', 'Tuesday', 'Wednesday'], opens: '09:00', closes: '17:00' });
  const body =
    '<p>Bäckerei Sonne, Hauptstraße 5, 10115 Berlin, 030 901820</p><p>Montag und Mittwoch 9–17 Uhr, Dienstag Ruhetag</p>';
  expect(lineOf(rest, body, 'agreement/visitor')).toEqual(['"Tuesday"']);
});

test('days and hours in other words have their mend', () => {
  const mended = (more: object): readonly string[] =>
    check(source(more)).findings.flatMap(({ code, mend }) =>
      /^value\/(?:day|hours)$/.test(code) ? [mend?.edits[0]?.text ?? ''] : [],
    );
  const spanned = { opens: '09:00', closes: '17:00' };
  expect(mended(hours({ dayOfWeek: 'https://schema.org/Måndag', ...spanned }))).toEqual(['"Monday"']);
  expect(mended({ openingHours: 'Mo;We 09:00-17:00' })).toEqual(['"Mo,We 09:00-17:00"']);
  expect(mended({ openingHours: 'Mo 09:00-17:00; We 10:00-12:00' })).toEqual([
    '["Mo 09:00-17:00", "We 10:00-12:00"]',
  ]);
});

test('a time is mended to what the day then has: its whole, or the half that was forgotten', () => {
  const mends = (opens: string, closes: string): readonly string[] =>
    check(source(hours({ dayOfWeek: 'Monday', opens, closes }))).findings.flatMap(({ code, mend }) =>
      code === 'value/time' && mend
        ? [`${mend.edits[0]?.text ?? ''} ${mend.certain ? 'sure' : 'guess'}`]
        : [],
    );
  expect(mends('00:00', '24:00 Uhr')).toEqual(['"23:59" sure']);
  expect(mends('09:00', '24:00 Uhr')).toEqual(['"00:00" sure']);
  expect(mends('10:00', '6:00')).toEqual(['"18:00" guess']);
  expect(mends('10:00', '6:00 pm')).toEqual(['"18:00" sure']);
  // A bar that closes in the night.
  expect(mends('17:00', '2:00')).toEqual(['"02:00" sure']);
});

test('a day of rest among opening hours is taken out of them', () => {
  const mended = (openingHours: unknown): string => {
    const text = source({ openingHours });
    const told = check(text).findings.find(({ code }) => code === 'value/hours');
    const { openingHours: left } = JSON.parse(applyEdits(text, told?.mend?.edits ?? [])) as {
      openingHours: unknown;
    };
    return JSON.stringify(left);
  };
  expect(mended(['Mo-Sa 09:00-18:00', 'Su closed'])).toBe('["Mo-Sa 09:00-18:00"]');
  expect(mended(['Su closed', 'Mo-Sa 09:00-18:00'])).toBe('["Mo-Sa 09:00-18:00"]');
  expect(mended(['So geschlossen', 'Mo 09:00-18:00', 'Tu 10:00-12:00'])).toBe(
    '["Mo 09:00-18:00","Tu 10:00-12:00"]',
  );
  expect(mended('Su closed')).toBe('"Su closed"');
  expect(mended(['Su closed'])).toBe('["Su closed"]');
});
