import {
  comparedFacts,
  isCode,
  isOtherwiseCalled,
  seenInPicture,
  knownBranches,
  type RowFact,
  type Seen,
  type SiteBranch,
  telephonesOf,
  VisitorSearch,
} from '#core/agreement';
import { finding, shortText, type Finding } from '#core/fault';
import { shownInstead } from '#core/mending';
import { businessesIn, placeShown, sourceOf, type Reading } from '#core/reading';
import { countryOf, type BusinessRecord } from '#core/record';
import type { Place } from '#core/text';
import { judgeUnshown } from './unshown.ts';

/** A record beside a page on which it is looked for. */
interface Sought {
  readonly record: BusinessRecord;
  readonly search: VisitorSearch;
  /** The facts that markup tells: what visitors see is held against that. */
  readonly said: ReadonlySet<RowFact>;
  /** The client's branches, of whom the record is one. */
  readonly branches?: readonly SiteBranch[];
  /** Where the streets of other branches stand. */
  readonly streets?: readonly Span[];
  /** The page whose markup the record was read from; none where it is the technician's. */
  readonly from?: string;
  /** Whether the page is to show the record, not just one of a site. */
  readonly isItsOwn?: boolean;
}

/**
 * What visitors read otherwise than the record says, in facts that no markup tells, and numbers that it does not know. It
 * counts beside something that is the business's own without a doubt: on a page about something else other numbers and
 * streets are others'.
 */
export function judgeShown(reading: Reading, sought: Sought): readonly Finding[] {
  const { visible, lines, document } = reading;
  if (!visible) return [];
  const { record, search, said, streets = [], from, isItsOwn = false } = sought;
  const looked = CORE.flatMap(({ fact, label, property, show, look }) => {
    const known = said.has(fact) && !NAMING.has(fact) ? '' : show(record).trim();
    const found = known && look ? look(search, record) : undefined;
    const inPicture = (): boolean =>
      document !== undefined &&
      look !== undefined &&
      seenInPicture(document, (words) => look(words, record)) !== undefined;
    return found ? [{ fact, label, property, known, found, inPicture }] : [];
  });
  const right = looked.filter(
    ({ found }) => found.agreement !== 'different' && found.agreement !== 'missing',
  );
  const anchors = right.flatMap(({ fact, found: { at } }) => (at && IDENTIFYING.has(fact) ? [at] : []));
  const placeOf = ({ at, link }: Seen): Place | undefined => {
    if (link) return lines.place(link.start, link.end);
    return at && placeShown(visible, reading, at);
  };
  const says = from === undefined ? 'the record says' : `the markup of ${from} says`;
  const others = looked.flatMap(({ fact, property, known, found }) => {
    const { at, text, agreement } = found;
    const place = placeOf(found);
    if (agreement !== 'different' || !at || !place || found.isAmongOthers || said.has(fact)) return [];
    if (fact === STREET && streets.some((one) => one.start < at.end && at.start < one.end)) return [];
    // The week of a page that shows street and number may stand further down.
    const isOfPage = isItsOwn && fact === 'hours' && anchors.length > 1;
    const beside = anchors.filter((anchor) => isBeside(reading, anchor, at));
    if (!isOfPage && beside.length === 0) return [];
    const isAnothers = (anchor: Span): boolean => hasOtherAddress(visible.text, anchor, at, record);
    if (fact === 'telephone' && (isOtherwiseCalled(visible.text, at) || beside.every(isAnothers))) return [];
    const message = `A visitor sees “${shortText(text)}”, ${says} “${shortText(known)}”.`;
    // Which of two pages is right, nobody knows.
    const edits =
      from === undefined && EXCHANGED.has(fact)
        ? shownInstead(reading, { place, text: text.trim() }, known, countryOf(record))
        : [];
    const mend = { edits: edits.length > 0 ? edits : null, guess: true };
    return [finding('agreement/shown', message, place, property, mend)];
  });
  const [first] = anchors;
  const isSure = isItsOwn && right.filter(({ fact }) => NAMING.has(fact)).length >= FEWEST_RIGHT;
  if (!first || !isSure) return others;
  const absent = looked.filter(
    ({ fact, found, inPicture }) =>
      found.agreement === 'missing' && NAMING.has(fact) && !said.has(fact) && !inPicture(),
  );
  return [
    ...others,
    ...absent.map(({ label, property, known }) =>
      finding(
        'agreement/not-shown',
        `The record’s ${label.toLowerCase()}, “${shortText(known)}”, is not to be seen beside the rest of it.`,
        placeShown(visible, reading, first),
        property,
      ),
    ),
  ];
}

