import localizedAddressFormat from 'localized-address-format';
import * as z from 'zod';
import { fault, type Fault } from '#core/fault';
import { fold, remember } from '#core/text';
import { expandAbbreviations, streetAlone } from './abbreviations.ts';
import { countryCode, countryNamed, countryName } from './country.ts';
import { postalCodes } from './postal-codes.ts';

/** A postal address in the parts of schema.org/PostalAddress, as typed; '' for a part that is not set. */
export const addressSchema = z.object({
  streetAddress: z.string().max(500),
  addressLocality: z.string().max(200),
  addressRegion: z.string().max(200),
  postalCode: z.string().max(40),
  addressCountry: z.string().max(100),
});
export type Address = Readonly<z.infer<typeof addressSchema>>;

export const addressParts = [
  'streetAddress',
  'addressLocality',
  'addressRegion',
  'postalCode',
  'addressCountry',
] as const;
export type AddressPart = (typeof addressParts)[number];

export const emptyAddress: Address = {
  streetAddress: '',
  addressLocality: '',
  addressRegion: '',
  postalCode: '',
  addressCountry: '',
};

// The package is CommonJS: Node hands over its exports object, a bundler the function itself.
const format: (address: Readonly<Record<string, unknown>>) => string[] =
  typeof localizedAddressFormat === 'function'
    ? localizedAddressFormat
    : localizedAddressFormat.formatAddress;

/** A stretch of a written address: a part of the address, or what stands between two parts. */
export interface AddressSegment {
  readonly part: AddressPart | undefined;
  readonly text: string;
}

/**
 * The address as the lines of its country's custom (Unicode CLDR / libaddressinput formats), each line in
 * segments, so that every part can be marked up where it stands. Parts that are not set are left out.
 */
export function addressLines(address: Address, withCountry = false): readonly (readonly AddressSegment[])[] {
  const marks: readonly [string, AddressPart][] = [
    ['\uE000', 'streetAddress'],
    ['\uE001', 'addressLocality'],
    ['\uE002', 'addressRegion'],
    ['\uE003', 'postalCode'],
  ];
  const set = (mark: string, part: AddressPart): string | undefined =>
    address[part].trim() ? mark : undefined;
  const street = set('\uE000', 'streetAddress');
  const lines = format({
    postalCountry: countryCode(address.addressCountry) || 'ZZ',
    addressLines: street ? [street] : [],
    locality: set('\uE001', 'addressLocality'),
    administrativeArea: set('\uE002', 'addressRegion'),
    postalCode: set('\uE003', 'postalCode'),
  });
  const partOf = new Map(marks);
  const abroad = `${countryCode(address.addressCountry)}-`;
  const segmented = lines.map((line) =>
    line.split(/([\uE000-\uE003])/).flatMap((text): AddressSegment[] => {
      // "FI-" and "SE-" stand before a postal code on mail from abroad alone.
      if (text === abroad && FROM_ABROAD.has(abroad)) return [];
      const part = partOf.get(text);
      if (part) return [{ part, text: address[part].trim() }];
      return text ? [{ part: undefined, text }] : [];
    }),
  );
  const written = new Set(segmented.flat().flatMap(({ part }) => part ?? []));
  // A country's custom may leave a part out (the county in the UK). What the record knows is still written.
  const left = marks.flatMap(([, part]) => (address[part].trim() && !written.has(part) ? [part] : []));
  for (const part of left) {
    // Where the region stands before the street, as in Japan, the town stands behind its region.
    const [region, street] = (['addressRegion', 'streetAddress'] as const).map((one) =>
      segmented.findIndex((line) => line.some((segment) => segment.part === one)),
    );
    const line = region !== undefined && region >= 0 ? segmented[region] : undefined;
    if (line && part === 'addressLocality' && (street ?? -1) > (region ?? 0)) {
      const text = address[part].trim();
      line.push(...(/[\u3040-\u9fff]/.test(text) ? [] : [{ part: undefined, text: ' ' }]), { part, text });
      continue;
    }
    // A region stands under its town.
    const town = segmented.findIndex((one) => one.some((segment) => segment.part === 'addressLocality'));
    const at = part === 'addressRegion' && town >= 0 ? town + 1 : segmented.length;
    segmented.splice(at, 0, [{ part, text: address[part].trim() }]);
  }
  if (withCountry && address.addressCountry.trim()) {
    segmented.push([
      {
        part: 'addressCountry',
        text: countryName(countryCode(address.addressCountry)) || address.addressCountry,
      },
    ]);
  }
  return segmented.filter((line) => line.length > 0);
}

