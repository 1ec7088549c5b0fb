import { faultTable } from '#core/fault';
import { writeCsv } from '#core/csv';
import { counted, escapeHtml, ownPage } from '#core/text';
import { summarise, type Summary } from '#core/fault';
import type { KeptFinding } from './compare.ts';

/** What a report tells of. */
export interface Reported {
  readonly title: string;
  /** When it was checked, as people of the client read dates. */
  readonly date: string;
  /** How many pages were read. */
  readonly pages: number;
  readonly found: readonly KeptFinding[];
}

/** Every finding as CSV (RFC 4180), safe to open in a spreadsheet. */
export function reportCsv({ found }: Reported): string {
  return writeCsv([
    ['page', 'line', 'column', 'grade', 'code', 'property', 'message', 'characters', 'after'],
    ...found.map(({ page, finding: { code, grade, message, place, property }, excerpt }) => [
      page,
      String(place.line),
      String(place.column),
      grade,
      code,
      property ?? '',
      message,
      excerpt,
      faultTable[code].source,
    ]),
  ]);
}

const GRADES = { must: '◆', should: '◈', note: '◇' } as const;

/** The report as one HTML page without anything outside it, to send and to print. */
export function reportHtml(reported: Reported): string {
  const { title, date, pages, found } = reported;
  const summary = summarise(found.map(({ finding }) => finding));
  const byPage = new Map<string, KeptFinding[]>();
  for (const one of found) byPage.set(one.page, [...(byPage.get(one.page) ?? []), one]);
  const sections = [...byPage].map(([page, list]) => section(page, list)).join('');
  const none = '<p>Nothing to find fault with: a machine reads this as it is meant.</p>';
  const body = `<h1>${escapeHtml(title)}</h1>
<p class="about">Checked ${escapeHtml(date)}. ${counted(pages, 'page')} read. ${counts(summary)}</p>
<p class="key">◆ must: a machine reads it wrong or not at all. ◈ should: poorer than it could be, or against the guidelines. ◇ note: worth knowing.</p>
${sections || none}`;
  return ownPage({
    title: `${title}: findings`,
    style: STYLE,
    body,
  });
}

const counts = ({ must, should, note }: Summary): string =>
  `<b>${String(must)}</b> must, <b>${String(should)}</b> should, <b>${String(note)}</b> note.`;

function section(page: string, list: readonly KeptFinding[]): string {
  const rows = list
    .map(
      ({ finding: { grade, code, message, place }, excerpt }) =>
        `<tr class="${grade}"><td class="grade">${GRADES[grade]} ${grade}</td><td>${String(place.line)}:${String(place.column)}</td><td>${escapeHtml(message)}${excerpt ? `<br><code>${escapeHtml(excerpt)}</code>` : ''}</td><td class="code">${code}<br>${escapeHtml(faultTable[code].source)}</td></tr>`,
    )
    .join('\n');
  return `<h2>${page ? escapeHtml(page) : 'The whole site'}</h2>
<table>
<thead><tr><th>Grade</th><th>Line</th><th>What a machine makes of it</th><th>Code, after</th></tr></thead>
<tbody>
${rows}
</tbody>
</table>
`;
}

const STYLE = `
body { font: 14px/1.45 'Atkinson Hyperlegible Next', system-ui, sans-serif; color: #1f2529; background: #fafaf8; margin: 2rem auto; max-width: 62rem; padding: 0 1rem; }
h1 { font-size: 1.4rem; margin: 0; }
h2 { font-size: 1rem; margin: 1.6rem 0 .3rem; overflow-wrap: anywhere; break-after: avoid; }
.about, .key { margin: .3rem 0; }
.key { color: #3c454b; font-size: 12.5px; }
table { border-collapse: collapse; width: 100%; }
th { text-align: left; font-size: 12px; color: #3c454b; border-bottom: 1px solid #6b767d; }
th, td { padding: .25rem .6rem .25rem 0; vertical-align: top; }
td { border-bottom: 1px solid #e8ebec; }
tr { break-inside: avoid; }
.grade { white-space: nowrap; font-weight: 600; }
.must .grade { color: #6b2d5c; }
.code { font-size: 12px; color: #3c454b; }
code { font-family: 'Atkinson Hyperlegible Mono', ui-monospace, monospace; font-size: 12.5px; background: #e8ebec; overflow-wrap: anywhere; }
@media print { body { margin: 0; max-width: none; background: none; } }
`;
