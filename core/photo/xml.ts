import { Parser } from 'htmlparser2';

/**
 * A node of an XML document. The names are those of the DOM as far as readers of XMP use it, so that a tree
 * can be handed to them; `start` and `end` are offsets in the source, end exclusive.
 */
export interface XmlNode {
  readonly nodeName: string;
  readonly tagName: string | undefined;
  readonly nodeValue: string | null;
  readonly attributes: readonly XmlAttribute[];
  readonly childNodes: XmlNode[];
  readonly start: number;
  /** Before the end tag; behind a start tag that closes itself. */
  contentEnd: number;
  end: number;
}

interface XmlAttribute {
  readonly nodeName: string;
  readonly value: string;
  readonly start: number;
  readonly end: number;
}

/** The names of elements (XML Namespaces 1.0, 4), and what may follow one in an end tag. */
const NAME = /^[\p{L}_][\p{L}\p{N}._-]*(?::[\p{L}_][\p{L}\p{N}._-]*)?$/u;
const END = /^\s*>$/;

/** XMP is nested a dozen levels deep; a tree much deeper is made to exhaust whoever walks it. */
const DEEPEST = 100;

/**
 * Reads XML into a tree below a nameless root; undefined where elements are not closed in their order, or are
 * nested deeper than anybody writes them. No entities are expanded but XML's own.
 */
export function readXml(source: string): XmlNode | undefined {
  const root = element('#document', [], 0);
  const stack = [root];
  let attributes: XmlAttribute[] = [];
  const read = { isBroken: false };
  const parser = new Parser(
    {
      onattribute(name, value) {
        attributes.push({
          nodeName: name,
          value,
          start: parser.startIndex,
          end: behindQuote(source, parser.endIndex),
        });
      },
      onopentag(name) {
        const opened = element(name, attributes, parser.startIndex);
        attributes = [];
        if (stack.length > DEEPEST) {
          read.isBroken = true;
          parser.pause();
          return;
        }
        stack.at(-1)?.childNodes.push(opened);
        stack.push(opened);
      },
      ontext(text) {
        stack.at(-1)?.childNodes.push({
          ...element('#text', [], parser.startIndex),
          tagName: undefined,
          nodeValue: text,
        });
      },
      onclosetag() {
        const closed = stack.length > 1 ? stack.pop() : undefined;
        if (!closed) return;
        closed.end = parser.endIndex + 1;
        closed.contentEnd = Math.max(source.lastIndexOf('<', parser.endIndex), closed.start);
        const closes = source.slice(closed.contentEnd, closed.end);
        const isClosed =
          closes.startsWith(`</${closed.nodeName}`) && END.test(closes.slice(closed.nodeName.length + 2));
        if ((!isClosed && !closes.endsWith('/>')) || !NAME.test(closed.nodeName)) read.isBroken = true;
      },
    },
    { xmlMode: true },
  );
  parser.end(source);
  if (read.isBroken || stack.length > 1) return undefined;
  joinTexts(root);
  return root;
}

const element = (name: string, attributes: readonly XmlAttribute[], start: number): XmlNode => ({
  nodeName: name,
  tagName: name,
  nodeValue: null,
  attributes,
  childNodes: [],
  start,
  contentEnd: start,
  end: start,
});

const behindQuote = (source: string, end: number): number => (/["']/.test(source[end] ?? '') ? end + 1 : end);

/** The parser hands over a text in several pieces when it holds character references. */
function joinTexts(node: XmlNode): void {
  const joined: XmlNode[] = [];
  for (const child of node.childNodes) {
    const last = joined.at(-1);
    if (child.nodeName === '#text' && last?.nodeName === '#text')
      joined[joined.length - 1] = { ...last, nodeValue: (last.nodeValue ?? '') + (child.nodeValue ?? '') };
    else joined.push(child);
    if (child.childNodes.length > 0) joinTexts(child);
  }
  node.childNodes.splice(0, node.childNodes.length, ...joined);
}
