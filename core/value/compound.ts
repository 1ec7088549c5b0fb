import type * as z from 'zod';
import {
  addressLines,
  addressParts,
  addressSchema,
  countryCode,
  countryName,
  emptyAddress,
  isEmptyAddress,
  judgeAddress,
  type Address,
  type AddressPart,
} from '#core/address';
import { fault } from '#core/fault';
import {
  closedSpan,
  dayMeant,
  days,
  emptyHours,
  groupDays,
  hoursSchema,
  readDay,
  shortDays,
  writeDay,
  writeWeek,
  type Day,
  type Hours,
  type Span,
} from '#core/hours';
import {
  itemsOf,
  itemValue,
  numberValue,
  property,
  textOf,
  textValue,
  type MarkupProperty,
  type MarkupValue,
  type Said,
} from '#core/item';
import { emptyPin, pinSchema, readDegrees, readPin, writeDegrees, type Pin } from '#core/pin';
import { plainText } from '#core/text';
import { gradeAddressPart, gradeHours, gradePin } from './grade.ts';
import type { ValueKind } from './kind.ts';
import { textKind } from './text.ts';
import { judgeText } from './placeholder.ts';
import { PUBLIC_HOLIDAYS, publicHolidaysOf, weekOf } from './week.ts';

/** Kinds of values with parts that people see by themselves. */
export interface PartsKind<T extends object> extends ValueKind<T> {
  readonly parts: readonly (keyof T & string)[];
}

/** Values of several parts are typed part by part; together they are one text, a part a line. */
export const partsKind = <T extends Readonly<Record<keyof T, string>>>(
  name: string,
  schema: z.ZodType<T>,
  empty: T,
  special: Omit<ValueKind<T>, 'name' | 'schema' | 'text' | 'parse'>,
): PartsKind<T> => {
  const parts = Object.keys(empty) as (keyof T & string)[];
  return {
    name,
    schema,
    parts,
    text: (value) => parts.map((part) => value[part]).join('\n'),
    parse: (text) => {
      const lines = text.split('\n');
      return { ...empty, ...Object.fromEntries(parts.map((part, at) => [part, lines[at] ?? ''])) };
    },
    ...special,
  };
};

/** The country as a code where it is one, else the part as typed. */
const partText = (address: Address, part: AddressPart): string =>
  plainText((part === 'addressCountry' ? countryCode(address[part]) : '') || address[part]);

const noAddress = {
  ...fault('guideline/required', 'A place of business needs its address.'),
  part: 'streetAddress',
};

/** What an address may say besides its parts: facts of their own, called as the properties are. */
const besideAddress = ['extendedAddress', 'postOfficeBoxNumber'] as const;

/** One of them: told only where there is an address. */
export const addressDetail = textKind(
  'words',
  {
    told: (value, { text }) =>
      addressParts.some((part) => text(`address.${part}`).trim()) ? plainText(value) : '',
  },
  200,
);

/** A postal address (schema.org/PostalAddress) in its country's form. */
export const address = partsKind<Address>('address', addressSchema.default(emptyAddress), emptyAddress, {
  judge: (value, { text }) => {
    const isNowhere = isEmptyAddress(value) && text('areaServed') === '';
    // A business that comes to its customers may keep its street to itself.
    const comes =
      !value.streetAddress.trim() && (text('areaServed') !== '' || text('postOfficeBoxNumber') !== '');
    return [
      ...(isNowhere ? [noAddress] : []),
      ...judgeAddress(value).filter(({ part }) => !(comes && part === 'streetAddress')),
      ...addressParts.flatMap((part) => judgeText(value[part], part).map((one) => ({ ...one, part }))),
    ];
  },
  told: (value) => ({
    ...emptyAddress,
    ...Object.fromEntries(addressParts.map((part) => [part, partText(value, part)])),
  }),
  write: (value, { text }, fact) =>
    isEmptyAddress(value)
      ? []
      : [
          itemValue(
            'PostalAddress',
            [
              ...addressParts.map((part): Said => [
                part,
                [textValue(partText(value, part))],
                [`${fact}.${part}`],
              ]),
              ...besideAddress.map((name): Said => [name, [textValue(text(name))], [name]]),
            ],
            [],
          ),
        ],
  read: (item, name) => {
    const [found] = itemsOf(item, name);
    if (!found) return { ...emptyAddress, streetAddress: textOf(item, name).trim() };
    const parts = addressParts.map((part) => {
      const [country] = part === 'addressCountry' ? itemsOf(found, part) : [];
      const text = (country ? textOf(country, 'name') : textOf(found, part)).trim();
      return [part, part === 'addressCountry' ? countryCode(text) || text : text] as const;
    });
    return { ...emptyAddress, ...Object.fromEntries(parts) };
  },
  inner: { streetAddress: 'words', addressLocality: 'words', addressRegion: 'words' },
  show: (value) => addressParts.map((part) => value[part].trim()).join('\n'),
  grade: () => 'exact',
  gradePart: (part, { typed, read }) => {
    const [all, some] = [typed, read].map((value) => String(Reflect.get(value, part)));
    if (part !== 'addressCountry')
      return gradeAddressPart(
        all ?? '',
        some ?? '',
        addressParts.find((one) => one === part),
        countryCode(typed.addressCountry),
      );
    return countryCode(all ?? '') === countryCode(some ?? '') ? 'exact' : 'different';
  },
});

