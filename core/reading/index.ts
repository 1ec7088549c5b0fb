export * from './business.ts';
export * from './item.ts';
export { readJson, type JsonNode } from './json.ts';
export { linksOf } from './links.ts';
export { readSitemap, type Sitemap } from './sitemap.ts';
export { readSource, type Reading, type ReadingFault } from './source.ts';
export { sourceOf, type VisibleText } from './visible.ts';
