import ExifReader from 'exifreader';
import { concat } from './bytes.ts';
import { formatOf, joinedSegments, readContainer } from './formats.ts';
import { readJpeg, writeJpeg } from './jpeg.ts';
import { wrappedPacket } from './sidecar.ts';
import { userCommentText } from './userComment.ts';
import { readXml } from './xml.ts';
import { packetText, rdfOf } from './xmp.ts';

type Group = Readonly<Record<string, unknown>>;

/** What a reader that is not ours finds in a picture, by kind of metadata. */
export interface Tags {
  readonly exif: Group;
  readonly iptc: Group;
  readonly xmp: Group;
  readonly gps: Group;
  /** The texts of a PNG by their keywords. */
  readonly png: Group;
  readonly file: Group;
  /** The tags of the small copy of the picture within Exif. */
  readonly thumbnail: Group;
}

/** Hands XMP to the reader as a tree; what is not well-formed is not carried. */
const domParser = {
  parseFromString: (source: string) => {
    const tree = readXml(source);
    const isUsual = source.includes('<x:xmpmeta') && source.includes('<rdf:RDF');
    const rdf = tree && !isUsual ? rdfOf(tree) : undefined;
    return {
      childNodes: isUsual && tree ? tree.childNodes : rdf ? [rdf] : [],
      getElementsByTagName: () => [],
    };
  },
} as unknown as NonNullable<Parameters<typeof ExifReader.loadView>[1]>['domParser'];

/** Far enough into the image for its frame header, which tells width and height. */
const FRAME_HEADER_BYTES = 4096;

/** Reads the tags of a picture of any format; undefined where the reader cannot make sense of the file. */
export function readTags(bytes: Uint8Array): Tags | undefined {
  try {
    const head = metadataHead(bytes);
    const groups = groupsOf(head);
    const { exif = {}, iptc = {}, xmp, gps = {}, pngText = {}, file = {}, Thumbnail = {} } = groups;
    const isRead = xmp !== undefined && Object.keys(xmp).some((name) => !name.startsWith('_'));
    const more = isRead && formatOf(bytes) !== 'PNG' ? undefined : passedOver(bytes);
    return {
      exif: withComment(exif, head),
      iptc,
      xmp: isRead ? xmp : (more?.xmp ?? {}),
      gps,
      png: { ...more?.png, ...withoutLanguages(pngText) },
      file,
      thumbnail: Thumbnail,
    };
  } catch {
    return undefined; // the reader throws for every kind of file it does not know
  }
}

function groupsOf(head: Uint8Array): Partial<Record<string, Group>> {
  const view = new DataView(head.buffer, head.byteOffset, head.byteLength);
  return ExifReader.loadView(view, { expanded: true, domParser }) as unknown as Partial<
    Record<string, Group>
  >;
}

/** What the reader passes over: XMP that is packed or in UTF-16, and the packed texts of a PNG. */
function passedOver(bytes: Uint8Array): { xmp: Group | undefined; png: Group } | undefined {
  const read = readContainer(bytes);
  if (!read.ok) return undefined;
  const { blocks, texts = new Map<string, string>() } = read.container;
  const packet = blocks.xmp ? packetText(blocks.xmp) : '';
  return {
    xmp: packet ? groupsOf(wrappedPacket(new TextEncoder().encode(packet)))['xmp'] : undefined,
    png: Object.fromEntries([...texts].map(([keyword, description]) => [keyword, { description }])),
  };
}

/** The reader names a text by its language too, "Description (de)"; what says the same without one comes before it. */
const withoutLanguages = (texts: Group): Group =>
  Object.fromEntries(
    Object.entries(texts)
      .toSorted(([one], [other]) => Number(LANGUAGE.test(other)) - Number(LANGUAGE.test(one)))
      .map(([name, text]) => [name.replace(LANGUAGE, ''), text]),
  );
const LANGUAGE = / \([\w-]+\)$/;

/** The reader tells of a comment in Unicode only that it is one. */
function withComment(exif: Group, head: Uint8Array): Group {
  const bytes = valueOf(exif['UserComment']);
  if (!Array.isArray(bytes)) return exif;
  const description = userCommentText(Uint8Array.from(bytes as number[]), () => isLittleEndian(head));
  return { ...exif, UserComment: { description } };
}

/** The byte order of the Exif block of a picture, which begins with it (TIFF 6.0, section 2). */
function isLittleEndian(head: Uint8Array): boolean {
  for (let at = 0; at + 3 < head.length; at += 1) {
    const [first, second, third, fourth] = head.subarray(at, at + 4);
    if (first !== second || (first !== 0x49 && first !== 0x4d)) continue;
    if (first === 0x49 && third === 42 && fourth === 0) return true;
    if (first === 0x4d && third === 0 && fourth === 42) return false;
  }
  return false;
}

