import { likeness, seenInPicture, VisitorSearch, type RowFact } from '#core/agreement';
import { readDocument } from '#core/html';
import { plainItem, type ReadItem } from '#core/item';
import { toldRecord } from '#core/markup';
import { businessesIn, readSource, recordFromItem, sourceOf, type Reading } from '#core/reading';
import {
  countryOf,
  factText,
  isFact,
  refusalOfAddresses,
  type BusinessRecord,
  type Fact,
} from '#core/record';
import { applyEdits, asciiHtml, westernDigits, type Edit, type Place } from '#core/text';
import { carriedDifferences, corrections, isAmong, type Corrects } from './corrections.ts';
import { differences, misspelt, type Difference } from './differences.ts';
import { everywhere, findFacts, lookForName, type Find } from './finding.ts';
import { isWoven, silencing, unweave } from './marks.ts';
import { plan, type Woven } from './plan.ts';

/** The syntaxes that can be woven into text. */
export const wovenSyntaxes = ['microdata', 'rdfa'] as const;
export type WovenSyntax = (typeof wovenSyntaxes)[number];

/** Where a fact stands on the page. */
interface FactPlace {
  readonly fact: RowFact;
  readonly text: string;
  readonly place: Place;
}

/** A fact that a machine reads now; `inPlace` where its own text is marked, else it is said beside that. */
interface WovenFact extends FactPlace {
  readonly inPlace: boolean;
}

/** How a page is woven. */
export interface WeaveChoices {
  readonly syntax: WovenSyntax;
  /** What the page's encoding can hold. */
  readonly carries?: 'unicode' | 'ascii';
  /** Whether texts may be cut, so that every word is marked in place, though a letter may move by a pixel. */
  readonly splits?: boolean;
  /** Whether somebody else's markup of the same branch in the same syntax is silenced first. */
  readonly replaces?: boolean;
  /** What visitors read otherwise than the record says and is put right; nothing by default. */
  readonly corrects?: Corrects;
}

interface Remarks {
  /** What was put right first, in the page without what was woven into it. */
  readonly corrected: readonly Difference[];
  /** Where visitors read something else than the record says, each with the edits that put it right. */
  readonly differing: readonly Difference[];
  /** Facts that stand several times on the page, none beside the others: no place of theirs is marked. */
  readonly ambiguous: readonly { readonly fact: RowFact; readonly places: readonly FactPlace[] }[];
  /** Facts of the record that visitors do not read on this page. */
  readonly unseen: readonly RowFact[];
}

export type WeaveResult =
  | (Remarks & {
      readonly ok: true;
      readonly source: string;
      /** What was woven, into the page with `corrected` put right. */
      readonly edits: readonly Edit[];
      readonly woven: readonly WovenFact[];
    })
  | (Remarks & { readonly ok: false; readonly message: string });

const NOTHING: Remarks = { corrected: [], differing: [], ambiguous: [], unseen: [] };

/**
 * Marks the page's own text that says the record's facts, so that a machine reads it: attributes on elements that stand
 * there, an element round a text that has none. Nothing that visitors see is added or moved. A page that says too
 * little, or that would be read otherwise than meant, gives a message. What was woven before is taken out first.
 */
export function weave(page: Reading, record: BusinessRecord, choices: WeaveChoices): WeaveResult {
  const refused = refusalOfAddresses(record);
  if (refused) return { ...NOTHING, ok: false, message: refused };
  const isAgain = isWoven(page.source, page.document);
  const reading = isAgain ? readSource(unweave(page.source, page.document), page.address) : page;
  const result = weaveInto(reading, reading.source, record, choices);
  const { corrects = [], syntax } = choices;
  const carried = (): readonly Difference[] =>
    isAgain ? carriedDifferences(page, reading, record, syntax) : [];
  const differing = corrects === 'carried' ? carried() : result.differing.filter(isAmong(corrects));
  const corrected = differing.filter(({ edits }) => edits !== null);
  if (corrected.length === 0) return result;
  const mended = applyEdits(reading.source, corrections(corrected, choices.carries));
  return { ...weaveInto(readSource(mended, reading.address), mended, record, choices), corrected };
}

