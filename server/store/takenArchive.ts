import { rm } from 'node:fs/promises';
import { UniqueConstraintError, type Transaction } from 'sequelize';
import type yauzl from 'yauzl';
import { archiveSchema, type Archive, type ArchiveProgress } from '#contract';
import { limits, megabytes } from '#core/limits';
import type { PhotoStore } from '../gateways/photoStore.ts';
import { eachEntry, extractEntry, nameOf, openZip, readEntry } from '#outside/zip.ts';
import { GivenUp, type Threads } from '../threads/threads.ts';
import { createBranches } from './branches.ts';
import { keptBranch } from './keptBranch.ts';
import {
  clientJson,
  ClientRow,
  IgnoreRow,
  branchStampJson,
  BranchRow,
  photoJson,
  PhotoRow,
  PhotoUseRow,
  placementOutputJson,
  PlacementRow,
  siteAccessJson,
  SiteRow,
} from './models.ts';
import { createPage } from './pages.ts';
import { whole } from './transaction.ts';

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
      const isOfArchive =
        error instanceof Refused || error instanceof GivenUp || error instanceof UniqueConstraintError;
      if (!isOfArchive) throw error;
      const message =
        error instanceof UniqueConstraintError
          ? 'It holds something twice that can be there but once: a page’s path, or what is placed on it.'
          : error.message;
      tell({ problem: `${message} Nothing of the archive was taken in.` });
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
  { client, sites, branches, pages, photos }: Archive,
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
      rules: clientJson.rules.write(client.rules),
      stamps: clientJson.stamps.write(client.stamps),
      verifies: client.verifies,
    },
    { transaction },
  );
  await IgnoreRow.bulkCreate(
    client.ignores.map((ignore) => ({ clientId, ...ignore })),
    { transaction },
  );
  const kept = branches.map(({ label, record }) => keptBranch(label, record));
  const ids = await createBranches(clientId, kept, transaction);
  for (const [at, { stamp }] of branches.entries())
    if (stamp)
      await BranchRow.update(
        { stamp: branchStampJson.write(stamp) },
        { where: { id: ids[at] ?? 0 }, transaction },
      );
  step(branches.length);
  const branchOf = (place: number): number => {
    const id = ids[place];
    if (id === undefined) throw new Refused(`It names a branch ${String(place)} that it does not hold.`);
    return id;
  };
  const siteIds = await takeSites(clientId, sites, transaction);
  for (const page of pages) {
    await takePage(zip, entries, page, { clientId, siteIds, branchOf }, transaction);
    step();
  }
  for (const photo of photos) {
    await takePhoto(zip, entries, photo, branchOf(photo.branch), taking, transaction);
    step();
  }
  return { clientId, branches: branches.length, pages: pages.length, photos: photos.length };
}

/** The sites of an archive; whoever takes it in signs in there anew. */
async function takeSites(
  clientId: number,
  sites: Archive['sites'],
  transaction: Transaction,
): Promise<readonly number[]> {
  const rows = sites.map(({ name, url, access }) => ({
    clientId,
    name,
    url,
    access: siteAccessJson.write(access),
    secret: null,
  }));
  const ids: number[] = [];
  for (const row of rows) ids.push((await SiteRow.create(row, { transaction })).id);
  return ids;
}

interface Owned {
  readonly clientId: number;
  readonly siteIds: readonly number[];
  readonly branchOf: (place: number) => number;
}

async function takePage(
  zip: yauzl.ZipFile,
  entries: Entries,
  { path, file, site, owner, placements }: Archive['pages'][number],
  { clientId, siteIds, branchOf }: Owned,
  transaction: Transaction,
): Promise<void> {
  const source = await read(zip, entryNamed(entries, file, limits.pageBytes), file);
  const siteId = site === null ? 0 : siteIds[site];
  if (siteId === undefined) throw new Refused(`It names a site ${String(site)} that it does not hold.`);
  const page = await createPage({ clientId, siteId, path }, source, transaction);
  if (owner !== null) await page.update({ ownerId: owner < 0 ? 0 : branchOf(owner) }, { transaction });
  await PlacementRow.bulkCreate(
    placements.map(({ branch, output, ...placement }) => ({
      pageId: page.id,
      branchId: branchOf(branch),
      ...placement,
      output: output && placementOutputJson.write(output),
    })),
    { transaction },
  );
}

async function takePhoto(
  zip: yauzl.ZipFile,
  entries: Entries,
  { name, original, stamped, sidecar, stamp, own, uses }: Archive['photos'][number],
  branchId: number,
  { store, threads, spare, taken }: Taking,
  transaction: Transaction,
): Promise<void> {
  const extracted = async <T>(file: string, then: (path: string) => Promise<T>): Promise<T> => {
    const path = spare();
    try {
      await extractEntry(zip, entryNamed(entries, file, limits.photoBytes), path).catch((error: unknown) => {
        if (error instanceof Refused) throw error;
        throw new Refused(
          `${file} cannot be read: ${error instanceof Error ? error.message : String(error)}.`,
        );
      });
      return await then(path);
    } finally {
      await rm(path, { force: true });
    }
  };
  const put = async (path: string): Promise<string> => {
    const key = await store.take(path);
    taken.push(key);
    return key;
  };
  const take = (file: string) =>
    extracted(file, async (path) => {
      const found = await threads.readPhoto(path);
      if (!found.ok) throw new Refused(`${file}: ${found.message}`);
      return { key: await put(path), ...found };
    });
  const { key, size, carried, digest, format } = await take(original);
  const row = {
    branchId,
    name,
    size,
    originalKey: key,
    digest,
    format,
    stampedKey: stamped ? (await take(stamped)).key : '',
    sidecarKey: sidecar ? await extracted(sidecar, put) : '',
    own: photoJson.own.write(own),
    carried: photoJson.carried.write(carried ?? null),
    stamp: photoJson.stamp.write(photoJson.stampOf(stamp)),
  };
  const { id: photoId } = await PhotoRow.create(row, { transaction });
  await PhotoUseRow.bulkCreate(
    uses.map((use) => ({ photoId, ...use })),
    { transaction },
  );
}
