import { rm } from 'node:fs/promises';
import { Readable } from 'node:stream';
import { Op, type Transaction } from 'sequelize';
import type yauzl from 'yauzl';
import * as z from 'zod';
import { archiveSchema, type Archive, type ArchiveProgress } from '#contract';
import { limits, megabytes } from '#core/limits';
import { jsonLd } from '#core/markup';
import { effectiveRecord } from '#core/record';
import { fileName, freeName } from '#core/text';
import type { PhotoStore } from '../gateways/photoStore.ts';
import { eachEntry, extractEntry, nameOf, openZip, readEntry, type ToZip } from '#outside/zip.ts';
import { GivenUp, type Threads } from '../threads/threads.ts';
import { createBranches, findClient } from './branches.ts';
import { judgingOf } from './judging.ts';
import { columnsOf, eachBranch, sheetOf } from './imports.ts';
import { keptBranch } from './keptBranch.ts';
import {
  clientJson,
  ClientRow,
  IgnoreRow,
  photoJson,
  PhotoRow,
  PlacementRow,
  recordJson,
  type BranchRow,
  stampSchema,
} from './models.ts';
import { createPage, pagePaths, sourceOf } from './pages.ts';
import { whole } from './transaction.ts';

const numbered = (at: number): string => String(at + 1).padStart(4, '0');
const piecewise = (pieces: Iterable<string>) => () => Promise.resolve(Readable.from(pieces));

/**
 * Everything of a client as the files of one zip. What a file says is made when its turn comes, branch by branch:
 * the markup of thousands at once would hold up everybody.
 */
export async function archiveOf(clientId: number, store: PhotoStore, made: Date): Promise<readonly ToZip[]> {
  const client = await findClient(clientId);
  const branches: BranchRow[] = [];
  for await (const branch of eachBranch(clientId)) branches.push(branch);
  const placeOf = new Map(branches.map(({ id }, at) => [id, at]));
  const kept = branches.map((branch, at) => ({
    branch,
    jsonld: `jsonld/${numbered(at)}-${fileName(branch.label)}.jsonld`,
  }));
  const defaults = clientJson.defaults.read(client.defaults);
  const files: ToZip[] = kept.map(({ jsonld, branch }) => ({
    path: jsonld,
    open: () => {
      const told = { ...effectiveRecord(recordJson.read(branch.record), defaults), output: null };
      return piecewise([bareJson(jsonLd(told).text)])();
    },
  }));
  const archive: Omit<Archive, 'branches'> = {
    format: 'zinc-post-client',
    version: 1,
    made: made.toISOString(),
    client: await clientPart(client),
    pages: await pageParts(clientId, placeOf, files),
    photos: await photoParts(branches, placeOf, store, files),
  };
  return [
    { path: 'manifest.json', open: piecewise(manifestPieces(archive, kept)) },
    { path: 'manifest.schema.json', open: piecewise([archiveJsonSchema()]) },
    { path: 'branches.csv', open: () => Promise.resolve(Readable.from(sheetOf(clientId))) },
    ...files,
  ];
}

/** The manifest as JSON, a branch a line. */
function* manifestPieces(
  { pages, photos, ...head }: Omit<Archive, 'branches'>,
  kept: readonly { readonly jsonld: string; readonly branch: BranchRow }[],
): Generator<string> {
  let before = `${JSON.stringify(head, null, 1).slice(0, -2)},\n "branches": [\n`;
  for (const { jsonld, branch } of kept) {
    const part: Archive['branches'][number] = {
      label: branch.label,
      record: recordJson.read(branch.record),
      jsonld,
    };
    yield `${before}${JSON.stringify(part)}`;
    before = ',\n';
  }
  yield `${before === ',\n' ? '' : before}\n ],\n "pages": ${JSON.stringify(pages)},\n "photos": ${JSON.stringify(photos)}\n}\n`;
}

/** The JSON Schema of `manifest.json`. */
const archiveJsonSchema = (): string =>
  `${JSON.stringify(z.toJSONSchema(archiveSchema, { unrepresentable: 'any', io: 'input' }), null, 2)}\n`;

const bareJson = (markup: string): string => `${markup.replace(/^<script[^>]*>\n|\n<\/script>$/g, '')}\n`;

async function clientPart(client: ClientRow): Promise<Archive['client']> {
  const { profile, wants, ignores } = await judgingOf(client.id);
  return {
    name: client.name,
    defaults: clientJson.defaults.read(client.defaults),
    judging: { profile, wants },
    ignores: ignores.map(({ code, page, excerpt, reason }) => ({ code, page, excerpt, reason })),
    columns: (await columnsOf(client.id)).columns,
  };
}

