import type { StampFields } from './fields.ts';

/** What of a stamp comes from the record, and what it is called. */
const LABELS = {
  business: 'Name',
  street: 'Street',
  town: 'Town',
  region: 'Region',
  postalCode: 'Postal code',
  country: 'Country',
  telephone: 'Telephone',
  email: 'Email',
  url: 'Page',
} as const satisfies Partial<Record<keyof StampFields, string>>;

/** What a photo was stamped with, as it was kept: of an earlier version it may lack fields. */
type Stamped = Readonly<Record<string, unknown>>;

const textOf = (value: unknown): string => (typeof value === 'string' ? value : '');
const pointOf = (value: unknown): string =>
  typeof value === 'object' && value !== null && 'latitude' in value && 'longitude' in value
    ? `${String(value.latitude)}, ${String(value.longitude)}`
    : '';

/** The facts that a photo carries otherwise than they are now; '' for nothing. */
export function changedFields(
  stamped: Stamped,
  now: StampFields,
): readonly { readonly label: string; readonly carried: string; readonly now: string }[] {
  const facts = (Object.keys(LABELS) as (keyof typeof LABELS)[]).map((field) => ({
    label: LABELS[field],
    carried: textOf(stamped[field]),
    now: now[field],
  }));
  const pin = { label: 'Coordinates', carried: pointOf(stamped['point']), now: pointOf(now.point) };
  return [...facts, pin].filter((one) => one.carried !== one.now);
}
