import { md5 } from '@noble/hashes/legacy.js';
import { decodeBytes } from '#core/text';
import { concat } from './bytes.ts';

/** One data set of IPTC IIM 4.2 (record:number), value in bytes. */
export interface IptcDataSet {
  readonly record: number;
  readonly number: number;
  readonly value: Uint8Array;
}

/** Longest values in bytes, after the IPTC IIM 4.2 specification, chapter 6. */
const MAX_BYTES: Readonly<Record<number, number>> = {
  5: 64,
  25: 64,
  80: 32,
  90: 32,
  92: 32,
  95: 32,
  100: 3,
  101: 64,
  105: 256,
  116: 128,
  120: 2000,
};

/** The longest value of a data set of record 2, in bytes. */
export const longestIptc = (number: number): number => MAX_BYTES[number] ?? 2000;

export const PHOTOSHOP = 'Photoshop 3.0\0';
const IPTC_RESOURCE = 0x0404;
/** The MD5 of the IPTC data, by which other programs see whether it was changed behind their back. */
const DIGEST_RESOURCE = 0x0425;

interface Resource {
  readonly id: number;
  /** The whole resource with header and padding. */
  readonly bytes: Uint8Array;
  readonly data: Uint8Array;
}

export type IptcResult =
  { readonly ok: true; readonly data: Uint8Array } | { readonly ok: false; readonly message: string };

/**
 * Sets data sets of record 2 in the image resources of an APP13 payload (without the "Photoshop 3.0"
 * identifier). Other resources and data sets are kept. Text is UTF-8, which data set 1:90 declares; kept
 * text of another encoding is converted. Values are cut at their longest length, at a whole character. Of image
 * resources those in `removes` go.
 */
export function mergeIptc(
  old: Uint8Array,
  changes: readonly { readonly number: number; readonly texts: readonly string[] }[],
  removes: ReadonlySet<number> = new Set(),
): IptcResult {
  const resources = readResources(old);
  if (!resources)
    return { ok: false, message: 'The IPTC data of this photo is damaged, so nothing was written into it.' };
  const set = new Set(changes.map(({ number }) => number));
  const kept = setsOf(resources).filter(({ record, number }) => !(record === 2 && set.has(number)));
  const sets: IptcDataSet[] = [
    { record: 1, number: 90, value: Uint8Array.of(0x1b, 0x25, 0x47) },
    ...kept.filter(({ record }) => record === 1),
    { record: 2, number: 0, value: Uint8Array.of(0, 4) },
    ...changes.flatMap(({ number, texts }) =>
      texts.filter(Boolean).map((text) => ({ record: 2, number, value: cutUtf8(text, longestIptc(number)) })),
    ),
    ...kept.filter(({ record }) => record !== 1),
  ];
  const written = writeDataSets(sets);
  const iptc = resource(IPTC_RESOURCE, written);
  const others = resources
    .filter(({ id }) => id !== IPTC_RESOURCE && !removes.has(id))
    .map(({ id, bytes }) => (id === DIGEST_RESOURCE ? resource(DIGEST_RESOURCE, md5(written)) : bytes));
  return { ok: true, data: concat([iptc, ...others]) };
}

/**
 * The data sets of all IPTC resources, but for those that say how they are written, with their texts in UTF-8. Of what
 * several say, the first is what others read; what it lacks is taken from the next.
 */
function setsOf(resources: readonly Resource[]): readonly IptcDataSet[] {
  const found: IptcDataSet[] = [];
  for (const { data } of resources.filter(({ id }) => id === IPTC_RESOURCE)) {
    const sets = readDataSets(data);
    const isUtf8 = sets.some(
      ({ record, number, value }) =>
        record === 1 && number === 90 && value[0] === 0x1b && value[1] === 0x25 && value[2] === 0x47,
    );
    const known = new Set(found.map(({ record, number }) => record * 256 + number));
    for (const one of sets) {
      const { record, number, value } = one;
      if ((record === 1 && number === 90) || (record === 2 && number === 0)) continue;
      if (known.has(record * 256 + number)) continue;
      found.push(isUtf8 || record !== 2 ? one : { ...one, value: toUtf8(value) });
    }
  }
  return found;
}

