import { parseUrl } from '#core/link';
import { collapse, table, type Lines, type Place } from '#core/text';
import { Written } from './written.ts';
import { brokenText, textContent, tokensOf, type HtmlDocument, type HtmlElement } from '#core/html';
import { schemaName, type ReadItem, type ReadProperty, type ReadValue } from '#core/item';
import { propertyNamed } from '#core/vocabulary';

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

const words = (text: string | undefined): string[] => tokensOf(text ?? '');

/** A resource that is spoken of (RDFa Core 1.1, 7.2): an address, a blank node, or the page itself. */
interface Subject {
  types: readonly string[];
  readonly id: string | null;
  readonly properties: Saying[];
  place: Place;
  typePlace: Place;
  readonly isPage?: true;
}

/** A property with what it says: a text, or a resource that may turn out to be an item. */
interface Saying {
  readonly name: string;
  readonly namePlace: Place;
  readonly place: Place;
  readonly text: Extract<ReadValue, { kind: 'text' }>;
  readonly object?: Subject;
}

/** A `rel` or `rev` that waits for its other end (7.2, "list of incomplete triples"). */
interface Waiting {
  readonly names: readonly string[];
  readonly element: HtmlElement;
  readonly attribute: 'rel' | 'rev';
}

/** What stands at an element for those inside it (RDFa Core 1.1, 7.2 "Evaluation Context"). */
interface Context {
  readonly vocab: string;
  readonly prefixes: Readonly<Record<string, string | undefined>>;
  readonly subject: Subject;
  readonly object: Subject;
  readonly waiting: readonly Waiting[];
  /** The link around that is spoken of instead of an item. */
  readonly link: HtmlElement | undefined;
}

/**
 * The items of RDFa 1.1 in HTML: the processing of RDFa Core 1.1, 7.5 with what HTML+RDFa 1.1, 3.1 changes of it
 * (`datetime`, `head` and `body`, `rel` beside `property`). Addresses are resolved against `base` where it is given.
 * Only resources with types become items; an order that `inlist` asks for is the order of the source.
 */
export function readRdfa({ root, marked, source }: HtmlDocument, lines: Lines, base: string): RdfaReading {
  // Few pages carry RDFa; those that do not need no walk.
  if (!marked.some(({ attributes }) => 'typeof' in attributes)) return { items: [], astray: [] };
  const reader = new ResourceReader(new Written(source, lines), lines, base);
  const page = reader.page;
  for (const child of root.children)
    if (child.kind === 'element')
      reader.read(child, {
        vocab: '',
        prefixes: INITIAL,
        subject: page,
        object: page,
        waiting: [],
        link: undefined,
      });
  return { items: reader.items(), astray: reader.astray() };
}

/** A property that is told of the address beside it or around it, and not of the item that it stands in. */
export interface Astray {
  readonly name: string;
  /** The address of which it is told. */
  readonly about: string;
  readonly element: HtmlElement;
  /** What carries the address: the element itself or the link around it. */
  readonly link: HtmlElement;
}

interface RdfaReading {
  readonly items: readonly ReadItem[];
  readonly astray: readonly Astray[];
}

class ResourceReader {
  readonly page: Subject;
  readonly #written: Written;
  readonly #base: string;
  readonly #subjects: Subject[] = [];
  readonly #byId = new Map<string, Subject>();
  readonly #apart: (Astray & { readonly subject: Subject })[] = [];

  constructor(written: Written, lines: Lines, base: string) {
    this.#written = written;
    this.#base = base;
    const nowhere = lines.place(0, 0);
    this.page = {
      types: [],
      id: base || null,
      properties: [],
      place: nowhere,
      typePlace: nowhere,
      isPage: true,
    };
    this.#subjects.push(this.page);
    if (base) this.#byId.set(base, this.page);
  }

