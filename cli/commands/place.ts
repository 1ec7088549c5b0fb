import { isClientForm, markedForms } from '#core/markup';
import { placeTreated, presetSchema, readPlacement, treatments, usualPlacement } from '#core/page';
import { readSource } from '#core/reading';
import { refusalOfAddresses } from '#core/record';
import { decodeText } from '#core/encoding';
import { addressing, nobodys, ownBranchOf, readBranches } from './branches.ts';
import { CannotRun, type Command } from '../command.ts';
import { oneOf, readSettings, readWords } from './sources.ts';
import { changePages, isOnePage } from './pages.ts';

const usage = `zinc place PAGE|FOLDER… --record RECORD [--format FORM] [--preset FILE]
           [--at head|body-begin|body-end|before:SEL|after:SEL|inside:SEL] [--existing keep|adopt|replace]
           [--correct] [--url URL] [--out FILE|DIR]
           a FORM is ${markedForms.join(', ')};
           of several businesses in RECORD each page gets its own, organization and branches tell of all of them;
           --correct also puts right what visitors read beside markup of ours that is placed anew, where that is what
           it said before the record changed;
           --url is the address of the folder, or of the one page, on the web`;

export const command: Command = {
  usage,
  run: async (words) => {
    const options = {
      record: { type: 'string' },
      format: { type: 'string' },
      preset: { type: 'string' },
      at: { type: 'string' },
      existing: { type: 'string', default: 'keep' },
      correct: { type: 'boolean', default: false },
      url: { type: 'string' },
      out: { type: 'string' },
    } as const;
    const { values, positionals } = readWords(words, options, usage);
    if (positionals.length === 0) throw new CannotRun(usage);
    const preset =
      values.preset === undefined ? undefined : await readSettings(values.preset, presetSchema, 'preset');
    const form =
      values.format === undefined
        ? (preset?.form ?? 'jsonld')
        : oneOf(values.format, markedForms, '--format');
    const at = values.at === undefined ? (preset?.at ?? usualPlacement[form]) : readPlacement(values.at);
    if (!at)
      throw new CannotRun(
        `--at takes head, body-begin, body-end, or before:, after: or inside: with a CSS selector, not “${values.at ?? ''}”.`,
      );
    const existing = oneOf(values.existing, treatments, '--existing');
    const corrects = values.correct ? ('carried' as const) : [];
    const output = preset?.output;
    const all = (await readBranches(values.record)).map((read) => (output ? { ...read, output } : read));
    const refused = all.map(refusalOfAddresses).find(Boolean);
    if (refused) throw new CannotRun(refused);
    const urlOf = addressing(values.url, await isOnePage(positionals));
    const ownBranch = ownBranchOf(all);
    const status = await changePages(positionals, values.out, (bytes, path) => {
      const reading = readSource(decodeText(bytes).text);
      const record = isClientForm(form) ? all[0] : ownBranch(() => reading, urlOf(path));
      return record
        ? placeTreated(bytes, { record, all, form, at, existing, corrects }, reading)
        : nobodys(all);
    });
    if (values.out)
      process.stderr.write(
        status === 0 ? 'Placed, read back and proved.\n' : 'Not every page was placed and proved.\n',
      );
    return status;
  },
};
