import { parseUrl } from '#core/link';
import { collapse, type Lines } from '#core/text';
import { textContent, type HtmlDocument, type HtmlElement } from './document.ts';
import { schemaName, type ReadItem, type ReadProperty } from './item.ts';

export interface MicrodataReading {
  readonly items: readonly ReadItem[];
  /** Elements whose `itemprop` belongs to no item. */
  readonly strays: readonly HtmlElement[];
}

/** Attributes that hold the value of an element (HTML Living Standard, 5.2.4 "Values"). */
const URL_ATTRIBUTE: Readonly<Record<string, string>> = {
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
};

const words = (text: string | undefined): string[] => (text ?? '').split(/[ \t\r\n\f]+/).filter(Boolean);

/**
 * The microdata items of a page (HTML Living Standard, 5.2): top-level items in the order of the source,
 * `itemref` followed with a guard against loops, addresses resolved against `base` where it is given.
 */
export function readMicrodata({ elements }: HtmlDocument, lines: Lines, base: string): MicrodataReading {
  const marked: HtmlElement[] = [];
  const byId = new Map<string, HtmlElement>();
  for (const element of elements) {
    if (element.inert) continue;
    const { attributes } = element;
    if (attributes['itemscope'] !== undefined || attributes['itemprop'] !== undefined) marked.push(element);
    const id = attributes['id'];
    if (id && !byId.has(id)) byId.set(id, element);
  }
  const reader = new ItemReader(lines, base, byId);
  const items = marked
    .filter(({ attributes }) => 'itemscope' in attributes && !('itemprop' in attributes))
    .map((top) => reader.read(top, new Set()));
  const strays = marked.filter(
    (element) => 'itemprop' in element.attributes && !reader.belonging.has(element),
  );
  return { items, strays };
}

class ItemReader {
  readonly belonging = new Set<HtmlElement>();
  readonly #lines: Lines;
  readonly #base: string;
  readonly #byId: ReadonlyMap<string, HtmlElement>;

  constructor(lines: Lines, base: string, byId: ReadonlyMap<string, HtmlElement>) {
    this.#lines = lines;
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
      place: this.#lines.place(scope.start, scope.end),
      typePlace: this.#lines.place(scope.start, scope.contentStart),
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
    const place = this.#lines.place(element.start, element.end);
    const namePlace = this.#lines.place(element.start, element.contentStart);
    if ('itemscope' in element.attributes) {
      if (above.has(element)) return [];
      const item = this.read(element, above);
      return words(element.attributes['itemprop']).map((name) => ({
        name: schemaName(name),
        value: { kind: 'item', item },
        namePlace,
        place,
      }));
    }
    const text = this.#value(element);
    const shown =
      'value' in element.attributes || 'content' in element.attributes || 'datetime' in element.attributes
        ? collapse(textContent(element))
        : '';
    const value = {
      kind: 'text' as const,
      text,
      json: text,
      place,
      ...(shown && shown !== text ? { shown } : {}),
    };
    return words(element.attributes['itemprop']).map((name) => ({
      name: schemaName(name),
      value,
      namePlace,
      place,
    }));
  }

  #value(element: HtmlElement): string {
    const { name, attributes } = element;
    if (name === 'meta') return attributes['content'] ?? '';
    const attribute = URL_ATTRIBUTE[name];
    if (attribute) return attributes[attribute] === undefined ? '' : this.#resolve(attributes[attribute]);
    if (name === 'data' || name === 'meter') return attributes['value'] ?? '';
    if (name === 'time') return attributes['datetime'] ?? textContent(element);
    return textContent(element);
  }

  /** Without a base a relative address stays as it is, so that it can be told. */
  #resolve(address: string): string {
    const written = address.trim();
    if (!this.#base) return written;
    return parseUrl(written, this.#base)?.href ?? written;
  }
}
