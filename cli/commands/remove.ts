import { limits } from '#core/limits';
import { removeFromBytes } from '#core/page';
import { CannotRun, deliver, readBytes, readWords, type Command } from './command.ts';

const usage = 'zinc remove PAGE [--out FILE]';

export const command: Command = {
  usage,
  run: async (words) => {
    const { values, positionals } = readWords(words, { out: { type: 'string' } }, usage);
    const [page] = positionals;
    if (!page) throw new CannotRun(usage);
    await deliver(removeFromBytes(await readBytes(page, limits.pageBytes)), values.out);
    return 0;
  },
};
