import type { Descriptor } from './descriptor.ts';
import { contact } from './facts/contact.ts';
import { details } from './facts/details.ts';
import { hours } from './facts/hours.ts';
import { identity } from './facts/identity.ts';
import { offer } from './facts/offer.ts';
import { place } from './facts/place.ts';
import { other } from './facts/other.ts';
import { profiles } from './facts/profiles.ts';

const table = { ...identity, ...place, ...hours, ...contact, ...offer, ...profiles, ...details, ...other };
type Table = typeof table;

/** A key of the record that holds a fact, or several parts of one. */
export type FactKey = keyof Table;
export type FactValues = { [K in FactKey]: Table[K] extends Descriptor<infer T> ? T : never };

/** Every fact, in the order of the sheet. To add one is to add its descriptor. */
export const facts: { readonly [K in FactKey]: Descriptor<FactValues[K]> } = table;
export const factKeys = Object.keys(table) as readonly FactKey[];

/** A fact of the record: a key of it, or a part of what a key holds, such as `hours.Monday`. */
export type Fact = {
  [K in FactKey]: FactValues[K] extends string | readonly unknown[]
    ? K
    : `${K}.${keyof FactValues[K] & string}`;
}[FactKey];
