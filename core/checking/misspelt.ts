import { finding, shortText, type Finding } from '#core/fault';
import { attributeNames, attributeSpan, tokensOf, type HtmlElement } from '#core/html';
import { schemaName } from '#core/item';
import type { Reading } from '#core/reading';
import { editDistance, propertyNamed, typeNamed } from '#core/vocabulary';

/** The attributes that markup is written in, and whether a value is one of theirs. */
const MARKUP: readonly (readonly [name: string, fits: (value: string) => boolean])[] = [
  ['itemprop', (value) => isEach(value, (name) => propertyNamed(name) !== undefined)],
  ['property', (value) => isEach(value, (name) => propertyNamed(name) !== undefined)],
  ['itemtype', (value) => /^\s*https?:\/\/(?:www\.)?schema\.org\//.test(value)],
  ['typeof', (value) => isEach(value, (name) => typeNamed(name) !== undefined)],
  ['vocab', (value) => isSchemaVocab(value)],
  ['itemscope', (value) => value === '' || /^item-?_?scope$/i.test(value)],
];

/** Whether the value of a vocab attribute is schema.org. */
export const isSchemaVocab = (value: string): boolean =>
  /^\s*https?:\/\/(?:www\.)?schema\.org\/?\s*$/.test(value);

const isEach = (value: string, is: (name: string) => boolean): boolean => {
  const names = tokensOf(value).map((name) => schemaName(name));
  return names.length > 0 && names.every(is);
};

/** The attribute of one syntax for a property, or that of the other where this would be passed over again. */
const rightIn = (element: HtmlElement, near: string | undefined): string | undefined =>
  near === 'property' && standsInItem(element)
    ? 'itemprop'
    : near === 'itemprop' && standsInRdfa(element)
      ? 'property'
      : near;

/** An attribute a letter or two from one of markup, with a value of that: machines pass it over. */
export function judgeMisspelt({ document, source, lines }: Reading): readonly Finding[] {
  // A page without any has had its markup put aside, as some programs do that clean code.
  const isPutAside = document?.marked.length === 0;
  const meantBy = new Map<string, (typeof MARKUP)[number] | undefined>();
  const meant = (name: string): (typeof MARKUP)[number] | undefined => {
    if (!meantBy.has(name)) meantBy.set(name, isPutAside ? (putAside(name) ?? nearest(name)) : nearest(name));
    return meantBy.get(name);
  };
  const seen = new Set<number>();
  // Hardly any name is near: most elements are passed over by their names alone.
  const near = (document?.elements ?? []).filter(
    ({ inert, attributes }) => !inert && Object.keys(attributes).some(meant),
  );
  return near.flatMap((element: HtmlElement) => {
    const { attributes } = element;
    const wrong = Object.keys(attributes).flatMap((name) => {
      const [near, fits] = meant(name) ?? [];
      const value = attributes[name] ?? '';
      const right = rightIn(element, near);
      return right && fits?.(value) && attributes[right] === undefined ? [{ name, value, right }] : [];
    });
    // Misnested formatting makes two elements of one tag.
    if (wrong.length === 0 || seen.has(element.start)) return [];
    seen.add(element.start);
    const written = new Map(attributeNames(source, element).map(({ name, start }) => [name, start]));
    return wrong.slice(0, MARKUP.length).flatMap(({ name, value, right }) => {
      const start = written.get(name);
      if (start === undefined) return [];
      const end = start + name.length;
      const message = `“${source.slice(start, end)}” is no attribute that machines know, so they pass it over. Write ${right}.`;
      const [property = null] = right === 'itemprop' || right === 'property' ? tokensOf(value) : ['@type'];
      const edits = [{ start, end, text: right }];
      return [finding('structure/misspelt', message, lines.place(start, end), property, { edits })];
    });
  });
}

/** What begins a scope of RDFa, whose own attribute for a property is `property`. */
const OF_RDFA = ['vocab', 'typeof', 'resource', 'about'] as const;

/** RDFa's `property` on an element of a microdata item, or `itemprop` within one of RDFa: machines pass it over. */
export function judgeOtherSyntax({ document, source, lines }: Reading): readonly Finding[] {
  const seen = new Set<number>();
  return (document?.marked ?? []).flatMap((element) => {
    if (seen.has(element.start)) return [];
    seen.add(element.start);
    const isRdfa = isOfOtherSyntax(element);
    const [wrong, right] = isRdfa ? (['itemprop', 'property'] as const) : (['property', 'itemprop'] as const);
    const [name, ...others] = tokensOf(element.attributes[wrong] ?? '');
    if (element.inert || element.attributes[right] !== undefined || !name || others.length > 0) return [];
    if (!propertyNamed(name) || !(isRdfa || standsInMicrodata(element))) return [];
    const start = attributeNames(source, element).find((one) => one.name === wrong)?.start;
    if (start === undefined) return [];
    const end = start + wrong.length;
    const [own, around] = isRdfa ? ['microdata', 'RDFa'] : ['RDFa', 'microdata'];
    return [
      finding(
        'structure/misspelt',
        `${wrong}="${name}" is of ${own}, and what stands around it of ${around}, so machines pass it over. Write ${right}.`,
        lines.place(start, end),
        name,
        { edits: [{ start, end, text: right }] },
      ),
    ];
  });
}

/** Whether an element names a property in microdata and stands in an item of RDFa, of schema.org's, and in none of its own. */
export const isOfOtherSyntax = (element: HtmlElement): boolean =>
  element.attributes['itemprop'] !== undefined && standsInRdfa(element);

/** Whether an item of RDFa and of schema.org is around an element that begins none in microdata, and no item of that. */
function standsInRdfa({ attributes, parent }: HtmlElement): boolean {
  if ('itemscope' in attributes || parent === null || scopeIn(parent) !== 'rdfa') return false;
  let isTyped = false;
  let vocab: string | undefined;
  for (let above: HtmlElement | null = parent; above; above = above.parent) {
    if (above.attributes['itemscope'] !== undefined) return false;
    isTyped ||= above.attributes['typeof'] !== undefined;
    vocab ??= above.attributes['vocab'];
  }
  // One that is missing is told, and is schema.org's once it is there.
  return isTyped && (vocab === undefined || /\bschema\.org\b/.test(vocab));
}

/** Whether an item of schema.org in microdata is around an element, and no scope of RDFa. */
const standsInMicrodata = (element: HtmlElement): boolean =>
  element.parent !== null && scopeIn(element.parent) === 'microdata' && !hasRdfa(element);

/** Whether an item of microdata is around an element, of whatever type, and no scope of RDFa. */
function standsInItem(element: HtmlElement): boolean {
  let isInItem = false;
  for (let above: HtmlElement | null = element; above; above = above.parent) {
    if (hasRdfa(above)) return false;
    isInItem ||= above !== element && above.attributes['itemscope'] !== undefined;
  }
  return isInItem;
}

const hasRdfa = ({ attributes }: HtmlElement): boolean =>
  OF_RDFA.some((one) => attributes[one] !== undefined);

type Scope = 'rdfa' | 'microdata' | 'none';
const scopes = new WeakMap<HtmlElement, Scope>();

/** What is around whatever stands in an element; worked out once for each, since elements lie thousands deep. */
function scopeIn(element: HtmlElement): Scope {
  const inside: HtmlElement[] = [];
  let outer: HtmlElement | null = element;
  for (; outer && !scopes.has(outer); outer = outer.parent) inside.push(outer);
  let scope: Scope = (outer && scopes.get(outer)) ?? 'none';
  for (const one of inside.toReversed()) {
    const { itemscope, itemtype = '' } = one.attributes;
    if (scope === 'rdfa' || hasRdfa(one)) scope = 'rdfa';
    else if (itemscope !== undefined && /schema\.org\//.test(itemtype)) scope = 'microdata';
    scopes.set(one, scope);
  }
  return scope;
}

/** Whether an item was to begin on an element, by an attribute that nobody knows as itemscope. */
export const hasMisspeltScope = ({ attributes, inert }: HtmlElement): boolean =>
  !inert &&
  attributes['itemscope'] === undefined &&
  Object.keys(attributes).some((name) => nearest(name)?.[0] === 'itemscope');

const putAside = (name: string): (typeof MARKUP)[number] | undefined =>
  MARKUP.find(([right]) => name === `data-${right}`);

/** A name is held against those of markup without its hyphens; undefined for one that is known itself. */
function nearest(name: string): (typeof MARKUP)[number] | undefined {
  if (name.length < 4 || name.length > 14 || KNOWN.has(name)) return undefined;
  const plain = name.replace(/[-_]/g, '');
  const near = MARKUP.map((one) => ({ one, distance: editDistance(plain, one[0], 3) }))
    .filter(({ one: [right], distance }) => distance <= (right.length > 6 ? 2 : 1))
    .sort((a, b) => a.distance - b.distance);
  return near[0]?.one;
}
const KNOWN = new Set(['itemid', 'itemref', ...MARKUP.map(([name]) => name)]);

/** A value that runs over the end of its tag into the next, up to the quote that opens a value there. */
const RUNS_ON = /^[^<>]*>[^<>]*(?:<[^<>]*>[^<>]*){0,6}<[a-z][^<>]*=\s*$/i;

/** An attribute of markup whose quote is not closed: the tags up to the next quote are part of its value. */
export function judgeOpenQuotes({ document, source, lines }: Reading): readonly Finding[] {
  const starts = new Set<number>();
  return (document?.marked ?? []).flatMap((element) => {
    // A browser begins some elements again where they were not closed.
    if (element.inert || starts.has(element.start)) return [];
    starts.add(element.start);
    const name = Object.keys(element.attributes).find((one) => RUNS_ON.test(element.attributes[one] ?? ''));
    const span = name === undefined ? undefined : attributeSpan(source, element, name);
    if (!span) return [];
    const end = source.indexOf('>', span.start);
    // The slash behind an address is its own, any other that of a tag without an end.
    const isOfTag = source[end - 1] === '/' && !/^\w+:\/\/[^\s<>]*$/.test(source.slice(span.start, end));
    const at = end - (isOfTag ? 1 : 0);
    const written = source.slice(span.start, at).trimEnd();
    return [
      finding(
        'structure/open-quote',
        `The value “${shortText(written)}” of ${name ?? ''} is not closed: what follows up to the next quote is part of it. Write ${span.quote} behind it.`,
        lines.place(element.start, end + 1),
        element.attributes['itemprop'] ?? element.attributes['property'] ?? null,
        {
          edits: [{ start: span.start + written.length, end: span.start + written.length, text: span.quote }],
          guess: true,
        },
      ),
    ];
  });
}
