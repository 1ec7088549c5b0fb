import { addressParts, isEmptyAddress, judgeAddress } from '#core/address';
import { fault, gradeOf, type Fault, type Grade } from '#core/fault';
import { days, readDay } from '#core/hours';
import { judgeUrl } from '#core/link';
import { readTelephone } from '#core/phone';
import { readPin } from '#core/pin';
import type { Fact } from './fact.ts';
import { judgeText } from './placeholder.ts';
import { countryOf, type BusinessRecord } from './record.ts';

/** Something wrong with a fact of the record. `grade` is that of its code. */
export interface FactFault extends Fault {
  readonly fact: Fact;
  readonly grade: Grade;
}

/** The faults of all facts that are set, and the facts the guidelines require that are not. */
export function judgeRecord(record: BusinessRecord): readonly FactFault[] {
  const found: FactFault[] = [];
  const tell = (fact: Fact, faults: readonly Fault[]): void => {
    for (const one of faults)
      found.push({ fact, code: one.code, message: one.message, grade: gradeOf(one.code) });
  };
  const need = (fact: Fact, message: string): void => {
    tell(fact, [fault('guideline/required', message)]);
  };
  if (!record.name.trim()) need('name', 'A business needs its name.');
  tell('name', judgeText(record.name));
  if (record.types.length === 0)
    need(
      'types',
      'Choose the type that fits best; without one a machine knows only that it is some business.',
    );
  if (isEmptyAddress(record.address)) need('address.streetAddress', 'A place of business needs its address.');
  tell('url', judgeUrl(record.url));
  tell('telephone', readTelephone(record.telephone, countryOf(record)).faults);
  for (const { part, ...one } of judgeAddress(record.address)) tell(`address.${part}`, [one]);
  for (const part of addressParts) tell(`address.${part}`, judgeText(record.address[part]));
  for (const { part, ...one } of readPin(record.pin).faults) tell(`pin.${part}`, [one]);
  for (const day of days) tell(`hours.${day}`, readDay(record.hours[day]).faults);
  for (const image of record.image) tell('image', judgeUrl(image));
  for (const profile of record.sameAs) tell('sameAs', judgeUrl(profile));
  tell('priceRange', judgePriceRange(record.priceRange));
  tell('description', judgeText(record.description));
  return found;
}

/** The guideline profile asks for fewer than 100 characters. */
export function judgePriceRange(text: string): readonly Fault[] {
  if (text.trim().length < 100) return [];
  return [
    fault(
      'value/price-range',
      `The price range has ${String(text.trim().length)} characters; from 100 on it is not shown. Write $$ or $20–60.`,
    ),
  ];
}
