import { jsonValues, type JsonItem, type JsonValue } from '#core/item';
import { belongsTo, isSubtype, membersOf, propertyNamed, propertyNames, typeNames } from '#core/vocabulary';

/** Businesses as people write them by hand, with what no sheet of facts has a field for. */
export const written: readonly JsonItem[] = [
  {
    '@type': ['Hotel', 'https://trades.example/inn'],
    '@id': 'https://inn.example/#hotel',
    name: 'Gasthof Zur Föhre',
    telephone: ['089 / 55 01 23', '+49 89 550124'],
    checkinTime: '14:00',
    checkoutTime: '11:00',
    petsAllowed: true,
    numberOfRooms: { '@type': 'QuantitativeValue', value: 12, unitText: 'rooms' },
    starRating: { '@type': 'Rating', ratingValue: 4, author: { '@type': 'Organization', name: 'Stars' } },
    amenityFeature: [
      { '@type': 'LocationFeatureSpecification', name: 'Sauna', value: true },
      { '@type': 'LocationFeatureSpecification', name: 'Parking', value: 'on request' },
    ],
    availableLanguage: ['de', { '@type': 'Language', name: 'English', alternateName: 'en' }],
    address: {
      '@type': 'PostalAddress',
      '@id': 'https://inn.example/#address',
      streetAddress: 'Am Tor 1',
      addressLocality: 'München',
      postalCode: '80331',
      addressCountry: { '@type': 'Country', name: 'DE' },
    },
    openingHours: ['Mo-Su 00:00-23:59'],
    geo: { '@type': 'GeoCoordinates', latitude: '48.13512', longitude: 11.58198 },
    containsPlace: [
      { '@type': 'HotelRoom', name: 'Double', bed: { '@type': 'BedDetails', numberOfBeds: 2 } },
      {
        '@type': 'Restaurant',
        '@id': 'https://inn.example/#stube',
        name: 'Stube',
        servesCuisine: 'Bavarian',
      },
    ],
  },
  {
    '@type': 'Restaurant',
    name: 'Zeven Zeeën',
    hasMenu: [
      {
        '@type': 'Menu',
        name: 'Lunch',
        hasMenuSection: {
          '@type': 'MenuSection',
          name: 'Soups',
          hasMenuItem: [
            {
              '@type': 'MenuItem',
              name: 'Snert',
              offers: { '@type': 'Offer', price: '7.50', priceCurrency: 'EUR' },
            },
            { '@type': 'MenuItem', name: 'Bisque', suitableForDiet: 'https://schema.org/GlutenFreeDiet' },
          ],
        },
      },
      'https://zeven.example/wine',
    ],
    acceptsReservations: true,
    priceRange: '€€-€€€',
    openingHoursSpecification: [
      {
        '@type': 'OpeningHoursSpecification',
        dayOfWeek: 'https://schema.org/Monday',
        opens: '12:00:00',
        closes: '14:00:00',
      },
      {
        '@type': 'OpeningHoursSpecification',
        dayOfWeek: ['Tuesday', 'Friday'],
        opens: '17:00',
        closes: '23:00',
      },
      { '@type': 'OpeningHoursSpecification', validFrom: '2026-12-24', validThrough: '2026-12-26' },
    ],
    address: 'Kade 7, 1011 AB Amsterdam',
    image: [
      { '@id': 'https://zeven.example/#photo' },
      {
        '@type': 'ImageObject',
        contentUrl: 'https://zeven.example/a.jpg',
        caption: 'Dock',
        license: 'https://zeven.example/licence',
      },
    ],
    aggregateRating: { '@type': 'AggregateRating', ratingValue: '4.4', ratingCount: 89, worstRating: 1 },
  },
  {
    '@type': ['MedicalClinic', 'LocalBusiness'],
    '@id': 'https://clinic.example/#clinic',
    name: 'Clínica del Puerto',
    medicalSpecialty: ['https://schema.org/Pediatric', 'https://schema.org/Dermatology'],
    department: [
      {
        '@type': 'Pharmacy',
        name: 'Farmacia',
        telephone: '910 00 00 01',
        openingHours: 'Mo-Fr 09:00-20:00',
        address: { '@type': 'PostalAddress', streetAddress: 'Calle Sol 2' },
      },
      {
        '@type': 'MedicalClinic',
        name: 'Urgencias',
        isAcceptingNewPatients: true,
        contactPoint: {
          '@type': 'ContactPoint',
          contactType: 'emergency',
          telephone: '910 00 00 02',
          availableLanguage: ['es', 'en'],
        },
      },
    ],
    availableService: {
      '@type': 'MedicalTest',
      name: 'Blood test',
      usesDevice: { '@type': 'MedicalDevice', name: 'Reader' },
    },
    founder: {
      '@type': 'Person',
      name: 'Ana Puerto',
      jobTitle: 'Doctor',
      sameAs: ['https://a.example/ana', 'https://b.example/ana'],
    },
    parentOrganization: { '@id': 'https://group.example/#org' },
    sameAs: 'https://directory.example/clinica',
  },
  {
    '@type': 'HardwareStore',
    name: 'Nuts & Bolts <Ltd>',
    hasOfferCatalog: {
      '@type': 'OfferCatalog',
      name: 'Tools',
      itemListElement: [
        {
          '@type': 'OfferCatalog',
          name: 'Saws',
          itemListElement: {
            '@type': 'Offer',
            price: 12.5,
            priceCurrency: 'GBP',
            itemOffered: { '@type': 'Product', name: 'Saw', sku: '0012' },
          },
        },
        { '@type': 'Offer', itemOffered: { '@type': 'Service', name: 'Key cutting' } },
      ],
    },
    paymentAccepted: ['Cash', 'Cards'],
    currenciesAccepted: 'GBP',
    potentialAction: [
      {
        '@type': 'OrderAction',
        target: {
          '@type': 'EntryPoint',
          urlTemplate: 'https://nuts.example/order{?item}',
          actionPlatform: ['https://schema.org/DesktopWebPlatform'],
        },
        deliveryMethod: 'https://schema.org/OnSitePickup',
      },
      { '@type': 'ReserveAction', target: 'https://nuts.example/reserve' },
    ],
    hasMap: 'https://maps.example/nuts',
    foundingDate: '1987-04',
    isicV4: '4752',
    latitude: 51.501,
    longitude: -0.12,
  },
  {
    '@type': 'Plumber',
    name: 'Rohrfrei',
    areaServed: [
      { '@type': 'City', name: 'Köln', sameAs: 'https://places.example/koeln' },
      {
        '@type': 'GeoCircle',
        geoMidpoint: { '@type': 'GeoCoordinates', latitude: 50.93753, longitude: 6.96028 },
        geoRadius: '25000',
      },
      'Bonn',
    ],
    telephone: 'tel:+49-221-555-0100',
    email: 'mailto:post@rohrfrei.example',
    knowsLanguage: ['de', 'tr'],
    slogan: { '@value': 'Frei in einer Stunde', '@language': 'de' },
    openingHoursSpecification: {
      '@type': 'OpeningHoursSpecification',
      dayOfWeek: ['Monday', 'Sunday'],
      opens: '00:00',
      closes: '23:59',
    },
    specialOpeningHoursSpecification: {
      '@type': 'OpeningHoursSpecification',
      opens: '00:00',
      closes: '00:00',
      validFrom: '2026-12-25',
      validThrough: '2026-12-25',
    },
  },
];

