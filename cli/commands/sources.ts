/** What commands are given, and where their results go: words, files, standard input and output. */
import { mkdir, readFile, rename, rm, stat, writeFile } from 'node:fs/promises';
import { basename, dirname, join, resolve } from 'node:path';
import { parseArgs, type ParseArgsConfig } from 'node:util';
import type * as z from 'zod';
import type { ReadItem } from '#core/item';
import { limits, megabytes } from '#core/limits';
import { businessesIn, isLocalBusiness, readSource } from '#core/reading';
import { typeNamed } from '#core/vocabulary';
import { decodeText, noText } from '#core/encoding';
import { reason } from '#outside/reason.ts';
import { CannotRun } from '../command.ts';

/** The options and positional words, or CannotRun with the usage. */
export function readWords<T extends NonNullable<ParseArgsConfig['options']>>(
  words: string[],
  options: T,
  usage: string,
) {
  try {
    return parseArgs({ args: words, options, allowPositionals: true, strict: true });
  } catch (error) {
    throw new CannotRun(`${error instanceof Error ? error.message : String(error)}\n${usage}`);
  }
}

/** The bytes of a file, or of standard input for "-". */
export async function readBytes(path: string, most: number): Promise<Uint8Array> {
  if (path === '-') return readStandardInput(most);
  try {
    const found = await stat(path);
    // A pipe or a device may never end; whoever means one hands it in on standard input.
    if (!found.isFile()) {
      const what = found.isDirectory()
        ? 'is a folder, and is no file'
        : 'is no file. Hand it in on standard input, as “-”';
      throw new CannotRun(`${path} ${what}.`);
    }
    const { size } = found;
    if (size > most)
      throw new CannotRun(`${path} has ${megabytes(size)}; at most ${megabytes(most)} are read.`);
    return await readFile(path);
  } catch (error) {
    if (error instanceof CannotRun) throw error;
    throw new CannotRun(`${path} cannot be read: ${reason(error)}`);
  }
}

async function readStandardInput(most: number): Promise<Uint8Array> {
  const chunks: Uint8Array[] = [];
  let size = 0;
  for await (const chunk of process.stdin as AsyncIterable<Uint8Array>) {
    size += chunk.length;
    if (size > most)
      throw new CannotRun(`Standard input has more than ${megabytes(most)}, which is the most that is read.`);
    chunks.push(chunk);
  }
  return Buffer.concat(chunks);
}

/** The bytes of a page or of another source of text; a picture, an archive and the like are refused by what they are. */
export async function readSourceBytes(path: string): Promise<Uint8Array> {
  const bytes = await readBytes(path, limits.pageBytes);
  const what = noText(bytes);
  if (what) throw new CannotRun(`${path} is ${what}. A page is text.`);
  return bytes;
}

/** A page or other source as text, decoded as a browser would. */
export async function readText(path: string): Promise<string> {
  return decodeText(await readSourceBytes(path)).text;
}

/** Settings in a JSON file as their schema has them; CannotRun names what is wrong and where. */
export async function readSettings<T extends z.ZodType>(
  path: string,
  schema: T,
  what: string,
): Promise<z.infer<T>> {
  let json: unknown;
  const text = await readText(path);
  try {
    json = JSON.parse(text);
  } catch (error) {
    throw new CannotRun(`${path} is no JSON: ${error instanceof Error ? error.message : ''}`);
  }
  const read = schema.safeParse(json);
  if (read.success) return read.data;
  const [issue] = read.error.issues;
  throw new CannotRun(`${path} is no ${what}: ${issue?.path.join('.') ?? ''} ${issue?.message ?? ''}`);
}

/** The businesses in a file of markup, those that are places before the others; at least one. */
export async function readBusinesses(path: string | undefined): Promise<{
  readonly businesses: readonly [ReadItem, ...ReadItem[]];
  readonly items: readonly ReadItem[];
}> {
  if (!path)
    throw new CannotRun('Name the record with --record RECORD: a file of markup with a local business.');
  const text = await readText(path);
  const { items, faults, lines } = readSource(text);
  const [fault] = faults.filter(({ code }) => code !== 'syntax/duplicate-name');
  if (fault)
    throw new CannotRun(
      `${path}:${String(fault.place.line)}:${String(fault.place.column)}: ${fault.message}`,
    );
  const [business, ...others] = businessesIn(items);
  // A misspelt type is no business to a machine, and whoever owns it is not meant.
  if (!business || (!isLocalBusiness(business) && items.some(isMisspelt))) await refuseMisspelt(path, text);
  if (!business)
    throw new CannotRun(`${path} holds no local business (line ${String(lines.place(0, 0).line)} on).`);
  return { businesses: [business, ...others], items };
}

/** Whether an item has an address, but no type that schema.org knows. */
const isMisspelt = ({ types, properties }: ReadItem): boolean =>
  types.length > 0 &&
  types.every((type) => !typeNamed(type)) &&
  properties.some(({ name }) => name === 'address');

/** Refuses a record whose type is unknown, with what the checker says of it. */
async function refuseMisspelt(path: string, text: string): Promise<void> {
  const { check } = await import('#core/checking');
  const told = check(text).findings.find(
    ({ code }) => code === 'vocabulary/unknown-type' || code === 'vocabulary/capitals',
  );
  if (told)
    throw new CannotRun(`${path}:${String(told.place.line)}:${String(told.place.column)}: ${told.message}`);
}

/** Writes a file beside its place and renames it, so that it is never half written. */
export async function save(path: string, bytes: Uint8Array | readonly Uint8Array[]): Promise<void> {
  const beside = join(dirname(path), `.${basename(path)}.${String(process.pid)}.part`);
  try {
    await writeFile(beside, bytes instanceof Uint8Array ? bytes : Buffer.concat(bytes));
    await rename(beside, path);
  } catch (error) {
    await rm(beside, { force: true });
    const noFolder = error instanceof Error && 'code' in error && error.code === 'ENOENT';
    throw new CannotRun(`${path} cannot be written: ${noFolder ? 'there is no such folder' : reason(error)}`);
  }
}

/**
 * Makes a folder and those above it. Step by step: asked for all at once, Node never answers where a file system, /proc for
 * one, has no room for folders.
 */
export async function makeFolder(path: string): Promise<void> {
  const above: string[] = [];
  for (let at = resolve(path); !(await isFolder(at)) && dirname(at) !== at; at = dirname(at)) above.push(at);
  try {
    for (const folder of above.toReversed())
      await mkdir(folder).catch(async (error: unknown) => {
        // Another run may have made it.
        if (!(await isFolder(folder))) throw error;
      });
  } catch (error) {
    throw new CannotRun(`${path} cannot be made: ${reason(error)}`);
  }
}

export const isFolder = async (path: string): Promise<boolean> =>
  (await stat(path).catch(() => undefined))?.isDirectory() ?? false;

/** Puts the result into a file, or on standard output where none is named. */
export async function deliver(bytes: Uint8Array, out: string | undefined): Promise<void> {
  if (out) await save(out, bytes);
  else process.stdout.write(bytes);
}

/** One of a fixed set of words. */
export function oneOf<T extends string>(word: string, allowed: readonly T[], option: string): T {
  const found = allowed.find((one) => one === word);
  if (!found) throw new CannotRun(`${option} takes ${allowed.join(' or ')}, not “${word}”.`);
  return found;
}
