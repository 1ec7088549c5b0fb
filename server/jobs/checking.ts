import type { InferAttributes } from 'sequelize';
import { limits } from '#core/limits';
import { judgeSite } from '#core/checking';
import { parseUrl } from '#core/link';
import { Crawler } from '#outside/crawler.ts';
import type { Fetcher } from '#outside/fetcher.ts';
import { pack } from '#outside/packing.ts';
import {
  answerFields,
  carriedOnSite,
  handedIn,
  keepOutcomes,
  plannedPages,
  planOwnPages,
  planPages,
} from '../store/checkedPages.ts';
import { findCheck, keepSiteFindings, sayOfCheck } from '../store/checks.ts';
import { endJob, noteProgress } from '../store/jobs.ts';
import { judgingOf, siteBranches } from '../store/judging.ts';
import {
  checkedPageJson,
  checkJson,
  type CheckedPageRow,
  type CheckRow,
  type JobRow,
} from '../store/models.ts';
import { whole } from '../store/transaction.ts';
import type { SiteToJudge } from './checkWorker.ts';
import type { JudgePage, Judges } from './judging.ts';

/** Pages that are fetched at the same time. */
const AT_ONCE = 4;
/** Pages whose findings are kept together: the database writes to disk once for all of them. */
const BATCH = 24;
/** No page of a batch is begun later than this, so that slow hosts do not keep the job from being heard of. */
const BATCH_MS = 8000;

/**
 * Carries out a check from where it stands: plans its pages, fetches and judges them some at a time, and at
 * last judges the site as a whole. Stops when it is no longer wanted or `stopped` says so.
 */
export async function runCheck(
  job: JobRow,
  fetcher: Fetcher,
  judges: Judges,
  stopped: () => boolean,
): Promise<'done' | 'stopped'> {
  const check = await findCheck(job.checkId ?? 0);
  const site = await siteOf(check);
  const run = new CheckRun(check, fetcher, site, judges.of(site));
  try {
    await run.plan();
    while (!stopped()) {
      const went = await run.next(stopped);
      const { done, unread: failed, total } = run;
      if (!(await noteProgress(job, { done, failed, total }))) return 'stopped';
      if (went) continue;
      await run.finish();
      await endJob(job);
      return 'done';
    }
    return 'stopped';
  } finally {
    await run.close();
  }
}

async function siteOf(check: CheckRow): Promise<SiteToJudge> {
  const { wants, ignores } = await judgingOf(check.clientId);
  return { branches: await siteBranches(check.clientId), profile: check.profile, wants, ignores };
}

type Found = Partial<Omit<InferAttributes<CheckedPageRow>, 'id' | 'checkId' | 'url'>>;

/** What came of a page: what is kept of it, and where it leads on to. */
interface Outcome {
  readonly found: Found;
  readonly links: readonly string[];
}

const unread = (problem: string, found: Found = {}): Outcome => ({
  found: { ...found, problem: problem.slice(0, 500), state: 'unread' },
  links: [],
});

class CheckRun {
  total = 0;
  done = 0;
  unread = 0;
  readonly #check: CheckRow;
  readonly #crawler: Crawler;
  readonly #site: SiteToJudge;
  readonly #judge: JudgePage;
  readonly #known = new Set<string>();
  readonly #waiting: CheckedPageRow[] = [];
  #follows = false;
  #written: Promise<void> = Promise.resolve();
  /** Whether the pages were handed in, so that there is nothing to fetch. */
  #isHere = false;

  constructor(check: CheckRow, fetcher: Fetcher, site: SiteToJudge, judge: JudgePage) {
    this.#check = check;
    this.#crawler = new Crawler(fetcher);
    this.#site = site;
    this.#judge = judge;
  }

  /** Nothing of the run goes on after this. */
  async close(): Promise<void> {
    await this.#written.catch(() => undefined);
  }

