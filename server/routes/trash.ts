import { Router } from 'express';
import { idSchema, limits } from '#contract';
import { parse } from '../problem.ts';
import { listChanges, undoChange } from '../store/changes.ts';
import { listTrash } from '../store/trash.ts';

/** What was deleted, and what was done to many things at once: both can be taken back for some time. */
export function trashRoutes(): Router {
  const router = Router();
  router.get('/trash', async (_request, response) => {
    response.json({ days: limits.trashDays, things: await listTrash() });
  });
  router.get('/clients/:id/changes', async (request, response) => {
    response.json({ changes: await listChanges(parse(idSchema, request.params.id)) });
  });
  router.post('/changes/:id/undo', async (request, response) => {
    response.json(await undoChange(parse(idSchema, request.params.id)));
  });
  return router;
}
