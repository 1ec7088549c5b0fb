import { addressForm } from '#core/address';
import { clockOf, hoursLines, readDay, type Day, type Hours } from '#core/hours';
import { markupTypes } from '#core/markup';
import { readTelephone } from '#core/phone';
import { countryCode, countryName } from '#core/address';
import {
  countryOf,
  factHead,
  factRows,
  isSet,
  wantedOf,
  type BusinessRecord,
  type Fact,
  type FactRow,
} from '#core/record';

/** Facts that other rows show with theirs. */
const SHOWN_ELSEWHERE: ReadonlySet<Fact> = new Set<Fact>(['pin.origin', 'pin.exactness']);

/** Whether a fact has a row: wanted by the guidelines, set, or asked for. */
export function isShown(row: FactRow, record: BusinessRecord, asked: ReadonlySet<Fact>): boolean {
  if (SHOWN_ELSEWHERE.has(row.fact)) return true;
  if (wantedOf(row, record) !== 'optional' || row.fact === 'description' || row.fact === 'email') return true;
  const head = factHead(row.fact);
  return (
    isSet(record, head) ||
    asked.has(row.fact) ||
    [...asked].some((fact) => factHead(fact) === head && row.fact.includes('.'))
  );
}

/** The rows of a group: address parts in the order and with the names of the country. */
export function rowsOf(
  group: FactRow['group'],
  record: BusinessRecord,
  asked: ReadonlySet<Fact>,
): readonly FactRow[] {
  const shown = factRows.filter(
    (row) => row.group === group && !SHOWN_ELSEWHERE.has(row.fact) && isShown(row, record, asked),
  );
  if (group !== 'place') return shown;
  const form = addressForm(countryOf(record));
  const address = form.flatMap(({ part, label, required }): FactRow[] => {
    const row = factRows.find(({ fact }) => fact === `address.${part}`);
    return row ? [{ ...row, label, wanted: required ? 'required' : 'optional' }] : [];
  });
  return [...address, ...shown.filter(({ fact }) => !fact.startsWith('address.'))];
}

/** What a machine or a visitor is told of a fact, where that differs from what was typed; else ''. */
export function toldOf(record: BusinessRecord, fact: Fact): string {
  const country = countryOf(record);
  switch (fact) {
    case 'telephone':
    case 'mobile':
    case 'faxNumber':
    case 'messaging': {
      const { telephone } = readTelephone(record[fact], country);
      if (!telephone) return '';
      const forms = [
        telephone.national,
        telephone.international,
        fact === 'messaging' ? `sms:${telephone.e164}` : telephone.e164,
      ];
      return `${forms.join(' · ')}${telephone.assumedCountry ? `, read in ${countryName(country)}` : ''}`;
    }
    case 'types':
      return markupTypes(record.types).join(', ');
    case 'address.addressCountry':
      return countryName(countryCode(record.address.addressCountry));
    case 'description':
      return record.description ? `${String(record.description.trim().length)} characters` : '';
    default:
  }
  const value: unknown = record[factHead(fact)];
  if (Array.isArray(value) && value.length > 1) return `${String(value.length)} entries`;
  return '';
}

/** What visitors read of a day's hours; '' where nothing can be read. */
export function toldHours(hours: Hours, day: Day, country: string): string {
  const { spans, appointment } = readDay(hours[day]);
  if (!spans && !appointment) return '';
  return hoursLines(hours, clockOf(country)).find(({ days }) => days.includes(day))?.text ?? '';
}
