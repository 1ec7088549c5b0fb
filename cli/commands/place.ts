import { limits } from '#core/limits';
import { markupForms, writeMarkup } from '#core/markup';
import { placeInBytes, placements, prove, usualPlacement } from '#core/page';
import { factLabel, refusalOfAddresses } from '#core/record';
import { readSource } from '#core/reading';
import { decodeText } from '#core/text';
import { CannotRun, deliver, oneOf, readBytes, readRecord, readWords, type Command } from './command.ts';

const usage = `zinc place PAGE --record RECORD [--format ${markupForms.join('|')}] [--at head|body-end] [--out FILE]`;

export const command: Command = {
  usage,
  run: async (words) => {
    const { values, positionals } = readWords(
      words,
      {
        record: { type: 'string' },
        format: { type: 'string', default: 'jsonld' },
        at: { type: 'string' },
        out: { type: 'string' },
      },
      usage,
    );
    const [page] = positionals;
    if (!page) throw new CannotRun(usage);
    const form = oneOf(values.format, markupForms, '--format');
    const at = values.at === undefined ? usualPlacement[form] : oneOf(values.at, placements, '--at');
    const record = await readRecord(values.record);
    const refused = refusalOfAddresses(record);
    if (refused) throw new CannotRun(refused);
    const result = placeInBytes(
      await readBytes(page, limits.pageBytes),
      form,
      writeMarkup(record, form).text,
      at,
    );
    if (!result.ok) throw new CannotRun(result.message);
    const proof = prove(readSource(decodeText(result.bytes).text), form, record);
    if (proof.state === 'absent')
      throw new CannotRun(
        'A machine would not find the markup on this page: the place lies inside a comment, script or template. Nothing was written.',
      );
    await deliver(result.bytes, values.out);
    for (const { fact, meant, read } of proof.misread)
      process.stderr.write(`zinc: ${factLabel(fact)} reads “${read}”, meant “${meant}”.\n`);
    if (values.out)
      process.stderr.write(
        proof.state === 'proved'
          ? 'Placed, read back and proved.\n'
          : 'Placed, but not all reads back as meant.\n',
      );
    return proof.state === 'proved' ? 0 : 1;
  },
};
