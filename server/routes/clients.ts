import { Router } from 'express';
import { branchInputSchema, clientInputSchema, idSchema } from '#contract';
import { parse } from '../problem.ts';
import { addBranch } from '../store/branches.ts';
import { addClient, deleteClient, listClients, renameClient, restoreClient } from '../store/clients.ts';

export function clientRoutes(): Router {
  const router = Router();
  router.get('/clients', async (_request, response) => {
    response.json({ clients: await listClients() });
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
  router.post('/clients/:id/branches', async (request, response) => {
    const { label } = parse(branchInputSchema, request.body);
    response.status(201).json({ id: await addBranch(parse(idSchema, request.params.id), label) });
  });
  return router;
}
