import { finding, type Fault, type Finding } from '#core/fault';
import type { ReadItem, ReadProperty } from '#core/item';
import { saidMarkup } from '#core/markup';
import { apartFromShown } from '#core/mending';
import type { Edit } from '#core/text';
import { instead, type Spot, type TextValue } from './spot.ts';

/** A property of an item where it stands in a source. */
export interface Standing {
  readonly item: ReadItem;
  readonly property: ReadProperty;
  readonly source: string;
}

/** What a machine reads is exchanged; what visitors read goes on to stand there, with its machine form apart. */
export const mendBeside = (
  { item, property, source }: Standing,
  value: TextValue,
  text: string,
): readonly Edit[] | null => {
  const { syntax } = item;
  return value.holder === 'text' && text && syntax !== 'jsonld'
    ? apartFromShown(property, source, (html) => saidMarkup(syntax, property.name, text, html))
    : instead(value, text);
};

/** A `time` gets what machines read as an attribute; of any other element what it shows is put apart. */
export function momentBeside(standing: Standing, value: TextValue, moment: string): readonly Edit[] | null {
  const { item, property, source } = standing;
  if (value.holder !== 'text' || !moment) return instead(value, moment);
  const { start } = property.place;
  const [tag = ''] = /^<time(?=[\s>])[^>]*>/i.exec(source.slice(start, start + 500)) ?? [];
  if (!tag) return mendBeside(standing, value, moment);
  if (/\s(?:datetime|content)\s*=/i.test(tag)) return [];
  const at = start + '<time'.length;
  // Readers of RDFa Core know only content.
  const attributes = `${item.syntax === 'rdfa' ? ` content="${moment}"` : ''} datetime="${moment}"`;
  return [{ start: at, end: at, text: attributes }];
}

/** A finding on a value whose mend leaves what visitors read as it is. */
export const tellBeside = (
  spot: Spot,
  code: Fault['code'],
  message: string,
  mended = '',
  guess = false,
): Finding =>
  finding(code, message, spot.value.place, spot.property.name, {
    edits: mendBeside(spot, spot.value, mended),
    guess,
  });