/** Image resource blocks (Adobe Photoshop file formats, "Image Resource Blocks"); undefined where damaged. */
function readResources(bytes: Uint8Array): readonly Resource[] | undefined {
  const found: Resource[] = [];
  let at = 0;
  while (at + 12 <= bytes.length) {
    if (String.fromCharCode(...bytes.subarray(at, at + 4)) !== '8BIM')
      return found.length > 0 || at > 0 ? undefined : [];
    const id = ((bytes[at + 4] ?? 0) << 8) | (bytes[at + 5] ?? 0);
    const nameLength = 1 + (bytes[at + 6] ?? 0);
    const sizeAt = at + 6 + nameLength + (nameLength % 2);
    if (sizeAt + 4 > bytes.length) return undefined;
    const size = new DataView(bytes.buffer, bytes.byteOffset + sizeAt, 4).getUint32(0);
    const end = sizeAt + 4 + size;
    if (end > bytes.length) return undefined;
    const padded = Math.min(end + (size % 2), bytes.length);
    found.push({ id, bytes: bytes.subarray(at, padded), data: bytes.subarray(sizeAt + 4, end) });
    at = padded;
  }
  return found;
}

function resource(id: number, data: Uint8Array): Uint8Array {
  const bytes = new Uint8Array(12 + data.length + (data.length % 2));
  bytes.set([0x38, 0x42, 0x49, 0x4d, id >> 8, id & 0xff, 0, 0]);
  new DataView(bytes.buffer).setUint32(8, data.length);
  bytes.set(data, 12);
  return bytes;
}

/** Data sets up to the first that is damaged. */
export function readDataSets(bytes: Uint8Array): readonly IptcDataSet[] {
  const found: IptcDataSet[] = [];
  let at = 0;
  while (bytes[at] === 0x1c && at + 5 <= bytes.length) {
    const length = ((bytes[at + 3] ?? 0) << 8) | (bytes[at + 4] ?? 0);
    // An extended data set (bit 15 set) gives the size of its length; none of ours is that long.
    const extra = length & 0x8000 ? length & 0x7fff : 0;
    if (extra > 4) break;
    let size = extra ? 0 : length;
    for (let digit = 0; digit < extra; digit += 1) size = size * 256 + (bytes[at + 5 + digit] ?? 0);
    const start = at + 5 + extra;
    if (start + size > bytes.length) break;
    found.push({
      record: bytes[at + 1] ?? 0,
      number: bytes[at + 2] ?? 0,
      value: bytes.subarray(start, start + size),
    });
    at = start + size;
  }
  return found;
}

function writeDataSets(sets: readonly IptcDataSet[]): Uint8Array {
  return concat(
    sets.map(({ record, number, value }) => {
      const extended = value.length > 0x7fff;
      const head = extended
        ? [
            0x1c,
            record,
            number,
            0x80,
            4,
            0,
            value.length >> 16,
            (value.length >> 8) & 0xff,
            value.length & 0xff,
          ]
        : [0x1c, record, number, value.length >> 8, value.length & 0xff];
      return concat([Uint8Array.from(head), value]);
    }),
  );
}

/** The text as UTF-8, cut to a number of bytes without cutting a character. */
export function cutUtf8(text: string, most: number): Uint8Array {
  const bytes = new TextEncoder().encode(text);
  if (bytes.length <= most) return bytes;
  let end = most;
  while (end > 0 && ((bytes[end] ?? 0) & 0xc0) === 0x80) end -= 1;
  return bytes.subarray(0, end);
}

/** Text of an undeclared encoding: UTF-8 where it is valid, else windows-1252. */
function toUtf8(value: Uint8Array): Uint8Array {
  try {
    new TextDecoder('utf-8', { fatal: true }).decode(value);
    return value;
  } catch {
    return new TextEncoder().encode(decodeBytes(value, 'windows-1252'));
  }
}
