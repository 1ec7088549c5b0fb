import { basename } from 'node:path';
import { readSource } from '#core/reading';
import { decodeText } from '#core/encoding';
import {
  toldOfWeaving,
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
    const weaving: WeaveChoices = {
      syntax,
      corrects: values.correct ? 'all' : [],
      splits: values['every-word'],
      replaces: oneOf(values.existing, ['keep', 'replace'], '--existing') === 'replace',
    };
    const weaveOwn = (bytes: Uint8Array, path: string): WovenBytes | undefined => {
      const record = ownBranch(() => readSource(decodeText(bytes).text), urlOf(path));
      return record && weaveBytes(bytes, record, weaving, urlOf(path));
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

const statusOf = ({ differing, ambiguous }: WeaveResult): number =>
  differing.some(({ isSpelling }) => !isSpelling) || ambiguous.length > 0 ? 1 : 0;

function changed({ result, bytes }: WovenBytes): Changed {
  const told = toldOfWeaving(result);
  if (!result.ok) return { ok: false, message: [result.message, ...told].join('\nzinc: ') };
  return { ok: true, bytes, proved: statusOf(result) === 0, told };
}

function forMachines(page: string, result: WeaveResult, withSource: boolean): unknown {
  const { edits, source, ...said } = result.ok ? result : { ...result, edits: [], source: '' };
  return { page, ...said, edits: edits.length, ...(withSource && result.ok ? { source } : {}) };
}
