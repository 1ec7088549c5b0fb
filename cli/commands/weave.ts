import { basename } from 'node:path';
import { factLabel, isFact, type BusinessRecord } from '#core/record';
import { removeFromBytes } from '#core/page';
import { readSource } from '#core/reading';
import { decodeText, editBytes } from '#core/encoding';
import {
  weaveBytes,
  wovenSyntaxes,
  type WeaveChoices,
  type WeaveResult,
  type WovenBytes,
} from '#core/weaving';
import { limits } from '#core/limits';
import { addressing, nobodys, ownBranchOf, readBranches } from './branches.ts';
import { CannotRun, type Command } from '../command.ts';
import { oneOf, readBytes, readWords, save } from './sources.ts';
import { changePages, isOnePage, type Changed } from './pages.ts';

const usage = `zinc weave PAGE|FOLDER… --record RECORD [--syntax ${wovenSyntaxes.join('|')}] [--existing keep|replace]
           [--correct] [--every-word] [--url URL] [--out FILE|DIR] [--json]
           --correct also puts right what visitors read otherwise than the record says; --every-word marks every word
           in place, though a letter may move by a pixel;
           of several businesses in RECORD each page gets its own;
           --url is the address of the folder, or of the one page, on the web`;

export const command: Command = {
  usage,
  run: async (words) => {
    const options = {
      record: { type: 'string' },
      syntax: { type: 'string', default: 'microdata' },
      existing: { type: 'string', default: 'keep' },
      correct: { type: 'boolean', default: false },
      'every-word': { type: 'boolean', default: false },
      url: { type: 'string' },
      out: { type: 'string' },
      json: { type: 'boolean' },
    } as const;
    const { values, positionals } = readWords(words, options, usage);
    if (positionals.length === 0) throw new CannotRun(usage);
    const syntax = oneOf(values.syntax, wovenSyntaxes, '--syntax');
    const all = await readBranches(values.record);
    const urlOf = addressing(values.url, await isOnePage(positionals));
    const ownBranch = ownBranchOf(all);
    const weaving: Weaving = {
      syntax,
      corrects: values.correct,
      splits: values['every-word'],
      replaces: oneOf(values.existing, ['keep', 'replace'], '--existing') === 'replace',
    };
    const weaveOwn = (bytes: Uint8Array, path: string): WovenBytes | undefined => {
      const record = ownBranch(() => readSource(decodeText(bytes).text), urlOf(path));
      return record && weavePage(bytes, record, weaving, urlOf(path));
    };
    const [page = ''] = positionals;
    if (!values.json)
      return changePages(positionals, values.out, (bytes, path) => {
        const woven = weaveOwn(bytes, path);
        return woven ? changed(woven) : nobodys(all);
      });
    if (positionals.length > 1) throw new CannotRun('Take one page with --json.');
    const woven = weaveOwn(await readBytes(page, limits.pageBytes), basename(page));
    if (!woven) throw new CannotRun(nobodys(all).message);
    const { result, bytes } = woven;
    if (values.out && result.ok) await save(values.out, bytes);
    process.stdout.write(`${JSON.stringify(forMachines(page, result, values.out === undefined))}\n`);
    return result.ok ? statusOf(result) : 2;
  },
};

interface Weaving extends WeaveChoices {
  readonly corrects: boolean;
}

function weavePage(bytes: Uint8Array, record: BusinessRecord, weaving: Weaving, address: string): WovenBytes {
  const woven = weaveBytes(bytes, record, weaving, address);
  const mends = weaving.corrects ? woven.result.differing.flatMap(({ edits }) => edits ?? []) : [];
  if (mends.length === 0) return woven;
  const mended = editBytes(removeFromBytes(bytes, 'woven'), mends);
  return weavePage(mended, record, { ...weaving, corrects: false }, address);
}

const statusOf = ({ differing, ambiguous }: WeaveResult): number =>
  differing.some(({ isSpelling }) => !isSpelling) || ambiguous.length > 0 ? 1 : 0;

const labelOf = (fact: string): string => (isFact(fact) ? factLabel(fact) : fact);

function changed({ result, bytes }: WovenBytes): Changed {
  const told = [
    ...result.ambiguous.map(
      ({ fact, places }) =>
        `${labelOf(fact)} stands ${String(places.length)} times, on lines ${places.map(({ place }) => place.line).join(', ')}; which one is meant cannot be told.`,
    ),
    ...result.differing.map(
      ({ fact, shown, meant, place }) =>
        `line ${String(place.line)}: visitors read “${shown}”, the record says ${labelOf(fact)} “${meant}”.`,
    ),
  ];
  if (!result.ok) return { ok: false, message: [result.message, ...told].join('\nzinc: ') };
  const woven = result.woven.map(({ fact }) => labelOf(fact)).join(', ');
  return {
    ok: true,
    bytes,
    proved: statusOf(result) === 0,
    told: [`Woven and read back: ${woven}.`, ...told],
  };
}

function forMachines(page: string, result: WeaveResult, withSource: boolean): unknown {
  const { edits, source, ...said } = result.ok ? result : { ...result, edits: [], source: '' };
  return { page, ...said, edits: edits.length, ...(withSource && result.ok ? { source } : {}) };
}
