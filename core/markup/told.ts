import { addressParts, countryCode } from '#core/address';
import {
  datesOf,
  days,
  emptyHours,
  readDay,
  readWeek,
  writeDay,
  writeSpecialWeek,
  writeWeek,
  type Day,
  type Hours,
} from '#core/hours';
import { writeDegrees } from '#core/pin';
import { countryOf, emptyRecord, factHead, factRows, withFact, type BusinessRecord } from '#core/record';
import { plainText } from '#core/text';
import { readTelephone } from '#core/phone';
import { telephoneText, markupTypes, reservations, specialGroups } from './item.ts';

/**
 * The record with each fact in the form that markup gives it, and without the facts that no markup can carry
 * (time zone, where the pin came from) or that are left out: what must be read back from any form.
 */
export function toldRecord(record: BusinessRecord, leftOut: readonly string[] = []): BusinessRecord {
  const country = countryOf(record);
  const number = (typed: string): string => telephoneText(typed, country);
  const texts = (list: readonly string[]): string[] => list.map(plainText).filter(Boolean);
  const { address, pin, parentOrganization: organization, aggregateRating: rating } = record;
  const plain = Object.fromEntries(
    Object.entries(record).map(([key, value]) => [key, typeof value === 'string' ? plainText(value) : value]),
  ) as BusinessRecord;
  const told: BusinessRecord = {
    ...plain,
    alternateName: texts(record.alternateName),
    additionalType: texts(record.additionalType),
    servesCuisine: texts(record.servesCuisine),
    sameAs: texts(record.sameAs),
    types: [...markupTypes(record.types)],
    parentOrganization: [organization.name, organization.url, organization.logo].some(plainText)
      ? trimmed(organization)
      : emptyRecord.parentOrganization,
    address: Object.fromEntries(
      addressParts.map((part) => [
        part,
        part === 'addressCountry'
          ? countryCode(address[part]) || plainText(address[part])
          : plainText(address[part]),
      ]),
    ) as BusinessRecord['address'],
    pin: {
      latitude: writeDegrees(pin.latitude),
      longitude: writeDegrees(pin.longitude),
      origin: '',
      exactness: '',
    },
    areaServed: record.areaServed.map(trimmed).filter(({ name, url }) => name || url),
    hours: toldHours(record.hours),
    specialHours: record.specialHours.flatMap((special) => toldSpecial(special)),
    timeZone: '',
    telephone: number(record.telephone),
    mobile: number(record.mobile),
    messaging: number(record.messaging),
    messagingText: readTelephone(record.messaging, country).telephone ? plainText(record.messagingText) : '',
    faxNumber: number(record.faxNumber),
    contactPoint: record.contactPoint
      .map((point) => ({ ...trimmed(point), telephone: number(point.telephone) }))
      .filter((point) => Object.values(point).some(Boolean)),
    acceptsReservations: reservations(record.acceptsReservations).replace(/^(Yes|No)$/, (word) =>
      word.toLowerCase(),
    ),
    makesOffer: record.makesOffer.map(trimmed).filter((one) => Object.values(one).some(Boolean)),
    department: record.department
      .map((one) => ({
        ...trimmed(one),
        type: plainText(one.type) || 'LocalBusiness',
        telephone: number(one.telephone),
        hours: writeWeek(toldHours(readWeek(one.hours).hours)),
      }))
      .filter(({ name, telephone, url, hours }) => name || telephone || url || hours),
    aggregateRating: trimmed(rating),
    review: record.review.map(trimmed).filter((one) => Object.values(one).some(Boolean)),
    founder: record.founder.map(trimmed).filter(({ name, url }) => name || url),
    image: record.image.map(trimmed).filter(({ url }) => url),
    withheld: [],
    output: null,
  };
  return factRows.reduce(
    (kept, { fact }) => (leftOut.includes(factHead(fact)) ? withFact(kept, fact, '') : kept),
    told,
  );
}

const trimmed = <T extends Readonly<Record<string, string>>>(entry: T): T =>
  Object.fromEntries(Object.entries(entry).map(([key, value]) => [key, plainText(value)])) as T;

function toldHours(hours: Hours): Hours {
  return {
    ...emptyHours,
    ...Object.fromEntries(
      days.map((day): [Day, string] => {
        const { spans } = readDay(hours[day]);
        return [day, spans ? writeDay(spans) : ''];
      }),
    ),
  };
}

function toldSpecial(special: BusinessRecord['specialHours'][number]): BusinessRecord['specialHours'] {
  const dates = datesOf(special);
  const groups = specialGroups(special);
  if (!dates || groups.length === 0) return [];
  const hours = {
    ...emptyHours,
    ...Object.fromEntries(
      groups.flatMap(({ grouped, spans }) => grouped.map((day) => [day, writeDay(spans)] as const)),
    ),
  };
  return [
    {
      name: plainText(special.name),
      from: dates.from,
      through: dates.through === dates.from ? '' : dates.through,
      hours: writeSpecialWeek(hours),
    },
  ];
}
