import type { RowFact } from '#core/agreement';
import { plainItem, type ReadItem } from '#core/item';
import { toldRecord } from '#core/markup';
import { businessesIn, readSource, recordFromItem, sourceOf, type Reading } from '#core/reading';
import { factText, isFact, refusalOfAddresses, type BusinessRecord } from '#core/record';
import { applyEdits, asciiHtml, type Edit, type Place } from '#core/text';
import { differences, type Difference } from './differences.ts';
import { findFacts, type Find } from './finding.ts';
import { isWoven, unweave } from './marks.ts';
import { plan, type Woven } from './plan.ts';

/** The syntaxes that can be woven into text. */
export const wovenSyntaxes = ['microdata', 'rdfa'] as const;
export type WovenSyntax = (typeof wovenSyntaxes)[number];

/** Where a fact stands on the page. */
export interface FactPlace {
  readonly fact: RowFact;
  readonly text: string;
  readonly place: Place;
}

interface Remarks {
  /** Where visitors read something else than the record says, each with the edits that put it right. */
  readonly differing: readonly Difference[];
  /** Facts that stand several times on the page, none beside the others: which one is meant has to be said. */
  readonly ambiguous: readonly { readonly fact: RowFact; readonly places: readonly FactPlace[] }[];
  /** Facts of the record that visitors do not read on this page. */
  readonly unseen: readonly RowFact[];
}

export type WeaveResult =
  | (Remarks & {
      readonly ok: true;
      readonly source: string;
      readonly edits: readonly Edit[];
      readonly woven: readonly FactPlace[];
    })
  | (Remarks & { readonly ok: false; readonly message: string });

const NOTHING: Remarks = { differing: [], ambiguous: [], unseen: [] };

/**
 * Marks the page's own text that says the record's facts, so that a machine reads it: attributes on elements that stand
 * there, an element round a text that has none. Nothing that visitors see is added or moved. A page that says too
 * little, or that would be read otherwise than meant, gives a message. What was woven before is taken out first.
 * `carries` says what the page's encoding can hold.
 */
export function weave(
  page: Reading,
  record: BusinessRecord,
  syntax: WovenSyntax,
  carries: 'unicode' | 'ascii' = 'unicode',
): WeaveResult {
  const refused = refusalOfAddresses(record);
  if (refused) return { ...NOTHING, ok: false, message: refused };
  const reading = isWoven(page.source) ? readSource(unweave(page.source), page.address) : page;
  const { source, document, visible, lines } = reading;
  if (!document || !visible)
    return { ...NOTHING, ok: false, message: 'This is no HTML page, so there is no text to weave into.' };
  const found = findFacts(visible.text, record);
  const placeOf = (find: Find): FactPlace => {
    const at = sourceOf(visible, find.start, find.end);
    return { fact: find.fact, text: find.text, place: lines.place(at.start, at.end) };
  };
  const remarks: Remarks = {
    differing: differences(reading, record, found.differing),
    ambiguous: found.ambiguous.map(({ fact, places }) => ({ fact, places: places.map(placeOf) })),
    unseen: found.unseen,
  };
  const no = (message: string): WeaveResult => ({ ...remarks, ok: false, message });
  const lacking = lack(found.finds);
  if (lacking) return no(lacking);
  const there = sameSyntax(reading.items, syntax);
  if (there)
    return no(
      `The page carries a business in ${syntax} already (line ${String(there.place.line)}). Two would be read as two. Nothing was changed.`,
    );
  const planned = plan(reading, record, syntax, found.finds);
  const edits = planned.edits.map((edit) =>
    carries === 'unicode' ? edit : { ...edit, text: asciiHtml(edit.text) },
  );
  const woven = applyEdits(source, edits);
  const wrong = misreading(reading, woven, record, syntax, planned.woven);
  if (wrong) return no(wrong);
  return { ...remarks, ok: true, source: woven, edits, woven: found.finds.map(placeOf) };
}

/** Why what was found is too little to be a business for a machine; '' where it is enough. */
function lack(finds: readonly Find[]): string {
  const has = (fact: string): boolean => finds.some((find) => find.fact === fact);
  if (!has('name'))
    return 'The name does not stand on this page, or nobody can tell which of its places is meant. Nothing was changed.';
  if (!has('telephone') && !has('address.streetAddress') && !has('email'))
    return 'Neither street, telephone nor email of this branch stand on this page. Nothing was changed.';
  return '';
}

const sameSyntax = (items: readonly ReadItem[], syntax: WovenSyntax): ReadItem | undefined =>
  businessesIn(items).find((item) => item.syntax === syntax);

/** Why the woven page is not what was meant: another visible text, other items, another business; '' where it is. */
function misreading(
  before: Reading,
  woven: string,
  record: BusinessRecord,
  syntax: WovenSyntax,
  facts: readonly Woven[],
): string {
  const STAYS = 'Nothing was changed.';
  if (unweave(woven) !== before.source) return `It could not be taken out again. ${STAYS}`;
  const after = readSource(woven, before.address);
  if (after.visible?.text !== before.visible?.text) return `Visitors would read another text. ${STAYS}`;
  const [business] = businessesIn(after.items).filter((item) => item.syntax === syntax);
  const others = after.items
    .filter((item) => item !== business)
    .map((item) => JSON.stringify(plainItem(item)));
  const same = before.items.map((item) => JSON.stringify(plainItem(item)));
  if (!business || others.join() !== same.join() || after.strays.length !== before.strays.length)
    return `Other markup on the page would be read otherwise. ${STAYS}`;
  const [told, read] = [toldRecord(record), recordFromItem(business)];
  const misread = facts.filter(({ fact }) => isFact(fact) && factText(told, fact) !== factText(read, fact));
  return misread.length > 0
    ? `A machine would read ${misread.map(({ fact }) => fact).join(', ')} otherwise than meant. ${STAYS}`
    : '';
}
