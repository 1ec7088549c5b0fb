import { closeSync, fstatSync, openSync, readSync } from 'node:fs';
import { limits } from '#core/limits';
import { imageDigest } from './stamper.ts';

/** So many bytes at its end tell one JPEG's image from another's. */
const TAIL_BYTES = 256;

/**
 * The pictures that show the very same as one before them: their image data are alike (SHA-256), whatever their metadata
 * say. Files that cannot be read are nobody's twin. Looked at closely are only those that may be: JPEGs that end alike,
 * and files of another format that have the same length, so that a PNG or WebP that was tagged since is not noticed.
 */
export function twinsAmong(paths: readonly string[]): ReadonlyMap<string, string> {
  const alike = new Map<string, string[]>();
  for (const path of paths) {
    const sign = signOf(path);
    if (sign) alike.set(sign, [...(alike.get(sign) ?? []), path]);
  }
  const twins = new Map<string, string>();
  for (const group of alike.values()) {
    if (group.length < 2) continue;
    const first = new Map<string, string>();
    for (const path of group) {
      const digest = imageDigest(path);
      const one = first.get(digest);
      if (one === undefined) first.set(digest, path);
      else if (digest) twins.set(path, one);
    }
  }
  return twins;
}

/** What two files have in common that may show the same; '' for one that cannot be read. */
function signOf(path: string): string {
  let file: number | undefined;
  try {
    file = openSync(path, 'r');
    const { size } = fstatSync(file);
    if (size > limits.photoBytes || size < TAIL_BYTES) return '';
    const ends = Buffer.alloc(TAIL_BYTES);
    readSync(file, ends, 0, 2, 0);
    if (ends.readUInt16BE(0) !== JPEG_START) return String(size);
    readSync(file, ends, 0, TAIL_BYTES, size - TAIL_BYTES);
    return ends.toString('latin1');
  } catch {
    return ''; // stamping it says why
  } finally {
    if (file !== undefined) closeSync(file);
  }
}

/** SOI, the marker that a JPEG begins with (ITU-T T.81, B.1.1.3). */
const JPEG_START = 0xffd8;