const classes = typeNames.filter((name) => isSubtype(name, 'LocalBusiness'));
const NUMBERS = /^(?:Number|Integer|Float)$/;

/** A value of a property that its range allows, another for each `at`. */
function valueOf(property: string, at: number, depth: number): JsonValue {
  const ranges = propertyNamed(property)?.ranges ?? [];
  const range = ranges[at % ranges.length] ?? 'Text';
  if (NUMBERS.test(range)) return at % 3 === 0 ? at / 4 : at;
  if (range === 'Boolean') return at % 2 === 0;
  if (range === 'URL') return `https://any.example/${property}/${String(at)}`;
  if (/^(?:Date|DateTime|Time)$/.test(range))
    return range === 'Time' ? '09:30' : '2026-03-0' + String(1 + (at % 9));
  const [member] = membersOf(range);
  if (member) return `https://schema.org/${member}`;
  if (range === 'Text' || depth > 1 || range === 'Class' || /^[a-z]/.test(range))
    return [`${property} ${String(at)}`, '"quoted" & <b>', String(at), '{not: json', 'true'][at % 5] ?? '';
  const own = propertyNames.filter((name) => {
    const known = propertyNamed(name);
    return known !== undefined && !known.supersededBy && belongsTo(known, [range]);
  });
  const said = [0, 1, 2].flatMap((step) => {
    const name = own[(at * 7 + step * 13) % own.length];
    return name ? [[name, valueOf(name, at + step, depth + 1)] as const] : [];
  });
  return { '@type': range, ...Object.fromEntries(said) };
}

