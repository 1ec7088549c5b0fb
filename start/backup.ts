import { createReadStream, createWriteStream } from 'node:fs';
import { link, mkdir, mkdtemp, open, rename, rm } from 'node:fs/promises';
import { basename, dirname, join } from 'node:path';
import { pipeline } from 'node:stream/promises';
import { eachEntry, extractEntry, nameOf, openZip, zipOf, type ToZip } from '#outside/zip.ts';
import { folderPhotoStore, type PhotoStore } from '#server/gateways/photoStore.ts';
import { HouseDatabase } from './database.ts';
import { ownFolder } from './folder.ts';

const SQL = 'database.sql';
const PHOTO = /^photos\/([0-9a-f-]{36})$/;

/** Writes everything of a data folder into one zip, while the application runs or not: the database as it is at one instant, and every photo. */
export async function backUp(data: string, file: string): Promise<{ photos: number }> {
  const photos = join(data, 'photos');
  const store = folderPhotoStore(photos);
  ownFolder(join(data, 'backups'));
  const staging = await mkdtemp(join(data, 'backups', '.staging-'));
  try {
    // Names of the same bytes, so that none goes while it is written; again after the dump, for what came meanwhile.
    const keys = new Set<string>();
    await linkAll(store, photos, staging, keys);
    const sql = join(staging, SQL);
    await HouseDatabase.with(data, (database) => database.dump(sql));
    await linkAll(store, photos, staging, keys);
    const open = (name: string) => () => Promise.resolve(createReadStream(join(staging, name)));
    const files: ToZip[] = [
      { path: SQL, open: open(SQL) },
      ...[...keys].map((key) => ({ path: `photos/${key}`, open: open(key), compress: false })),
    ];
    const beside = join(dirname(file), `.${basename(file)}.part`);
    await pipeline(zipOf(files), createWriteStream(beside, { mode: 0o600 }));
    const written = await openFile(beside);
    await written.sync();
    await written.close();
    await rename(beside, file);
    return { photos: keys.size };
  } finally {
    await rm(staging, { recursive: true, force: true });
  }
}

const openFile = (path: string) => open(path, 'r+');

async function linkAll(store: PhotoStore, photos: string, staging: string, keys: Set<string>): Promise<void> {
  for await (const { key } of store.keys()) {
    if (keys.has(key)) continue;
    try {
      await link(join(photos, key.slice(0, 2), key), join(staging, key));
      keys.add(key);
    } catch (error) {
      // Let go of between the list and now: nothing names it any more.
      if (!(error instanceof Error && 'code' in error && error.code === 'ENOENT')) throw error;
    }
  }
}

/** Puts a backup in the place of everything in a data folder: photos first, then the database at once. */
export async function restore(data: string, file: string): Promise<{ photos: number }> {
  ownFolder(join(data, 'backups'));
  const photos = join(data, 'photos');
  const staging = await mkdtemp(join(data, 'backups', '.staging-'));
  const zip = await openZip(file);
  try {
    const sql = join(staging, SQL);
    let hasSql = false;
    let count = 0;
    for await (const entry of eachEntry(zip)) {
      const name = nameOf(entry);
      const key = PHOTO.exec(name)?.[1];
      if (name === SQL) {
        await extractEntry(zip, entry, sql);
        hasSql = true;
      } else if (key) {
        const folder = join(photos, key.slice(0, 2));
        await mkdir(folder, { recursive: true, mode: 0o700 });
        await extractEntry(zip, entry, join(staging, key));
        await rename(join(staging, key), join(folder, key));
        count += 1;
      }
    }
    if (!hasSql) throw new Error(`${file} is no backup of Zinc Post. Everything is as it was.`);
    await HouseDatabase.with(data, (database) => database.restore(sql));
    return { photos: count };
  } finally {
    zip.close();
    await rm(staging, { recursive: true, force: true });
  }
}