  /** The typed resources that no other holds; of those that hold each other in a ring the first. */
  items(): readonly ReadItem[] {
    const held = new Set<Subject>();
    for (const { types, properties } of this.#subjects)
      if (types.length > 0) for (const { object } of properties) if (object) held.add(object);
    const made = new Map<Subject, ReadItem>();
    const typed = this.#subjects.filter(({ types }) => types.length > 0);
    const roots = typed.filter((subject) => !held.has(subject)).map((subject) => asItem(subject, made));
    for (const subject of typed) if (!made.has(subject)) roots.push(asItem(subject, made));
    return roots;
  }

  /**
   * Properties that an address takes away from the item around them (7.5, step 5): `content` or `datatype` beside it, or
   * a link around them. The address is then what is spoken of, where nothing else is said of it.
   */
  astray(): readonly Astray[] {
    return this.#apart.flatMap(({ subject, ...one }) => (subject.types.length === 0 ? [one] : []));
  }

  read(element: HtmlElement, above: Context): void {
    if (element.inert || element.name === 'template') return;
    const { attributes } = element;
    const vocab = attributes['vocab'] === undefined ? above.vocab : attributes['vocab'].trim();
    const prefixes =
      attributes['prefix'] === undefined
        ? above.prefixes
        : table({ ...above.prefixes, ...readPrefixes(attributes['prefix']) });
    const local = { ...above, vocab, prefixes };
    const links = { rel: this.#linked(element, 'rel', local), rev: this.#linked(element, 'rev', local) };
    const isLinked = links.rel !== undefined || links.rev !== undefined;
    const types =
      attributes['typeof'] === undefined
        ? undefined
        : words(attributes['typeof']).flatMap((name) => expand(name, local) ?? []);
    const found = isLinked
      ? this.#atLink(element, local, types !== undefined)
      : this.#atElement(element, local, types !== undefined);
    const { subject, typed } = found;
    if (types && typed) this.#type(typed, types, element);
    let { object } = found;
    const waiting: Waiting[] = [];
    for (const attribute of ['rel', 'rev'] as const) {
      const names = links[attribute] ?? [];
      if (object) this.#relate(subject, object, { names, element, attribute });
      else if (isLinked && names.length > 0) waiting.push({ names, element, attribute });
    }
    if (isLinked && !object) object = waiting.length > 0 ? this.#blank(element) : undefined;
    this.#tell(element, local, subject, typed, isLinked);
    const isSkipped =
      !isLinked && subject === above.object && !('property' in attributes) && found.isInherited;
    if (!isSkipped) for (const one of above.waiting) this.#relate(above.subject, subject, one);
    const context = isSkipped
      ? { ...local }
      : {
          ...local,
          subject,
          object: object ?? subject,
          waiting,
          link: isLinked ? undefined : this.#linkOf(element, above, subject),
        };
    for (const child of element.children) if (child.kind === 'element') this.read(child, context);
  }

  /** The link that takes from an item what stands inside it: it says nothing itself but its address. */
  #linkOf(element: HtmlElement, above: Context, subject: Subject): HtmlElement | undefined {
    const { attributes } = element;
    if (subject === above.subject) return above.link;
    const isBare = !['about', 'resource', 'property', 'typeof'].some((name) => name in attributes);
    return isBare && 'href' in attributes && above.object.types.length > 0 ? element : undefined;
  }

  /** The names of a `rel` or `rev`; undefined where it says nothing of resources. */
  #linked(element: HtmlElement, attribute: 'rel' | 'rev', context: Context): readonly string[] | undefined {
    const written = element.attributes[attribute];
    if (written === undefined) return undefined;
    const meant = words(written).filter(
      (word) =>
        word.includes(':') ||
        // Link types of HTML speak of the page, and beside a property only names with a colon count (HTML+RDFa, 3.1).
        (!('property' in element.attributes) && propertyNamed(word) !== undefined && context.vocab !== ''),
    );
    const names = meant.flatMap((name) => expand(name, context) ?? []);
    return names.length > 0 ? names : undefined;
  }

