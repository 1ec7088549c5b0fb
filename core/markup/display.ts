import type { Address, AddressSegment } from '#core/address';
import { clockOf } from '#core/hours';
import { readTelephone, type Telephone } from '#core/phone';
import { countryOf, usualOutput, type BusinessRecord, type Output } from '#core/record';
import { languageOf, spokenIn, type Spoken } from './language.ts';

type Choices = Output['block'];
type AddressLines = readonly (readonly AddressSegment[])[];

const choicesOf = ({ output }: BusinessRecord): Choices => (output ?? usualOutput).block;

/** How the visitors of a place are spoken to: in its country's language, unless the record says otherwise. */
export function spokenOf(record: BusinessRecord): Spoken {
  const { language, words } = choicesOf(record);
  const country = countryOf(record);
  return spokenIn(language === 'country' ? languageOf(country) : language, country, words);
}

/** The clock that they read. */
export function clockFor(record: BusinessRecord): 12 | 24 {
  const { clock } = choicesOf(record);
  return clock === 'country' ? clockOf(countryOf(record)) : clock === '12' ? 12 : 24;
}

/**
 * A number as people of a country (ISO 3166-1 alpha-2) are shown it. The national forms are for those at home: abroad
 * only the international one can be dialled.
 */
export function telephoneFor(
  { country, national, international, typed }: Telephone,
  home: string,
  form: Choices['telephone'],
): string {
  if (form === 'typed') return typed.trim();
  if (form === 'international' || (home && country && home !== country)) return international;
  if (form === 'national') return national;
  const [area = '', ...groups] = national.split(/\D+/).filter(Boolean);
  if (form === 'dots') return [area, ...groups].join('.');
  if (form === 'hyphens') return [area, ...groups].join('-');
  if (groups.length === 0) return national;
  return `(${area}) ${groups.join(/^(?:US|CA)$/.test(country) ? '-' : ' ')}`;
}

/** The telephone number as visitors see it; as typed where it is none. */
export function visibleTelephone(record: BusinessRecord): string {
  const country = countryOf(record);
  const { telephone } = readTelephone(record.telephone, country);
  return telephone ? telephoneFor(telephone, country, choicesOf(record).telephone) : record.telephone.trim();
}

/** An address without some of its parts. Its country stays: it says in which order the others stand. */
export const withoutThese = (address: Address, parts: readonly string[]): Address =>
  parts.length === 0
    ? address
    : {
        ...address,
        ...Object.fromEntries(
          parts.filter((part) => part in address && part !== 'addressCountry').map((part) => [part, '']),
        ),
      };

const has = (line: readonly AddressSegment[], part: string): boolean =>
  line.some((segment) => segment.part === part);

/** The lines of an address in the order that was chosen, the country left out where it is not to be read. */
export function addressInOrder(
  lines: AddressLines,
  order: Choices['addressOrder'],
  without: readonly string[] = [],
): AddressLines {
  const read = without.includes('addressCountry')
    ? lines.filter((line) => !has(line, 'addressCountry'))
    : lines;
  if (order === 'country') return read;
  const street = read.filter((line) => has(line, 'streetAddress'));
  const country = read.filter((line) => has(line, 'addressCountry'));
  const others = read.filter((line) => !street.includes(line) && !country.includes(line));
  return order === 'street-first' ? [...street, ...others, ...country] : [...country, ...others, ...street];
}

/** A text in numeric character references (HTML Living Standard, 13.1.4): browsers read it, simple harvesters do not. */
export const asReferences = (text: string): string =>
  Array.from(text, (character) => `&#${String(character.codePointAt(0))};`).join('');
