import type { BusinessRecord } from '#core/record';
import { jsonString, remember } from '#core/text';
import { jsonLdChoicesOf } from './choices.ts';
import { graphItems, organizationItem } from './graph.ts';
import type { MarkupItem, MarkupProperty, MarkupValue } from '#core/item';
import { businessItem } from './item.ts';
import { besidesOf } from './kept.ts';
import { MarkupWriter, type Markup } from './writer.ts';

const CONTEXT = 'https://schema.org';

/**
 * The record as a complete JSON-LD script element (JSON-LD 1.1 §7, context https://schema.org), indented by
 * two blanks, the same for the same record. Safe inside any HTML page.
 */
export function jsonLd(record: BusinessRecord): Markup {
  const choices = jsonLdChoicesOf(record);
  const business = businessItem(record, choices);
  const besides = choices.leftOut?.includes('kept') ? [] : besidesOf(record);
  if (besides.length > 0) return graph([business, ...besides], business);
  return script((writer) => writeItem(writer, business, '', CONTEXT));
}

/** Records as one `@graph` (JSON-LD 1.1 §4.9): organisation, pages, branches and images, each with its own `@id`. */
export function jsonLdGraph(records: readonly BusinessRecord[]): Markup {
  return graph(graphItems(records));
}

/** Items of a graph; the lines of its types and `@id` belong to the facts of the business, where one is named. */
function graph(items: readonly MarkupItem[], business?: MarkupItem): Markup {
  return script((writer) => {
    writer.add(`{\n  "@context": ${jsonString(CONTEXT)},\n  "@graph": [\n`);
    for (const [at, item] of items.entries()) {
      writer.add('    ');
      const isOuter = business ? item === business : item.types[0] !== 'ImageObject';
      writeItem(writer, item, '    ', '', isOuter);
      writer.add(at < items.length - 1 ? ',\n' : '\n');
    }
    writer.add('  ]\n}');
  });
}

/** The organisation with its branches, and their departments, inside it. */
export function jsonLdOrganization(records: readonly BusinessRecord[]): Markup {
  return script((writer) => writeItem(writer, organizationItem(records), '', CONTEXT));
}

/** The organisation with its branches named alone, each by its `@id`: for the home page, where no branch is at home. */
export const jsonLdReferences = (records: readonly BusinessRecord[]): Markup =>
  script((writer) => writeItem(writer, organizationItem(records, true), '', CONTEXT));

/** Properties of one name as a member of an object, every line of it indented. */
export function jsonLdProperty(same: readonly MarkupProperty[], indent: string): string {
  const writer = new MarkupWriter();
  writeProperty(writer, same, indent);
  return writer.done().text;
}

function script(write: (writer: MarkupWriter) => void): Markup {
  const writer = new MarkupWriter();
  writer.add('<script type="application/ld+json">\n');
  write(writer);
  writer.add('\n</script>');
  return writer.done();
}

function writeItem(
  writer: MarkupWriter,
  { types, id, properties }: MarkupItem,
  indent: string,
  context = '',
  outer = context !== '',
): void {
  if (types.length === 0 && properties.length === 0 && !context) {
    writer.add(`{ "@id": ${jsonString(id)} }`);
    return;
  }
  const inner = `${indent}  `;
  const facts = (fact: string): readonly string[] => (outer ? [fact] : NO_FACTS);
  let between = '{\n';
  if (context) {
    writer.add(`${between}${inner}"@context": ${jsonString(context)}`);
    between = ',\n';
  }
  if (types.length > 0) {
    writer.add(between);
    const [only] = types;
    writer.add(
      `${inner}"@type": ${types.length === 1 && only !== undefined ? jsonString(only) : `[${types.map(jsonString).join(', ')}]`}`,
      facts('types'),
    );
    between = ',\n';
  }
  if (id) {
    writer.add(between);
    writer.add(`${inner}"@id": ${jsonString(id)}`, facts('id'));
    between = ',\n';
  }
  let from = 0;
  while (from < properties.length) {
    const to = endOfName(properties, from);
    writer.add(between);
    if (outer) writeOuter(writer, properties, from, to, inner);
    else writeProperty(writer, properties.slice(from, to), inner);
    between = ',\n';
    from = to;
  }
  writer.add(`\n${indent}}`);
}