/**
 * The part of a JPEG that holds metadata: the reader would copy the whole picture. Other formats stay whole. What stands
 * in several segments is joined, since the reader would choose one of them, and warn.
 */
function metadataHead(bytes: Uint8Array): Uint8Array {
  const read = readJpeg(bytes);
  if (!read.ok) return bytes;
  const { segments, image } = read.jpeg;
  const joined = joinedSegments(segments);
  if (joined === segments) return bytes.slice(0, bytes.length - image.length + FRAME_HEADER_BYTES);
  return concat(writeJpeg({ segments: joined, image: image.subarray(0, FRAME_HEADER_BYTES) }));
}

export const numberOf = (value: unknown): number | undefined =>
  typeof value === 'number' && Number.isFinite(value) ? value : undefined;

export const valueOf = (tag: unknown): unknown =>
  tag && typeof tag === 'object' && 'value' in tag ? tag.value : undefined;

const descriptionOf = (tag: unknown): unknown =>
  tag && typeof tag === 'object' && 'description' in tag ? tag.description : undefined;

/** A text, closing NULs put aside; '' for none. */
export function textOf(tag: unknown): string {
  const description = descriptionOf(tag);
  if (typeof description === 'string') return description.replace(/\0+$/, '');
  const value = valueOf(tag);
  return typeof value === 'string' ? value : '';
}

/** The texts of a tag that may stand several times, or hold several. */
export function listOf(tag: unknown): readonly string[] {
  if (Array.isArray(tag)) return tag.map(textOf);
  const value = valueOf(tag);
  if (Array.isArray(value) && value.every((entry) => entry && typeof entry === 'object'))
    return value.map(textOf);
  const text = textOf(tag);
  return text ? [text] : [];
}

/**
 * The texts of a property of XMP. Of one text in several languages it is the default (XMP Specification Part 1,
 * 8.2.2.4), or else the first.
 */
export function xmpTexts(tag: unknown): readonly string[] {
  const value = valueOf(tag);
  const languages = Array.isArray(value) ? value.map(languageOf) : [];
  if (!Array.isArray(value) || languages.length === 0 || languages.includes('')) return listOf(tag);
  return [textOf(value[Math.max(0, languages.indexOf('x-default'))])];
}

function languageOf(item: unknown): string {
  const attributes: unknown = item && typeof item === 'object' && 'attributes' in item && item.attributes;
  const lang: unknown =
    attributes && typeof attributes === 'object' && 'lang' in attributes && attributes.lang;
  return typeof lang === 'string' ? lang : '';
}

/** A field of a structure of XMP, the first where there are several structures. */
export function partOf(tag: unknown, name: string): string {
  const value = valueOf(tag);
  const struct: unknown = Array.isArray(value) ? value[0] : value;
  return struct && typeof struct === 'object' && name in struct
    ? textOf((struct as Record<string, unknown>)[name])
    : '';
}

/** A coordinate of XMP, "48,30.7404N", as decimal degrees. */
export function xmpDegrees(tag: unknown): number | undefined {
  const value = valueOf(tag);
  const [, degrees, minutes, side] =
    /^(\d+),(\d+(?:\.\d+)?)([NSEW])$/.exec(typeof value === 'string' ? value : '') ?? [];
  if (!side) return undefined;
  return (Number(degrees) + Number(minutes) / 60) * (side === 'S' || side === 'W' ? -1 : 1);
}

const GROUPS = {
  exif: 'Exif',
  gps: 'position',
  iptc: 'IPTC',
  xmp: 'XMP',
  png: 'PNG texts',
  file: 'file',
} as const;
/** Longer texts are cut for people, UTF-16 code units. */
const LONGEST = 400;

/** Every tag as a text, by kind of metadata; those without a text are left out. */
export function tagTexts(tags: Tags): Readonly<Record<string, Readonly<Record<string, string>>>> {
  const kinds = Object.keys(GROUPS) as (keyof typeof GROUPS)[];
  return Object.fromEntries(
    kinds.flatMap((kind) => {
      const texts = Object.entries(tags[kind]).flatMap(([name, tag]) => {
        const number = numberOf(tag) ?? numberOf(descriptionOf(tag));
        const said = Array.isArray(tag) ? '' : textOf(tag);
        const text = (number === undefined ? said || listOf(tag).join(', ') : String(number)).trim();
        return text && !name.startsWith('_') ? [[name, text.slice(0, LONGEST)] as const] : [];
      });
      return texts.length > 0 ? [[GROUPS[kind], Object.fromEntries(texts)]] : [];
    }),
  );
}
