import { tagNumbers } from './exifTags.ts';

/** A field to write: Exif 2.32, 4.6.2 "IFD Structure". `data` is encoded already, `count` in units of the type. */
interface ExifField {
  readonly tag: number;
  readonly type: number;
  readonly count: number;
  readonly data: Uint8Array;
}

/** Builds one field's bytes in the byte order of the block it goes into. */
export type FieldMaker = (littleEndian: boolean) => ExifField;

export interface ExifChanges {
  readonly ifd0: readonly FieldMaker[];
  readonly exif: readonly FieldMaker[];
  readonly gps: readonly FieldMaker[];
  /** What a directory says besides when it is made. */
  readonly required?: Pick<ExifChanges, 'ifd0' | 'exif'>;
  /** Tags that go, by directory, and whether the thumbnail goes: their bytes are overwritten with zeros. */
  readonly removes?: {
    readonly ifd0: ReadonlySet<number>;
    readonly exif: ReadonlySet<number>;
    /** All of an earlier position. */
    readonly gps: boolean;
    readonly thumbnail: boolean;
  };
}

export type ExifResult =
  { readonly ok: true; readonly block: Uint8Array } | { readonly ok: false; readonly message: string };

const BYTES_OF_TYPE: Readonly<Record<number, number>> = {
  1: 1,
  2: 1,
  3: 2,
  4: 4,
  5: 8,
  6: 1,
  7: 1,
  8: 2,
  9: 4,
  10: 8,
  11: 4,
  12: 8,
  13: 4,
};

/** Whether a row of a directory has a type that there is not. */
const isOdd = ({ type }: { readonly type: number }): boolean => !(type in BYTES_OF_TYPE);

interface Entry {
  /** Where the entry begins in the block. */
  readonly at: number;
  readonly tag: number;
  readonly type: number;
  readonly count: number;
  /** The four bytes of the value or its offset, as they stand. */
  readonly raw: Uint8Array;
  /** Where a value longer than four bytes lies in the block; undefined for a short one. */
  readonly offset: number | undefined;
  readonly size: number;
}

interface Ifd {
  /** Where it begins in the block. */
  readonly at: number;
  readonly entries: readonly Entry[];
  readonly next: number;
}

const DAMAGED: ExifResult = {
  ok: false,
  message: 'The Exif data of this photo is damaged, so nothing was written into it.',
};

/** Begins the part of the block that was written here, so that writing again replaces it. */
const MARK_BYTES = new TextEncoder().encode('ZincPost');
const MAX_ENTRIES = 2000;

/**
 * Merges fields into an Exif block (a TIFF structure without the "Exif\0\0" identifier). Every byte of the
 * old block stays where it was, so that maker notes and thumbnails keep their offsets; new directories are
 * put behind it. Fields that are not set are kept; of those that are removed no byte stays. `undefined` begins a new
 * block.
 */
export function mergeExif(old: Uint8Array | undefined, changes: ExifChanges): ExifResult {
  if (!old) return writeBlock(newHeader(), false, undefined, changes);
  const littleEndian = old[0] === 0x49;
  const view = new DataView(old.buffer, old.byteOffset, old.byteLength);
  if (
    old.length < 8 ||
    !(littleEndian ? old[1] === 0x49 : old[0] === 0x4d && old[1] === 0x4d) ||
    view.getUint16(2, littleEndian) !== 42
  )
    return DAMAGED;
  const ifd0 = readIfd(view, view.getUint32(4, littleEndian), littleEndian);
  return ifd0 ? writeBlock(old, littleEndian, ifd0, changes) : DAMAGED;
}

/** The byte order, 42 and the offset of the first directory (TIFF 6.0, section 2). */
const HEADER = 8;
const INTEROPERABILITY = 0xa005;

/** What an offset is written as: LONG or IFD (TIFF Technical Note 1); by some as SLONG. */
const POINTERS = new Set([4, 9, 13]);

/** The offset in an entry's four bytes. */
const pointerIn = (raw: Uint8Array, littleEndian: boolean): number =>
  new DataView(raw.buffer, raw.byteOffset, 4).getUint32(0, littleEndian);

