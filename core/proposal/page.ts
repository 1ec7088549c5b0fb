import { addressText } from '#core/address';
import { isCalled, isFaxAlone, isPlainlyOne, numbersIn, telephonesAmong, vatNumberIn } from '#core/agreement';
import { days, weeksIn, writeWeek } from '#core/hours';
import { emailsIn, isEmail, parseUrl, siteOf } from '#core/link';
import { readTelephone } from '#core/phone';
import { textContent, type HtmlDocument, type HtmlElement, languageOfDocument } from '#core/html';
import type { Reading } from '#core/reading';
import { factLabel, type Fact } from '#core/record';
import { collapse, westernDigits } from '#core/text';
import { typeIn, type TypeOfWord } from './pageType.ts';
import { countriesOfPage, findAddress, type Line } from './pageAddress.ts';
import type { Proposal } from './proposal.ts';

/**
 * What a page shows or says of itself beside its markup. `home` (alpha-2) is the country that its markup names, `typeOf`
 * knows the words of the trades.
 */
export function proposeFromPage(
  document: HtmlDocument,
  reading: Reading,
  url: string,
  { home = '', typeOf = () => '' }: { readonly home?: string; readonly typeOf?: TypeOfWord } = {},
): readonly Proposal[] {
  const base = reading.base || url;
  const found: Proposal[] = [];
  const seen = new Set<string>();
  const tell = (
    values: Proposal['values'],
    shown: string,
    where: string,
    unit: string,
    label: string,
  ): void => {
    if (values.length === 0 || !shown.trim() || seen.has(`${unit} ${shown}`)) return;
    seen.add(`${unit} ${shown}`);
    found.push({ unit, label, values, shown, where, from: 'page' });
  };
  const one = (fact: Fact, text: string, where: string): void =>
    tell([{ fact, text }], text, where, fact, factLabel(fact));
  const at = ({ start }: { start: number }): string =>
    `line ${String(reading.lines.place(start, start).line)}`;
  const lines = visibleLines(reading);
  const countries = home ? [home] : countriesOfPage(document, base, lines);

  proposeHead(document, base, one, at);
  const [trade] = document.elements.flatMap((element) => {
    const isName = !element.inert && (element.name === 'h1' || element.name === 'title');
    const type = isName ? typeIn(collapse(textContent(element)), typeOf) : '';
    return type ? [{ type, where: at(element) }] : [];
  });
  if (trade) one('types', trade.type, `a word of the trade, ${trade.where}`);
  const address = findAddress(document, lines, countries);
  if (address)
    tell(
      Object.entries(address.parts).flatMap(([part, text]) =>
        text ? [{ fact: `address.${part}` as Fact, text }] : [],
      ),
      [addressText(address.parts), address.parts.addressCountry].filter(Boolean).join(', '),
      `shown, ${address.where}`,
      'address',
      'Address',
    );
  const told = address?.parts.addressCountry || countries[0] || '';
  const code = address?.parts.postalCode ?? '';
  for (const { text, where } of telephonesOf(document, lines, told, at).slice(0, 3))
    if (!endsInCode(text, code)) one('telephone', text, where);
  const fax = lines.flatMap((line) => faxIn(line, told))[0];
  if (fax) one('faxNumber', fax.text, fax.where);
  for (const { text, where } of emailsOf(document, lines, at).slice(0, 2)) one('email', text, where);
  const vat = lines.find(({ text }) => vatNumberIn(text));
  if (vat) one('vatID', vatNumberIn(vat.text), `shown, ${vat.where}`);
  const hours = findHours(lines, languageOfDocument(document));
  if (hours)
    tell(
      days.flatMap((day) =>
        hours.hours[day] ? [{ fact: `hours.${day}` as const, text: hours.hours[day] }] : [],
      ),
      writeWeek(hours.hours),
      `shown, ${hours.where}`,
      'hours',
      'Hours',
    );
  const profiles = profilesOf(document, base);
  if (profiles.length > 0) one('sameAs', profiles.join('\n'), 'profile links of the page');
  return found;
}

type One = (fact: Fact, text: string, where: string) => void;
type At = (place: { start: number }) => string;

/** Whether what may be a number is a postal code, alone or with a house number before it. */
const endsInCode = (text: string, code: string): boolean =>
  code !== '' && text.replace(/\D/g, '').endsWith(code.replace(/\D/g, '') || ' ');

/** Title, meta elements, canonical address, logo and picture. */
function proposeHead({ elements }: HtmlDocument, base: string, one: One, at: At): void {
  const live = elements.filter(({ inert }) => !inert);
  const meta = (name: string): { text: string; where: string } | undefined => {
    const element = live.find(
      ({ name: tag, attributes }) =>
        tag === 'meta' && (attributes['name'] ?? attributes['property'] ?? '').toLowerCase() === name,
    );
    const text = collapse(element?.attributes['content'] ?? '');
    return element && text ? { text, where: `meta ${name}, ${at(element)}` } : undefined;
  };
  const absolute = (address: string): string => (base ? (parseUrl(address, base)?.href ?? address) : address);
  const site = meta('og:site_name');
  if (site) one('name', site.text, site.where);
  const heading = live.find(({ name }) => name === 'h1');
  if (heading && collapse(textContent(heading)))
    one('name', collapse(textContent(heading)), `heading, ${at(heading)}`);
  const title = live.find(({ name }) => name === 'title');
  const [first] = title ? collapse(textContent(title)).split(/\s+[|–—·:-]\s+/) : [];
  if (title && first) one('name', first, `page title, ${at(title)}`);
  const description = meta('description') ?? meta('og:description');
  if (description) one('description', description.text, description.where);
  const canonical = live.find(
    ({ name, attributes }) => name === 'link' && /\bcanonical\b/i.test(attributes['rel'] ?? ''),
  );
  if (canonical?.attributes['href'])
    one('url', absolute(canonical.attributes['href']), `canonical link, ${at(canonical)}`);
  else if (base) one('url', base, 'the page’s own address');
  const logo = live.find(
    ({ name, attributes }) =>
      name === 'img' &&
      ['class', 'id', 'src', 'alt'].some((key) => /\blogo\b|logo[._-]/i.test(attributes[key] ?? '')),
  );
  if (logo?.attributes['src']) one('logo', absolute(logo.attributes['src']), `picture, ${at(logo)}`);
  const picture = meta('og:image');
  if (picture) one('image', absolute(picture.text), picture.where);
}

