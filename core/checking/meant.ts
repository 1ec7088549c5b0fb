import type { ReadItem } from '#core/item';
import { remember, table } from '#core/text';
import {
  belongsTo,
  isPropertyOf,
  isSubtype,
  nearestName,
  propertyNamed,
  propertyNames,
  typeNamed,
  typeNames,
} from '#core/vocabulary';

/** Types of values that are no items (schema.org/DataType). */
export const DATA_TYPES = new Set([
  'Text',
  'URL',
  'Number',
  'Integer',
  'Float',
  'Boolean',
  'Date',
  'DateTime',
  'Time',
  'CssSelectorType',
  'PronounceableText',
  'XPathType',
]);

/** What a property may hold: the types of its range, and those under them. */
const held = (property: string): readonly string[] => {
  const ranges = (propertyNamed(property)?.ranges ?? []).filter((range) => !DATA_TYPES.has(range));
  return typeNames.filter((name) => ranges.some((range) => isSubtype(name, range)));
};

/** Of a trade's own word the type whose name holds it, the plainest first: "Bar" → BarOrPub. */
export function namedWithin(word: string): string | undefined {
  const lower = word.toLowerCase();
  if (lower.length < 3) return undefined;
  const isWordOf = (name: string): boolean =>
    name
      .replace(/(\p{Ll})(\p{Lu})/gu, '$1 $2')
      .toLowerCase()
      .split(' ')
      .includes(lower);
  return typeNames
    .filter((name) => isSubtype(name, 'LocalBusiness') && isWordOf(name))
    .sort((a, b) => a.length - b.length)[0];
}

/** Types of hundreds of others: that one of them is wanted says nothing of which. */
const COMMON = new Set(['Organization', 'Place', 'Thing', 'CreativeWork', 'Product', 'Intangible']);

/**
 * The type that a property wants where its name holds the written one, or is the only one: "Address" → PostalAddress. Of
 * several the first that has the item's properties: "Geo" with a latitude → GeoCoordinates.
 */
export function meantWithin(
  type: string,
  within: string,
  { properties }: Pick<ReadItem, 'properties'>,
): string | undefined {
  const ranges = (propertyNamed(within)?.ranges ?? []).filter((range) => !DATA_TYPES.has(range));
  const lower = type.toLowerCase();
  const ends = ranges.filter(
    (range) => range.toLowerCase().includes(lower) || lower.includes(range.toLowerCase()),
  );
  const having = ends.find((range) =>
    properties.every(({ name }) => !propertyNamed(name) || isPropertyOf(name, [range])),
  );
  return having !== undefined
    ? having
    : (nearestName(type, held(within)) ??
        (ranges.length === 1 && !COMMON.has(ranges[0] ?? '') ? ranges[0] : undefined));
}

/** What people call types that schema.org calls otherwise, and no trade's word is; letters alone. */
const TYPES_CALLED = table<string>({
  town: 'City',
  village: 'City',
  municipality: 'City',
  county: 'AdministrativeArea',
  province: 'AdministrativeArea',
  region: 'AdministrativeArea',
  district: 'AdministrativeArea',
  area: 'Place',
  circle: 'GeoCircle',
  radius: 'GeoCircle',
  polygon: 'GeoShape',
  shape: 'GeoShape',
  coordinates: 'GeoCoordinates',
  coordinate: 'GeoCoordinates',
  geopoint: 'GeoCoordinates',
  latlng: 'GeoCoordinates',
  openinghours: 'OpeningHoursSpecification',
  hours: 'OpeningHoursSpecification',
  human: 'Person',
  people: 'Person',
  author: 'Person',
  employee: 'Person',
  owner: 'Person',
  founder: 'Person',
  member: 'Person',
  staff: 'Person',
  company: 'Organization',
  organisation: 'Organization',
  firm: 'Organization',
  business: 'LocalBusiness',
  phone: 'ContactPoint',
  contact: 'ContactPoint',
  picture: 'ImageObject',
  photo: 'ImageObject',
  image: 'ImageObject',
  logo: 'ImageObject',
  video: 'VideoObject',
  page: 'WebPage',
  site: 'WebSite',
  faq: 'FAQPage',
  faqs: 'FAQPage',
  breadcrumb: 'BreadcrumbList',
  breadcrumbs: 'BreadcrumbList',
  reply: 'Answer',
  price: 'Offer',
  deal: 'Offer',
  language: 'Language',
  search: 'SearchAction',
  reservation: 'ReserveAction',
  reservationaction: 'ReserveAction',
  booking: 'ReserveAction',
  bookingaction: 'ReserveAction',
  bookaction: 'ReserveAction',
  order: 'OrderAction',
  orderingaction: 'OrderAction',
});

