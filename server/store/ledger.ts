import { col, fn, Op } from 'sequelize';
import type { ChangedFact, Ledger } from '#contract';
import { handOverDigest } from '#core/page';
import { changedFields } from '#core/photo';
import { factLabel } from '#core/record';
import type { PageWorker } from '../threads/pageWork.ts';
import { findClient, recordsOf } from './branches.ts';
import { BranchRow, HandOverRow, PhotoRow } from './models.ts';
import { listPages, picturesOnPages } from './pages.ts';
import { renamedInRecords, renamedOnPages, renamedPhotos, type Known } from './renamed.ts';
import { fieldsNow, photoState, stampOf } from './photoPlan.ts';
import { listVerified } from './verifications.ts';

/** Nobody reads more of a list, and whoever brings it up to date does so with all of them. */
const MOST_LISTED = 2000;

/** What of a client carries facts that have changed since it was made: pages, photos, live pages, sheets. */
export async function findLedger(clientId: number, worker: PageWorker): Promise<Ledger> {
  const client = await findClient(clientId);
  const rows = await BranchRow.findAll({ where: { clientId }, order: ['label', 'id'] });
  const records = recordsOf(rows, client);
  const known = new Map(
    rows.flatMap(({ id, label }) => {
      const record = records.get(id);
      return record ? [[id, { label, record }] as const] : [];
    }),
  );
  const renamed = await renamedPhotos([...known.keys()]);
  const inRecords = renamedInRecords(known, renamed);
  return {
    pages: (await stalePages(clientId, worker)).slice(0, MOST_LISTED),
    photos: (await stalePhotos(known)).slice(0, MOST_LISTED),
    live: await staleLive(clientId),
    elsewhere: [...(await goneElsewhere(clientId)), ...inRecords].slice(0, MOST_LISTED),
    pictures:
      renamed.size === 0
        ? []
        : renamedOnPages(await picturesOnPages(client, worker), known, renamed, inRecords).slice(
            0,
            MOST_LISTED,
          ),
    handOvers: await staleSheets(known),
  };
}

async function stalePages(clientId: number, worker: PageWorker): Promise<Ledger['pages']> {
  const pages = await listPages(clientId, worker);
  return pages.flatMap(({ id, path, site, placements }) =>
    placements.flatMap(({ form, branchId, branchLabel, state, misread }) =>
      state === 'proved'
        ? []
        : [
            {
              id,
              path,
              site: site?.name ?? '',
              branchId,
              branchLabel,
              form,
              state,
              changes: misread.map(({ fact, meant, read }) => ({
                label: factLabel(fact),
                carried: read,
                now: meant,
              })),
            },
          ],
    ),
  );
}

async function stalePhotos(known: ReadonlyMap<number, Known>): Promise<Ledger['photos']> {
  const photos = await PhotoRow.findAll({
    where: { branchId: { [Op.in]: [...known.keys()] }, stampedKey: { [Op.ne]: '' } },
    order: ['branchId', 'name', 'id'],
  });
  return photos.flatMap((photo) => {
    const branch = known.get(photo.branchId);
    const [stamp, now] = branch ? [stampOf(photo), fieldsNow(photo, branch.record)] : [];
    if (!branch || !stamp || !now || photoState(photo, branch.record) !== 'out-of-date') return [];
    const changes = changedFields(stamp.fields, now).map((one) => ({ ...one }));
    return [{ id: photo.id, name: photo.name, branchId: photo.branchId, branchLabel: branch.label, changes }];
  });
}

async function staleLive(clientId: number): Promise<Ledger['live']> {
  return (await listVerified(clientId)).flatMap(({ branchId, label, isCurrent, live }) => {
    if (live.state === 'as-intended' && isCurrent) return [];
    const state = live.state === 'as-intended' ? ('not-read-since' as const) : live.state;
    const changes = live.differing.map(({ label: fact, live: carried, meant }): ChangedFact => ({
      label: fact,
      carried,
      now: meant,
    }));
    return [{ branchId, branchLabel: label, url: live.finalUrl || live.url, state, changes }];
  });
}

/** Pictures and profiles that were gone, or others, when live pages were last read. */
async function goneElsewhere(clientId: number): Promise<Ledger['elsewhere']> {
  return (await listVerified(clientId)).flatMap(({ branchId, label: branchLabel, live }) =>
    live.elsewhere.flatMap(({ label, address, state }) =>
      state === 'gone' || state === 'changed'
        ? [{ branchId, branchLabel, label, address, state, now: '' }]
        : [],
    ),
  );
}

/** Of each branch the newest sheet counts. */
async function staleSheets(known: ReadonlyMap<number, Known>): Promise<Ledger['handOvers']> {
  const newest = await HandOverRow.findAll({
    where: { branchId: { [Op.in]: [...known.keys()] } },
    attributes: [[fn('MAX', col('id')), 'id']],
    group: ['branch_id'],
    raw: true,
  });
  const sheets = await HandOverRow.findAll({
    where: { id: { [Op.in]: newest.map(({ id }) => id) } },
    order: ['id'],
  });
  return sheets.flatMap(({ branchId, digest, createdAt }) => {
    const branch = known.get(branchId);
    return branch && handOverDigest(branch.record) !== digest
      ? [{ branchId, branchLabel: branch.label, made: createdAt.toISOString() }]
      : [];
  });
}
