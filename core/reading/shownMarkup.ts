import type { VisibleText } from './visible.ts';

/** Markup as text: a keyword of JSON-LD with its vocabulary, or a tag with attributes of microdata or RDFa. */
const MARKUP =
  /(?:&(?:amp;)*lt;|<)\s*(?:script\b[^<>]{0,200}ld\+json|[a-z][a-z\d]*\b[^<>]{0,200}?\s(?:itemscope\b|itemprop\s*=|typeof\s*=|vocab\s*=))|["“”„″«&][^\s"“”„″«:]{0,9}@context["“”„″»&][^\n:]{0,9}:\s*["“”„″«&][^\s:]{0,9}https?:\/\/(?:www\.)?schema\.org/i;

/** Where visitors read markup as text, which machines pass over, as offsets of the visible text; undefined where nowhere. */
export function shownMarkup({
  text,
}: VisibleText): { readonly start: number; readonly end: number } | undefined {
  const found = MARKUP.exec(text);
  return found ? { start: found.index, end: found.index + found[0].length } : undefined;
}
