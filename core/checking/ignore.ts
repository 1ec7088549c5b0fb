import * as z from 'zod';
import { collapse } from '#core/text';
import type { Finding } from '#core/fault';

/** A finding that somebody chose not to be told any more, with the reason why. */
export const ignoreSchema = z.object({
  code: z.string().min(1).max(100),
  /** The page it stands on (address or path); '' for the whole site. */
  page: z.string().max(2000).default(''),
  /** The very characters it is about, white space collapsed; '' for every place. */
  excerpt: z.string().max(200).default(''),
  reason: z.string().trim().max(500).default(''),
});
export type Ignore = Readonly<z.infer<typeof ignoreSchema>>;

export interface Ignored {
  readonly finding: Finding;
  readonly reason: string;
}

/** The characters that a finding is about, by which its place is known again after the source has changed. */
export const excerptOf = (source: string, { place }: Finding): string =>
  collapse(source.slice(place.start, Math.min(place.end, place.start + 400))).slice(0, 200);

/** Whether a finding of this code, on this page, about these characters is ignored. */
export const fits = (ignore: Ignore, code: string, page: string, excerpt: string): boolean =>
  ignore.code === code &&
  (ignore.page === '' || ignore.page === page) &&
  (ignore.excerpt === '' || ignore.excerpt === excerpt);

/** Findings apart from those that are ignored on this page. */
export function putAside(
  source: string,
  findings: readonly Finding[],
  ignores: readonly Ignore[],
  page: string,
): { readonly findings: readonly Finding[]; readonly ignored: readonly Ignored[] } {
  if (ignores.length === 0) return { findings, ignored: [] };
  const kept: Finding[] = [];
  const ignored: Ignored[] = [];
  for (const finding of findings) {
    const ignore = ignores.find((one) => fits(one, finding.code, page, excerptOf(source, finding)));
    if (ignore) ignored.push({ finding, reason: ignore.reason });
    else kept.push(finding);
  }
  return { findings: kept, ignored };
}
