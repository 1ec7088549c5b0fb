export { attributeSpan, behindTagName } from './attribute.ts';
export { isWritten, textContent, type HtmlDocument, type HtmlElement } from './document.ts';
export { insertionPoint } from './insertion.ts';
export { readDocument } from './readDocument.ts';
