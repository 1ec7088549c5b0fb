import { applyEdits, escapeXml, type Edit } from '#core/text';
import { readXml, type XmlNode } from './xml.ts';

/** Namespaces (XMP Specification Part 1 and 2, IPTC Photo Metadata Standard). */
const namespaces = {
  dc: 'http://purl.org/dc/elements/1.1/',
  exif: 'http://ns.adobe.com/exif/1.0/',
  photoshop: 'http://ns.adobe.com/photoshop/1.0/',
  Iptc4xmpCore: 'http://iptc.org/std/Iptc4xmpCore/1.0/xmlns/',
  Iptc4xmpExt: 'http://iptc.org/std/Iptc4xmpExt/2008-02-29/',
} as const;
type Prefix = keyof typeof namespaces;

const RDF = 'http://www.w3.org/1999/02/22-rdf-syntax-ns#';

/** A property to write. `alt` is a language alternative with x-default, `struct` holds fields by qualified name. */
export interface XmpProperty {
  readonly prefix: Prefix;
  readonly name: string;
  readonly value:
    | { readonly kind: 'text' | 'alt'; readonly text: string }
    | { readonly kind: 'bag' | 'seq'; readonly texts: readonly string[] }
    | { readonly kind: 'struct' | 'structs'; readonly fields: readonly (readonly [string, string])[] };
}

export const XMP_IDENTIFIER = 'http://ns.adobe.com/xap/1.0/\0';

export type XmpResult =
  | { readonly ok: true; readonly packet: string; readonly languages: readonly string[] }
  | { readonly ok: false; readonly message: string };

/** A text of a language alternative, with its language (RFC 3066). */
interface InLanguage {
  readonly language: string;
  readonly text: string;
}

/**
 * Sets properties in an XMP packet. Everything else in the packet stays as it is, to the letter; old values
 * of the properties that are set are taken out, whatever prefix or form they had, and so are those in `removes`
 * (namespace and name in one). A language alternative gets its x-default alone: what it says in other languages stays,
 * and is told by `languages`, but for a language's twin of the old default (XMP Specification Part 1, 8.2.2.4).
 */
export function mergeXmp(
  old: string,
  properties: readonly XmpProperty[],
  removes: readonly string[] = [],
): XmpResult {
  const set = properties.map(({ prefix, name }) => namespaces[prefix] + name);
  const found = locate(old, new Set([...set, ...removes]));
  if (!found)
    return { ok: false, message: 'The XMP data of this photo is damaged, so nothing was written into it.' };
  const others = (property: XmpProperty): readonly InLanguage[] =>
    property.value.kind === 'alt'
      ? otherLanguages(found.texts.get(namespaces[property.prefix] + property.name) ?? [])
      : [];
  const block = description(properties, found.about, others);
  return {
    ok: true,
    packet: applyEdits(old, [...found.removals, { start: found.rdfEnd, end: found.rdfEnd, text: block }]),
    languages: [...new Set(properties.flatMap(others).map(({ language }) => language))],
  };
}

const DEFAULT = 'x-default';

/** What stays where the default of these texts is set anew: each language once. */
function otherLanguages(texts: readonly InLanguage[]): readonly InLanguage[] {
  const old = texts.find(({ language }) => language === DEFAULT)?.text;
  return texts.filter(
    ({ language, text }, at) =>
      language !== DEFAULT && text !== old && texts.findIndex((one) => one.language === language) === at,
  );
}

/**
 * A packet as a text, of whichever Unicode encoding (XMP Specification Part 1, 7.1), the byte order mark of UTF-8 kept;
 * '' where it holds nothing.
 */
export function packetText(bytes: Uint8Array): string {
  const [first = 0, second = 0] = bytes;
  const isBig = (first === 0xfe && second === 0xff) || (first === 0 && second === 0x3c);
  const isLittle = (first === 0xff && second === 0xfe) || (first === 0x3c && second === 0);
  const encoding = isBig ? 'utf-16be' : isLittle ? 'utf-16le' : 'utf-8';
  const text = new TextDecoder(encoding, { ignoreBOM: encoding === 'utf-8' }).decode(bytes);
  return /^[\s\0]*$/.test(text) ? '' : text;
}

/** A packet that holds these properties and nothing else. */
export const newPacket = (properties: readonly XmpProperty[]): string =>
  `<?xpacket begin="\uFEFF" id="W5M0MpCehiHzreSzNTczkc9d"?>\n<x:xmpmeta xmlns:x="adobe:ns:meta/">\n<rdf:RDF xmlns:rdf="${RDF}">\n${description(properties, '', () => [])}</rdf:RDF>\n</x:xmpmeta>\n<?xpacket end="w"?>`;

