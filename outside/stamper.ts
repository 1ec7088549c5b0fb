import { createCipheriv, createHash } from 'node:crypto';
import {
  closeSync,
  existsSync,
  fstatSync,
  openSync,
  readFileSync,
  readSync,
  renameSync,
  rmSync,
  statSync,
  writeSync,
} from 'node:fs';
import { basename, dirname, join } from 'node:path';
import { limits, megabytes } from '#core/limits';
import {
  fieldName,
  compareFields,
  dayTaken,
  formatOf,
  formats,
  isDisguised,
  isPictureName,
  provePhoto,
  readCarried,
  readContainer,
  readTags,
  sidecarNames,
  sidecarPacket,
  stampPicture,
  packetText,
  wrappedPacket,
  type Carried,
  type PictureFormat,
  type ProofLine,
  type StampFields,
  type StampOptions,
  type Stamping,
} from '#core/photo';
import { reason } from './reason.ts';

/** What became of one photo. */
export interface Stamped {
  readonly photo: string;
  /** The file that was written; null where none was. */
  readonly out: string | null;
  /** The file of XMP beside it; null where none was written. */
  readonly sidecar: string | null;
  readonly format: PictureFormat | null;
  readonly proved: boolean;
  readonly message: string;
  /** What somebody should know besides: another format than the name says, broken metadata that stay, fields kept. */
  readonly remarks: readonly string[];
  /** Every field as it was meant and as it reads back. */
  readonly lines: readonly ProofLine[];
  /** The same for pictures that show the same, whatever their metadata say; of a format that is not written into, the same file. '' where none was written. */
  readonly mark: string;
}

export interface FileStampOptions extends StampOptions {
  /** Whether a file of XMP stands beside pictures that are written into, too. */
  readonly sidecar?: boolean;
  /** The path of that file; beside the picture, by its name, where nothing is said. */
  readonly sidecarPath?: string;
}

const sameBytes = (a: Uint8Array, b: Uint8Array): boolean => Buffer.compare(a, b) === 0;

/** The metadata of nearly every photo ends within its first bytes, and its image within its last. */
const HEAD_BYTES = 96 * 1024;
const TAIL_BYTES = 16 * 1024;
const COPY_BYTES = 256 * 1024;

/** Not a failure of ours: the photo cannot be stamped, and this says why. */
class Refused extends Error {}

const COPY_BUFFER = Buffer.allocUnsafeSlow(COPY_BYTES);

/**
 * Writes a photo stamped beside its new place, reads that again, compares, and renames it. Of a JPEG only the two ends
 * are looked at; the middle of the image goes from file to file through one small buffer that stays in the processor's
 * cache. A format that cannot be written into is copied, with a sidecar beside it.
 */
export function stampFile(
  photo: string,
  out: string,
  fields: StampFields,
  options: FileStampOptions = {},
): Stamped {
  const nothing = {
    ...{ photo, out: null, sidecar: null, format: null, proved: false },
    ...{ remarks: [], lines: [], mark: '' },
  };
  let file: number | undefined;
  try {
    // Opening a pipe would wait for somebody to write into it.
    if (!statSync(photo).isFile()) throw new Refused('it is no file.');
    file = openSync(photo, 'r');
    const { size, dev, ino } = fstatSync(file);
    const there = statSync(out, { throwIfNoEntry: false });
    if (there?.dev === dev && there.ino === ino)
      throw new Refused('The stamped photo would replace the original. Name another folder with --out.');
    if (size > limits.photoBytes)
      throw new Refused(`it has ${megabytes(size)}; at most ${megabytes(limits.photoBytes)} are taken.`);
    return stampOpen({ photo, out, from: file, size, fields, options });
  } catch (error) {
    if (error instanceof Refused) return { ...nothing, message: error.message };
    if (error instanceof Error && 'code' in error)
      return { ...nothing, message: `cannot be read or written: ${reason(error)}` };
    throw error;
  } finally {
    if (file !== undefined) closeSync(file);
  }
}

interface Work {
  readonly photo: string;
  readonly out: string;
  readonly from: number;
  readonly size: number;
  readonly fields: StampFields;
  readonly options: FileStampOptions;
}