/** "Port Ellery, WA 98299, United States": where an address lies without its street, in words. */
export function townInWords(value: Address): string {
  const country = countryName(countryCode(value.addressCountry));
  const line = addressLines({ ...value, streetAddress: '' })
    .map((segments) => segments.map(({ text }) => text).join(''))
    .join(', ')
    .trim();
  return [line, country].filter(Boolean).join(', ');
}

/** Coordinates, degrees WGS-84, with where they came from and how exact they are. */
export const pin = partsKind<Pin>('pin', pinSchema.default(emptyPin), emptyPin, {
  judge: (value) => readPin(value).faults,
  told: ({ latitude, longitude }) => ({
    ...emptyPin,
    latitude: writeDegrees(latitude),
    longitude: writeDegrees(longitude),
  }),
  write: (value, _, fact) => {
    const half = (part: 'latitude' | 'longitude'): Said => {
      const degrees = writeDegrees(value[part]);
      const written = readDegrees(degrees) === undefined ? textValue(degrees) : numberValue(degrees);
      return [part, [written], [`${fact}.${part}`]];
    };
    return [itemValue('GeoCoordinates', [half('latitude'), half('longitude')], [])];
  },
  read: (item, name) => {
    const [geo] = itemsOf(item, name);
    return geo
      ? { ...emptyPin, latitude: textOf(geo, 'latitude').trim(), longitude: textOf(geo, 'longitude').trim() }
      : emptyPin;
  },
  show: ({ latitude, longitude }) => [latitude, longitude].filter((half) => half.trim()).join(', '),
  grade: ({ typed, read }) => gradePin(typed, read),
  isMachineForm: true,
});

/** Hours with each day as it is written for machines; days that cannot be read are left out. */
export const toldWeek = (hours: Hours): Hours => ({
  ...emptyHours,
  ...Object.fromEntries(
    days.map((day): [Day, string] => {
      const { spans } = readDay(hours[day]);
      return [day, spans ? writeDay(spans) : ''];
    }),
  ),
});

/** The `OpeningHoursSpecification` of a span. */
export const specification = (
  { opens, closes }: Span,
  facts: readonly string[],
  before: readonly Said[],
): MarkupValue =>
  itemValue(
    'OpeningHoursSpecification',
    [...before, ['opens', [textValue(opens)]], ['closes', [textValue(closes)]]],
    facts,
  );

/** The specifications of a week. A closed day is one from 00:00 to 00:00. */
export function weekItems(hours: Hours, factOf: (day: Day) => string): readonly MarkupValue[] {
  return groupDays(hours).flatMap(({ days: grouped, spans }) => {
    const facts = grouped.map(factOf);
    return (spans.length > 0 ? spans : [closedSpan]).map((span) =>
      specification(span, facts, [['dayOfWeek', grouped.map(textValue)]]),
    );
  });
}

/** The hours of public holidays, whichever days they fall on (schema.org/PublicHolidays), as one day's text. */
export const publicHolidays = textKind(
  'day',
  {
    judge: (value) => readDay(value).faults,
    told: (value) => {
      const { spans } = readDay(value);
      return spans ? writeDay(spans) : '';
    },
    write: (value, _, fact) => {
      const { spans } = readDay(value);
      return (spans?.length === 0 ? [closedSpan] : (spans ?? [])).map((span) =>
        specification(span, [fact], [['dayOfWeek', [textValue(PUBLIC_HOLIDAYS)]]]),
      );
    },
    read: publicHolidaysOf,
    isMachineForm: true,
  },
  200,
);

/** "Mo-Fr 09:00-17:00": the week as texts of openingHours, which cannot say closed days, names or dates. */
export function shortHours(hours: Hours, fact: string): readonly MarkupProperty[] {
  return groupDays(hours).flatMap(({ days: grouped, spans }) => {
    const facts = grouped.map((day) => `${fact}.${day}`);
    const named = shortDays(grouped);
    return spans.flatMap(
      ({ opens, closes }) =>
        property('openingHours', [textValue(`${named} ${opens}-${closes}`)], facts) ?? [],
    );
  });
}

/** The hours of a week. */
export const hours = partsKind<Hours>('hours', hoursSchema.default(emptyHours), emptyHours, {
  meant: (text, _, part) => {
    const day = days.find((one) => one === part);
    return day ? dayMeant(day, text) : '';
  },
  judge: (value) => days.flatMap((day) => readDay(value[day]).faults.map((one) => ({ ...one, part: day }))),
  told: toldWeek,
  write: (value, _, fact) => weekItems(value, (day) => `${fact}.${day}`),
  read: weekOf,
  show: writeWeek,
  grade: ({ told, read }) => gradeHours(told, read),
  isMachineForm: true,
});