async function pageParts(
  clientId: number,
  placeOf: ReadonlyMap<number, number>,
  files: ToZip[],
): Promise<Archive['pages']> {
  const pages = await pagePaths(clientId);
  const placements = await PlacementRow.findAll({
    where: { pageId: { [Op.in]: pages.map(({ id }) => id) } },
    order: ['id'],
  });
  return pages.map(({ id, path }, at) => {
    // A path may be one that no file can have; the manifest says what it is.
    const file = `pages/${numbered(at)}-${fileName(path.replace(/\.[^.]*$/, ''))}.html`;
    files.push({ path: file, open: async () => Readable.from([await sourceOf(id)]) });
    return {
      path,
      file,
      placements: placements.flatMap(({ pageId, branchId, form, at: where }) => {
        const branch = placeOf.get(branchId);
        return pageId === id && branch !== undefined ? [{ branch, form, at: where }] : [];
      }),
    };
  });
}

async function photoParts(
  branches: readonly BranchRow[],
  placeOf: ReadonlyMap<number, number>,
  store: PhotoStore,
  files: ToZip[],
): Promise<Archive['photos']> {
  const photos = await PhotoRow.findAll({
    where: { branchId: { [Op.in]: branches.map(({ id }) => id) } },
    order: ['branchId', 'name', 'id'],
  });
  const names = new Set<string>();
  const parts: Archive['photos'] = [];
  for (const { branchId, name, originalKey, stampedKey, stamp } of photos) {
    const branch = placeOf.get(branchId);
    const original = await store.stream(originalKey);
    if (branch === undefined || !original) continue;
    const stamped = stampedKey ? await store.stream(stampedKey) : undefined;
    const file = freeName(`${numbered(branch)}/${fileName(name.replace(/\.[^.]*$/, ''))}.jpg`, names);
    const put = (folder: string, { bytes }: NonNullable<typeof stamped>): string => {
      files.push({ path: `${folder}/${file}`, open: () => Promise.resolve(bytes()), compress: false });
      return `${folder}/${file}`;
    };
    parts.push({
      branch,
      name,
      original: put('photos', original),
      stamped: stamped ? put('stamped', stamped) : null,
      stamp: photoJson.stamp.read(stamp),
    });
  }
  return parts;
}

/** An archive that cannot be taken in, with the reason. Nothing of it was. */
class Refused extends Error {}

/**
 * Takes a whole client in from the zip that it went out as, as a new client: all of it or nothing. Yields how far
 * it has come, and at last what came of it.
 */
export async function* takeArchive(
  file: string,
  store: PhotoStore,
  threads: Threads,
  spare: () => string,
): AsyncGenerator<ArchiveProgress> {
  const taken: string[] = [];
  const progress: ArchiveProgress[] = [];
  let wake = (): void => undefined;
  const tell = (step: ArchiveProgress): void => {
    progress.push(step);
    wake();
  };
  const end = { isReached: false };
  const stopped = { is: false };
  const work = takeAll(file, { store, threads, spare, taken, tell, stopped })
    .then(tell, async (error: unknown) => {
      for (const key of taken) await store.remove(key);
      if (!(error instanceof Refused) && !(error instanceof GivenUp)) throw error;
      tell({ problem: `${error.message} Nothing of the archive was taken in.` });
    })
    .finally(() => {
      end.isReached = true;
      wake();
    });
  try {
    while (!end.isReached || progress.length > 0) {
      const next = progress.shift();
      if (next) yield next;
      else
        await new Promise<void>((resolve) => {
          wake = resolve;
          if (progress.length > 0 || end.isReached) resolve();
        });
    }
  } finally {
    // Whoever asked may have gone: then nothing of it is to stay. What was committed before that is there.
    stopped.is = true;
    await work;
  }
}

interface Taking {
  readonly store: PhotoStore;
  readonly threads: Threads;
  /** A path where a file can lie for a while, on the disk of the photo store. */
  readonly spare: () => string;
  /** The keys of bytes that were put into the photo store. */
  readonly taken: string[];
  readonly tell: (step: ArchiveProgress) => void;
  /** Whether nobody waits for it any more. */
  readonly stopped: { readonly is: boolean };
}

async function takeAll(file: string, taking: Taking): Promise<ArchiveProgress> {
  const zip = await openZip(file).catch((error: unknown) => {
    throw new Refused(
      `It is no zip that can be read: ${error instanceof Error ? error.message : String(error)}.`,
    );
  });
  try {
    const entries = await entriesOf(zip);
    const archive = await manifestOf(zip, entries);
    return await whole((transaction) => takeClient(zip, entries, archive, taking, transaction));
  } finally {
    zip.close();
  }
}

type Entries = ReadonlyMap<string, yauzl.Entry>;

