import {
  callsAnother,
  knownBranches,
  numbersIn,
  telephonesOf,
  VisitorSearch,
  type SiteBranch,
} from '#core/agreement';
import { finding, shortText, type Finding } from '#core/fault';
import { textContent, type HtmlElement } from '#core/html';
import { leadsTo, linkLed, shownInstead } from '#core/mending';
import { readTelephone, type Telephone } from '#core/phone';
import { percentDecoded, type Place } from '#core/text';
import { businessesIn, headTexts, isLocalBusiness, recordFromItem, type Reading } from '#core/reading';
import { countryOf, type BusinessRecord } from '#core/record';
import { visibleTelephone } from '#core/markup';
import { isFree, numbersOf, othersIn, type Business } from './saidOtherwise.ts';

/** Whose numbers those of a page are. */
interface Sought {
  /** The technician's; without it the only local business of the page. */
  readonly record?: BusinessRecord | undefined;
  /** Of the site; where neither record nor markup says whose page it is, it may be of any of them. */
  readonly branches?: readonly SiteBranch[];
  /** Whether the branches are known from the markup of other pages, and not by the technician. */
  readonly isRead?: boolean;
  readonly search: VisitorSearch;
}

/**
 * Numbers of a business's page that are not its own and stand where visitors do not read them: behind a link that says
 * something else (“Call us”), and in the title and the description that search engines show. Several of them are a
 * list of others.
 */
export function judgeUnshown(
  reading: Reading,
  { record, branches = [], isRead = false, search }: Sought,
): readonly Finding[] {
  const [only, ...others] = businessesIn(reading.items).filter(isLocalBusiness);
  const said = only && others.length === 0 ? recordFromItem(only) : undefined;
  const [sole, ...several] = branches;
  const sure = record ?? (said || several.length > 0 ? undefined : sole?.record);
  const business = sure ?? said ?? (only ? undefined : sole?.record);
  const { telephones } = knownBranches(branches);
  const known = new Set(business ? [...telephonesOf(business), ...telephones.keys()] : []);
  if (!business || known.size === 0) return [];
  const country = countryOf(business);
  for (const number of numbersOf(reading.items, country)) known.add(number);
  for (const { e164 } of search.telephones(country)) known.add(e164);
  const stray: Page = {
    reading,
    country,
    isStray: (e164) => !known.has(e164),
    meant: sure && !isRead ? visibleTelephone(sure) : '',
    street: sure || said ? business.address.streetAddress.trim() : '',
    isSure: sure !== undefined && !isRead,
  };
  return [...strayCalls(stray), ...strayTexts(stray), ...strayMaps(stray)];
}

interface Page extends Business {
  readonly reading: Reading;
  /** The record's number for visitors; '' where none is known to be right. */
  readonly meant: string;
  /** Whether the street is the technician's own. */
  readonly isSure: boolean;
}

/** More numbers than these are a list of other businesses. */
const MOST = 1;

function strayCalls({ reading, country, isStray, meant }: Page): readonly Finding[] {
  const { document, lines, source } = reading;
  const calls = (document?.elements ?? []).flatMap((link) => {
    const target =
      link.name === 'a' && !link.inert ? CALL.exec(link.attributes['href'] ?? '')?.[1] : undefined;
    const dialled = target ? dialledBy(target, country) : undefined;
    return target && dialled && isStray(dialled.e164) && leadsTo(link, target, country)
      ? [{ link, target, dialled }]
      : [];
  });
  if (new Set(calls.map(({ dialled }) => dialled.e164)).size > MOST) return [];
  // What a link shows and dials otherwise is told by that.
  const told = calls
    .map((call) => ({ ...call, words: wordsOf(call.link) }))
    .filter(({ link, words }) => !isBesides(link, words) && numbersIn(words[0] ?? '').length === 0);
  const [first, ...more] = told;
  if (!first) return [];
  const { words, target } = first;
  const [says] = words;
  const placeOf = ({ link }: typeof first): Place => lines.place(link.start, link.contentStart);
  const edits = meant ? told.flatMap(({ link }) => linkLed(source, link, meant, country)) : [];
  return [
    finding(
      'agreement/link',
      `The link${says ? ` “${shortText(says)}”` : ''} dials ${shortText(target)}, which is no number of the business.`,
      placeOf(first),
      'telephone',
      {
        edits: edits.length > 0 ? edits : null,
        guess: true,
        related: more.map((one) => ({ message: 'The same here', place: placeOf(one) })),
      },
    ),
  ];
}
const CALL = /^\s*(?:tel|sms):([^?]{5,40})/i;