function visibleLines({ visible, lines }: Reading): readonly Line[] {
  if (!visible) return [];
  const found: Line[] = [];
  let at = 0;
  let piece = 0;
  for (const text of visible.text.split('\n')) {
    while (piece + 1 < visible.pieces.length && (visible.pieces[piece + 1]?.at ?? 0) <= at) piece += 1;
    const start = visible.pieces[piece]?.start ?? 0;
    if (text.trim())
      found.push({ text: collapse(text), where: `line ${String(lines.place(start, start).line)}` });
    at += text.length + 1;
  }
  return found;
}

/** What has fewer digits and no name is no telephone number to propose; small countries have numbers of six. */
const FEWEST_DIGITS = 6;

function telephonesOf(
  { elements }: HtmlDocument,
  lines: readonly Line[],
  country: string,
  at: At,
): readonly Line[] {
  const found = new Map<string, Line>();
  const add = (text: string, where: string): void => {
    const { telephone } = readTelephone(text, country);
    if (telephone && !found.has(telephone.e164)) found.set(telephone.e164, { text, where });
  };
  for (const element of elements) {
    const href = element.attributes['href'] ?? '';
    if (element.name !== 'a' || !/^tel:/i.test(href) || element.inert) continue;
    const shown = collapse(textContent(element));
    const same =
      readTelephone(shown, country).telephone?.e164 === readTelephone(href, country).telephone?.e164;
    add(same ? shown : href.slice(4), `telephone link, ${at(element)}`);
  }
  for (const [line, { text, where }] of lines.entries()) {
    const western = westernDigits(text);
    // What a number is called may stand in the cell before it.
    const label = `${lines[line - 1]?.text ?? ''} `;
    for (const shown of telephonesAmong(numbersIn(western), country)) {
      const isOne =
        isCalled(western, shown.at) ||
        (shown.at.start === 0 && isCalled(label, { start: label.length, end: label.length })) ||
        isPlainlyOne(shown, western, FEWEST_DIGITS);
      if (isOne && !isFaxAlone(western, shown.at)) add(shown.text, `shown, ${where}`);
    }
  }
  return [...found.values()];
}

/** The numbers of a line that are called a fax and nothing else. */
function faxIn({ text, where }: Line, country: string): readonly Line[] {
  const western = westernDigits(text);
  return telephonesAmong(numbersIn(western), country)
    .filter(({ at }) => isFaxAlone(western, at))
    .map((shown) => ({ text: shown.text, where: `shown, ${where}` }));
}

function emailsOf({ elements }: HtmlDocument, lines: readonly Line[], at: At): readonly Line[] {
  const found = new Map<string, Line>();
  const add = (text: string, where: string): void => {
    if (isEmail(text) && !found.has(text.toLowerCase())) found.set(text.toLowerCase(), { text, where });
  };
  for (const element of elements) {
    const href = element.attributes['href'] ?? '';
    if (element.name === 'a' && /^mailto:/i.test(href) && !element.inert)
      add(href.slice(7).replace(/\?.*$/, ''), `email link, ${at(element)}`);
  }
  for (const { text, where } of lines)
    for (const { 0: email } of emailsIn(text)) add(email, `shown, ${where}`);
  return [...found.values()];
}

/** The first run of lines that speak of days and times, read as a week. */
function findHours(lines: readonly Line[], language: string) {
  const [found] = weeksIn(lines.map(({ text }) => text).join('\n'), language).weeks;
  if (!found) return undefined;
  let at = 0;
  const line = lines.find(({ text }) => (at += text.length + 1) > found.start);
  return { hours: found.hours, where: line?.where ?? '' };
}

/** Links to profiles elsewhere: those that say so, or stand where pages gather them. */
function profilesOf({ elements }: HtmlDocument, base: string): readonly string[] {
  const own = siteOf(base);
  const found = new Set<string>();
  for (const element of elements) {
    const href = element.attributes['href'] ?? '';
    if (element.name !== 'a' || element.inert || !/^https?:\/\//i.test(href)) continue;
    const url = parseUrl(href);
    if (!url || siteOf(href) === own || /^\/*$/.test(url.pathname)) continue;
    if (/\b(share|intent|sharer)\b/i.test(url.pathname)) continue;
    if (saysProfile(element)) found.add(url.href);
  }
  return [...found].slice(0, 20);
}

function saysProfile(element: HtmlElement): boolean {
  if (/\bme\b/i.test(element.attributes['rel'] ?? '')) return true;
  const words = ['class', 'aria-label', 'title', 'id']
    .map((name) => element.attributes[name] ?? '')
    .join(' ');
  if (/\b(social|follow|profile)\b/i.test(`${words} ${collapse(textContent(element))}`)) return true;
  for (let above = element.parent; above; above = above.parent)
    if (
      /\b(social|follow|profiles)\b/i.test(
        `${above.attributes['class'] ?? ''} ${above.attributes['id'] ?? ''}`,
      )
    )
      return true;
  return false;
}
