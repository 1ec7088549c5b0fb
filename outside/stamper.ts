import { closeSync, fstatSync, openSync, readSync, renameSync, rmSync, statSync, writeSync } from 'node:fs';
import { basename, dirname, join } from 'node:path';
import { limits, megabytes } from '#core/limits';
import {
  jpegStamper,
  provePhoto,
  readCarried,
  readJpeg,
  type Carried,
  type ProofLine,
  type StampFields,
  type StampResult,
} from '#core/photo';
import { reason } from './reason.ts';

/** What became of one photo. */
export interface Stamped {
  readonly photo: string;
  /** The file that was written; null where none was. */
  readonly out: string | null;
  readonly proved: boolean;
  readonly message: string;
  /** Every field as it was meant and as it reads back. */
  readonly lines: readonly ProofLine[];
}

const sameBytes = (a: Uint8Array, b: Uint8Array): boolean => Buffer.compare(a, b) === 0;

/** The metadata of nearly every photo ends within its first bytes, and its image within its last. */
const HEAD_BYTES = 96 * 1024;
const TAIL_BYTES = 16 * 1024;
const COPY_BYTES = 256 * 1024;

/** Not a failure of ours: the photo cannot be stamped, and this says why. */
class Refused extends Error {}

/**
 * Stamps files one after the other. Of a photo only the two ends are looked at; the middle of the image goes
 * from file to file through one small buffer that stays in the processor's cache.
 */
export class FileStamper {
  readonly #fields: StampFields;
  readonly #stampJpeg: (bytes: Uint8Array) => StampResult;
  readonly #buffer = Buffer.allocUnsafeSlow(COPY_BYTES);

  constructor(fields: StampFields) {
    this.#fields = fields;
    this.#stampJpeg = jpegStamper(fields);
  }

  /** Writes a photo stamped beside its new place, reads that again, compares, and renames it. */
  stamp(photo: string, out: string): Stamped {
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
      const { proved, lines } = this.#write(file, size, out);
      return {
        photo,
        out,
        proved,
        message: proved ? 'proved' : 'written, but not all reads back as meant',
        lines,
      };
    } catch (error) {
      if (error instanceof Refused)
        return { photo, out: null, proved: false, message: error.message, lines: [] };
      if (error instanceof Error && 'code' in error)
        return {
          photo,
          out: null,
          proved: false,
          message: `cannot be read or written: ${reason(error)}`,
          lines: [],
        };
      throw error;
    } finally {
      if (file !== undefined) closeSync(file);
    }
  }

  #write(from: number, size: number, out: string): { proved: boolean; lines: readonly ProofLine[] } {
    let ends = readEnds(from, size, HEAD_BYTES);
    let result = this.#stampJpeg(ends);
    if (!result.ok && ends.length < size) {
      ends = readEnds(from, size, size); // metadata longer than the head: the whole photo is needed
      result = this.#stampJpeg(ends);
    }
    if (!result.ok) throw new Refused(result.message);
    const [head, image] = result.parts;
    const imageStart = ends.length - image.length;
    const beside = join(dirname(out), `.${basename(out)}.${String(process.pid)}.part`);
    const file = openSync(beside, 'w+');
    try {
      writeAll(file, head);
      this.#copy(from, file, imageStart, size);
      const growth = head.length - imageStart;
      const written = readEnds(
        file,
        fstatSync(file).size,
        ends.length < size ? HEAD_BYTES + growth : size + growth,
      );
      const proof = provePhoto(written, ends, this.#fields, sameBytes);
      renameSync(beside, out);
      return proof;
    } catch (error) {
      rmSync(beside, { force: true });
      throw error;
    } finally {
      closeSync(file);
    }
  }

  #copy(from: number, to: number, start: number, end: number): void {
    for (let at = start; at < end;) {
      const count = readSync(from, this.#buffer, 0, Math.min(this.#buffer.length, end - at), at);
      if (count === 0) throw new Refused('the file became shorter while it was read.');
      writeAll(to, this.#buffer.subarray(0, count));
      at += count;
    }
  }
}

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

export type PhotoReading =
  | { readonly ok: true; readonly size: number; readonly carried: Carried | undefined }
  | { readonly ok: false; readonly message: string };

/** What a file carries that may be a photo, or why it is none that can be taken. */
export function readPhoto(path: string): PhotoReading {
  const file = openSync(path, 'r');
  try {
    const { size } = fstatSync(file);
    let bytes = readEnds(file, size, HEAD_BYTES);
    let read = readJpeg(bytes);
    // Only a JPEG whose metadata are longer than its head needs to be read whole.
    if (!read.ok && bytes.length < size && bytes[0] === 0xff && bytes[1] === 0xd8) {
      bytes = readEnds(file, size, size);
      read = readJpeg(bytes);
    }
    if (!read.ok) return read;
    const carried = readCarried(bytes);
    const pixels = (carried?.width ?? 0) * (carried?.height ?? 0);
    if (pixels > limits.photoPixels)
      return {
        ok: false,
        message: `It has ${String(carried?.width)} × ${String(carried?.height)} pixels; at most ${String(limits.photoPixels / 1_000_000)} megapixels are taken. Make it smaller first.`,
      };
    return { ok: true, size, carried };
  } finally {
    closeSync(file);
  }
}
