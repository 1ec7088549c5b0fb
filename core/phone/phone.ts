import {
  getCountryCallingCode,
  isSupportedCountry,
  parsePhoneNumberFromString,
  type CountryCode,
  type PhoneNumber,
} from 'libphonenumber-js/max/es6';
import { fault, type Fault } from '#core/fault';
import { remember } from '#core/text';

/** A telephone number in its forms. `typed` is kept as it came. */
export interface Telephone {
  readonly typed: string;
  /** For links and messaging: "+13605550142" (ITU-T E.164). */
  readonly e164: string;
  /** For markup: "+1 360 555 0142". */
  readonly international: string;
  /** For visitors of the same country: "(360) 555-0142". */
  readonly national: string;
  /** ISO 3166-1 alpha-2, '' where the numbering plan does not tell. */
  readonly country: string;
  /** Whether the country code was not typed but taken from the record's country. */
  readonly assumedCountry: boolean;
  /** What is dialled once it is answered; '' for none. */
  readonly extension: string;
}

export interface TelephoneReading {
  readonly telephone: Telephone | undefined;
  readonly faults: readonly Fault[];
}

/**
 * Reads a telephone number as people type it. A number without country code is read in `country`
 * (ISO 3166-1 alpha-2, '' for unknown) and that is said. Bad input gives faults and no number.
 */
export function readTelephone(typed: string, country = ''): TelephoneReading {
  return remembered(`${country}\n${typed}`);
}

/** The same numbers are asked for again and again: by each family of rules, and at each keystroke. */
const remembered = remember((key) => {
  const end = key.indexOf('\n');
  return readAnew(key.slice(end + 1), key.slice(0, end));
});

function readAnew(typed: string, country: string): TelephoneReading {
  // Marks of direction, which address books put round what they copy, are no part of a number.
  const text = typed
    .replace(/[\u200b-\u200f\u202a-\u202e\u2060\u2066-\u2069]/g, '')
    // Narrow blanks, which typographers set between the digits.
    .replace(/[\u2000-\u200a\u202f\u205f]/g, ' ')
    .trim()
    .slice(0, 250);
  if (!text) return { telephone: undefined, faults: [] };
  const home = isSupportedCountry(country) ? country : undefined;
  const number = parseNumber(text, home);
  if (!number) {
    const message = home
      ? `“${text}” is not a telephone number of ${home} that can be dialled. Write area code and number, best with the country code: +${getCountryCallingCode(home)} ….`
      : `“${text}” cannot be dialled: write the number with its country code, like +1 360 555 0142.`;
    return { telephone: undefined, faults: [fault('value/telephone', message)] };
  }
  const telephone: Telephone = {
    typed,
    e164: number.number,
    international: number.formatInternational(),
    national: number.formatNational(),
    country: number.country ?? '',
    assumedCountry: !(saysCountry(text) || (dialsAbroadBy011(home) && /^\D{0,20}011/.test(text))),
    extension: number.ext ?? '',
  };
  const faults = number.isValid()
    ? []
    : [
        fault(
          'value/telephone-unassigned',
          `${telephone.international} has the right length, but no such range is listed in its country’s numbering plan. Dial it once to be sure.`,
        ),
      ];
  return { telephone, faults };
}

/** Whether a country code is written, or what most countries dial before one. Words may stand there: "Tel. +49 …". */
const saysCountry = (text: string): boolean => /^(?:tel:|[\p{L}.: ]{1,20})?\s*(?:\+|00)/iu.test(text);

/** North America dials 011 before a country code; elsewhere it begins an area code. */
const dialsAbroadBy011 = (home: CountryCode | undefined): boolean =>
  home === undefined || getCountryCallingCode(home) === '1';

/** Mexico's mobiles had a 1 behind the country code until 2019 (IFT, Plan Técnico Fundamental de Numeración); people write it on. */
const FORMER_MOBILE = /^(\s*(?:\+|00)\s*52[\s-]*)1[\s-]*(?=(?:\D*\d){10}\D*$)/;
export const holdsFormerOne = (text: string): boolean => FORMER_MOBILE.test(text.replace(/^tel:/i, ''));

/** A country code with the 0 behind it in brackets that is left out from abroad: "+36 (0)20 …". */
const TRUNK = /^\s*(?:\+|00)\s*(\d{1,3})\s*\(0\)\s*/;

