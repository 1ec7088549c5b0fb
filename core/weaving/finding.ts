import { comparedFacts, VisitorSearch, type RowFact, type Seen } from '#core/agreement';
import type { MarkupItem } from '#core/item';
import { businessItem } from '#core/markup';
import { readTelephone } from '#core/phone';
import { factText, type BusinessRecord } from '#core/record';
import { valueText } from '#core/item';

/** A fact that is looked for in what visitors read. */
interface Sought {
  readonly fact: RowFact;
  /** The property of the business, or of its address. */
  readonly property: string;
  readonly inAddress: boolean;
  /** What a machine is told. */
  readonly told: string;
  readonly look: (search: VisitorSearch) => Seen | undefined;
  /** How it is looked for on the whole page, where that is another thing than beside the others. */
  readonly lookFar?: (search: VisitorSearch) => Seen | undefined;
}

/** A fact as it stands in the visible text (offsets there, end exclusive). */
export interface Find extends Omit<Sought, 'look' | 'lookFar'> {
  readonly text: string;
  readonly agreement: Seen['agreement'];
  readonly start: number;
  readonly end: number;
}

export interface Found {
  readonly finds: readonly Find[];
  /** Where the page shows something else than the record says. */
  readonly differing: readonly Find[];
  /** Facts that stand several times on the page, none of them beside the others. */
  readonly ambiguous: readonly { readonly fact: RowFact; readonly places: readonly Find[] }[];
  readonly unseen: readonly RowFact[];
}

/** Texts besides those of the three-way reading that a page may say in so many words. */
const IN_WORDS = ['legalName', 'slogan', 'description', 'taxID'] as const;

/** The facts of a record that are one text for machines, the surest to be told apart first. */
function soughtOf(record: BusinessRecord): readonly Sought[] {
  const item = businessItem(record);
  const address = item.properties.find(({ name }) => name === 'address')?.values[0];
  const looked = comparedFacts.flatMap(({ fact, property, look }): Sought[] => {
    const inAddress = fact.startsWith('address.');
    const told = toldIn(inAddress && address?.kind === 'item' ? address.item : item, property);
    return look && told && fact !== 'hours'
      ? [{ fact, property, inAddress, told, look: (search) => look(search, record) }]
      : [];
  });
  const inWords = IN_WORDS.flatMap((fact): Sought[] => {
    const told = toldIn(item, fact);
    const text = factText(record, fact).trim();
    return told
      ? [
          {
            fact,
            property: fact,
            inAddress: false,
            told,
            look: (search) => search.find(text),
            lookFar: (search) => search.findExactly(text),
          },
        ]
      : [];
  });
  const order = (one: Sought): number => {
    const at = FIRST.indexOf(one.fact);
    return at < 0 ? FIRST.length : at;
  };
  return [...inWords, ...looked].sort((a, b) => order(a) - order(b));
}

/** What a record tells machines of each fact that is one text. */
export const toldFacts = (record: BusinessRecord): ReadonlyMap<RowFact, string> =>
  new Map(soughtOf(record).map(({ fact, told }) => [fact, told]));

/** Longer texts before those that may stand inside them: a town in a name, a region in a street. */
const FIRST: readonly string[] = [
  'description',
  'slogan',
  'address.streetAddress',
  'address.postalCode',
  'telephone',
  'faxNumber',
  'email',
  'legalName',
  'vatID',
  'name',
  'address.addressLocality',
  'address.addressRegion',
  'address.addressCountry',
];

/** Of several numbers or addresses the first is looked for: it is the main one. */
const MAIN_FIRST = new Set(['telephone', 'faxNumber', 'email']);

function toldIn({ properties }: MarkupItem, name: string): string {
  const [first, second] = properties.filter((one) => one.name === name).flatMap(({ values }) => values);
  return second && !MAIN_FIRST.has(name) ? '' : valueText(first);
}

/** How far from its middle a block of name, address and number reaches, characters of visible text. */
const REACH = 400;
/** More places than this are not compared. */
const MOST = 12;

