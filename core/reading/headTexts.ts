import { attributeSpan, textContent, type HtmlDocument } from '#core/html';

/** A text of a page's head that search engines and shared links show. */
interface HeadText {
  /** "title", or the name of the description. */
  readonly called: string;
  readonly text: string;
  /** Where it stands in the source, references and all; end exclusive. */
  readonly start: number;
  readonly end: number;
}

const DESCRIBES = /^(?:(?:og|twitter):)?(?:description|title)$/i;

/** The title and the descriptions of a page (HTML Living Standard, 4.2.2 and 4.2.5.1), those for sharing among them. */
export const headTexts = (document: HtmlDocument): readonly HeadText[] =>
  document.elements.flatMap((element): readonly HeadText[] => {
    const { name, attributes, inert, contentStart, contentEnd } = element;
    if (inert) return [];
    if (name === 'title')
      return [{ called: name, text: textContent(element), start: contentStart, end: contentEnd }];
    const called = (attributes['name'] ?? attributes['property'] ?? '').trim();
    const span =
      name === 'meta' && DESCRIBES.test(called) && attributeSpan(document.source, element, 'content');
    return span ? [{ called, text: attributes['content'] ?? '', start: span.start, end: span.end }] : [];
  });
