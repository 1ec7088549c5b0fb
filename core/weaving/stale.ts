import { comparedOf, VisitorSearch, type RowFact } from '#core/agreement';
import { leadsTo, linkLed, shownInstead } from '#core/mending';
import { headTexts, type Reading } from '#core/reading';
import { countryOf, factText, type BusinessRecord } from '#core/record';
import { westernDigits } from '#core/text';
import { differences, meantFor, type Difference } from './differences.ts';
import { ANYWHERE, everywhere, findFacts, toldFacts } from './finding.ts';

const STREET = 'address.streetAddress';
const LINKED = ['telephone', 'faxNumber', 'email'] as const;

/** A record before it changed, and as it is. */
interface Change {
  readonly before: BusinessRecord;
  readonly record: BusinessRecord;
  readonly isChanged: (fact: RowFact) => boolean;
}

/**
 * Where visitors read, links lead to, and title and description say what a record said before, and it says something
 * else now.
 */
export function staleDifferences(
  reading: Reading,
  before: BusinessRecord,
  record: BusinessRecord,
): readonly Difference[] {
  const [old, now] = [toldFacts(before), toldFacts(record)];
  // The digits of the page's own script say the same.
  const isChanged = (fact: RowFact): boolean =>
    now.has(fact) && westernDigits(now.get(fact) ?? '') !== westernDigits(old.get(fact) ?? '');
  const change = { before, record, isChanged };
  const shown = staleTexts(reading, change);
  const edited = new Set(shown.flatMap(({ edits }) => edits ?? []).map(({ start }) => start));
  return [...shown, ...staleLinks(reading, change, edited), ...staleInHead(reading, change)];
}

function staleTexts(reading: Reading, { before, record, isChanged }: Change): readonly Difference[] {
  const { visible } = reading;
  if (!visible) return [];
  const { finds, ambiguous } = findFacts(visible.text, before, undefined);
  const several = ambiguous.flatMap(({ fact, places }) => (ANYWHERE.has(fact) ? places.slice(0, 1) : []));
  // A town by itself may be a heading.
  const isAddress = finds.some(({ fact }) => fact === STREET || fact === 'address.postalCode');
  const stale = [...finds, ...several].filter(
    ({ fact, inAddress }) => isChanged(fact) && (isAddress || !inAddress),
  );
  return differences(
    reading,
    record,
    // What is found in another spelling than the old record's is no other spelling of the new one.
    stale
      .flatMap((find) => everywhere(visible.text, find, countryOf(before)))
      .map((find) => ({ ...find, agreement: 'different' })),
  );
}

/** Links whose address is not `edited` with what they say. */
function staleLinks(
  { document, source, lines }: Reading,
  { before, record, isChanged }: Change,
  edited: ReadonlySet<number>,
): readonly Difference[] {
  return LINKED.filter(isChanged).flatMap((fact) => {
    const [led, meant] = [factText(before, fact).trim(), meantFor(record, fact)];
    return (document?.elements ?? []).flatMap((link): Difference[] => {
      if (link.name !== 'a' || link.inert || !led || !leadsTo(link, led, countryOf(before))) return [];
      return linkLed(source, link, meant, countryOf(record))
        .filter(({ start }) => !edited.has(start))
        .map((edit) => {
          const shown = link.attributes['href']?.trim() ?? '';
          const place = lines.place(edit.start, edit.end);
          return { fact, shown, meant: edit.text, place, isSpelling: false, edits: [edit] };
        });
    });
  });
}

/** More words than these describe no page. */
const LONGEST = 2000;

function staleInHead(reading: Reading, { before, record, isChanged }: Change): readonly Difference[] {
  const { document, lines } = reading;
  const changed = [...ANYWHERE].filter(isChanged);
  if (!document || changed.length === 0) return [];
  return headTexts(document).flatMap(({ text, start, end }) => {
    const search = new VisitorSearch({ text: text.length > LONGEST ? '' : text, pieces: [] });
    return changed.flatMap((fact): Difference[] => {
      const seen = comparedOf(fact)?.look?.(search, before);
      if (seen?.agreement !== 'exact' && seen?.agreement !== 'written-differently') return [];
      const [place, meant] = [lines.place(start, end), meantFor(record, fact)];
      const edits = shownInstead(reading, { place, text: seen.text }, meant, countryOf(record));
      return edits.length > 0 ? [{ fact, shown: seen.text, meant, place, isSpelling: false, edits }] : [];
    });
  });
}
