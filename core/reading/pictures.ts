import { eachItem, type ReadItem } from '#core/item';
import { textContent, type HtmlDocument } from '#core/html';
import { foldFileName, percentDecoded } from '#core/text';

/** Files that hold pictures, by the end of their addresses. */
const PICTURE = /\.(?:jpe?g|png|webp|gif|avif|heic|heif|tiff?)(?=$|[?#])/i;

/** Addresses of pictures in style rules (CSS Values and Units, "Resource Locators": `url()` and its strings). */
const IN_STYLE =
  /url\(\s{0,9}(?:"([^"]{0,500})"|'([^']{0,500})'|([^\s"'()]{0,500}))\s{0,9}\)|image-set\(\s{0,9}["']([^"']{0,500})["']/gi;

/** Candidates of a `srcset` (HTML Living Standard, 4.8.4.2): an address, and up to a comma what it is for. */
const CANDIDATE = /([^\s,]\S*)(?:(?<!,)[^,]*)?/g;

const PAGE_PICTURES = 500;
/** Longer ones hold their picture themselves, or are no addresses. */
const LONGEST = 500;

/**
 * The addresses of pictures that a page names, as they stand there, each once: in attributes of any name (`src`,
 * `srcset`, `href`, `content`, `data-…`), in styles, and in what machines read. At most 500.
 */
export function picturesOf(
  document: HtmlDocument | undefined,
  items: readonly ReadItem[],
): readonly string[] {
  const found = new Set<string>();
  const add = (text: string | undefined): void => {
    const address = text?.trim() ?? '';
    if (address.length <= LONGEST && PICTURE.test(address) && found.size < PAGE_PICTURES) found.add(address);
  };
  const addStyle = (css: string): void => {
    for (const [, ...texts] of css.matchAll(IN_STYLE)) texts.forEach(add);
  };
  for (const element of document?.elements ?? []) {
    if (element.inert) continue;
    for (const [name, value] of Object.entries(element.attributes)) {
      if (!PICTURE_SOMEWHERE.test(value)) continue;
      if (/srcset$/i.test(name))
        for (const [, candidate] of value.matchAll(CANDIDATE)) add(candidate?.replace(/,+$/, ''));
      else if (name === 'style') addStyle(value);
      else add(value);
    }
    if (element.name === 'style') addStyle(textContent(element));
  }
  for (const { item } of eachItem(items))
    for (const { value } of item.properties) if (value.kind === 'text') add(value.text);
  return [...found];
}

const PICTURE_SOMEWHERE = /\.(?:jpe?g|png|webp|gif|avif|heic|heif|tiff?)/i;

/** The name of the file that an address leads to, decoded and folded; two addresses of one file have one. */
export function fileOfAddress(address: string): string {
  const file =
    address
      .replace(/[?#].*$/s, '')
      .split(/[/\\]/)
      .at(-1) ?? '';
  return foldFileName(percentDecoded(file));
}
