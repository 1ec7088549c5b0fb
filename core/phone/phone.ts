import { isSupportedCountry, parsePhoneNumberFromString } from 'libphonenumber-js/max';
import { fault, type Fault } from '#core/fault';

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
  const text = typed.trim().slice(0, 250);
  if (!text) return { telephone: undefined, faults: [] };
  const home = isSupportedCountry(country) ? country : undefined;
  const number = parsePhoneNumberFromString(text.replace(/^tel:/i, ''), home);
  if (!number?.isPossible() || /^(\d)\1+$/.test(number.nationalNumber)) {
    const message = home
      ? `“${text}” is not a telephone number of ${home} that can be dialled. Write area code and number, best with the country code: +1 360 555 0142.`
      : `“${text}” cannot be dialled: write the number with its country code, like +1 360 555 0142.`;
    return { telephone: undefined, faults: [fault('value/telephone', message)] };
  }
  const telephone: Telephone = {
    typed,
    e164: number.number,
    international: number.formatInternational(),
    national: number.formatNational(),
    country: number.country ?? '',
    assumedCountry: !/^(tel:)?\s*(\+|00|011)/i.test(text),
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

/** Faults of a telephone number in markup, where the country code should stand. */
export function judgeMarkupTelephone(text: string, country = ''): readonly Fault[] {
  const { telephone, faults } = readTelephone(text, country);
  if (!telephone && !country && /^[\d\s()./-]{7,25}$/.test(text.trim()) && !/^(\d)\1+$/.test(text.trim())) {
    return [
      fault(
        'value/telephone-country',
        `“${text}” has no country code, and nothing here tells its country. Write it like +1 360 555 0142.`,
      ),
    ];
  }
  if (!telephone?.assumedCountry) return faults;
  return [
    ...faults,
    fault(
      'value/telephone-country',
      `“${text}” has no country code, so it can be dialled only from ${telephone.country || 'its own country'}. Write ${telephone.international}.`,
    ),
  ];
}
