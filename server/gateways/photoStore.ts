import { randomUUID } from 'node:crypto';
import { createReadStream } from 'node:fs';
import { mkdir, open, readdir, readFile, rename, rm, stat } from 'node:fs/promises';
import { join } from 'node:path';
import type { Readable } from 'node:stream';

/** Where the bytes of photos lie. Everything else about them is in the database. */
export interface PhotoStore {
  /** Names the store, so that a thread can open the same. */
  readonly location: string;
  /** Keeps bytes; the key that names them. They are on the disk when it resolves. */
  put(parts: readonly Uint8Array[]): Promise<string>;
  /** Keeps a file that lies on the same disk, which it takes away from there. */
  take(path: string): Promise<string>;
  /** The bytes of a key, or undefined where they are gone. */
  get(key: string): Promise<Buffer | undefined>;
  /** The file that holds the bytes of a key, for a thread to read; undefined where they are gone. */
  file(key: string): Promise<string | undefined>;
  /** The bytes of a key as a stream, with how many there are; undefined where they are gone. */
  stream(key: string): Promise<{ readonly size: number; readonly bytes: () => Readable } | undefined>;
  remove(key: string): Promise<void>;
  /** Every key with when its bytes were written. */
  keys(): AsyncIterable<{ readonly key: string; readonly written: Date }>;
}

const KEY = /^[0-9a-f]{8}(-[0-9a-f]{4}){3}-[0-9a-f]{12}$/;

/** A photo store in a folder: one file a key, spread over 256 folders. */
export function folderPhotoStore(folder: string): PhotoStore {
  const folderOf = (key: string): string => join(folder, key.slice(0, 2));
  const pathOf = (key: string): string => {
    if (!KEY.test(key)) throw new Error(`Not a key of the photo store: ${key}`);
    return join(folderOf(key), key);
  };
  const place = async (beside: string, key: string): Promise<string> => {
    await rename(beside, pathOf(key));
    await sync(folderOf(key)); // the name is on the disk too
    return key;
  };
  return {
    location: folder,
    put: async (parts) => {
      const key = randomUUID();
      await mkdir(folderOf(key), { recursive: true, mode: 0o700 });
      const beside = `${pathOf(key)}.part`;
      const file = await open(beside, 'wx', 0o600);
      try {
        for (const part of parts) await file.writeFile(part);
        await file.sync();
      } catch (error) {
        await rm(beside, { force: true });
        throw error;
      } finally {
        await file.close();
      }
      return place(beside, key);
    },
    take: async (path) => {
      const key = randomUUID();
      await mkdir(folderOf(key), { recursive: true, mode: 0o700 });
      await sync(path);
      return place(path, key);
    },
    get: (key) => orGone(() => readFile(pathOf(key))),
    file: (key) => orGone(async () => ((await stat(pathOf(key))).isFile() ? pathOf(key) : undefined)),
    stream: (key) =>
      orGone(async () => ({
        size: (await stat(pathOf(key))).size,
        bytes: () => createReadStream(pathOf(key)),
      })),
    remove: (key) => rm(pathOf(key), { force: true }),
    keys: async function* () {
      for (const name of await readdir(folder).catch(() => []))
        for (const key of await readdir(join(folder, name)).catch(() => [])) {
          const there = await stat(join(folder, name, key)).catch(() => undefined);
          if (there?.isFile() && KEY.test(key)) yield { key, written: there.mtime };
        }
    },
  };
}

/** Waits until a file, or the names in a folder, are on the disk (fsync). */
async function sync(path: string): Promise<void> {
  const handle = await open(path, 'r');
  try {
    await handle.sync();
  } finally {
    await handle.close();
  }
}

async function orGone<T>(read: () => Promise<T>): Promise<T | undefined> {
  try {
    return await read();
  } catch (error) {
    if (error && typeof error === 'object' && 'code' in error && error.code === 'ENOENT') return undefined;
    throw error;
  }
}
