import { bareName } from '#core/item';
import { parseUrl } from '#core/link';
import { propertyNamed } from '#core/vocabulary';
import type { JsonMember, JsonNode } from './jsonNode.ts';

/** What a term is defined as (JSON-LD 1.1, 9.15 Expanded Term Definition). */
export interface Term {
  /** An address, a compact one, or a keyword; '' for a term that is put out of use. */
  readonly id: string;
  /** What its values are taken for: `@id`, `@vocab`, or a datatype; '' where nothing is said. */
  readonly type: string;
  readonly containers: readonly string[];
  /** Whether compact addresses may begin with it: it was said so, or it is one address that ends as such do (4.1.5). */
  readonly prefix: boolean;
  /** The node that holds the property is the value of the other: its `@reverse`. */
  readonly reverse: boolean;
  /** The language of its texts; '' for none, undefined where nothing is said. */
  readonly language?: string;
  /** A context that holds for its values alone. */
  readonly context?: JsonNode;
}

/** What the terms of JSON-LD stand for under the contexts above them (JSON-LD 1.1, 3.1, 4.1). */
export interface Terms {
  /** The name a member goes by: a keyword, or the bare name of a schema.org term; '' for one that means nothing. */
  readonly nameOf: (written: string) => string;
  /** The bare name of a type. */
  readonly typeOf: (written: string) => string;
  /** What a context defines a term as; undefined where none does. */
  readonly termOf: (written: string) => Term | undefined;
  /** The address of a value that is a word of the vocabulary. */
  readonly addressOf: (written: string) => string;
  /** The whole address of an `@id`, as far as a base is known. */
  readonly idOf: (written: string) => string;
  /** The language of texts of which nothing else is said; '' for none. */
  readonly language: string;
}

/** Whose words bare names are: schema.org's, those of an address, nobody's, or schema.org's until something is said. */
type Vocabulary = 'schema.org' | 'assumed' | 'none' | { readonly address: string };

interface State {
  readonly terms: ReadonlyMap<string, Term>;
  readonly vocabulary: Vocabulary;
  readonly language: string;
  readonly base: string;
  readonly documentBase: string;
}

const SCHEMA = /^https?:\/\/(?:www\.)?schema\.org\/?$/;
const OF_SCHEMA = /^https?:\/\/(?:www\.)?schema\.org(?:\/|$)/;

/** Whether a text is schema.org's own address, as contexts and vocabularies name it. */
export const isSchemaOrg = (text: string): boolean =>
  /^https?:\/\/(www\.)?schema\.org(\/|\/docs\/jsonldcontext\.json(ld)?)?$/.test(text.trim());

const states = new WeakMap<Terms, State>();
/** Terms that hold for a node alone, with those that hold again in the nodes it holds (JSON-LD 1.1, 4.1.8). */
const outer = new WeakMap<Terms, Terms>();

/** The terms that hold in a node which one under these terms holds. */
export const propagated = (terms: Terms): Terms => outer.get(terms) ?? terms;

/** The terms of a document before any context: names are taken for schema.org's, which a finding asks to say. */
export const noTerms = (base: string): Terms =>
  termsOf({ terms: new Map(), vocabulary: 'assumed', language: '', base, documentBase: base });

/**
 * The terms under a context, those of the context around it included; a null context forgets them. `propagates` is
 * whether they hold in nodes within too, where the context itself does not say so: those of a type do not.
 */
export function termsUnder(around: Terms, context: JsonNode, propagates = true): Terms {
  const before = states.get(around);
  if (!before) return around;
  let state = before;
  const contexts = context.kind === 'array' ? context.elements : [context];
  for (const one of contexts) state = withContext(state, one);
  // An object that names neither schema.org nor a vocabulary leaves bare names without meaning; where nothing
  // names schema.org at all, the wrong context is told, and names are read as they were probably meant.
  if (state.vocabulary === 'assumed' && [...state.terms.values()].some(({ id }) => OF_SCHEMA.test(id)))
    state = { ...state, vocabulary: 'none' };
  const terms = termsOf(state);
  const says = context.kind === 'object' ? context.members : [];
  const said = says.findLast(({ name }) => name === '@propagate')?.value;
  if (said ? !isTrue(said) : !propagates) outer.set(terms, propagated(around));
  return terms;
}

