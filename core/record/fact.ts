import { addressParts } from '#core/address';
import { days } from '#core/hours';
import { isEntryFact, readEntries, writeEntries, type Entry } from './entries.ts';
import type { BusinessRecord } from './record.ts';

/** The groups of the fact sheet, in their order. */
export const factGroups = ['identity', 'place', 'hours', 'contact', 'offer', 'profiles', 'images'] as const;
export type FactGroup = (typeof factGroups)[number];

type Compound = 'address' | 'pin' | 'hours' | 'parentOrganization' | 'aggregateRating';

/** A fact of the record: a key of it, or of one of its compound facts. */
export type Fact =
  | Exclude<keyof BusinessRecord, Compound | 'withheld' | 'output'>
  | { [K in Compound]: `${K}.${keyof BusinessRecord[K] & string}` }[Compound];

/** How much the guideline profile wants a fact. */
export type Wanted = 'required' | 'recommended' | 'optional';

export interface FactRow {
  readonly fact: Fact;
  readonly label: string;
  readonly group: FactGroup;
  readonly wanted: Wanted;
  /** Wanted so only of this type and its subtypes. */
  readonly of?: string;
  /** What it is good for, for those who look for a fact to add. */
  readonly about: string;
}

const row = (
  fact: Fact,
  label: string,
  group: FactGroup,
  about: string,
  wanted: Wanted = 'optional',
  of?: string,
): FactRow => ({ fact, label, group, about, wanted, ...(of ? { of } : {}) });

/** Every fact with what people call it, where it stands in the sheet and how much it is wanted. */
export const factRows: readonly FactRow[] = [
  row('name', 'Name', 'identity', 'As it stands over the door', 'required'),
  row('types', 'Type', 'identity', 'The most specific type of schema.org that fits', 'required'),
  row('url', 'Page address', 'identity', 'This branch’s own page', 'recommended'),
  row('description', 'Description', 'identity', 'What it does, in a few sentences'),
  row('id', '@id', 'identity', 'The name machines know the branch by, the same everywhere'),
  row('alternateName', 'Other names', 'identity', 'Names people also use, one a line'),
  row('legalName', 'Legal name', 'identity', 'As registered'),
  row(
    'additionalType',
    'More about the type',
    'identity',
    'Address of a page that describes the trade more closely',
  ),
  row('slogan', 'Slogan', 'identity', 'The line under the name'),
  row('branchCode', 'Branch code', 'identity', 'The client’s own number of the branch, as in directories'),
  row('vatID', 'VAT number', 'identity', 'Value added tax identifier'),
  row('taxID', 'Tax number', 'identity', 'Tax or company identifier'),
  row('parentOrganization.name', 'Organisation', 'identity', 'The organisation the branch belongs to'),
  row('parentOrganization.url', 'Organisation’s site', 'identity', 'Home page of the organisation'),
  row(
    'parentOrganization.id',
    'Organisation’s @id',
    'identity',
    'The name machines know the organisation by',
  ),
  row('parentOrganization.logo', 'Organisation’s logo', 'identity', 'Address of its logo'),
  row('address.streetAddress', 'Street', 'place', 'Street and number', 'required'),
  row('address.addressLocality', 'Town', 'place', 'Town or city', 'required'),
  row('address.addressRegion', 'Region', 'place', 'State, province or county', 'recommended'),
  row('address.postalCode', 'Postal code', 'place', 'Postal code', 'required'),
  row('address.addressCountry', 'Country', 'place', 'Two-letter code', 'required'),
  row('pin.latitude', 'Latitude', 'place', 'Degrees north', 'recommended'),
  row('pin.longitude', 'Longitude', 'place', 'Degrees east', 'recommended'),
  row('pin.origin', 'Pin from', 'place', 'Where the pin came from'),
  row('pin.exactness', 'Pin exactness', 'place', 'What the pin marks: door, street, postcode or town'),
  row('hasMap', 'Map profile', 'place', 'Address of the map profile'),
  row('areaServed', 'Service area', 'place', 'Places the business comes to, with their addresses'),
  ...days.map((day) => row(`hours.${day}`, day, 'hours', `Opening hours of ${day}`, 'recommended')),
  row('specialHours', 'Exceptions', 'hours', 'Holidays, closures and seasons with their dates'),
  row('timeZone', 'Time zone', 'hours', 'Tells whether it is open now'),
  row('telephone', 'Telephone', 'contact', 'The main number', 'recommended'),
  row('email', 'Email', 'contact', 'Address for enquiries'),
  row('mobile', 'Mobile', 'contact', 'Mobile number'),
  row('messaging', 'Messaging', 'contact', 'Number that takes text messages'),
  row('messagingText', 'Message text', 'contact', 'What a visitor’s text message begins with'),
  row('faxNumber', 'Fax', 'contact', 'Fax number'),
  row('contactPage', 'Contact page', 'contact', 'Address of the contact page'),
  row(
    'contactPoint',
    'Contact points',
    'contact',
    'Bookings, emergencies, accounts: each with its number or address',
  ),
  row(
    'priceRange',
    'Price range',
    'offer',
    'One to four currency signs, or a range of amounts',
    'recommended',
  ),
  row('servesCuisine', 'Cuisine', 'offer', 'Kinds of food, one a line', 'recommended', 'FoodEstablishment'),
  row('hasMenu', 'Menu', 'offer', 'Address of the menu', 'recommended', 'FoodEstablishment'),
  row(
    'acceptsReservations',
    'Reservations',
    'offer',
    'yes, no, or the address where to reserve',
    'recommended',
    'FoodEstablishment',
  ),
  row('currenciesAccepted', 'Currencies', 'offer', 'Codes of ISO 4217, such as USD, CAD'),
  row('paymentAccepted', 'Payment', 'offer', 'Cash, cards …'),
  row('makesOffer', 'Services', 'offer', 'What can be had, each with its page'),
  row('department', 'Departments', 'offer', 'Parts with a number, page or hours of their own'),
  row('orderAction', 'Ordering link', 'offer', 'Address where to order'),
  row('reserveAction', 'Booking link', 'offer', 'Address where to book'),
  row('aggregateRating.ratingValue', 'Rating', 'offer', 'Only as found on the site'),
  row('aggregateRating.reviewCount', 'Number of reviews', 'offer', 'Only as found on the site'),
  row('aggregateRating.bestRating', 'Best possible rating', 'offer', '5 where nothing is said'),
  row('review', 'Reviews', 'offer', 'Only as found on the site'),
  row('founder', 'Founders', 'profiles', 'People with their profiles'),
  row(
    'sameAs',
    'Profiles',
    'profiles',
    'Addresses of the business’s own profiles, one a line',
    'recommended',
  ),
  row('logo', 'Logo', 'images', 'Whole address of the logo'),
  row('image', 'Images', 'images', 'Whole addresses of pictures with alternative text', 'recommended'),
];

