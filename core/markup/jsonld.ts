import type { BusinessRecord, Fact } from '#core/record';
import { jsonString } from '#core/text';
import { businessItem, type MarkupItem, type MarkupProperty, type MarkupValue } from './item.ts';
import { MarkupWriter, type Markup } from './writer.ts';

const CONTEXT = 'https://schema.org';

/**
 * The record as a complete JSON-LD script element (JSON-LD 1.1 §7, context https://schema.org), indented by
 * two blanks, the same for the same record. Safe inside any HTML page.
 */
export function jsonLd(record: BusinessRecord): Markup {
  const writer = new MarkupWriter();
  writer.add('<script type="application/ld+json">\n');
  writeItem(writer, businessItem(record), '', CONTEXT);
  writer.add('\n</script>');
  return writer.done();
}

function writeItem(writer: MarkupWriter, item: MarkupItem, indent: string, context = ''): void {
  const inner = `${indent}  `;
  const head: [string, readonly Fact[]][] = [];
  if (context) head.push([`"@context": ${jsonString(context)}`, []]);
  const types = item.types.map(jsonString);
  head.push([
    `"@type": ${types.length === 1 ? (types[0] ?? '') : `[${types.join(', ')}]`}`,
    context ? ['types'] : [],
  ]);
  if (item.id) head.push([`"@id": ${jsonString(item.id)}`, ['id']]);
  writer.add('{\n');
  for (const [at, [line, facts]] of head.entries()) {
    const last = at === head.length - 1 && item.properties.length === 0;
    writer.add(`${inner}${line}${last ? '' : ','}\n`, facts);
  }
  for (const [at, property] of item.properties.entries()) {
    writeProperty(writer, property, inner);
    writer.add(at < item.properties.length - 1 ? ',\n' : '\n');
  }
  writer.add(`${indent}}`);
}

function writeProperty(writer: MarkupWriter, { name, facts, values }: MarkupProperty, indent: string): void {
  const simple = values.every((value) => value.kind !== 'item');
  if (simple && (values.length === 1 || name === 'dayOfWeek')) {
    const written = values.map(scalar);
    writer.add(
      `${indent}${jsonString(name)}: ${written.length === 1 ? (written[0] ?? '') : `[${written.join(', ')}]`}`,
      facts,
    );
    return;
  }
  writer.add(`${indent}${jsonString(name)}: `);
  const many = values.length > 1;
  if (many) writer.add('[\n');
  for (const [at, value] of values.entries()) {
    const inner = many ? `${indent}  ` : indent;
    if (many) writer.add(inner);
    if (value.kind === 'item') writeItem(writer, value.item, inner);
    else writer.add(scalar(value), facts);
    if (many) writer.add(at < values.length - 1 ? ',\n' : '\n');
  }
  if (many) writer.add(`${indent}]`);
}

const scalar = (value: MarkupValue): string =>
  value.kind === 'item' ? '' : value.kind === 'number' ? value.text : jsonString(value.text);