function description(
  properties: readonly XmpProperty[],
  about: string,
  others: (property: XmpProperty) => readonly InLanguage[],
): string {
  const prefixes = new Set<Prefix>(
    properties.flatMap(({ prefix, value }) => [
      prefix,
      ...(value.kind.startsWith('struct') ? (['Iptc4xmpCore', 'Iptc4xmpExt'] as const) : []),
    ]),
  );
  const declared = [...prefixes].sort().map((prefix) => ` xmlns:${prefix}="${namespaces[prefix]}"`);
  return `<rdf:Description xmlns:rdf="${RDF}" rdf:about="${escapeXml(about)}"${declared.join('')}>\n${properties.map((property) => write(property, others(property))).join('')}</rdf:Description>\n`;
}

function write({ prefix, name, value }: XmpProperty, others: readonly InLanguage[]): string {
  const element = (content: string, attributes = ''): string =>
    `<${prefix}:${name}${attributes}>${content}</${prefix}:${name}>\n`;
  const items = (container: string, texts: readonly string[]): string =>
    `<rdf:${container}>${texts.map((text) => `<rdf:li>${escapeXml(text)}</rdf:li>`).join('')}</rdf:${container}>`;
  switch (value.kind) {
    case 'text':
      return element(escapeXml(value.text));
    case 'alt':
      return element(alternatives([{ language: DEFAULT, text: value.text }, ...others]));
    case 'bag':
      return element(items('Bag', value.texts));
    case 'seq':
      return element(items('Seq', value.texts));
    case 'struct':
    case 'structs': {
      const fields = value.fields.map(([field, text]) => `<${field}>${escapeXml(text)}</${field}>`).join('');
      if (value.kind === 'struct') return element(fields, ' rdf:parseType="Resource"');
      return element(`<rdf:Bag><rdf:li rdf:parseType="Resource">${fields}</rdf:li></rdf:Bag>`);
    }
  }
}

const alternatives = (texts: readonly InLanguage[]): string =>
  `<rdf:Alt>${texts.map(({ language, text }) => `<rdf:li xml:lang="${escapeXml(language)}">${escapeXml(text)}</rdf:li>`).join('')}</rdf:Alt>`;

interface Located {
  /** Offset before the end tag of rdf:RDF. */
  readonly rdfEnd: number;
  readonly about: string;
  readonly removals: readonly Edit[];
  /** What language alternatives among the old values say, by their names. */
  readonly texts: ReadonlyMap<string, readonly InLanguage[]>;
}

type Scope = ReadonlyMap<string, string>;

/** Finds where to write and what to take out. undefined where the packet is no well-formed RDF. */
function locate(packet: string, names: ReadonlySet<string>): Located | undefined {
  const root = readXml(packet);
  const found = root && findRdf(root, new Map());
  if (!found) return undefined;
  const removals: Edit[] = [];
  const texts = new Map<string, readonly InLanguage[]>();
  let about: string | undefined;
  for (const child of elementsOf(found.rdf)) {
    const scope = scopeOf(child, found.scope);
    if (expand(child.nodeName, scope) !== `${RDF}Description`) continue;
    about ??= child.attributes.find(({ nodeName }) => isAbout(nodeName, scope))?.value;
    removals.push(...removalsIn(packet, child, scope, names));
    for (const property of elementsOf(child)) {
      const inner = scopeOf(property, scope);
      const name = expand(property.nodeName, inner);
      if (names.has(name)) texts.set(name, [...(texts.get(name) ?? []), ...inLanguages(property, inner)]);
    }
  }
  return { rdfEnd: found.rdf.contentEnd, about: about ?? '', removals, texts };
}

/** The texts of a language alternative; none where a property has another form. */
function inLanguages(property: XmlNode, outer: Scope): readonly InLanguage[] {
  return elementsOf(property).flatMap((container) => {
    const scope = scopeOf(container, outer);
    if (expand(container.nodeName, scope) !== `${RDF}Alt`) return [];
    return elementsOf(container).flatMap((item) => {
      const language = item.attributes.find(({ nodeName }) => nodeName === 'xml:lang')?.value;
      const text = item.childNodes.map(({ nodeValue }) => nodeValue ?? '').join('');
      return language && text ? [{ language: language.trim(), text }] : [];
    });
  });
}