const NO_FACTS: readonly string[] = [];

/** The properties of one name as they were written last, by name: most of them do not change from markup to markup. */
const writtenLast = new Map<
  string,
  { readonly same: readonly MarkupProperty[]; readonly indent: string; readonly markup: Markup }
>();
const MOST = 1000;

/** Writes the properties of one name of the outer item, which begin at one place and end before another. */
function writeOuter(
  writer: MarkupWriter,
  properties: readonly MarkupProperty[],
  from: number,
  to: number,
  indent: string,
): void {
  const name = properties[from]?.name ?? '';
  const last = writtenLast.get(name);
  if (
    last?.indent === indent &&
    last.same.length === to - from &&
    last.same.every((one, at) => one === properties[from + at])
  ) {
    writer.append(last.markup);
    return;
  }
  const same = properties.slice(from, to);
  const own = new MarkupWriter();
  writeProperty(own, same, indent);
  const markup = own.done();
  if (writtenLast.size >= MOST) writtenLast.clear();
  writtenLast.set(name, { same, indent, markup });
  writer.append(markup);
}

/** Where the properties of one name end: a name may stand only once in an object. Items keep neighbours of one name together. */
function endOfName(properties: readonly MarkupProperty[], from: number): number {
  const name = properties[from]?.name;
  let to = from + 1;
  while (to < properties.length && properties[to]?.name === name) to += 1;
  return to;
}

/** A property's name as the beginning of a member: the same few hundred come again and again. */
const member = remember((name) => `${jsonString(name)}: `);

function writeProperty(writer: MarkupWriter, same: readonly MarkupProperty[], indent: string): void {
  const [first] = same;
  if (!first) return;
  const name = member(first.name);
  const count = same.reduce((sum, { values }) => sum + values.length, 0);
  const [only] = first.values;
  if (first.isList && same.length === 1) {
    writer.add(`${indent}${name}{ "@list": `);
    writeValues(writer, same, indent, true);
    writer.add(' }');
    return;
  }
  if (only && only.kind !== 'item' && (count === 1 || first.name === 'dayOfWeek')) {
    writer.add(indent);
    writer.add(
      `${name}${count === 1 ? scalar(only) : `[${first.values.map(scalar).join(', ')}]`}`,
      first.facts,
    );
    return;
  }
  writer.add(`${indent}${name}`);
  writeValues(writer, same, indent, count > 1);
}

/** The values of properties of one name, in brackets where there may be several. */
function writeValues(
  writer: MarkupWriter,
  same: readonly MarkupProperty[],
  indent: string,
  many: boolean,
): void {
  const count = same.reduce((sum, { values }) => sum + values.length, 0);
  if (many) writer.add('[\n');
  const inner = many ? `${indent}  ` : indent;
  let at = 0;
  for (const { values, facts } of same)
    for (const value of values) {
      if (many) writer.add(inner);
      if (value.kind === 'item') writeItem(writer, value.item, inner);
      else writer.add(scalar(value), facts);
      at += 1;
      if (many) writer.add(at < count ? ',\n' : '\n');
    }
  if (many) writer.add(`${indent}]`);
}

function scalar(value: MarkupValue): string {
  if (value.kind === 'item') return '';
  if (value.kind === 'number' || value.kind === 'boolean') return value.text;
  const text = jsonString(value.text);
  const { language, datatype } = value.kind === 'text' ? value : {};
  if (datatype) return `{ "@type": ${jsonString(datatype)}, "@value": ${text} }`;
  return language ? `{ "@language": ${jsonString(language)}, "@value": ${text} }` : text;
}
