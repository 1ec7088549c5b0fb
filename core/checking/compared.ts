import { countryName } from '#core/address';
import { writeWeek } from '#core/hours';
import {
  gradeAddressPart,
  gradeHours,
  gradePin,
  gradeTelephone,
  gradeText,
  gradeUrl,
  type Agreement,
} from '#core/listing';
import { markupTelephone } from '#core/markup';
import { readTelephone } from '#core/phone';
import {
  countryOf,
  factHead,
  isEntryFact,
  factRows,
  factText,
  type BusinessRecord,
  type Fact,
} from '#core/record';
import type { Seen, VisitorSearch } from './visitor.ts';

export type RowFact = Fact | 'pin' | 'hours';

/** A fact of the three-way reading: how it is shown, compared, and looked for on the page. */
export interface Compared {
  readonly fact: RowFact;
  readonly label: string;
  /** The property of schema.org that carries it. */
  readonly property: string;
  /** Name, address, number, place, hours and the ways to reach it: what may never differ. */
  readonly core: boolean;
  readonly show: (record: BusinessRecord) => string;
  /** `told` is what the record tells machines; `record` what was typed. */
  readonly grade: (told: BusinessRecord, read: BusinessRecord, record: BusinessRecord) => Agreement;
  /** Undefined where no visitor looks for it. */
  readonly look?: (search: VisitorSearch, reference: BusinessRecord) => Seen | undefined;
}

const text = (fact: Fact) => (record: BusinessRecord) => factText(record, fact).trim();

const telephone = (record: BusinessRecord): string =>
  readTelephone(record.telephone, countryOf(record)).telephone?.national ?? record.telephone;

const pin = ({ pin: { latitude, longitude } }: BusinessRecord): string =>
  [latitude, longitude].filter((half) => half.trim()).join(', ');

/** Lists as sets: in another order they say the same. */
function gradeLines(reference: string, other: string, fold: (text: string) => string): Agreement {
  if (reference === other) return 'exact';
  const lines = (list: string): string[] => list.split('\n').map(fold).filter(Boolean);
  const [all, some] = [lines(reference), lines(other)];
  if (some.length === 0) return 'missing';
  const within = (inner: readonly string[], outer: readonly string[]): boolean =>
    inner.every((line) => outer.includes(line));
  if (within(all, some) && within(some, all)) return 'exact';
  return all.length > 0 && (within(all, some) || within(some, all)) ? 'partly' : 'different';
}

const address = (
  part: 'streetAddress' | 'addressLocality' | 'postalCode',
  label: string,
  look: (search: VisitorSearch, text: string) => Seen,
): Compared => ({
  fact: `address.${part}`,
  label,
  property: part,
  core: true,
  show: text(`address.${part}`),
  grade: (_, read, record) => gradeAddressPart(record.address[part], read.address[part]),
  look: (search, reference) => look(search, reference.address[part].trim()),
});

const first: readonly Compared[] = [
  {
    fact: 'name',
    label: 'Name',
    property: 'name',
    core: true,
    show: text('name'),
    grade: (_, read, record) => gradeText(record.name, read.name),
    look: (search, { name }) => search.find(name.trim()),
  },
  {
    fact: 'telephone',
    label: 'Telephone',
    property: 'telephone',
    core: true,
    show: telephone,
    grade: (_, read, record) =>
      gradeTelephone(record.telephone, read.telephone, countryOf(record), [markupTelephone(record)]),
    look: (search, reference) => search.findTelephone(reference.telephone, countryOf(reference)),
  },
  address('streetAddress', 'Street', (search, street) => search.findStreet(street)),
  address('addressLocality', 'Town', (search, town) => search.find(town)),
  {
    fact: 'address.addressRegion',
    label: 'Region',
    property: 'addressRegion',
    core: true,
    show: text('address.addressRegion'),
    grade: (_, read, record) => gradeAddressPart(record.address.addressRegion, read.address.addressRegion),
    // Few pages name their region or country to visitors; that they do not is no disagreement.
    look: (search, { address: { addressRegion } }) => ifFound(search.findExactly(addressRegion)),
  },
  address('postalCode', 'Postal code', (search, code) => search.find(code)),
  {
    fact: 'address.addressCountry',
    label: 'Country',
    property: 'addressCountry',
    core: true,
    show: text('address.addressCountry'),
    grade: (_, read, record) => (countryOf(record) === countryOf(read) ? 'exact' : 'different'),
    look: (search, reference) =>
      ifFound(search.findExactly(countryName(countryOf(reference)))) ??
      ifFound(search.findExactly(reference.address.addressCountry)),
  },
  {
    fact: 'pin',
    label: 'Coordinates',
    property: 'geo',
    core: true,
    show: pin,
    grade: (_, read, record) => gradePin(record.pin, read.pin),
  },
  {
    fact: 'hours',
    label: 'Hours',
    property: 'openingHoursSpecification',
    core: true,
    show: ({ hours }) => writeWeek(hours),
    grade: (told, read) => gradeHours(told.hours, read.hours),
    look: (search, { hours }) => search.findHours(hours),
  },
  {
    fact: 'email',
    label: 'Email',
    property: 'email',
    core: true,
    show: text('email'),
    grade: (told, read) => gradeText(told.email, read.email, (email) => email.toLowerCase()),
    look: (search, { email }) => search.findEmail(email.trim()),
  },
  {
    fact: 'priceRange',
    label: 'Price range',
    property: 'priceRange',
    core: false,
    show: text('priceRange'),
    grade: (told, read) => gradeText(told.priceRange, read.priceRange),
    look: (search, { priceRange }) => search.findPriceRange(priceRange.trim()),
  },
];