/**
 * Finds the block of a page in which most of a record's facts stand, the most compact where several hold as many, and
 * the facts in it; what is not in it is looked for on the whole page. `week` is what the page shows of the hours.
 */
export function findFacts(text: string, record: BusinessRecord, week: Seen | undefined): Found {
  const sought = soughtOf(record);
  const whole = new VisitorSearch({ text, pieces: [] });
  const clusters = anchorsIn(whole, text, sought).map((anchor) => clusterAt(text, anchor, sought));
  clusters.sort((a, b) => b.finds.length - a.finds.length || spread(a.finds) - spread(b.finds));
  const [best] = clusters;
  if (!best) return { finds: [], differing: [], ambiguous: [], unseen: sought.map(({ fact }) => fact) };
  const elsewhere = outside(whole, text, best, sought);
  const seen = new Set([...best.finds, ...best.differing, ...elsewhere.finds].map(({ fact }) => fact));
  const asked = new Set(elsewhere.ambiguous.map(({ fact }) => fact));
  return {
    finds: [...best.finds, ...elsewhere.finds],
    differing: [...best.differing, ...otherWeek(best, week)],
    ambiguous: elsewhere.ambiguous,
    unseen: sought.map(({ fact }) => fact).filter((fact) => !seen.has(fact) && !asked.has(fact)),
  };
}

/** Another week than the record's, where it stands in or beside a block. */
function otherWeek({ finds }: Cluster, week: Seen | undefined): readonly Find[] {
  if (week?.agreement !== 'different' || !week.at || week.isAmongOthers) return [];
  const { start, end } = week.at;
  const isBeside = finds.some((one) => distance(one, start) <= REACH || distance(one, end) <= REACH);
  const property = 'openingHours';
  const sought = { fact: 'hours', property, inAddress: false, told: '', look: () => week } as const;
  return isBeside ? [findOf(sought, week, start, end)] : [];
}

/** Looks for the name of a record. */
export const lookForName = (search: VisitorSearch, record: BusinessRecord): Seen | undefined =>
  soughtOf(record)
    .find(({ fact }) => fact === 'name')
    ?.look(search);

interface Cluster {
  readonly anchor: number;
  readonly finds: readonly Find[];
  readonly differing: readonly Find[];
}

const spread = (finds: readonly Find[]): number =>
  Math.max(...finds.map(({ end }) => end)) - Math.min(...finds.map(({ start }) => start));

/** Offsets of what only this branch has: its street, its number, its postal code, its email; or else its name. */
function anchorsIn(whole: VisitorSearch, text: string, sought: readonly Sought[]): readonly number[] {
  const middles = (fact: string): number[] => {
    const one = sought.find((other) => other.fact === fact);
    const seen = one?.look(whole);
    if (!one || !seen?.at || !isThere(seen)) return [];
    const all = [seen.at, ...repeated(text, seen.text, seen.at.end)];
    return all.map(({ start, end }) => (start + end) >> 1);
  };
  const own = ['telephone', 'address.streetAddress', 'address.postalCode', 'email'].flatMap(middles);
  return (own.length > 0 ? own : middles('name')).slice(0, MOST);
}

/** What means the branch wherever it stands; a town may be named for other reasons. */
export const ANYWHERE = new Set<RowFact>(['telephone', 'faxNumber', 'email', 'address.streetAddress']);

/** A find, with all other places of the same where it means the branch. */
export function everywhere(text: string, find: Find, country: string): readonly Find[] {
  if (!ANYWHERE.has(find.fact)) return [find];
  const dialled = readTelephone(find.text, country).telephone?.e164;
  const isWhole = ({ start, end }: { start: number; end: number }): boolean =>
    !/[\p{L}\p{N}]{2}/u.test(text.slice(start - 1, start + 1)) &&
    !/[\p{L}\p{N}]{2}/u.test(text.slice(end - 1, end + 1));
  const others = dialled
    ? new VisitorSearch({ text, pieces: [] }).telephones(country).filter(({ e164 }) => e164 === dialled)
    : repeated(text, find.text, 0)
        .filter(isWhole)
        .map((at) => ({ text: find.text, at }));
  const elsewhere = others.filter(({ at }) => at.end <= find.start || at.start >= find.end);
  return [find, ...elsewhere.map((one) => ({ ...find, text: one.text, ...one.at }))];
}

