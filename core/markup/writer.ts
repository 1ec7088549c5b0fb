import { isFact, type Fact } from '#core/record';

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
  add(text: string, facts: readonly string[] = []): void {
    const before = this.#text.length;
    this.#text += text;
    if (facts.length === 0) return;
    const start = before + (text.length - text.trimStart().length);
    const end = before + text.trimEnd().length;
    for (const fact of facts) if (isFact(fact)) this.#spans.push({ fact, start, end });
  }

  done(): Markup {
    return { text: this.#text, spans: this.#spans };
  }
}
