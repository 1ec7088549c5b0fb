import type { SiteBranch } from '#core/agreement';
import { readSource } from '#core/reading';
import { matchPage, type PageMatch } from '#core/site';
import { decodeText } from '#core/encoding';

/** Whose pages they seem to be, in their order; some at a time, since all branches go with them. */
export const matchPages = (
  pages: readonly { readonly bytes: Uint8Array; readonly url: string }[],
  branches: readonly SiteBranch[],
): readonly (PageMatch | null)[] =>
  pages.map(({ bytes, url }) => matchPage(readSource(decodeText(bytes).text, url), url, branches) ?? null);
