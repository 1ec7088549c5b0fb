import { isFact, type Fact } from '#core/record';

/** Markup as text, with the stretches (UTF-16 offsets, end exclusive) that each fact became. */
export interface Markup {
  readonly text: string;
  readonly spans: readonly { readonly fact: Fact; readonly start: number; readonly end: number }[];
}

const NO_FACTS: readonly string[] = [];

/** Whether a character may be white space; every sort of it stands below U+0021 or above U+007F. */
const isBlank = (code: number): boolean => code < 0x21 || code > 0x7f;

/** Collects lines of markup and remembers which facts they say. */
export class MarkupWriter {
  #text = '';
  readonly #spans: { fact: Fact; start: number; end: number }[] = [];

  /** Adds text that says the given facts. */
  add(text: string, facts: readonly string[] = NO_FACTS): void {
    const before = this.#text.length;
    this.#text += text;
    if (facts.length === 0) return;
    const isBare = !isBlank(text.charCodeAt(0)) && !isBlank(text.charCodeAt(text.length - 1));
    const start = before + (isBare ? 0 : text.length - text.trimStart().length);
    const end = before + (isBare ? text.length : text.trimEnd().length);
    for (const fact of facts) if (isFact(fact)) this.#spans.push({ fact, start, end });
  }

  /** Adds what was written by itself. */
  append({ text, spans }: Markup): void {
    const before = this.#text.length;
    this.#text += text;
    for (const { fact, start, end } of spans)
      this.#spans.push({ fact, start: before + start, end: before + end });
  }

  done(): Markup {
    return { text: this.#text, spans: this.#spans };
  }
}
