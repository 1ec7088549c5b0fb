import { Op, QueryTypes } from 'sequelize';
import * as z from 'zod';
import { branchSummarySchema, type BranchSummary } from '#contract';
import { emptyRecord } from '#core/record';
import { pagesStep, photosStep, recordStep } from '#core/step';
import type { PageWorker } from '../threads/pageWork.ts';
import { recordsOf } from './branches.ts';
import { groupedBy } from './grouped.ts';
import { carriedBy } from './carried.ts';
import { BranchRow, PageRow, PhotoRow, PlacementRow, type ClientRow } from './models.ts';
import { photoState } from './photoPlan.ts';
import { isByHand } from './sites.ts';
import { comparedWith, newestVerifications } from './verifications.ts';
import { keepWorked, RULES, stillWorked } from './worked.ts';

const stepsSchema = branchSummarySchema.pick({ town: true, steps: true });
type Steps = z.infer<typeof stepsSchema>;

/** A branch as far as its steps are concerned. */
export type BranchKey = Pick<BranchRow, 'id' | 'label' | 'version' | 'steps'>;
export const BRANCH_KEY: readonly (keyof BranchKey)[] = ['id', 'label', 'version', 'steps'];

/** So many branches are judged before others get their turn on this thread. */
const CHUNK = 40;

/**
 * Branches of a client with how far each step of their chains has come, in the given order: as their rows have it, or
 * worked out anew where record, defaults, pages or photos changed.
 */
export async function summariesOf(
  rows: readonly BranchKey[],
  client: ClientRow,
  worker: PageWorker,
): Promise<readonly BranchSummary[]> {
  const [byHand, pages, photos, live] = await Promise.all([
    isByHand(client.id),
    pageKeys(client.id),
    photoKeys(client.id),
    liveKeys(client.id),
  ]);
  const ofBranch = ({ id, version }: BranchKey): string =>
    [
      RULES,
      version,
      client.defaultsVersion,
      pages.get(id) ?? '',
      photos.get(id) ?? '',
      live.get(id) ?? '',
      byHand,
    ].join('/');
  const known = new Map(
    rows.flatMap((row) => {
      const steps = stillWorked(row.steps, ofBranch(row), stepsSchema);
      return steps ? [[row.id, steps] as const] : [];
    }),
  );
  const stale = rows.filter(({ id }) => !known.has(id));
  for (let at = 0; at < stale.length; at += CHUNK) {
    if (at > 0) await new Promise((resolve) => setImmediate(resolve));
    const some = stale.slice(at, at + CHUNK);
    const steps = await stepsOf(some, client, byHand, worker);
    keepWorked(
      BranchRow,
      some.flatMap((row) => {
        const value = steps.get(row.id);
        return value ? [{ id: row.id, of: ofBranch(row), value }] : [];
      }),
    );
    for (const [id, value] of steps) known.set(id, value);
  }
  return rows.flatMap(({ id, label }) => {
    const steps = known.get(id);
    return steps ? [{ id, label, ...steps }] : [];
  });
}

const keysSchema = z.array(z.object({ branch: z.number(), of: z.coerce.string() }));

async function keysBy(sql: string, clientId: number): Promise<ReadonlyMap<number, string>> {
  const found = await BranchRow.sequelize?.query(sql, {
    type: QueryTypes.SELECT,
    replacements: { clientId },
  });
  return new Map(keysSchema.parse(found).map(({ branch, of }) => [branch, of]));
}

/** What tells, for each branch, whether its placements or the pages they stand on are others. */
const pageKeys = (clientId: number): Promise<ReadonlyMap<number, string>> =>
  keysBy(
    `SELECT placements.branch_id AS branch,
       CONCAT(COUNT(*), '-', SUM(CRC32(CONCAT_WS(':', pages.id, pages.version, placements.form)))) AS \`of\`
     FROM placements JOIN pages ON pages.id = placements.page_id
     WHERE pages.client_id = :clientId AND pages.deleted_at IS NULL GROUP BY placements.branch_id`,
    clientId,
  );

/** The same for photos and what was stamped into them. */
const photoKeys = (clientId: number): Promise<ReadonlyMap<number, string>> =>
  keysBy(
    `SELECT photos.branch_id AS branch,
       CONCAT(COUNT(*), '-', SUM(CRC32(CONCAT_WS(':', photos.id, photos.stamped_key, photos.stamp, photos.own)))) AS \`of\`
     FROM photos JOIN branches ON branches.id = photos.branch_id
     WHERE branches.client_id = :clientId AND photos.deleted_at IS NULL GROUP BY photos.branch_id`,
    clientId,
  );

/** The same for what was read on their live pages. */
const liveKeys = (clientId: number): Promise<ReadonlyMap<number, string>> =>
  keysBy(
    `SELECT verifications.branch_id AS branch, MAX(verifications.id) AS \`of\`
     FROM verifications JOIN branches ON branches.id = verifications.branch_id
     WHERE branches.client_id = :clientId GROUP BY verifications.branch_id`,
    clientId,
  );

async function stepsOf(
  some: readonly BranchKey[],
  client: ClientRow,
  byHand: boolean,
  worker: PageWorker,
): Promise<ReadonlyMap<number, Steps>> {
  const ids = some.map(({ id }) => id);
  const rows = await BranchRow.findAll({ where: { id: { [Op.in]: ids } } });
  const records = recordsOf(rows, client);
  const placed = await PlacementRow.findAll({
    where: { branchId: { [Op.in]: ids } },
    attributes: ['pageId'],
  });
  const pageIds = [...new Set(placed.map(({ pageId }) => pageId))];
  const pages = await PageRow.findAll({
    where: { id: { [Op.in]: pageIds } },
    attributes: ['id', 'version', 'reading'],
  });
  const carried = await carriedBy(pages, client, worker);
  const here = groupedBy(
    [...carried.values()].flatMap((page) => page.placed),
    ({ branchId }) => branchId,
  );
  const photos = groupedBy(
    await PhotoRow.findAll({ where: { branchId: { [Op.in]: ids } } }),
    ({ branchId }) => branchId,
  );
  const verified = await newestVerifications(ids);
  return new Map(
    rows.map((row): [number, Steps] => {
      const { id } = row;
      const seen = verified.get(id);
      const live = seen && { state: seen.state, isCurrent: seen.of === comparedWith(row, client) };
      const record = records.get(id) ?? emptyRecord;
      return [
        id,
        {
          town: record.address.addressLocality,
          steps: {
            record: recordStep(record),
            pages: pagesStep(
              (here.get(id) ?? []).map(({ state }) => state),
              live,
              byHand,
            ),
            photos: photosStep((photos.get(id) ?? []).map((photo) => photoState(photo, record))),
          },
        },
      ];
    }),
  );
}
