import { faultTable, isFaultCode, type FaultCode } from '#core/fault';
import { examples, siteExamples } from '#core/checking';

/** The page docs/findings.md: every code with its grade, meaning, source and examples. */
export function findingsPage(): string {
  const codes = Object.keys(faultTable).filter(isFaultCode);
  const rows = codes.map((code) => {
    const { grade, meaning, source } = faultTable[code];
    return `| [\`${code}\`](#${code.replace('/', '')}) | ${grade} | ${meaning} | ${source} |`;
  });
  return [
    '# Findings',
    '',
    'Made from the table in `core/fault/table.ts` and the examples in `core/checking/examples.ts` by `npm run docs`. Codes are stable: they are never renamed.',
    '**must**: a machine reads it wrong or not at all. **should**: poorer than it could be, or against the guidelines. **note**: worth knowing.',
    '',
    '| code | grade | what it says | after |',
    '| --- | --- | --- | --- |',
    ...rows,
    '',
    ...codes.flatMap(section),
  ].join('\n');
}

function section(code: FaultCode): readonly string[] {
  const [example, site] = [examples[code], siteExamples[code]];
  if (example) {
    const beside = [
      ...(example.url ? [`On the page ${example.url}:`, ''] : []),
      ...(example.record ? ['Beside the record:', '', ...fenced(example.record), ''] : []),
    ];
    return [
      `## ${code}`,
      '',
      ...beside,
      'Wrong:',
      '',
      ...fenced(example.wrong),
      '',
      'Right:',
      '',
      ...fenced(example.right),
      '',
    ];
  }
  if (!site) return [`## ${code}`, '', 'Told in the record only; markup does not carry it.', ''];
  const pages = (all: Readonly<Record<string, string>>): string =>
    Object.entries(all)
      .map(([url, source]) => `<!-- ${url} -->\n${source}`)
      .join('\n');
  return [
    `## ${code}`,
    '',
    'Wrong:',
    '',
    ...fenced(pages(site.wrong)),
    '',
    'Right:',
    '',
    ...fenced(pages(site.right)),
    '',
  ];
}

const fenced = (source: string): readonly string[] => [
  `\`\`\`${source.startsWith('<') ? 'html' : 'json'}`,
  ...source.split('\n'),
  '```',
];
