import * as z from 'zod';
import type { Towns } from '#core/towns';
import { businessesIn, isLocalBusiness, linksOf, readSource, recordFromItem } from '#core/reading';
import { syntaxes, syntaxName } from '#core/item';
import { checkReading, type Check } from './check.ts';
import { describe, descriptionSchema, MOST_DESCRIBED } from '#core/agreement';
import { finding, type SiteFinding } from '#core/fault';
import type { Ignore } from './ignore.ts';
import { knownBranches, type SiteBranch } from '#core/agreement';
import { localBusinessProfile, type Profile } from './profile.ts';
import { contradictingPages } from './pages.ts';

/** A business that a page describes, and the branch it is. */
export const carriedSchema = z.object({
  syntax: z.enum(syntaxes),
  name: z.string(),
  /** Null for one that is none of the branches. */
  branchId: z.number().nullable(),
  line: z.number(),
  /** What it tells; null past the first hundred of a page. */
  description: descriptionSchema.nullable(),
});
type Carried = Readonly<z.infer<typeof carriedSchema>>;

/** What a page of a site carries. */
export interface PageCarries {
  readonly url: string;
  /** The branch whose own page it is; null for any other page. */
  readonly ownBranchId: number | null;
  readonly carries: readonly Carried[];
}

export interface SitePageCheck extends PageCarries {
  readonly check: Check;
  /** The pages of the same host that it links to. */
  readonly links: readonly string[];
}

export interface SitePageOptions {
  readonly profile?: Profile;
  readonly ignores?: readonly Ignore[];
  /** What ignores call the page. */
  readonly page?: string;
  /** The date of the check, ISO 8601. */
  readonly today?: string;
  readonly towns?: Towns;
}

/**
 * Checks one page of a site against the branch whose own page it is, or else the first branch that it
 * describes. A page that is no branch's own and describes no business is not blamed for that.
 */
export function checkSitePage(
  source: string,
  url: string,
  branches: readonly SiteBranch[],
  { profile = localBusinessProfile, ...options }: SitePageOptions = {},
): SitePageCheck {
  const reading = readSource(source, url);
  const businesses = businessesIn(reading.items);
  const known = knownBranches(branches);
  const described = businesses.map((item) => ({ item, branch: known.branchOf(recordFromItem(item)) }));
  const own = known.ownerOf(url);
  const branch = own ?? described.find((one) => one.branch)?.branch;
  const check = checkReading(reading, {
    ...options,
    url,
    onlySaid: true,
    branches,
    profile: own || businesses.length > 0 ? profile : { ...profile, needsBusiness: false },
    ...(branch && (own || businesses.length > 0) ? { record: branch.record } : {}),
  });
  const carries = described
    .filter(({ item }) => isLocalBusiness(item))
    .map(({ item, branch: one }, at) => ({
      syntax: item.syntax,
      name: recordFromItem(item).name,
      branchId: one?.id ?? null,
      line: item.place.line,
      description: at < MOST_DESCRIBED ? describe(item) : null,
    }));
  const links = reading.document ? linksOf(reading.document, reading.base || url) : [];
  return { url, ownBranchId: own?.id ?? null, carries, check, links };
}

const NOWHERE = { start: 0, end: 0, line: 1, column: 1 } as const;
const FEWEST_PAGES = 3;

/**
 * Judges what the pages of a site carry together: pages that contradict each other, the wrong branch, the same
 * branch everywhere, a branch nowhere.
 */
export function judgeSite(
  pages: readonly PageCarries[],
  branches: readonly SiteBranch[],
): readonly SiteFinding[] {
  return [
    ...wrongBranches(pages, branches),
    ...contradictingPages(pages),
    ...everywhere(pages, branches),
    ...nowhere(pages, branches),
  ];
}

const labelOf = (branches: readonly SiteBranch[], id: number | null): string =>
  branches.find((branch) => branch.id === id)?.label ?? '';

function wrongBranches(
  pages: readonly PageCarries[],
  branches: readonly SiteBranch[],
): readonly SiteFinding[] {
  return pages.flatMap(({ url, ownBranchId, carries }) => {
    if (ownBranchId === null || carries.some(({ branchId }) => branchId === ownBranchId)) return [];
    const other = carries.find(({ branchId }) => branchId !== null);
    if (!other) return [];
    const message = `This is the page of ${labelOf(branches, ownBranchId)}, but its ${syntaxName[other.syntax]} describes ${labelOf(branches, other.branchId)}.`;
    const place = { ...NOWHERE, line: other.line };
    return [{ url, finding: finding('agreement/wrong-branch', message, place) }];
  });
}

function everywhere(pages: readonly PageCarries[], branches: readonly SiteBranch[]): readonly SiteFinding[] {
  if (pages.length < FEWEST_PAGES) return [];
  const [only, ...others] = branches;
  if (only && others.length === 0) return siteWide(pages, only);
  const counts = new Map<number, number>();
  for (const { carries } of pages)
    for (const id of new Set(carries.flatMap(({ branchId }) => branchId ?? [])))
      counts.set(id, (counts.get(id) ?? 0) + 1);
  return branches.flatMap(({ id, label }) => {
    // A home page that lists every branch is as it should be; a page of another branch is not.
    const isForeign = ({ ownBranchId, carries }: PageCarries): boolean =>
      ownBranchId !== null && ownBranchId !== id && carries.some(({ branchId }) => branchId === ownBranchId);
    if (counts.get(id) !== pages.length || !pages.some(isForeign)) return [];
    const message = `${label} is described on every page of the site (${String(pages.length)}), also on those of other branches. Keep its markup on its own page.`;
    return [{ url: pages[0]?.url ?? '', finding: finding('agreement/every-page', message, NOWHERE) }];
  });
}

/**
 * The markup of a site's only branch on all its pages. A footer may repeat name, address and number as microdata;
 * a script that describes the whole business belongs on the page it is about.
 */
function siteWide(pages: readonly PageCarries[], { id, label }: SiteBranch): readonly SiteFinding[] {
  const elsewhere = pages.filter(
    ({ ownBranchId, carries }) =>
      ownBranchId === null && carries.some(({ branchId, syntax }) => branchId === id && syntax === 'jsonld'),
  );
  const rest = pages.filter(({ ownBranchId }) => ownBranchId === null).length;
  if (elsewhere.length < FEWEST_PAGES || elsewhere.length < rest) return [];
  const message = `${label} is described in JSON-LD on every page of the site (${String(pages.length)}). Keep its markup on its own page.`;
  return [{ url: elsewhere[0]?.url ?? '', finding: finding('agreement/every-page', message, NOWHERE) }];
}

function nowhere(pages: readonly PageCarries[], branches: readonly SiteBranch[]): readonly SiteFinding[] {
  if (pages.length === 0) return [];
  const carried = new Set(pages.flatMap(({ carries }) => carries.flatMap(({ branchId }) => branchId ?? [])));
  return branches
    .filter(({ id }) => !carried.has(id))
    .map(({ label, record }) => {
      const page = record.url
        ? ` Its own page would be ${record.url}.`
        : ' The record names no page of its own.';
      const message = `No page of the site carries the markup of ${label}.${page}`;
      return { url: '', finding: finding('agreement/no-page', message, NOWHERE) };
    });
}
