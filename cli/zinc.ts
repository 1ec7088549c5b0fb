/** The command line over the core. `zinc help` tells its forms. */
import { CannotRun, VERSION, type Command } from './command.ts';

const commands: Readonly<Record<string, () => Promise<{ readonly command: Command }>>> = {
  markup: () => import('./commands/markup.ts'),
  check: () => import('./commands/check.ts'),
  place: () => import('./commands/place.ts'),
  weave: () => import('./commands/weave.ts'),
  verify: () => import('./commands/verify.ts'),
  remove: () => import('./commands/remove.ts'),
  stamp: () => import('./commands/stamp.ts'),
  read: () => import('./commands/read.ts'),
};

async function run([name = 'help', ...words]: readonly string[]): Promise<number> {
  if (name === 'help' || name === '--help' || name === '-h') {
    const all = await Promise.all(Object.values(commands).map((load) => load()));
    process.stdout.write(
      `Zinc Post: markup, pages and photos from one record of a place of business.\n\n${all.map(({ command }) => command.usage).join('\n')}\n`,
    );
    return 0;
  }
  if (name === '--version' || name === 'version') {
    process.stdout.write(`${VERSION}\n`);
    return 0;
  }
  const load = Object.hasOwn(commands, name) ? commands[name] : undefined;
  if (!load) throw new CannotRun(`There is no “zinc ${name}”. Try: zinc help`);
  const { command } = await load();
  const before = words.includes('--') ? words.slice(0, words.indexOf('--')) : words;
  if (before.includes('--help') || before.includes('-h')) {
    process.stdout.write(`${command.usage}\n`);
    return 0;
  }
  return command.run([...words]);
}

// Whoever reads the output may have read enough (`zinc check … | head`): what is written to files is written all the same.
for (const stream of [process.stdout, process.stderr])
  stream.on('error', (error: NodeJS.ErrnoException) => {
    if (error.code !== 'EPIPE') throw error;
  });

run(process.argv.slice(2)).then(
  (status) => {
    process.exitCode = status;
  },
  (error: unknown) => {
    if (!(error instanceof CannotRun)) throw error;
    process.stderr.write(`zinc: ${error.message}\n`);
    process.exitCode = 2;
  },
);
