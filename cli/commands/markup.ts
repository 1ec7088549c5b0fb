import { markupForms, outputForms, writeMarkup } from '#core/markup';
import { lostIn } from '#core/proposal';
import { oneOf, readBusiness, readWords, type Command } from './command.ts';

const usage = `zinc markup RECORD [--format ${outputForms.join('|')}]`;

export const command: Command = {
  usage,
  run: async (words) => {
    const { values, positionals } = readWords(
      words,
      { format: { type: 'string', default: 'jsonld' } },
      usage,
    );
    const { record, business, items, beyond } = await readBusiness(positionals[0]);
    const form = oneOf(values.format, outputForms, '--format');
    const { text } = writeMarkup(record, form);
    process.stdout.write(`${text}\n`);
    const isMarkup = markupForms.some((one) => one === form);
    const lost = isMarkup ? [...new Set([...lostIn(business, items, text), ...beyond])] : [];
    if (lost.length > 0) process.stderr.write(`zinc: ${form} does not say as it came: ${lost.join(', ')}\n`);
    return 0;
  },
};
