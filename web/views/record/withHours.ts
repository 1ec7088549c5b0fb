import type { BusinessRecord } from '#core/record';

/** The record with the hours of some days. */
export const withHours = (
  record: BusinessRecord,
  hours: Partial<BusinessRecord['hours']>,
): BusinessRecord => ({
  ...record,
  hours: { ...record.hours, ...hours },
});
