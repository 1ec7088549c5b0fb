import { unzlibSync } from 'fflate';
import { concat, latin1, startsWith } from './bytes.ts';
import type { ContainerReading, NewBlocks } from './container.ts';

/** A chunk of a PNG (PNG 3rd edition, 5.3 "Chunk layout"). */
interface Chunk {
  readonly type: string;
  readonly data: Uint8Array;
  /** The whole chunk with length and CRC, as it stands. */
  readonly bytes: Uint8Array;
}

const SIGNATURE = '\x89PNG\r\n\x1A\n';
const XMP_KEYWORD = 'XML:com.adobe.xmp';
/** An XMP packet that unpacks to more than this is made to exhaust whoever reads it, bytes. */
const MOST_XMP = 16 * 1024 * 1024;

/**
 * Takes a PNG apart (also an animated one, or one of 16 bits or interlaced). Every chunk that is no Exif and no XMP
 * stays, byte for byte, its CRC included; what stands behind the last one stays too.
 */
export function readPng(bytes: Uint8Array): ContainerReading {
  if (!startsWith(bytes, SIGNATURE)) return { ok: false, message: 'This is no PNG picture.' };
  const chunks: Chunk[] = [];
  const view = new DataView(bytes.buffer, bytes.byteOffset, bytes.byteLength);
  let at = SIGNATURE.length;
  while (at + 12 <= bytes.length && chunks.at(-1)?.type !== 'IEND') {
    const length = view.getUint32(at);
    const end = at + 12 + length;
    if (length > 0x7fffffff || end > bytes.length) return { ok: false, message: CUT_OFF };
    chunks.push({
      type: latin1(bytes.subarray(at + 4, at + 8)),
      data: bytes.subarray(at + 8, at + 8 + length),
      bytes: bytes.subarray(at, end),
    });
    at = end;
  }
  const isWhole =
    chunks[0]?.type === 'IHDR' &&
    chunks.at(-1)?.type === 'IEND' &&
    chunks.some(({ type }) => type === 'IDAT');
  if (!isWhole) return { ok: false, message: CUT_OFF };
  const trailing = bytes.subarray(at);
  const [exif, xmp] = [chunks.find(isExif), chunks.find(isXmp)];
  return {
    ok: true,
    container: {
      format: 'PNG',
      takesIptc: false,
      size: undefined,
      blocks: {
        exif: exif && withoutIdentifier(exif.data),
        xmp: xmp && textOf(xmp, XMP_KEYWORD),
        resources: undefined,
      },
      texts: packedTexts(chunks),
      isSigned: chunks.some(({ type }) => type === 'caBX'),
      image: [
        ...chunks.filter((one) => !isExif(one) && !isXmp(one) && !isTreatedText(one)).map((one) => one.bytes),
        trailing,
      ],
      write: (blocks, texts = new Map<string, string>()) => ({
        ok: true,
        parts: [bytes.subarray(0, SIGNATURE.length), ...written(withTexts(chunks, texts), blocks), trailing],
      }),
    },
  };
}

const CUT_OFF =
  'The file ends in the middle of the picture. It was probably cut off while being copied; copy it again.';

const isExif = ({ type }: Chunk): boolean => type === 'eXIf';
/** XMP stands in iTXt by the standard; some programs write it packed as zTXt, or as tEXt. */
const isXmp = ({ type, data }: Chunk): boolean => TEXTS.has(type) && startsWith(data, `${XMP_KEYWORD}\0`);
const TEXTS = new Set(['iTXt', 'zTXt', 'tEXt']);

/** The keywords of texts that say what a field of a stamp says (11.3.3.1). */
export const pngKeywords = {
  title: 'Title',
  caption: 'Description',
  author: 'Author',
  copyright: 'Copyright',
} as const;
const FIELD_KEYWORDS: ReadonlySet<string> = new Set(Object.values(pngKeywords));
const keywordOf = ({ type, data }: Chunk): string =>
  TEXTS.has(type) ? latin1(data.subarray(0, Math.max(0, data.subarray(0, 80).indexOf(0)))) : '';
/** Texts that hold the whole Exif of the picture a PNG was made of, its camera and place among it, as some programs write. */
export const pngProfiles: readonly string[] = ['Raw profile type exif', 'Raw profile type APP1'];
/** Whether a stamp may write a text anew or take it out; all others are kept with the image. */
const isTreatedText = (one: Chunk): boolean => {
  const keyword = keywordOf(one);
  return FIELD_KEYWORDS.has(keyword) || pngProfiles.includes(keyword);
};

/**
 * The texts under the keywords of fields that are packed, which few readers unpack: the first of each keyword. Of a
 * profile, that it is there.
 */
