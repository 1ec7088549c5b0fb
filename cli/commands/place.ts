import { outputForms, writeMarkup, type OutputForm } from '#core/markup';
import {
  alreadyOn,
  placeInBytes,
  presetSchema,
  prove,
  readPlacement,
  usualPlacement,
  type Already,
  type Placement,
} from '#core/page';
import { syntaxName } from '#core/item';
import { factLabel, refusalOfAddresses, type BusinessRecord } from '#core/record';
import { readSource } from '#core/reading';
import { decodeText } from '#core/text';
import { CannotRun, oneOf, readRecord, readSettings, readWords, type Command } from './command.ts';
import { changePages, type Changed } from './pages.ts';

const usage = `zinc place PAGE|FOLDER… --record RECORD [--format ${outputForms.join('|')}] [--preset FILE]
           [--at head|body-begin|body-end|before:SEL|after:SEL|inside:SEL] [--existing keep|adopt|replace]
           [--out FILE|DIR]`;

/** What is done with markup of the same branch that stands there without our having placed it. */
const treatments = ['keep', 'adopt', 'replace'] as const;
type Treatment = (typeof treatments)[number];

interface Placing {
  readonly record: BusinessRecord;
  readonly form: OutputForm;
  readonly at: Placement;
  readonly existing: Treatment;
}

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
      placeOn(bytes, { record, form, at, existing }),
    );
    if (values.out)
      process.stderr.write(
        status === 0 ? 'Placed, read back and proved.\n' : 'Placed, but not all reads back as meant.\n',
      );
    return status;
  },
};

function placeOn(bytes: Uint8Array, { record, form, at, existing }: Placing): Changed {
  const there = alreadyOn(readSource(decodeText(bytes).text), record);
  const same = there.filter(({ isSame }) => isSame);
  const [first] = same;
  if (existing === 'adopt' && first && first.differs.length === 0)
    return { ok: true, bytes, proved: true, told: [`${where(first)} says it already and is left as it is.`] };
  const without = existing === 'replace' ? same.flatMap(({ script }) => script ?? []) : [];
  const result = placeInBytes(bytes, form, writeMarkup(record, form).text, at, without);
  if (!result.ok) return result;
  const proof = prove(readSource(decodeText(result.bytes).text), form, record);
  if (proof.state === 'absent')
    return {
      ok: false,
      message:
        'A machine would not find the markup on this page: the place lies inside a comment, script or template. Nothing was written.',
    };
  const told = [
    ...there.flatMap((one) => toldOf(one, existing)),
    ...proof.misread.map(({ fact, meant, read }) => `${factLabel(fact)} reads “${read}”, meant “${meant}”.`),
  ];
  return { ok: true, bytes: result.bytes, proved: proof.state === 'proved', told };
}

const where = ({ name, syntax, place: { line } }: Already): string =>
  `${syntaxName[syntax]} of “${name}” at line ${String(line)}`;

/** What is said of markup that stands there already; nothing of what went. */
function toldOf(one: Already, existing: Treatment): string[] {
  if (existing === 'replace' && one.isSame && one.script !== undefined)
    return [`${where(one)} was replaced.`];
  if (!one.isSame) return [`${where(one)} stands on this page too; it is another business.`];
  const labels = one.differs.map(factLabel).join(', ');
  const differs = labels ? ` and says otherwise: ${labels}` : ' and says the same';
  const cannot =
    existing === 'replace'
      ? ' It holds more than that business, or text that visitors read, and was left.'
      : '';
  return [`${where(one)} stands on this page too${differs}.${cannot} A machine reads both.`];
}
