import { attributeSpan, type HtmlElement } from '#core/html';
import type { Lines, Place } from '#core/text';
import type { Holder } from '#core/item';

/** Tells where in the source the names and values of marked elements are written. */
export class Written {
  readonly #source: string;
  readonly #lines: Lines;

  constructor(source: string, lines: Lines) {
    this.#source = source;
    this.#lines = lines;
  }

  element({ start, end }: HtmlElement): Place {
    return this.#lines.place(start, end);
  }

  startTag({ start, contentStart }: HtmlElement): Place {
    return this.#lines.place(start, contentStart);
  }

  /** One word of an attribute (`itemprop="name"`), or the start tag where it is not to be found there. */
  word(element: HtmlElement, attribute: string, word: string): Place {
    const span = attributeSpan(this.#source, element, attribute);
    if (!span) return this.startTag(element);
    const at = this.#source.slice(span.start, span.end).indexOf(word);
    return at < 0
      ? this.#lines.place(span.start, span.end)
      : this.#lines.place(span.start + at, span.start + at + word.length);
  }

  /** All of an attribute's value, or the start tag where it has none. */
  attribute(element: HtmlElement, attribute: string): Place {
    const span = attributeSpan(this.#source, element, attribute);
    return span ? this.#lines.place(span.start, span.end) : this.startTag(element);
  }

  /** The value in an attribute, or what stands in the element where `attribute` is undefined. */
  value(element: HtmlElement, attribute: string | undefined): { place: Place; holder: Holder } {
    if (attribute === undefined)
      return {
        place:
          element.contentEnd > element.contentStart
            ? this.#lines.place(element.contentStart, element.contentEnd)
            : this.element(element),
        holder: 'text',
      };
    const span = attributeSpan(this.#source, element, attribute);
    if (!span) return { place: this.startTag(element), holder: 'text' };
    return { place: this.#lines.place(span.start, span.end), holder: `attribute${span.quote}` };
  }
}