/** Numbers that the page shows and the record does not know; `beside` are the stretches of the text that count. */
export function judgeOtherTelephones(
  reading: Reading,
  { record, search, branches = [], from }: Sought,
  beside?: readonly Span[],
): readonly Finding[] {
  const { visible } = reading;
  if (!visible) return [];
  const country = countryOf(record);
  const own = new Set(telephonesOf(record));
  const others = knownBranches(branches).telephones;
  const shown = search.telephones(country);
  // Where the record's number is not shown, another is told by itself.
  if (!shown.some(({ e164 }) => own.has(e164))) return [];
  const told = new Set<string>();
  return shown.flatMap(({ text, e164, at }) => {
    if (own.has(e164) || others.has(e164) || told.has(e164) || told.size >= MOST_TELEPHONES) return [];
    if (isCode(text, record.address.postalCode)) return [];
    if (beside && !beside.some((one) => isBeside(reading, one, at))) return [];
    told.add(e164);
    return [
      finding(
        'agreement/other-telephone',
        `The page also shows ${text}, which is no number of ${from === undefined ? 'the record' : 'the business'}.`,
        placeShown(visible, reading, at),
        'telephone',
      ),
    ];
  });
}

const MOST_TELEPHONES = 5;
/** A mailbox of all branches is none of another. */
const CORE = comparedFacts.filter(({ core, look, fact }) => core && look !== undefined && fact !== 'email');
const STREET = 'address.streetAddress';
/** A name or a town may be that of other branches as well. */
const IDENTIFYING = new Set<RowFact>([STREET, 'telephone']);
/** What every listing shows; so many of them make sure that one is of the record. */
const NAMING = new Set<RowFact>(['name', STREET, 'address.addressLocality', 'telephone']);
const FEWEST_RIGHT = 2;
const EXCHANGED = new Set<RowFact>(['name', STREET, 'telephone', 'address.postalCode']);
/** What belongs to one address block stands within so many characters. */
const NEAR = 300;
/** Where a part of a page begins or ends (HTML Living Standard, 4.3). */
const PART = /<\/?(?:main|header|footer|article|aside|nav)(?=[\s>])/i;

type Span = NonNullable<Seen['at']>;

/** Whether two stretches of the visible text belong to one block of the page: near, and in one of its parts. */
function isBeside({ visible, source }: Reading, one: Span, other: Span): boolean {
  const [first, second] = one.start <= other.start ? [one, other] : [other, one];
  if (!visible || second.start - first.end > NEAR) return false;
  const [from, until] = [first, second].map(({ start, end }) => sourceOf(visible, start, end));
  return !PART.test(source.slice(from?.end ?? 0, until?.start ?? 0));
}

/** Whether a postal code that is none of the record's stands between a number and what it stands beside. */
function hasOtherAddress(text: string, one: Span, other: Span, { address }: BusinessRecord): boolean {
  const [first, second] = one.start <= other.start ? [one, other] : [other, one];
  const own = address.postalCode.replace(/\W/g, '').toUpperCase();
  const codes = text
    .slice(first.end, second.start)
    .match(/\b(?:\d{4,6}|[A-Z]{1,2}\d[A-Z\d]? ?\d[A-Z]{2})\b/g);
  return (codes ?? []).some((code) => !own.includes(code.replace(/\W/g, '')));
}

/**
 * The same for a page of a site that describes no business: for each branch that it shows by street or number. What
 * belongs to another branch is no other. What visitors do not read is held against all of them. Branches
 * `readFromPages` are known from the markup of other pages, which are their labels.
 */
export function judgeShownBranches(
  reading: Reading,
  branches: readonly SiteBranch[],
  readFromPages = false,
): readonly Finding[] {
  const { visible, document } = reading;
  if (!visible?.text) return [];
  const known = knownBranches(branches);
  const page = new VisitorSearch(visible, document);
  const shown = branches.length === 1 ? branches : known.shownOn(page, visible.text).slice(0, MOST_SHOWN);
  const streets = shown.map(({ record }) => {
    const street = record.address.streetAddress.trim();
    const { agreement, at } = street ? page.findStreet(street, countryOf(record)) : NOWHERE;
    return agreement === 'different' ? undefined : at;
  });
  const isBare = businessesIn(reading.items).length === 0;
  const unshown = isBare ? judgeUnshown(reading, { branches, isRead: readFromPages, search: page }) : [];
  const seen = shown.flatMap(({ record, label }, nth) => {
    const own = new Set(telephonesOf(record));
    const numbers = { has: (number: string) => known.telephones.has(number) && !own.has(number) };
    const sought = {
      record,
      search: new VisitorSearch(visible, document, { numbers, hours: [] }),
      said: shown.length > 1 ? HOURS : NOTHING,
      branches,
      streets: streets.flatMap((at, of) => (at && of !== nth ? [at] : [])),
      ...(readFromPages ? { from: label } : {}),
    };
    const at = streets[nth];
    return [...judgeShown(reading, sought), ...judgeOtherTelephones(reading, sought, at ? [at] : [])];
  });
  return [...seen, ...unshown];
}

const NOWHERE = { agreement: 'missing', at: undefined } as const;
/** So many branches of a page that shows more are looked for. */
const MOST_SHOWN = 100;
/** Whose hours those of a page with several branches are, nobody can tell. */
const HOURS = new Set<RowFact>(['hours']);
const NOTHING = new Set<RowFact>();