  /** 7.5, step 5: an element without `rel` and `rev`. */
  #atElement(element: HtmlElement, context: Context, isTyped: boolean): Found {
    const { attributes } = element;
    const about = this.#named(element, attributes['about'], context);
    const resource = this.#named(element, resourceOf(element), context);
    if ('property' in attributes && !('content' in attributes) && !('datatype' in attributes)) {
      const subject = about ?? this.#inherited(element, context);
      if (!isTyped) return { subject, isInherited: !about };
      const typed = about ?? (element.name === 'html' ? this.page : (resource ?? this.#blank(element)));
      return { subject, typed, object: typed, isInherited: !about };
    }
    const own = about ?? resource;
    if (own) return { subject: own, typed: own, isInherited: false };
    const isPage = /^(?:html|head|body)$/.test(element.name);
    const subject = isPage || !isTyped ? this.#inherited(element, context) : this.#blank(element);
    return { subject, typed: subject, isInherited: !isTyped };
  }

  /** 7.5, step 6: an element with `rel` or `rev`. */
  #atLink(element: HtmlElement, context: Context, isTyped: boolean): Found {
    const { attributes } = element;
    const about = this.#named(element, attributes['about'], context);
    const subject = about ?? this.#inherited(element, context);
    const object =
      this.#named(element, resourceOf(element), context) ??
      (isTyped && !about ? this.#blank(element) : undefined);
    const typed = about ?? object;
    return { subject, isInherited: false, ...(typed ? { typed } : {}), ...(object ? { object } : {}) };
  }

  #inherited(element: HtmlElement, { object }: Context): Subject {
    return element.name === 'html' ? this.page : object;
  }

  /** 7.5, step 11: the value of a property, as a resource or as text. */
  #tell(
    element: HtmlElement,
    context: Context,
    subject: Subject,
    typed: Subject | undefined,
    isLinked: boolean,
  ): void {
    const { attributes } = element;
    if (attributes['property'] === undefined) return;
    const names = words(attributes['property']);
    const isText = 'content' in attributes || 'datatype' in attributes;
    const address = isText || isLinked ? undefined : resourceOf(element);
    const object =
      isText || isLinked
        ? undefined
        : 'typeof' in attributes && !('about' in attributes)
          ? typed
          : address === undefined
            ? undefined
            : this.#named(element, address, context);
    const attribute =
      object && address !== undefined
        ? ['resource', 'href', 'src'].find((name) => name in attributes)
        : ['content', 'datetime'].find((name) => name in attributes);
    const text =
      object && address !== undefined
        ? (object.id ?? address)
        : ((attribute === undefined ? undefined : attributes[attribute]) ?? textContent(element));
    const shown = attribute === 'content' || attribute === 'datetime' ? collapse(brokenText(element)) : '';
    for (const written of names) {
      const name = expand(written, context);
      if (name === undefined) continue;
      const beside = isText && !isLinked && !('about' in attributes) ? resourceOf(element) : undefined;
      if (beside !== undefined && context.object.types.length > 0 && propertyNamed(name))
        this.#apart.push({ name, about: beside, element, link: element, subject });
      const { link } = context;
      if (link && subject === context.object && propertyNamed(name))
        this.#apart.push({ name, about: link.attributes['href'] ?? '', element, link, subject });
      subject.properties.push({
        name,
        namePlace: this.#written.word(element, 'property', written),
        place: this.#written.element(element),
        text: {
          kind: 'text',
          text,
          json: text,
          ...this.#written.value(element, attribute),
          ...(shown && shown !== text ? { shown } : {}),
        },
        ...(object ? { object } : {}),
      });
    }
  }

  /** A triple of `rel`, or of `rev` with its ends exchanged. */
  #relate(subject: Subject, object: Subject, { names, element, attribute }: Waiting): void {
    const [from, to] = attribute === 'rel' ? [subject, object] : [object, subject];
    const holder = ['resource', 'href', 'src'].find((name) => name in element.attributes);
    for (const name of names) {
      // A link that several elements inside complete says the same each time.
      if (from.properties.some((one) => one.name === name && one.object === to)) continue;
      from.properties.push({
        name,
        namePlace: this.#written.attribute(element, attribute),
        place: this.#written.element(element),
        text: { kind: 'text', text: to.id ?? '', json: to.id ?? '', ...this.#written.value(element, holder) },
        object: to,
      });
    }
  }

  #type(subject: Subject, types: readonly string[], element: HtmlElement): void {
    if (subject.types.length === 0) {
      subject.place = this.#written.element(element);
      subject.typePlace = this.#written.attribute(element, 'typeof');
    }
    subject.types = [...new Set([...subject.types, ...types])];
  }

  /** The resource of an address or a compact one; undefined where none is written, or one that says nothing. */
  #named(element: HtmlElement, written: string | undefined, context: Context): Subject | undefined {
    if (written === undefined) return undefined;
    const text = written.trim();
    const safe = /^\[(.*)\]$/.exec(text)?.[1];
    // A safe compact address whose prefix nobody defined is passed over (RDFa Core 1.1, 7.4.2).
    if (safe !== undefined && !safe.startsWith('_:') && compact(safe, context) === safe) return undefined;
    const id = text.startsWith('_:') ? text : this.#resolve(compact(safe ?? text, context));
    if (id === '' || id === this.#base) return this.page;
    const known = this.#byId.get(id);
    if (known) return known;
    const subject = this.#blank(element, id);
    this.#byId.set(id, subject);
    return subject;
  }

  #blank(element: HtmlElement, id: string | null = null): Subject {
    const place = this.#written.element(element);
    const subject: Subject = {
      types: [],
      id,
      properties: [],
      place,
      typePlace: this.#written.attribute(element, 'typeof'),
    };
    this.#subjects.push(subject);
    return subject;
  }

  #resolve(address: string): string {
    return this.#base ? (parseUrl(address, this.#base)?.href ?? address) : address;
  }
}

