import { jsonOfMarkup, readOfJson, type ReadItem } from '#core/item';
import { emptyRecord, factHead, isFact, knownFacts, recordOf, type BusinessRecord } from '#core/record';
import { remembered } from '#core/text';
import { businessItem } from './item.ts';
import { keptNames, keptNodes } from './kept.ts';

/**
 * The record with each fact in the form that markup gives it, and without the facts that no markup can carry
 * (time zone, where the pin came from) or that are left out: what must be read back from any form.
 */
export function toldRecord(record: BusinessRecord, leftOut: readonly string[] = []): BusinessRecord {
  return leftOut.length === 0 ? allTold(record) : toldWithout(record, leftOut);
}

/** Placing, proving and comparing ask for the same again and again. */
const allTold = remembered((record: BusinessRecord) => toldWithout(record, []));

function toldWithout(record: BusinessRecord, leftOut: readonly string[]): BusinessRecord {
  const came = leftOut.includes('kept') ? new Set<string>() : keptNames(record);
  // What is written as it came is read back so too.
  const asRead = came.size > 0 ? recordOf(itemRead(record)) : undefined;
  const isLeftOut = (name = ''): boolean => leftOut.includes(isFact(name) ? factHead(name) : name);
  const toldFacts = knownFacts.flatMap(
    ({ key, property, alsoRead = [], goesWith, told }): [string, unknown][] => {
      if (leftOut.length > 0 && (isLeftOut(key) || isLeftOut(goesWith))) return [];
      const isAsCame = asRead && [property, ...alsoRead].some((name) => came.has(name));
      return [[key, isAsCame ? asRead[key] : told(record)]];
    },
  );
  return { ...emptyRecord, ...Object.fromEntries(toldFacts) };
}

function itemRead(record: BusinessRecord): ReadItem {
  const json = jsonOfMarkup({ kind: 'item', item: businessItem(record) });
  return readOfJson(typeof json === 'object' ? json : {}, keptNodes(record));
}
