import { Router } from 'express';
import { api } from '#contract';
import { findClient } from '../store/branches.ts';
import { findLedger } from '../store/ledger.ts';
import { clientJson } from '../store/models.ts';
import { findPage } from '../store/pages.ts';
import {
  addRun,
  discardRun,
  findRunPage,
  listRuns,
  pauseRun,
  publishRun,
  showRun,
  undoRun,
} from '../store/runs.ts';
import { listVersions, versionOf } from '../store/versions.ts';
import { GivenUp, givenUp, type Threads } from '../threads/threads.ts';
import { serve } from './serve.ts';

/** Runs over many pages, what a client places where, and what is out of date. */
export function runRoutes(threads: Threads): Router {
  const router = Router();
  serve(router, api.runs, async ({ parameters: { id } }) => ({ runs: await listRuns(id) }));
  serve(router, api.addRun, async ({ parameters: { id }, body }) => ({ id: await addRun(id, body) }));
  serve(router, api.run, ({ parameters: { id } }) => showRun(id));
  serve(router, api.publishRun, ({ parameters: { id } }) => publishRun(id));
  serve(router, api.pauseRun, ({ parameters: { id } }) => pauseRun(id));
  serve(router, api.undoRun, async ({ parameters: { id } }) => ({ id: await undoRun(id) }));
  serve(router, api.discardRun, ({ parameters: { id } }) => discardRun(id));
  serve(router, api.runSources, async ({ parameters: { id, page } }) => {
    const row = await findRunPage(id, page);
    const text = async (digest: string): Promise<string | null> => {
      const bytes = await versionOf(row.pageId, digest);
      return bytes ? textOf(bytes, threads) : null;
    };
    const [before, after, theirs] = [
      await text(row.beforeDigest),
      await text(row.afterDigest),
      await text(row.theirsDigest),
    ];
    return { before: before ?? '', after: after ?? '', theirs };
  });
  serve(router, api.rules, async ({ parameters: { id } }) => ({
    rules: clientJson.rules.read((await findClient(id)).rules),
  }));
  serve(router, api.saveRules, async ({ parameters: { id }, body: { rules } }) => {
    await (await findClient(id)).update({ rules: clientJson.rules.write(rules) });
  });
  serve(router, api.pageVersions, async ({ parameters: { id } }) => ({
    versions: await listVersions(await findPage(id)),
  }));
  serve(router, api.ledger, ({ parameters: { id } }) => findLedger(id, threads));
  return router;
}

async function textOf(bytes: Uint8Array, threads: Threads): Promise<string> {
  const text = await threads.text(bytes).catch((error: unknown) => {
    throw error instanceof GivenUp ? givenUp('The page', error) : error;
  });
  return new TextDecoder().decode(text);
}
