/** Judges pages away from the server's thread. */
import {
  checkSitePage,
  excerptOf,
  profiles,
  profileWith,
  surroundingsOf,
  type Ignore,
  type ProfileName,
  type Want,
} from '#core/checking';
import type { SiteBranch } from '#core/agreement';
import { limits } from '#core/limits';
import { decodeText } from '#core/encoding';
import { tellBegun, type Begun } from '../threads/begun.ts';

/** What all pages of a check have in common. */
export interface SiteToJudge {
  readonly branches: readonly SiteBranch[];
  readonly profile: ProfileName;
  readonly wants: readonly Want[];
  readonly ignores: readonly Ignore[];
}

export interface PageToJudge {
  readonly url: string;
  readonly bytes: Uint8Array;
  readonly contentType: string;
}

export interface Task {
  readonly page: PageToJudge;
  readonly siteKey: string;
  /** Null where the thread is thought to know the site of the key. */
  readonly site: SiteToJudge | null;
}

/** Checks that run at the same time take turns with the threads. */
const MOST_SITES = 2;
const sites = new Map<string, SiteToJudge>();

export default async function judge({
  page,
  siteKey,
  site,
  begun,
}: Begun<Task>): Promise<JudgedPage | 'unknown site'> {
  tellBegun({ begun });
  const known = site ?? sites.get(siteKey);
  if (!known) return 'unknown site';
  // What was used last stands last.
  sites.delete(siteKey);
  sites.set(siteKey, known);
  for (const [eldest] of sites) if (sites.size > MOST_SITES) sites.delete(eldest);
  return judgePage(page, known);
}

/** The page judged; findings with the characters they are about. */
async function judgePage(
  { url, bytes, contentType }: PageToJudge,
  { branches, profile, wants, ignores }: SiteToJudge,
) {
  const { text } = decodeText(bytes, contentType);
  const { check, ownBranchId, carries, links } = checkSitePage(text, url, branches, {
    profile: profileWith(profiles[profile], wants),
    ignores,
    page: url,
    ...(await surroundingsOf(text)),
  });
  // The worst come first: of very many they are kept, and the others are counted.
  const kept = check.findings
    .slice(0, limits.keptFindings)
    .map((finding) => ({ finding, excerpt: excerptOf(text, finding) }));
  const findings = withinBytes(kept, limits.carriedBytes);
  return {
    summary: check.summary,
    ignored: check.ignored.length,
    ownBranchId,
    carries: withinBytes(carries, limits.carriedBytes),
    codes: countsOf(check.findings.map(({ code }) => code)),
    findings,
    leftOut: check.findings.length - findings.length,
    links,
  };
}

/** As many of them, from the first on, as fit into so many characters of JSON. */
function withinBytes<T>(things: readonly T[], most: number): readonly T[] {
  let size = 0;
  const kept: T[] = [];
  for (const thing of things) {
    size += JSON.stringify(thing).length;
    if (size > most) break;
    kept.push(thing);
  }
  return kept;
}

function countsOf(codes: readonly string[]): Readonly<Record<string, number>> {
  const counts: Record<string, number> = {};
  for (const code of codes) counts[code] = (counts[code] ?? 0) + 1;
  return counts;
}

export type JudgedPage = Awaited<ReturnType<typeof judgePage>>;
