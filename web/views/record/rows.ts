import { addressForm } from '#core/address';
import { clockOf, hoursLines, readDay, type Day, type Hours } from '#core/hours';
import {
  countryOf,
  factHead,
  factOf,
  factPart,
  factRows,
  isSet,
  wantedOf,
  type BusinessRecord,
  type Fact,
  type FactFault,
  type FactGroup,
  type FactRow,
} from '#core/record';

/** Whether a fact has a row: wanted by the guidelines, set, or asked for. */
export function isShown(row: FactRow, record: BusinessRecord, asked: ReadonlySet<Fact>): boolean {
  if (row.shown || wantedOf(row, record) !== 'optional') return true;
  return (
    isSet(record, row.key) ||
    asked.has(row.fact) ||
    [...asked].some((fact) => factHead(fact) === row.key && factPart(row.fact) !== '')
  );
}

/** The rows of a group: address parts in the order and with the names of the country. */
export function rowsOf(
  group: FactGroup,
  record: BusinessRecord,
  asked: ReadonlySet<Fact>,
): readonly FactRow[] {
  const shown = factRows.filter(
    (row) => row.group === group && row.shown !== 'beside' && isShown(row, record, asked),
  );
  if (group !== 'place') return shown;
  const address = addressForm(countryOf(record)).flatMap(({ part, label, required }): FactRow[] => {
    const row = factRows.find(({ fact }) => fact === `address.${part}`);
    return row ? [{ ...row, label, wanted: required ? 'required' : 'optional' }] : [];
  });
  return [...address, ...shown.filter(({ key }) => key !== 'address')];
}

/** What a machine or a visitor is told of a fact, where that differs from what was typed; else ''. */
export const toldOf = (record: BusinessRecord, fact: Fact): string =>
  (factPart(fact) ? factOf(factHead(fact))?.understood(factPart(fact), record, undefined) : undefined) ??
  factOf(factHead(fact))?.becomes(record) ??
  '';

/** What visitors read of a day's hours; '' where nothing can be read. */
export function toldHours(hours: Hours, day: Day, country: string): string {
  const { spans, appointment } = readDay(hours[day]);
  if (!spans && !appointment) return '';
  return hoursLines(hours, clockOf(country)).find(({ days }) => days.includes(day))?.text ?? '';
}

export type FaultsByFact = ReadonlyMap<Fact, readonly FactFault[]>;

const none: readonly FactFault[] = [];
export const faultsOf = (faults: FaultsByFact, fact: Fact): readonly FactFault[] => faults.get(fact) ?? none;

/** The faults of each fact. Those that say the same as before are the same list, so that no row is drawn anew for them. */
export function byFact(faults: readonly FactFault[], before: FaultsByFact): FaultsByFact {
  const found = new Map<Fact, FactFault[]>();
  for (const one of faults) found.set(one.fact, [...(found.get(one.fact) ?? []), one]);
  return new Map(
    [...found].map(([fact, list]) => {
      const known = faultsOf(before, fact);
      const isSame =
        known.length === list.length && known.every(({ message }, at) => message === list[at]?.message);
      return [fact, isSame ? known : list];
    }),
  );
}