function stampOpen(work: Work): Stamped {
  const { photo, out, from, size, options } = work;
  const format = formatOf(readEnds(from, Math.min(size, 64), 64));
  if (!format) throw new Refused(refusalOf(photo));
  const remarks = isDisguised(photo, format) ? [`It is a ${format}, whatever its name says.`] : [];
  if (formats[format] === 'sidecar') return { ...withSidecar(work, format), remarks };
  const { stamping, proof, mark } = format === 'JPEG' ? writeEnds(work) : writeWhole(work);
  const sidecar = options.sidecar ? writeSidecar(work, stamping.fields) : undefined;
  const lines = [...proof.lines, ...(sidecar?.lines ?? [])];
  const proved = lines.every(({ agrees }) => agrees);
  return {
    photo,
    out,
    sidecar: sidecar?.path ?? null,
    format,
    proved,
    message: proved ? 'proved' : 'written, but not all reads back as meant',
    remarks: [...remarks, ...remarksOn(stamping)],
    lines,
    mark,
  };
}

/** Why a file is no picture that can be stamped, in the words of its name. */
function refusalOf(photo: string): string {
  const ending = /\.[a-z0-9]{1,8}$/i.exec(photo)?.[0] ?? '';
  if (isPictureName(photo))
    return 'Its bytes are those of no picture, whatever its name says. Nothing was written.';
  return `${ending ? `A ${ending} file` : 'This'} cannot be stamped: JPEG, PNG and WebP are written into, TIFF, GIF, HEIC and AVIF get a file beside them.`;
}

/** A value as a remark has it, cut where it is a page long. */
const quoted = (value: string): string =>
  value.length > LONGEST_VALUE ? `“${value.slice(0, LONGEST_VALUE).trimEnd()} …”` : `“${value}”`;
const LONGEST_VALUE = 160;

const listed = (some: Stamping['personal']): string =>
  some.map(({ what, value }) => `${what} (${value.slice(0, LONGEST_VALUE)})`).join(', ');

function remarksOn(stamping: Stamping): string[] {
  const { left, kept, removed, replaced, personal, ofFormerPlace, languages, isSigned, keepsFurther } =
    stamping;
  return [
    ...left.map((where) => `Its ${where} data are broken and stay as they are.`),
    ...(isSigned
      ? [
          'Its content credentials (C2PA) are signed over the bytes of the file: they stay, and no longer agree with it.',
        ]
      : []),
    ...replaced.map(({ field, was }) => {
      const verb = field === 'coordinates' || field === 'keywords' ? 'were' : 'was';
      return `Replaced its ${fieldName(field)}, which ${verb} ${quoted(was)}.`;
    }),
    ...(kept.length > 0 ? [`Kept what it had: ${kept.map(fieldName).join(', ')}.`] : []),
    ...(languages.length > 0 ? [`Its texts in other languages stay: ${languages.join(', ')}.`] : []),
    ...(ofFormerPlace.length > 0
      ? [`Of where it was taken stay: ${listed(ofFormerPlace)}. Removing personal data takes them out.`]
      : []),
    ...(personal.length > 0 ? [`Taken out, of a person or a device: ${listed(personal)}.`] : []),
    ...(keepsFurther
      ? [
          'The further pictures in the file (its previews, a gain map) stay as they are, with what they say of people.',
        ]
      : []),
    ...(removed.length > 0 ? [`Removed: ${removed.map(fieldName).join(', ')}.`] : []),
  ];
}

interface Written {
  readonly stamping: Stamping;
  readonly proof: ReturnType<typeof provePhoto>;
  readonly mark: string;
}

/** A JPEG, of which only the ends are read. */
function writeEnds({ from, size, out, fields, options }: Work): Written {
  let ends = readEnds(from, size, HEAD_BYTES);
  let result = stampPicture(ends, fields, options);
  if (!result.ok && ends.length < size) {
    ends = readEnds(from, size, size); // metadata longer than the head: the whole photo is needed
    result = stampPicture(ends, fields, options);
  }
  if (!result.ok) throw new Refused(result.message);
  const stamping = result;
  const [head = new Uint8Array(), image = new Uint8Array()] = stamping.parts;
  const imageStart = ends.length - image.length;
  const marking = imageMarking();
  for (const tables of stamping.image.slice(0, -1)) marking.add(tables);
  return beside(out, (file) => {
    writeAll(file, head);
    copy(from, file, imageStart, size, marking);
    const growth = head.length - imageStart;
    const most = ends.length < size ? HEAD_BYTES + growth : size + growth;
    return {
      stamping,
      proof: provePhoto(readEnds(file, fstatSync(file).size, most), ends, stamping, sameBytes),
      mark: marking.mark(),
    };
  });
}

