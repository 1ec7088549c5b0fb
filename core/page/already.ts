import { isSameBusiness, likeness } from '#core/agreement';
import type { HtmlElement } from '#core/html';
import type { ReadItem, Syntax } from '#core/item';
import { toldRecord } from '#core/markup';
import { businessesIn, isSound, recordFromItem, type Reading } from '#core/reading';
import { factRows, factText, type BusinessRecord, type Fact } from '#core/record';
import type { Place } from '#core/text';
import { isMarked } from '#core/weaving';
import { placedOn } from './placing.ts';

/** A business that a page carries without our having placed it. */
export interface Already {
  readonly name: string;
  readonly syntax: Syntax;
  readonly place: Place;
  /** Whether it is the record's own branch. */
  readonly isSame: boolean;
  /** The facts that the record has otherwise; none where the markup can be taken over as it is. */
  readonly differs: readonly Fact[];
  /** Whether we wove it into what visitors read. */
  readonly isOurs: boolean;
  /** Whether a machine can read it as it stands there. */
  readonly isSound: boolean;
  /** Its script element, by number among the page's elements, where that holds nothing else: it alone can go. */
  readonly script: number | undefined;
}

/** Enough in common to be one branch: a page and a name, or a number and a postal code. See `likeness`. */
const ALIKE = 4;

/** The businesses that a page carries already, besides what stands between marks of ours. */
export function alreadyOn(reading: Reading, record: BusinessRecord): readonly Already[] {
  const { source, document, items } = reading;
  if (!document) return [];
  const ours = placedOn(source, document);
  const told = toldRecord(record);
  // What was woven is marked by attributes on its own elements.
  const isOfOurs = ({ syntax, place }: ReadItem): boolean =>
    syntax !== 'jsonld' &&
    document.elements.some((element) => element.start === place.start && isMarked(element));
  return businessesIn(items)
    .filter(({ place }) => !ours.some(({ start, end }) => place.start >= start && place.end <= end))
    .map((item) => {
      const read = recordFromItem(item);
      const isSame = isSameBusiness(told, read) || likeness(record, read) >= ALIKE;
      const differs = isSame
        ? factRows.flatMap(({ fact }) =>
            factText(read, fact) && factText(read, fact) !== factText(told, fact) ? [fact] : [],
          )
        : [];
      return {
        name: read.name,
        syntax: item.syntax,
        place: item.place,
        isSame,
        differs,
        isOurs: isOfOurs(item),
        isSound: isSound(reading, item),
        script: ownScript(document.elements, items, item),
      };
    });
}

function ownScript(
  elements: readonly HtmlElement[],
  items: readonly ReadItem[],
  item: ReadItem,
): number | undefined {
  if (item.syntax !== 'jsonld') return undefined;
  const at = elements.findIndex(
    ({ name, start, end }) => name === 'script' && start <= item.place.start && item.place.end <= end,
  );
  const script = elements[at];
  const others = items.filter(
    (other) => other !== item && script && other.place.start >= script.start && other.place.end <= script.end,
  );
  return script && others.every(({ types }) => types.length === 0) ? at : undefined;
}
