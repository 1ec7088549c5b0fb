import { parseUrl } from '#core/link';
import { collapse, table, type Lines, type Place } from '#core/text';
import { Written } from './written.ts';
import { textContent, type HtmlDocument, type HtmlElement } from '#core/html';
import { schemaName, type ReadItem, type ReadProperty } from '#core/item';

/** Prefixes that need no declaration (RDFa Core Initial Context), those that pages use. */
const INITIAL = table<string>({
  schema: 'http://schema.org/',
  foaf: 'http://xmlns.com/foaf/0.1/',
  og: 'http://ogp.me/ns#',
  dc: 'http://purl.org/dc/terms/',
  dcterms: 'http://purl.org/dc/terms/',
  gr: 'http://purl.org/goodrelations/v1#',
  vcard: 'http://www.w3.org/2006/vcard/ns#',
});

const words = (text: string | undefined): string[] => (text ?? '').split(/[ \t\r\n\f]+/).filter(Boolean);

/** What stands at an element for those inside it (RDFa Core 1.1, 7.2 "Evaluation Context"). */
interface Context {
  readonly vocab: string;
  readonly prefixes: Readonly<Record<string, string | undefined>>;
  readonly subject: Subject;
}

/** A subject grows while its element is read. Only those with types become items. */
interface Subject {
  types: readonly string[];
  readonly id: string | null;
  readonly properties: ReadProperty[];
  readonly place: Place;
  readonly typePlace: Place;
  used: boolean;
}

/**
 * The items of RDFa Lite 1.1 (`vocab`, `typeof`, `property`, `resource`, `prefix`) with the rules of RDFa Core
 * 1.1, 7.5 for `about`, `content`, `href`, `src` and, by HTML+RDFa 1.1, `datetime`. Addresses are resolved
 * against `base` where it is given. `rel` and `rev` belong to no Lite page and are passed over.
 */
export function readRdfa(
  { root, marked, source }: HtmlDocument,
  lines: Lines,
  base: string,
): readonly ReadItem[] {
  // Few pages carry RDFa; those that do not need no walk.
  if (!marked.some(({ attributes }) => 'typeof' in attributes)) return [];
  const page: Subject = {
    types: [],
    id: base,
    properties: [],
    place: lines.place(0, 0),
    typePlace: lines.place(0, 0),
    used: true,
  };
  const reader = new SubjectReader(new Written(source, lines), base);
  for (const child of root.children)
    if (child.kind === 'element') reader.read(child, { vocab: '', prefixes: INITIAL, subject: page });
  return reader.items();
}

class SubjectReader {
  readonly #written: Written;
  readonly #base: string;
  readonly #subjects: Subject[] = [];
  readonly #byId = new Map<string, Subject>();

  constructor(written: Written, base: string) {
    this.#written = written;
    this.#base = base;
  }

  items(): readonly ReadItem[] {
    return this.#subjects.filter(({ types, used }) => types.length > 0 && !used).map(asItem);
  }

  read(element: HtmlElement, above: Context): void {
    if (element.inert || element.name === 'template') return;
    const { attributes } = element;
    const vocab = attributes['vocab'] === undefined ? above.vocab : attributes['vocab'].trim();
    const prefixes =
      attributes['prefix'] === undefined
        ? above.prefixes
        : table({ ...above.prefixes, ...readPrefixes(attributes['prefix']) });
    const context = { vocab, prefixes, subject: above.subject };
    const names = words(attributes['property']).flatMap((name) => expand(name, context) ?? []);
    const types =
      attributes['typeof'] === undefined
        ? undefined
        : words(attributes['typeof']).flatMap((name) => expand(name, context) ?? []);
    const subject =
      'property' in attributes && !('content' in attributes) && !('datatype' in attributes)
        ? this.#chained(element, context, names, types)
        : this.#plain(element, context, names, types);
    for (const child of element.children)
      if (child.kind === 'element') this.read(child, { ...context, subject });
  }

