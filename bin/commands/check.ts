import { check, type Check, type Finding } from '#core/checking';
import { CannotRun, readRecord, readText, readWords, type Command } from './command.ts';

const usage = 'zinc check SOURCE [--url URL] [--record RECORD] [--json]';

export const command: Command = {
  usage,
  run: async (words) => {
    const { values, positionals } = readWords(
      words,
      { url: { type: 'string' }, record: { type: 'string' }, json: { type: 'boolean' } },
      usage,
    );
    const [source] = positionals;
    if (!source) throw new CannotRun(usage);
    const record = values.record === undefined ? undefined : await readRecord(values.record);
    const { items, findings, summary, threeWay } = check(await readText(source), { url: values.url, record });
    process.stdout.write(
      values.json
        ? `${JSON.stringify({ items, findings, summary, threeWay })}\n`
        : report(source, findings, summary),
    );
    return summary.must > 0 ? 1 : 0;
  },
};

function report(
  source: string,
  findings: readonly Finding[],
  { must, should, note }: Check['summary'],
): string {
  const lines = findings.map(
    ({ grade, code, message, place, mend }) =>
      `${source}:${String(place.line)}:${String(place.column)}: ${grade} ${code}: ${message}${mend ? ' (can be mended)' : ''}`,
  );
  return [...lines, `${String(must)} must, ${String(should)} should, ${String(note)} note`, ''].join('\n');
}
