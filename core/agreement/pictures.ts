import type { HtmlDocument, HtmlElement } from '#core/html';
import { isUnseen } from '#core/reading';
import { remembered } from '#core/text';
import type { Seen } from './seen.ts';
import { VisitorSearch } from './visitor.ts';

/** The words of the pictures that visitors see, a line each, and where each line begins. */
interface PictureWords {
  readonly search: VisitorSearch;
  readonly lines: readonly { readonly at: number; readonly picture: HtmlElement }[];
}

/** Longer words belong to no logo, and more pictures than this are a gallery; characters, and elements. */
const LONGEST_WORDS = 300;
const MOST_PICTURES = 200;

const pictureWords = remembered((document: HtmlDocument): PictureWords => {
  let text = '';
  const lines: { at: number; picture: HtmlElement }[] = [];
  for (const element of document.elements) {
    if (element.name !== 'img' || lines.length === MOST_PICTURES || !isSeen(element)) continue;
    const words = (element.attributes['alt'] ?? '').replace(/\s+/g, ' ').trim();
    if (words === '' || words.length > LONGEST_WORDS) continue;
    lines.push({ at: text.length, picture: element });
    text += `${words}\n`;
  }
  return { search: new VisitorSearch({ text, pieces: [] }), lines };
});

function isSeen(element: HtmlElement): boolean {
  for (let one: HtmlElement | null = element; one; one = one.parent) if (isUnseen(one)) return false;
  return !element.inert;
}

/**
 * A fact that the words of a picture say, as those of a logo do (HTML Standard, 4.8.4.4 "alt"), with the place of the
 * picture as `link`; undefined where none does.
 */
export function seenInPicture(
  document: HtmlDocument,
  look: (search: VisitorSearch) => Seen | undefined,
): Seen | undefined {
  const { search, lines } = pictureWords(document);
  const seen = lines.length > 0 ? look(search) : undefined;
  if (!seen?.at || (seen.agreement !== 'exact' && seen.agreement !== 'written-differently')) return undefined;
  const { start } = seen.at;
  const picture = lines.findLast(({ at }) => at <= start)?.picture;
  return picture && { ...seen, at: undefined, link: { start: picture.start, end: picture.end } };
}