function packedTexts(chunks: readonly Chunk[]): ReadonlyMap<string, string> {
  const texts = new Map<string, string>();
  for (const one of chunks) {
    const keyword = isTreatedText(one) ? keywordOf(one) : '';
    if (pngProfiles.includes(keyword)) texts.set(keyword, 'there');
    if (!keyword || texts.has(keyword) || one.type === 'tEXt') continue;
    const bytes = textOf(one, keyword);
    texts.set(keyword, new TextDecoder(one.type === 'zTXt' ? 'latin1' : 'utf-8').decode(bytes));
  }
  return texts;
}

/** The chunks with the new texts in place of the old ones under the same keyword: once each, or none for ''. */
function withTexts(chunks: readonly Chunk[], texts: ReadonlyMap<string, string>): readonly Chunk[] {
  const done = new Set<string>();
  return chunks.flatMap((one) => {
    const keyword = isTreatedText(one) ? keywordOf(one) : '';
    const text = texts.get(keyword);
    if (text === undefined) return [one];
    if (text === '' || done.has(keyword)) return [];
    done.add(keyword);
    return [{ type: one.type, data: one.data, bytes: textChunk(keyword, text) }];
  });
}

/** A text as tEXt, or as iTXt where Latin-1 has not all its characters (11.3.3.2, 11.3.3.4). */
const textChunk = (keyword: string, text: string): Uint8Array =>
  /^[\n -~\xA1-\xFF]*$/.test(text)
    ? chunk('tEXt', ascii(`${keyword}\0${text}`))
    : chunk('iTXt', concat([ascii(`${keyword}\0\0\0\0\0`), new TextEncoder().encode(text)]));

/** Some programs write "Exif\0\0" in front, as a JPEG has it. */
export const withoutIdentifier = (block: Uint8Array): Uint8Array =>
  startsWith(block, 'Exif\0\0') ? block.subarray(6) : block;

/** The text behind a keyword: in iTXt there are a flag, a method, a language and a keyword between (11.3.3.4). */
function textOf({ type, data }: Chunk, keyword: string): Uint8Array {
  const behind = keyword.length + 1;
  if (type === 'tEXt') return data.subarray(behind);
  if (type === 'zTXt') return unpacked(data.subarray(behind + 1));
  const language = data.indexOf(0, behind + 2);
  const translated = language < 0 ? -1 : data.indexOf(0, language + 1);
  if (translated < 0) return new Uint8Array();
  const text = data.subarray(translated + 1);
  return data[behind] === 1 ? unpacked(text) : text;
}

/** What is packed by zlib; nothing where it cannot be unpacked: it stays as it is then, and is told as broken. */
function unpacked(packed: Uint8Array): Uint8Array {
  try {
    return unzlibSync(packed, { out: new Uint8Array(Math.min(MOST_XMP, packed.length * 1032 + 64)) });
  } catch {
    return new Uint8Array();
  }
}

/** The chunks with new ones where the old ones stood, or else before the image (eXIf has to stand there, 11.3.4.5). */
function written(chunks: readonly Chunk[], { exif, xmp }: NewBlocks): Uint8Array[] {
  const fresh = (isOld: (chunk: Chunk) => boolean, make: () => Uint8Array) => {
    const old = chunks.findIndex(isOld);
    return { isOld, make, at: old >= 0 ? old : chunks.findIndex(({ type }) => type === 'IDAT') };
  };
  const changes = [
    ...(exif ? [fresh(isExif, () => chunk('eXIf', exif))] : []),
    ...(xmp ? [fresh(isXmp, () => chunk('iTXt', concat([ascii(`${XMP_KEYWORD}\0\0\0\0\0`), xmp])))] : []),
  ];
  return chunks.flatMap((one, at) => [
    ...changes.filter((change) => change.at === at).map(({ make }) => make()),
    ...(changes.some(({ isOld }) => isOld(one)) ? [] : [one.bytes]),
  ]);
}

const ascii = (text: string): Uint8Array => Uint8Array.from(text, (character) => character.charCodeAt(0));

function chunk(type: string, data: Uint8Array): Uint8Array {
  const bytes = new Uint8Array(12 + data.length);
  const view = new DataView(bytes.buffer);
  view.setUint32(0, data.length);
  bytes.set(ascii(type), 4);
  bytes.set(data, 8);
  view.setUint32(8 + data.length, crc(bytes.subarray(4, 8 + data.length)));
  return bytes;
}

const CRC_TABLE = Uint32Array.from({ length: 256 }, (_, byte) => {
  let value = byte;
  for (let bit = 0; bit < 8; bit += 1) value = value & 1 ? 0xedb88320 ^ (value >>> 1) : value >>> 1;
  return value >>> 0;
});

/** The CRC of type and data (5.5 "CRC algorithm"). */
function crc(bytes: Uint8Array): number {
  let value = 0xffffffff;
  for (const byte of bytes) value = (CRC_TABLE[(value ^ byte) & 0xff] ?? 0) ^ (value >>> 8);
  return (value ^ 0xffffffff) >>> 0;
}
