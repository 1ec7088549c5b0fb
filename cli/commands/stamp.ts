import { mkdir, readdir, stat } from 'node:fs/promises';
import { availableParallelism } from 'node:os';
import { basename, join } from 'node:path';
import { Piscina } from 'piscina';
import { decodeCsv, guessCsvEncoding } from '#core/csv';
import { limits } from '#core/limits';
import {
  isMeantPicture,
  planSet,
  policiesOf,
  readWords as readWordsTable,
  stampFieldNames,
  stampSchema,
  usualStamp,
  wordingFaults,
  type OwnWords,
  type PlannedPicture,
  type StampSettings,
} from '#core/photo';
import type { BusinessRecord } from '#core/record';
import { reason } from '#outside/reason.ts';
import { takenOn } from '#outside/stamper.ts';
import stampPictures, { type StampedPicture, type StampTask } from '#outside/stampThread.ts';
import { readRecord } from './branches.ts';
import { CannotRun, readBytes, readSettings, readWords, type Command } from './command.ts';

const usage = `zinc stamp PHOTO|FOLDER… --record RECORD [--words FILE.csv] [--stamp FILE.json] [--name PATTERN]
           [--title T] [--headline T] [--caption T] [--keywords a,b] [--alt T] [--subject T]
           [--only-empty] [--remove-personal] [--sidecar] [--jobs N] --out DIR [--json]
           texts take {subject} {title} {name} {town} {region} {street} {service} {number} {date} and others`;

const options = {
  record: { type: 'string' },
  words: { type: 'string' },
  stamp: { type: 'string' },
  name: { type: 'string' },
  title: { type: 'string' },
  headline: { type: 'string' },
  caption: { type: 'string' },
  keywords: { type: 'string' },
  alt: { type: 'string' },
  subject: { type: 'string' },
  'only-empty': { type: 'boolean', default: false },
  'remove-personal': { type: 'boolean', default: false },
  sidecar: { type: 'boolean', default: false },
  jobs: { type: 'string' },
  out: { type: 'string' },
  json: { type: 'boolean' },
} as const;
type Values = ReturnType<typeof readWords<typeof options>>['values'];

/** Fewer pictures than this are stamped sooner than another thread has started. */
const WORTH_ANOTHER = 30;
/** So many pictures are handed to a thread at a time. */
const HANDFUL = 8;

export const command: Command = {
  usage,
  run: async (words) => {
    const { values, positionals } = readWords(words, options, usage);
    const folder = values.out;
    if (positionals.length === 0 || !folder) throw new CannotRun(usage);
    const photos = (await Promise.all(positionals.map(picturesOf))).flat();
    const jobs = jobsOf(values.jobs, photos.length);
    // They start while the record is read.
    const threads = jobs > 1 ? stampThreads(jobs) : undefined;
    try {
      const record = await readRecord(values.record);
      const settings = await settingsOf(values);
      const own = values.words === undefined ? new Map<string, OwnWords>() : await wordsIn(values.words);
      const pictures = photos.map((photo) => ({ photo, own: ownOf(photo, own) }));
      const planned = plan(record, settings, pictures);
      await mkdir(folder, { recursive: true }).catch((error: unknown) => {
        throw new CannotRun(`${folder} cannot be made: ${reason(error)}`);
      });
      const tasks = pictures.map((picture, at) => taskOf(picture, planned[at], folder, settings, values));
      const stamped = threads ? await inThreads(tasks, threads) : stampPictures(tasks);
      for (const file of own.keys())
        if (!photos.some((photo) => isFile(photo, file)))
          process.stderr.write(`zinc: ${file} in ${values.words ?? ''} is none of these pictures.\n`);
      const all = stamped.map((one, at) => toldOf(one, planned[at]));
      process.stdout.write(values.json ? `${JSON.stringify({ photos: all })}\n` : all.map(tell).join(''));
      return all.every(({ proved }) => proved) ? 0 : 1;
    } finally {
      await threads?.destroy();
    }
  },
};

/** What became of a picture, with what a manifest says of it. */
type Told = StampedPicture & {
  readonly title: string;
  readonly alt: string;
  readonly latitude: number | null;
  readonly longitude: number | null;
};

async function settingsOf(values: Values): Promise<StampSettings> {
  const given =
    values.stamp === undefined ? usualStamp : await readSettings(values.stamp, stampSchema, 'stamp');
  const { wordings, when } = given;
  const typed = {
    title: typedWording('--title', values.title) ?? wordings.title,
    headline: typedWording('--headline', values.headline) ?? wordings.headline,
    caption: typedWording('--caption', values.caption) ?? wordings.caption,
    alt: typedWording('--alt', values.alt) ?? wordings.alt,
    subject: typedWording('--subject', values.subject) ?? wordings.subject,
    fileName: typedWording('--name', values.name) ?? wordings.fileName,
    keywords: typedWording('--keywords', values.keywords)?.split(',') ?? wordings.keywords,
  };
  const empty = Object.fromEntries(stampFieldNames.map((field) => [field, 'empty'] as const));
  return { ...given, wordings: typed, when: values['only-empty'] ? { ...empty, ...when } : when };
}

function typedWording(option: string, text: string | undefined): string | undefined {
  const [fault] = wordingFaults(text ?? '');
  if (fault)
    throw new CannotRun(
      `${option} has no placeholder {${fault.word}} (at character ${String(fault.start + 1)}). ${usage}`,
    );
  return text;
}

