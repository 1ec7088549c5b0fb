import sharp from 'sharp';
import { limits } from '#core/limits';
import { Turn } from '../lanes.ts';
import type { PhotoStore } from './photoStore.ts';

const SIZE = { width: 320, height: 240 };

// What was decoded is kept as a thumbnail, not in memory.
sharp.cache(false);

/** As many are made at the same time. */
const AT_ONCE = 2;

/** Small pictures of photos, made a few at a time when they are first asked for, and kept. */
export class Thumbnails {
  readonly #store: PhotoStore;
  readonly #turns = Array.from({ length: AT_ONCE }, () => new Turn());

  constructor(store: PhotoStore) {
    this.#store = store;
  }

  /**
   * The thumbnail of an original; `kept` asks for the key of the one that is kept, `keep` notes a new one. None is made
   * for somebody who has scrolled on before its turn came (`isWanted`).
   */
  async of(
    originalKey: string,
    kept: () => Promise<string>,
    keep: (key: string) => Promise<void>,
    isWanted: () => boolean = () => true,
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
