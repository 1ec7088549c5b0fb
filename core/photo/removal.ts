import { tagNumbers } from './exifTags.ts';
import { stampFieldNames, type Policy, type StampField } from './places.ts';

/** What of a file goes when fields are removed, by kind of metadata. */
export interface Removal {
  readonly ifd0: readonly number[];
  readonly exif: readonly number[];
  readonly gps: boolean;
  readonly iptc: readonly number[];
  /** Namespace and name in one. */
  readonly xmp: readonly string[];
}

const DC = 'http://purl.org/dc/elements/1.1/';
const EXIF = 'http://ns.adobe.com/exif/1.0/';
const PHOTOSHOP = 'http://ns.adobe.com/photoshop/1.0/';
const CORE = 'http://iptc.org/std/Iptc4xmpCore/1.0/xmlns/';
const EXT = 'http://iptc.org/std/Iptc4xmpExt/2008-02-29/';

const BY_FIELD: Readonly<Record<StampField, Partial<Removal>>> = {
  coordinates: {
    gps: true,
    xmp: ['Latitude', 'Longitude', 'VersionID', 'MapDatum'].map((name) => `${EXIF}GPS${name}`),
  },
  title: { ifd0: [tagNumbers.xpTitle], iptc: [5], xmp: [`${DC}title`] },
  headline: { iptc: [105], xmp: [`${PHOTOSHOP}Headline`] },
  caption: { ifd0: [tagNumbers.imageDescription], iptc: [120], xmp: [`${DC}description`] },
  keywords: { ifd0: [tagNumbers.xpKeywords], iptc: [25], xmp: [`${DC}subject`] },
  alt: { xmp: [`${CORE}AltTextAccessibility`] },
  subject: { ifd0: [tagNumbers.xpSubject] },
  author: { ifd0: [tagNumbers.artist], iptc: [80], xmp: [`${DC}creator`] },
  copyright: { ifd0: [tagNumbers.copyright], iptc: [116], xmp: [`${DC}rights`] },
  comment: { ifd0: [tagNumbers.xpComment], exif: [tagNumbers.userComment], xmp: [`${EXIF}UserComment`] },
  town: { iptc: [90], xmp: [`${PHOTOSHOP}City`] },
  region: { iptc: [95], xmp: [`${PHOTOSHOP}State`] },
  country: { iptc: [101, 100], xmp: [`${PHOTOSHOP}Country`, `${CORE}CountryCode`] },
  street: { iptc: [92], xmp: [`${CORE}Location`] },
  contact: { xmp: [`${CORE}CreatorContactInfo`, `${EXT}LocationShown`] },
};

/** The fields that are to be removed. */
export const removedFields = (by: Readonly<Partial<Record<StampField, Policy>>>): readonly StampField[] =>
  stampFieldNames.filter((field) => by[field] === 'remove');

/** What has to go where these fields go. */
export function removalOf(fields: readonly StampField[]): Removal {
  const all = fields.map((field) => BY_FIELD[field]);
  return {
    ifd0: all.flatMap(({ ifd0 = [] }) => ifd0),
    exif: all.flatMap(({ exif = [] }) => exif),
    gps: all.some(({ gps }) => gps),
    iptc: all.flatMap(({ iptc = [] }) => iptc),
    xmp: all.flatMap(({ xmp = [] }) => xmp),
  };
}
