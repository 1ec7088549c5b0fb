import type { BusinessRecord } from '#core/record';
import { fold } from '#core/text';
import { recordJson } from './models.ts';

/** The columns of a branch: what it is called, its record as JSON, and what a search for it looks in. */
export interface KeptBranch {
  readonly label: string;
  readonly record: string;
  readonly search: string;
}

const SEARCH_LENGTH = 1000;

export const keptBranch = (label: string, record: BusinessRecord): KeptBranch => ({
  label,
  record: recordJson.write(record),
  search: searchText(label, record),
});

/** The words a branch is found by. */
function searchText(label: string, { name, branchCode, telephone, address }: BusinessRecord): string {
  const { streetAddress, addressLocality, postalCode } = address;
  const words = [
    label,
    name,
    branchCode,
    streetAddress,
    addressLocality,
    postalCode,
    telephone.replace(/\D/g, ''),
  ];
  return fold(words.join(' ')).slice(0, SEARCH_LENGTH);
}
