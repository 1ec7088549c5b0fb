import { attributeSpan, type HtmlElement } from '#core/html';
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
  return link && leadsTo(link, text, country) ? linkLed(source, link, becomes, country) : [];
}

const LINK = /^(tel|sms|mailto):([^?]*)(\?.*)?$/i;
const partsOf = ({ attributes }: HtmlElement): readonly string[] =>
  LINK.exec(attributes['href']?.trim() ?? '') ?? [];

/** What a link of a scheme dials, in E.164, or whom it writes to; '' where that is no number. */
const aimOf = (scheme: string, text: string, country: string): string =>
  /^mailto$/i.test(scheme) ? text.toLowerCase() : (readTelephone(text, country).telephone?.e164 ?? '');

/** Whether a link dials a number, or writes to an email address. */
export function leadsTo(link: HtmlElement, text: string, country: string): boolean {
  const [, scheme = '', target = ''] = partsOf(link);
  const aim = aimOf(scheme, target, country);
  return aim !== '' && aim === aimOf(scheme, text, country);
}

/** A link that dials or writes led to another number or email address; none where it does neither, or that is no such. */
export function linkLed(source: string, link: HtmlElement, to: string, country: string): readonly Edit[] {
  const href = attributeSpan(source, link, 'href');
  const [, scheme = '', , query = ''] = partsOf(link);
  const isEmail = /^mailto$/i.test(scheme);
  const aim = isEmail ? to.trim() : aimOf(scheme, to, country);
  if (!href || !scheme || !aim || isEmail !== aim.includes('@')) return [];
  const written = attributeText(`${scheme}:${aim}${query}`, `attribute${href.quote}`);
  return [{ start: href.start, end: href.end, text: written }];
}
