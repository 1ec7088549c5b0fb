import type { BusinessRecord } from '#core/record';
import type { MarkupForm } from './forms.ts';
import { jsonLd } from './jsonld.ts';
import { napBlock } from './napBlock.ts';
import type { Markup } from './writer.ts';

/** The record in the given form. */
export function writeMarkup(record: BusinessRecord, form: MarkupForm): Markup {
  return form === 'jsonld' ? jsonLd(record) : napBlock(record);
}
