import { Op } from 'sequelize';
import * as z from 'zod';
import { pageSchema, placementSchema, type Page } from '#contract';
import { isClientForm } from '#core/markup';
import type { BusinessRecord } from '#core/record';
import { digestOf } from '#outside/sites/index.ts';
import { inLanes } from '../lanes.ts';
import type { PageWorker } from '../threads/pageWork.ts';
import { GivenUp } from '../threads/threads.ts';
import { allRecords, recordsOf } from './branches.ts';
import { groupedBy } from './grouped.ts';
import { BranchRow, PageRow, placementOutputJson, PlacementRow, type ClientRow } from './models.ts';
import { keepWorked, RULES, stillWorked, type Worked } from './worked.ts';

/** As many pages are read from the database and by the threads at the same time. */
const LANES = 3;

const readingSchema = pageSchema
  .pick({ size: true, encoding: true, items: true, problem: true })
  .extend({ pictures: z.array(z.string()) });
type Reading = z.infer<typeof readingSchema>;
const proofSchema = placementSchema.pick({ state: true, misread: true });
type Proof = z.infer<typeof proofSchema>;

/** A placement with its branch, and how it stands. */
export interface PlacedHere extends Proof {
  readonly id: number;
  readonly pageId: number;
  readonly branchId: number;
  readonly branchLabel: string;
  readonly form: PlacementRow['form'];
}

/** What a page carries. */
export interface Carried extends Reading {
  readonly placed: readonly PlacedHere[];
}

type PageKey = Pick<PageRow, 'id' | 'version' | 'reading'>;

/**
 * What pages of a client carry and how each placement on them stands, as their rows have it. A page that was changed,
 * or whose branch or client was, is read anew, once, in a thread, and its rows are brought up to date.
 */
export async function carriedBy(
  pages: readonly PageKey[],
  client: ClientRow,
  worker: PageWorker,
): Promise<ReadonlyMap<number, Carried>> {
  const placements = await PlacementRow.findAll({
    where: { pageId: { [Op.in]: pages.map(({ id }) => id) } },
    order: ['id'],
  });
  const ids = [...new Set(placements.map(({ branchId }) => branchId))];
  const branches = new Map(
    (
      await BranchRow.findAll({
        where: { id: { [Op.in]: ids } },
        attributes: ['id', 'label', 'version'],
        raw: true,
      })
    ).map((branch) => [branch.id, branch]),
  );
  const byPage = groupedBy(placements, ({ pageId }) => pageId);
  const whole = placements.some(({ form }) => isClientForm(form)) ? await versionsOf(client.id) : '';
  const wholeOf = ({ form }: PlacementRow): string => (isClientForm(form) ? whole : '');
  const carried = new Map<number, Carried>();
  const stale: PageKey[] = [];
  for (const page of pages) {
    const here = (byPage.get(page.id) ?? []).flatMap((placement) => {
      const branch = branches.get(placement.branchId);
      return branch
        ? [{ placement, branch, of: `${proofOf(page, branch, client)}${wholeOf(placement)}` }]
        : [];
    });
    const reading = stillWorked(page.reading, readingOf(page), readingSchema);
    const proofs = here.map(({ placement, of }) => stillWorked(placement.proof, of, proofSchema));
    if (!reading || proofs.includes(undefined)) {
      stale.push(page);
      continue;
    }
    const placed = here.flatMap(({ placement, branch }, at) => {
      const proof = proofs[at];
      return proof ? [placedHere(placement, branch, proof)] : [];
    });
    carried.set(page.id, { ...reading, placed });
  }
  if (stale.length > 0)
    for (const [id, one] of await readAnew(stale, byPage, client, worker, wholeOf)) carried.set(id, one);
  return carried;
}

const readingOf = ({ version }: PageKey): string => `${String(RULES)}/${String(version)}`;
const proofOf = (
  page: PageKey,
  branch: { readonly version: number },
  { defaultsVersion }: ClientRow,
): string => `${readingOf(page)}/${String(branch.version)}/${String(defaultsVersion)}`;

