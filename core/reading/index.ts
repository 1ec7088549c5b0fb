export { attributeText } from './attributeText.ts';
export * from './business.ts';
export { readJson, type JsonNode } from './json.ts';
export { linksOf } from './links.ts';
export { readSitemap } from './sitemap.ts';
export { readSource, type Reading } from './source.ts';
export { sourceOf, type VisibleText } from './visible.ts';
