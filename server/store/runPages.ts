import { Op } from 'sequelize';
import type { RunInput } from '#contract';
import { isClientForm } from '#core/markup';
import { ruledPages, type PlacementRule } from '#core/site';
import { digestOf } from '#outside/sites/index.ts';
import type { PageWorker } from '../threads/pageWork.ts';
import { allRecords, findClient, recordsOf } from './branches.ts';
import { toldIn } from './carried.ts';
import { writeSource } from './changes.ts';
import { groupedBy } from './grouped.ts';
import {
  BranchRow,
  PageRow,
  placementOutputJson,
  PlacementRow,
  runPageJson,
  RunPageRow,
  type KeptAct,
  type KeptPlaced,
} from './models.ts';
import { ownedPages } from './owners.ts';
import { listPages } from './pages.ts';
import { locked, whole } from './transaction.ts';
import { keepVersions, type Version } from './versions.ts';
import type { PageAct } from '#core/site';

/** What is to be done to a page of a run; `problem` says why nothing is. */
interface PlannedPage {
  readonly pageId: number;
  readonly acts: readonly KeptAct[];
  readonly afterDigest?: string;
  readonly problem: string;
}

/** What a run's input means for each page of its client. */
export async function plannedPages(
  clientId: number,
  input: RunInput,
  worker: PageWorker,
): Promise<readonly PlannedPage[]> {
  switch (input.act) {
    case 'place':
      return byRules(clientId, input.rules);
    case 'renew':
      return renewed(clientId, input, worker);
    case 'remove':
      return input.pages.map((pageId) => ({
        pageId,
        acts: [{ do: 'remove', form: input.form }],
        problem: '',
      }));
    case 'version':
      return input.pages.map(({ id, digest }) => ({
        pageId: id,
        acts: [],
        afterDigest: digest,
        problem: '',
      }));
  }
}

async function byRules(clientId: number, rules: readonly PlacementRule[]): Promise<readonly PlannedPage[]> {
  const pages = (await ownedPages(clientId)).map(({ id, path, owner }) => ({
    id,
    path,
    ownBranch: owner?.id ?? null,
    ownLabel: owner?.label ?? '',
  }));
  const planned = new Map<number, { acts: KeptAct[]; problem: string }>();
  const first = await BranchRow.findOne({ where: { clientId }, order: ['id'], attributes: ['id'] });
  for (const rule of rules)
    for (const { page, branch: whose } of ruledPages(rule, pages)) {
      // What tells of all branches is nobody's alone: it is kept with the first of them.
      const branch = isClientForm(rule.form) ? (first?.id ?? null) : whose;
      const here = planned.get(page.id) ?? { acts: [], problem: '' };
      planned.set(page.id, here);
      const { form, at, output, existing, corrects } = rule;
      if (branch === null)
        here.problem = 'It is not known whose page this is. Say so in the table of pages, and preview again.';
      else if (page.ownBranch !== null && page.ownBranch !== branch && !isClientForm(form))
        here.problem = `It is the page of ${page.ownLabel}: another branch’s markup there would tell machines the wrong business.`;
      else here.acts.push({ do: 'place', branchId: branch, form, at, output, existing, corrects });
    }
  return [...planned].map(([pageId, { acts, problem }]) => ({ pageId, acts: problem ? [] : acts, problem }));
}

/** Placements that are no longer what the record says now, each put anew where it stood. */
async function renewed(
  clientId: number,
  { pages: only, corrects }: Extract<RunInput, { act: 'renew' }>,
  worker: PageWorker,
): Promise<readonly PlannedPage[]> {
  const pages = await listPages(clientId, worker);
  const stale = pages.filter(
    ({ id, placements }) =>
      (only === null || only.includes(id)) && placements.some(({ state }) => state !== 'proved'),
  );
  const rows = await PlacementRow.findAll({
    where: { pageId: { [Op.in]: stale.map(({ id }) => id) } },
    order: ['id'],
  });
  const placed = groupedBy(rows, ({ pageId }) => pageId);
  return stale.map(({ id, placements }) => {
    const forms = new Set(placements.filter(({ state }) => state !== 'proved').map(({ form }) => form));
    const acts = (placed.get(id) ?? [])
      .filter(({ form }) => forms.has(form))
      .map((row): KeptAct => ({
        do: 'place',
        ...keptOf(row),
        existing: 'keep',
        corrects: corrects ? 'carried' : [],
      }));
    return { pageId: id, acts, problem: '' };
  });
}

const keptOf = ({ branchId, form, at, output }: PlacementRow): KeptPlaced => ({
  branchId,
  form,
  at,
  output: output === null ? null : placementOutputJson.read(output),
});

