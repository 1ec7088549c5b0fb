/** More stars than this nobody needs. */
const MOST_STARS = 8;

export const mostStars = (pattern: string): boolean => (pattern.match(/\*+/g)?.length ?? 0) <= MOST_STARS;

/**
 * Whether a page's path fits a pattern: `*` stands for anything within one folder, `**` for anything at all, and
 * everything else for itself. A slash at the beginning of either is none of it, and a pattern that ends in a slash
 * means all that lies below. A pattern without a star also means the page that has it as its address: `/` the home
 * page, `/contact` the one of the folder. Takes time by the product of both lengths, whatever they are.
 */
export function matchesPath(pattern: string, path: string): boolean {
  if (!pattern.includes('*') && withoutIndex(pattern) === withoutIndex(path)) return true;
  const wanted = tokensOf(pattern.replace(/^\//, '').replace(/\/$/, '/**'));
  const letters = path.replace(/^\//, '').match(/[\s\S]/gu) ?? [];
  // Which beginnings of the path the tokens so far can stand for.
  let fits: readonly boolean[] = [true, ...letters.map(() => false)];
  for (const token of wanted) {
    const next: boolean[] = [];
    for (let at = 0; at <= letters.length; at += 1) {
      const letter = letters[at - 1];
      const before = at > 0 ? (next[at - 1] ?? false) : false;
      next[at] =
        token === '**'
          ? (fits[at] ?? false) || before
          : token === '*'
            ? (fits[at] ?? false) || (before && letter !== '/')
            : at > 0 && (fits[at - 1] ?? false) && letter === token;
    }
    fits = next;
  }
  return fits[letters.length] ?? false;
}

/** A path as addresses have it: the index page of a folder is the folder's. */
const withoutIndex = (path: string): string =>
  path
    .replace(/^\//, '')
    .replace(/(^|\/)index\.(?:html?|php)$/i, '$1')
    .replace(/\/$/, '');

const tokensOf = (pattern: string): readonly string[] =>
  (pattern.match(/\*+|[^*]/gu) ?? []).map((token) =>
    token.length > 1 && token.startsWith('*') ? '**' : token,
  );
