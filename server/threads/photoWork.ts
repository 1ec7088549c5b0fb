/** What is done with one photo. It is read from its file here, so that its bytes go through no other thread. */
import { randomUUID } from 'node:crypto';
import { join } from 'node:path';
import type { ProofLine, StampFields } from '#core/photo';
import { stampFile } from '#outside/stamper.ts';
import { folderPhotoStore } from '../gateways/photoStore.ts';

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
  const original = await store.file(originalKey);
  if (!original) return { ok: false, message: 'The original is no longer in the photo store.' };
  const { out, proved, lines, message } = stampFile(original, join(location, `${randomUUID()}.part`), fields);
  return out === null ? { ok: false, message } : { ok: true, key: await store.take(out), proved, lines };
}