/** Facts that no markup carries, or that are parts of those above. */
const NONE = new Set<string>([
  'timeZone',
  'pin',
  'hours',
  'address',
  'name',
  'telephone',
  'email',
  'priceRange',
]);
const ADDRESSES = new Set<string>([
  'url',
  'hasMap',
  'logo',
  'sameAs',
  'additionalType',
  'hasMenu',
  'contactPage',
  'orderAction',
  'reserveAction',
]);
/** The property of schema.org, where it is called otherwise than the fact. */
const PROPERTIES: Readonly<Record<string, string>> = {
  types: '@type',
  id: '@id',
  specialHours: 'openingHoursSpecification',
  mobile: 'contactPoint',
  messaging: 'contactPoint',
  messagingText: 'contactPoint',
  contactPage: 'contactPoint',
  orderAction: 'potentialAction',
  reserveAction: 'potentialAction',
};

function other(fact: Fact, label: string): Compared {
  const head = factHead(fact);
  const entries = SAID[fact];
  const said = (record: BusinessRecord): string => {
    if (entries) return entries(record).join('\n');
    const whole = factText(record, fact).trim();
    // Of other entries with several columns the first one says which it is.
    return isEntryFact(head) ? whole.replace(/\s\|.*$/gm, '') : whole;
  };
  const fold = (line: string): string => (ADDRESSES.has(head) ? line.trim().replace(/\/$/, '') : line.trim());
  return {
    fact,
    label,
    property: PROPERTIES[head] ?? head,
    core: head === 'url',
    show: said,
    grade: (told, read) => {
      const [one, two] = [said(told), said(read)];
      if (isEntryFact(head) || one.includes('\n') || two.includes('\n')) return gradeLines(one, two, fold);
      return ADDRESSES.has(head) ? gradeUrl(one, two) : gradeText(one, two);
    },
  };
}

const international = (record: BusinessRecord, telephone: string): string =>
  readTelephone(telephone, countryOf(record)).telephone?.international ?? telephone.trim();

const joined = (...parts: readonly string[]): string => parts.filter((part) => part.trim()).join(', ');

/** What entries say that must agree with more than their name, a line each. */
const SAID: Readonly<Partial<Record<string, (record: BusinessRecord) => readonly string[]>>> = {
  // A closure is known by its dates: what it is called is no disagreement.
  specialHours: ({ specialHours }) =>
    specialHours.map(
      ({ from, through, hours }) =>
        `${through && through !== from ? `${from} to ${through}` : from}: ${hours.trim() || 'closed'}`,
    ),
  contactPoint: (record) =>
    record.contactPoint.map(({ contactType, telephone, email }) =>
      joined(contactType, international(record, telephone), email),
    ),
  department: (record) =>
    record.department.map(({ name, telephone }) => joined(name, international(record, telephone))),
};

/** Every fact that is compared, name, address and telephone first. */
export const comparedFacts: readonly Compared[] = [
  ...first,
  ...factRows.flatMap(({ fact, label }) => (NONE.has(factHead(fact)) ? [] : [other(fact, label)])),
];

const ifFound = (seen: Seen): Seen | undefined => (seen.agreement === 'missing' ? undefined : seen);
