import { finding, shortText, type Finding } from '#core/fault';
import { eachItem, itemsOf, textOf, type ReadItem } from '#core/item';
import { isLocalBusiness, type Reading } from '#core/reading';
import { isFree, numbersOf, othersIn, type Business } from './saidOtherwise.ts';
import { countryOfItem } from './values.ts';

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
  const known = new Map<string, ReadonlySet<string>>();
  return businesses.slice(0, MOST).flatMap((item) => {
    const country = countryOfItem(item);
    const numbers = known.get(country) ?? new Set(numbersOf(items, country));
    known.set(country, numbers);
    const isStray = (e164: string): boolean => numbers.size > 0 && !numbers.has(e164) && !isFree(e164);
    return wrongWords(item, { country, isStray, street: streetOf(item) });
  });
}

const streetOf = (item: ReadItem): string => {
  const [address] = itemsOf(item, 'address');
  return address ? textOf(address, 'streetAddress').trim() : '';
};

const wrongWords = (item: ReadItem, business: Business): readonly Finding[] =>
  item.properties
    .filter(({ name }) => WORDS.has(name))
    .slice(0, MOST_EACH)
    .flatMap(({ name, value }) => {
      if (value.kind !== 'text' || value.text.length > LONGEST) return [];
      return othersIn(value.text, business).map(({ said, wrong }) =>
        finding('value/own-words', `The ${name} says “${shortText(said)}”, ${wrong}.`, value.place, name),
      );
    });
