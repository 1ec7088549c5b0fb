import { addressParts, isEmptyAddress, judgeAddress } from '#core/address';
import { fault, gradeOf, type Fault, type Grade } from '#core/fault';
import { days, isDate, isTimeZone, judgeSpecial, readDay, readWeek } from '#core/hours';
import { judgeEmail, judgeProfile, judgeUrl } from '#core/link';
import { readTelephone } from '#core/phone';
import { readPin } from '#core/pin';
import { judgeCurrencies, judgePriceRange, judgeRating } from '#core/price';
import { typeNamed } from '#core/vocabulary';
import type { Fact } from './fact.ts';
import { judgeText } from './placeholder.ts';
import { countryOf, type BusinessRecord } from './record.ts';

/** Something wrong with a fact of the record. `grade` is that of its code. */
export interface FactFault extends Fault {
  readonly fact: Fact;
  readonly grade: Grade;
}

type Tell = (fact: Fact, faults: readonly Fault[]) => void;

/** The faults of all facts that are set, and the facts the guidelines require that are not. */
export function judgeRecord(record: BusinessRecord): readonly FactFault[] {
  const found: FactFault[] = [];
  const tell: Tell = (fact, faults) => {
    for (const one of faults)
      found.push({ fact, code: one.code, message: one.message, grade: gradeOf(one.code) });
  };
  judgeIdentity(record, tell);
  judgePlace(record, tell);
  judgeHours(record, tell);
  judgeContact(record, tell);
  judgeOffer(record, tell);
  for (const profile of record.sameAs) tell('sameAs', judgeProfile(profile, record.url));
  for (const { url } of record.founder) tell('founder', judgeUrl(url));
  tell('logo', judgeUrl(record.logo));
  for (const { url, width, height } of record.image) {
    tell('image', url.trim() ? judgeUrl(url) : [fault('value/url', 'An image needs its address.')]);
    for (const size of [width, height])
      if (size.trim() && !/^\d{1,6}$/.test(size.trim()))
        tell('image', [fault('value/size', `“${size}” is no size in pixels. Write a number like 1600.`)]);
  }
  return found;
}

function judgeIdentity(record: BusinessRecord, tell: Tell): void {
  if (!record.name.trim()) tell('name', [fault('guideline/required', 'A business needs its name.')]);
  tell('name', judgeText(record.name));
  if (record.types.length === 0)
    tell('types', [
      fault(
        'guideline/required',
        'Choose the type that fits best; without one a machine knows only that it is some business.',
      ),
    ]);
  for (const type of record.types) {
    const known = typeNamed(type);
    if (!known) tell('types', [fault('vocabulary/unknown-type', `schema.org has no type ${type}.`)]);
    else if (known.supersededBy)
      tell('types', [
        fault('vocabulary/superseded', `${type} has been superseded by ${known.supersededBy}.`),
      ]);
    else if (type === 'ProfessionalService' || type === 'Attorney')
      tell('types', [
        fault(
          'vocabulary/discouraged',
          `schema.org discourages ${type}. Where the trade has a type of its own, take that.`,
        ),
      ]);
  }
  for (const address of record.additionalType) tell('additionalType', judgeUrl(address));
  tell('url', judgeUrl(record.url));
  tell(
    'id',
    /\s/.test(record.id.trim())
      ? [fault('value/url', `“${record.id}” has blanks; an @id is an address.`)]
      : [],
  );
  for (const fact of ['description', 'slogan', 'legalName'] as const) tell(fact, judgeText(record[fact]));
  tell('parentOrganization.url', judgeUrl(record.parentOrganization.url));
  tell('parentOrganization.logo', judgeUrl(record.parentOrganization.logo));
}

function judgePlace(record: BusinessRecord, tell: Tell): void {
  if (isEmptyAddress(record.address) && record.areaServed.length === 0)
    tell('address.streetAddress', [fault('guideline/required', 'A place of business needs its address.')]);
  // A business that comes to its customers may keep its street to itself.
  const comes = record.areaServed.length > 0 && !record.address.streetAddress.trim();
  for (const { part, ...one } of judgeAddress(record.address))
    if (!(comes && part === 'streetAddress')) tell(`address.${part}`, [one]);
  for (const part of addressParts) tell(`address.${part}`, judgeText(record.address[part]));
  for (const { part, ...one } of readPin(record.pin).faults) tell(`pin.${part}`, [one]);
  tell('hasMap', judgeUrl(record.hasMap));
  for (const { url } of record.areaServed) tell('areaServed', judgeUrl(url));
}

function judgeHours(record: BusinessRecord, tell: Tell): void {
  for (const day of days) tell(`hours.${day}`, readDay(record.hours[day]).faults);
  for (const special of record.specialHours) tell('specialHours', judgeSpecial(special));
  const zone = record.timeZone.trim();
  if (zone && !isTimeZone(zone))
    tell('timeZone', [
      fault('value/time-zone', `“${zone}” is no time zone. Write one like America/Los_Angeles.`),
    ]);
}

function judgeContact(record: BusinessRecord, tell: Tell): void {
  const country = countryOf(record);
  for (const fact of ['telephone', 'mobile', 'messaging', 'faxNumber'] as const)
    tell(fact, readTelephone(record[fact], country).faults);
  tell('email', judgeEmail(record.email));
  tell('contactPage', judgeUrl(record.contactPage));
  for (const point of record.contactPoint) {
    tell('contactPoint', readTelephone(point.telephone, country).faults);
    tell('contactPoint', judgeEmail(point.email));
    tell('contactPoint', judgeUrl(point.url));
  }
}

function judgeOffer(record: BusinessRecord, tell: Tell): void {
  const country = countryOf(record);
  tell('priceRange', judgePriceRange(record.priceRange));
  tell('currenciesAccepted', judgeCurrencies(record.currenciesAccepted));
  for (const fact of ['hasMenu', 'orderAction', 'reserveAction'] as const) tell(fact, judgeUrl(record[fact]));
  if (!/^\s*(|yes|no|true|false)\s*$/i.test(record.acceptsReservations))
    tell('acceptsReservations', judgeUrl(record.acceptsReservations));
  for (const { name, url } of record.makesOffer) {
    if (!name.trim()) tell('makesOffer', [fault('value/empty', 'A service needs its name.')]);
    tell('makesOffer', judgeUrl(url));
  }
  for (const { name, type, telephone, url, hours } of record.department) {
    if (!name.trim()) tell('department', [fault('value/empty', 'A department needs its name.')]);
    if (type.trim() && !typeNamed(type.trim()))
      tell('department', [fault('vocabulary/unknown-type', `schema.org has no type ${type.trim()}.`)]);
    tell('department', readTelephone(telephone, country).faults);
    tell('department', judgeUrl(url));
    tell('department', readWeek(hours).faults);
  }
  const { ratingValue, reviewCount, bestRating } = record.aggregateRating;
  tell('aggregateRating.ratingValue', judgeRating({ ratingValue, count: reviewCount, bestRating }, true));
  if (ratingValue.trim() || record.review.length > 0)
    tell(ratingValue.trim() ? 'aggregateRating.ratingValue' : 'review', [
      fault(
        'guideline/self-rating',
        'Search engines show no ratings that a business gives itself on its own site. Only write what stands there.',
      ),
    ]);
  for (const one of record.review) {
    tell('review', judgeRating({ ratingValue: one.ratingValue, count: '', bestRating: '' }, false));
    if (one.datePublished.trim() && !isDate(one.datePublished.trim()))
      tell('review', [
        fault('value/date', `“${one.datePublished}” is no date. Write year, month and day: 2026-12-25.`),
      ]);
  }
}
