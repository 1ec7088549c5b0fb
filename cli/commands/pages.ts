/** The pages that a command is given: files, folders, addresses, standard input. */
import { readdir, realpath, stat } from 'node:fs/promises';
import { dirname, join, relative, resolve, sep } from 'node:path';
import { limits } from '#core/limits';
import { isHiddenPath, isPagePath } from '#core/link';
import { reason } from '#outside/reason.ts';
import { CannotRun } from '../command.ts';
import { deliver, isFolder, makeFolder, readSourceBytes, save } from './sources.ts';

export const isAddress = (source: string): boolean => /^https?:\/\//i.test(source);

/** What --url gives a page for its address; undefined for nothing. */
export function addressGiven(url: string | undefined): string | undefined {
  if (url !== undefined && (!isAddress(url) || !URL.canParse(url)))
    throw new CannotRun(`--url takes the address of the page, like https://a.example/contact, not “${url}”.`);
  return url;
}

/** A source that could not be read, and why. */
export interface Unread {
  readonly source: string;
  readonly message: string;
}

/** A file, with its path below the folder it was found in; of one that was named itself none. */
interface FoundFile {
  readonly path: string;
  readonly below: string | undefined;
}

/** The files that sources are, each once; and those that are none. */
export async function filesIn(
  sources: readonly string[],
): Promise<{ readonly files: readonly FoundFile[]; readonly unread: readonly Unread[] }> {
  const unread: Unread[] = [];
  const files = new Map<string, FoundFile>();
  for (const source of sources)
    try {
      for (const path of await filesOf(source))
        if (!files.has(path))
          files.set(path, { path, below: path === source ? undefined : nameBelow(source, path) });
    } catch (error) {
      unread.push({ source, message: told(source, error) });
    }
  return { files: [...files.values()], unread };
}

/** What is said of a source that is not there, or is none, with its name; any other error goes on. */
export function told(source: string, error: unknown): string {
  if (!(error instanceof CannotRun) && !(error instanceof Error && 'code' in error)) throw error;
  const message = error instanceof CannotRun ? error.message : reason(error);
  return message.includes(source) ? message : `${source}: ${message}`;
}

/**
 * The pages and JSON-LD files below a folder, in the order of their names, but for what lies in `out`; anything else
 * is itself.
 */
async function filesOf(path: string, out?: string): Promise<readonly string[]> {
  if (path === '-' || isAddress(path)) return [path];
  if (!(await isFolder(path))) return [path];
  const files = (await filesBelow(path)).filter((file) => !isBelow(file, path, out)).sort();
  if (files.length === 0) throw new CannotRun(`${path} holds no page.`);
  return mostOf(files, limits.sitePages, path, 'pages');
}

/** Whether a file found in a folder is one that was written there before, into a folder within it. */
export const isBelow = (file: string, folder: string, out: string | undefined): boolean =>
  out !== undefined && resolve(out) !== resolve(folder) && resolve(file).startsWith(resolve(out) + sep);

/** As many as are taken; what is left out is told. */
export function mostOf(
  files: readonly string[],
  most: number,
  folder: string,
  what: string,
): readonly string[] {
  if (files.length > most)
    process.stderr.write(
      `zinc: ${folder} holds ${String(files.length)} ${what}; the first ${String(most)} are taken.\n`,
    );
  return files.slice(0, most);
}

/** Whether sources are one page that is named itself. */
export const isOnePage = async (sources: readonly string[]): Promise<boolean> =>
  sources.length === 1 && !(await isFolder(sources[0] ?? ''));

/** Folders deeper than this are passed over. */
const DEEPEST = 40;

/** The pages below a folder. Links to folders are not followed, nor links to files that lie outside of it. */
async function filesBelow(root: string): Promise<string[]> {
  const real = await realpath(root);
  const isInside = async (path: string): Promise<boolean> => {
    const target = await realpath(path).catch(() => undefined);
    const leads = target !== undefined && (await stat(target)).isFile() && target.startsWith(real + sep);
    if (!leads)
      process.stderr.write(`zinc: ${path} leads out of ${root}, or nowhere, and is not followed.\n`);
    return leads;
  };
  const walk = async (folder: string, depth: number): Promise<string[]> => {
    const found: string[] = [];
    for (const entry of await readdir(folder, { withFileTypes: true })) {
      if (isHiddenPath(entry.name)) continue;
      const path = join(folder, entry.name);
      if (entry.isDirectory() && depth < DEEPEST) found.push(...(await walk(path, depth + 1)));
      else if (!isPagePath(entry.name) && !/\.json(ld)?$/i.test(entry.name)) continue;
      else if (entry.isFile() || (entry.isSymbolicLink() && (await isInside(path)))) found.push(path);
    }
    return found;
  };
  return walk(root, 0);
}

/** What a command does with one page: the page as it will be, or why it stays as it was. */
export type Changed =
  | {
      readonly ok: true;
      readonly bytes: Uint8Array;
      readonly proved: boolean;
      readonly told: readonly string[];
    }
  | {
      readonly ok: false;
      readonly message: string;
      /** Whether nothing was meant for this page. */ readonly left?: boolean;
    };

/** Changes one page. `path` is its path below the folder it was found in. */
type Change = (bytes: Uint8Array, path: string) => Changed;

/**
 * Changes pages one by one. One page goes to `out`, into it where that is a folder, or to standard output; of several
 * pages, or of a folder, each goes below the folder `out` under the name it had. One bad page stops no other. The exit
 * status: 0 all that were meant done and proved, 1 not all of them, or none at all.
 */
export async function changePages(
  sources: readonly string[],
  out: string | undefined,
  change: Change,
): Promise<number> {
  const [only = ''] = sources;
  if (await isOnePage(sources)) {
    const name = nameBelow(only, only);
    const changed = change(await readSourceBytes(only), name);
    if (!changed.ok) throw new CannotRun(changed.message);
    const isInto = out !== undefined && only !== '-' && (await isFolder(out));
    await deliver(changed.bytes, isInto ? join(out, name) : out);
    for (const line of changed.told) process.stderr.write(`zinc: ${line}\n`);
    return changed.proved ? 0 : 1;
  }
  if (!out) throw new CannotRun('Name a folder for the pages with --out DIR.');
  const count = { done: 0, undone: 0, left: 0 };
  for (const source of sources)
    try {
      for (const path of (await filesOf(source, out)).filter((one) => !/\.json(ld)?$/i.test(one)))
        count[await changeInto(path, out, nameBelow(source, path), change)] += 1;
    } catch (error) {
      process.stderr.write(`zinc: ${told(source, error)}\n`);
      count.undone += 1;
    }
  return count.undone === 0 && count.done > 0 ? 0 : 1;
}

/** A page's path below the folder it was found in; of a page that was named itself, its name. */
const nameBelow = (source: string, path: string): string =>
  source === path ? (path.split(sep).at(-1) ?? path) : relative(source, path);

async function changeInto(
  path: string,
  out: string,
  name: string,
  change: Change,
): Promise<'done' | 'undone' | 'left'> {
  const tell = (line: string): void => void process.stderr.write(`zinc: ${path}: ${line}\n`);
  try {
    const changed = change(await readSourceBytes(path), name);
    if (!changed.ok) {
      tell(changed.message);
      return changed.left ? 'left' : 'undone';
    }
    const target = join(out, name);
    await makeFolder(dirname(target));
    await save(target, changed.bytes);
    changed.told.forEach(tell);
    return changed.proved ? 'done' : 'undone';
  } catch (error) {
    process.stderr.write(`zinc: ${told(path, error)}\n`);
    return 'undone';
  }
}
