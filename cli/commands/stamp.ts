import { mkdir } from 'node:fs/promises';
import { basename, join } from 'node:path';
import { stampFields } from '#core/photo';
import { freeName } from '#core/text';
import { FileStamper, type Stamped } from '#outside/stamper.ts';
import { CannotRun, readRecord, readWords, type Command } from './command.ts';
import { reason } from '#outside/reason.ts';

const usage =
  'zinc stamp PHOTO… --record RECORD [--title T] [--caption T] [--keywords a,b] [--alt T] --out DIR [--json]';

export const command: Command = {
  usage,
  run: async (words) => {
    const options = {
      record: { type: 'string' },
      title: { type: 'string', default: '' },
      caption: { type: 'string', default: '' },
      keywords: { type: 'string', default: '' },
      alt: { type: 'string', default: '' },
      out: { type: 'string' },
      json: { type: 'boolean' },
    } as const;
    const { values, positionals } = readWords(words, options, usage);
    const folder = values.out;
    if (positionals.length === 0 || !folder) throw new CannotRun(usage);
    const keywords = values.keywords
      .split(',')
      .map((word) => word.trim())
      .filter(Boolean);
    const fields = stampFields(await readRecord(values.record), {
      title: values.title,
      caption: values.caption,
      alt: values.alt,
      keywords,
    });
    await mkdir(folder, { recursive: true }).catch((error: unknown) => {
      throw new CannotRun(`${folder} cannot be made: ${reason(error)}`);
    });
    const names = new Set<string>();
    const jobs = positionals.map((photo) => ({ photo, out: join(folder, freeName(basename(photo), names)) }));
    const stamper = new FileStamper(fields);
    const done = jobs.map(({ photo, out }) => {
      const stamped = stamper.stamp(photo, out);
      return { ...stamped, lines: stamped.lines.filter(({ agrees }) => !agrees) };
    });
    process.stdout.write(values.json ? `${JSON.stringify({ photos: done })}\n` : done.map(tell).join(''));
    return done.every(({ proved }) => proved) ? 0 : 1;
  },
};

function tell({ photo, out, message, lines }: Stamped): string {
  const wrong = lines.map(
    ({ field, where, meant, read }) => `  ${field} in ${where}: meant “${meant}”, reads “${read}”\n`,
  );
  return `${photo}${out ? ` → ${out}` : ''}: ${message}\n${wrong.join('')}`;
}
