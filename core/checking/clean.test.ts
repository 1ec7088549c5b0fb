import { describe, expect, test } from '@jest/globals';
import { markupForms, napBlock, writeMarkup } from '#core/markup';
import { effectiveRecord, recordSchema } from '#core/record';
import { townsFor } from '#core/towns';
import { demoClients } from '#demo';
import { check, profiles, type CheckOptions } from './index.ts';

const towns = await townsFor('latitude');

/** Sources with nothing wrong in them: a must or a should about one of these is a fault of the checker. */
interface Clean extends CheckOptions {
  readonly name: string;
  readonly source: string;
}

const page = (body: string, head = ''): string =>
  `<!doctype html><html><head><meta charset="utf-8"><title>x</title>${head}</head><body>${body}</body></html>`;
const script = (json: string): string => `<script type="application/ld+json">${json}</script>`;

/** Each demo branch in each form, beside its record, on its own page. The head office has a coarse pin on purpose. */
const ours: readonly Clean[] = demoClients.flatMap(({ branches, defaults }) =>
  branches
    .filter(({ label }) => label !== 'Head office')
    .flatMap(({ label, record: own }) => {
      const record = effectiveRecord(recordSchema.parse(own), recordSchema.parse(defaults));
      return markupForms.map((form) => ({
        name: `${label}: our ${form}`,
        source: page(writeMarkup(record, form).text + (form === 'microdata' ? '' : napBlock(record).text)),
        record,
        url: record.url,
      }));
    }),
);

interface Place {
  readonly country: string;
  readonly type: string;
  readonly name: string;
  readonly street: string;
  readonly town: string;
  readonly region?: string;
  readonly code: string;
  readonly telephone: string;
  readonly shownTelephone: string;
  readonly latitude: string;
  readonly longitude: string;
  readonly price: string;
}

/** Places in countries with other addresses, numbers and hours, as another hand would write them. */
const places: readonly Place[] = [
  {
    country: 'DE',
    type: 'HardwareStore',
    name: 'Eisenwaren Grünwald',
    street: 'Lange Straße 12a',
    town: 'Neustadt',
    code: '01067',
    telephone: '+49 30 23125123',
    shownTelephone: '030 23125123',
    latitude: '51.05089',
    longitude: '13.73832',
    price: '€€',
  },
  {
    country: 'FR',
    type: 'Florist',
    name: 'L’Œillet d’Or',
    street: '8 bis, rue des Fleurs',
    town: 'Saint-Exemple',
    code: '75002',
    telephone: '+33 1 99 00 12 34',
    shownTelephone: '01 99 00 12 34',
    latitude: '48.86667',
    longitude: '2.33333',
    price: '€',
  },
  {
    country: 'JP',
    type: 'HairSalon',
    name: '見本美容室',
    street: '見本町1-2-3',
    town: '千代田区',
    region: '東京都',
    code: '100-0001',
    telephone: '+81 3-1234-5678',
    shownTelephone: '03-1234-5678',
    latitude: '35.68500',
    longitude: '139.75278',
    price: '¥¥',
  },
  {
    country: 'AU',
    type: 'BikeStore',
    name: 'Wattle Cycles',
    street: '5/21 Example Parade',
    town: 'Sampleton',
    region: 'NSW',
    code: '2000',
    telephone: '+61 2 5550 1234',
    shownTelephone: '(02) 5550 1234',
    latitude: '-33.86882',
    longitude: '151.20930',
    price: '$$',
  },
  {
    country: 'CA',
    type: 'Dentist',
    name: 'Érable Dental',
    street: '200 rue Exemple O',
    town: 'Montréal',
    region: 'QC',
    code: 'H2Y 1C6',
    telephone: '+1 514-555-0123',
    shownTelephone: '514-555-0123',
    latitude: '45.50884',
    longitude: '-73.55401',
    price: '$$',
  },
  {
    country: 'NL',
    type: 'BookStore',
    name: 'Boekhandel De Proef',
    street: 'Voorbeeldgracht 9',
    town: 'Proefdam',
    code: '1012 AB',
    telephone: '+31 20 123 4567',
    shownTelephone: '020 123 4567',
    latitude: '52.37022',
    longitude: '4.89517',
    price: '€10-€60',
  },
  {
    country: 'IE',
    type: 'Plumber',
    name: 'O’Sample & Daughters',
    street: '4 Exemplar Quay',
    town: 'Sampleford',
    region: 'Cork',
    code: 'T12 X2YY',
    telephone: '+353 21 234 5678',
    shownTelephone: '021 234 5678',
    latitude: '51.89797',
    longitude: '-8.47061',
    price: '€€',
  },
  {
    country: 'NZ',
    type: 'AutoRepair',
    name: 'Kauri Motors',
    street: '77 Sample Street',
    town: 'Exampleburn',
    code: '1010',
    telephone: '+64 9 555 0123',
    shownTelephone: '09 555 0123',
    latitude: '-36.84846',
    longitude: '174.76333',
    price: '$',
  },
];

