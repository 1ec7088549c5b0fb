import { foldAddress } from '#core/address';
import { foldUrl, parseUrl } from '#core/link';
import { gradeAddressPart, gradeText, type Agreement } from '#core/value';
import { readTelephone } from '#core/phone';
import { countryOf, type BusinessRecord } from '#core/record';
import { fold } from '#core/text';
import type { Description } from './description.ts';

const gradeStreet = (one: string, other: string): Agreement => gradeAddressPart(one, other);

const isAlike = (one: string, other: string, grade = gradeText): boolean =>
  ['exact', 'written-differently'].includes(grade(one, other)) && other.trim() !== '';

/** How much speaks for two records being of one branch: `@id` 8, page 4, postal code 2, name 1, street 2, telephone 2. */
export function likeness(record: BusinessRecord, read: BusinessRecord): number {
  const { address } = record;
  const number = (one: BusinessRecord): string =>
    readTelephone(one.telephone, countryOf(one) || countryOf(record)).telephone?.e164 ?? '';
  return (
    (record.id && read.id === record.id ? 8 : 0) +
    (record.url && foldUrl(read.url) === foldUrl(record.url) ? 4 : 0) +
    (address.postalCode && read.address.postalCode === address.postalCode ? 2 : 0) +
    (address.streetAddress && isAlike(address.streetAddress, read.address.streetAddress, gradeStreet)
      ? 2
      : 0) +
    (number(record) && number(read) === number(record) ? 2 : 0) +
    (record.name && gradeText(record.name, read.name) !== 'different' ? 1 : 0)
  );
}

/** By what a business is known again. */
type Identity = Pick<Description, 'id' | 'url' | 'name' | 'address'>;

/**
 * Whether two descriptions are of the same business: by `@id`, by the address of its own page, or by name with
 * street and postal code. A home page is the address of many branches and says nothing.
 */
export function isSameBusiness(one: Identity, other: Identity): boolean {
  if (one.id && other.id) return one.id === other.id;
  const page = ownPage(one);
  if (page && page === ownPage(other)) return true;
  const [a, b] = [one.address, other.address];
  return (
    isAlike(one.name, other.name) &&
    isAlike(a.streetAddress, b.streetAddress, gradeStreet) &&
    (!a.postalCode || !b.postalCode || isAlike(a.postalCode, b.postalCode))
  );
}

/** The address of a business's own page, folded; '' for a home page, which many name. */
export const ownPage = ({ url }: Pick<Identity, 'url'>): string =>
  url && (parseUrl(url)?.pathname ?? '/') !== '/' ? foldUrl(url) : '';

/**
 * What descriptions of one business have in common: two that are of the same business share at least one of
 * these, so that only those need to be compared.
 */
function businessKeys(one: Identity): readonly string[] {
  const joined = (text: string): string => text.replaceAll(' ', '');
  const { name, address } = one;
  const street = joined(foldAddress(address.streetAddress));
  return [
    ...(one.id ? [`id ${one.id}`] : []),
    ...(ownPage(one) ? [`page ${ownPage(one)}`] : []),
    ...(name && street ? [`name ${joined(fold(name))} ${street}`] : []),
  ];
}

/** More groups than these that share a name and a street are not told apart any further. */
const MOST_ALIKE = 100;

/**
 * Things that each describe a business, those of one business together: all that are of the same as the first of
 * their group. The groups stand in the order of their first ones.
 */
export function groupsOfBusinesses<T>(
  all: readonly T[],
  identityOf: (one: T) => Identity,
): readonly (readonly [T, ...T[]])[] {
  const groups: [T, ...T[]][] = [];
  const known = new Map<string, [T, ...T[]][]>();
  for (const one of all) {
    const identity = identityOf(one);
    const keys = businessKeys(identity);
    const same = keys
      .flatMap((key) => known.get(key) ?? [])
      .find(([first]) => isSameBusiness(identityOf(first), identity));
    const group: [T, ...T[]] = same ?? [one];
    if (same) same.push(one);
    else groups.push(group);
    for (const key of keys) {
      const sharing = known.get(key);
      if (!sharing) known.set(key, [group]);
      else if (sharing.length < MOST_ALIKE && !sharing.includes(group)) sharing.push(group);
    }
  }
  return groups;
}
