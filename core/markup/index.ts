export { napBlock, plainBlock, visibleTelephone } from './block.ts';
export { hoursTable } from './blocks.ts';
export * from './forms.ts';
export { branchId } from './graph.ts';
export { jsonLd, jsonLdGraph, jsonLdOrganization } from './jsonld.ts';
export { propertyMarkup, saidMarkup } from './property.ts';
export { toldRecord } from './told.ts';
export { leftOutOf, writeMarkup } from './write.ts';
export type { Markup } from './writer.ts';
