import type { BusinessRecord } from '#core/record';
import { jsonLd } from './jsonld.ts';
import { napBlock } from './napBlock.ts';
import type { Markup } from './writer.ts';

export { businessItem, markupTypes, markupTelephone } from './item.ts';
export { jsonLd } from './jsonld.ts';
export { napBlock, visibleTelephone } from './napBlock.ts';
export type { Markup } from './writer.ts';

/** The forms of output: `jsonld` a script element, `microdata` the visible NAP block. */
export const markupForms = ['jsonld', 'microdata'] as const;
export type MarkupForm = (typeof markupForms)[number];

/** The record in the given form. */
export function writeMarkup(record: BusinessRecord, form: MarkupForm): Markup {
  return form === 'jsonld' ? jsonLd(record) : napBlock(record);
}
