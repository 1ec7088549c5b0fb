import type { FetchedPicture } from '#contract';
import { limits } from '#core/limits';
import type { Fetcher } from '#outside/fetcher.ts';
import type { PhotoRow } from '../store/models.ts';
import { stampOf } from '../store/photoPlan.ts';
import { GivenUp, type Threads } from '../threads/threads.ts';

type Found = Omit<FetchedPicture, 'at'>;

interface Parts {
  readonly fetcher: Fetcher;
  readonly threads: Threads;
}

/** Fetches a picture back from where it went, and compares every field that was written into it. */
export async function fetchedBack(address: string, photo: PhotoRow, parts: Parts): Promise<FetchedPicture> {
  const at = new Date().toISOString();
  const stamp = stampOf(photo);
  if (!stamp || !photo.stampedKey) return { at, ...nothing('The photo has not been stamped yet.') };
  const picture = await pictureAt(address, [stamp.name, photo.name].filter(Boolean), parts);
  if ('problem' in picture) return { at, ...nothing(picture.problem) };
  const found = await parts.threads
    .comparePicture(picture.bytes, stamp.fields, photo.digest)
    .catch((error: unknown) => {
      if (error instanceof GivenUp) return nothing(error.message);
      throw error;
    });
  return { at, ...found };
}

const nothing = (problem: string): Found => ({ problem, isSameImage: false, lines: [] });

type Picture = { readonly bytes: Buffer } | { readonly problem: string };

/** The picture at an address; where that is a page, the picture that it shows under one of these names. */
async function pictureAt(
  address: string,
  names: readonly string[],
  { fetcher, threads }: Parts,
): Promise<Picture> {
  const fetched = await fetcher.fetch(address, { most: limits.photoBytes });
  if (!fetched.ok) return { problem: fetched.message };
  if (fetched.status >= 400) return { problem: `${address} answers with status ${String(fetched.status)}.` };
  if (!/^text\/html|^application\/xhtml/i.test(fetched.contentType)) return { bytes: fetched.bytes };
  const page = fetched.bytes.subarray(0, limits.pageBytes);
  const shown = await threads.pictureOnPage(page, fetched.url, names).catch((error: unknown) => {
    if (error instanceof GivenUp) return '';
    throw error;
  });
  if (!shown)
    return {
      problem: `The page shows no picture that is called ${names.join(' or ')}. Give the address of the picture itself.`,
    };
  const picture = await fetcher.fetch(shown, { most: limits.photoBytes });
  if (!picture.ok) return { problem: picture.message };
  return picture.status < 400
    ? { bytes: picture.bytes }
    : { problem: `${shown} answers with status ${String(picture.status)}.` };
}
