import { finding, type Finding } from '#core/fault';
import { attributeSpan, behindTagName, type HtmlElement } from '#core/html';
import { schemaName } from '#core/item';
import type { Reading } from '#core/reading';
import { belongsTo, isPropertyOf, isSubtype, propertyNamed, typeNamed } from '#core/vocabulary';
import { isSchemaVocab } from './misspelt.ts';

/**
 * An element of a property with properties of its own inside, and nothing that begins an item there: what stands
 * inside belongs to the item around it (HTML, Microdata 5.2.2; RDFa 1.1 Core, 7.5).
 */
export function judgeScopeless({ document, source, lines }: Reading): readonly Finding[] {
  const found = new Map<HtmlElement, { readonly type: string; readonly inside: Set<string> }>();
  for (const element of document?.marked ?? []) {
    const outer = element.inert ? undefined : scopelessAround(element);
    const inside = outer && namesOf(element)[0];
    const type = outer && inside && typeMeant(outer, inside);
    if (!outer || !inside || !type) continue;
    const known = found.get(outer);
    if (known) known.inside.add(inside);
    else found.set(outer, { type, inside: new Set([inside]) });
  }
  return [...found].map(([element, { type, inside }]) => {
    const { attributes, start, contentStart } = element;
    const isMicrodata = attributes['itemprop'] !== undefined;
    const [name = ''] = namesOf(element);
    const whole = isMicrodata ? `itemscope itemtype="https://schema.org/${type}"` : `typeof="${type}"`;
    const behindName = behindTagName(source, element);
    return finding(
      isMicrodata ? 'structure/no-itemscope' : 'structure/no-typeof',
      `${name} holds ${[...inside].join(', ')}, but no item begins there, so they belong to the item around it. Write ${whole} on it.`,
      lines.place(start, contentStart),
      name,
      { edits: [{ start: behindName, end: behindName, text: ` ${whole}` }] },
    );
  });
}

/** So many properties of a page itself were meant for something on it. */
const FEWEST_UNTYPED = 2;

/**
 * RDFa under a vocab without any typeof: its properties are told of the page itself, which has no type (RDFa 1.1 Lite,
 * 2.2).
 */
export function judgeUntyped({ document, source, lines }: Reading): readonly Finding[] {
  const found = new Map<HtmlElement, string[]>();
  for (const element of document?.marked ?? []) {
    if (element.inert || element.attributes['property'] === undefined) continue;
    const [name] = namesOf(element);
    const around = name && propertyNamed(name) ? untypedAround(element) : undefined;
    if (!name || !around) continue;
    const names = found.get(around);
    if (names) names.push(name);
    else found.set(around, [name]);
  }
  return [...found].flatMap(([element, all]) => {
    const { resource } = element.attributes;
    // What is named may have its type elsewhere.
    const isElsewhere = resource !== undefined && source.indexOf(resource) !== source.lastIndexOf(resource);
    if (all.length < FEWEST_UNTYPED || isElsewhere) return [];
    const names = [...new Set(all)];
    const [first, ...others] = names.slice(0, 4);
    const at = behindTagName(source, element);
    const empty = attributeSpan(source, element, 'typeof');
    const type = LIKELY.find((one) => names.every((name) => isPropertyOf(name, [one]))) ?? 'LocalBusiness';
    return [
      finding(
        'structure/no-typeof',
        `${[first, ...others].join(', ')} stand under ${resource === undefined ? 'vocab' : 'resource'}, but nothing there begins with typeof, so a machine takes them for the page’s own. Write typeof="${type}" on it, or a nearer type.`,
        lines.place(element.start, element.contentStart),
        '@type',
        {
          edits: empty
            ? [{ start: empty.start, end: empty.end, text: empty.quote ? type : `"${type}"` }]
            : [{ start: at, end: at, text: ` typeof="${type}"` }],
          guess: true,
        },
      ),
    ];
  });
}

/** The types that properties without one are held against, from the general to the special. */
const LIKELY = [
  'LocalBusiness',
  'FoodEstablishment',
  'LodgingBusiness',
  'MedicalClinic',
  'Physician',
  'Person',
] as const;

/** The element with the vocabulary of schema.org around a property that nothing typed holds. */
function untypedAround(element: HtmlElement): HtmlElement | undefined {
  for (let outer: HtmlElement | null = element; outer; outer = outer.parent) {
    const { attributes } = outer;
    // A property is of what is around its element, and a type there of its value (RDFa 1.1 Core, 7.5, 11).
    const isTyped = outer !== element && (attributes['typeof'] ?? '').trim() !== '';
    if (isTyped || ['about', 'rel', 'rev'].some((one) => attributes[one] !== undefined)) return undefined;
    if (outer !== element && attributes['property'] !== undefined) return undefined;
    if (isSchemaVocab(attributes['vocab'] ?? '')) return outer;
    // What is named begins a thing of its own.
    if (attributes['resource'] !== undefined)
      return outer !== element && isUnderSchema(outer) ? outer : undefined;
  }
  return undefined;
}

/** Whether the vocabulary around an element is that of schema.org. */
export function isUnderSchema(element: HtmlElement): boolean {
  for (let outer: HtmlElement | null = element; outer; outer = outer.parent)
    if (outer.attributes['vocab'] !== undefined) return isSchemaVocab(outer.attributes['vocab']);
  return false;
}

const namesOf = ({ attributes }: HtmlElement): readonly string[] =>
  (attributes['itemprop'] ?? attributes['property'] ?? '')
    .split(/\s+/)
    .filter(Boolean)
    .map((name) => schemaName(name));

const SCOPES = ['itemscope', 'itemtype', 'typeof', 'resource', 'vocab'] as const;

/** The nearest element around that has a property of its own, where no item begins in between. */
function scopelessAround(element: HtmlElement): HtmlElement | undefined {
  const attribute = element.attributes['itemprop'] === undefined ? 'property' : 'itemprop';
  for (let outer = element.parent; outer; outer = outer.parent) {
    const { attributes } = outer;
    if (SCOPES.some((one) => attributes[one] !== undefined)) return undefined;
    if (attributes[attribute] !== undefined)
      return attributes['content'] === undefined && attributes['href'] === undefined ? outer : undefined;
  }
  return undefined;
}

/**
 * The type that a property's value may have and a name inside belongs to; undefined where the value may be text and the
 * name a business's own.
 */
function typeMeant(outer: HtmlElement, inside: string): string | undefined {
  const property = propertyNamed(namesOf(outer)[0] ?? '');
  const part = propertyNamed(inside);
  if (!property || !part) return undefined;
  const isText = property.ranges.some((range) => isSubtype(range, 'DataType') || !typeNamed(range));
  if (isText && belongsTo(part, ['LocalBusiness'])) return undefined;
  return property.ranges.find(
    (range) => typeNamed(range) && !isSubtype(range, 'DataType') && belongsTo(part, [range]),
  );
}
