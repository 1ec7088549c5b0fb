/** Judges pages away from the server's thread. Started by piscina with the site as `workerData`. */
import { workerData } from 'node:worker_threads';
import {
  checkSitePage,
  excerptOf,
  profiles,
  profileWith,
  type Ignore,
  type ProfileName,
  type SiteBranch,
  type Want,
} from '#core/checking';
import { decodeText } from '#core/text';

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

const site = (workerData as [unknown, SiteToJudge] | SiteToJudge | null) ?? [];
const { branches, profile, wants, ignores } = (Array.isArray(site) ? site.at(-1) : site) as SiteToJudge;

/** The page judged; findings with the characters they are about. */
export default function judgePage({ url, bytes, contentType }: PageToJudge) {
  const { text } = decodeText(bytes, contentType);
  const { check, ownBranchId, carries, links } = checkSitePage(text, url, branches, {
    profile: profileWith(profiles[profile], wants),
    ignores,
    page: url,
  });
  return {
    summary: check.summary,
    ignored: check.ignored.length,
    ownBranchId,
    carries,
    codes: countsOf(check.findings.map(({ code }) => code)),
    findings: check.findings.map((finding) => ({ finding, excerpt: excerptOf(text, finding) })),
    links,
  };
}
function countsOf(codes: readonly string[]): Readonly<Record<string, number>> {
  const counts: Record<string, number> = {};
  for (const code of codes) counts[code] = (counts[code] ?? 0) + 1;
  return counts;
}

export type JudgedPage = ReturnType<typeof judgePage>;
