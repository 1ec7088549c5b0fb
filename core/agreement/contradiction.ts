import { writeWeek } from '#core/hours';
import { gradeAddressPart, gradeHours, gradePin, gradeText } from '#core/value';
import type { Place } from '#core/text';
import type { DescribedProperty, Description } from './description.ts';

/** A property that can be told in two ways. */
export interface Told {
  readonly property: DescribedProperty;
  readonly label: string;
  /** What a description says; '' where it says nothing. */
  readonly text: (one: Description) => string;
  readonly contradicts: (one: Description, other: Description) => boolean;
}

const told = (
  property: DescribedProperty,
  label: string,
  text: (one: Description) => string,
  grade: (one: string, other: string) => string,
): Told => ({
  property,
  label,
  text,
  contradicts: (one, other) => grade(text(one), text(other)) === 'different',
});

/** What is compared between two descriptions of one business. */
export const toldProperties: readonly Told[] = [
  told('name', 'name', ({ name }) => name, gradeText),
  {
    property: 'telephone',
    label: 'telephone number',
    text: ({ telephone }) => telephone,
    contradicts: ({ numbers: one }, { numbers: other }) =>
      one.length > 0 && other.length > 0 && !one.some((number) => other.includes(number)),
  },
  told('streetAddress', 'street', ({ address }) => address.streetAddress, gradeAddressPart),
  told('addressLocality', 'town', ({ address }) => address.addressLocality, gradeAddressPart),
  told(
    'postalCode',
    'postal code',
    ({ address }) => address.postalCode,
    (one, other) => gradeAddressPart(one, other, 'postalCode'),
  ),
  {
    property: 'geo',
    label: 'pair of coordinates',
    text: ({ pin }) => [pin.latitude, pin.longitude].filter(Boolean).join(', '),
    contradicts: ({ pin: one }, { pin: other }) => gradePin(one, other) === 'different',
  },
  {
    property: 'openingHoursSpecification',
    label: 'set of opening hours',
    text: ({ hours }) => writeWeek(hours),
    contradicts: ({ hours: one }, { hours: other }) => gradeHours(one, other) === 'different',
  },
];

/** Whether two descriptions both tell the property, and cannot both be right. */
export const isContradiction = ({ text, contradicts }: Told, one: Description, other: Description): boolean =>
  text(one).trim() !== '' && text(other).trim() !== '' && contradicts(one, other);

export const placeOfTold = ({ places, place }: Description, property: DescribedProperty): Place =>
  places[property] ?? place;
