/** The branches of a client, as a file of markup has them, and which of them a page is about. */
import { valuesOf, type ReadItem } from '#core/item';
import { pageUrl } from '#core/link';
import { takeIn, takeInEach, type TakenBusiness } from '#core/proposal';
import { isLocalBusiness, type Reading } from '#core/reading';
import type { BusinessRecord } from '#core/record';
import { matchPage } from '#core/site';
import { counted } from '#core/text';
import { CannotRun } from '../command.ts';
import { readBusinesses } from './sources.ts';
import { isAddress } from './pages.ts';

/** At least one. */
export type Branches = readonly [BusinessRecord, ...BusinessRecord[]];

/**
 * The branches in a file of markup: each of its local businesses one, but for the departments of another; or the one
 * business that there is.
 */
export async function branchesIn(
  path: string | undefined,
): Promise<readonly [TakenBusiness, ...TakenBusiness[]]> {
  const { businesses, items } = await readBusinesses(path);
  const departments = new Set(
    businesses.flatMap((business) =>
      valuesOf(business, 'department').flatMap((value) => (value.kind === 'item' ? [value.item.id] : [])),
    ),
  );
  const isBranch = (item: ReadItem): boolean =>
    isLocalBusiness(item) && !(item.id && departments.has(item.id));
  const [first, ...others] = takeInEach(businesses.filter(isBranch), items);
  return first
    ? [first, ...others]
    : [{ ...takeIn(businesses[0], items), business: businesses[0], besides: items }];
}

/** The record in a file of markup, where one is taken; of several the first, and that is told. */
export async function readRecord(path: string | undefined): Promise<BusinessRecord> {
  const [{ record }, ...others] = await branchesIn(path);
  if (others.length > 0)
    process.stderr.write(
      `zinc: ${path ?? ''} holds ${counted(others.length + 1, 'business', 'businesses')}; the first, “${record.name}”, is taken.\n`,
    );
  return record;
}

/** The records of the branches in a file of markup. */
export async function readBranches(path: string | undefined): Promise<Branches> {
  const [first, ...others] = await branchesIn(path);
  return [first.record, ...others.map(({ record }) => record)];
}

/**
 * Which branch's own page a page is: the only one there is, or the one that the page is about; undefined where it is
 * nobody's own. The page is read only where there are several.
 */
export type OwnBranch = (read: () => Reading, url: string) => BusinessRecord | undefined;

export function ownBranchOf(records: readonly BusinessRecord[]): OwnBranch {
  const branches = records.map((record, id) => ({ id, label: record.name, record }));
  return (read, url) => {
    if (records.length < 2) return records[0];
    const match = matchPage(read(), url, branches);
    return match && records[match.branchId];
  };
}

/**
 * The addresses of pages by their paths below a folder, where the address that these begin at is known. Of one page that
 * is named itself (`isOne`) an address that ends in no slash is its own.
 */
export function addressing(site: string | undefined, isOne = false): (path: string) => string {
  if (site === undefined) return () => '';
  if (!isAddress(site) || !URL.canParse(site))
    throw new CannotRun(
      `--url takes the address that the folder, or the one page, has on the web, not “${site}”.`,
    );
  const { pathname, search, href } = new URL(site);
  if (isOne && (search !== '' || !pathname.endsWith('/'))) return () => href;
  const base = site.replace(/\/?$/, '/');
  return (path) => pageUrl(path, base);
}

/** Why a page is no branch's own. */
export const nobodysOwn = (records: readonly BusinessRecord[]): string =>
  `Nothing tells which of the ${String(records.length)} businesses this page is about.`;

/** What becomes of a page that is nobody's own. */
export const nobodys = (records: readonly BusinessRecord[]) => ({
  ok: false as const,
  message: `${nobodysOwn(records)} It was left as it is.`,
  left: true,
});
