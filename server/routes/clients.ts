import { Readable } from 'node:stream';
import { Router } from 'express';
import { fileName } from '#core/text';
import * as z from 'zod';
import {
  branchesQuerySchema,
  branchInputSchema,
  clientInputSchema,
  clientsQuerySchema,
  columnsSchema,
  idSchema,
  limits,
  recordInputSchema,
  searchQuerySchema,
} from '#contract';
import { rawJson } from '../jsonBody.ts';
import { invalidRequest, parse } from '../problem.ts';
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
import { sendStream } from './stream.ts';
import { GivenUp, givenUp, type Threads } from '../threads/threads.ts';

const shapeSchema = z.object({ shape: z.enum(['graph', 'organization']) });

export function clientRoutes(threads: Threads): Router {
  const router = Router();
  router.get('/clients', async (request, response) => {
    response.json({ clients: await listClients(parse(clientsQuerySchema, request.query), threads) });
  });
  router.get('/search', async (request, response) => {
    const { q, client } = parse(searchQuerySchema, request.query);
    response.json({ branches: await searchBranches(q, client) });
  });
  router.post('/clients', async (request, response) => {
    const { name } = parse(clientInputSchema, request.body);
    response.status(201).json({ id: await addClient(name) });
  });
  router.patch('/clients/:id', async (request, response) => {
    await renameClient(parse(idSchema, request.params.id), parse(clientInputSchema, request.body).name);
    response.status(204).end();
  });
  router.delete('/clients/:id', async (request, response) => {
    await deleteClient(parse(idSchema, request.params.id));
    response.status(204).end();
  });
  router.post('/clients/:id/restore', async (request, response) => {
    await restoreClient(parse(idSchema, request.params.id));
    response.status(204).end();
  });
  router.get('/clients/:id/defaults', async (request, response) => {
    response.json(await showDefaults(parse(idSchema, request.params.id)));
  });
  router.put('/clients/:id/defaults', async (request, response) => {
    const { record, version } = parse(recordInputSchema, request.body);
    response.json({ version: await saveDefaults(parse(idSchema, request.params.id), record, version) });
  });
  router.get('/clients/:id/columns', async (request, response) => {
    response.json(await columnsOf(parse(idSchema, request.params.id)));
  });
  router.put('/clients/:id/columns', async (request, response) => {
    await keepColumns(parse(idSchema, request.params.id), parse(columnsSchema, request.body));
    response.status(204).end();
  });
  router.get('/clients/:id/records', async (request, response) => {
    const id = parse(idSchema, request.params.id);
    await findClient(id);
    response.type('application/json');
    sendStream(Readable.from(recordsJson(id)), response);
  });
  router.get('/clients/:id/branches.csv', async (request, response) => {
    const id = parse(idSchema, request.params.id);
    const { name } = await findClient(id);
    response.attachment(`${fileName(name)}-branches.csv`).type('text/csv; charset=utf-8');
    sendStream(Readable.from(sheetOf(id)), response);
  });
  router.get('/clients/:id/markup', async (request, response) => {
    const { shape } = parse(shapeSchema, request.query);
    response
      .type('text/plain; charset=utf-8')
      .send(await clientMarkup(parse(idSchema, request.params.id), shape));
  });
  router.get('/clients/:id/branches', async (request, response) => {
    response.json(
      await listBranches(
        parse(idSchema, request.params.id),
        parse(branchesQuerySchema, request.query),
        threads,
      ),
    );
  });
  router.post('/clients/:id/branches', async (request, response) => {
    const { label, record } = parse(branchInputSchema, request.body);
    response.status(201).json({ id: await addBranch(parse(idSchema, request.params.id), label, record) });
  });
  return router;
}

/** Takes in many branches at once; its body is larger than any other. */
export function importRoutes(threads: Threads): Router {
  const router = Router();
  router.post('/clients/:id/branches/import', rawJson(limits.importBytes), async (request, response) => {
    const clientId = parse(idSchema, request.params.id);
    await findClient(clientId);
    const read = await readOrRefuse(threads, request.body as Buffer);
    response.status(201).json(await importBranches(clientId, read.pieces, read.title));
  });
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
