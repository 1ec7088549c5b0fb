import { removeFromBytes } from '#core/page';
import { CannotRun, type Command } from '../command.ts';
import { readWords } from './sources.ts';
import { changePages } from './pages.ts';

const usage = 'zinc remove PAGE|FOLDER… [--out FILE|DIR]';

export const command: Command = {
  usage,
  run: async (words) => {
    const { values, positionals } = readWords(words, { out: { type: 'string' } }, usage);
    if (positionals.length === 0) throw new CannotRun(usage);
    return changePages(positionals, values.out, (bytes) => ({
      ok: true,
      bytes: removeFromBytes(bytes),
      proved: true,
      told: [],
    }));
  },
};
