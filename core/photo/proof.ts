import { readContainer } from './formats.ts';
import { agree, fieldPlaces, type FieldPlace, type Where } from './places.ts';
import type { Stamping } from './stamp.ts';
import { readTags, type Tags } from './tags.ts';

/** One value that was meant to be in the file, and what an independent reader found. */
export interface ProofLine {
  readonly field: string;
  readonly where: Where | 'image';
  readonly meant: string;
  readonly read: string;
  readonly agrees: boolean;
}

export interface PhotoProof {
  readonly proved: boolean;
  readonly lines: readonly ProofLine[];
}

/** What was meant to be written, and what was not. */
export type Meant = Pick<Stamping, 'fields'> & Partial<Pick<Stamping, 'left' | 'removed' | 'format'>>;

/**
 * Reads a stamped file again with a reader that is not ours and compares every field in all its places, and the
 * image data byte for byte with that of the original. Fields that were to go must be gone.
 */
export function provePhoto(
  stamped: Uint8Array,
  original: Uint8Array,
  stamping: Meant,
  sameBytes: SameBytes,
): PhotoProof {
  const same = sameImage(stamped, original, sameBytes);
  const image: ProofLine = {
    field: 'image data',
    where: 'image',
    meant: 'untouched',
    read: same ? 'untouched' : 'changed',
    agrees: same,
  };
  const tags = readTags(stamped);
  const lines = tags
    ? [image, ...compareFields(tags, stamping)]
    : [image, { field: 'metadata', where: 'Exif' as const, meant: 'readable', read: '', agrees: false }];
  return { proved: lines.every(({ agrees }) => agrees), lines };
}

/** Every field that was written, or that was to go, as it reads in each of its places. */
export function compareFields(
  tags: Tags,
  { fields, left = [], removed = [], format = 'JPEG' }: Meant,
): readonly ProofLine[] {
  const isThere = ({ where }: FieldPlace): boolean =>
    !left.includes(where) && (where !== 'IPTC' || format === 'JPEG');
  return fieldPlaces.filter(isThere).flatMap((place): ProofLine[] => {
    const { field, where, label } = place;
    const meant = place.meant(fields);
    if (!meant && !removed.includes(field)) return [];
    const read = place.read(tags);
    // A text of a PNG is written only where one stood.
    if (where === 'PNG' && !read) return [];
    return [{ field: label, where, meant, read, agrees: agree(place, meant, read) }];
  });
}

/** Tells whether two stretches of memory hold the same bytes. The edges pass in what their platform does fastest. */
export type SameBytes = (a: Uint8Array, b: Uint8Array) => boolean;

/** Whether two pictures have the same image data, stretch by stretch, with all that is no metadata. */
export function sameImage(a: Uint8Array, b: Uint8Array, sameBytes: SameBytes): boolean {
  const [one, other] = [readContainer(a), readContainer(b)];
  if (!one.ok || !other.ok) return false;
  const [before, after] = [one.container.image, other.container.image];
  return (
    before.length === after.length &&
    before.every((stretch, at) => sameBytes(stretch, after[at] ?? new Uint8Array()))
  );
}