/** Further places of the same words. */
function repeated(text: string, words: string, from: number): { start: number; end: number }[] {
  const found: { start: number; end: number }[] = [];
  for (let at = text.indexOf(words, from); at >= 0 && found.length < MOST; at = text.indexOf(words, at + 1))
    found.push({ start: at, end: at + words.length });
  return found;
}

const isThere = ({ agreement }: Seen): boolean =>
  agreement === 'exact' || agreement === 'written-differently' || agreement === 'partly';

function clusterAt(text: string, anchor: number, sought: readonly Sought[]): Cluster {
  const from = Math.max(0, text.lastIndexOf(' ', anchor - REACH));
  let rest = text.slice(from, anchor + REACH);
  const finds: Find[] = [];
  const differing: Find[] = [];
  const whole = new VisitorSearch({ text: rest, pieces: [] });
  for (const one of sought) {
    const nearest = nearestIn(rest, one, anchor - from);
    if (nearest && isThere(nearest.seen)) {
      const { seen, at } = nearest;
      finds.push(findOf(one, seen, from + at.start, from + at.end));
      rest = masked(rest, at.start, at.end);
      continue;
    }
    // A misspelt town is told by the postal code beside it, another code by the street: found before, and masked.
    const other = one.look(whole);
    if (other?.agreement === 'different' && other.at)
      differing.push(findOf(one, other, from + other.at.start, from + other.at.end));
  }
  // Another number of the same branch is no wrong one.
  const isKnown = (one: Find): boolean => finds.some(({ start, end }) => start < one.end && one.start < end);
  return { anchor, finds, differing: differing.filter((one) => !isKnown(one)) };
}

const findOf = (
  { fact, property, inAddress, told }: Sought,
  { text, agreement }: Seen,
  start: number,
  end: number,
): Find => ({ fact, property, inAddress, told, text, agreement, start, end });

const masked = (text: string, start: number, end: number): string =>
  text.slice(0, start) + '\uFFFC'.repeat(end - start) + text.slice(end);

/** Of the places of a fact the one nearest to an offset; where it is nowhere, what is shown instead of it. */
function nearestIn(
  text: string,
  { look }: Sought,
  middle: number,
): { seen: Seen; at: { start: number; end: number } } | undefined {
  let rest = text;
  let best: { seen: Seen; at: { start: number; end: number } } | undefined;
  for (let count = 0; count < 4; count += 1) {
    const seen = look(new VisitorSearch({ text: rest, pieces: [] }));
    if (!seen?.at || seen.agreement === 'missing') break;
    if (!isThere(seen)) {
      best ??= { seen, at: seen.at };
      break;
    }
    if (!best || distance(seen.at, middle) < distance(best.at, middle)) best = { seen, at: seen.at };
    rest = masked(rest, seen.at.start, seen.at.end);
  }
  return best;
}

const distance = ({ start, end }: { start: number; end: number }, to: number): number =>
  to < start ? start - to : Math.max(0, to - end);

/** What is not beside the others: taken where it stands once on the page; asked about where it stands several times. */
function outside(
  whole: VisitorSearch,
  text: string,
  { finds, differing }: Cluster,
  sought: readonly Sought[],
): Pick<Found, 'finds' | 'ambiguous'> {
  const known = new Set([...finds, ...differing].map(({ fact }) => fact));
  const more: Find[] = [];
  const ambiguous: { fact: RowFact; places: Find[] }[] = [];
  for (const one of sought) {
    // Parts of an address mean something beside one another only.
    if (known.has(one.fact) || one.inAddress) continue;
    const seen = (one.lookFar ?? one.look)(whole);
    if (!seen?.at || !isThere(seen)) continue;
    const all = [seen.at, ...repeated(text, seen.text, seen.at.end)];
    const places = all.map(({ start, end }) => findOf(one, seen, start, end));
    if (places.length === 1) more.push(...places);
    else ambiguous.push({ fact: one.fact, places });
  }
  return { finds: more, ambiguous };
}
