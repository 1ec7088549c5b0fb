import type { RowFact } from '#core/agreement';
import { leadsTo, linkLed } from '#core/mending';
import type { Reading } from '#core/reading';
import { countryOf, factText, type BusinessRecord } from '#core/record';
import { westernDigits } from '#core/text';
import { differences, meantFor, type Difference } from './differences.ts';
import { ANYWHERE, everywhere, findFacts, toldFacts } from './finding.ts';

const STREET = 'address.streetAddress';
const LINKED = ['telephone', 'faxNumber', 'email'] as const;

/** Where visitors read, and links lead to, what a record said before, and it says something else now. */
export function staleDifferences(
  reading: Reading,
  before: BusinessRecord,
  record: BusinessRecord,
): readonly Difference[] {
  const { visible, source, document, lines } = reading;
  if (!visible) return [];
  const [old, now] = [toldFacts(before), toldFacts(record)];
  const { finds, ambiguous } = findFacts(visible.text, before, undefined);
  const several = ambiguous.flatMap(({ fact, places }) => (ANYWHERE.has(fact) ? places.slice(0, 1) : []));
  // The digits of the page's own script say the same.
  const isChanged = (fact: RowFact): boolean =>
    now.has(fact) && westernDigits(now.get(fact) ?? '') !== westernDigits(old.get(fact) ?? '');
  // A town by itself may be a heading.
  const isAddress = finds.some(({ fact }) => fact === STREET || fact === 'address.postalCode');
  const stale = [...finds, ...several].filter(
    ({ fact, inAddress }) => isChanged(fact) && (isAddress || !inAddress),
  );
  const shown = differences(
    reading,
    record,
    // What is found in another spelling than the old record's is no other spelling of the new one.
    stale
      .flatMap((find) => everywhere(visible.text, find, countryOf(before)))
      .map((find) => ({ ...find, agreement: 'different' })),
  );
  const edited = new Set(shown.flatMap(({ edits }) => edits ?? []).map(({ start }) => start));
  const [then, today] = [countryOf(before), countryOf(record)];
  const linked = LINKED.flatMap((fact): Difference[] => {
    const [led, meant] = [factText(before, fact).trim(), meantFor(record, fact)];
    if (!led || !meant || !isChanged(fact)) return [];
    return (document?.elements ?? []).flatMap((link): Difference[] => {
      if (link.name !== 'a' || link.inert || !leadsTo(link, led, then)) return [];
      const edits = linkLed(source, link, meant, today).filter(({ start }) => !edited.has(start));
      const [edit] = edits;
      const href = link.attributes['href']?.trim() ?? '';
      return edit
        ? [
            {
              fact,
              shown: href,
              meant: edit.text,
              place: lines.place(edit.start, edit.end),
              isSpelling: false,
              edits,
            },
          ]
        : [];
    });
  });
  return [...shown, ...linked];
}
