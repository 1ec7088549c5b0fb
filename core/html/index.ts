export { attributeNames, attributeSpan, behindTagName, tokensOf } from './attribute.ts';
export {
  brokenText,
  isWritten,
  languageOfDocument,
  textContent,
  type HtmlDocument,
  type HtmlElement,
  type HtmlNode,
  type HtmlText,
} from './document.ts';
export { insertionPoint, type Spot } from './insertion.ts';
export { selectElements } from './select.ts';
export { selectorOf } from './selector.ts';
export { readDocument } from './readDocument.ts';
export { textOffsets } from './textOffsets.ts';