/** What a link dials; a short number, such as one for emergencies, is everybody's, a free one a whole company's. */
function dialledBy(target: string, country: string): Telephone | undefined {
  const { telephone } = readTelephone(target, country);
  const isShort = target.replace(/\D/g, '').length < FEWEST_DIGITS;
  return !telephone || isShort || isFree(telephone.e164) ? undefined : telephone;
}
const FEWEST_DIGITS = 7;

/** The words of a link: its text, its label, its title and those of a picture in it. */
const wordsOf = (link: HtmlElement): readonly string[] => {
  const { attributes, children } = link;
  const within = children.flatMap((one) =>
    one.kind === 'element' ? [one.attributes['alt'], one.attributes['title']] : [],
  );
  const words = [textContent(link), attributes['aria-label'], attributes['title'], ...within];
  return words.flatMap((one) => one?.trim() || []);
};

/** Whether a link's words, or the names of its styles, call what it dials a mobile or a fax. */
const isBesides = (link: HtmlElement, words: readonly string[]): boolean => {
  const inside = link.children.map((one) => (one.kind === 'element' ? (one.attributes['class'] ?? '') : ''));
  return callsAnother([...words, link.attributes['class'] ?? '', ...inside].join(' '));
};

function strayTexts(page: Page): readonly Finding[] {
  const { reading, country, meant, street, isSure } = page;
  const { document, lines } = reading;
  return (document ? headTexts(document) : []).flatMap(({ called, text, start, end }) => {
    if (text.length > LONGEST) return [];
    const place = lines.place(start, end);
    return othersIn(text, page).map(({ said, property, wrong }) => {
      const right = property === 'telephone' ? meant : isSure ? street : '';
      const edits = right ? shownInstead(reading, { place, text: said }, right, country) : [];
      const message = `The page’s ${called} says “${shortText(said)}”, ${wrong}. Search engines show it.`;
      const mend = { edits: edits.length > 0 ? edits : null, guess: true };
      return finding('agreement/head-text', message, place, property, mend);
    });
  });
}
const LONGEST = 2000;

/** What leads to a map, or is one. */
const MAP = /\bmaps?\b|^geo:|[?&](?:q|query|daddr|destination|address)=/i;

/** Maps that are asked for the business's street with another house number, where none is asked for its own. */
function strayMaps({ reading: { document, lines }, country, street }: Page): readonly Finding[] {
  const asked = (document?.elements ?? []).flatMap(({ name, inert, attributes, start, contentStart }) => {
    const address = name === 'a' ? attributes['href'] : name === 'iframe' ? attributes['src'] : undefined;
    if (inert || !street || !address || address.length > LONGEST || !MAP.test(address)) return [];
    const text = percentDecoded(address.replace(/\+/g, ' ')).replace(/[/?&=]+/g, '\n');
    const seen = new VisitorSearch({ text, pieces: [] }).findStreet(street, country);
    return seen.agreement === 'missing' ? [] : [{ seen, start, contentStart }];
  });
  if (asked.some(({ seen }) => seen.agreement !== 'different')) return [];
  return asked.map(({ seen, start, contentStart }) => {
    const message = `The map is asked for “${shortText(seen.text)}”, the business is at “${shortText(street)}”.`;
    return finding('agreement/link', message, lines.place(start, contentStart), 'streetAddress');
  });
}
