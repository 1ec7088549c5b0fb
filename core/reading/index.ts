export { attributeText } from './attributeText.ts';
export * from './business.ts';
export { readJson } from './json.ts';
export type { JsonNode } from './jsonNode.ts';
export { canonicalOf, linksOf } from './links.ts';
export { readSitemap } from './sitemap.ts';
export { readSource, type Reading } from './source.ts';
export { nearlyType } from './vocabularyAddress.ts';
export { INLINE, isUnseen, pieceAt, sourceOf, type VisiblePiece, type VisibleText } from './visible.ts';
