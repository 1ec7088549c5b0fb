import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { days } from '#core/hours';
import { businessItem, leftOutOf, markupForms, outputForms, toldRecord, writeMarkup } from '#core/markup';
import { takeIn } from '#core/proposal';
import { businessesIn, readSource, recordFromItem } from '#core/reading';
import { emptyRecord, factRows, factText, usualOutput, type BusinessRecord } from '#core/record';
import { larkspur } from '#sample';

const text = fc.oneof(
  fc.string({ maxLength: 20 }),
  fc.string({
    unit: fc.constantFrom(
      'a',
      '<',
      '>',
      '"',
      "'",
      '&',
      '/',
      '-',
      '!',
      ' ',
      'é',
      '☃',
      '\n',
      '|',
      '\\',
      '日',
      '</script>',
      '<!--',
      '\u2028',
    ),
    maxLength: 15,
  }),
  fc.constantFrom('', 'Salt & Sons', '“Quay” House'),
);
const name = text;
const url = fc.constantFrom<string[]>(
  '',
  'https://a.example/',
  'https://a.example/b?c=d&e=f#g',
  'relative/path.html',
  'https://a.example/ü',
);
const telephone = fc.constantFrom<string[]>(
  '',
  '(360) 555-0142',
  '+44 20 7946 0321',
  'ask inside',
  '360 555 0199',
);
const day = fc.constantFrom(
  '',
  'closed',
  '24 hours',
  '09:00-17:00',
  '9am-12, 1pm-5pm',
  '18:00-02:00',
  'nonsense',
  'by appointment',
);
const week = fc.constantFrom(
  '',
  'Mon–Fri 09:00-17:00',
  'closed',
  'Sat 10 to noon, closed Sundays',
  '18:00-02:00',
  'Mon 24 hours; Tue 08:00-12:00, 13:00-17:00',
);
const many = <T>(one: fc.Arbitrary<T>): fc.Arbitrary<T[]> => fc.array(one, { maxLength: 3 });
const flag = fc.boolean();