const PLAIN = { type: '', containers: [], reverse: false, prefix: false } as const;
/** What the address behind a simple term ends with where it is a prefix: RFC 3986's gen-delims. */
const PREFIX_END = /[:/?#[\]@]$/;

/** What schema.org's own context calls two keywords. */
const ALIASES: ReadonlyMap<string, Term> = new Map([
  ['type', { ...PLAIN, id: '@type' }],
  ['id', { ...PLAIN, id: '@id' }],
]);

/** Whether a name is one of those, which only readers that fetch schema.org's context know. */
export const isAlias = (term: Term | undefined): boolean =>
  term !== undefined && [...ALIASES.values()].includes(term);

/** Whether schema.org's own context is in force, not only its vocabulary. */
const isFetched = (terms: ReadonlyMap<string, Term>): boolean => terms.get('type') === ALIASES.get('type');

/** What schema.org's own context gives a type: addresses and dates are in no language. */
const COERCED = new Set(['URL', 'Date', 'DateTime']);

const coerced = (name: string): Term | undefined =>
  propertyNamed(name)?.ranges.some((range) => COERCED.has(range))
    ? { ...PLAIN, id: name, language: '' }
    : undefined;

function withContext(state: State, context: JsonNode): State {
  if (context.kind === 'array') return context.elements.reduce(withContext, state);
  if (context.kind === 'scalar') {
    if (context.value === null)
      return { ...state, terms: new Map(), vocabulary: 'none', language: '', base: state.documentBase };
    return typeof context.value === 'string' && isSchemaOrg(context.value)
      ? { ...state, terms: new Map([...state.terms, ...ALIASES]), vocabulary: 'schema.org' }
      : state;
  }
  const terms = new Map(state.terms);
  let { vocabulary, base, language } = state;
  for (const member of context.members) {
    const text = textOf(member.value);
    if (member.name === '@vocab')
      vocabulary =
        text === undefined
          ? 'none'
          : isSchemaOrg(text)
            ? 'schema.org'
            : text === ''
              ? vocabulary
              : { address: text };
    else if (member.name === '@base')
      base = text === undefined ? '' : (parseUrl(text, base || undefined)?.href ?? base);
    else if (member.name === '@language') language = text ?? '';
    else if (!member.name.startsWith('@')) terms.set(member.name, definition(member));
  }
  return { ...state, terms, vocabulary, base, language };
}

const textOf = (node: JsonNode | undefined): string | undefined =>
  node?.kind === 'scalar' && typeof node.value === 'string' ? node.value : undefined;

const isTrue = (node: JsonNode | undefined): boolean => node?.kind === 'scalar' && node.value === true;

function definition({ name, value }: JsonMember): Term {
  if (value.kind !== 'object') {
    const id = textOf(value) ?? '';
    return { ...PLAIN, id, prefix: PREFIX_END.test(id) || SCHEMA.test(id) };
  }
  const part = (keyword: string): JsonNode | undefined =>
    value.members.findLast((one) => one.name === keyword)?.value;
  const containers = part('@container');
  const list = containers?.kind === 'array' ? containers.elements : containers ? [containers] : [];
  const reverse = textOf(part('@reverse'));
  const id = part('@id');
  const context = part('@context');
  const language = part('@language');
  return {
    id: reverse ?? (id ? (textOf(id) ?? '') : name),
    type: textOf(part('@type')) ?? '',
    containers: list.flatMap((one) => textOf(one) ?? []),
    reverse: reverse !== undefined,
    prefix: isTrue(part('@prefix')),
    ...(language ? { language: textOf(language) ?? '' } : {}),
    ...(context ? { context } : {}),
  };
}

function termsOf(state: State): Terms {
  const { terms, vocabulary, base, language } = state;
  const inVocabulary = (term: string): string => {
    if (term.startsWith('@') || term.includes(':')) return term;
    if (vocabulary === 'none') return '';
    return typeof vocabulary === 'object' ? vocabulary.address + term : term;
  };
  const named = (written: string): string => {
    const meant = expand(written, terms);
    // A term that is defined by its own name alone stands in the vocabulary.
    const whole = meant === '' ? '' : inVocabulary(meant);
    return whole.startsWith('@') ? whole : bareName(whole);
  };
  const idOf = (written: string): string => {
    const text = written.trim();
    if (text.startsWith('_:')) return text;
    const whole = text.includes(':') ? expand(text, terms, false) : text;
    return base ? (parseUrl(whole, base)?.href ?? whole) : whole;
  };
  const found: Terms = {
    nameOf: named,
    // A type without meaning is still told as what it says.
    typeOf: (written) => named(written) || written,
    termOf: (written) =>
      terms.get(written) ?? (language !== '' && isFetched(terms) ? coerced(written) : undefined),
    language,
    idOf,
    addressOf: (written) => {
      const name = named(written);
      return name === '' || name.includes(':') ? idOf(name || written) : `https://schema.org/${name}`;
    },
  };
  states.set(found, state);
  return found;
}

const MOST_STEPS = 5;
const KEYWORD = /^@(?:id|type|value|language|list|set|graph|reverse|included|nest|index|none)$/;

/** A term or compact address as the definitions have it; as it is where they have none. */
function expand(written: string, terms: ReadonlyMap<string, Term>, wholeTerms = true): string {
  let term = written;
  for (let step = 0; step < MOST_STEPS; step += 1) {
    const whole = wholeTerms ? terms.get(term)?.id : undefined;
    if (whole !== undefined && whole !== term) {
      if (whole === '') return '';
      if (whole.startsWith('@') && !KEYWORD.test(whole)) return term;
      term = whole;
      continue;
    }
    const colon = term.indexOf(':');
    const before =
      colon > 0 && !term.startsWith('//', colon + 1) ? terms.get(term.slice(0, colon)) : undefined;
    if (!before?.prefix) return term;
    const prefix = before.id;
    term = SCHEMA.test(prefix)
      ? `https://schema.org/${term.slice(colon + 1)}`
      : `${prefix}${term.slice(colon + 1)}`;
  }
  return term;
}