const newHeader = (): Uint8Array => Uint8Array.of(0x4d, 0x4d, 0, 42, 0, 0, 0, 8);

function readIfd(view: DataView, at: number, littleEndian: boolean): Ifd | undefined {
  if (at < 8 || at + 2 > view.byteLength) return undefined;
  const count = view.getUint16(at, littleEndian);
  const end = at + 2 + count * 12;
  if (count > MAX_ENTRIES || end > view.byteLength) return undefined;
  const entries: Entry[] = [];
  for (let entry = at + 2; entry < end; entry += 12) {
    const type = view.getUint16(entry + 2, littleEndian);
    const values = view.getUint32(entry + 4, littleEndian);
    // What a type that there is not means stays in its four bytes.
    const size = (BYTES_OF_TYPE[type] ?? 0) * values;
    const offset = size > 4 ? view.getUint32(entry + 8, littleEndian) : undefined;
    if (offset !== undefined && offset + size > view.byteLength) return undefined;
    entries.push({
      at: entry,
      tag: view.getUint16(entry, littleEndian),
      type,
      count: values,
      raw: new Uint8Array(view.buffer, view.byteOffset + entry + 8, 4),
      offset,
      size,
    });
  }
  return { at, entries, next: end + 4 <= view.byteLength ? view.getUint32(end, littleEndian) : 0 };
}

function writeBlock(
  old: Uint8Array,
  littleEndian: boolean,
  ifd0: Ifd | undefined,
  changes: ExifChanges,
): ExifResult {
  const view = new DataView(old.buffer, old.byteOffset, old.byteLength);
  const pointer = (tag: number): number => {
    const entry = ifd0?.entries.find((one) => one.tag === tag && POINTERS.has(one.type));
    return entry ? pointerIn(entry.raw, littleEndian) : 0;
  };
  const below = (tag: number): Ifd | undefined | 'damaged' => {
    const at = pointer(tag);
    return at === 0 ? undefined : (readIfd(view, at, littleEndian) ?? 'damaged');
  };
  const [exif, gps] = [below(tagNumbers.exifIfd), below(tagNumbers.gpsIfd)];
  if (exif === 'damaged' || gps === 'damaged') return DAMAGED;
  const keep = keptLength(old, view, littleEndian, ifd0, exif);
  const writer = new BlockWriter(old, keep, littleEndian);
  const { removes } = changes;
  const second = ifd0 ? readIfd(view, ifd0.next, littleEndian) : undefined;
  const thumbnail = removes?.thumbnail ? second : undefined;
  if (removes) {
    // What is damaged may say that a value which goes lies where one of these stands.
    const staying = [
      removes.gps ? undefined : gps,
      removes.thumbnail ? undefined : second,
      ...[...(exif?.entries ?? [])]
        .filter(({ tag }) => tag === INTEROPERABILITY)
        .map(({ raw }) => readIfd(view, pointerIn(raw, littleEndian), littleEndian)),
    ];
    writer.wipe(
      [
        ...goneOf(ifd0, removes.ifd0),
        ...goneOf(exif, removes.exif),
        ...(removes.gps ? goneOf(gps, 'all') : []),
        ...(thumbnail ? [...goneOf(thumbnail, 'all'), ...pictureOf(thumbnail, littleEndian)] : []),
      ],
      [
        { start: 0, size: HEADER },
        ...keptOf(ifd0, removes.ifd0),
        ...keptOf(exif, removes.exif),
        ...staying.flatMap(wholeOf),
        ...(removes.thumbnail || !second ? [] : pictureOf(second, littleEndian)),
      ],
    );
  }
  // What is set in the first directory and stands in the other one too would still say the old there.
  const tagsOf = (makers: readonly FieldMaker[]): readonly number[] =>
    makers.map((make) => make(littleEndian).tag);
  const misplaced = new Set([...tagsOf(changes.ifd0), tagNumbers.exifIfd, tagNumbers.gpsIfd]);
  const pointers: FieldMaker[] = [];
  for (const [tag, ifd, fields, gone] of [
    [
      tagNumbers.exifIfd,
      without(without(exif, removes?.exif), misplaced),
      exifFields(exif, changes, !ifd0),
      removes?.exif.size,
    ],
    [tagNumbers.gpsIfd, removes?.gps ? undefined : gps, changes.gps, 0],
  ] as const) {
    if (fields.length === 0 && !gone && (!ifd || pointer(tag) < keep)) continue;
    const at = writer.writeIfd(ifd, fields, 0);
    pointers.push(long(tag, at));
  }
  const first = without(
    without(ifd0, new Set(tagsOf(changes.exif))),
    removes && new Set([...removes.ifd0, ...(removes.gps ? [tagNumbers.gpsIfd] : [])]),
  );
  // A directory beyond the end would lie in what is put there.
  const isNext = ifd0 !== undefined && !removes?.thumbnail && ifd0.next < old.length;
  const next = isNext ? ifd0.next : 0;
  const required = ifd0 ? [] : (changes.required?.ifd0 ?? []);
  const fields = [...changes.ifd0, ...required, ...pointers];
  return { ok: true, block: writer.done(writer.writeIfd(first, fields, next)) };
}

