import { countryCode } from '#core/address';
import { days, readDay, writeDay } from '#core/hours';
import { markupTelephone, markupTypes, writeMarkup, type MarkupForm } from '#core/markup';
import { writeDegrees } from '#core/pin';
import { businessesIn, readSource, recordFromItem } from '#core/reading';
import { factRows, factText, type BusinessRecord, type Fact } from '#core/record';
import { asciiMarkup, placedOn } from './placing.ts';

/** A fact that a machine reads otherwise than it was meant. */
export interface Misread {
  readonly fact: Fact;
  readonly meant: string;
  readonly read: string;
}

/** What was found when a page was read back. */
export type Proof =
  | { readonly state: 'proved'; readonly misread: readonly Misread[] }
  | { readonly state: 'misread'; readonly misread: readonly Misread[] }
  | { readonly state: 'absent'; readonly misread: readonly Misread[] };

/** Reads a page as a machine would and compares what was placed on it with what the record says now. */
export function prove(source: string, form: MarkupForm, record: BusinessRecord, url = ''): Proof {
  const region = placedOn(source).find((placed) => placed.form === form);
  if (!region) return { state: 'absent', misread: [] };
  const item = businessesIn(readSource(source, url).items).find(
    ({ syntax, place }) => syntax === form && place.start >= region.start && place.end <= region.end,
  );
  if (!item) return { state: 'absent', misread: [] };
  const [meant, read] = [asMachinesAreTold(record), recordFromItem(item)];
  const misread = factRows.flatMap(({ fact }) => {
    const [one, other] = [factText(meant, fact), factText(read, fact)];
    return one === other ? [] : [{ fact, meant: one, read: other }];
  });
  return { state: misread.length === 0 ? 'proved' : 'misread', misread };
}

/** Whether what was placed is, to the letter, what the record yields now. */
export function isCurrent(source: string, form: MarkupForm, record: BusinessRecord): boolean {
  const region = placedOn(source).find((placed) => placed.form === form);
  if (!region) return false;
  const placed = region.text.replace(/\r\n/g, '\n');
  const markup = writeMarkup(record, form).text;
  return placed === markup || placed === asciiMarkup(markup, form);
}

/** The record with each fact in the form that markup gives it. */
function asMachinesAreTold(record: BusinessRecord): BusinessRecord {
  const trimmed = (list: readonly string[]): string[] => list.map((entry) => entry.trim()).filter(Boolean);
  const { address, pin } = record;
  return {
    name: record.name.trim(),
    types: [...markupTypes(record.types)],
    id: record.id.trim(),
    url: record.url.trim(),
    telephone: markupTelephone(record),
    address: {
      streetAddress: address.streetAddress.trim(),
      addressLocality: address.addressLocality.trim(),
      addressRegion: address.addressRegion.trim(),
      postalCode: address.postalCode.trim(),
      addressCountry: countryCode(address.addressCountry) || address.addressCountry.trim(),
    },
    pin: { latitude: writeDegrees(pin.latitude), longitude: writeDegrees(pin.longitude) },
    hours: {
      ...record.hours,
      ...Object.fromEntries(
        days.map((day) => {
          const { spans } = readDay(record.hours[day]);
          return [day, spans ? writeDay(spans) : ''];
        }),
      ),
    },
    image: trimmed(record.image),
    priceRange: record.priceRange.trim(),
    sameAs: trimmed(record.sameAs),
    description: record.description.trim(),
  };
}
