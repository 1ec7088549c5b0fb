import { Op } from 'sequelize';
import type { BranchSummary, Step } from '#contract';
import { completeness, emptyRecord, judgeRecord, type BusinessRecord } from '#core/record';
import type { PageWorker } from '../threads/pageWork.ts';
import { recordsOf } from './branches.ts';
import { PhotoRow, type BranchRow, type ClientRow } from './models.ts';
import { placementsOf } from './pages.ts';
import { photoState } from './photos.ts';

/** So many branches are judged before others get their turn on this thread. */
const CHUNK = 40;

/** Branches with how far each step of their chains has come, in the given order. */
export async function summariesOf(
  rows: readonly BranchRow[],
  client: ClientRow,
  worker: PageWorker,
): Promise<readonly BranchSummary[]> {
  const summaries: BranchSummary[] = [];
  for (let at = 0; at < rows.length; at += CHUNK) {
    if (at > 0) await new Promise((resolve) => setImmediate(resolve));
    summaries.push(...(await summariesOfSome(rows.slice(at, at + CHUNK), client, worker)));
  }
  return summaries;
}

async function summariesOfSome(
  rows: readonly BranchRow[],
  client: ClientRow,
  worker: PageWorker,
): Promise<readonly BranchSummary[]> {
  const records = recordsOf(rows, client);
  const placements = await placementsOf(records, worker);
  const photos = await PhotoRow.findAll({ where: { branchId: { [Op.in]: rows.map(({ id }) => id) } } });
  return rows.map(({ id, label }): BranchSummary => {
    const record = records.get(id) ?? emptyRecord;
    return {
      id,
      label,
      town: record.address.addressLocality,
      steps: {
        record: recordStep(record),
        pages: pagesStep(placements.flatMap(({ branchId, state }) => (branchId === id ? [state] : []))),
        photos: photosStep(
          photos.flatMap((photo) => (photo.branchId === id ? [photoState(photo, record)] : [])),
        ),
      },
    };
  });
}

/** The states of a step, the most urgent first. */
const URGENCY: readonly Step['state'][] = ['must', 'out-of-date', 'missing', 'should', 'unproved', 'proved'];

/** How urgent a branch is: the place of its most urgent step; 0 is the most. */
export const urgencyOf = ({ steps }: BranchSummary): number =>
  Math.min(...Object.values(steps).map(({ state }) => URGENCY.indexOf(state)));

/** Whether a step of a branch is in a state. */
export const hasState = ({ steps }: BranchSummary, state: Step['state']): boolean =>
  Object.values(steps).some((step) => step.state === state);

function recordStep(record: BusinessRecord): Step {
  const faults = judgeRecord(record);
  const musts = faults.filter(({ grade }) => grade === 'must').length;
  if (!record.name && musts > 0) return { state: 'missing', detail: 'no facts yet' };
  if (musts > 0) return { state: 'must', detail: `${String(musts)} to mend` };
  const lacking =
    completeness(record).lacking.length + faults.filter(({ grade }) => grade === 'should').length;
  return lacking > 0
    ? { state: 'should', detail: `${String(lacking)} to improve` }
    : { state: 'proved', detail: 'complete' };
}

function pagesStep(states: readonly string[]): Step {
  if (states.length === 0) return { state: 'missing', detail: 'nothing placed' };
  const stale = states.filter((state) => state !== 'proved').length;
  if (stale > 0)
    return { state: 'out-of-date', detail: `${String(stale)} of ${String(states.length)} out of date` };
  return { state: 'proved', detail: `${String(states.length)} proved` };
}

function photosStep(states: readonly string[]): Step {
  if (states.length === 0) return { state: 'missing', detail: 'no photos' };
  const count = (state: string): number => states.filter((one) => one === state).length;
  const stamped = `${String(count('stamped'))} of ${String(states.length)} stamped`;
  if (count('failed') > 0) return { state: 'must', detail: `${String(count('failed'))} failed` };
  if (count('out-of-date') > 0)
    return { state: 'out-of-date', detail: `${String(count('out-of-date'))} out of date` };
  return { state: count('bare') === 0 ? 'proved' : 'unproved', detail: stamped };
}
