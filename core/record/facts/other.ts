import { keptValues } from '#core/value';
import { fact } from '../descriptor.ts';

/** What no other fact says. */
export const other = {
  kept: fact('other', keptValues, {
    label: 'Other properties',
    about: 'Any property of schema.org, and what came with markup and is kept as it came',
    property: '',
  }),
};
