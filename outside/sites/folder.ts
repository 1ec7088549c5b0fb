import { constants } from 'node:fs';
import { lstat, open, readdir, realpath, rename, rm } from 'node:fs/promises';
import { join, resolve, sep } from 'node:path';
import { limits } from '#core/limits';
import { reason } from '../reason.ts';
import {
  insidePath,
  namesBeside,
  pagesBelow,
  SiteProblem,
  tooLarge,
  type SiteConnection,
  type SiteEntry,
} from './connection.ts';

/** A site in a folder of this machine. It has to lie below one of the folders that the settings allow. */
export async function folderSite(folder: string, allowed: readonly string[]): Promise<SiteConnection> {
  const root = await allowedFolder(folder, allowed);
  return {
    list: () => pagesBelow((folder) => entriesOf(root, folder)),
    read: async (path) => {
      const file = await fileAt(root, path);
      return file === undefined ? undefined : { bytes: await readFileAt(file, path), tag: '' };
    },
    put: async (path, bytes, was) => {
      const file = await fileAt(root, path);
      if (!file) return false;
      const [left, own] = namesBeside(file, bytes);
      try {
        const { mode } = await lstat(file);
        const beside = await writeWhole([left, own], bytes, mode & 0o777);
        if ((await fileAt(root, path)) !== file || !(await readFileAt(file, path)).equals(was.bytes))
          return false;
        await rename(beside, file);
        return true;
      } catch (error) {
        throw asProblem(error, path, 'written');
      } finally {
        for (const name of [left, own]) await rm(name, { force: true });
      }
    },
    close: () => Promise.resolve(),
  };
}

async function allowedFolder(folder: string, allowed: readonly string[]): Promise<string> {
  const real = await realpath(resolve(folder)).catch(() => undefined);
  const roots = await Promise.all(allowed.map((one) => realpath(one).catch(() => undefined)));
  const isAllowed =
    real !== undefined && roots.some((root) => root && (real === root || real.startsWith(root + sep)));
  if (isAllowed) return real;
  const named = allowed.length > 0 ? `It has to lie below ${allowed.join(' or ')}.` : 'No folder is allowed.';
  throw new SiteProblem(
    `${folder} is no folder that may be written to. ${named} Folders are allowed with the setting ZINC_SITE_FOLDERS of the server.`,
  );
}

/** The real file of a page; undefined where there is none. Links are not followed out of the site. */
async function fileAt(root: string, path: string): Promise<string | undefined> {
  const file = join(root, insidePath(path));
  const real = await realpath(file).catch(() => undefined);
  if (real === undefined) return undefined;
  if (real !== file && !real.startsWith(root + sep))
    throw new SiteProblem(`${path} is a link that leads out of the site’s folder and is not touched.`);
  return real;
}

async function readFileAt(file: string, path: string): Promise<Buffer> {
  try {
    // Not to be followed and not to be waited for: it was looked at a moment ago, and may be another thing now.
    const handle = await open(file, constants.O_RDONLY | constants.O_NOFOLLOW | constants.O_NONBLOCK);
    try {
      const { size } = await handle.stat();
      if (size > limits.pageBytes) throw tooLarge(path);
      return await handle.readFile();
    } finally {
      await handle.close();
    }
  } catch (error) {
    throw asProblem(error, path, 'read');
  }
}

/** Writes a file under the first of two names, or under the second where that is there; the name it has. */
async function writeWhole(
  [left, own]: readonly [string, string],
  bytes: Buffer,
  mode: number,
): Promise<string> {
  const file = await lstat(left).then(
    () => own,
    () => left,
  );
  const handle = await open(file, 'wx', mode);
  try {
    await handle.chmod(mode); // whatever this process keeps from others by itself
    await handle.writeFile(bytes);
    await handle.sync();
    return file;
  } finally {
    await handle.close();
  }
}

const asProblem = (error: unknown, path: string, done: string): SiteProblem =>
  error instanceof SiteProblem ? error : new SiteProblem(`${path} could not be ${done}: ${reason(error)}.`);

async function entriesOf(root: string, folder: string): Promise<readonly SiteEntry[]> {
  const entries = await readdir(join(root, folder), { withFileTypes: true }).catch((error: unknown) => {
    throw asProblem(error, folder || root, 'read');
  });
  return entries.flatMap((entry): SiteEntry[] => {
    if (entry.isDirectory()) return [{ name: entry.name, kind: 'folder' }];
    return entry.isFile() ? [{ name: entry.name, kind: 'file' }] : [];
  });
}
