import { Readable } from 'node:stream';
import { Router } from 'express';
import { api } from '#contract';
import { limits } from '#core/limits';
import { fileName } from '#core/text';
import { rawJson } from '../jsonBody.ts';
import { invalidRequest } from '../problem.ts';
import { addBranch, findClient, saveDefaults, searchBranches } from '../store/branches.ts';
import {
  addClient,
  clientMarkup,
  deleteClient,
  listBranches,
  listClients,
  renameClient,
  restoreClient,
  showDefaults,
} from '../store/clients.ts';
import { columnsOf, importBranches, keepColumns, recordsJson, sheetOf } from '../store/imports.ts';
import { GivenUp, givenUp, type Threads } from '../threads/threads.ts';
import { sent, serve } from './serve.ts';
import { sendStream } from './stream.ts';

export function clientRoutes(threads: Threads): Router {
  const router = Router();
  serve(router, api.clients, async ({ query }) => ({ clients: await listClients(query, threads) }));
  serve(router, api.search, async ({ query: { q, client } }) => ({
    branches: await searchBranches(q, client),
  }));
  serve(router, api.addClient, async ({ body: { name } }) => ({ id: await addClient(name) }));
  serve(router, api.renameClient, ({ parameters: { id }, body: { name } }) => renameClient(id, name));
  serve(router, api.deleteClient, ({ parameters: { id } }) => deleteClient(id));
  serve(router, api.restoreClient, ({ parameters: { id } }) => restoreClient(id));
  serve(router, api.defaults, ({ parameters: { id } }) => showDefaults(id));
  serve(router, api.saveDefaults, async ({ parameters: { id }, body: { record, version } }) => ({
    version: await saveDefaults(id, record, version),
  }));
  serve(router, api.columns, ({ parameters: { id } }) => columnsOf(id));
  serve(router, api.saveColumns, ({ parameters: { id }, body }) => keepColumns(id, body));
  serve(router, api.records, async ({ parameters: { id }, response }) => {
    await findClient(id);
    response.type('application/json');
    return sendStream(Readable.from(recordsJson(id)), response);
  });
  serve(router, api.branchesCsv, async ({ parameters: { id }, response }) => {
    const { name } = await findClient(id);
    response.attachment(`${fileName(name)}-branches.csv`).type('text/csv; charset=utf-8');
    return sendStream(Readable.from(sheetOf(id)), response);
  });
  serve(router, api.clientMarkup, async ({ parameters: { id }, query: { shape }, response }) => {
    response.type('text/plain; charset=utf-8').send(await clientMarkup(id, shape));
    return sent;
  });
  serve(router, api.branches, ({ parameters: { id }, query }) => listBranches(id, query, threads));
  serve(router, api.addBranch, async ({ parameters: { id }, body: { label, record } }) => ({
    id: await addBranch(id, label, record),
  }));
  return router;
}

/** Takes in many branches at once; its body is larger than any other, and a thread reads it. */
export function importRoutes(threads: Threads): Router {
  const router = Router();
  serve(
    router,
    api.importBranches,
    async ({ parameters: { id }, request }) => {
      await findClient(id);
      const read = await readOrRefuse(threads, request.body as Buffer);
      return importBranches(id, read.pieces, read.title);
    },
    { before: [rawJson(limits.importBytes)], raw: true },
  );
  return router;
}

/** Reads branches in a thread: there may be thousands. */
async function readOrRefuse(threads: Threads, bytes: Buffer) {
  const read = await threads.readImport(bytes).catch((error: unknown) => {
    throw error instanceof GivenUp ? givenUp('The branches', error) : error;
  });
  if (!read.ok) throw invalidRequest(read.errors);
  return read;
}