/** The type that people call by a word, where the property that holds it takes such; undefined for none. */
export function typeCalled(word: string, within: string): string | undefined {
  const type = TYPES_CALLED[lettersOf(word)];
  return type !== undefined && isHeld(type, within) ? type : undefined;
}

/** Whether a property may hold a type: one that schema.org does not know holds any. */
export function isHeld(type: string, within: string): boolean {
  const ranges = propertyNamed(within)?.ranges ?? ['Thing'];
  return ranges.some((range) => isSubtype(type, range));
}

/** What people call properties that schema.org calls otherwise. */
const CALLED = table<string>({
  phone: 'telephone',
  tel: 'telephone',
  phonenumber: 'telephone',
  telephonenumber: 'telephone',
  telefon: 'telephone',
  fax: 'faxNumber',
  mail: 'email',
  website: 'url',
  web: 'url',
  homepage: 'url',
  link: 'url',
  street: 'streetAddress',
  street1: 'streetAddress',
  city: 'addressLocality',
  town: 'addressLocality',
  locality: 'addressLocality',
  ort: 'addressLocality',
  stadt: 'addressLocality',
  state: 'addressRegion',
  region: 'addressRegion',
  province: 'addressRegion',
  zip: 'postalCode',
  zipcode: 'postalCode',
  postcode: 'postalCode',
  plz: 'postalCode',
  country: 'addressCountry',
  countrycode: 'addressCountry',
  lat: 'latitude',
  lng: 'longitude',
  lon: 'longitude',
  long: 'longitude',
  coordinates: 'geo',
  location: 'address',
  hours: 'openingHours',
  openinghour: 'openingHours',
  businesshours: 'openingHours',
  open: 'opens',
  close: 'closes',
  day: 'dayOfWeek',
  days: 'dayOfWeek',
  price: 'priceRange',
  prices: 'priceRange',
  pricerange: 'priceRange',
  rating: 'aggregateRating',
  stars: 'ratingValue',
  votes: 'ratingCount',
  count: 'ratingCount',
  reviews: 'reviewCount',
  average: 'ratingValue',
  score: 'ratingValue',
  best: 'bestRating',
  worst: 'worstRating',
  service: 'makesOffer',
  services: 'makesOffer',
  payment: 'paymentAccepted',
  currency: 'currenciesAccepted',
  languages: 'availableLanguage',
  vat: 'vatID',
  founded: 'foundingDate',
  owner: 'founder',
  about: 'description',
  photo: 'image',
  picture: 'image',
  img: 'image',
  title: 'name',
  companyname: 'name',
  businessname: 'name',
  cuisine: 'servesCuisine',
  profiles: 'sameAs',
  social: 'sameAs',
  map: 'hasMap',
  answer: 'acceptedAnswer',
  start: 'startDate',
  end: 'endDate',
  amount: 'price',
  checkin: 'checkinTime',
  checkout: 'checkoutTime',
  rooms: 'numberOfRooms',
  employees: 'numberOfEmployees',
  items: 'itemListElement',
});

/** What the street is called inside an address, where "address" cannot be the whole of it; letters without marks. */
const STREETS: ReadonlySet<string> = new Set(
  'address addressline addressline1 address1 line1 adresse adres adress direccion direccin indirizzo endereco endereo morada strasse strae straat rue calle via rua ulica gata'.split(
    ' ',
  ),
);

const lettersOf = (name: string): string => name.toLowerCase().replace(/[^a-z0-9]/g, '');

let byLetters: ReadonlyMap<string, string> | undefined;

