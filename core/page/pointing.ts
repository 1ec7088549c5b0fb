import { behindTagName, isWritten, readDocument, selectorOf } from '#core/html';
import { applyEdits } from '#core/text';

/** The attribute by which an element of a preview is known. */
export const POINTED = 'data-zinc-at';

/** Nothing of a preview runs or is fetched; what is written into it shows. */
const POLICY =
  "default-src 'none'; style-src 'unsafe-inline'; img-src data:; font-src data:; form-action 'none'; base-uri 'none'";

/** A page to be pointed at: inert, each written element with its number among the page's. */
export function pointingPreview(source: string): string {
  const document = readDocument(source);
  const edits = document.elements.flatMap((element, at) => {
    if (!isWritten(element)) return [];
    const start = behindTagName(source, element);
    return [{ start, end: start, text: ` ${POINTED}="${String(at)}"` }];
  });
  const marked = applyEdits(source, edits);
  return `<!doctype html><meta http-equiv="Content-Security-Policy" content="${POLICY}">${marked}`;
}

/** The selector of the element with a number; undefined where none tells it from others. */
export function pointedSelector(source: string, at: number): string | undefined {
  const document = readDocument(source);
  const element = document.elements[at];
  return element && selectorOf(document, element);
}
