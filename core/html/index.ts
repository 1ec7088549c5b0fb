export { attributeSpan, type AttributeSpan } from './attribute.ts';
export {
  isWritten,
  textContent,
  type HtmlDocument,
  type HtmlElement,
  type HtmlNode,
  type HtmlText,
} from './document.ts';
export { insertionPoint } from './insertion.ts';
export { readDocument } from './readDocument.ts';