function writeWhole({ from, size, out, fields, options }: Work): Written {
  const original = readEnds(from, size, size);
  const stamping = stampPicture(original, fields, options);
  if (!stamping.ok) throw new Refused(stamping.message);
  const marking = imageMarking();
  for (const stretch of stamping.image) marking.add(stretch);
  return beside(out, (file) => {
    for (const part of stamping.parts) writeAll(file, part);
    const { size: written } = fstatSync(file);
    const proof = provePhoto(readEnds(file, written, written), original, stamping, sameBytes);
    return { stamping, proof, mark: marking.mark() };
  });
}

/** A format that is not written into: the file as it is, and its fields in a file beside it. */
function withSidecar(work: Work, format: PictureFormat): Omit<Stamped, 'remarks'> {
  const { photo, out, from, size, fields } = work;
  const marking = imageMarking();
  beside(out, (file) => copy(from, file, 0, size, marking));
  const { path, lines } = writeSidecar(work, fields);
  const proved = lines.every(({ agrees }) => agrees);
  const message = proved
    ? 'proved, in a file of XMP beside it'
    : 'written beside it, but not all reads back as meant';
  return { photo, out, sidecar: path, format, proved, message, lines, mark: marking.mark() };
}

/** Writes the file of XMP beside a picture; one that stands beside the original is kept, with the fields set. */
function writeSidecar(
  { photo, out, options }: Work,
  fields: StampFields,
): { path: string; lines: readonly ProofLine[] } {
  const [beside = '', path = ''] = [photo, out].flatMap((picture) => sidecarNames([picture]));
  // Programs that put it behind the whole name have it there.
  const old = existsSync(`${photo}.xmp`) ? `${photo}.xmp` : beside;
  return writtenSidecar(old, options.sidecarPath ?? path, fields);
}

function writtenSidecar(
  old: string,
  path: string,
  fields: StampFields,
): { path: string; lines: readonly ProofLine[] } {
  const there =
    existsSync(old) && statSync(old).size < limits.pageBytes ? packetText(readFileSync(old)) : undefined;
  const result = sidecarPacket(fields, there);
  if (!result.ok) throw new Refused(`${basename(old)} stands beside it and is broken; nothing was written.`);
  beside(path, (file) => writeAll(file, Buffer.from(result.packet)));
  const tags = readTags(wrappedPacket(readFileSync(path)));
  const meant = { fields, left: ['Exif', 'IPTC'], removed: [], format: 'PNG' } as const;
  const lines = tags ? compareFields(tags, meant) : [];
  const unread = { field: 'sidecar', where: 'XMP', meant: 'readable', read: '', agrees: false } as const;
  return { path, lines: lines.length > 0 ? lines : [unread] };
}

/** Writes a file beside its place and renames it when it is whole. */
function beside<T>(out: string, work: (file: number) => T): T {
  const part = join(dirname(out), `.${basename(out)}.${String(process.pid)}.part`);
  const file = openSync(part, 'w+');
  try {
    const result = work(file);
    renameSync(part, out);
    return result;
  } catch (error) {
    rmSync(part, { force: true });
    throw error;
  } finally {
    closeSync(file);
  }
}

interface Marking {
  readonly add: (bytes: Uint8Array) => void;
  readonly mark: () => string;
}

const MARKING = { cipher: 'aes-128-gcm', key: Buffer.alloc(16), start: Buffer.alloc(12) } as const;

/**
 * A sign of an image, taken as its bytes pass by: GMAC (NIST SP 800-38D, section 3) under a key that is no secret.
 * It costs a twentieth of a digest, and no two pictures share one unless somebody made them to.
 */
