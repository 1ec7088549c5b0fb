import { finding, type Finding } from '#core/fault';
import { isDateOrYear, isMachineTime, machineDate } from '#core/hours';
import { currenciesMeant, judgeCurrencies, judgeVat, timeMeant, yesNoMeant } from '#core/value';
import { judgeUrl } from '#core/link';
import { table } from '#core/text';
import { propertyNamed } from '#core/vocabulary';
import { propertyKinds } from '#core/record';
import { judgeDate, judgeTime, momentMeant } from './moments.ts';
import { mendBeside, tellBeside } from './beside.ts';
import type { Spot } from './spot.ts';

const isNumber = (text: string): boolean => /^[-+]?\d+(\.\d+)?(e[-+]?\d+)?$/i.test(text);

/** Data types that a text either is or is not (schema.org/DataType). */
const STRICT = table<(text: string) => boolean>({
  Time: isMachineTime,
  Date: isDateOrYear,
  DateTime: (text) => isDateOrYear(text) || judgeDate(text).length === 0,
  Number: isNumber,
  Integer: (text) => /^[-+]?\d+$/.test(text),
  Float: isNumber,
  Boolean: (text) => /^(?:(?:https?:\/\/(?:www\.)?schema\.org\/|schema:)?(?:true|false))$/i.test(text),
});
/** Items that may stand for a number; a text is none of them. */
const MEASURES = new Set(['QuantitativeValue']);
/** What is judged by rules of its own: besides these the dates that the record has a fact for. */
const ELSEWHERE = new Set(['opens', 'closes', 'reviewCount', 'ratingCount', 'validFrom', 'validThrough']);
const DATES = new Set(['date', 'dateOrYear']);

/** What is counted or measured, and never less than nothing. */
const COUNTED =
  /^(?:numberOf\w+|\w*Count|(?:low|high|min|max)?price|price|\w*Capacity\w*|floorSize|width|height|geoRadius|amount)$/i;

/** Texts where schema.org has only times, dates, numbers or truths. */
export function judgeDataType(spot: Spot): readonly Finding[] {
  const { name } = spot.property;
  if (ELSEWHERE.has(name) || DATES.has(propertyKinds.get(name) ?? '')) return [];
  if (COUNTED.test(name) && isNumber(spot.text) && Number(spot.text) < 0)
    return [
      tellBeside(spot, 'value/number', `${name} is “${spot.text}”, and there is no less than none of it.`),
    ];
  const ranges = propertyNamed(name)?.ranges ?? [];
  const wanted = ranges.filter((range) => STRICT[range]);
  if (wanted.length === 0 || !ranges.every((range) => STRICT[range] ?? MEASURES.has(range))) return [];
  if (wanted.some((range) => STRICT[range]?.(spot.text))) return [];
  const number = numberIn(spot.text);
  // "30 days", where a number of them may stand for the day.
  const isCount = wanted.includes('Integer') && number !== '' && !machineDate(spot.text);
  const isDated = !isCount && wanted.some((range) => range.startsWith('Date'));
  if (wanted.includes('Time') && !(isDated && machineDate(spot.text)))
    return judgeTime(spot.text).map(({ code, message }) =>
      tellBeside(spot, code, message, timeMeant(spot.text)),
    );
  if (isDated)
    return judgeDate(spot.text).map(({ code, message }) =>
      tellBeside(spot, code, message, momentMeant(spot.text)),
    );
  if (wanted.includes('Boolean')) {
    const said = yesNoMeant(spot.text) || spot.text.toLowerCase();
    const mended = said === 'yes' ? 'true' : said === 'no' ? 'false' : '';
    const message = `“${spot.text}” is neither true nor false, which is all that ${name} can be to a machine.`;
    // In JSON a truth is a word without quotes.
    const { value } = spot;
    const { start, end } = value.place;
    const edits =
      mended && value.holder === 'json' ? [{ start, end, text: mended }] : mendBeside(spot, value, mended);
    return [finding('value/boolean', message, value.place, name, { edits })];
  }
  const message = `“${spot.text}” is no number to a machine. Write ${number || 'the number alone'}.`;
  return [tellBeside(spot, 'value/number', message, number)];
}

/** A price or another number with its sign or unit beside it, as a plain number; '' where its marks can mean two things. */
export function numberIn(text: string): string {
  const [written, ...others] = text.match(/\d[\d.,\s\u00a0'’]*/gu) ?? [];
  if (written === undefined || others.length > 0) return '';
  const plain = written.replace(/[\s\u00a0'’]/gu, '').replace(/[.,]$/, '');
  // "1.200" is a thousand to one and a little more than one to another.
  if (/^\d+$/.test(plain)) return plain;
  if (/^\d+[.,]\d{1,2}$/.test(plain)) return plain.replace(',', '.');
  if (/^\d{1,3}(?:\.\d{3})+,\d{2}$/.test(plain)) return plain.replaceAll('.', '').replace(',', '.');
  return /^\d{1,3}(?:,\d{3})+(?:\.\d{2})?$/.test(plain) && plain.length > 5 ? plain.replaceAll(',', '') : '';
}

/** A price, which is a number; its currency stands in priceCurrency (schema.org/price). */
export function judgePrice(spot: Spot): readonly Finding[] {
  if (isNumber(spot.text)) return [];
  const number = numberIn(spot.text);
  const message = `“${spot.text}” is no number to a machine, which wants the price alone${number ? `: ${number}` : ''}. Its currency goes into priceCurrency.`;
  return [tellBeside(spot, 'value/number', message, number)];
}

export const judgeCurrency = (spot: Spot): readonly Finding[] =>
  judgeCurrencies(spot.text, spot.country).map(({ code, message }) =>
    tellBeside(
      spot,
      code,
      message,
      currenciesMeant(spot.text, spot.country),
      // A sign that several share is taken for the country's own.
      !currenciesMeant(spot.text),
    ),
  );

/** Whether tables can be reserved: yes, no, or the address where (schema.org/acceptsReservations). */
export function judgeReservations(spot: Spot): readonly Finding[] {
  if (/^(?:yes|no)$/i.test(spot.text) || STRICT['Boolean']?.(spot.text)) return [];
  if (/^https?:\/\//i.test(spot.text)) return [];
  // The way to a page of the site, which machines take for a word.
  if (/^\.{0,2}\/[^\s/]|^[\w-]+\.(?:html?|php)$/i.test(spot.text))
    return judgeUrl(spot.text).map(({ code, message }) => tellBeside(spot, code, message));
  const said = yesNoMeant(spot.text);
  const mended = said === 'yes' ? 'Yes' : said === 'no' ? 'No' : '';
  const message = `“${spot.text}” is neither Yes nor No, nor the address where tables can be reserved.${mended ? ` Write ${mended}.` : ''}`;
  return [tellBeside(spot, 'value/boolean', message, mended)];
}

export const judgeVatId = (spot: Spot): readonly Finding[] =>
  judgeVat(spot.text).map(({ code, message }) => tellBeside(spot, code, message));