/**
 * The RDF of a packet's tree by its usual prefix, which readers ask for by name, whatever stands around it: another
 * prefix is as good (XML Namespaces 1.0, 4), and old packets wrap it in x:xapmeta. Undefined where there is none.
 */
export function rdfOf(packet: XmlNode): XmlNode | undefined {
  const found = findRdf(packet, new Map());
  return found && withUsualPrefix(found.rdf, found.scope);
}

function withUsualPrefix(node: XmlNode, outer: Scope): XmlNode {
  const scope = scopeOf(node, outer);
  const nodeName = usualName(node.nodeName, scope);
  return {
    ...node,
    nodeName,
    tagName: node.tagName === undefined ? undefined : nodeName,
    attributes: node.attributes.map((one) => ({ ...one, nodeName: usualName(one.nodeName, scope) })),
    childNodes: node.childNodes.map((child) => withUsualPrefix(child, scope)),
  };
}

function usualName(name: string, scope: Scope): string {
  if (!name.includes(':') || name.startsWith('xmlns:')) return name;
  const expanded = expand(name, scope);
  return expanded.startsWith(RDF) ? `rdf:${expanded.slice(RDF.length)}` : name;
}

function findRdf(node: XmlNode, outer: Scope): { rdf: XmlNode; scope: Scope } | undefined {
  for (const child of elementsOf(node)) {
    const scope = scopeOf(child, outer);
    if (!isDeclared(child.nodeName, scope)) continue;
    if (expand(child.nodeName, scope) === `${RDF}RDF`) return { rdf: child, scope };
    const inner = findRdf(child, scope);
    if (inner) return inner;
  }
  return undefined;
}

/** What to take out of one rdf:Description: properties as elements and as attributes; all of it when nothing else is left. */
function removalsIn(
  packet: string,
  description: XmlNode,
  scope: Scope,
  names: ReadonlySet<string>,
): readonly Edit[] {
  const elements = elementsOf(description).map((child) => ({
    child,
    gone: names.has(expand(child.nodeName, scopeOf(child, scope))),
  }));
  const attributes = description.attributes
    .filter(({ nodeName }) => !/^xmlns(:|$)/.test(nodeName) && !isAbout(nodeName, scope))
    .map((attribute) => ({ attribute, gone: names.has(expand(attribute.nodeName, scope)) }));
  const all = [...elements, ...attributes];
  if (all.length > 0 && all.every(({ gone }) => gone))
    return [{ start: description.start, end: lineEnd(packet, description.end), text: '' }];
  return [
    ...elements
      .filter(({ gone }) => gone)
      .map(({ child }) => ({ start: child.start, end: lineEnd(packet, child.end), text: '' })),
    ...attributes
      .filter(({ gone }) => gone)
      .map(({ attribute }) => ({
        start: spaceBefore(packet, attribute.start),
        end: attribute.end,
        text: '',
      })),
  ];
}

/** The subject of a description; old packets write it without a prefix. */
const isAbout = (qualified: string, scope: Scope): boolean =>
  qualified === 'about' || expand(qualified, scope) === `${RDF}about`;

const elementsOf = (node: XmlNode): readonly XmlNode[] =>
  node.childNodes.filter(({ tagName }) => tagName !== undefined);

function scopeOf(node: XmlNode, outer: Scope): Scope {
  const declared = node.attributes.filter(({ nodeName }) => /^xmlns(:|$)/.test(nodeName));
  return declared.length > 0
    ? new Map([...outer, ...declared.map(({ nodeName, value }) => [nodeName.slice(6), value] as const)])
    : outer;
}

/** Whether the prefix of a name stands for something: a packet where it does not is none to others (ibid., 5). */
const isDeclared = (qualified: string, scope: Scope): boolean =>
  !qualified.includes(':') || scope.has(qualified.split(':')[0] ?? '');

/** A qualified name as namespace and local name in one (Namespaces in XML 1.0, 3). */
function expand(qualified: string, scope: Scope): string {
  const [prefix = '', local] = qualified.includes(':') ? qualified.split(':') : ['', qualified];
  return (scope.get(prefix) ?? '') + (local ?? '');
}

const spaceBefore = (packet: string, start: number): number => {
  let at = start;
  while (/\s/.test(packet[at - 1] ?? '')) at -= 1;
  return at;
};

const lineEnd = (packet: string, end: number): number => (packet[end] === '\n' ? end + 1 : end);