/** A business of every class, with a dozen properties that the class may have. */
export const generated: readonly JsonItem[] = classes.map((type, at) => {
  const own = propertyNames.filter((name) => {
    const known = propertyNamed(name);
    return known !== undefined && !known.supersededBy && belongsTo(known, [type]);
  });
  const said = Array.from({ length: 14 }, (_, step) => own[(at * 5 + step * 11) % own.length] ?? 'name');
  return {
    '@type': at % 4 === 0 ? [type, 'LocalBusiness'] : type,
    ...(at % 3 === 0 ? { '@id': `https://any.example/${type}#branch` } : {}),
    name: `The ${type}`,
    ...Object.fromEntries(
      said.map((name, step): [string, JsonValue | readonly JsonValue[]] => [
        name,
        (at + step) % 4 === 0
          ? [valueOf(name, at, 0), valueOf(name, at + 1, 0)]
          : valueOf(name, at + step, 0),
      ]),
    ),
  };
});

const attribute = (name: string, text: string): string =>
  ` ${name}="${text.replace(/&/g, '&amp;').replace(/"/g, '&quot;').replace(/</g, '&lt;')}"`;
const SCHEMA = 'https://schema.org/';

/** An item in elements, as somebody writes them who shows nothing: texts in `meta`, addresses in `link`. */
function elements(item: JsonItem, syntax: 'microdata' | 'rdfa', property = ''): string {
  const texts = (name: string): readonly string[] =>
    jsonValues(item[name]).filter((one) => typeof one === 'string');
  const types = texts('@type').map((type) =>
    syntax === 'rdfa' || type.includes(':') ? type : SCHEMA + type,
  );
  const id = texts('@id')[0] ?? '';
  const name = property ? attribute(syntax === 'rdfa' ? 'property' : 'itemprop', property) : '';
  const head =
    syntax === 'rdfa'
      ? `${name}${property ? '' : attribute('vocab', SCHEMA)}${attribute('typeof', types.join(' '))}${id ? attribute('resource', id) : ''}`
      : `${name} itemscope${types.length > 0 ? attribute('itemtype', types.join(' ')) : ''}${id ? attribute('itemid', id) : ''}`;
  const inside = Object.entries(item)
    .filter(([key]) => !key.startsWith('@'))
    .flatMap(([key, values]) =>
      jsonValues(values).map((value) => {
        const named = attribute(syntax === 'rdfa' ? 'property' : 'itemprop', key);
        if (typeof value !== 'object')
          return /^https?:/.test(String(value))
            ? `<link${named}${attribute('href', String(value))}>`
            : `<meta${named}${attribute('content', String(value))}>`;
        const [literal] = jsonValues(value['@value']);
        if (typeof literal === 'string') return `<meta${named}${attribute('content', literal)}>`;
        const [reference] = jsonValues(value['@id']);
        return typeof reference === 'string' && Object.keys(value).length === 1
          ? `<link${named}${attribute('href', reference)}>`
          : elements(value, syntax, key);
      }),
    );
  return `<div${head}>${inside.join('')}</div>`;
}

export const pageOf = (item: JsonItem, syntax: 'jsonld' | 'microdata' | 'rdfa'): string =>
  syntax === 'jsonld'
    ? `<script type="application/ld+json">${JSON.stringify({ '@context': 'https://schema.org', ...item }).replace(/</g, '\\u003c')}</script>`
    : elements(item, syntax);