/** An Exif directory says its version (Exif 2.32, 4.6.5 "ExifVersion"). */
function exifFields(
  exif: Ifd | undefined,
  { exif: said, required }: ExifChanges,
  isNewBlock: boolean,
): readonly FieldMaker[] {
  const isMade = !exif && (said.length > 0 || isNewBlock);
  const fields = isMade ? [...said, ...(required?.exif ?? [])] : said;
  const hasVersion = exif?.entries.some(({ tag }) => tag === tagNumbers.exifVersion);
  return fields.length === 0 || hasVersion
    ? fields
    : [...fields, undefinedBytes(tagNumbers.exifVersion, [0x30, 0x32, 0x33, 0x32])];
}

const without = (ifd: Ifd | undefined, tags: ReadonlySet<number> | undefined): Ifd | undefined =>
  ifd && tags ? { ...ifd, entries: ifd.entries.filter(({ tag }) => !tags.has(tag)) } : ifd;

interface Stretch {
  readonly start: number;
  readonly size: number;
}

/** Where the values of entries lie that go. */
const goneOf = (ifd: Ifd | undefined, tags: ReadonlySet<number> | 'all'): readonly Stretch[] =>
  (ifd?.entries ?? [])
    .filter(({ tag }) => tags === 'all' || tags.has(tag))
    .map(({ offset, size, at }) =>
      offset === undefined ? { start: at + 8, size: 4 } : { start: offset, size },
    );

const keptOf = (ifd: Ifd | undefined, tags: ReadonlySet<number>): readonly Stretch[] =>
  (ifd?.entries ?? []).flatMap(({ tag, offset, size }) =>
    offset === undefined || tags.has(tag) ? [] : [{ start: offset, size }],
  );

/** Where a directory and all its values lie. */
const wholeOf = (ifd: Ifd | undefined): readonly Stretch[] =>
  ifd ? [{ start: ifd.at, size: 2 + ifd.entries.length * 12 + 4 }, ...keptOf(ifd, new Set())] : [];

/** The thumbnail that a directory names (Exif 2.32, 4.6.4 "JPEGInterchangeFormat"). */
function pictureOf({ entries }: Ifd, littleEndian: boolean): readonly Stretch[] {
  const [start, size] = [0x0201, 0x0202].map((tag) => {
    const entry = entries.find((one) => one.tag === tag);
    return entry ? pointerIn(entry.raw, littleEndian) : 0;
  });
  return start && size ? [{ start, size }] : [];
}

/**
 * How much of the old block stays. What an earlier writing of ours put behind it can go, unless something
 * that must not move has come to lie there since.
 */