  /** Takes up what is there already, or else finds out which pages there are. */
  async plan(): Promise<void> {
    const rows = await plannedPages(this.#check.id);
    const source = checkJson.input.read(this.#check.input);
    this.#follows = source?.kind === 'site';
    this.#isHere = source === null || source.kind === 'pages';
    this.#take(rows);
    if (rows.length > 0 || !source) return;
    switch (source.kind) {
      case 'urls':
        await this.#add(source.urls);
        return;
      case 'site':
        await this.#add([source.url]);
        return;
      case 'pages':
        this.#take(await planOwnPages(this.#check));
        return;
      case 'sitemap':
        await this.#add(await this.#sitemap(source.url));
    }
  }

  #take(rows: readonly CheckedPageRow[]): void {
    for (const row of rows) {
      this.#known.add(row.url);
      this.total += 1;
      if (row.state === 'waiting') this.#waiting.push(row);
      else {
        this.done += 1;
        if (row.state === 'unread') this.unread += 1;
      }
    }
  }

  async #add(addresses: readonly string[]): Promise<void> {
    const fresh = [...new Set(addresses.map((url) => parseUrl(url.trim())?.href ?? url))].filter(
      (url) => !this.#known.has(url),
    );
    const room = limits.sitePages - this.total;
    if (fresh.length > room) await this.#say(`Only the first ${String(limits.sitePages)} pages are checked.`);
    this.#take(
      await whole((transaction) =>
        planPages(
          this.#check.id,
          fresh.slice(0, Math.max(0, room)).map((url) => ({ url })),
          transaction,
        ),
      ),
    );
  }

  async #sitemap(start: string): Promise<readonly string[]> {
    const { urls, problems } = await this.#crawler.sitemap(start);
    for (const problem of problems) await this.#say(problem);
    return urls;
  }

  #say(message: string): Promise<void> {
    return sayOfCheck(this.#check, message);
  }

  /** Reads and judges the next pages; false when there are none left. */
  async next(stopped: () => boolean): Promise<boolean> {
    if (this.#waiting.length === 0) return false;
    const outcomes: (Outcome & { readonly row: CheckedPageRow })[] = [];
    const until = performance.now() + BATCH_MS;
    let begun = 0;
    const lane = async (): Promise<void> => {
      while (begun < BATCH && performance.now() < until && !stopped()) {
        const row = this.#waiting.shift();
        if (!row) return;
        begun += 1;
        outcomes.push({ row, ...(await this.#one(row)) });
      }
    };
    await Promise.all(Array.from({ length: AT_ONCE }, lane));
    // Written while the next pages are fetched; a page that was not written yet waits still.
    await this.#written;
    this.#written = keepOutcomes(
      outcomes.map(({ row, found }) => ({ id: row.id, checkId: row.checkId, url: row.url, ...found })),
    );
    this.#written.catch(() => undefined); // told where it is waited for
    this.done += outcomes.length;
    this.unread += outcomes.filter(({ found }) => found.state === 'unread').length;
    if (this.#follows) await this.#add(outcomes.flatMap(({ links }) => links));
    return true;
  }

  async #one(row: CheckedPageRow): Promise<Outcome> {
    if (this.#isHere) {
      const { bytes, answered } = await handedIn(row.id);
      return this.#judged(bytes, '', row.url, answered);
    }
    const fetched = await this.#crawler.fetch(row.url, this.total === 1 && !this.#follows);
    if (typeof fetched === 'string') return unread(fetched);
    const { url, status, contentType, bytes } = fetched;
    const headers = { 'content-type': contentType, ...fetched.headers };
    const found = { ...answerFields(row.url, { ...fetched, headers }), size: bytes.length };
    if (status >= 400) return unread(`It answers with status ${String(status)}.`, found);
    if (contentType && !/html|xml|json|text\/plain/i.test(contentType))
      return unread(`It is no page, but ${contentType}.`, found);
    return this.#judged(bytes, contentType, url, { ...found, source: await pack(bytes) });
  }

  async #judged(bytes: Buffer, contentType: string, url: string, found: Found): Promise<Outcome> {
    const judged = await this.#judge({ url, bytes, contentType });
    if (typeof judged === 'string') return unread(judged, found);
    return {
      links: judged.links,
      found: {
        ...found,
        ...judged.summary,
        ignored: judged.ignored,
        codes: checkedPageJson.codes.write(judged.codes),
        ownBranchId: judged.ownBranchId,
        carries: checkedPageJson.carries.write(judged.carries),
        findings: checkedPageJson.findings.write(judged.findings),
        leftOut: judged.leftOut,
        state: 'read',
      },
    };
  }

  /** Judges what all pages carry together. */
  async finish(): Promise<void> {
    await this.#written;
    const pages = await carriedOnSite(this.#check.id);
    // One page says nothing of the others.
    const isWhole = this.#check.kind !== 'urls' && this.#check.kind !== 'files';
    const found = this.#check.profile === 'local-business' ? judgeSite(pages, this.#site.branches) : [];
    const told = found.filter(({ finding }) => isWhole || finding.code !== 'agreement/no-page');
    const kept = told.slice(0, limits.keptFindings);
    if (told.length > kept.length)
      await this.#say(
        `The whole site has ${String(told.length - kept.length)} findings more, which are not kept.`,
      );
    await keepSiteFindings(this.#check, kept);
  }
}