/** Weaves into a page; `original` is what taking it out again has to give. */
function weaveInto(
  reading: Reading,
  original: string,
  record: BusinessRecord,
  choices: WeaveChoices,
): WeaveResult {
  const { syntax, carries = 'unicode', splits = false, replaces = false } = choices;
  const { source, document, visible, lines } = reading;
  if (!document || !visible)
    return { ...NOTHING, ok: false, message: 'This is no HTML page, so there is no text to weave into.' };
  const hasHours = Object.values(record.hours).some((day) => day.trim() !== '');
  const week = hasHours
    ? new VisitorSearch(visible, document).findHours(record.hours, countryOf(record))
    : undefined;
  const found = findFacts(visible.text, record, week);
  const placeOf = (find: Find): FactPlace => {
    const at = sourceOf(visible, find.start, find.end);
    return { fact: find.fact, text: find.text, place: lines.place(at.start, at.end) };
  };
  const remarks: Remarks = {
    corrected: [],
    differing: differences(reading, record, [
      ...found.differing.flatMap((find) => everywhere(visible.text, find, countryOf(record))),
      ...misspelt(found.finds),
    ]),
    ambiguous: found.ambiguous.map(({ fact, places }) => ({ fact, places: places.map(placeOf) })),
    unseen: found.unseen,
  };
  const no = (message: string): WeaveResult => ({ ...remarks, ok: false, message });
  const named = found.finds.some(({ fact }) => fact === 'name')
    ? undefined
    : (remarks.ambiguous.find(({ fact }) => fact === 'name')?.places[0] ?? namedInPicture(reading, record));
  const lacking = lack(found.finds, named);
  if (lacking) return no(lacking);
  const there = sameSyntax(reading.items, syntax);
  const stands = (find: Find): boolean => {
    const { start, end } = placeOf(find).place;
    return there !== undefined && there.place.start <= start && end <= there.place.end;
  };
  const isSame = there && (likeness(record, recordFromItem(there)) >= ALIKE || found.finds.some(stands));
  if (there && replaces && isSame) {
    // A stray property would belong to what is woven round it.
    const strays = syntax === 'microdata' ? reading.strays.map(({ place }) => place) : [];
    const silent = silencing(document, [there.place, ...strays], syntax);
    const quiet = readSource(applyEdits(source, silent), reading.address);
    const result = weaveInto(quiet, original, record, { ...choices, replaces: false });
    return result.ok ? { ...result, edits: [...silent, ...movedBack(result.edits, silent)] } : result;
  }
  if (there)
    return no(
      `The page carries “${recordFromItem(there).name}” in ${syntax} already (line ${String(there.place.line)}). A machine would read two businesses. Nothing was changed.`,
    );
  const manner = { syntax, splits, saysName: named !== undefined, showsHours: week?.agreement === 'exact' };
  const planned = plan(reading, record, manner, found);
  const edits = planned.edits.map((edit) =>
    carries === 'unicode' ? edit : { ...edit, text: asciiHtml(edit.text) },
  );
  const woven = applyEdits(source, edits);
  // Part of a table is read as such, and taken out of what a browser makes of it alone.
  const parsed = readDocument(woven);
  const wrong =
    unweave(woven, parsed) === original
      ? misreading(reading, readSource(woven, reading.address, parsed), record, syntax, planned.woven)
      : 'It could not be taken out again. Nothing was changed.';
  if (wrong) return no(wrong);
  const inPlace = new Set(planned.woven.flatMap((one) => (one.inPlace ? [one.fact] : [])));
  const placed = [...found.finds.map(placeOf), ...(named ? [named] : [])];
  const wovenFacts = placed.map((one) => ({ ...one, inPlace: inPlace.has(one.fact) }));
  // Said beside what is marked, the name needs no place of its own.
  const ambiguous = remarks.ambiguous.filter(({ fact }) => fact !== named?.fact);
  return { ...remarks, ambiguous, ok: true, source: woven, edits, woven: wovenFacts };
}

/** Where the words of a picture say the name, as those of a logo do; undefined where none does. */
function namedInPicture({ document, lines }: Reading, record: BusinessRecord): FactPlace | undefined {
  const seen = document && seenInPicture(document, (search) => lookForName(search, record));
  return seen?.link && { fact: 'name', text: seen.text, place: lines.place(seen.link.start, seen.link.end) };
}

/** Why what was found is too little to be a business for a machine; '' where it is enough. */
function lack(finds: readonly Find[], named: FactPlace | undefined): string {
  const has = (fact: string): boolean => finds.some((find) => find.fact === fact);
  if (!has('name') && !named) return 'The name does not stand on this page. Nothing was changed.';
  if (!has('telephone') && !has('address.streetAddress') && !has('email'))
    return 'Neither street, telephone nor email of this branch stand on this page. Nothing was changed.';
  return '';
}

/** Enough in common to be one branch, see `likeness`. */
const ALIKE = 3;

/** Insertions into a source that was made by others (all of them insertions), as insertions into what it was made of. */
const movedBack = (edits: readonly Edit[], others: readonly Edit[]): readonly Edit[] => {
  const ordered = others.toSorted((a, b) => a.start - b.start);
  return edits.map(({ start, text }) => {
    let added = 0;
    for (const other of ordered) {
      if (other.start + added >= start) break;
      added += other.text.length;
    }
    return { start: start - added, end: start - added, text };
  });
};

const sameSyntax = (items: readonly ReadItem[], syntax: WovenSyntax): ReadItem | undefined =>
  businessesIn(items).find((item) => item.syntax === syntax);

/** What an item says, wherever it stands: what is woven into the middle of it ends it later. */
const saidBy = (item: ReadItem): string =>
  JSON.stringify(plainItem(item), (key, value: unknown) => (key === 'place' ? undefined : value));

/** Why the woven page is not what was meant: another visible text, other items, another business; '' where it is. */
function misreading(
  before: Reading,
  after: Reading,
  record: BusinessRecord,
  syntax: WovenSyntax,
  facts: readonly Woven[],
): string {
  const STAYS = 'Nothing was changed.';
  if (after.visible?.text !== before.visible?.text) return `Visitors would read another text. ${STAYS}`;
  const [business] = businessesIn(after.items).filter((item) => item.syntax === syntax);
  const others = after.items.filter((item) => item !== business).map(saidBy);
  const same = before.items.map(saidBy);
  if (!business || others.join() !== same.join() || after.strays.length !== before.strays.length)
    return `Other markup on the page would be read otherwise. ${STAYS}`;
  const starts = business.properties.map(({ name, namePlace }) => `${name} ${String(namePlace.start)}`);
  if (new Set(starts).size < starts.length)
    return `An element that is not ended where others begin would be read several times. ${STAYS}`;
  const [told, read] = [toldRecord(record), recordFromItem(business)];
  // The digits of the page's own script say the same.
  const saysSo = (fact: Fact): boolean =>
    westernDigits(factText(told, fact)) === westernDigits(factText(read, fact));
  const misread = facts.filter(({ fact }) => isFact(fact) && !saysSo(fact));
  return misread.length > 0
    ? `A machine would read ${misread.map(({ fact }) => fact).join(', ')} otherwise than meant. ${STAYS}`
    : '';
}
