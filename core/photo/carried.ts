import type { CarriedTexts } from './fields.ts';
import { personalIn, POSITION, type Personal } from './personal.ts';
import { carriedText, type StampField } from './places.ts';
import { pictureSize, type PictureSize } from './size.ts';
import { listOf, numberOf, readTags, textOf, xmpDegrees, xmpTexts, type Tags } from './tags.ts';

/** What a photo carries, as a reader that is not ours finds it. '' or undefined where there is nothing. */
export interface Carried {
  readonly latitude: number | undefined;
  readonly longitude: number | undefined;
  readonly exif: CarriedTexts;
  readonly iptc: CarriedTexts;
  readonly xmp: CarriedTexts & {
    readonly alt: string;
    readonly latitude: number | undefined;
    readonly longitude: number | undefined;
  };
  readonly headline: string;
  readonly subject: string;
  readonly author: string;
  readonly copyright: string;
  /** Camera maker and model. */
  readonly camera: string;
  readonly taken: string;
  /** What says something of a person or a device, the position put aside. */
  readonly personal: readonly Personal[];
  /** Width and height of the picture in pixels; 0 where unknown. */
  readonly width: number;
  readonly height: number;
}

/** Reads what a photo of any format carries; undefined where the reader cannot make sense of the file. */
export function readCarried(bytes: Uint8Array): Carried | undefined {
  const tags = readTags(bytes);
  return tags && carried(tags, pictureSize(bytes));
}

function carried(tags: Tags, size: PictureSize | undefined): Carried {
  const { exif, iptc, xmp, gps } = tags;
  const text = (field: StampField): string => carriedText(tags, field);
  const xmpText = (name: string): string => xmpTexts(xmp[name]).join(', ');
  return {
    latitude: numberOf(gps['Latitude']),
    longitude: numberOf(gps['Longitude']),
    exif: {
      title: textOf(exif['XPTitle']),
      caption: textOf(exif['ImageDescription']),
      keywords: textOf(exif['XPKeywords']).split(';').filter(Boolean),
      town: '',
      comment: textOf(exif['UserComment']),
    },
    iptc: {
      title: textOf(iptc['Object Name']),
      caption: textOf(iptc['Caption/Abstract']),
      keywords: listOf(iptc['Keywords']),
      town: textOf(iptc['City']),
      comment: '',
    },
    xmp: {
      title: xmpText('title'),
      caption: xmpText('description'),
      keywords: listOf(xmp['subject']),
      town: xmpText('City'),
      comment: xmpText('UserComment'),
      alt: xmpText('AltTextAccessibility'),
      latitude: xmpDegrees(xmp['GPSLatitude']),
      longitude: xmpDegrees(xmp['GPSLongitude']),
    },
    headline: text('headline'),
    subject: text('subject'),
    author: text('author'),
    copyright: text('copyright'),
    camera: cameraOf(textOf(exif['Make']).trim(), textOf(exif['Model']).trim()),
    taken: textOf(exif['DateTimeOriginal']),
    personal: personalIn(tags).filter(({ what }) => what !== POSITION),
    width: size?.width ?? 0,
    height: size?.height ?? 0,
  };
}

/** Maker and model; many a model has the name of its maker before it already. */
const cameraOf = (maker: string, model: string): string =>
  model.toLowerCase().startsWith(maker.toLowerCase()) ? model || maker : `${maker} ${model}`.trim();

/** The day a picture was taken (Exif 2.32, 4.6.5 "DateTimeOriginal") as RFC 3339 full-date; '' where it does not say. */
export function dayTaken(carried: Pick<Carried, 'taken'> | null | undefined): string {
  const [, year, month, day] = /^(\d{4})[:-](\d\d)[:-](\d\d)/.exec(carried?.taken ?? '') ?? [];
  return year && month && day && year !== '0000' ? `${year}-${month}-${day}` : '';
}