/** What is placed on pages, as it is kept, by the page. */
export async function placedOnPages(
  pageIds: readonly number[],
): Promise<ReadonlyMap<number, readonly KeptPlaced[]>> {
  const rows = await PlacementRow.findAll({ where: { pageId: [...pageIds] }, order: ['id'] });
  const byPage = [...groupedBy(rows, ({ pageId }) => pageId)];
  return new Map(byPage.map(([pageId, placed]) => [pageId, placed.map(keptOf)]));
}

/** What a preview finds out of a page of a run. */
const previewed = [
  ...(['state', 'problem', 'beforeDigest', 'afterDigest'] as const),
  ...(['placedBefore', 'placedAfter', 'told', 'judged'] as const),
];

/** Keeps what a preview found out, all of it or nothing, in few statements; of runs that are still there. */
export const keepPreviewed = (rows: readonly RunPageRow[], versions: readonly Version[]): Promise<void> =>
  whole(async (transaction) => {
    await keepVersions(versions, transaction);
    const where = { id: rows.map(({ id }) => id) };
    const there = await RunPageRow.findAll({ where, attributes: ['id'], ...locked(transaction) });
    const ids = new Set(there.map(({ id }) => id));
    const values = rows.filter(({ id }) => ids.has(id)).map((row) => row.get());
    if (values.length > 0) await RunPageRow.bulkCreate(values, { updateOnDuplicate: previewed, transaction });
  });

/** What is placed on a page when acts are done: of each form the last. */
export function placedAfter(
  before: readonly KeptPlaced[],
  acts: readonly KeptAct[],
  standing: readonly string[],
): readonly KeptPlaced[] {
  let placed = [...before];
  for (const act of acts) {
    if (act.do === 'remove') placed = act.form === null ? [] : placed.filter(({ form }) => form !== act.form);
    else if (standing.includes(act.form)) {
      const { branchId, form, at, output } = act;
      placed = [...placed.filter((one) => one.form !== form), { branchId, form, at, output }];
    }
  }
  return placed;
}

/** The acts of pages with the records that they put there. A branch that is gone makes its acts impossible. */
export async function withRecords(
  clientId: number,
  rows: readonly RunPageRow[],
): Promise<ReadonlyMap<number, readonly PageAct[] | undefined>> {
  const client = await findClient(clientId);
  const acts = new Map(rows.map(({ id, acts: kept }) => [id, runPageJson.acts.read(kept)]));
  const ids = [...acts.values()].flat().flatMap((act) => (act.do === 'place' ? [act.branchId] : []));
  const branches = await BranchRow.findAll({ where: { clientId, id: { [Op.in]: [...new Set(ids)] } } });
  const records = recordsOf(branches, client);
  const isWhole = [...acts.values()].flat().some((act) => act.do === 'place' && isClientForm(act.form));
  const all = isWhole ? await allRecords(client) : [];
  return new Map(
    [...acts].map(([id, kept]) => {
      const told = kept.map((act): PageAct | undefined => {
        if (act.do === 'remove') return act;
        const record = records.get(act.branchId);
        const output = act.output === null ? null : JSON.stringify(act.output);
        const { form, at, existing, corrects } = act;
        const told = record && {
          do: 'place' as const,
          record: toldIn({ output }, record),
          form,
          at,
          existing,
          corrects,
        };
        return told && (isClientForm(form) ? { ...told, all } : told);
      });
      const whole = told.flatMap((act) => act ?? []);
      return [id, whole.length === told.length ? whole : undefined];
    }),
  );
}

/**
 * Keeps what a page of a run has become, with the page itself; once, however often it is told. A page that was handed in
 * has to be what it was; what it is instead, where somebody changed it meanwhile.
 */
export async function keepWritten(row: RunPageRow, bytes: Buffer): Promise<Buffer | undefined> {
  return whole(async (transaction) => {
    const page = await PageRow.findByPk(row.pageId, locked(transaction));
    if (!page) return undefined;
    const now = digestOf(page.source);
    if (page.siteId === 0 && now !== row.beforeDigest && now !== row.afterDigest) return page.source;
    if (now !== row.afterDigest) await writeSource(page, bytes, transaction);
    await PlacementRow.destroy({ where: { pageId: page.id }, transaction });
    const placed = runPageJson.placed.read(row.placedAfter);
    const there = await BranchRow.findAll({
      where: { id: { [Op.in]: placed.map(({ branchId }) => branchId) } },
      attributes: ['id'],
      paranoid: false,
      transaction,
    });
    const known = new Set(there.map(({ id }) => id));
    await PlacementRow.bulkCreate(
      placed
        .filter(({ branchId }) => known.has(branchId))
        .map(({ output, ...one }) => ({ pageId: page.id, ...one, output: output && JSON.stringify(output) })),
      { transaction },
    );
    await row.update({ state: 'written', problem: '' }, { transaction });
    return undefined;
  });
}