/** What certain trades say of themselves. */
const details = fc.record({
  extendedAddress: text,
  postOfficeBoxNumber: fc.constantFrom('', '142'),
  starRating: fc.constantFrom('', '4', '4.5', 'four'),
  checkinTime: fc.constantFrom('', '14:00', 'noon'),
  petsAllowed: fc.constantFrom('', 'yes', 'no', 'Dogs only', 'TRUE'),
  numberOfRooms: fc.constantFrom('', '12', 'a dozen'),
  amenityFeature: many(text),
  knowsLanguage: many(text),
  isAcceptingNewPatients: fc.constantFrom('', 'yes', 'no'),
  medicalSpecialty: fc.constantFrom<string[][]>([], ['Pediatric'], ['Pediatric', 'Nothing known']),
  brand: many(text),
  award: many(text),
});
const usual: fc.Arbitrary<Partial<BusinessRecord>> = fc.record({
  kept: many(
    fc.record({
      property: fc.constantFrom('petsAllowed', 'checkinTime', 'starRating', 'https://other.example/kind'),
      value: fc.oneof(text, fc.constantFrom('true', '"true"', '{"@type":"Rating","ratingValue":4}', '12')),
      was: fc.constant(''),
    }),
  ),
  pagePattern: fc.constantFrom('', 'https://a.example/{town}/'),
  name,
  alternateName: many(text),
  legalName: text,
  types: fc.constantFrom<string[][]>([], ['Optician'], ['VeterinaryCare', 'LocalBusiness'], ['Restaurant']),
  additionalType: many(url),
  description: text,
  slogan: text,
  foundingDate: fc.constantFrom('', '1987', '1987-04', '1987-04-30'),
  id: fc.constantFrom('', 'https://a.example/#branch'),
  url,
  branchCode: text,
  vatID: text,
  taxID: text,
  parentOrganization: fc.record({
    name,
    url,
    id: fc.constantFrom('', 'https://a.example/#organization'),
    logo: url,
  }),
  address: fc.record({
    streetAddress: text,
    addressLocality: text,
    addressRegion: text,
    postalCode: text,
    addressCountry: fc.constantFrom('', 'US', 'GB', 'jp', 'Germany', 'Nowhere'),
  }),
  pin: fc.record({
    latitude: fc.constantFrom('', '48.51234', '48,50000', 'north'),
    longitude: fc.constantFrom('', '-122.61230', '−3.5', 'x'),
    origin: fc.constantFrom('' as const, 'dragged' as const),
    exactness: fc.constant('' as const),
  }),
  areaServed: many(
    fc.record({
      name,
      url,
      kind: fc.constantFrom('', 'Place', 'City', 'Nowhere'),
      radius: fc.constantFrom('', '25', '2,5', 'far'),
    }),
  ),
  hasMap: url,
  hours: fc.record(
    Object.fromEntries(days.map((one) => [one, day])) as Record<(typeof days)[number], typeof day>,
  ),
  specialHours: fc.uniqueArray(
    fc.record({
      name: fc.constantFrom('', 'Christmas', 'Refit & paint'),
      from: fc.constantFrom('', '2026-12-25', '2027-01-01', 'soon'),
      through: fc.constantFrom('', '2027-02-03', '2020-01-01'),
      hours: week,
    }),
    { maxLength: 3, selector: ({ from }) => from },
  ),
  timeZone: fc.constantFrom('', 'Europe/London'),
  telephone,
  mobile: telephone,
  messaging: telephone,
  messagingText: text,
  faxNumber: telephone,
  email: fc.constantFrom('', 'a@b.example', 'no email'),
  contactPage: url,
  contactPoint: many(
    fc.record({
      contactType: fc.constantFrom('', 'sales', 'a & b'),
      telephone,
      email: fc.constantFrom('', 'a@b.example'),
      url,
    }),
  ),
  priceRange: fc.constantFrom('', '$$', '£20–60'),
  currenciesAccepted: fc.constantFrom('', 'USD, CAD'),
  paymentAccepted: text,
  makesOffer: many(
    fc.record({
      name,
      url,
      description: text,
      price: fc.constantFrom('', '25', '£25', '25,50 EUR', 'from 20', '$ 5', '12 zł'),
    }),
  ),
  publicHolidays: fc.constantFrom('', 'closed', '10-12am', '24 hours', 'perhaps', '9:00-12:00, 14:00-18:00'),
  aboutPage: url,
  department: many(fc.record({ name, type: fc.constantFrom('', 'Pharmacy'), telephone, url, hours: week })),
  hasMenu: many(
    fc.record({
      url,
      name,
      dishes: fc.constantFrom('', 'Soup, 5.50 EUR', 'Starters:\nSoup – hot\n\nMains :\nPie, £14\nA, b: c'),
    }),
  ),
  servesCuisine: many(text),
  acceptsReservations: fc.constantFrom('', 'yes', 'No', 'https://a.example/book'),
  orderAction: url,
  reserveAction: url,
  aggregateRating: fc.record({
    ratingValue: fc.constantFrom('', '4.7', 'good'),
    reviewCount: fc.constantFrom('', '12'),
    bestRating: fc.constantFrom('', '5'),
  }),
  review: many(
    fc.record({
      author: text,
      ratingValue: fc.constantFrom('', '5'),
      datePublished: fc.constantFrom('', '2026-03-02'),
      reviewBody: text,
    }),
  ),
  founder: many(
    fc.record({
      name,
      url: fc.oneof(
        url,
        fc.tuple(url, url).map((two) => two.join(' ')),
      ),
    }),
  ),
  sameAs: many(url),
  logo: many(
    fc.record({
      url,
      caption: text,
      width: fc.constantFrom('', '1600'),
      height: fc.constantFrom('', '1200'),
    }),
  ),
  image: many(
    fc.record({
      url,
      caption: text,
      width: fc.constantFrom('', '1600'),
      height: fc.constantFrom('', '1200'),
    }),
  ),
  withheld: fc.constant([]),
  output: fc.oneof(
    fc.constant(null),
    fc.record({
      leftOut: fc.record({
        jsonld: fc.constantFrom<string[][]>([], ['telephone', 'hours', 'makesOffer']),
        block: fc.constantFrom<string[][]>([], ['image', 'address', 'pin', 'id']),
      }),
      hoursForm: fc.constant('long' as const),
      block: fc.record({
        lines: fc.constantFrom('several' as const, 'one' as const),
        labels: flag,
        language: fc.constantFrom(
          'country' as const,
          'en' as const,
          'de' as const,
          'fr' as const,
          'ja' as const,
        ),
        words: fc.constantFrom<Record<string, string>[]>({}, { closed: '<b>', Telephone: '"Ruf"' }),
        telephone: fc.constantFrom(
          'national' as const,
          'international' as const,
          'typed' as const,
          'dots' as const,
        ),
        dates: fc.constantFrom('words' as const, 'figures' as const),
        withoutParts: fc.constantFrom<string[][]>([], ['addressCountry'], ['postalCode', 'addressRegion']),
        addressOrder: fc.constantFrom('country' as const, 'street-first' as const, 'country-first' as const),
        guardEmail: flag,
        clock: fc.constantFrom('country' as const, '12' as const, '24' as const),
        closedDays: flag,
        joinDays: flag,
        linkTelephone: flag,
        linkEmail: flag,
        mapLink: flag,
        classes: fc.constantFrom('', 'nap'),
      }),
    }),
  ),
});

