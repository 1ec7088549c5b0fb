import { Router } from 'express';
import { branchInputSchema, idSchema, recordInputSchema } from '#contract';
import { parse } from '../problem.ts';
import {
  deleteBranch,
  duplicateBranch,
  renameBranch,
  restoreBranch,
  saveRecord,
  showBranch,
} from '../store/branches.ts';

export function branchRoutes(): Router {
  const router = Router();
  router.get('/branches/:id', async (request, response) => {
    response.json(await showBranch(parse(idSchema, request.params.id)));
  });
  router.patch('/branches/:id', async (request, response) => {
    await renameBranch(parse(idSchema, request.params.id), parse(branchInputSchema, request.body).label);
    response.status(204).end();
  });
  router.post('/branches/:id/duplicate', async (request, response) => {
    const { label } = parse(branchInputSchema, request.body);
    response.status(201).json({ id: await duplicateBranch(parse(idSchema, request.params.id), label) });
  });
  router.put('/branches/:id/record', async (request, response) => {
    const { record, version } = parse(recordInputSchema, request.body);
    response.json({ version: await saveRecord(parse(idSchema, request.params.id), record, version) });
  });
  router.delete('/branches/:id', async (request, response) => {
    await deleteBranch(parse(idSchema, request.params.id));
    response.status(204).end();
  });
  router.post('/branches/:id/restore', async (request, response) => {
    await restoreBranch(parse(idSchema, request.params.id));
    response.status(204).end();
  });
  return router;
}
