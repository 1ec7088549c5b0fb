import sharp, { type Sharp } from 'sharp';
import { limits } from '#core/limits';
import { Turn } from '../lanes.ts';
import type { PhotoStore } from './photoStore.ts';

const SIZE = { width: 320, height: 240 };

// What was decoded is kept as a thumbnail, not in memory.
sharp.cache(false);

/** As many are made at the same time. */
const AT_ONCE = 2;

interface Wanted {
  readonly kept: () => Promise<string>;
  readonly keep: (key: string) => Promise<void>;
  readonly isWanted?: (() => boolean) | undefined;
  readonly decode?: (() => Promise<Uint8Array | undefined>) | undefined;
}

/** Small pictures of photos, made a few at a time when they are first asked for, and kept. */
export class Thumbnails {
  readonly #store: PhotoStore;
  readonly #turns = Array.from({ length: AT_ONCE }, () => new Turn());

  constructor(store: PhotoStore) {
    this.#store = store;
  }

  /**
   * The thumbnail of an original; `kept` asks for the key of the one that is kept, `keep` notes a new one. None is made
   * for somebody who has scrolled on before its turn came (`isWanted`). What sharp does not decode `decode` may.
   */
  async of(
    originalKey: string,
    { kept, keep, isWanted = () => true, decode }: Wanted,
  ): Promise<Buffer | undefined> {
    const known = await this.#kept(await kept());
    if (known) return known;
    // The same original always waits in the same line.
    const turn = this.#turns[parseInt(originalKey.slice(0, 4), 16) % AT_ONCE] ?? new Turn();
    return turn.take(async () => {
      if (!isWanted()) return undefined;
      // Whoever asked for the same before may have made it meanwhile.
      const made = await this.#kept(await kept());
      if (made) return made;
      const original = await this.#store.get(originalKey);
      if (!original) return undefined;
      const bytes = await decoded(original)
        .catch(() => decode?.())
        .catch(() => undefined)
        .then((small) => (small ? Buffer.from(small) : greyTile()));
      await keep(await this.#store.put([bytes]));
      return bytes;
    });
  }

  async #kept(key: string): Promise<Buffer | undefined> {
    return key ? this.#store.get(key) : undefined;
  }
}

/** A picture as the small one that lists show. */
export const thumbnailOf = (picture: Sharp): Promise<Buffer> =>
  picture
    .resize({ ...SIZE, fit: 'cover' })
    .webp({ quality: 80 })
    .toBuffer();

/** What sharp decodes of an original. */
const decoded = (original: Buffer): Promise<Buffer> =>
  thumbnailOf(sharp(original, { failOn: 'none', limitInputPixels: limits.photoPixels }).rotate());

/** Where the image behind a sound head is damaged, too large to be decoded, or takes too long. */
const greyTile = (): Promise<Buffer> =>
  thumbnailOf(sharp({ create: { ...SIZE, channels: 3, background: '#b9c1c6' } }));
