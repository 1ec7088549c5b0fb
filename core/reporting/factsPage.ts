import { factHead, factOf, factPart, factRows, groupLabels, knownFacts, type FactRow } from '#core/record';

const cell = (text: string): string => text.replaceAll('|', '\\|');

/** How markup says a fact: "address.streetAddress", "contactPoint". */
function said({ fact }: FactRow): string {
  const property = factOf(factHead(fact))?.property ?? '';
  const part = factPart(fact);
  return property ? `\`${part ? `${property}.${part}` : property}\`` : 'no markup says it';
}

/** The page docs/facts.md: every fact as its descriptor has it. */
export function factsPage(): string {
  const rows = factRows.map((row) => {
    const { fact, label, group, wanted, of, about, headings = '', ask } = row;
    const kind = factOf(factHead(fact))?.kind.name ?? '';
    const asks = ask?.question ?? '';
    const names = headings.split(';').filter(Boolean).slice(0, 3).join(', ');
    return `| \`${fact}\` | ${cell(label)} | ${groupLabels[group]} | ${kind} | ${said(row)} | ${wanted}${of ? ` of ${of}` : ''} | ${cell(about)} | ${cell(names)} | ${cell(asks)} |`;
  });
  return [
    '# Facts',
    '',
    'Made from the descriptors in `core/record/facts/` by `npm run docs`. Everything that concerns facts is derived from them: the sheet, all forms of markup and block, reading, judging, the three-way comparison, spreadsheets, the intake sheet, the guidelines.',
    '',
    `${String(knownFacts.length)} facts in ${String(factRows.length)} rows. Headings are the first few by which a column of a spreadsheet is known.`,
    '',
    '| fact | called | group | kind | markup | wanted | what it is good for | headings | asked |',
    '| --- | --- | --- | --- | --- | --- | --- | --- | --- |',
    ...rows,
    '',
  ].join('\n');
}
