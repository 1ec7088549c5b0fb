import { parseUrl } from '#core/link';
import { collapse, table, type Lines } from '#core/text';
import { brokenText, textContent, tokensOf, type HtmlDocument, type HtmlElement } from '#core/html';
import { schemaName, type ReadItem, type ReadProperty } from '#core/item';
import { Written } from './written.ts';

export interface MicrodataReading {
  readonly items: readonly ReadItem[];
  /** Elements whose `itemprop` belongs to no item. */
  readonly strays: readonly HtmlElement[];
}

/** Attributes that hold the value of an element (HTML Living Standard, 5.2.4 "Values"). */
const URL_ATTRIBUTE = table<string>({
  audio: 'src',
  embed: 'src',
  iframe: 'src',
  img: 'src',
  source: 'src',
  track: 'src',
  video: 'src',
  a: 'href',
  area: 'href',
  link: 'href',
  object: 'data',
});

/** An unordered set of unique space-separated tokens (HTML Living Standard, 2.3.7). */
const words = (text: string | undefined): string[] => [...new Set(tokensOf(text ?? ''))];

/**
 * The microdata items of a page (HTML Living Standard, 5.2): top-level items in the order of the source,
 * `itemref` followed with a guard against loops, addresses resolved against `base` where it is given.
 */
export function readMicrodata(document: HtmlDocument, lines: Lines, base: string): MicrodataReading {
  const marked = document.marked.filter(
    ({ inert, attributes }) => !inert && ('itemscope' in attributes || 'itemprop' in attributes),
  );
  const refers = marked.some(({ attributes }) => 'itemref' in attributes);
  const byId = refers ? elementsById(document) : new Map<string, HtmlElement>();
  const reader = new ItemReader(new Written(document.source, lines), base, byId);
  const items = marked
    .filter(({ attributes }) => 'itemscope' in attributes && !('itemprop' in attributes))
    .map((top) => reader.read(top, new Set()));
  const strays = marked.filter(
    (element) => 'itemprop' in element.attributes && !reader.belonging.has(element),
  );
  return { items, strays };
}

/** The first element of each id. */
function elementsById({ elements }: HtmlDocument): ReadonlyMap<string, HtmlElement> {
  const byId = new Map<string, HtmlElement>();
  for (const element of elements) {
    const id = element.attributes['id'];
    if (id && !element.inert && !byId.has(id)) byId.set(id, element);
  }
  return byId;
}

class ItemReader {
  readonly belonging = new Set<HtmlElement>();
  readonly #written: Written;
  readonly #base: string;
  readonly #byId: ReadonlyMap<string, HtmlElement>;

  constructor(written: Written, base: string, byId: ReadonlyMap<string, HtmlElement>) {
    this.#written = written;
    this.#base = base;
    this.#byId = byId;
  }

  read(scope: HtmlElement, above: ReadonlySet<HtmlElement>): ReadItem {
    const memory = new Set([...above, scope]);
    const properties = this.#propertyElements(scope).flatMap((element) => this.#properties(element, memory));
    const id = scope.attributes['itemid']?.trim();
    return {
      syntax: 'microdata',
      types: words(scope.attributes['itemtype']).map(schemaName),
      id: id ? this.#resolve(id) : null,
      properties,
      place: this.#written.element(scope),
      typePlace: this.#written.attribute(scope, 'itemtype'),
    };
  }

  /** "The properties of an item" (5.2.5), in tree order. */
  #propertyElements(scope: HtmlElement): readonly HtmlElement[] {
    const found = new Set<HtmlElement>();
    const seen = new Set<HtmlElement>([scope]);
    const collect = (element: HtmlElement): void => {
      if (seen.has(element)) return;
      seen.add(element);
      if (words(element.attributes['itemprop']).length > 0) found.add(element);
      if (!('itemscope' in element.attributes) && element.name !== 'template') children(element);
    };
    const children = (element: HtmlElement): void => {
      for (const child of element.children) if (child.kind === 'element') collect(child);
    };
    children(scope);
    for (const id of words(scope.attributes['itemref'])) {
      const referred = this.#byId.get(id);
      if (referred) collect(referred);
    }
    return [...found].sort((a, b) => a.start - b.start);
  }

  #properties(element: HtmlElement, above: ReadonlySet<HtmlElement>): ReadProperty[] {
    this.belonging.add(element);
    const place = this.#written.element(element);
    const named = (value: ReadProperty['value']): ReadProperty[] =>
      words(element.attributes['itemprop']).map((name) => ({
        name: schemaName(name),
        value,
        namePlace: this.#written.word(element, 'itemprop', name),
        place,
      }));
    if ('itemscope' in element.attributes)
      return above.has(element) ? [] : named({ kind: 'item', item: this.read(element, above) });
    const attribute = valueAttribute(element);
    const text = this.#value(element, attribute);
    // What visitors read instead: also where an author put a value into an attribute that is none here.
    const shown =
      attribute !== undefined && attribute in element.attributes ? collapse(brokenText(element)) : '';
    return named({
      kind: 'text',
      text,
      json: text,
      ...this.#written.value(element, attribute),
      ...(shown && shown !== text ? { shown } : {}),
    });
  }

  #value(element: HtmlElement, attribute: string | undefined): string {
    if (attribute === undefined) return textContent(element);
    const written = element.attributes[attribute];
    if (written === undefined) return '';
    return attribute === URL_ATTRIBUTE[element.name] ? this.#resolve(written) : written;
  }

  /** Without a base a relative address stays as it is, so that it can be told. */
  #resolve(address: string): string {
    const written = address.trim();
    if (!this.#base) return written;
    return parseUrl(written, this.#base)?.href ?? written;
  }
}

/** The attribute that holds the value of an element; undefined where its text does. */
function valueAttribute({ name, attributes }: HtmlElement): string | undefined {
  if (name === 'meta') return 'content';
  if (name === 'data' || name === 'meter') return 'value';
  if (name === 'time') return attributes['datetime'] === undefined ? undefined : 'datetime';
  return URL_ATTRIBUTE[name];
}
