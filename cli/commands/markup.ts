import {
  isClientForm,
  jsonLdGraph,
  markedForms,
  markupForms,
  writeClientMarkup,
  writeMarkup,
} from '#core/markup';
import { lostIn } from '#core/proposal';
import { branchesIn } from './branches.ts';
import { CannotRun, type Command } from '../command.ts';
import { oneOf, readWords } from './sources.ts';

const usage = `zinc markup RECORD [--format FORM]
           a FORM is ${markedForms.join(', ')};
           of several businesses in RECORD each is written, organization and branches tell of all of them`;

export const command: Command = {
  usage,
  run: async (words) => {
    const { values, positionals } = readWords(
      words,
      { format: { type: 'string', default: 'jsonld' } },
      usage,
    );
    if (positionals.length > 1) throw new CannotRun(usage);
    const branches = await branchesIn(positionals[0]);
    const form = oneOf(values.format, markedForms, '--format');
    const records = branches.map(({ record }) => record);
    if (isClientForm(form)) {
      process.stdout.write(`${writeClientMarkup(records, form).text}\n`);
      return 0;
    }
    const texts = records.map((record) => writeMarkup(record, form).text);
    const isOneGraph = form === 'graph' && records.length > 1;
    process.stdout.write(`${isOneGraph ? jsonLdGraph(records).text : texts.join('\n')}\n`);
    if (!markupForms.some((one) => one === form)) return 0;
    const lost = branches.flatMap(({ business, besides, beyond }, at) => [
      ...lostIn(business, besides, texts[at] ?? ''),
      ...beyond,
    ]);
    if (lost.length > 0)
      process.stderr.write(`zinc: ${form} does not say as it came: ${[...new Set(lost)].join(', ')}\n`);
    return 0;
  },
};