async function entriesOf(zip: yauzl.ZipFile): Promise<Entries> {
  const entries = new Map<string, yauzl.Entry>();
  for await (const entry of eachEntry(zip)) entries.set(nameOf(entry), entry);
  return entries;
}

function entryNamed(entries: Entries, name: string, most: number): yauzl.Entry {
  const entry = entries.get(name);
  if (!entry) throw new Refused(`The archive lacks ${name}.`);
  if (entry.uncompressedSize > most) throw new Refused(`${name} has more than ${megabytes(most)}.`);
  return entry;
}

async function manifestOf(zip: yauzl.ZipFile, entries: Entries): Promise<Archive> {
  const entry = entryNamed(entries, 'manifest.json', limits.manifestBytes);
  const bytes = await read(zip, entry, 'manifest.json');
  let json: unknown;
  try {
    json = JSON.parse(bytes.toString('utf8'));
  } catch {
    throw new Refused('Its manifest.json is not valid JSON.');
  }
  const parsed = archiveSchema.safeParse(json);
  if (parsed.success) return parsed.data;
  const [issue] = parsed.error.issues;
  throw new Refused(
    `Its manifest.json is not as it should be: ${issue?.path.join('.') ?? ''}: ${issue?.message ?? ''}.`,
  );
}

const read = (zip: yauzl.ZipFile, entry: yauzl.Entry, name: string): Promise<Buffer> =>
  readEntry(zip, entry).catch((error: unknown) => {
    throw new Refused(`${name} cannot be read: ${error instanceof Error ? error.message : String(error)}.`);
  });

async function takeClient(
  zip: yauzl.ZipFile,
  entries: Entries,
  { client, branches, pages, photos }: Archive,
  taking: Taking,
  transaction: Transaction,
): Promise<ArchiveProgress> {
  const total = branches.length + pages.length + photos.length;
  let done = 0;
  const step = (count = 1): void => {
    if (taking.stopped.is) throw new Refused('It was stopped.');
    done += count;
    taking.tell({ done, total });
  };
  const { id: clientId } = await ClientRow.create(
    {
      name: client.name,
      defaults: clientJson.defaults.write(client.defaults),
      judging: clientJson.judging.write(client.judging),
      columns: clientJson.columns.write({ columns: client.columns }),
    },
    { transaction },
  );
  await IgnoreRow.bulkCreate(
    client.ignores.map((ignore) => ({ clientId, ...ignore })),
    { transaction },
  );
  const kept = branches.map(({ label, record }) => keptBranch(label, record));
  const ids = await createBranches(clientId, kept, transaction);
  step(branches.length);
  const branchOf = (place: number): number => {
    const id = ids[place];
    if (id === undefined) throw new Refused(`It names a branch ${String(place)} that it does not hold.`);
    return id;
  };
  for (const { path, file, placements } of pages) {
    const source = await read(zip, entryNamed(entries, file, limits.pageBytes), file);
    const page = await createPage({ clientId, path }, source, transaction);
    await PlacementRow.bulkCreate(
      placements.map(({ branch, form, at }) => ({ pageId: page.id, branchId: branchOf(branch), form, at })),
      { transaction },
    );
    step();
  }
  for (const photo of photos) {
    await takePhoto(zip, entries, photo, branchOf(photo.branch), taking, transaction);
    step();
  }
  return { clientId, branches: branches.length, pages: pages.length, photos: photos.length };
}

async function takePhoto(
  zip: yauzl.ZipFile,
  entries: Entries,
  { name, original, stamped, stamp }: Archive['photos'][number],
  branchId: number,
  { store, threads, spare, taken }: Taking,
  transaction: Transaction,
): Promise<void> {
  const take = async (file: string) => {
    const path = spare();
    try {
      await extractEntry(zip, entryNamed(entries, file, limits.photoBytes), path).catch((error: unknown) => {
        if (error instanceof Refused) throw error;
        throw new Refused(
          `${file} cannot be read: ${error instanceof Error ? error.message : String(error)}.`,
        );
      });
      const found = await threads.readPhoto(path);
      if (!found.ok) throw new Refused(`${file}: ${found.message}`);
      const key = await store.take(path);
      taken.push(key);
      return { key, ...found };
    } finally {
      await rm(path, { force: true });
    }
  };
  const { key, size, carried } = await take(original);
  const proof = stampSchema.nullable().safeParse(stamp);
  const row = {
    branchId,
    name,
    size,
    originalKey: key,
    stampedKey: stamped ? (await take(stamped)).key : '',
    carried: photoJson.carried.write(carried ?? null),
    stamp: photoJson.stamp.write(proof.success ? proof.data : null),
  };
  await PhotoRow.create(row, { transaction });
}
