import { policiesOf, type StampFields } from '#core/photo';
import type { BusinessRecord } from '#core/record';
import { inLanes } from '../lanes.ts';
import type { PhotoStore } from '../gateways/photoStore.ts';
import { findBranch, recordOf } from '../store/branches.ts';
import { endJob, noteProgress } from '../store/jobs.ts';
import { PhotoRow, stampingJson, type JobRow, type Stamp } from '../store/models.ts';
import { ownOf, plannedPhotos, type PhotoPlan } from '../store/photoPlan.ts';
import { allPhotos, keepStamp } from '../store/photos.ts';
import { stampOfBranch } from '../store/stamps.ts';
import { taken, type StampOutcome } from '../threads/photoWork.ts';
import { GivenUp, type Threads } from '../threads/threads.ts';

/** Photos that are under way at the same time, so that no thread waits for a disk, and until progress is told. */
const AT_ONCE = 4;
const BATCH = 12;

/**
 * Stamps the photos of a job from where it stands, a few at a time, in threads. A photo that cannot be stamped is
 * told with its reason, and the others go on. Stops when the job is no longer wanted or `stopped` says so. What is
 * written is planned once, over the whole job, so that no two titles and no two names are alike.
 */
export async function runStamping(
  job: JobRow,
  store: PhotoStore,
  threads: Threads,
  stopped: () => boolean,
): Promise<'done' | 'stopped'> {
  const { photoIds, stamp } = stampingJson.read(job.input);
  const branch = await findBranch(job.branchId ?? 0);
  const record: BusinessRecord = await recordOf(branch);
  const year = String(new Date().getFullYear());
  const all = await allPhotos(branch.id);
  const planned = plannedPhotos(all, new Set(photoIds), record, stamp, stampOfBranch(branch), year);
  let { failed } = job;
  for (let at = job.done; at < photoIds.length; at += BATCH) {
    if (stopped()) return 'stopped';
    const some = photoIds.slice(at, at + BATCH);
    const done = await inLanes(some, AT_ONCE, (id) => stampOne(id, planned.get(id)));
    failed += done.filter((one) => !one).length;
    if (!(await noteProgress(job, { done: at + some.length, failed }))) return 'stopped';
  }
  await endJob(job);
  return 'done';

  async function stampOne(id: number, plan: PhotoPlan | undefined): Promise<boolean> {
    const photo = await PhotoRow.findByPk(id);
    if (!photo || !plan) return true; // it was deleted meanwhile
    const own = ownOf(photo);
    const { settings, fields, name } = plan;
    const how = { policies: policiesOf(settings, own), removesPersonal: settings.personal === 'remove' };
    const outcome = await stampedIn(photo, fields, how);
    const kept = { ...plan, ownName: own.name ?? '' };
    if (!outcome.ok) {
      const { stampedKey, sidecarKey } = photo;
      const failure: Stamp = { ...kept, message: outcome.message, remarks: [], proof: [] };
      await keepStamp(photo, { stampedKey, sidecarKey }, failure);
      return false;
    }
    const { proved, lines, remarks } = outcome;
    const { stampedKey, sidecarKey } = await taken(outcome, store);
    const message = proved ? '' : 'The file was written, but not all reads back as it was meant.';
    const stamped: Stamp = { ...kept, name, message, remarks: [...remarks], proof: [...lines] };
    for (const key of await keepStamp(photo, { stampedKey, sidecarKey }, stamped)) await store.remove(key);
    return proved;
  }

  function stampedIn(
    { originalKey }: PhotoRow,
    fields: StampFields,
    how: Parameters<Threads['stampPhoto']>[3],
  ): Promise<StampOutcome> {
    return threads
      .stampPhoto(store.location, originalKey, fields, how)
      .catch((error: unknown): StampOutcome => {
        if (error instanceof GivenUp) return { ok: false, message: error.message };
        throw error;
      });
  }
}
