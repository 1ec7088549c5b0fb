import sharp from 'sharp';
import { limits } from '#core/limits';
import { Turn } from '../lanes.ts';
import type { PhotoStore } from './photoStore.ts';

const SIZE = { width: 320, height: 240 };

// What was decoded is kept as a thumbnail, not in memory.
sharp.cache(false);

/** Small pictures of photos, made one at a time when they are first asked for, and kept. */
export class Thumbnails {
  readonly #store: PhotoStore;
  readonly #turn = new Turn();

  constructor(store: PhotoStore) {
    this.#store = store;
  }

  /** The thumbnail of an original; `kept` asks for the key of the one that is kept, `keep` notes a new one. */
  async of(
    originalKey: string,
    kept: () => Promise<string>,
    keep: (key: string) => Promise<void>,
  ): Promise<Buffer | undefined> {
    const known = await this.#kept(await kept());
    if (known) return known;
    return this.#turn.take(async () => {
      // Whoever asked for the same before may have made it meanwhile.
      const made = await this.#kept(await kept());
      if (made) return made;
      const original = await this.#store.get(originalKey);
      if (!original) return undefined;
      const bytes = await small(original);
      await keep(await this.#store.put([bytes]));
      return bytes;
    });
  }

  async #kept(key: string): Promise<Buffer | undefined> {
    return key ? this.#store.get(key) : undefined;
  }
}

/** The image behind a sound head can still be damaged, or too large to be decoded; then a grey tile stands for it. */
const small = (original: Buffer): Promise<Buffer> =>
  sharp(original, { failOn: 'none', limitInputPixels: limits.photoPixels })
    .rotate()
    .resize({ ...SIZE, fit: 'cover' })
    .webp({ quality: 80 })
    .toBuffer()
    .catch(() =>
      sharp({ create: { ...SIZE, channels: 3, background: '#b9c1c6' } })
        .webp()
        .toBuffer(),
    );
