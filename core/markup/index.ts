export * from './forms.ts';
export { markupTypes, markupTelephone } from './item.ts';
export { jsonLd } from './jsonld.ts';
export { napBlock, visibleTelephone } from './napBlock.ts';
export { writeMarkup } from './write.ts';
export type { Markup } from './writer.ts';
