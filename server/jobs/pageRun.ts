import type { RunPage } from '#contract';
import { digestOf, exchange, SiteProblem, type SiteConnection } from '#outside/sites/index.ts';
import { inLanes } from '../lanes.ts';
import { noteProgress } from '../store/jobs.ts';
import {
  PageRow,
  runJson,
  runPageJson,
  type JobRow,
  type KeptPlaced,
  type RunPageRow,
  type RunRow,
} from '../store/models.ts';
import { ownersOf, type Owners } from '../store/owners.ts';
import {
  keepPreviewed,
  keepWritten,
  placedAfter,
  placedOnPages,
  plannedPages,
  withRecords,
} from '../store/runPages.ts';
import { endRunJob, findRun, nextPages, outcomeOf, planRunPages, progressOf } from '../store/runs.ts';
import { findPageOfRun, sourceOf, takeTheirs } from '../store/sitePages.ts';
import { openSiteOf } from '../store/sites.ts';
import { keepVersion, versionOf, type Version } from '../store/versions.ts';
import { GivenUp, type Threads } from '../threads/threads.ts';
import { readSite, type ReadingParts } from './siteReading.ts';

/** Pages that are worked on at the same time, and until progress is told. */
const AT_ONCE = 4;
const BATCH = { previewed: 64, published: 16 } as const;

type RunParts = ReadingParts;

/** Carries out a run from where it stands: reads a site, previews what is to be done, or publishes it. */
export async function carryOut(job: JobRow, parts: RunParts): Promise<'done' | 'stopped'> {
  const run = await findRun(job.runId ?? 0);
  if (run.siteId !== null) return readSite(job, run, parts);
  const isPreview = run.state === 'previewing';
  const pages = new PageRun(run, parts);
  try {
    if (isPreview) await pages.plan();
    const state = isPreview ? 'waiting' : 'planned';
    for (;;) {
      if (parts.stopped()) return 'stopped';
      const some = await nextPages(run.id, state, isPreview ? BATCH.previewed : BATCH.published);
      if (some.length === 0) break;
      await (isPreview ? pages.preview(some) : pages.publish(some));
      if (!(await noteProgress(job, await progressOf(run.id)))) return 'stopped';
    }
    await endRunJob(job, isPreview ? { state: 'ready', problem: '' } : await outcomeOf(run.id));
    return 'done';
  } finally {
    await pages.close();
  }
}

/** How a page of the run stands, as it is told. */
type Told = Pick<RunPage, 'state' | 'problem'>;

/** Pages of so many bytes are kept together at most. */
const KEPT_BYTES = 16 * 1024 * 1024;
const KEPT_ROWS = 16;

class PageRun {
  readonly #run: RunRow;
  readonly #parts: RunParts;
  readonly #sites = new Map<number, Promise<SiteConnection>>();
  #opened: Promise<SiteConnection>[] = [];
  readonly #previewed: RunPageRow[] = [];
  readonly #versions: Version[] = [];
  #kept: Promise<void> = Promise.resolve();
  #owners: Owners | undefined;

  constructor(run: RunRow, parts: RunParts) {
    this.#run = run;
    this.#parts = parts;
  }

  async close(): Promise<void> {
    this.#sites.clear();
    await this.#closeOld();
  }

  /** Closes what is not used any more. */
  async #closeOld(): Promise<void> {
    const used = new Set(this.#sites.values());
    const old = this.#opened.filter((site) => !used.has(site));
    this.#opened = [...used];
    for (const site of old) await (await site.catch(() => undefined))?.close();
  }

