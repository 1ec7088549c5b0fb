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

/** What of a photo's metadata are words. */
export interface WordsCarried {
  readonly exif: CarriedTexts;
  readonly iptc: CarriedTexts;
  readonly xmp: CarriedTexts & { readonly alt: string };
}

/** The words for one photo; '' or [] for what is not written. */
export interface Wordings {
  readonly title: string;
  readonly caption: string;
  readonly keywords: readonly string[];
  readonly alt: string;
}

/** Words that are written besides, '' for what is not. */
export interface MoreWords {
  readonly headline: string;
  readonly subject: string;
  readonly author: string;
  readonly copyright: string;
  /** The comment, where it is not name, address, telephone and page on lines of their own. */
  readonly comment: string | undefined;
  /** Where the picture was taken, where that is not the branch's pin. */
  readonly point: Point | undefined;
}

/** The fields that words are typed for. */
export type WordField = keyof Wordings;

const isBlank = (words: string | readonly string[]): boolean => words.length === 0;

/** The words a photo came with. */
const carriedWords = (carried: WordsCarried | null | undefined): Wordings => ({
  title: carried?.xmp.title || carried?.iptc.title || carried?.exif.title || '',
  caption: carried?.xmp.caption || carried?.iptc.caption || carried?.exif.caption || '',
  keywords: [carried?.xmp, carried?.iptc, carried?.exif].find((one) => one?.keywords.length)?.keywords ?? [],
  alt: carried?.xmp.alt ?? '',
});

/**
 * The words for one photo of a set: of each field what was `edited` for all of them, or else what the photo has
 * (from its last stamp, or else from where it came), or else what stands in the form.
 */
export function wordingsFor(
  form: Wordings,
  edited: readonly WordField[],
  stamped: Wordings | null,
  carried: WordsCarried | null | undefined,
): Wordings {
  const own = stamped ?? carriedWords(carried);
  const choose = <Field extends WordField>(field: Field): Wordings[Field] =>
    edited.includes(field) || isBlank(own[field]) ? form[field] : own[field];
  return {
    title: choose('title'),
    caption: choose('caption'),
    keywords: choose('keywords'),
    alt: choose('alt'),
  };
}

/** Everything that is written into a photo. '' or undefined is not written, and what the photo has stays. */
export interface StampFields extends Wordings, Omit<MoreWords, 'comment'> {
  readonly business: string;
  /** Name, address, telephone and page on lines of their own, or what was chosen instead. */
  readonly contactBlock: string;
  readonly street: string;
  readonly town: string;
  readonly region: string;
  readonly postalCode: string;
  readonly country: string;
  /** ISO 3166-1 alpha-2. */
  readonly countryCode: string;
  readonly telephone: string;
  readonly email: string;
  readonly url: string;
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
