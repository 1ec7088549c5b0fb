import { emptyRecord, knownFacts, type BusinessRecord } from '#core/record';

/**
 * The record with each fact in the form that markup gives it, and without the facts that no markup can carry
 * (time zone, where the pin came from) or that are left out: what must be read back from any form.
 */
export const toldRecord = (record: BusinessRecord, leftOut: readonly string[] = []): BusinessRecord =>
  knownFacts.reduce(
    (told, { key, withTold }) => (leftOut.includes(key) ? told : withTold(told, record)),
    emptyRecord,
  );