  /** 7.5, 5.1: the value of a property is a typed item, an address or the text. */
  #chained(
    element: HtmlElement,
    { subject }: Context,
    names: readonly string[],
    types: readonly string[] | undefined,
  ): Subject {
    const { attributes } = element;
    const about =
      attributes['about'] === undefined ? subject : this.#subject(element, attributes['about'], undefined);
    if (types) {
      const address = attributes['resource'] ?? attributes['href'] ?? attributes['src'];
      const inner = this.#subject(element, address, types);
      inner.used = true;
      this.#say(element, about, names, inner);
      return inner;
    }
    const address = attributes['resource'] ?? attributes['href'] ?? attributes['src'];
    this.#say(
      element,
      about,
      names,
      address === undefined ? (attributes['datetime'] ?? textContent(element)) : this.#resolve(address),
    );
    return about;
  }

  /** 7.5, 5.2: an address on an element without a property becomes the subject of what is inside. */
  #plain(
    element: HtmlElement,
    { subject }: Context,
    names: readonly string[],
    types: readonly string[] | undefined,
  ): Subject {
    const { attributes } = element;
    const address =
      attributes['about'] ??
      attributes['resource'] ??
      (names.length > 0 || types || element.children.length > 0
        ? (attributes['href'] ?? attributes['src'])
        : undefined);
    const own =
      address === undefined && types === undefined ? subject : this.#subject(element, address, types);
    if ('content' in attributes) this.#say(element, own, names, attributes['content'] ?? '');
    else if (names.length > 0) this.#say(element, own, names, textContent(element));
    return own;
  }

  #subject(element: HtmlElement, address: string | undefined, types: readonly string[] | undefined): Subject {
    const id = address === undefined ? null : address.startsWith('_:') ? address : this.#resolve(address);
    const known = id === null ? undefined : this.#byId.get(id);
    if (known && (types === undefined || known.types.length === 0)) {
      known.types = types ?? known.types;
      return known;
    }
    const subject: Subject = {
      types: types ?? [],
      id,
      properties: [],
      place: this.#written.element(element),
      typePlace: this.#written.attribute(element, 'typeof'),
      used: false,
    };
    this.#subjects.push(subject);
    if (id !== null && !known) this.#byId.set(id, subject);
    return subject;
  }

  #say(element: HtmlElement, subject: Subject, names: readonly string[], said: string | Subject): void {
    const place = this.#written.element(element);
    const attribute = typeof said === 'string' ? valueAttribute(element) : undefined;
    const shown = attribute === 'content' || attribute === 'datetime' ? collapse(textContent(element)) : '';
    for (const [at, name] of names.entries()) {
      subject.properties.push({
        name,
        namePlace: this.#written.word(element, 'property', words(element.attributes['property'])[at] ?? name),
        place,
        value:
          typeof said === 'string'
            ? {
                kind: 'text',
                text: said,
                json: said,
                ...this.#written.value(element, attribute),
                ...(shown && shown !== said ? { shown } : {}),
              }
            : { kind: 'item', item: asItem(said) },
      });
    }
  }

  #resolve(address: string): string {
    const written = address.trim();
    return this.#base ? (parseUrl(written, this.#base)?.href ?? written) : written;
  }
}

/** The item shares the list of properties, which may still grow. */
const asItem = ({ types, id, properties, place, typePlace }: Subject): ReadItem => ({
  syntax: 'rdfa',
  types,
  id,
  properties,
  place,
  typePlace,
});

/** `prefix="schema: https://schema.org/ foaf: …"` */
function readPrefixes(text: string): Record<string, string> {
  const found: Record<string, string> = {};
  const parts = words(text);
  for (let at = 0; at + 1 < parts.length; at += 2) {
    const [name, address] = [parts[at] ?? '', parts[at + 1] ?? ''];
    if (name.endsWith(':')) found[name.slice(0, -1).toLowerCase()] = address;
  }
  return found;
}

/** A term, a prefixed name or a whole address, as the bare name for schema.org; undefined for a term without vocabulary. */
function expand(name: string, { vocab, prefixes }: Context): string | undefined {
  const colon = name.indexOf(':');
  if (colon < 0) return vocab ? schemaName(vocab + name) : undefined;
  const start = prefixes[name.slice(0, colon).toLowerCase()];
  return schemaName(start === undefined ? name : start + name.slice(colon + 1));
}

/** The attribute that holds the value of an element with a property; undefined where its text does. */
const valueAttribute = ({ attributes }: HtmlElement): string | undefined =>
  ['content', 'resource', 'href', 'src', 'datetime'].find((name) => name in attributes);