function imageMarking(): Marking {
  const cipher = createCipheriv(MARKING.cipher, MARKING.key, MARKING.start);
  return {
    add: (bytes) => void cipher.setAAD(bytes),
    mark: () => {
      cipher.final();
      return cipher.getAuthTag().toString('base64');
    },
  };
}

function copy(from: number, to: number, start: number, end: number, marking: Marking): void {
  for (let at = start; at < end;) {
    const count = readSync(from, COPY_BUFFER, 0, Math.min(COPY_BUFFER.length, end - at), at);
    if (count === 0) throw new Refused('the file became shorter while it was read.');
    const bytes = COPY_BUFFER.subarray(0, count);
    marking.add(bytes);
    writeAll(to, bytes);
    at += count;
  }
}

/** SHA-256 of what in a picture is no metadata, hexadecimal; '' where it cannot be taken apart. */
export function digestOfImage(bytes: Uint8Array): string {
  const read = readContainer(bytes);
  if (!read.ok) return '';
  const hash = createHash('sha256');
  for (const stretch of read.container.image) hash.update(stretch);
  return hash.digest('hex');
}

/** The same for a file. */
export const imageDigest = (path: string): string => digestOfImage(readFileSync(path));

/** The first `head` and the last TAIL_BYTES bytes of a file, one behind the other; all of a shorter file. */
function readEnds(file: number, size: number, head: number): Uint8Array {
  const whole = size <= head + TAIL_BYTES;
  const buffer = Buffer.allocUnsafe(whole ? size : head + TAIL_BYTES);
  readAt(file, buffer.subarray(0, whole ? size : head), 0);
  if (!whole) readAt(file, buffer.subarray(head), size - TAIL_BYTES);
  return buffer;
}

function readAt(file: number, buffer: Buffer, start: number): void {
  for (let at = 0; at < buffer.length;) {
    const count = readSync(file, buffer, at, buffer.length - at, start + at);
    if (count === 0) throw new Refused('the file became shorter while it was read.');
    at += count;
  }
}

function writeAll(file: number, bytes: Uint8Array): void {
  for (let at = 0; at < bytes.length;) at += writeSync(file, bytes, at, bytes.length - at);
}

/** The day a picture was taken, RFC 3339 full-date; '' where it does not say, or cannot be read. */
export function takenOn(path: string): string {
  try {
    if (!statSync(path).isFile()) return '';
    const file = openSync(path, 'r');
    try {
      const { size } = fstatSync(file);
      const head = readEnds(file, size, HEAD_BYTES);
      const isShort = formatOf(head) === 'JPEG' || size > limits.photoBytes;
      return dayTaken(readCarried(isShort ? head : readEnds(file, size, size)));
    } finally {
      closeSync(file);
    }
  } catch {
    return ''; // stamping it will say why
  }
}

export type PhotoReading =
  | {
      readonly ok: true;
      readonly size: number;
      readonly format: PictureFormat;
      /** SHA-256 of the image, metadata left out; of the whole file where it cannot be taken apart. */
      readonly digest: string;
      readonly carried: Carried | undefined;
    }
  | { readonly ok: false; readonly message: string };

/** What a file carries that may be a photo, or why it is none that can be taken. */
export function readPhoto(path: string): PhotoReading {
  const bytes = readFileSync(path);
  const format = formatOf(bytes);
  if (!format) return { ok: false, message: NO_PICTURE };
  if (formats[format] !== 'sidecar') {
    const read = readContainer(bytes);
    if (!read.ok) return read;
  }
  const carried = readCarried(bytes);
  const pixels = (carried?.width ?? 0) * (carried?.height ?? 0);
  if (pixels > limits.photoPixels)
    return {
      ok: false,
      message: `It has ${String(carried?.width)} × ${String(carried?.height)} pixels; at most ${String(limits.photoPixels / 1_000_000)} megapixels are taken. Make it smaller first.`,
    };
  const digest = digestOfImage(bytes) || createHash('sha256').update(bytes).digest('hex');
  return { ok: true, size: bytes.length, format, digest, carried };
}

const NO_PICTURE =
  'This is no picture of a kind that is taken: JPEG, PNG and WebP are written into; TIFF, GIF, HEIC and AVIF get a file of XMP beside them.';
