import * as z from 'zod';
import { knownBranches, numbersIn, telephonesAmong, telephonesOf, type SiteBranch } from '#core/agreement';
import { foldAddress } from '#core/address';
import { foldUrl } from '#core/link';
import { canonicalOf, businessesIn, recordFromItem, type Reading } from '#core/reading';
import { countryOf } from '#core/record';
import { remembered } from '#core/text';

/** Which branch a page is about, as far as it shows, and why. */
export const pageMatchSchema = z.object({
  branchId: z.number(),
  reasons: z.array(z.string()),
  /** How much speaks for it, in the units of `WEIGHTS`. */
  score: z.number(),
});
export type PageMatch = Readonly<z.infer<typeof pageMatchSchema>>;

/** What speaks for a branch, and how much: what was written for machines more than what a sentence may mention. */
const WEIGHTS = {
  address: 8,
  canonical: 7,
  markup: 6,
  telephone: 4,
  street: 4,
  postcode: 2,
  title: 2,
} as const;
type Sign = keyof typeof WEIGHTS;
const REASONS: Readonly<Record<Sign, string>> = {
  address: 'the record names this address',
  canonical: 'the page calls the record’s address its own',
  markup: 'its markup is of this branch',
  telephone: 'it shows the telephone number',
  street: 'it shows the street',
  postcode: 'it shows the postal code',
  title: 'its title names the branch or its town',
};
/** Less than this is a coincidence. */
const ENOUGH = 4;

interface Known {
  readonly id: number;
  readonly url: string;
  readonly telephones: readonly string[];
  readonly street: string;
  readonly postcode: string;
  readonly names: readonly string[];
}

/** What branches are known by, worked out once for all pages of a site. */
const knownBy = remembered((branches: readonly SiteBranch[]) => ({
  countries: [...new Set(branches.map(({ record }) => countryOf(record)))],
  all: branches.map(({ id, label, record }): Known => ({
    id,
    url: record.url ? foldUrl(record.url) : '',
    telephones: telephonesOf(record),
    street: foldAddress(record.address.streetAddress),
    postcode: foldAddress(record.address.postalCode),
    names: [label, record.address.addressLocality].map(foldAddress).filter(({ length }) => length > 2),
  })),
}));

/**
 * The branch that a page is about; undefined where none is, or where several are as likely: a page that lists them all
 * is nobody's own. `url` is the page's address.
 */
export function matchPage(
  reading: Reading,
  url: string,
  branches: readonly SiteBranch[],
): PageMatch | undefined {
  const { countries, all } = knownBy(branches);
  const text = ` ${foldAddress(reading.visible?.text ?? '')} `;
  const title = ` ${foldAddress(titleOf(reading))} `;
  const numbers = new Set(
    countries.flatMap((country) =>
      telephonesAmong(numbersIn(reading.visible?.text ?? ''), country).map(({ e164 }) => e164),
    ),
  );
  const canonical = foldUrl(canonicalOf(reading.document, url));
  const described = new Set(
    businessesIn(reading.items).flatMap(
      (item) => knownBranches(branches).branchOf(recordFromItem(item))?.id ?? [],
    ),
  );
  const seen = new Map<string, boolean>();
  const shows = (words: string): boolean => {
    let isShown = seen.get(words);
    if (isShown === undefined) seen.set(words, (isShown = words !== '' && text.includes(` ${words} `)));
    return isShown;
  };
  const [first, second] = all
    .map((known) => {
      const signs: Readonly<Record<Sign, boolean>> = {
        address: known.url !== '' && known.url === foldUrl(url),
        canonical: known.url !== '' && known.url === canonical && canonical !== foldUrl(url),
        markup: described.has(known.id),
        telephone: known.telephones.some((number) => numbers.has(number)),
        street: shows(known.street),
        postcode: shows(known.postcode),
        title: known.names.some((name) => title.includes(` ${name} `)),
      };
      const found = (Object.keys(WEIGHTS) as Sign[]).filter((sign) => signs[sign]);
      return {
        branchId: known.id,
        reasons: found.map((sign) => REASONS[sign]),
        score: found.reduce((sum, sign) => sum + WEIGHTS[sign], 0),
      };
    })
    .sort((a, b) => b.score - a.score);
  return first && first.score >= ENOUGH && first.score > (second?.score ?? 0) ? first : undefined;
}

const titleOf = ({ document, source }: Reading): string =>
  (document?.elements ?? [])
    .filter(({ name }) => name === 'title' || name === 'h1')
    .slice(0, 3)
    .map(({ start, end }) => source.slice(start, Math.min(end, start + 500)).replace(/<[^>]*>/g, ' '))
    .join(' ');
