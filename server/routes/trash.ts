import { Router } from 'express';
import { api } from '#contract';
import { limits } from '#core/limits';
import { listChanges, undoChange } from '../store/changes.ts';
import { listTrash } from '../store/trash.ts';
import { serve } from './serve.ts';

/** What was deleted, and what was done to many things at once: both can be taken back for some time. */
export function trashRoutes(): Router {
  const router = Router();
  serve(router, api.trash, async () => ({ days: limits.trashDays, things: await listTrash() }));
  serve(router, api.changes, async ({ parameters: { id } }) => ({ changes: await listChanges(id) }));
  serve(router, api.undo, ({ parameters: { id } }) => undoChange(id));
  return router;
}
