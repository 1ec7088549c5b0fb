import { splitAddress, countryCode, isEmptyAddress } from '#core/address';
import { fault, gradeOf, gradeOrder } from '#core/fault';
import { days, readWeek } from '#core/hours';
import { readCoordinates } from '#core/pin';
import {
  emptyRecord,
  factNamed,
  factRows,
  judgeRecord,
  refusedAddresses,
  withFact,
  withoutRefused,
  type BusinessRecord,
  type Fact,
  type FactFault,
} from '#core/record';
import { businessesIn, readSource, recordFromItem } from '#core/reading';
import { fold } from '#core/text';
import { isSubtype } from '#core/vocabulary';

/** What a column of a spreadsheet of branches can hold: a fact, or something that becomes several. */
export const wholeColumns = ['label', 'week', 'wholeAddress', 'coordinates'] as const;
export type Column = Fact | (typeof wholeColumns)[number];

export const wholeColumnLabels: Readonly<Record<(typeof wholeColumns)[number], string>> = {
  label: 'Label of the branch',
  week: 'Hours of the week',
  wholeAddress: 'Whole address',
  coordinates: 'Coordinates',
};

/** Other words for columns, folded. */
const synonyms: Readonly<Record<string, Column>> = {
  branch: 'label',
  label: 'label',
  location: 'label',
  'location name': 'label',
  'branch name': 'label',
  store: 'label',
  'store name': 'label',
  site: 'label',
  business: 'name',
  'business name': 'name',
  company: 'name',
  title: 'name',
  category: 'types',
  type: 'types',
  'primary category': 'types',
  'business type': 'types',
  website: 'url',
  'web site': 'url',
  web: 'url',
  url: 'url',
  homepage: 'url',
  link: 'url',
  page: 'url',
  'page url': 'url',
  about: 'description',
  'long description': 'description',
  'store code': 'branchCode',
  code: 'branchCode',
  'branch code': 'branchCode',
  'store id': 'branchCode',
  address: 'wholeAddress',
  'full address': 'wholeAddress',
  'street address': 'address.streetAddress',
  'address 1': 'address.streetAddress',
  'address line 1': 'address.streetAddress',
  street: 'address.streetAddress',
  address1: 'address.streetAddress',
  city: 'address.addressLocality',
  town: 'address.addressLocality',
  locality: 'address.addressLocality',
  suburb: 'address.addressLocality',
  'post town': 'address.addressLocality',
  state: 'address.addressRegion',
  province: 'address.addressRegion',
  county: 'address.addressRegion',
  region: 'address.addressRegion',
  'administrative area': 'address.addressRegion',
  zip: 'address.postalCode',
  'zip code': 'address.postalCode',
  postcode: 'address.postalCode',
  'post code': 'address.postalCode',
  'postal code': 'address.postalCode',
  zipcode: 'address.postalCode',
  eircode: 'address.postalCode',
  country: 'address.addressCountry',
  'country code': 'address.addressCountry',
  'country region': 'address.addressCountry',
  lat: 'pin.latitude',
  latitude: 'pin.latitude',
  lng: 'pin.longitude',
  lon: 'pin.longitude',
  long: 'pin.longitude',
  longitude: 'pin.longitude',
  coordinates: 'coordinates',
  geo: 'coordinates',
  'lat long': 'coordinates',
  'lat lng': 'coordinates',
  phone: 'telephone',
  telephone: 'telephone',
  'phone number': 'telephone',
  tel: 'telephone',
  'primary phone': 'telephone',
  'main phone': 'telephone',
  cell: 'mobile',
  mobile: 'mobile',
  fax: 'faxNumber',
  'e mail': 'email',
  email: 'email',
  'email address': 'email',
  sms: 'messaging',
  hours: 'week',
  'opening hours': 'week',
  'business hours': 'week',
  opening: 'week',
  'special hours': 'specialHours',
  holidays: 'specialHours',
  timezone: 'timeZone',
  price: 'priceRange',
  'price range': 'priceRange',
  payment: 'paymentAccepted',
  'payment methods': 'paymentAccepted',
  services: 'makesOffer',
  social: 'sameAs',
  profiles: 'sameAs',
  'social profiles': 'sameAs',
  photo: 'image',
  photos: 'image',
  picture: 'image',
  images: 'image',
  'map url': 'hasMap',
  map: 'hasMap',
  maps: 'hasMap',
  vat: 'vatID',
  'tax id': 'taxID',
};

