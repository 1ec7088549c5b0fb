import * as z from 'zod';
import { addressText, countryCode, countryName } from '#core/address';
import { visibleTelephone } from '#core/markup';
import { readPin, type Point } from '#core/pin';
import type { BusinessRecord } from '#core/record';

export interface CarriedTexts {
  readonly title: string;
  readonly caption: string;
  readonly keywords: readonly string[];
  readonly town: string;
  readonly comment: string;
}

const words = z.string().default('');

/** Everything that is written into a photo. '' or undefined is not written, and what the photo has stays. */
export const stampFieldsSchema = z
  .object({
    title: words,
    caption: words,
    keywords: z.array(z.string()).readonly().default([]),
    alt: words,
    headline: words,
    subject: words,
    author: words,
    copyright: words,
    /** Where the picture was taken: its own place, or the branch's pin. Degrees, WGS-84. */
    point: z.object({ latitude: z.number(), longitude: z.number() }).readonly().optional(),
    business: words,
    /** Name, address, telephone and page on lines of their own, or what was chosen instead. */
    contactBlock: words,
    street: words,
    town: words,
    region: words,
    postalCode: words,
    country: words,
    /** ISO 3166-1 alpha-2. */
    countryCode: words,
    telephone: words,
    email: words,
    url: words,
  })
  .readonly();
export type StampFields = z.infer<typeof stampFieldsSchema>;

/** The words for one photo; '' or [] for what is not written. */
type Wordings = Pick<StampFields, 'title' | 'caption' | 'keywords' | 'alt'>;

/** Words that are written besides, '' for what is not. */
interface MoreWords extends Pick<StampFields, 'headline' | 'subject' | 'author' | 'copyright'> {
  /** The comment, where it is not name, address, telephone and page on lines of their own. */
  readonly comment: string | undefined;
  /** Where the picture was taken, where that is not the branch's pin. */
  readonly point: Point | undefined;
}

/** What a record and the words for a photo put into it. */
export function stampFields(
  record: BusinessRecord,
  wordings: Wordings,
  more: Partial<MoreWords> = {},
): StampFields {
  const { address } = record;
  const code = countryCode(address.addressCountry);
  const telephone = visibleTelephone(record);
  return {
    ...wordings,
    headline: more.headline ?? wordings.title,
    subject: more.subject ?? '',
    author: more.author ?? '',
    copyright: more.copyright ?? '',
    point: more.point ?? readPin(record.pin).point,
    business: record.name.trim(),
    contactBlock:
      more.comment ??
      [record.name, addressText(address), telephone, record.url]
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
    email: record.email.trim(),
    url: record.url.trim(),
  };
}
