import { stampInputSchema } from '#contract';
import { jpegStamper, provePhoto, stampFields } from '#core/photo';
import type { PhotoStore } from '../gateways/photoStore.ts';
import { findBranch, recordOf } from '../store/branches.ts';
import { endJob, renewLease } from '../store/jobs.ts';
import type { JobRow } from '../store/models.ts';
import { PhotoRow } from '../store/models.ts';
import { keepStamp, plainFields } from '../store/photos.ts';

const sameBytes = (a: Uint8Array, b: Uint8Array): boolean => Buffer.compare(a, b) === 0;

/** Stamps the photos of a job from where it stands, one by one. Stops when the job is no longer wanted or `stopped` says so. */
export async function runStamping(
  job: JobRow,
  store: PhotoStore,
  leaseMs: number,
  stopped: () => boolean,
): Promise<'done' | 'stopped'> {
  const { photoIds, ...wordings } = stampInputSchema.parse(JSON.parse(job.input));
  const fields = stampFields(await recordOf(await findBranch(job.branchId ?? 0)), wordings);
  const stamp = jpegStamper(fields);
  let { failed } = job;
  for (let at = job.done; at < photoIds.length; at += 1) {
    if (stopped()) return 'stopped';
    const photo = await PhotoRow.findByPk(photoIds[at]);
    if (photo?.branchId === job.branchId && !(await stampOne(photo))) failed += 1;
    if (!(await renewLease(job, at + 1, failed, new Date(Date.now() + leaseMs)))) return 'stopped';
  }
  await endJob(job, 'done');
  return 'done';

  async function stampOne(photo: PhotoRow): Promise<boolean> {
    const original = await store.get(photo.originalKey);
    const result = original
      ? stamp(original)
      : { ok: false as const, message: 'The original is no longer in the photo store.' };
    if (!original || !result.ok) {
      const message = result.ok ? '' : result.message;
      await keepStamp(photo, photo.stampedKey, { fields: plainFields(fields), wordings, message, proof: [] });
      return false;
    }
    const key = await store.put(result.parts);
    // Proved is only what lies in the store: it is read again from there.
    const written = (await store.get(key)) ?? Buffer.alloc(0);
    const { proved, lines } = provePhoto(written, original, fields, sameBytes);
    const message = proved ? '' : 'The file was written, but not all reads back as it was meant.';
    const replaced = await keepStamp(photo, key, {
      fields: plainFields(fields),
      wordings,
      message,
      proof: [...lines],
    });
    if (replaced) await store.remove(replaced);
    return proved;
  }
}
