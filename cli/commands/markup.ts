import { outputForms, writeMarkup } from '#core/markup';
import { oneOf, readRecord, readWords, type Command } from './command.ts';

const usage = `zinc markup RECORD [--format ${outputForms.join('|')}]`;

export const command: Command = {
  usage,
  run: async (words) => {
    const { values, positionals } = readWords(
      words,
      { format: { type: 'string', default: 'jsonld' } },
      usage,
    );
    const record = await readRecord(positionals[0]);
    process.stdout.write(`${writeMarkup(record, oneOf(values.format, outputForms, '--format')).text}\n`);
    return 0;
  },
};