const jsonOf = (place: Place): string =>
  JSON.stringify({
    '@context': 'https://schema.org/',
    '@type': place.type,
    name: place.name,
    url: 'https://other.example/place',
    telephone: place.telephone,
    image: ['https://other.example/1x1.jpg', 'https://other.example/4x3.jpg'],
    priceRange: place.price,
    address: {
      '@type': 'PostalAddress',
      streetAddress: place.street,
      addressLocality: place.town,
      ...(place.region ? { addressRegion: place.region } : {}),
      postalCode: place.code,
      addressCountry: place.country,
    },
    geo: { '@type': 'GeoCoordinates', latitude: Number(place.latitude), longitude: Number(place.longitude) },
    openingHoursSpecification: [
      {
        '@type': 'OpeningHoursSpecification',
        dayOfWeek: [
          'https://schema.org/Monday',
          'https://schema.org/Tuesday',
          'Wednesday',
          'Thursday',
          'Friday',
        ],
        opens: '09:00',
        closes: '18:00:00',
      },
      { '@type': 'OpeningHoursSpecification', dayOfWeek: 'Saturday', opens: '10:00', closes: '13:00' },
    ],
  });

const shown = (place: Place): string =>
  `<h1>${place.name}</h1><p>${place.street}<br>${place.code} ${place.town}${place.region ? `, ${place.region}` : ''}</p><p>${place.shownTelephone}</p><ul><li>Mon–Fri 09:00–18:00</li><li>Sat 10:00–13:00</li></ul>`;

const microdataOf = (place: Place): string =>
  `<div itemscope itemtype="http://schema.org/${place.type}"><h1 itemprop="name">${place.name}</h1>
  <p itemprop="address" itemscope itemtype="http://schema.org/PostalAddress"><span itemprop="streetAddress">${place.street}</span><br><span itemprop="postalCode">${place.code}</span> <span itemprop="addressLocality">${place.town}</span>${place.region ? `, <span itemprop="addressRegion">${place.region}</span>` : ''}<meta itemprop="addressCountry" content="${place.country}"></p>
  <a href="tel:${place.telephone.replace(/[^+\d]/g, '')}"><data itemprop="telephone" value="${place.telephone}">${place.shownTelephone}</data></a>
  <link itemprop="url" href="https://other.example/place"><img itemprop="image" src="https://other.example/1.jpg" alt=""><span itemprop="priceRange">${place.price}</span>
  <span itemprop="geo" itemscope itemtype="http://schema.org/GeoCoordinates"><meta itemprop="latitude" content="${place.latitude}"><meta itemprop="longitude" content="${place.longitude}"></span>
  <time itemprop="openingHours" datetime="Mo-Fr 09:00-18:00">Mon–Fri 09:00–18:00</time>, <time itemprop="openingHours" datetime="Sa 10:00-13:00">Sat 10:00–13:00</time></div>`;

const others: readonly Clean[] = places.flatMap((place) => [
  { name: `${place.country}: JSON-LD of another hand`, source: page(shown(place), script(jsonOf(place))) },
  { name: `${place.country}: microdata of another hand`, source: page(microdataOf(place)) },
]);

const [first] = places;
const german = first ? jsonOf(first) : '';