/** The pictures below a folder, in the order of their names; anything else is itself. */
async function picturesOf(path: string): Promise<readonly string[]> {
  const found = await stat(path).catch(() => undefined);
  if (!found?.isDirectory()) return [path];
  const names = await readdir(path, { recursive: true, withFileTypes: true });
  const pictures = names
    .filter((entry) => entry.isFile() && isMeantPicture(entry.name))
    .map((entry) => join(entry.parentPath, entry.name))
    .sort();
  if (pictures.length === 0) throw new CannotRun(`${path} holds no picture.`);
  return pictures.slice(0, limits.photosInSet);
}

async function wordsIn(path: string): Promise<ReadonlyMap<string, OwnWords>> {
  const bytes = await readBytes(path, limits.pageBytes);
  const read = readWordsTable(decodeCsv(bytes, guessCsvEncoding(bytes)));
  if (!read.ok) throw new CannotRun(`${path}: ${read.message}`);
  return read.words;
}

/** Whether a table means this picture: by its path, or by the end of it. */
const isFile = (photo: string, file: string): boolean => {
  const path = photo.toLowerCase();
  return path === file || path.endsWith(`/${file}`) || basename(path) === file;
};

/** A picture and what was typed for it. */
interface Picture {
  readonly photo: string;
  readonly own: OwnWords;
}

const ownOf = (photo: string, words: ReadonlyMap<string, OwnWords>): OwnWords =>
  words.get(basename(photo).toLowerCase()) ?? [...words].find(([file]) => isFile(photo, file))?.[1] ?? {};

function plan(
  record: BusinessRecord,
  settings: StampSettings,
  pictures: readonly Picture[],
): readonly PlannedPicture[] {
  const needsDate = /\{\s*(?:date|year)\s*\}/.test(JSON.stringify(settings));
  return planSet(
    record,
    settings,
    pictures.map(({ photo, own }) => ({
      name: basename(photo),
      own,
      date: needsDate ? takenOn(photo) : '',
    })),
    String(new Date().getFullYear()),
  );
}

function taskOf(
  { photo, own }: Picture,
  planned: PlannedPicture | undefined,
  folder: string,
  settings: StampSettings,
  values: Values,
): StampTask {
  if (!planned) throw new Error(`${photo} was not planned`);
  const options = {
    // Whoever asks for empty fields only means the words of the table too.
    policies: policiesOf(settings, values['only-empty'] ? {} : own),
    removesPersonal: values['remove-personal'] || settings.personal === 'remove',
    sidecar: values.sidecar,
  };
  const { fields, name } = planned;
  return { photo, out: join(folder, name), fields, options, isDigested: values.json ?? false };
}

const toldOf = (stamped: StampedPicture, planned: PlannedPicture | undefined): Told => ({
  ...stamped,
  title: planned?.fields.title ?? '',
  alt: planned?.fields.alt ?? '',
  latitude: planned?.fields.point?.latitude ?? null,
  longitude: planned?.fields.point?.longitude ?? null,
});

function jobsOf(typed: string | undefined, count: number): number {
  const wanted = typed === undefined ? availableParallelism() : Number(typed);
  if (!Number.isInteger(wanted) || wanted < 1) throw new CannotRun('--jobs takes a number from 1 on.');
  const worth = typed === undefined ? Math.floor(count / WORTH_ANOTHER) : count;
  return Math.max(1, Math.min(wanted, worth, 64));
}

type StampThreads = Piscina<readonly StampTask[], StampedPicture[]>;

const stampThreads = (jobs: number): StampThreads =>
  new Piscina({
    filename: join(import.meta.dirname, 'stampThread.cjs'),
    minThreads: jobs,
    maxThreads: jobs,
  });

/** Stamps in several threads, a handful of pictures each at a time; what one dies of costs that one picture. */
async function inThreads(
  tasks: readonly StampTask[],
  threads: StampThreads,
): Promise<readonly StampedPicture[]> {
  const handfuls = [...Array(Math.ceil(tasks.length / HANDFUL)).keys()].map((at) =>
    tasks.slice(at * HANDFUL, (at + 1) * HANDFUL),
  );
  const alone = (task: StampTask): Promise<readonly StampedPicture[]> =>
    threads.run([task]).catch((error: unknown) => [notStamped(task, reason(error))]);
  const stamped = await Promise.all(
    handfuls.map((some) => threads.run(some).catch(async () => (await Promise.all(some.map(alone))).flat())),
  );
  return stamped.flat();
}

const notStamped = ({ photo }: StampTask, why: string): StampedPicture => ({
  ...{ photo, out: null, sidecar: null, format: null, proved: false },
  ...{ message: `its thread could not do its work: ${why}`, remarks: [], lines: [], digest: '' },
});

function tell({ photo, out, sidecar, message, remarks, lines }: Told): string {
  const wrong = lines.map(
    ({ field, where, meant, read }) => `  ${field} in ${where}: meant “${meant}”, reads “${read}”\n`,
  );
  const files = [out, sidecar].filter(Boolean).join(' and ');
  return `${photo}${files ? ` → ${files}` : ''}: ${message}\n${remarks.map((remark) => `  ${remark}\n`).join('')}${wrong.join('')}`;
}
