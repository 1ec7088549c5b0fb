import { eachItem, type ReadItem } from '#core/item';
import { readTelephone } from '#core/phone';

/** Numbers that cost the caller nothing are those of a whole company (ITU-T E.164.1; North American Numbering Plan). */
const FREE = /^\+(?:1(?:800|833|844|855|866|877|888)|(?!1)\d{1,3}80[08])/;
export const isFree = (e164: string): boolean => FREE.test(e164);

/** All numbers that markup says of anybody (E.164). */
export const numbersOf = (items: readonly ReadItem[], country: string): readonly string[] =>
  eachItem(items).flatMap(({ item }) =>
    item.properties.flatMap(({ name, value }) =>
      NUMBERS.test(name) && value.kind === 'text'
        ? (readTelephone(value.text, country).telephone?.e164 ?? [])
        : [],
    ),
  );
const NUMBERS = /^(?:telephone|faxNumber)$/i;
