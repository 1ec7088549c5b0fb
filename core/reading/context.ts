import { schemaName } from '#core/item';
import type { JsonNode } from './jsonNode.ts';

/** What the terms of JSON-LD stand for where a context of its own names some of them (JSON-LD 1.1, 3.1, 4.1). */
export interface Terms {
  /** The name a member goes by: a keyword, or the bare name of a schema.org term. */
  readonly nameOf: (written: string) => string;
  /** The bare name of a type. */
  readonly typeOf: (written: string) => string;
}

type Definitions = ReadonlyMap<string, string>;

const SCHEMA = /^https?:\/\/(?:www\.)?schema\.org\/?$/;

export const noTerms: Terms = { nameOf: schemaName, typeOf: schemaName };

const defined = new WeakMap<Terms, Definitions>();

/** The terms under a context, those of the context around it included; a null context forgets them. */
export function termsUnder(around: Terms, context: JsonNode): Terms {
  const definitions = new Map(defined.get(around) ?? []);
  const read = (node: JsonNode): void => {
    if (node.kind === 'array') for (const one of node.elements) read(one);
    else if (node.kind === 'scalar') {
      if (node.value === null) definitions.clear();
    } else
      for (const { name, value } of node.members) {
        const meant = name.startsWith('@') ? undefined : iriOf(value);
        if (meant !== undefined) definitions.set(name, meant);
      }
  };
  read(context);
  if (definitions.size === 0) return noTerms;
  const terms: Terms = {
    nameOf: (written) => {
      const meant = expand(written, definitions);
      return meant.startsWith('@') ? meant : schemaName(meant);
    },
    typeOf: (written) => schemaName(expand(written, definitions)),
  };
  defined.set(terms, definitions);
  return terms;
}

/** What a term is defined as: an address, a compact one, or a keyword; undefined for anything else. */
function iriOf(value: JsonNode): string | undefined {
  if (value.kind === 'scalar') return typeof value.value === 'string' ? value.value : undefined;
  if (value.kind !== 'object') return undefined;
  const id = value.members.find(({ name }) => name === '@id')?.value;
  return id && iriOf(id);
}

const MOST_STEPS = 5;

/** A term or compact address as the definitions have it; as it is where they have none. */
function expand(written: string, definitions: Definitions): string {
  let term = written;
  for (let step = 0; step < MOST_STEPS; step += 1) {
    const whole = definitions.get(term);
    if (whole !== undefined && whole !== term) {
      if (
        whole.startsWith('@') &&
        !/^@(?:id|type|value|language|list|set|graph|reverse|included|nest|index|none)$/.test(whole)
      )
        return term;
      term = whole;
      continue;
    }
    const colon = term.indexOf(':');
    const prefix =
      colon > 0 && !term.startsWith('//', colon + 1) ? definitions.get(term.slice(0, colon)) : undefined;
    if (prefix === undefined) return term;
    term = SCHEMA.test(prefix)
      ? `https://schema.org/${term.slice(colon + 1)}`
      : `${prefix}${term.slice(colon + 1)}`;
  }
  return term;
}
