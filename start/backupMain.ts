/** `npm run backup [-- FILE] [-- --data DIR]` and `npm run restore -- FILE [--data DIR]`. */
import { join, resolve } from 'node:path';
import { parseArgs } from 'node:util';
import { backUp, restore } from './backup.ts';

const [, , command, ...words] = process.argv;
process.umask(0o077);
try {
  const { values, positionals } = parseArgs({
    args: words,
    options: {
      data: { type: 'string', default: process.env['ZINC_DATA'] ?? join(import.meta.dirname, '..', '.data') },
    },
    allowPositionals: true,
  });
  const data = resolve(values.data);
  const [given] = positionals;
  if (command === 'backup') {
    const stamp = new Date().toISOString().slice(0, 19).replace(/[:T]/g, '-');
    const file = resolve(given ?? join(data, 'backups', `zinc-post-${stamp}.zip`));
    const { photos } = await backUp(data, file);
    process.stdout.write(`Everything is in ${file}: the database and ${String(photos)} files of photos.\n`);
  } else if (command === 'restore' && given) {
    const { photos } = await restore(data, resolve(given));
    process.stdout.write(
      `${given} is restored: the database and ${String(photos)} files of photos. What was there before is kept in the database zincpost_before_restore until the next time.\n`,
    );
  } else throw new Error('npm run backup [-- FILE] [--data DIR]\nnpm run restore -- FILE [--data DIR]');
} catch (error) {
  process.stderr.write(`${error instanceof Error ? error.message : String(error)}\n`);
  process.exitCode = 2;
}
