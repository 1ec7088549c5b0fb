/** What is done with one photo. It is read from its file here, so that its bytes go through no other thread. */
import { randomUUID } from 'node:crypto';
import { join } from 'node:path';
import type { FetchedPicture } from '#contract';
import { readDocument } from '#core/html';
import { parseUrl } from '#core/link';
import { compareFields, readTags, type ProofLine, type StampFields, type StampOptions } from '#core/photo';
import { fileOfAddress } from '#core/reading';
import { decodeText } from '#core/encoding';
import { foldFileName } from '#core/text';
import { digestOfImage, stampFile } from '#outside/stamper.ts';
import { folderPhotoStore, type PhotoStore } from '../gateways/photoStore.ts';

export type StampOutcome =
  | {
      readonly ok: true;
      /** Where it was written, for the photo store to take. */
      readonly out: string;
      /** The file of XMP beside it; null where there is none. */
      readonly sidecar: string | null;
      readonly proved: boolean;
      readonly lines: readonly ProofLine[];
      readonly remarks: readonly string[];
    }
  | { readonly ok: false; readonly message: string };

/**
 * Stamps an original of the photo store at `location` into a new file there, and proves it. The store takes it
 * elsewhere, so that the thread is at the next photo while the disk is waited for.
 */
export async function stampPhoto(
  location: string,
  originalKey: string,
  fields: StampFields,
  options: StampOptions,
): Promise<StampOutcome> {
  const store = folderPhotoStore(location);
  const original = await store.file(originalKey);
  if (!original) return { ok: false, message: 'The original is no longer in the photo store.' };
  const part = join(location, `${randomUUID()}.part`);
  const { out, sidecar, proved, lines, message, remarks } = stampFile(original, part, fields, options);
  if (out === null) return { ok: false, message };
  return { ok: true, out, sidecar, proved, lines, remarks };
}

/** What a photo was stamped into, taken into the store. */
export const taken = async (
  { out, sidecar }: Extract<StampOutcome, { ok: true }>,
  store: PhotoStore,
): Promise<{ readonly stampedKey: string; readonly sidecarKey: string }> => ({
  stampedKey: await store.take(out),
  sidecarKey: sidecar === null ? '' : await store.take(sidecar),
});

/** What has become of a picture somewhere else: each field that was written into it, as it reads there. */
export function comparePicture(
  bytes: Uint8Array,
  fields: StampFields,
  digest: string,
): Pick<FetchedPicture, 'problem' | 'isSameImage' | 'lines'> {
  const tags = readTags(bytes);
  if (!tags) return { problem: 'What is sent from there is no picture.', isSameImage: false, lines: [] };
  return {
    problem: '',
    isSameImage: digest !== '' && digestOfImage(bytes) === digest,
    lines: [...compareFields(tags, { fields })],
  };
}

/** The address of the first picture of a page that has one of these file names; '' where it shows none. */
export function pictureOnPage(bytes: Uint8Array, base: string, names: readonly string[]): string {
  const wanted = new Set(names.map(foldFileName));
  for (const { name, attributes } of readDocument(decodeText(bytes).text).elements) {
    if (name !== 'img' && name !== 'source') continue;
    const sources = [attributes['src'], ...(attributes['srcset'] ?? '').split(',')];
    for (const source of sources) {
      const url = parseUrl(source?.trim().split(/\s/)[0] ?? '', base);
      if (url && wanted.has(fileOfAddress(url.pathname))) return url.href;
    }
  }
  return '';
}
