import type { ReadItem, Reading } from '#core/reading';
import { finding, type Finding } from './finding.ts';

/** Family `structure`: items without a type, properties without an item. */
export function judgeStructure({ items, strays }: Reading): readonly Finding[] {
  const outside = strays.map(({ name, place }) =>
    finding(
      'structure/itemprop-outside',
      `itemprop="${name}" stands outside every item, so a machine passes it over. Put itemscope and itemtype on an element around it.`,
      place,
      name,
    ),
  );
  return [...outside, ...items.filter(isNameless).map(noType)];
}

const isNameless = ({ types, properties }: ReadItem): boolean => types.length === 0 && properties.length > 0;

function noType({ syntax, typePlace }: ReadItem): Finding {
  const where = syntax === 'jsonld' ? '"@type"' : 'itemtype="https://schema.org/…"';
  return finding(
    'structure/no-type',
    `This item has no type, so a machine does not know what it describes. Add ${where}.`,
    typePlace,
  );
}
