import { countryName, regionNamed } from '#core/address';
import {
  countryOf,
  factPart,
  factText,
  knownFacts,
  type BusinessRecord,
  type Fact,
  type KnownFact,
  type Look,
} from '#core/record';
import type { Agreement } from '#core/value';
import type { Seen } from './seen.ts';
import type { VisitorSearch } from './visitor.ts';

export type RowFact = Fact | 'pin' | 'hours';

/** A fact of the three-way reading: how it is shown, compared, and looked for on the page. */
export interface Compared {
  readonly fact: RowFact;
  readonly label: string;
  /** The property of schema.org that carries it. */
  readonly property: string;
  /** Name, address, number, place, hours and the ways to reach it: what may never differ. */
  readonly core: boolean;
  /** Whether markup that says another one speaks of another business. */
  readonly identifying: boolean;
  /** Whether its spelling in markup is a machine's business, not a reader's. */
  readonly isMachineForm: boolean;
  /** Whether several values, or values of several parts, say it. */
  readonly isMany: boolean;
  readonly show: (record: BusinessRecord) => string;
  /** The same as it stands in markup. */
  readonly written: (read: BusinessRecord) => string;
  /** `told` is what the record tells machines; `record` what was typed. */
  readonly grade: (told: BusinessRecord, read: BusinessRecord, record: BusinessRecord) => Agreement;
  /** What a machine makes of it, in plain words; '' where the text says it all. */
  readonly understood: (read: BusinessRecord, record: BusinessRecord | undefined) => string;
  /** Undefined where no visitor looks for it. */
  readonly look?: (search: VisitorSearch, reference: BusinessRecord) => Seen | undefined;
}

const ifFound = (seen: Seen): Seen | undefined => (seen.agreement === 'missing' ? undefined : seen);

/** How a visitor's page is searched for a text of a record. */
const LOOKS: Readonly<
  Record<Look, (search: VisitorSearch, text: string, record: BusinessRecord) => Seen | undefined>
> = {
  words: (search, text) => search.find(text.trim()),
  name: (search, text) => search.findName(text.trim()),
  town: (search, text, record) => {
    const { postalCode: code, addressRegion: region } = record.address;
    const regions = [region, regionNamed(region, countryOf(record))?.code ?? region];
    const beside = code ? [code, ...regions.map((one) => `${one} ${code}`)] : [];
    return search.findTown(text.trim(), countryOf(record), beside);
  },
  // A page that shows no postal code at all disagrees with none.
  code: (search, text, record) => {
    const other = search.otherCodeBeside(record.address.streetAddress, text.trim(), countryOf(record));
    if (other) return other;
    const seen = search.findCode(text.trim(), countryOf(record));
    return ifFound(seen) ?? (search.showsCode(countryOf(record), text) ? seen : undefined);
  },
  // Few pages name their region or country to visitors; that they do not is no disagreement.
  region: (search, text, record) =>
    ifFound(search.findRegion(text, countryOf(record))) ??
    ifFound(
      search.findOtherRegion({
        region: text,
        town: record.address.addressLocality,
        code: record.address.postalCode,
        country: countryOf(record),
      }),
    ),
  street: (search, text, record) => search.findStreet(text.trim(), countryOf(record)),
  country: (search, text, record) =>
    ifFound(search.findExactly(countryName(countryOf(record)))) ?? ifFound(search.findExactly(text)),
  telephone: (search, text, record) =>
    search.findTelephone(text, countryOf(record), { code: record.address.postalCode }),
  vat: (search, text) => search.findVat(text),
  fax: (search, text, record) => search.findFax(text, countryOf(record)),
  email: (search, text) => search.findEmail(text.trim()),
  hours: (search, _, record) => search.findHours(record.hours, countryOf(record)),
  price: (search, text) => search.findPriceRange(text.trim()),
  arrival: (search, text) => search.findLabelled('arrival', text),
  departure: (search, text) => search.findLabelled('departure', text),
  founded: (search, text) => search.findLabelled('founded', text),
};

/** The rows of a fact: one for each part, or one for all of it. */
function rowsOf(known: KnownFact): readonly Compared[] {
  const { key, rows, label, property, compared = {}, kind } = known;
  const base = {
    core: compared.core ?? false,
    isMachineForm: kind.isMachineForm ?? false,
    isMany: kind.fields !== undefined,
  };
  if (compared.as === 'whole') {
    const look = compared.look && LOOKS[compared.look];
    return [
      {
        ...base,
        fact: key as RowFact,
        label,
        property,
        identifying: compared.identifying ?? false,
        show: known.show,
        written: known.show,
        grade: known.grade,
        understood: (read, record) => known.understood('', read, record),
        ...(look ? { look: (search, record) => look(search, '', record) } : {}),
      },
    ];
  }
  return rows.map((row): Compared => {
    const part = factPart(row.fact);
    const text = (record: BusinessRecord): string => factText(record, row.fact).trim();
    const look = row.look && LOOKS[row.look];
    return {
      ...base,
      fact: row.fact,
      label: row.label,
      property: part && compared.first ? part : property,
      identifying: row.identifying ?? false,
      show: part ? text : known.show,
      written: part || compared.as !== 'typed' ? (part ? text : known.show) : text,
      grade: part ? (...records) => known.gradePart(part, ...records) : known.grade,
      understood: (read, record) => known.understood(part, read, record),
      ...(look ? { look: (search, record) => look(search, factText(record, row.fact), record) } : {}),
    };
  });
}

const isCompared = ({ property }: KnownFact): boolean => property !== '';

/** Every fact that markup carries, name, address and telephone first. */
export const comparedFacts: readonly Compared[] = knownFacts
  .filter(isCompared)
  .toSorted((a, b) => (a.compared?.first ?? Infinity) - (b.compared?.first ?? Infinity) || 0)
  .flatMap(rowsOf);

const byFact = new Map(comparedFacts.map((one) => [one.fact, one]));

/** The comparison of a row of the three-way reading. */
export const comparedOf = (fact: RowFact): Compared | undefined => byFact.get(fact);
