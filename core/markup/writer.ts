import type { Fact } from '#core/record';

/** Markup as text, with the stretches (UTF-16 offsets, end exclusive) that each fact became. */
export interface Markup {
  readonly text: string;
  readonly spans: readonly { readonly fact: Fact; readonly start: number; readonly end: number }[];
}

/** Collects lines of markup and remembers which facts they say. */
export class MarkupWriter {
  #text = '';
  readonly #spans: { fact: Fact; start: number; end: number }[] = [];

  /** Adds text that says the given facts. */
  add(text: string, facts: readonly Fact[] = []): void {
    const start = this.#text.length + (text.length - text.trimStart().length);
    this.#text += text;
    for (const fact of facts) this.#spans.push({ fact, start, end: this.#text.trimEnd().length });
  }

  done(): Markup {
    return { text: this.#text, spans: this.#spans };
  }
}