/** Signs of countries that the form has before the postal code, and nobody at home writes. */
const FROM_ABROAD = new Set(['FI-', 'SE-', 'AX-']);

/** The address as plain text on one line, parts in the order of its country. */
export function addressText(address: Address): string {
  return addressLines(address)
    .map((line) => line.map(({ text }) => text).join(''))
    .join(', ');
}

export const isEmptyAddress = (address: Address): boolean =>
  addressParts.every((part) => !address[part].trim());

/** No country has a longer name; what is longer is told by its beginning. */
const LONGEST_COUNTRY = 100;

/** Faults of an address by part. An address that is not set at all has none here. */
export function judgeAddress(address: Address): readonly (Fault & { readonly part: AddressPart })[] {
  if (isEmptyAddress(address)) return [];
  const faults: (Fault & { part: AddressPart })[] = [];
  const written = address.addressCountry.trim().slice(0, LONGEST_COUNTRY);
  const country = countryCode(written) || countryNamed(written);
  if (!written) {
    faults.push({
      part: 'addressCountry',
      ...fault(
        'value/address-part',
        'The address names no country. Write its two-letter code, like US or GB.',
      ),
    });
  } else if (written !== country) {
    const hint = country ? `Write ${country}.` : 'Write the two-letter code, like US or GB.';
    faults.push({
      part: 'addressCountry',
      ...fault('value/country', `“${written}” is not a two-letter country code. ${hint}`),
    });
  }
  const rule = postalCodes[country];
  const code = address.postalCode.trim();
  if (rule && code && !rule.pattern.test(code)) {
    faults.push({
      part: 'postalCode',
      ...fault(
        'value/postal-code',
        `“${code}” is not a postal code of ${countryName(country)}, which look like ${rule.example}.`,
      ),
    });
  }
  const needed: readonly AddressPart[] = [
    'streetAddress',
    'addressLocality',
    ...(rule && !rule.isOptional ? (['postalCode'] as const) : []),
    ...(rule?.region ? (['addressRegion'] as const) : []),
  ];
  for (const part of needed) {
    if (!address[part].trim()) {
      faults.push({
        part,
        ...fault(
          'value/address-part',
          `An address${country ? ` in ${countryName(country)}` : ''} needs its ${partNames[part]}.`,
        ),
      });
    }
  }
  return faults;
}

/** Whether a text has the form of a postal code of a country, or of `told` where the country's form is not known. */
export function mayBePostalCode(text: string, country: string, told: string): boolean {
  const rule = postalCodes[country];
  const shape = (code: string): string =>
    code.replace(/[\s-]/g, '').replace(/\d/g, '9').replace(/\p{L}/gu, 'a');
  return [text, text.split(' ')[0] ?? ''].some((one) =>
    rule ? rule.pattern.test(one) : shape(one) === shape(told),
  );
}

/** What people call the parts. */
const partNames: Readonly<Record<AddressPart, string>> = {
  streetAddress: 'street',
  addressLocality: 'town',
  addressRegion: 'region',
  postalCode: 'postal code',
  addressCountry: 'country',
};

/** A part of an address without what two spellings of it may differ in: abbreviations, case, punctuation. */
export const foldAddress = remember((text) => expandAbbreviations(fold(text)));

/** The same of a whole street, which is compared with another: see `streetAlone`. */
export const foldStreet = (text: string): string => streetAlone(foldAddress(text));
