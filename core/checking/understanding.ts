import { addressLines, countryCode, countryName } from '#core/address';
import { days, readDay, writeWeek } from '#core/hours';
import { distance, distanceText, readPin } from '#core/pin';
import { readTelephone } from '#core/phone';
import { countryOf, type BusinessRecord } from '#core/record';
import type { RowFact } from './compared.ts';

/**
 * What a machine makes of a fact it reads, in plain words: "open Mon–Fri 09:00-17:00", "Port Ellery,
 * Washington", "2.1 km from the pin". '' where the text says it all, or nothing can be made of it.
 */
export function understood(fact: RowFact, read: BusinessRecord, record: BusinessRecord | undefined): string {
  if (fact === 'telephone') return telephone(read, record);
  if (fact === 'hours') return hours(read);
  if (fact === 'pin') return pin(read, record);
  if (fact === 'address.addressLocality') return town(read);
  if (fact === 'address.addressCountry') return countryName(countryOf(read));
  if (fact === 'priceRange') return priceRange(read.priceRange);
  return '';
}

function telephone(read: BusinessRecord, record: BusinessRecord | undefined): string {
  const country = countryOf(read) || (record ? countryOf(record) : '');
  const { telephone: number } = readTelephone(read.telephone, country);
  if (!number) return 'no number that can be dialled';
  const assumed =
    read.telephone.trim().startsWith('+') || !country ? '' : `, read in ${countryName(country)}`;
  return `dials ${number.e164}${assumed}`;
}

function hours({ hours: week }: BusinessRecord): string {
  const open = days.filter(
    (day) => (readDay(week[day]).spans ?? []).length > 0 && !/^closed$/i.test(week[day]),
  );
  return open.length === 0 ? 'never open' : `open ${writeWeek(week).replace(/; [^;]*? closed/g, '')}`;
}

function pin(read: BusinessRecord, record: BusinessRecord | undefined): string {
  const { point } = readPin(read.pin);
  if (!point) return 'no place on the map';
  const half = (value: number, [positive, negative]: readonly [string, string]): string =>
    `${Math.abs(value).toFixed(5)}° ${value < 0 ? negative : positive}`;
  const where = `${half(point.latitude, ['north', 'south'])}, ${half(point.longitude, ['east', 'west'])}`;
  const own = record && readPin(record.pin).point;
  const away = own ? distance(own, point) : 0;
  return own && away > 1 ? `${where}; ${distanceText(away)} from the pin` : where;
}

function town({ address }: BusinessRecord): string {
  const country = countryName(countryCode(address.addressCountry));
  const line = addressLines({ ...address, streetAddress: '' })
    .map((segments) => segments.map(({ text }) => text).join(''))
    .join(', ')
    .trim();
  return [line, country].filter(Boolean).join(', ');
}

const SIGNS = ['inexpensive', 'moderate', 'expensive', 'high end'] as const;

function priceRange(text: string): string {
  const signs = /^\s*([$£€¥₹]|kr)\1{0,3}\s*$/.exec(text)?.[0].trim() ?? '';
  const length = signs.startsWith('kr') ? signs.length / 2 : signs.length;
  return length > 0 ? (SIGNS[length - 1] ?? '') : '';
}