const record: fc.Arbitrary<BusinessRecord> = fc
  .tuple(usual, details)
  .map(([one, more]) => ({ ...emptyRecord, ...one, ...more }));

/** Every fact as text, so that a difference names its fact. */
const facts = (one: BusinessRecord): Record<string, string> =>
  Object.fromEntries(factRows.map(({ fact }) => [fact, factText(one, fact)]));

function readBack(source: string): BusinessRecord {
  const reading = readSource(source);
  expect(reading.faults).toEqual([]);
  const [business] = businessesIn(reading.items);
  return business ? recordFromItem(business) : emptyRecord;
}

/** The record that the markup is taken in as. */
function takenIn(source: string): BusinessRecord {
  const { items } = readSource(source);
  const [business] = businessesIn(items);
  return business ? takeIn(business, items).record : emptyRecord;
}

describe('all forms of one record say the same', () => {
  test.each(markupForms)('%s reads back as the record', (form) => {
    fc.assert(
      fc.property(record, (one) => {
        const read = readBack(writeMarkup(one, form).text);
        const told = toldRecord(one, leftOutOf(one, form));
        const made =
          form === 'graph'
            ? { id: read.id, 'parentOrganization.id': read.parentOrganization.id }
            : { id: businessItem(one, { leftOut: leftOutOf(one, form) }).id };
        expect(facts(read)).toEqual({ ...facts(told), ...made });
      }),
      { numRuns: 150 },
    );
  });

  test('import and export of JSON-LD lose nothing that schema.org can carry', () => {
    const once = takenIn(writeMarkup(larkspur, 'jsonld').text);
    const { pin, timeZone, ...rest } = larkspur;
    expect(timeZone).not.toBe('');
    expect(once.pin).toEqual({ ...pin, origin: '', exactness: '' });
    for (const key of Object.keys(rest) as (keyof typeof rest)[])
      if (
        ![
          'pagePattern',
          'messagingService',
          'telephone',
          'mobile',
          'messaging',
          'faxNumber',
          'contactPoint',
          'department',
        ].includes(key)
      )
        expect({ [key]: once[key] }).toEqual({ [key]: rest[key] });
    expect(once.telephone).toBe('+1 360 555 0142');
    expect(takenIn(writeMarkup(once, 'jsonld').text)).toEqual(once);
    for (const { fact } of factRows.filter(
      ({ fact }) =>
        !/pin\.(origin|exactness)|timeZone|pagePattern|Menu|Cuisine|Reservations|star|check|pets|Rooms|DriveThrough|availableService/.test(
          fact,
        ),
    ))
      expect([fact, factText(once, fact)]).not.toEqual([fact, '']);
  });

  test('the short form of hours says what it can', () => {
    const short = { ...larkspur, output: { ...usualOutput, hoursForm: 'short' as const } };
    const read = readBack(writeMarkup(short, 'jsonld').text);
    expect(read.hours).toEqual({ ...larkspur.hours, Sunday: '' });
    expect(read.specialHours).toEqual([]);
  });

  test('no form lets anything out of its place, and every line of a fact is known', () => {
    const hostile = {
      ...larkspur,
      name: '</script><img src=x onerror=alert(1)>',
      description: '--><b>&amp;"\'',
    };
    for (const form of outputForms) {
      const { text: written, spans } = writeMarkup(hostile, form);
      expect(written).not.toContain('<img src=x');
      expect(written.match(/<\/script>/g)?.length ?? 0).toBeLessThanOrEqual(1);
      for (const { start, end } of spans) expect(end).toBeGreaterThan(start);
      const named = spans.find(({ fact }) => fact === (form === 'hours' ? 'hours.Monday' : 'name'));
      expect(written.slice(named?.start, named?.end)).toContain(form === 'hours' ? '8:00 AM' : 'onerror');
    }
  });

  test('the block for visitors carries nothing for machines, the card no hours', () => {
    const plain = writeMarkup(larkspur, 'block').text;
    expect(plain).not.toMatch(/itemprop|property=|<meta|<link|<data/);
    expect(plain).toContain('<a href="tel:+13605550142">(360) 555-0142</a>');
    expect(plain).toContain(
      'Fri: <time datetime="18:00">6:00 PM</time> – <time datetime="02:00">2:00 AM</time>',
    );
    const card = writeMarkup(larkspur, 'card').text;
    expect(card).toContain('mailto:desk@larkspurvane.example');
    expect(card).not.toContain('PM');
    expect(writeMarkup(larkspur, 'hours').text).toContain(
      '<tr><th scope="row">Christmas Day 25 December 2026</th><td>closed</td></tr>',
    );
  });
});
