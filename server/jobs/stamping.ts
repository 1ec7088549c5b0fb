import { stampFields } from '#core/photo';
import type { PhotoStore } from '../gateways/photoStore.ts';
import { findBranch, recordOf } from '../store/branches.ts';
import { endJob, noteProgress } from '../store/jobs.ts';
import type { JobRow } from '../store/models.ts';
import { PhotoRow, stampingJson } from '../store/models.ts';
import { keepStamp, moreOf, plainFields, wordsOfPhoto } from '../store/photos.ts';
import type { StampOutcome } from '../threads/photoWork.ts';
import { GivenUp, type Threads } from '../threads/threads.ts';

/**
 * Stamps the photos of a job from where it stands, one by one, in a thread. A photo that cannot be stamped is
 * told with its reason, and the others go on. Stops when the job is no longer wanted or `stopped` says so.
 */
export async function runStamping(
  job: JobRow,
  store: PhotoStore,
  threads: Threads,
  stopped: () => boolean,
): Promise<'done' | 'stopped'> {
  const { photoIds, edited, ...form } = stampingJson.read(job.input);
  const record = await recordOf(await findBranch(job.branchId ?? 0));
  let { failed } = job;
  for (let at = job.done; at < photoIds.length; at += 1) {
    if (stopped()) return 'stopped';
    const photo = await PhotoRow.findByPk(photoIds[at]);
    if (photo?.branchId === job.branchId && !(await stampOne(photo, at + 1))) failed += 1;
    if (!(await noteProgress(job, { done: at + 1, failed }))) return 'stopped';
  }
  await endJob(job, 'done');
  return 'done';

  async function stampOne(photo: PhotoRow, number: number): Promise<boolean> {
    const words = wordsOfPhoto(photo, form, edited, { record, number });
    const fields = stampFields(record, words.wordings, moreOf(words));
    const outcome = await threads
      .stampPhoto(store.location, photo.originalKey, fields)
      .catch((error: unknown): StampOutcome => {
        if (error instanceof GivenUp) return { ok: false, message: error.message };
        throw error;
      });
    const kept = { fields: plainFields(fields), ...words };
    if (!outcome.ok) {
      await keepStamp(photo, photo.stampedKey, { ...kept, message: outcome.message, proof: [] });
      return false;
    }
    const { key, proved, lines } = outcome;
    const message = proved ? '' : 'The file was written, but not all reads back as it was meant.';
    const replaced = await keepStamp(photo, key, { ...kept, message, proof: [...lines] });
    if (replaced) await store.remove(replaced);
    return proved;
  }
}
