export { attributeSpan, behindTagName } from './attribute.ts';
export { isWritten, textContent, type HtmlDocument, type HtmlElement } from './document.ts';
export { insertionPoint, type Spot } from './insertion.ts';
export { selectElements } from './select.ts';
export { readDocument } from './readDocument.ts';
