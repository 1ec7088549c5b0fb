import { countryNamed } from '#core/address';
import { readCsv, writeCsv } from '#core/csv';
import { days, readWeek, writeWeek } from '#core/hours';
import { proposeRecord, type Proposal } from '#core/proposal';
import {
  emptyRecord,
  factHead,
  factOf,
  factRows,
  factText,
  isSet,
  knownFacts,
  refusedAddresses,
  wantedOf,
  withFact,
  type BusinessRecord,
  type Fact,
  type FactRow,
  type RowSpec,
} from '#core/record';
import { escapeHtml } from '#core/text';

/** A question to the client, in words that need no knowledge of the trade. */
export interface Question {
  /** The fact, or `hours` for the week as a whole. */
  readonly key: Fact | 'hours';
  readonly question: string;
  readonly how: string;
  /** What is known already; '' for an open question. */
  readonly known: string;
}

interface Asked extends NonNullable<RowSpec['ask']> {
  readonly key: Question['key'];
  readonly row: FactRow | undefined;
}

/** Every question, in the order in which people answer them. */
const asked: readonly Asked[] = [
  ...factRows.flatMap((row): Asked[] => (row.ask ? [{ ...row.ask, key: row.fact, row }] : [])),
  ...knownFacts.flatMap(({ key, ask }): Asked[] =>
    ask && key === 'hours' ? [{ ...ask, key, row: undefined }] : [],
  ),
].sort((a, b) => a.at - b.at);

/** The questions a record leaves open; with `all`, those that are answered too. */
export function intakeQuestions(record: BusinessRecord, all = false): readonly Question[] {
  return asked.flatMap(({ key, question, how, row }) => {
    const known = key === 'hours' ? writeWeek(record.hours) : factText(record, key);
    // Questions for other trades are not asked.
    if (row?.of && wantedOf(row, record) === 'optional') return [];
    const half = key.startsWith('address.') && isSet(record, 'address') && key === 'address.addressRegion';
    return all || (!known && !half) ? [{ key, question, how, known }] : [];
  });
}

const HEADINGS = ['Fact', 'Question', 'Answer', 'How to write it'] as const;

/** The intake sheet as CSV: a row for each question, the answer to be filled in. */
export const intakeCsv = (questions: readonly Question[]): string =>
  writeCsv([[...HEADINGS], ...questions.map(({ key, question, how, known }) => [key, question, known, how])]);

/** The intake sheet as a page to print: self-contained, nothing runs, nothing is fetched. */
export function intakePage(questions: readonly Question[], title: string): string {
  const rows = questions
    .map(
      ({ question, how, known }) =>
        `<section><h2>${escapeHtml(question)}</h2><p class="how">${escapeHtml(how)}</p><div class="answer">${escapeHtml(known)}</div></section>`,
    )
    .join('\n');
  return `<!doctype html>
<html lang="en"><head><meta charset="utf-8"><title>${escapeHtml(title)}</title>
<meta http-equiv="Content-Security-Policy" content="default-src 'none'; style-src 'unsafe-inline'">
<style>
body{font:12pt/1.4 system-ui,sans-serif;color:#1f2529;max-width:46rem;margin:2rem auto;padding:0 1rem}
h1{font-size:18pt}h2{font-size:12pt;margin:0}.how{margin:0;color:#3c454b;font-size:10pt}
section{break-inside:avoid;margin:0 0 1rem}.answer{min-height:2.2rem;border-bottom:1px solid #6b767d;white-space:pre-line}
</style></head>
<body><h1>${escapeHtml(title)}</h1><p>Please fill in what you know. What you leave blank stays as it is.</p>
${rows}
</body></html>
`;
}

export type IntakeReading =
  | { readonly ok: true; readonly proposals: readonly Proposal[]; readonly passedOver: readonly string[] }
  | { readonly ok: false; readonly message: string };

const COUNTRY = 'address.addressCountry';

/** Reads a filled-in sheet: answers become proposals, blanks and what is known already do not. */
export function readIntake(text: string, record: BusinessRecord): IntakeReading {
  const csv = readCsv(text);
  if (!csv.ok) return csv;
  const [head = [], ...rows] = csv.rows;
  const column = (name: string): number =>
    head.findIndex((cell) => cell.trim().toLowerCase() === name.toLowerCase());
  const [factAt, answerAt] = [column('Fact'), column('Answer')];
  if (factAt < 0 || answerAt < 0)
    return {
      ok: false,
      message: 'This is no intake sheet: it needs the columns “Fact” and “Answer”. Nothing was taken.',
    };
  // What figures of a date mean depends on the country, which may be among the answers.
  const country = rows.find((row) => row[factAt]?.trim() === COUNTRY)?.[answerAt]?.trim() ?? '';
  const there = country ? withFact(record, COUNTRY, countryNamed(country) || country) : record;
  let answered: BusinessRecord = emptyRecord;
  const passedOver: string[] = [];
  const lines = new Map<string, number>();
  for (const [at, row] of rows.entries()) {
    const key = (row[factAt] ?? '').trim();
    const given = (row[answerAt] ?? '').trim();
    if (!given) continue;
    if (key === 'hours') {
      const read = readWeek(given);
      if (read.faults.length > 0) passedOver.push(`Row ${String(at + 2)}: ${read.faults[0]?.message ?? ''}`);
      else if (writeWeek(read.hours) !== writeWeek(record.hours)) {
        answered = { ...answered, hours: read.hours };
        lines.set('hours', at + 2);
      }
      continue;
    }
    const fact = factRows.find((one) => one.fact === key)?.fact;
    const answer = (fact && meantBy(fact, given, there)) || given;
    if (!fact) passedOver.push(`Row ${String(at + 2)}: there is no fact “${key}”.`);
    else if (refusedAddresses(withFact(emptyRecord, fact, answer)).length > 0)
      passedOver.push(`Row ${String(at + 2)}: “${answer.slice(0, 60)}” is no address for visitors.`);
    else if (factText(withFact(emptyRecord, fact, answer), fact) !== factText(record, fact)) {
      answered = withFact(answered, fact, answer);
      lines.set(factHead(fact), at + 2);
    }
  }
  // Parts of an address that were not asked for stay.
  if (isSet(answered, 'address'))
    answered = {
      ...answered,
      address: {
        ...record.address,
        ...Object.fromEntries(Object.entries(answered.address).filter(([, part]) => part)),
      },
    };
  if (isSet(answered, 'hours'))
    answered = {
      ...answered,
      hours: {
        ...record.hours,
        ...Object.fromEntries(
          days.flatMap((day) => (answered.hours[day] ? [[day, answered.hours[day]] as const] : [])),
        ),
      },
    };
  return {
    ok: true,
    proposals: proposeRecord(answered, 'sheet', (unit) => `row ${String(lines.get(unit) ?? 0)}`),
    passedOver,
  };
}

/** What somebody meant by an answer, where it is not in the form of its fact: "ja", "12.3.1998". */
const meantBy = (fact: Fact, answer: string, record: BusinessRecord): string =>
  factOf(fact)?.meant(withFact(record, fact, answer)) ?? '';