function keptLength(
  old: Uint8Array,
  view: DataView,
  littleEndian: boolean,
  ifd0: Ifd | undefined,
  exif: Ifd | undefined,
): number {
  if (!ifd0) return 8;
  const mark = findMark(old);
  if (mark < 0 || view.getUint32(4, littleEndian) < mark) return old.length;
  const fixed = [...ifd0.entries, ...(exif?.entries ?? [])].filter(({ tag }) => PINNED.has(tag));
  const lies = fixed.map(({ offset, raw }) => offset ?? pointerIn(raw, littleEndian));
  return ifd0.next >= mark || lies.some((offset) => offset >= mark) ? old.length : mark;
}

/** Tags whose data holds offsets of its own and so must never move: MakerNote, SubIFDs, interoperability. */
const PINNED = new Set([0x927c, 0x014a, INTEROPERABILITY]);

function findMark(block: Uint8Array): number {
  for (let at = block.length - MARK_BYTES.length; at >= 8; at -= 1) {
    if (block[at] === MARK_BYTES[0] && MARK_BYTES.every((byte, step) => block[at + step] === byte)) return at;
  }
  return -1;
}

class BlockWriter {
  readonly #old: Uint8Array;
  readonly #keep: number;
  readonly #littleEndian: boolean;
  #block: Uint8Array;
  #view: DataView;
  #position: number;

  constructor(old: Uint8Array, keep: number, littleEndian: boolean) {
    this.#old = old;
    this.#keep = keep;
    this.#littleEndian = littleEndian;
    this.#block = new Uint8Array(keep + 4096);
    this.#view = new DataView(this.#block.buffer);
    this.#block.set(old.subarray(0, keep));
    this.#position = keep;
    this.#append(MARK_BYTES);
  }

  /** Overwrites stretches with zeros, as far as nothing that is kept lies there. */
  wipe(gone: readonly Stretch[], kept: readonly Stretch[]): void {
    for (const { start, size } of gone) {
      const isShared = kept.some((one) => one.start < start + size && start < one.start + one.size);
      if (!isShared) this.#block.fill(0, Math.min(start, this.#keep), Math.min(start + size, this.#keep));
    }
  }