  /** Finds out which pages the run is about; one that was begun before has them already. */
  async plan(): Promise<void> {
    if ((await nextPages(this.#run.id, 'waiting', 1)).length > 0) return;
    const planned = await plannedPages(
      this.#run.clientId,
      runJson.input.read(this.#run.input),
      this.#parts.threads,
    );
    await planRunPages(
      this.#run.id,
      planned.map(({ pageId, acts, afterDigest = '', problem }) => ({
        pageId,
        acts: runPageJson.acts.write(acts),
        afterDigest,
        problem,
      })),
    );
  }

  async preview(rows: readonly RunPageRow[]): Promise<void> {
    const acts = await withRecords(this.#run.clientId, rows);
    const placed = await placedOnPages(rows.map(({ pageId }) => pageId));
    this.#owners ??= await ownersOf(this.#run.clientId);
    await inLanes(rows, AT_ONCE, async (row) => {
      const known = Boolean(row.problem);
      const act = (): Promise<Told> => this.#previewOne(row, acts.get(row.id), placed.get(row.pageId) ?? []);
      const told = known
        ? { state: 'refused' as const, problem: row.problem }
        : await this.#tried(act, 'refused');
      row.set({ state: told.state, problem: told.problem.slice(0, 500) });
      this.#previewed.push(row);
      const size = this.#versions.reduce((sum, { bytes }) => sum + bytes.length, 0);
      if (size > KEPT_BYTES || this.#previewed.length >= KEPT_ROWS) await this.#keepPreviewed();
    });
    await this.#keepPreviewed();
    await this.#kept;
    await this.#closeOld();
  }

  /**
   * Writes what was previewed, once for many pages: each writing waits for the disk, and the next pages are read
   * meanwhile. Waits for what was handed on before.
   */
  async #keepPreviewed(): Promise<void> {
    const [rows, versions] = [this.#previewed.splice(0), this.#versions.splice(0)];
    const before = this.#kept;
    this.#kept = before.then(() => keepPreviewed(rows, versions));
    this.#kept.catch(() => undefined); // whoever waits for it is told
    await before;
  }

  /** Puts a version by, to be kept with others; its digest. */
  #version(pageId: number, bytes: Buffer): string {
    const digest = digestOf(bytes);
    this.#versions.push({ pageId, bytes, digest });
    return digest;
  }

  async #previewOne(
    row: RunPageRow,
    acts: Parameters<Threads['planPage']>[2] | undefined,
    before: readonly KeptPlaced[],
  ): Promise<Told> {
    const refused = (problem: string): Told => ({ state: 'refused', problem });
    const page = await findPageOfRun(row.pageId);
    if (!page || page.clientId !== this.#run.clientId) return refused('There is no such page any more.');
    if (!acts) return refused('A branch whose markup belongs there was deleted.');
    const source = await this.#sourceNow(page);
    if (!source) return refused('The page is gone from its site.');
    const placedBefore = runPageJson.placed.write([...before]);
    const isVersion = row.afterDigest !== '';
    const version = isVersion ? await versionOf(page.id, row.afterDigest) : undefined;
    if (isVersion && !version) return refused('This version of the page is not kept.');
    const url = this.#owners?.urlOf(page) ?? '';
    const plan = await this.#parts.threads.planPage(source, url, acts, today());
    if (plan.problem) return refused(plan.problem);
    const after = version ?? Buffer.from(plan.bytes);
    const forms = version ? (await this.#parts.threads.read(version, [])).forms : plan.placed;
    const placed = version
      ? before.filter(({ form }) => forms.includes(form))
      : placedAfter(before, runPageJson.acts.read(row.acts), forms);
    const isSame = after.equals(source);
    row.set({
      beforeDigest: this.#version(page.id, source),
      afterDigest: this.#version(page.id, after),
      placedBefore,
      placedAfter: runPageJson.placed.write([...placed]),
      told: runPageJson.told.write([...plan.told]),
      judged: runPageJson.judged.write({ before: plan.before, after: plan.after }),
    });
    const isKnown = placedBefore === runPageJson.placed.write([...placed]);
    return { state: isSame && isKnown ? 'same' : 'planned', problem: '' };
  }

  /** The page as its site has it at this moment; undefined where it is gone. What came here otherwise is as it is. */
  async #sourceNow(page: PageRow): Promise<Buffer | undefined> {
    if (page.siteId === 0) return sourceOf(page.id);
    const file = await (await this.#site(page.siteId)).read(page.path);
    if (file && digestOf(file.bytes) !== page.get('digest')) await takeTheirs(page.id, file.bytes);
    return file?.bytes;
  }

  async publish(rows: readonly RunPageRow[]): Promise<void> {
    await inLanes(rows, AT_ONCE, (row) => this.#told(row, () => this.#publishOne(row), 'failed'));
    await this.#closeOld();
  }

  async #publishOne(row: RunPageRow): Promise<Told> {
    const page = await PageRow.findByPk(row.pageId, { attributes: ['id', 'siteId', 'path'] });
    const after = await versionOf(row.pageId, row.afterDigest);
    if (!page || !after) return { state: 'refused', problem: 'There is no such page any more.' };
    if (page.siteId !== 0) {
      const done = await exchange(await this.#site(page.siteId), page.path, after, row.beforeDigest);
      if (done.state === 'changed') return this.#changed(row, done.theirs);
    }
    const theirs = await keepWritten(row, after);
    return theirs ? this.#changed(row, theirs) : { state: 'written', problem: '' };
  }

  /** Somebody changed a page since the preview: what it is now is kept and shown, and nothing is written. */
  async #changed(row: RunPageRow, theirs: Buffer | undefined): Promise<Told> {
    if (!theirs) return { state: 'changed', problem: 'The page is gone from its site. Nothing was written.' };
    row.set({ theirsDigest: await keepVersion(row.pageId, theirs) });
    await takeTheirs(row.pageId, theirs);
    const problem =
      'Somebody changed the page since the preview. Theirs stands there, and nothing was written over it.';
    return { state: 'changed', problem };
  }

  /** Does something with a page, and keeps how it stands then. */
  async #told(row: RunPageRow, act: () => Promise<Told>, failed: 'refused' | 'failed'): Promise<void> {
    const { state, problem } = await this.#tried(act, failed);
    row.set({ state, problem: problem.slice(0, 500) });
    await row.save(); // with what else was set on it
  }

  /** A page that fails stops no other. */
  async #tried(act: () => Promise<Told>, failed: 'refused' | 'failed'): Promise<Told> {
    try {
      return await act();
    } catch (error) {
      if (!(error instanceof SiteProblem || error instanceof GivenUp)) throw error;
      if (error instanceof SiteProblem) await this.#letGo();
      return { state: failed, problem: error.message };
    }
  }

  /** The way to a site, opened once. One that cannot be opened is not tried again before somebody goes on with the run. */
  #site(id: number): Promise<SiteConnection> {
    const there = this.#sites.get(id);
    if (there) return there;
    const opened = openSiteOf(id, this.#parts.gateway);
    this.#sites.set(id, opened);
    this.#opened.push(opened);
    return opened;
  }

  /** A connection that may have broken off is not used for the next page. */
  async #letGo(): Promise<void> {
    for (const [id, site] of this.#sites) {
      const isOpen = await site.then(
        () => true,
        () => false,
      );
      if (isOpen) this.#sites.delete(id);
    }
  }
}

const today = (): string => new Date().toISOString().slice(0, 10);
