import { outputForms } from '#core/markup';
import { placeTreated, presetSchema, readPlacement, treatments, usualPlacement } from '#core/page';
import { refusalOfAddresses } from '#core/record';
import { CannotRun, oneOf, readRecord, readSettings, readWords, type Command } from './command.ts';
import { changePages } from './pages.ts';

const usage = `zinc place PAGE|FOLDER… --record RECORD [--format ${outputForms.join('|')}] [--preset FILE]
           [--at head|body-begin|body-end|before:SEL|after:SEL|inside:SEL] [--existing keep|adopt|replace]
           [--out FILE|DIR]`;

export const command: Command = {
  usage,
  run: async (words) => {
    const options = {
      record: { type: 'string' },
      format: { type: 'string' },
      preset: { type: 'string' },
      at: { type: 'string' },
      existing: { type: 'string', default: 'keep' },
      out: { type: 'string' },
    } as const;
    const { values, positionals } = readWords(words, options, usage);
    if (positionals.length === 0) throw new CannotRun(usage);
    const preset =
      values.preset === undefined ? undefined : await readSettings(values.preset, presetSchema, 'preset');
    const form =
      values.format === undefined
        ? (preset?.form ?? 'jsonld')
        : oneOf(values.format, outputForms, '--format');
    const at = values.at === undefined ? (preset?.at ?? usualPlacement[form]) : readPlacement(values.at);
    if (!at)
      throw new CannotRun(
        `--at takes head, body-begin, body-end, or before:, after: or inside: with a CSS selector, not “${values.at ?? ''}”.`,
      );
    const existing = oneOf(values.existing, treatments, '--existing');
    const read = await readRecord(values.record);
    const record = preset?.output ? { ...read, output: preset.output } : read;
    const refused = refusalOfAddresses(record);
    if (refused) throw new CannotRun(refused);
    const status = await changePages(positionals, values.out, (bytes) =>
      placeTreated(bytes, { record, form, at, existing }),
    );
    if (values.out)
      process.stderr.write(
        status === 0 ? 'Placed, read back and proved.\n' : 'Placed, but not all reads back as meant.\n',
      );
    return status;
  },
};