  /** Puts data behind what is there, at an even offset as TIFF wants it; the offset. */
  #append(data: Uint8Array): number {
    const at = this.#reserve(data.length);
    this.#block.set(data, at);
    return at;
  }

  #reserve(length: number): number {
    const at = this.#position + (this.#position % 2);
    if (at + length > this.#block.length) {
      const larger = new Uint8Array((at + length) * 2);
      larger.set(this.#block);
      this.#block = larger;
      this.#view = new DataView(larger.buffer);
    }
    this.#position = at + length;
    return at;
  }

  /** Writes a directory with the old entries that are not set anew; its offset. */
  writeIfd(old: Ifd | undefined, makers: readonly FieldMaker[], next: number): number {
    const fields = makers.map((make) => make(this.#littleEndian));
    const set = new Set(fields.map(({ tag }) => tag));
    const kept = (old?.entries ?? []).filter(({ tag }) => !set.has(tag));
    const rows = [
      ...fields.map((field) => ({ ...field, value: this.#value(field.data) })),
      ...kept.map((entry) => ({ ...entry, value: this.#keptValue(entry) })),
      // A row that is none ends the directory for many readers.
    ].sort((a, b) => Number(isOdd(a)) - Number(isOdd(b)) || a.tag - b.tag);
    const start = this.#reserve(2 + rows.length * 12 + 4);
    this.#view.setUint16(start, rows.length, this.#littleEndian);
    let at = start + 2;
    for (const { tag, type, count, value } of rows) {
      this.#view.setUint16(at, tag, this.#littleEndian);
      this.#view.setUint16(at + 2, type, this.#littleEndian);
      this.#view.setUint32(at + 4, count, this.#littleEndian);
      this.#block.set(value, at + 8);
      at += 12;
    }
    this.#view.setUint32(at, next, this.#littleEndian);
    return start;
  }

  #keptValue({ offset, size, raw }: Entry): Uint8Array {
    if (offset === undefined || offset + size <= this.#keep) return raw;
    return this.#value(this.#old.subarray(offset, offset + size));
  }

  /** Four bytes for the entry: the data itself, or the offset where it was put. */
  #value(data: Uint8Array): Uint8Array {
    const four = new Uint8Array(4);
    if (data.length <= 4) four.set(data);
    else new DataView(four.buffer).setUint32(0, this.#append(data), this.#littleEndian);
    return four;
  }

  /** The block with its header pointing to the first directory. */
  done(firstIfd: number): Uint8Array {
    this.#view.setUint32(4, firstIfd, this.#littleEndian);
    return this.#block.subarray(0, this.#position);
  }
}

/** ASCII with its closing NUL; characters beyond ASCII become "?". */
export const ascii =
  (tag: number, text: string): FieldMaker =>
  () => {
    const data = Uint8Array.from(
      Array.from(text, (character) => (character < '\u0080' ? character.charCodeAt(0) : 0x3f)).concat(0),
    );
    return { tag, type: 2, count: data.length, data };
  };

/** UTF-8 with its closing NUL, in an ASCII field: what readers expect where the text is not ASCII (Exif 3.0, 4.6.2). */
export const utf8 =
  (tag: number, text: string): FieldMaker =>
  () => {
    const data = new TextEncoder().encode(`${text}\0`);
    return { tag, type: 2, count: data.length, data };
  };

/** The XP* form: UTF-16LE with closing NUL, as bytes. */
export const utf16 =
  (tag: number, text: string): FieldMaker =>
  () => {
    const data = new Uint8Array((text.length + 1) * 2);
    const view = new DataView(data.buffer);
    for (let at = 0; at < text.length; at += 1) view.setUint16(at * 2, text.charCodeAt(at), true);
    return { tag, type: 1, count: data.length, data };
  };

export const byteValues =
  (tag: number, values: readonly number[]): FieldMaker =>
  () => ({ tag, type: 1, count: values.length, data: Uint8Array.from(values) });

/** UserComment: an 8-byte character code, then the text (Exif 2.32, 4.6.5 "UserComment"). */
export const comment =
  (tag: number, text: string): FieldMaker =>
  (littleEndian) => {
    const isAscii = /^[\u0000-\u007F]*$/.test(text);
    const code = isAscii ? 'ASCII\0\0\0' : 'UNICODE\0';
    const body = isAscii ? new TextEncoder().encode(text) : new Uint8Array(text.length * 2);
    if (!isAscii) {
      const view = new DataView(body.buffer);
      for (let at = 0; at < text.length; at += 1) view.setUint16(at * 2, text.charCodeAt(at), littleEndian);
    }
    const data = new Uint8Array(8 + body.length);
    data.set(new TextEncoder().encode(code));
    data.set(body, 8);
    return { tag, type: 7, count: data.length, data };
  };

/** Unsigned rationals as [numerator, denominator] pairs. */
export const rationals =
  (tag: number, values: readonly (readonly [number, number])[]): FieldMaker =>
  (littleEndian) => {
    const data = new Uint8Array(values.length * 8);
    const view = new DataView(data.buffer);
    for (const [at, [numerator, denominator]] of values.entries()) {
      view.setUint32(at * 8, numerator, littleEndian);
      view.setUint32(at * 8 + 4, denominator, littleEndian);
    }
    return { tag, type: 5, count: values.length, data };
  };

/** One unsigned number of 32 bits. */
export const long =
  (tag: number, value: number): FieldMaker =>
  (littleEndian) => {
    const data = new Uint8Array(4);
    new DataView(data.buffer).setUint32(0, value, littleEndian);
    return { tag, type: 4, count: 1, data };
  };

/** One unsigned number of 16 bits. */
export const short =
  (tag: number, value: number): FieldMaker =>
  (littleEndian) => {
    const data = new Uint8Array(2);
    new DataView(data.buffer).setUint16(0, value, littleEndian);
    return { tag, type: 3, count: 1, data };
  };

export const undefinedBytes =
  (tag: number, values: readonly number[]): FieldMaker =>
  () => ({ tag, type: 7, count: values.length, data: Uint8Array.from(values) });
