import { addressText, countryCode, countryName } from '#core/address';
import { visibleTelephone } from '#core/markup';
import { readPin, type Point } from '#core/pin';
import type { BusinessRecord } from '#core/record';

/** The words for one photo; '' or [] for what is not written. */
export interface Wordings {
  readonly title: string;
  readonly caption: string;
  readonly keywords: readonly string[];
  readonly alt: string;
}

/** Everything that is written into a photo. '' or undefined is not written, and what the photo has stays. */
export interface StampFields extends Wordings {
  readonly point: Point | undefined;
  readonly business: string;
  /** Name, address, telephone and page on lines of their own. */
  readonly contactBlock: string;
  readonly street: string;
  readonly town: string;
  readonly region: string;
  readonly postalCode: string;
  readonly country: string;
  /** ISO 3166-1 alpha-2. */
  readonly countryCode: string;
  readonly telephone: string;
  readonly url: string;
}

/** What a record and the words for a photo put into it. */
export function stampFields(record: BusinessRecord, wordings: Wordings): StampFields {
  const { address } = record;
  const code = countryCode(address.addressCountry);
  const telephone = visibleTelephone(record);
  return {
    ...wordings,
    point: readPin(record.pin).point,
    business: record.name.trim(),
    contactBlock: [record.name, addressText(address), telephone, record.url]
      .map((line) => line.trim())
      .filter(Boolean)
      .join('\n'),
    street: address.streetAddress.trim(),
    town: address.addressLocality.trim(),
    region: address.addressRegion.trim(),
    postalCode: address.postalCode.trim(),
    country: code ? countryName(code) : address.addressCountry.trim(),
    countryCode: code,
    telephone,
    url: record.url.trim(),
  };
}
