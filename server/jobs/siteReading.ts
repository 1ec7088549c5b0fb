import { isWritten } from '#core/site';
import type { Fetcher } from '#outside/fetcher.ts';
import { SiteProblem, webSite, type SiteConnection } from '#outside/sites/index.ts';
import type { SiteGateway } from '../gateways/sites.ts';
import { inLanes } from '../lanes.ts';
import { noteProgress } from '../store/jobs.ts';
import { siteBranches } from '../store/judging.ts';
import { siteAccessJson, type JobRow, type RunRow } from '../store/models.ts';
import { endRunJob } from '../store/runs.ts';
import { keepMatches, keepSitePages, keepSitePaths } from '../store/sitePages.ts';
import { ownersOf } from '../store/owners.ts';
import { findSite, openSite } from '../store/sites.ts';
import { GivenUp, type Threads } from '../threads/threads.ts';

/** Pages that are asked for at the same time, and that are matched and kept together. */
const AT_ONCE = 4;
const BATCH = 32;

export interface ReadingParts {
  readonly gateway: SiteGateway;
  readonly fetcher: Fetcher;
  readonly threads: Threads;
  readonly stopped: () => boolean;
}

/** Where a page leads; nowhere where it cannot be read. */
const linksIn = (bytes: Uint8Array, url: string, threads: Threads): Promise<readonly string[]> =>
  threads.linksOn(bytes, url).catch((error: unknown) => {
    if (error instanceof GivenUp) return [];
    throw error;
  });

/** Reads the pages of a site: what is there now, what of it is new, what is gone, and whose each seems to be. */
export async function readSite(
  job: JobRow,
  run: RunRow,
  { gateway, fetcher, threads, stopped }: ReadingParts,
): Promise<'done' | 'stopped'> {
  const site = await findSite(run.siteId ?? 0);
  let connection: SiteConnection | undefined;
  try {
    connection = isWritten(siteAccessJson.read(site.access))
      ? await openSite(site, gateway)
      : webSite(site.url, { fetcher, linksOf: (bytes, url) => linksIn(bytes, url, threads) });
    const paths = await connection.list();
    const branches = await siteBranches(site.clientId);
    const problems: string[] = [];
    for (let at = 0; at < paths.length; at += BATCH) {
      if (stopped()) return 'stopped';
      const some = paths.slice(at, at + BATCH);
      const files = await readSome(connection, some, problems);
      const kept = await keepSitePages(site, files);
      const owners = await ownersOf(site.clientId);
      const asked = kept.map(({ path, bytes }) => ({ bytes, url: owners.urlOf({ path, siteId: site.id }) }));
      const matches = await threads.matchPages(asked, branches).catch((error: unknown) => {
        if (error instanceof GivenUp) return kept.map(() => null);
        throw error;
      });
      await keepMatches(kept.map(({ id }, one) => ({ id, match: matches[one] ?? null })));
      const done = Math.min(at + BATCH, paths.length);
      if (!(await noteProgress(job, { done, failed: problems.length, total: paths.length })))
        return 'stopped';
    }
    await keepSitePaths(site, paths);
    await endRunJob(job, { state: 'done', problem: problems.slice(0, 3).join(' ') });
  } catch (error) {
    if (!(error instanceof SiteProblem)) throw error;
    await endRunJob(job, { state: 'failed', problem: error.message });
  } finally {
    await connection?.close();
  }
  return 'done';
}

/** Some pages of a site; one that cannot be read is told, and the others go on. */
async function readSome(
  site: SiteConnection,
  paths: readonly string[],
  problems: string[],
): Promise<readonly { readonly path: string; readonly bytes: Buffer }[]> {
  const read = await inLanes(paths, AT_ONCE, async (path) => {
    try {
      const file = await site.read(path);
      return file ? [{ path, bytes: file.bytes }] : [];
    } catch (error) {
      if (!(error instanceof SiteProblem)) throw error;
      problems.push(error.message);
      return [];
    }
  });
  return read.flat();
}
