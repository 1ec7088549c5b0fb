import { isCalled, isPlainlyOne, VisitorSearch } from '#core/agreement';
import { shortText } from '#core/fault';
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

/** What a business's words are held against. */
export interface Business {
  readonly country: string;
  /** Whether a number (E.164) is none that it may say. */
  readonly isStray: (e164: string) => boolean;
  /** Where it is; '' where nobody knows. */
  readonly street: string;
}

/** What a text says instead of the business's own. */
interface Other {
  readonly said: string;
  readonly property: 'telephone' | 'streetAddress';
  readonly wrong: string;
}

/** A number that is nobody's in a text without one of the business's own, and its street with another house number. */
export function othersIn(text: string, { country, isStray, street }: Business): readonly Other[] {
  const search = new VisitorSearch({ text, pieces: [] });
  const numbers = search
    .telephones(country)
    .filter((one) => isPlainlyOne(one, text) || isCalled(text, one.at));
  const [stray] = numbers.every(({ e164 }) => isStray(e164)) ? numbers : [];
  const seen = street ? search.findStreet(street, country) : undefined;
  const wrong = `the business is at “${shortText(street)}”`;
  return [
    ...(stray
      ? [{ said: stray.text, property: 'telephone', wrong: 'which is no number of the business' } as const]
      : []),
    ...(seen?.agreement === 'different'
      ? [{ said: seen.text, property: 'streetAddress', wrong } as const]
      : []),
  ];
}
