import { addressLines, addressParts, countryCode } from '#core/address';
import { usualOutput, type BusinessRecord } from '#core/record';
import { escapeHtml, plainText } from '#core/text';
import { addressInOrder, spokenOf, withoutThese } from './display.ts';
import type { Spoken } from './language.ts';
import { spanOf, type HtmlSyntax } from './syntax.ts';
import type { MarkupWriter } from './writer.ts';

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
  const details = detailsOf(record, syntax, spoken);
  const street = lines.findIndex((line) => line.some(({ part }) => part === 'streetAddress'));
  const end = oneLine ? ', \n' : '<br>\n';
  const beside = (): void => {
    for (const [name, html] of details) writer.add(`    ${html}${end}`, [name]);
  };
  if (street < 0) beside();
  for (const [at, line] of lines.entries()) {
    writer.add('    ');
    for (const { part, text } of line) {
      if (part === 'addressCountry') {
        const code = countryCode(address.addressCountry) || plainText(address.addressCountry);
        const shown = escapeHtml(spoken.country(code));
        writer.add(syntax.said(part, code, shown), [`address.${part}`]);
      } else if (part) writer.add(spanOf(syntax, part, plainText(text)), [`address.${part}`]);
      else writer.add(escapeHtml(text));
    }
    writer.add(at < lines.length - 1 || (at === street && details.length > 0) ? end : '\n');
    if (at === street) beside();
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
function detailsOf(
  record: BusinessRecord,
  syntax: HtmlSyntax,
  spoken: Spoken,
): readonly (readonly [name: string, html: string])[] {
  const { extendedAddress, postOfficeBoxNumber } = record;
  const [line, box] = [plainText(extendedAddress), plainText(postOfficeBoxNumber)];
  const word = escapeHtml(spoken.say('PO box'));
  return [
    ...(line ? [['extendedAddress', spanOf(syntax, 'extendedAddress', line)] as const] : []),
    ...(box
      ? [['postOfficeBoxNumber', `${word} ${spanOf(syntax, 'postOfficeBoxNumber', box)}`] as const]
      : []),
  ];
}
