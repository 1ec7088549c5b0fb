import { Parser } from 'htmlparser2';
import { applyEdits, escapeXml, type Edit } from '#core/text';

/** Namespaces (XMP Specification Part 1 and 2, IPTC Photo Metadata Standard). */
export const namespaces = {
  dc: 'http://purl.org/dc/elements/1.1/',
  exif: 'http://ns.adobe.com/exif/1.0/',
  photoshop: 'http://ns.adobe.com/photoshop/1.0/',
  Iptc4xmpCore: 'http://iptc.org/std/Iptc4xmpCore/1.0/xmlns/',
  Iptc4xmpExt: 'http://iptc.org/std/Iptc4xmpExt/2008-02-29/',
} as const;
export type Prefix = keyof typeof namespaces;

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

export type XmpResult = { readonly ok: true; readonly packet: string } | { readonly ok: false; readonly message: string };

/**
 * Sets properties in an XMP packet. Everything else in the packet stays as it is, to the letter; old values
 * of the properties that are set are taken out, whatever prefix or form they had. '' begins a new packet.
 */
export function mergeXmp(old: string, properties: readonly XmpProperty[]): XmpResult {
  if (!old.trim()) return { ok: true, packet: newPacket(properties) };
  const found = locate(old, new Set(properties.map(({ prefix, name }) => namespaces[prefix] + name)));
  if (!found) return { ok: false, message: 'The XMP data of this photo is damaged, so nothing was written into it.' };
  const block = description(properties, found.about);
  return { ok: true, packet: applyEdits(old, [...found.removals, { start: found.rdfEnd, end: found.rdfEnd, text: block }]) };
}

const newPacket = (properties: readonly XmpProperty[]): string =>
  `<?xpacket begin="\uFEFF" id="W5M0MpCehiHzreSzNTczkc9d"?>\n<x:xmpmeta xmlns:x="adobe:ns:meta/">\n<rdf:RDF xmlns:rdf="${RDF}">\n${description(properties, '')}</rdf:RDF>\n</x:xmpmeta>\n<?xpacket end="w"?>`;

function description(properties: readonly XmpProperty[], about: string): string {
  const prefixes = new Set<Prefix>(properties.flatMap(({ prefix, value }) => [prefix, ...(value.kind.startsWith('struct') ? (['Iptc4xmpCore', 'Iptc4xmpExt'] as const) : [])]));
  const declared = [...prefixes].sort().map((prefix) => ` xmlns:${prefix}="${namespaces[prefix]}"`);
  return `<rdf:Description xmlns:rdf="${RDF}" rdf:about="${escapeXml(about)}"${declared.join('')}>\n${properties.map(write).join('')}</rdf:Description>\n`;
}

function write({ prefix, name, value }: XmpProperty): string {
  const element = (content: string, attributes = ''): string => `<${prefix}:${name}${attributes}>${content}</${prefix}:${name}>\n`;
  const items = (container: string, texts: readonly string[], attribute = ''): string =>
    `<rdf:${container}>${texts.map((text) => `<rdf:li${attribute}>${escapeXml(text)}</rdf:li>`).join('')}</rdf:${container}>`;
  switch (value.kind) {
    case 'text':
      return element(escapeXml(value.text));
    case 'alt':
      return element(items('Alt', [value.text], ' xml:lang="x-default"'));
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

interface Located {
  /** Offset before the end tag of rdf:RDF. */
  readonly rdfEnd: number;
  readonly about: string;
  readonly removals: readonly Edit[];
}

interface OpenElement {
  readonly name: string;
  readonly start: number;
  readonly scope: ReadonlyMap<string, string>;
  /** What is left of an rdf:Description when the removals are done. */
  kept: number;
  removed: Edit[];
}

/** Finds where to write and what to take out. undefined where the packet is no well-formed RDF. */
function locate(packet: string, names: ReadonlySet<string>): Located | undefined {
  const stack: OpenElement[] = [];
  const removals: Edit[] = [];
  let about: string | undefined;
  let rdfEnd: number | undefined;
  let damaged = false;
  let attributes: { name: string; value: string; start: number; end: number }[] = [];
  const expand = (qualified: string, scope: ReadonlyMap<string, string>): string => {
    const [prefix = '', local] = qualified.includes(':') ? qualified.split(':') : ['', qualified];
    return (scope.get(prefix) ?? '') + (local ?? '');
  };
  const parser = new Parser(
    {
      onattribute(name, value) {
        attributes.push({ name, value, start: parser.startIndex, end: parser.endIndex });
      },
      onopentag(qualified) {
        const parent = stack.at(-1);
        const scope = new Map(parent?.scope ?? [['rdf', ''], ['xml', 'xml:']]);
        for (const { name, value } of attributes) if (name === 'xmlns' || name.startsWith('xmlns:')) scope.set(name.slice(6), value);
        const opened: OpenElement = { name: expand(qualified, scope), start: parser.startIndex, scope, kept: 0, removed: [] };
        if (opened.name === `${RDF}Description` && parent?.name === `${RDF}RDF`) {
          for (const { name, value, start, end } of attributes) {
            const expanded = expand(name, scope);
            if (expanded === `${RDF}about` || name === 'about') about ??= value;
            else if (names.has(expanded)) opened.removed.push({ start: spaceBefore(packet, start), end: attributeEnd(packet, end), text: '' });
            else if (!name.startsWith('xmlns')) opened.kept += 1;
          }
        }
        attributes = [];
        stack.push(opened);
      },
      onclosetag(_, implied) {
        const closed = stack.pop();
        if (!closed) return;
        if (implied && packet[parser.endIndex] !== '>') damaged = true;
        const parent = stack.at(-1);
        const end = parser.endIndex + 1;
        if (closed.name === `${RDF}RDF`) rdfEnd = packet.lastIndexOf('<', parser.endIndex);
        else if (closed.name === `${RDF}Description` && parent?.name === `${RDF}RDF`) {
          const gone = closed.kept === 0 && closed.removed.length > 0;
          removals.push(...(gone ? [{ start: closed.start, end: lineEnd(packet, end), text: '' }] : closed.removed));
        } else if (parent?.name === `${RDF}Description` && stack.at(-2)?.name === `${RDF}RDF`) {
          if (names.has(closed.name)) parent.removed.push({ start: closed.start, end: lineEnd(packet, end), text: '' });
          else parent.kept += 1;
        }
      },
    },
    { xmlMode: true, decodeEntities: true },
  );
  parser.end(packet);
  if (damaged || rdfEnd === undefined || stack.length > 0) return undefined;
  return { rdfEnd, about: about ?? '', removals };
}

const spaceBefore = (packet: string, start: number): number => {
  let at = start;
  while (/\s/.test(packet[at - 1] ?? '')) at -= 1;
  return at;
};

/** Behind the closing quote of an attribute whose last character is at or before `end`. */
const attributeEnd = (packet: string, end: number): number => (/["']/.test(packet[end] ?? '') ? end + 1 : end);

const lineEnd = (packet: string, end: number): number => (packet[end] === '\n' ? end + 1 : end);