const rowsByFact = new Map<string, FactRow>(factRows.map((entry) => [entry.fact, entry]));

/** The row of a fact's name, or undefined where the record has no such fact. */
export const factNamed = (name: string): FactRow | undefined => rowsByFact.get(name);

/** What people call a fact. */
export const factLabel = (fact: Fact): string => rowsByFact.get(fact)?.label ?? fact;

const headOf = (fact: Fact): keyof BusinessRecord => {
  const head = fact.split('.')[0];
  return (head ?? fact) as keyof BusinessRecord;
};

/** The part of the record that a fact belongs to: its key, such as `hours` for `hours.Monday`. */
export const factHead = headOf;

/** A fact's text as typed; a list with one entry a line. */
export function factText(record: BusinessRecord, fact: Fact): string {
  const head = headOf(fact);
  const value: unknown = record[head];
  if (isEntryFact(head)) return writeEntries(head, record[head] as readonly Entry[]);
  if (Array.isArray(value)) return value.join('\n');
  const part = fact.slice(head.length + 1);
  return String((part && value && typeof value === 'object' ? Reflect.get(value, part) : value) ?? '');
}

/** The record with one fact set from its text. Lists are split at line breaks, blank lines left out. */
export function withFact(record: BusinessRecord, fact: Fact, text: string): BusinessRecord {
  const head = headOf(fact);
  const value: unknown = record[head];
  if (isEntryFact(head)) return { ...record, [head]: readEntries(head, text) };
  if (Array.isArray(value)) {
    const entries = text.split('\n').map((entry) => entry.trim());
    return { ...record, [head]: entries.filter(Boolean) };
  }
  const part = fact.slice(head.length + 1);
  return {
    ...record,
    [head]: part && value && typeof value === 'object' ? { ...value, [part]: text } : text,
  };
}

/** Whether anything is set of a part of the record. */
export function isSet(record: BusinessRecord, head: keyof BusinessRecord): boolean {
  const value: unknown = record[head];
  if (Array.isArray(value)) return value.length > 0;
  if (value && typeof value === 'object')
    return Object.values(value).some((text) => String(text).trim() !== '');
  return typeof value === 'string' && value.trim() !== '';
}

/** The facts of an address, in the order of the record. */
export const addressFacts: readonly Fact[] = addressParts.map((part): Fact => `address.${part}`);