/** The number, or undefined where it cannot be dialled. */
function parseNumber(text: string, home: CountryCode | undefined): PhoneNumber | undefined {
  const written = text.replace(/^tel:/i, '').replace(FORMER_MOBILE, '$1');
  // Most of the world dials 00 before a country code; where it is not dialled it is written all the same.
  const abroad = /^\s*00\s?[1-9]/.test(written)
    ? parsePhoneNumberFromString(written.replace(/^\s*00/, '+'))
    : undefined;
  const found = abroad?.isValid()
    ? abroad
    : (overseas(written, home) ?? parsePhoneNumberFromString(written, home));
  // "(0)" is dialled at home; countries that dial none there have it written all the same.
  const without = found?.isValid() ? undefined : TRUNK.exec(written);
  if (without) {
    const plain = parsePhoneNumberFromString(written.replace(TRUNK, '+$1 '));
    if (plain?.isValid()) return plain;
  }
  const lost = mayLackPlus(written, found) ? parsePhoneNumberFromString(`+${written.trim()}`) : undefined;
  const number = lost?.isValid() && lost.country === home ? lost : found;
  return number?.isPossible() && !/^(\d)\1+$/.test(number.nationalNumber) ? number : undefined;
}

/**
 * Whether a number may be one whose plus was lost, as a spreadsheet leaves it: "4915123456789", "49 221 123456". At home it
 * would be none, or would begin with the 0 that is dialled there.
 */
function mayLackPlus(written: string, found: PhoneNumber | undefined): boolean {
  const digits = written.replace(/\D/g, '').length;
  if (!/^\s*[1-9][\d\s()./-]*$/.test(written) || digits < 10 || digits > 15) return false;
  return !found?.isValid() || found.formatNational().startsWith('0');
}

/**
 * Where France is dialled at home as one: the parts overseas have country codes of their own, and a number of any part
 * begins with 0 in all of them (Arcep, plan national de numérotation).
 */
const OF_FRANCE: readonly CountryCode[] = ['GP', 'MQ', 'GF', 'RE', 'YT', 'PM', 'MF', 'BL', 'FR'];

/** A number that is dialled at home within France, and is one of another part of it than `home`. */
function overseas(text: string, home: CountryCode | undefined): PhoneNumber | undefined {
  if (!home || !OF_FRANCE.includes(home) || !/^\D*0[1-6]/.test(text) || text.includes('+')) return undefined;
  return OF_FRANCE.map((part) => parsePhoneNumberFromString(text, part)).find((number) => number?.isValid());
}

/** What markup needs of a number, undefined where it cannot be read: less than half the work of reading it whole. */
export const machineForms = (
  typed: string,
  country = '',
): Pick<Telephone, 'international' | 'e164'> | undefined => formsOnce(`${country}\n${typed}`);

/** A number that takes messages is asked for three times in one markup. */
const formsOnce = remember((key) => {
  const end = key.indexOf('\n');
  const [country, text] = [
    key.slice(0, end),
    key
      .slice(end + 1)
      .trim()
      .slice(0, 250),
  ];
  if (!text) return undefined;
  const number = parseNumber(text, isSupportedCountry(country) ? country : undefined);
  return number && { international: number.formatInternational(), e164: number.number };
}, 200);

/** Faults of a telephone number in markup, where the country code should stand. */
export function judgeMarkupTelephone(text: string, country = ''): readonly Fault[] {
  const { telephone, faults } = readTelephone(text, country);
  if (isInvented(text, telephone))
    return [fault('value/placeholder', `“${text}” is a number from a template, and nobody’s.`)];
  if (!telephone && !country && /^[\d\s()./-]{7,25}$/.test(text.trim()) && !/^(\d)\1+$/.test(text.trim())) {
    return [
      fault(
        'value/telephone-country',
        `“${text}” has no country code, and nothing here tells its country. Write it like +1 360 555 0142.`,
      ),
    ];
  }
  if (!telephone?.assumedCountry) return faults;
  const lacks =
    text.replace(/\D/g, '') === telephone.e164.slice(1) ? 'no + before its country code' : 'no country code';
  return [
    ...faults,
    fault(
      'value/telephone-country',
      `“${text}” has ${lacks}, so it can be dialled only from ${telephone.country || 'its own country'}. Write ${telephone.international}.`,
    ),
  ];
}

/** Whether the digits behind the country code only count up, as far as a plan lets them, or are one digit throughout. */
function isInvented(text: string, telephone: Telephone | undefined): boolean {
  const [code = ''] = (telephone?.international ?? '').split(' ');
  const digits = (telephone ? telephone.e164.slice(code.length) : text).replace(/\D/g, '');
  // No area of North America begins with a one: "(234) 567-8900".
  return (
    digits.length >= 6 &&
    (/^234567890\d$/.test(digits) || '01234567890'.includes(digits) || /^(\d)\1+$/.test(digits))
  );
}

/** A number with the letters of a keypad as the digits they dial, "1-800-FLOWERS" (ITU-T E.161); '' for one without, or with words. */
export function digitsOfLetters(text: string): string {
  if (!/^\+?[\d\s().-]*\d[\d\s().-]*[A-Z][\dA-Z\s().-]*$/.test(text)) return '';
  return text.replace(/[A-Z]/g, (letter) => KEYS[letter.charCodeAt(0) - 65] ?? '');
}

/** The digit of each letter from A to Z. */
const KEYS = '22233344455566677778889999';