const special: readonly Clean[] = [
  { name: 'a bare object', source: german },
  { name: 'an array', source: `[${german}]` },
  { name: 'a script element by itself', source: script(german) },
  {
    name: 'a site-wide footer with the same @id as the JSON-LD',
    source: page(
      `${shown(places[0] as Place)}<footer>${microdataOf(places[0] as Place).replace('itemscope', 'itemscope itemid="https://other.example/place#b"')}</footer>`,
      script(german.replace('"name"', '"@id":"https://other.example/place#b","name"')),
    ),
  },
  {
    name: 'an organisation that names its branches, each with a page of its own',
    source: page(
      '<p>Shops</p>',
      script(
        '{"@context":"https://schema.org","@type":"Organization","name":"Shops","url":"https://shop.example/","subOrganization":[{"@type":"Store","@id":"https://shop.example/a#branch","name":"Shop A","url":"https://shop.example/a"},{"@type":"Store","name":"Shop B","url":"https://shop.example/b"}]}',
      ),
    ),
    url: 'https://shop.example/',
  },
  {
    name: 'an article of a business that has its page on another site',
    source: page(
      '<p>News</p>',
      script(
        '{"@context":"https://schema.org","@type":"NewsArticle","headline":"News","publisher":{"@type":"LocalBusiness","name":"Printer","url":"https://printer.example/","logo":"https://printer.example/logo.png"}}',
      ),
    ),
    url: 'https://shop.example/news',
    profile: { ...profiles['local-business'], needsBusiness: false },
  },
  {
    name: 'an event in a concert hall, and a review of a restaurant elsewhere',
    source: page(
      '<h1>Program</h1><p>Harbour Hall, 9 Hollins Row, Saltby TQ1 2AB</p><p>The Quay, 4 Tide Lane, Saltby TQ1 2AD: 4 of 5</p>',
      script(
        '{"@context":"https://schema.org","@type":"MusicEvent","name":"Trio","startDate":"2026-12-12T20:00","location":{"@type":"MusicVenue","name":"Harbour Hall","address":{"@type":"PostalAddress","streetAddress":"9 Hollins Row","addressLocality":"Saltby","postalCode":"TQ1 2AB","addressCountry":"GB"}}}',
      ) +
        script(
          '{"@context":"https://schema.org","@type":"Review","author":{"@type":"Person","name":"Wren"},"reviewRating":{"@type":"Rating","ratingValue":4},"itemReviewed":{"@type":"Restaurant","name":"The Quay","address":{"@type":"PostalAddress","streetAddress":"4 Tide Lane","addressLocality":"Saltby","postalCode":"TQ1 2AD","addressCountry":"GB"}}}',
        ),
    ),
  },
  {
    name: 'answers and jobs in HTML, as they may be',
    source: page(
      '<p>Was kostet es? Ab 89 €.</p>',
      script(
        '{"@context":"https://schema.org","@type":"FAQPage","mainEntity":{"@type":"Question","name":"Was kostet es?","acceptedAnswer":{"@type":"Answer","text":"<p>Ab 89&nbsp;€.</p>"}}}',
      ) +
        script(
          '{"@context":"https://schema.org","@type":"JobPosting","title":"Bäcker","datePosted":"2026-11-01","description":"<ul><li>Brot &amp; Kuchen</li></ul>"}',
        ),
    ),
    profile: { ...profiles['local-business'], needsBusiness: false },
  },
  {
    name: 'a comment and a template that hold no markup',
    source: page(
      `${shown(places[0] as Place)}<!-- schema.org: see below --><template><p>x</template>`,
      script(german),
    ),
  },
  {
    name: 'terms of another vocabulary beside ours',
    source: page(
      shown(places[0] as Place),
      script(
        german
          .replace('"https://schema.org/"', '["https://schema.org",{"trade":"https://trades.example/"}]')
          .replace('"name"', '"trade:guild":"Bakers","name"'),
      ),
    ),
  },
  {
    name: 'broken HTML round good markup',
    source: `<p><b>${shown(places[0] as Place)}</p></i><table><td>x</table>${script(german)}`,
  },
];

const vocabulary = profiles.vocabulary;
/** Pages that describe no place of business, judged by the plain vocabulary. */
const plain: readonly Clean[] = [
  [
    'an event',
    '{"@context":"https://schema.org","@type":"Event","name":"Open day","startDate":"2026-12-05T19:30","location":{"@type":"Place","name":"Studio","address":"41 Ropewalk Alley"},"eventStatus":"https://schema.org/EventScheduled"}',
  ],
  [
    'a product',
    '{"@context":"https://schema.org","@type":"Product","name":"Bowl","offers":{"@type":"Offer","price":"24.00","priceCurrency":"USD","availability":"https://schema.org/InStock"}}',
  ],
  [
    'an article',
    '{"@context":"https://schema.org","@type":"Article","headline":"Glazes","author":[{"@type":"Person","name":"Ines Falk"}],"datePublished":"2026-05-01","publisher":"Tinderbox"}',
  ],
  [
    'a trail of pages',
    '{"@context":"https://schema.org","@type":"BreadcrumbList","itemListElement":[{"@type":"ListItem","position":1,"name":"Home","item":"https://other.example/"}]}',
  ],
  [
    'a trail of things',
    '{"@context":"https://schema.org","@type":"BreadcrumbList","itemListElement":[{"@type":"ListItem","position":1,"item":{"@id":"https://other.example/","name":"Home"}}]}',
  ],
  [
    'a search of the site',
    '{"@context":"https://schema.org","@type":"WebSite","url":"https://other.example/","potentialAction":{"@type":"SearchAction","target":{"@type":"EntryPoint","urlTemplate":"https://other.example/?q={q}"}}}',
  ],
  ['a page without markup', ''],
].map(([name = '', json = '']) => ({
  name: `${name}, by the vocabulary alone`,
  source: page('<p>x', json ? script(json) : ''),
  profile: vocabulary,
}));

const clean: readonly Clean[] = [...ours, ...others, ...special, ...plain];

describe('clean sources', () => {
  test('are many, of every kind', () => expect(clean.length).toBeGreaterThanOrEqual(40));

  test.each(clean.map((one) => [one.name, one] as const))('%s', (_, { source, ...options }) => {
    const { findings } = check(source, { ...options, ...(towns ? { towns } : {}), today: '2026-11-26' });
    expect(
      findings.filter(({ grade }) => grade !== 'note').map(({ code, message }) => `${code}: ${message}`),
    ).toEqual([]);
  });
});
