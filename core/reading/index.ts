export * from './business.ts';
export { readDocument, type HtmlDocument, type HtmlElement } from './document.ts';
export * from './item.ts';
export { jsonLdScripts, readSource, type Reading, type ReadingFault } from './source.ts';
export { sourceOf, type VisibleText } from './visible.ts';