/** What an element speaks of, what its types are of, and what it leads to. */
interface Found {
  readonly subject: Subject;
  readonly typed?: Subject;
  readonly object?: Subject;
  /** The subject is only what stood above. */
  readonly isInherited: boolean;
}

const resourceOf = ({ attributes }: HtmlElement): string | undefined =>
  attributes['resource'] ?? attributes['href'] ?? attributes['src'];

/** A resource with all that is said of it. One that leads back to itself is named there, and not told again. */
function asItem(
  subject: Subject,
  made: Map<Subject, ReadItem>,
  above: ReadonlySet<Subject> = new Set(),
): ReadItem {
  const known = made.get(subject);
  if (known) return known;
  const { types, id, place, typePlace } = subject;
  const within = new Set([...above, subject]);
  const properties = subject.properties.map(({ name, namePlace, place: at, text, object }): ReadProperty => {
    const isItem =
      object &&
      (object.id === null ||
        ((object.types.length > 0 || object.properties.length > 0) &&
          !(holdsAddresses(name) && (object.isPage || within.has(object)))));
    const value: ReadValue = !isItem
      ? text
      : {
          kind: 'item',
          item: within.has(object) ? { ...asReference(object) } : asItem(object, made, within),
        };
    return { name, namePlace, place: at, value };
  });
  const item: ReadItem = { syntax: 'rdfa', types, id, properties, place, typePlace };
  made.set(subject, item);
  return item;
}

/** Whether a property holds addresses and no items: the page that `url` names is its address, whatever it says of itself. */
const holdsAddresses = (name: string): boolean => {
  const ranges = propertyNamed(name)?.ranges ?? [];
  return ranges.length > 0 && ranges.every((range) => range === 'URL' || range === 'Text');
};

const asReference = ({ id, place, typePlace }: Subject): ReadItem => ({
  syntax: 'rdfa',
  types: [],
  id,
  properties: [],
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

/** An address whose prefix is known, written out; any other as it is. */
function compact(written: string, { prefixes }: Context): string {
  const colon = written.indexOf(':');
  const start = colon > 0 ? prefixes[written.slice(0, colon).toLowerCase()] : undefined;
  return start === undefined || written.startsWith('//', colon + 1)
    ? written
    : start + written.slice(colon + 1);
}

/** A term, a prefixed name or a whole address, as the bare name for schema.org; undefined for a term without vocabulary. */
function expand(name: string, context: Context): string | undefined {
  if (!name.includes(':')) return context.vocab ? schemaName(context.vocab + name) : undefined;
  return schemaName(compact(name, context));
}
