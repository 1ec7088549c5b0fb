/** What is done with one photo. It is read from its file here, so that its bytes go through no other thread. */
import { open, type FileHandle } from 'node:fs/promises';
import { limits } from '#contract';
import {
  jpegStamper,
  provePhoto,
  readCarried,
  readJpeg,
  type Carried,
  type ProofLine,
  type StampFields,
} from '#core/photo';
import { folderPhotoStore } from '../gateways/photoStore.ts';

const sameBytes = (a: Uint8Array, b: Uint8Array): boolean => Buffer.compare(a, b) === 0;

/** The metadata of nearly every photo ends within its first bytes, and its image within its last. */
const HEAD_BYTES = 512 * 1024;
const TAIL_BYTES = 64 * 1024;

export type PhotoReading =
  | { readonly ok: true; readonly size: number; readonly carried: Carried | undefined }
  | { readonly ok: false; readonly message: string };

/** What a file carries that may be a photo, or why it is none that can be taken. */
export async function readPhoto(path: string): Promise<PhotoReading> {
  const file = await open(path, 'r');
  try {
    const { size } = await file.stat();
    let bytes = await ends(file, size);
    let read = readJpeg(bytes);
    // Only a JPEG whose metadata are longer than its head needs to be read whole.
    if (!read.ok && bytes.length < size && bytes[0] === 0xff && bytes[1] === 0xd8) {
      bytes = await piece(file, 0, size);
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
    await file.close();
  }
}

/** The two ends of a file, one behind the other; all of a short one. */
async function ends(file: FileHandle, size: number): Promise<Buffer> {
  if (size <= HEAD_BYTES + TAIL_BYTES) return piece(file, 0, size);
  return Buffer.concat([await piece(file, 0, HEAD_BYTES), await piece(file, size - TAIL_BYTES, TAIL_BYTES)]);
}

async function piece(file: FileHandle, position: number, length: number): Promise<Buffer> {
  const { buffer, bytesRead } = await file.read(Buffer.allocUnsafe(length), 0, length, position);
  return buffer.subarray(0, bytesRead);
}

export type StampOutcome =
  | {
      readonly ok: true;
      readonly key: string;
      readonly proved: boolean;
      readonly lines: readonly ProofLine[];
    }
  | { readonly ok: false; readonly message: string };

/** Stamps an original of the photo store at `location` into a new file there, and proves it. */
export async function stampPhoto(
  location: string,
  originalKey: string,
  fields: StampFields,
): Promise<StampOutcome> {
  const store = folderPhotoStore(location);
  const original = await store.get(originalKey);
  if (!original) return { ok: false, message: 'The original is no longer in the photo store.' };
  const result = jpegStamper(fields)(original);
  if (!result.ok) return result;
  const key = await store.put(result.parts);
  // Proved is only what lies in the store: it is read again from there.
  const written = (await store.get(key)) ?? Buffer.alloc(0);
  return { ok: true, key, ...provePhoto(written, original, fields, sameBytes) };
}