/** The property that is written with the same letters: "street-address", "Street Address" → streetAddress. */
export function sameLetters(name: string): string | undefined {
  byLetters ??= new Map(propertyNames.map((one) => [one.toLowerCase(), one]));
  return byLetters.get(lettersOf(name));
}

/** The property that was most likely meant: by what people call it, of those its type has, then of all. */
export function meantProperty({ types }: ReadItem, name: string): string | undefined {
  const known = types.filter((type) => typeNamed(type));
  const fits = (one: string): boolean => isOneOf(one, known);
  const same = sameLetters(name);
  if (same && fits(same)) return same;
  // "address.streetAddress"
  const last = name.includes('.') ? name.slice(name.lastIndexOf('.') + 1) : '';
  if (propertyNamed(last) && fits(last)) return last;
  const called =
    known.includes('PostalAddress') && STREETS.has(lettersOf(name))
      ? 'streetAddress'
      : CALLED[lettersOf(name)];
  if (called && fits(called)) return called;
  const near = nearestName(name, propertyNames);
  if (near === undefined || fits(near) || near.toLowerCase() === name.toLowerCase()) return near;
  // A few letters are near to something of any other type.
  return nearestName(name, propertiesOf(known.join(' '))) ?? (name.length > FEW_LETTERS ? near : undefined);
}
const FEW_LETTERS = 6;

/** What holds the property that people call by a name: "city" is a part of the address; undefined for one of no part. */
export function partMeant(name: string): { readonly property: string; readonly within: string } | undefined {
  const property = CALLED[lettersOf(name)] ?? '';
  const known = propertyNamed(property);
  if (known?.domains.includes('PostalAddress')) return { property, within: 'address' };
  return known?.domains.includes('GeoCoordinates') ? { property, within: 'geo' } : undefined;
}

/** Whether a property is there and belongs to one of some types, or to any where none is known. */
function isOneOf(name: string, types: readonly string[]): boolean {
  const property = propertyNamed(name);
  return property !== undefined && (types.length === 0 || belongsTo(property, types));
}

/** Of more types of one source the properties are listed anew. */
const MOST_TYPES = 50;

/** The properties of types, with blanks between them. */
const propertiesOf = remember(
  (types) => propertyNames.filter((one) => isOneOf(one, types.split(' ').filter(Boolean))),
  MOST_TYPES,
);

/** The property of an item's type that people call by the name of another type's: a business's "title" is its name. */
export function calledElsewhere({ types, properties }: ReadItem, name: string): string | undefined {
  const known = types.filter((type) => typeNamed(type));
  const own = propertyNamed(name);
  const isArticle = known.some((type) => isSubtype(type, 'Article'));
  const called = isArticle && name === 'title' ? 'headline' : CALLED[lettersOf(name)];
  const property = called === undefined ? undefined : propertyNamed(called);
  if (!own || !property || known.length === 0 || belongsTo(own, known)) return undefined;
  // A person's title stands beside the name.
  if (properties.some((one) => one.name === called)) return undefined;
  return belongsTo(property, known) ? called : undefined;
}

/** The properties that a name with commas in it was meant to be; undefined where it is one. */
export function severalNames(name: string): readonly string[] | undefined {
  const several = name.split(',').map((one) => one.trim());
  return several.length > 1 && several.every((one) => propertyNamed(one)) ? several : undefined;
}

/** A whole address or a prefixed name belongs to another vocabulary, which is not ours to judge. */
export const isForeign = (name: string): boolean =>
  /[:/]/.test(name) ||
  name.startsWith('@') ||
  // Put behind a vocabulary without its slash, which is told.
  name.startsWith('schema.org') ||
  // What an action asks for and gives: "query-input" (schema.org, Actions, "Input and output properties").
  /^\w+-(?:input|output)$/.test(name);

/** The properties that the unknown ones of an item were meant to be: what they say is not missing besides. */
export const propertiesMeant = (item: ReadItem): ReadonlySet<string> =>
  new Set(
    item.properties.flatMap(({ name }) => {
      if (propertyNamed(name) || isForeign(name)) return [];
      return severalNames(name) ?? meantProperty(item, name) ?? [];
    }),
  );
