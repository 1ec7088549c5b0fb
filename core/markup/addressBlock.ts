import { addressLines, addressParts, countryCode } from '#core/address';
import { usualOutput, type BusinessRecord } from '#core/record';
import { escapeHtml, plainText } from '#core/text';
import { addressInOrder, spokenOf, withoutThese } from './display.ts';
import type { Spoken } from './language.ts';
import { spanOf, type HtmlSyntax } from './syntax.ts';
import type { MarkupWriter } from './writer.ts';

/** A stretch of a line: its HTML, and the fact that it says. */
type Written = readonly [html: string, fact?: string];

/** The address as the block has it: its parts in the order that was chosen, its second line and box under the street. */
export function writeAddress(
  writer: MarkupWriter,
  record: BusinessRecord,
  syntax: HtmlSyntax,
  oneLine: boolean,
  attributes: string,
): void {
  const { address } = record;
  const spoken = spokenOf(record);
  const tag = oneLine ? 'span' : 'address';
  writer.add(`  <${tag}${syntax.item(['PostalAddress'], '', 'address')}${attributes}>\n`);
  const { withoutParts, addressOrder } = (record.output ?? usualOutput).block;
  const lines = addressInOrder(
    addressLines(withoutThese(address, withoutParts), true),
    addressOrder,
    withoutParts,
  );
  const written = lines.map((line): readonly Written[] =>
    line.map(({ part, text }) => {
      if (!part) return [escapeHtml(text)];
      if (part !== 'addressCountry') return [spanOf(syntax, part, plainText(text)), `address.${part}`];
      const code = countryCode(address.addressCountry) || plainText(address.addressCountry);
      return [syntax.said(part, code, escapeHtml(spoken.country(code))), `address.${part}`];
    }),
  );
  const street = lines.findIndex((line) => line.some(({ part }) => part === 'streetAddress'));
  const all = written.toSpliced(street + 1, 0, ...detailsOf(record, syntax, spoken).map((one) => [one]));
  for (const [at, line] of all.entries()) {
    writer.add('    ');
    for (const [html, fact] of line) writer.add(html, fact ? [fact] : []);
    writer.add(at < all.length - 1 ? (oneLine ? ', \n' : '<br>\n') : '\n');
  }
  // What visitors need not read is still told to machines.
  for (const part of addressParts)
    if (withoutParts.includes(part) && address[part].trim()) {
      const told = part === 'addressCountry' ? countryCode(address[part]) || address[part] : address[part];
      const meta = syntax.meta(part, plainText(told));
      if (meta) writer.add(`    ${meta}\n`, [`address.${part}`]);
    }
  writer.add(`  </${tag}>${oneLine ? ' ' : ''}\n`);
}

/** The second line and the box, as visitors read them. */
function detailsOf(record: BusinessRecord, syntax: HtmlSyntax, spoken: Spoken): readonly Written[] {
  const { extendedAddress, postOfficeBoxNumber } = record;
  const [line, box] = [plainText(extendedAddress), plainText(postOfficeBoxNumber)];
  const word = escapeHtml(spoken.say('PO box'));
  const found: Written[] = [];
  if (line) found.push([spanOf(syntax, 'extendedAddress', line), 'extendedAddress']);
  if (box) found.push([`${word} ${spanOf(syntax, 'postOfficeBoxNumber', box)}`, 'postOfficeBoxNumber']);
  return found;
}
