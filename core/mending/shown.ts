import { attributeSpan } from '#core/html';
import type { ReadProperty } from '#core/item';
import { readTelephone } from '#core/phone';
import { attributeText, type Reading } from '#core/reading';
import { escapeHtml, type Edit, type Place } from '#core/text';

/**
 * Puts what machines should read apart from what an element shows: its `itemprop` or `property` goes, and `write`
 * gives its new content from the HTML that it shows. None where the text is no plain text of that one property.
 */
export function apartFromShown(
  { name, value, place: { start } }: ReadProperty,
  source: string,
  write: (html: string) => string,
): readonly Edit[] {
  if (value.kind !== 'text' || value.holder !== 'text') return [];
  const { start: from, end } = value.place;
  const attribute = new RegExp(`\\s+(?:itemprop|property)\\s*=\\s*(["']?)${name}\\1(?=[\\s>/])`, 'i');
  const found = attribute.exec(source.slice(start, from));
  const html = source.slice(from, end);
  if (!found || html.includes('<')) return [];
  const at = start + found.index;
  return [
    { start: at, end: at + found[0].length, text: '' },
    { start: from, end, text: write(html) },
  ];
}

/**
 * What visitors read at a place exchanged for another text, and the link round it led there too. None where it does not
 * stand in the source in one piece.
 */
export function shownInstead(
  reading: Reading,
  { place, text }: { readonly place: Place; readonly text: string },
  becomes: string,
  country: string,
): readonly Edit[] {
  const within = reading.source.slice(place.start, place.end);
  const at = within.indexOf(text);
  if (!text || at < 0 || within.includes(text, at + 1) || /[<&\n]/.test(text)) return [];
  const start = place.start + at;
  const shown = { start, end: start + text.length, text: escapeHtml(becomes) };
  return [...linkAround(reading, { ...shown, text }, becomes, country), shown];
}

/** The link round a number or an address that dials, or writes to, just that, led to what is shown there instead. */
function linkAround(
  { document, source }: Reading,
  { start, end, text }: Edit,
  becomes: string,
  country: string,
): readonly Edit[] {
  const link = document?.elements.find(
    ({ name, inert, contentStart, contentEnd }) =>
      name === 'a' && !inert && contentStart <= start && end <= contentEnd,
  );
  const href = link && attributeSpan(source, link, 'href');
  const [, scheme = '', target = '', query = ''] =
    /^(tel|mailto):([^?]*)(\?.*)?$/i.exec(link?.attributes['href']?.trim() ?? '') ?? [];
  const dialled = (number: string): string => readTelephone(number, country).telephone?.e164 ?? '';
  const leadsTo = (one: string): string => (/^tel$/i.test(scheme) ? dialled(one) : one.toLowerCase());
  if (!href || !target || leadsTo(target) !== leadsTo(text) || !leadsTo(becomes)) return [];
  const led = /^tel$/i.test(scheme) ? dialled(becomes) : becomes;
  const written = attributeText(`${scheme}:${led}${query}`, `attribute${href.quote}`);
  return [{ start: href.start, end: href.end, text: written }];
}
