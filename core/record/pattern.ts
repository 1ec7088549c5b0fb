import { parseUrl } from '#core/link';
import { fileName, plainText } from '#core/text';
import { patternWords, unknownPatternWords } from '#core/value';
import { factText } from './fact.ts';
import type { Fact } from './facts.ts';
import { countryOf, type BusinessRecord } from './record.ts';

const FACTS: Readonly<Record<(typeof patternWords)[number], Fact>> = {
  name: 'name',
  code: 'branchCode',
  street: 'address.streetAddress',
  town: 'address.addressLocality',
  region: 'address.addressRegion',
  postcode: 'address.postalCode',
  country: 'address.addressCountry',
};

/**
 * The page address that a pattern gives a branch, its facts as slugs; '' where it names what the branch does not say,
 * or gives no web address.
 */
export function addressFromPattern(pattern: string, record: BusinessRecord): string {
  if (!pattern.trim() || unknownPatternWords(pattern).length > 0) return '';
  const slugOf = (word: string): string => {
    const known = patternWords.find((one) => one === word);
    const slug = fileName(known ? factText(record, FACTS[known]) : '', countryOf(record));
    return slug === 'unnamed' ? '' : slug;
  };
  const words = [...pattern.matchAll(/\{([^{}]*)\}/g)].map(([, word = '']) => word);
  if (words.some((word) => slugOf(word) === '')) return '';
  const address = pattern.trim().replace(/\{([^{}]*)\}/g, (_, word: string) => slugOf(word));
  return /^https?:$/.test(parseUrl(address)?.protocol ?? '') ? address : '';
}

/** The name that machines know a branch by where none is set: its page with a fragment; '' without a page. */
export function madeId(record: BusinessRecord): string {
  const url = plainText(record.url);
  return /^https?:$/.test(parseUrl(url)?.protocol ?? '') ? `${url.replace(/#.*$/, '')}#branch` : '';
}

/** The record with its `@id` set, so that it stays when the page moves; the same where it has one or no page. */
export function withMadeId(own: BusinessRecord): BusinessRecord {
  const id = own.id.trim() || own.withheld.includes('id') ? '' : madeId(own);
  return id ? { ...own, id } : own;
}
