import { addressText, countryCode, splitAddress } from '#core/address';
import { days, readWeek, writeWeek } from '#core/hours';
import { parseUrl } from '#core/link';
import { businessesIn, recordFromItem, type Reading } from '#core/reading';
import { valuesOf, type ReadItem } from '#core/item';
import {
  countryOf,
  factHead,
  factOf,
  factRows,
  factText,
  wholeLabel,
  withoutRefused,
  type BusinessRecord,
  type Fact,
} from '#core/record';
import { proposeFromPage } from './page.ts';
import type { TypeOfWord } from './pageType.ts';
import type { Proposal } from './proposal.ts';
import { takeIn } from './takeIn.ts';

const SYNTAX = { jsonld: 'JSON-LD', microdata: 'microdata', rdfa: 'RDFa' } as const;
/**
 * What a source says of a business, as facts of a record: first of its markup, then what the page shows. The
 * first proposal of each unit is the one to take unless people say otherwise. `url` is where the page stands, `typeOf`
 * knows the words of the trades where it is given.
 */
export function propose(reading: Reading, url = '', typeOf?: TypeOfWord): readonly Proposal[] {
  const [business] = businessesIn(reading.items);
  const marked = business ? proposeFromItem(business, reading.items, reading.base || url) : [];
  // Numbers without a country code are read in the country that the markup names.
  const home = business ? countryOf(recordFromItem(business)) : '';
  const seen = reading.document
    ? proposeFromPage(reading.document, reading, url, { home, ...(typeOf ? { typeOf } : {}) })
    : [];
  const known = new Set(marked.map(({ unit, shown }) => `${unit} ${shown}`));
  return [...marked, ...seen.filter(({ unit, shown }) => !known.has(`${unit} ${shown}`))];
}

function proposeFromItem(item: ReadItem, items: readonly ReadItem[], base: string): readonly Proposal[] {
  return proposeRecord(mended(takeIn(item, items).record, item, base), 'markup', (unit) => {
    const property = item.properties.find(({ name }) => name === factOf(unit)?.property);
    return `${SYNTAX[item.syntax]}, line ${String((property?.place ?? item.typePlace).line)}`;
  });
}

/** What markup says loosely, read as people would: relative addresses, an address in one text, hours in words. */
function mended(record: BusinessRecord, item: ReadItem, base: string): BusinessRecord {
  const absolute = (address: string): string =>
    base && address ? (parseUrl(address, base)?.href ?? address) : address;
  const { address, hours, image, logo, url } = record;
  const oneText = /[,\n]/.test(address.streetAddress) && !address.addressLocality && !address.postalCode;
  const typed = valuesOf(item, 'openingHours').flatMap((value) =>
    value.kind === 'text' ? [value.text] : [],
  );
  const week = days.some((day) => hours[day]) ? undefined : readWeek(typed.join('; '));
  return {
    ...record,
    url: absolute(url),
    logo: logo.map((one) => ({ ...one, url: absolute(one.url) })),
    image: image.map((one) => ({ ...one, url: absolute(one.url) })),
    address: oneText ? splitAddress(address.streetAddress, countryCode(address.addressCountry)) : address,
    hours: week?.faults.length === 0 ? week.hours : hours,
  };
}

/** Every fact of a record that is set, as proposals. */
export function proposeRecord(
  found: BusinessRecord,
  from: Proposal['from'],
  where: (unit: string) => string,
): readonly Proposal[] {
  // Addresses that visitors may not be led by do not come in, whoever wrote them.
  const record = withoutRefused(found);
  const units = new Map<string, { fact: Fact; text: string }[]>();
  for (const { fact } of factRows) {
    const text = factText(record, fact);
    if (!text.trim()) continue;
    const unit = factHead(fact);
    units.set(unit, [...(units.get(unit) ?? []), { fact, text }]);
  }
  return [...units].map(([unit, values]) => ({
    unit,
    label: wholeLabel(unit),
    values,
    shown: shownOf(record, unit, values),
    where: where(unit),
    from,
  }));
}

function shownOf(record: BusinessRecord, unit: string, values: Proposal['values']): string {
  if (unit === 'address')
    return [addressText(record.address), record.address.addressCountry].filter(Boolean).join(', ');
  if (unit === 'hours') return writeWeek(record.hours);
  if (unit === 'kept') return [...new Set(record.kept.map(({ property }) => property))].join(', ');
  return values.map(({ text }) => text.replace(/\n/g, '; ')).join(', ');
}
