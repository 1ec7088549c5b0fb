import { foldAddress } from '#core/address';
import { foldUrl } from '#core/link';
import { readTelephone } from '#core/phone';
import { countryOf, telephonesIn, type BusinessRecord } from '#core/record';
import { jsonValues } from '#core/item';
import { remembered } from '#core/text';
import { keptJson, type Agreement } from '#core/value';
import { likeness } from './identity.ts';
import { lettersOf, mayHold } from './letters.ts';
import type { VisitorSearch } from './visitor.ts';

/** A branch that a site may describe. */
export interface SiteBranch {
  readonly id: number;
  readonly label: string;
  readonly record: BusinessRecord;
}

/** From this much likeness on (see `likeness`) a business is taken for a branch. */
const LIKE_ENOUGH = 4;

/** A client's branches, found by what they are known by: thousands of branches meet thousands of businesses. */
export class KnownBranches {
  /** All their telephone numbers, E.164. */
  readonly telephones: ReadonlySet<string>;
  readonly #byKey = new Map<string, SiteBranch[]>();
  readonly #countries: readonly string[];
  readonly #branches: readonly SiteBranch[];

  constructor(branches: readonly SiteBranch[]) {
    this.#branches = branches;
    this.#countries = [...new Set(branches.map(({ record }) => countryOf(record)))];
    for (const branch of branches)
      for (const key of keysOf(branch.record, [countryOf(branch.record)])) {
        const sharing = this.#byKey.get(key);
        if (sharing) sharing.push(branch);
        else this.#byKey.set(key, [branch]);
      }
    this.telephones = new Set(branches.flatMap(({ record }) => telephonesOf(record)));
  }

  /** The branch whose own page an address is; undefined for any other page. */
  ownerOf(url: string): SiteBranch | undefined {
    return this.#byKey.get(`url ${foldUrl(url)}`)?.[0];
  }

  /** The branch that a business is most like; undefined for another business. */
  branchOf(read: BusinessRecord): SiteBranch | undefined {
    const home = countryOf(read);
    const keys = keysOf(read, home ? [home] : this.#countries);
    let best: SiteBranch | undefined;
    let most = LIKE_ENOUGH - 1;
    for (const branch of new Set(keys.flatMap((key) => this.#byKey.get(key) ?? []))) {
      const alike = likeness(branch.record, read);
      if (alike > most) {
        most = alike;
        best = branch;
      }
    }
    return best;
  }

  /** The branch that a page is held against: whose own it is, or else the first that it describes. */
  branchOfPage(url: string, described: readonly BusinessRecord[]): SiteBranch | undefined {
    const own = url ? this.ownerOf(url) : undefined;
    return own ?? described.flatMap((read) => this.branchOf(read) ?? [])[0];
  }

  /** The branches that a page shows to visitors in its text, by street or number; of thousands by number alone. */
  shownOn(page: VisitorSearch, text: string): readonly SiteBranch[] {
    const keys = this.#countries.flatMap((country) =>
      page.telephones(country).map(({ e164 }) => `telephone ${e164}`),
    );
    const byNumber = keys.flatMap((key) => {
      const sharing = this.#byKey.get(key) ?? [];
      // What all branches share tells none.
      return sharing.length > 1 ? [] : sharing;
    });
    const isShown = ({ record }: SiteBranch): boolean => {
      const street = record.address.streetAddress.trim();
      return (
        street !== '' &&
        beginningsIn(street).some((letters) => mayHold(text, letters)) &&
        SEEN.has(page.findStreet(street, countryOf(record)).agreement)
      );
    };
    const byStreet = this.#branches.length > MOST_LOOKED_FOR ? [] : this.#branches.filter(isShown);
    return [...new Set([...byNumber, ...byStreet])];
  }
}

/** How the words of a street's name begin: in whichever spelling, a page that shows it has one of them. */
const beginningsIn = (street: string): readonly string[] => {
  const long = street.match(/[\p{L}\p{M}]{4,}/gu) ?? [];
  return (long.length > 0 ? long : ['']).map((word) => lettersOf(word).text.slice(0, 4));
};

/** Streets of more branches are not looked for on each page. */
const MOST_LOOKED_FOR = 300;
const SEEN = new Set<Agreement>(['exact', 'written-differently']);

/**
 * What a record may be known again by: those that are alike enough share `@id`, page, street or telephone, for
 * postal code and name are not enough.
 */
function keysOf({ id, url, address, telephone }: BusinessRecord, countries: readonly string[]): string[] {
  const street = foldAddress(address.streetAddress).replaceAll(' ', '');
  const numbers = countries.flatMap((country) => readTelephone(telephone, country).telephone?.e164 ?? []);
  return [
    ...(id ? [`id ${id}`] : []),
    ...(url ? [`url ${foldUrl(url)}`] : []),
    ...(street ? [`street ${street}`] : []),
    ...numbers.map((number) => `telephone ${number}`),
  ];
}

/** All telephone numbers of a record, E.164. */
export const telephonesOf = remembered((record: BusinessRecord): readonly string[] => {
  const country = countryOf(record);
  // Of several numbers that markup had, one is the record's and all are kept.
  const kept = record.kept
    .filter(({ property }) => property === 'telephone')
    .flatMap((one) => jsonValues(keptJson(one)))
    .filter((value) => typeof value === 'string');
  return [...telephonesIn(record), ...kept].flatMap(
    (number) => readTelephone(number, country).telephone?.e164 ?? [],
  );
});

/** The branches of a list, made ready once: each page of a site is compared with the same list. */
export const knownBranches = remembered((branches: readonly SiteBranch[]) => new KnownBranches(branches));
