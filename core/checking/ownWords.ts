import { isCalled, isPlainlyOne, VisitorSearch } from '#core/agreement';
import { finding, shortText, type Finding } from '#core/fault';
import { eachItem, itemsOf, textOf, type ReadItem, type ReadValue } from '#core/item';
import { isLocalBusiness, recordFromItem, type Reading } from '#core/reading';
import { countryOf } from '#core/record';
import { isFree, numbersOf } from './telephonesSaid.ts';

/** What a business says of itself in sentences (schema.org). */
const WORDS = new Set(['description', 'disambiguatingDescription', 'slogan', 'abstract']);
/** More is an article. */
const LONGEST = 5000;
/** So many businesses of one page are looked at. */
const MOST = 100;
/** And so many sentences of each. */
const MOST_EACH = 10;

/**
 * Sentences of a business's markup that say another telephone number than any markup of the page, or its street with
 * another house: what was forgotten when it moved.
 */
export function judgeOwnWords({ items }: Reading): readonly Finding[] {
  const businesses = eachItem(items)
    .map(({ item }) => item)
    .filter((item) => isLocalBusiness(item) && item.properties.some(({ name }) => WORDS.has(name)));
  return businesses.slice(0, MOST).flatMap((item) =>
    item.properties
      .filter(({ name }) => WORDS.has(name))
      .slice(0, MOST_EACH)
      .flatMap(({ name, value }) =>
        value.kind === 'text' && value.text.length <= LONGEST ? wrongIn(value, name, item, items) : [],
      ),
  );
}

function wrongIn(
  { text, place }: Extract<ReadValue, { kind: 'text' }>,
  property: string,
  item: ReadItem,
  items: readonly ReadItem[],
): readonly Finding[] {
  const country = countryOf(recordFromItem(item));
  const known = new Set(numbersOf(items, country));
  const search = new VisitorSearch({ text, pieces: [] });
  const numbers = search
    .telephones(country)
    .filter((one) => !isFree(one.e164) && (isPlainlyOne(one, text) || isCalled(text, one.at)));
  const [stray] = known.size > 0 && numbers.every(({ e164 }) => !known.has(e164)) ? numbers : [];
  const [address] = itemsOf(item, 'address');
  const street = address ? textOf(address, 'streetAddress').trim() : '';
  const seen = street ? search.findStreet(street, country) : undefined;
  const says = (said: string, wrong: string): Finding =>
    finding('value/own-words', `The ${property} says “${shortText(said)}”, ${wrong}.`, place, property);
  return [
    ...(stray ? [says(stray.text, 'which is no number of the business')] : []),
    ...(seen?.agreement === 'different'
      ? [says(seen.text, `the business is at “${shortText(street)}”`)]
      : []),
  ];
}