/** What tells whether any branch of a client was changed, added or deleted. */
async function versionsOf(clientId: number): Promise<string> {
  const rows = await BranchRow.findAll({
    where: { clientId },
    order: ['id'],
    attributes: ['id', 'version'],
    raw: true,
  });
  return `/${digestOf(Buffer.from(rows.map(({ id, version }) => `${String(id)}:${String(version)}`).join(' ')))}`;
}

const placedHere = (
  { id, pageId, branchId, form }: PlacementRow,
  { label: branchLabel }: { readonly label: string },
  proof: Proof,
): PlacedHere => ({ id, pageId, branchId, branchLabel, form, ...proof });

/** A record as a placement tells it: with its own choices, where it has any. */
export const toldIn = ({ output }: Pick<PlacementRow, 'output'>, record: BusinessRecord): BusinessRecord =>
  output === null ? record : { ...record, output: placementOutputJson.read(output) };

async function readAnew(
  pages: readonly PageKey[],
  byPage: ReadonlyMap<number, readonly PlacementRow[]>,
  client: ClientRow,
  worker: PageWorker,
  wholeOf: (placement: PlacementRow) => string,
): Promise<readonly (readonly [number, Carried])[]> {
  const placements = pages.flatMap(({ id }) => byPage.get(id) ?? []);
  const ids = [...new Set(placements.map(({ branchId }) => branchId))];
  const rows = await BranchRow.findAll({ where: { id: { [Op.in]: ids } } });
  const branches = new Map(rows.map((branch) => [branch.id, branch]));
  const records = recordsOf(rows, client);
  const all = placements.some(({ form }) => isClientForm(form)) ? await allRecords(client) : [];
  const readings: (Worked<Reading> & { id: number })[] = [];
  const proofs: (Worked<Proof> & { id: number })[] = [];
  const read = await inLanes(pages, LANES, async ({ id }) => {
    const page = await PageRow.findByPk(id);
    if (!page) return [];
    const here = (byPage.get(id) ?? []).flatMap((placement) => {
      const [branch, record] = [branches.get(placement.branchId), records.get(placement.branchId)];
      if (!branch || !record) return [];
      const { form } = placement;
      const told = { record: toldIn(placement, record), form, ...(isClientForm(form) ? { all } : {}) };
      return [{ placement, branch, ...told }];
    });
    const { reading, states } = await readOne(page, here, worker);
    readings.push({ id, of: readingOf(page), value: reading });
    const placed = here.flatMap(({ placement, branch }, at) => {
      const value = states[at];
      if (!value) return [];
      proofs.push({ id: placement.id, of: `${proofOf(page, branch, client)}${wholeOf(placement)}`, value });
      return [placedHere(placement, branch, value)];
    });
    return [[id, { ...reading, placed }] as const];
  });
  keepWorked(PageRow, readings);
  keepWorked(PlacementRow, proofs);
  return read.flat();
}

/** One page read in a thread; one that cannot be read says why, and nothing of what is placed on it is known. */
async function readOne(
  { source }: PageRow,
  placed: Parameters<PageWorker['read']>[1],
  worker: PageWorker,
): Promise<{ reading: Reading; states: readonly Proof[] }> {
  const size = source.length;
  try {
    const { encoding, items, pictures, states } = await worker.read(
      source,
      placed.map(({ form, record, all }) => ({ form, record, ...(all ? { all } : {}) })),
    );
    return { reading: { size, encoding, items, pictures: [...pictures], problem: '' }, states };
  } catch (error) {
    if (!(error instanceof GivenUp)) throw error;
    const items: Page['items'] = { jsonld: 0, microdata: 0, rdfa: 0 };
    return {
      reading: { size, encoding: '', items, pictures: [], problem: error.message },
      states: placed.map(() => ({ state: 'absent' as const, misread: [] })),
    };
  }
}
