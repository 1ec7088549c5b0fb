import { randomUUID } from 'node:crypto';
import { mkdir, readFile, rename, rm, writeFile } from 'node:fs/promises';
import { join } from 'node:path';

/** Where the bytes of photos lie. Everything else about them is in the database. */
export interface PhotoStore {
  /** Keeps bytes; the key that names them. */
  put(parts: readonly Uint8Array[]): Promise<string>;
  /** The bytes of a key, or undefined where they are gone. */
  get(key: string): Promise<Buffer | undefined>;
  remove(key: string): Promise<void>;
}

/** A photo store in a folder: one file a key, spread over 256 folders. */
export function folderPhotoStore(folder: string): PhotoStore {
  const pathOf = (key: string): string => {
    if (!/^[0-9a-f-]{36}$/.test(key)) throw new Error(`Not a key of the photo store: ${key}`);
    return join(folder, key.slice(0, 2), key);
  };
  return {
    put: async (parts) => {
      const key = randomUUID();
      const path = pathOf(key);
      await mkdir(join(folder, key.slice(0, 2)), { recursive: true });
      await writeFile(`${path}.part`, parts);
      await rename(`${path}.part`, path);
      return key;
    },
    get: async (key) => {
      try {
        return await readFile(pathOf(key));
      } catch (error) {
        if (error instanceof Error && 'code' in error && error.code === 'ENOENT') return undefined;
        throw error;
      }
    },
    remove: (key) => rm(pathOf(key), { force: true }),
  };
}
