export { asidesOf, type Aside } from './asides.ts';
export { attributeText } from './attributeText.ts';
export * from './business.ts';
export { headTexts } from './headTexts.ts';
export { readJson } from './json.ts';
export type { JsonNode } from './jsonNode.ts';
export { canonicalLinks, canonicalOf, linksOf } from './links.ts';
export { mentionedIn } from './mentioned.ts';
export { fileOfAddress, picturesOf } from './pictures.ts';
export { beginsTypographic } from './quotes.ts';
export { shownMarkup } from './shownMarkup.ts';
export type { Astray } from './rdfa.ts';
export { readSitemap } from './sitemap.ts';
export { isSound } from './sound.ts';
export { isTablePart, readSource, type Reading } from './source.ts';
export { nearlyType } from './vocabularyAddress.ts';
export {
  INLINE,
  isUnseen,
  pieceAt,
  placeShown,
  sourceOf,
  type VisiblePiece,
  type VisibleText,
} from './visible.ts';
