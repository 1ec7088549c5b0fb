import { finding, type Finding } from '#core/fault';
import { eachItem, type ReadItem } from '#core/item';
import type { Reading } from '#core/reading';
import type { Place } from '#core/text';

/** Null, or a list of nothing. */
const NOTHING = /:\s*(null|\[[\s,]*(?:null[\s,]*)*\])$/;

/** Names with null or an empty list behind them: a processor takes them out (JSON-LD 1.1 API, 5.1.2). */
export const judgeUnsaid = ({ items, source }: Reading): readonly Finding[] =>
  eachItem(items).flatMap(({ item: { unsaid = [] } }) =>
    unsaid.flatMap(({ name, place }) => {
      const [, written] = NOTHING.exec(source.slice(place.start, place.end)) ?? [];
      if (written === undefined) return [];
      const what = written === 'null' ? 'null' : 'an empty list';
      const message = `${name} is ${what}, which says nothing to a machine. Leave out what is not known.`;
      return [finding('value/null', message, place, name)];
    }),
  );

/** Where it is told that an item lacks something: where its name stands, with nothing behind it, or at the item's types. */
export const placeOfMissing = ({ unsaid = [], typePlace }: ReadItem, name: string): Place =>
  unsaid.find((one) => one.name === name)?.place ?? typePlace;
