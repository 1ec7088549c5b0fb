import ExifReader from 'exifreader';
import { readJpeg } from './jpeg.ts';
import { readXml } from './xml.ts';

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
  /** Camera maker and model. */
  readonly camera: string;
  readonly taken: string;
  /** Width and height of the picture in pixels; 0 where unknown. */
  readonly width: number;
  readonly height: number;
}

export interface CarriedTexts {
  readonly title: string;
  readonly caption: string;
  readonly keywords: readonly string[];
  readonly town: string;
  readonly comment: string;
}

type Group = Readonly<Record<string, unknown>>;

/** Hands XMP to the reader as a tree; what is not well-formed is not carried. */
const domParser = {
  parseFromString: (source: string) => ({
    ...(readXml(source) ?? { childNodes: [] }),
    getElementsByTagName: () => [],
  }),
} as unknown as NonNullable<Parameters<typeof ExifReader.loadView>[1]>['domParser'];

/** Reads what a photo of any format carries; undefined where the reader cannot make sense of the file. */
export function readCarried(bytes: Uint8Array): Carried | undefined {
  try {
    const head = metadataHead(bytes);
    const view = new DataView(head.buffer, head.byteOffset, head.byteLength);
    return carried(
      ExifReader.loadView(view, { expanded: true, domParser }) as unknown as Readonly<
        Record<string, Group | undefined>
      >,
    );
  } catch {
    return undefined; // the reader throws for every kind of file it does not know
  }
}

/** Far enough into the image for its frame header, which tells width and height. */
const FRAME_HEADER_BYTES = 4096;

/** The part of a JPEG that holds metadata: the reader would copy the whole picture. Other formats stay whole. */
function metadataHead(bytes: Uint8Array): Uint8Array {
  const read = readJpeg(bytes);
  if (!read.ok) return bytes;
  return bytes.slice(0, bytes.length - read.jpeg.image.length + FRAME_HEADER_BYTES);
}

function carried({
  exif = {},
  iptc = {},
  xmp = {},
  gps = {},
  file = {},
}: Readonly<Record<string, Group | undefined>>): Carried {
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
      title: textOf(xmp['title']),
      caption: textOf(xmp['description']),
      keywords: listOf(xmp['subject']),
      town: textOf(xmp['City']),
      comment: textOf(xmp['UserComment']),
      alt: textOf(xmp['AltTextAccessibility']),
      latitude: readXmpCoordinate(rawOf(xmp['GPSLatitude'])),
      longitude: readXmpCoordinate(rawOf(xmp['GPSLongitude'])),
    },
    camera: [textOf(exif['Make']), textOf(exif['Model'])].filter(Boolean).join(' '),
    taken: textOf(exif['DateTimeOriginal']),
    width: numberOf(valueOf(file['Image Width'])) ?? 0,
    height: numberOf(valueOf(file['Image Height'])) ?? 0,
  };
}

const numberOf = (value: unknown): number | undefined =>
  typeof value === 'number' && Number.isFinite(value) ? value : undefined;

const valueOf = (tag: unknown): unknown =>
  tag && typeof tag === 'object' && 'value' in tag ? tag.value : undefined;

const rawOf = (tag: unknown): string => {
  const value = valueOf(tag);
  return typeof value === 'string' ? value : '';
};

function textOf(tag: unknown): string {
  if (!tag || typeof tag !== 'object') return '';
  if ('description' in tag && typeof tag.description === 'string') return tag.description.replace(/\0+$/, '');
  const value = valueOf(tag);
  return typeof value === 'string' ? value : '';
}

function listOf(tag: unknown): readonly string[] {
  if (Array.isArray(tag)) return tag.map(textOf);
  const value = valueOf(tag);
  if (Array.isArray(value) && value.every((entry) => entry && typeof entry === 'object'))
    return value.map(textOf);
  const text = textOf(tag);
  return text ? [text] : [];
}

/** "48,30.7404N" as decimal degrees. */
function readXmpCoordinate(text: string): number | undefined {
  const [, degrees, minutes, side] = /^(\d+),(\d+(?:\.\d+)?)([NSEW])$/.exec(text) ?? [];
  if (!side) return undefined;
  return (Number(degrees) + Number(minutes) / 60) * (side === 'S' || side === 'W' ? -1 : 1);
}
