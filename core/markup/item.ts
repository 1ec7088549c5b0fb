import type { MarkupItem, MarkupProperty } from '#core/item';
import {
  aroundOf,
  factHead,
  isFact,
  knownFacts,
  madeId,
  type BusinessRecord,
  type FactGroup,
  type KnownFact,
} from '#core/record';
import { plainText } from '#core/text';
import { markupTypes } from '#core/value';
import { withKept } from './kept.ts';

export interface ItemChoices {
  /** Keys of the record that are left out. */
  readonly leftOut?: readonly string[];
  readonly hoursForm?: 'long' | 'short';
}

/** The order in which markup says the groups of facts. */
const GROUPS: readonly FactGroup[] = ['identity', 'contact', 'place', 'hours', 'offer', 'profiles', 'images'];

/** The facts that markup says, in its order: that of the sheet, but for those that stand behind another. */
const inOrder: readonly KnownFact[] = GROUPS.flatMap((group) => {
  const order: KnownFact[] = [];
  const waiting = knownFacts.filter((one) => one.group === group);
  const behind = (name: string): KnownFact[] => waiting.filter(({ after }) => after === name);
  const add = (one: KnownFact): void => {
    order.push(one);
    for (const next of behind(one.property)) add(next);
  };
  for (const one of waiting) if (!one.after) add(one);
  return order;
});

/** The record as one item of schema.org, in a fixed order. Blank facts are left out. */
export function businessItem(
  record: BusinessRecord,
  { leftOut = [], hoursForm = 'long' }: ItemChoices = {},
): MarkupItem {
  const around = aroundOf(record);
  const isLeftOut = (name: string): boolean => leftOut.includes(isFact(name) ? factHead(name) : name);
  const said: MarkupProperty[] = [];
  for (const { write } of inOrder) said.push(...write(record, around, hoursForm));
  const id = plainText(record.id) || (record.withheld.includes('id') ? '' : madeId(record));
  const own = { types: markupTypes(record.types), id, properties: said };
  const item = leftOut.includes('kept') ? own : withKept(own, record);
  if (leftOut.length === 0) return item;
  return {
    ...item,
    id: leftOut.includes('id') ? '' : item.id,
    properties: item.properties.filter(({ facts }) => !facts.some(isLeftOut)),
  };
}