const byHeading = new Map<string, Column>([
  ...factRows.flatMap(({ fact, label }): [string, Column][] => [
    [fold(fact), fact],
    [fold(label), fact],
  ]),
  ...Object.entries(synonyms),
  ...days.flatMap((day): [string, Column][] => [
    [fold(day), `hours.${day}`],
    [fold(day.slice(0, 3)), `hours.${day}`],
    [fold(`${day} hours`), `hours.${day}`],
  ]),
]);

/** The column that a heading most likely means, each meaning given once; undefined for headings of other things. */
export function guessColumns(headings: readonly string[]): readonly (Column | undefined)[] {
  const taken = new Set<Column>();
  return headings.map((heading) => {
    const column = byHeading.get(fold(heading));
    if (!column || taken.has(column)) return undefined;
    taken.add(column);
    return column;
  });
}

/** A branch as a row of a spreadsheet gives it. */
export interface ImportedBranch {
  readonly label: string;
  readonly record: BusinessRecord;
  /** What is wrong with its facts, the worst first; they are kept as typed all the same. */
  readonly faults: readonly FactFault[];
}

/** The branch of a row. `home` (alpha-2) is the country of addresses that name none. */
export function branchOfRow(
  cells: readonly string[],
  columns: readonly (Column | undefined)[],
  home = '',
): ImportedBranch {
  let record: BusinessRecord = emptyRecord;
  let label = '';
  for (const [at, column] of columns.entries()) {
    const text = (cells[at] ?? '').trim();
    if (!column || !text) continue;
    if (column === 'label') label = text;
    else record = withColumn(record, column, text, home);
  }
  return finished(record, label, home);
}

/** The branches that markup of any origin describes: each local business one. Its faults are not told again here. */
export function branchesOfMarkup(source: string, home = ''): readonly ImportedBranch[] {
  return businessesIn(readSource(source).items)
    .filter(({ types }) => types.some((type) => isSubtype(type, 'LocalBusiness')))
    .map((item) => finished(recordFromItem(item), '', home));
}

/** The branch of a record: its country as a code, its label, what is wrong with it. */
function finished(read: BusinessRecord, label: string, home: string): ImportedBranch {
  // Addresses that visitors may not be led by are told and do not come in.
  const refused = refusedAddresses(read).map(({ fact, address }): FactFault => ({
    fact,
    ...fault('value/url', `“${address.slice(0, 60)}” is no address for visitors and is not taken.`),
    grade: gradeOf('value/url'),
  }));
  let record = withoutRefused(read);
  const country = countryCode(record.address.addressCountry);
  if (country) record = withFact(record, 'address.addressCountry', country);
  else if (home && !record.address.addressCountry && !isEmptyAddress(record.address))
    record = withFact(record, 'address.addressCountry', home);
  if (record.pin.latitude && !record.pin.origin) record = withFact(record, 'pin.origin', 'imported');
  const { addressLocality, streetAddress } = record.address;
  return {
    label: (label || [addressLocality, streetAddress].filter(Boolean).join(', ') || record.name).slice(
      0,
      200,
    ),
    record,
    faults: [...refused, ...judgeRecord(record).filter(({ code }) => !code.startsWith('guideline/'))].sort(
      (a, b) => gradeOrder[a.grade] - gradeOrder[b.grade],
    ),
  };
}

/** A record with a cell's text in it. Lists may be written with semicolons in one cell. */
function withColumn(
  record: BusinessRecord,
  column: Exclude<Column, 'label'>,
  text: string,
  home: string,
): BusinessRecord {
  if (column === 'week') {
    const { hours, faults } = readWeek(text);
    // What cannot be read stays where it can be seen and mended.
    return { ...record, hours: faults.length > 0 ? { ...record.hours, Monday: text.slice(0, 200) } : hours };
  }
  if (column === 'wholeAddress')
    return { ...record, address: splitAddress(text, countryCode(record.address.addressCountry) || home) };
  if (column === 'coordinates') {
    const read = readCoordinates(text);
    return {
      ...record,
      pin: { ...record.pin, ...(read ?? { latitude: text.slice(0, 60) }), origin: 'imported' },
    };
  }
  const list = Array.isArray(record[column as keyof BusinessRecord]);
  return withFact(record, column, list && !text.includes('\n') ? text.split(/\s*;\s*/).join('\n') : text);
}

/** What people call a column. */
export const columnLabel = (column: Column): string =>
  wholeColumns.some((one) => one === column)
    ? wholeColumnLabels[column as (typeof wholeColumns)[number]]
    : (factNamed(column)?.label ?? column);
