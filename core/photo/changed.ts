import type { StampFields } from './fields.ts';

/** The texts of a stamp that come from the record or from a wording, and what they are called. */
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
  title: 'Title',
  headline: 'Headline',
  caption: 'Caption',
  alt: 'Alternative text',
  subject: 'Subject',
  author: 'Author',
  copyright: 'Copyright',
} as const satisfies Partial<Record<keyof StampFields, string>>;

const pointOf = ({ point }: StampFields): string =>
  point ? `${String(point.latitude)}, ${String(point.longitude)}` : '';

/** The facts that a photo carries otherwise than they are now; '' for nothing. */
export function changedFields(
  stamped: StampFields,
  now: StampFields,
): readonly { readonly label: string; readonly carried: string; readonly now: string }[] {
  const facts = (Object.keys(LABELS) as (keyof typeof LABELS)[]).map((field) => ({
    label: LABELS[field],
    carried: stamped[field],
    now: now[field],
  }));
  const pin = { label: 'Coordinates', carried: pointOf(stamped), now: pointOf(now) };
  const words = { label: 'Keywords', carried: stamped.keywords.join(', '), now: now.keywords.join(', ') };
  return [...facts, words, pin].filter((one) => one.carried !== one.now);
}
