import { Router } from 'express';
import { api } from '#contract';
import {
  deleteBranch,
  duplicateBranch,
  renameBranch,
  restoreBranch,
  saveRecord,
  showBranch,
} from '../store/branches.ts';
import { serve } from './serve.ts';

export function branchRoutes(): Router {
  const router = Router();
  serve(router, api.branch, ({ parameters: { id } }) => showBranch(id));
  serve(router, api.renameBranch, ({ parameters: { id }, body: { label } }) => renameBranch(id, label));
  serve(router, api.duplicateBranch, async ({ parameters: { id }, body: { label } }) => ({
    id: await duplicateBranch(id, label),
  }));
  serve(router, api.saveRecord, async ({ parameters: { id }, body: { record, version } }) => ({
    version: await saveRecord(id, record, version),
  }));
  serve(router, api.deleteBranch, ({ parameters: { id } }) => deleteBranch(id));
  serve(router, api.restoreBranch, ({ parameters: { id } }) => restoreBranch(id));
  return router;
}
