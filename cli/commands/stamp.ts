import { readdir, stat } from 'node:fs/promises';
import { availableParallelism } from 'node:os';
import { basename, join, relative, resolve } from 'node:path';
import { Piscina } from 'piscina';
import { localeOfCountry } from '#core/address';
import { decodeCsv, guessCsvEncoding } from '#core/csv';
import { isHiddenPath } from '#core/link';
import { limits } from '#core/limits';
import {
  giveWords,
  isMeantPicture,
  planSet,
  sidecarNames,
  policiesOf,
  readWords as readWordsTable,
  stampFieldNames,
  stampSchema,
  usualStamp,
  wordingFaults,
  type FoundPicture,
  type OwnWords,
  type PlannedPicture,
  type StampSettings,
} from '#core/photo';
import { countryOf, type BusinessRecord } from '#core/record';
import { reason } from '#outside/reason.ts';
import { takenOn } from '#outside/stamper.ts';
import stampPictures, { type StampedPicture, type StampTask } from '#outside/stampThread.ts';
import { readRecord } from './branches.ts';
import { CannotRun, type Command } from '../command.ts';
import { makeFolder, readBytes, readSettings, readWords } from './sources.ts';
import { isBelow, mostOf } from './pages.ts';

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
    const { photos, isEmpty } = await picturesIn(positionals, folder);
    const jobs = jobsOf(values.jobs, photos.length);
    // They start while the record is read.
    const threads = jobs > 1 ? stampThreads(jobs) : undefined;
    try {
      const record = await readRecord(values.record);
      const settings = await settingsOf(values);
      const own = await wordsOf(photos, values.words, localeOfCountry(countryOf(record)).toString());
      const pictures = photos.map(({ path }, at) => ({ photo: path, own: own[at] ?? {} }));
      const planned = plan(record, settings, pictures);
      await makeFolder(folder);
      const sidecars = sidecarNames(planned.map(({ name }) => name));
      const tasks = pictures.map((picture, at) => {
        const sidecarPath = join(folder, sidecars[at] ?? '');
        return taskOf(picture, planned[at], { folder, sidecarPath }, settings, values);
      });
      const stamped = threads ? await inThreads(tasks, threads) : stampPictures(tasks);
      const first = new Map(stamped.toReversed().map(({ mark, photo }) => [mark, photo]));
      const all = stamped.map((one, at) => toldOf(one, planned[at], first.get(one.mark)));
      process.stdout.write(values.json ? `${JSON.stringify({ photos: all })}\n` : all.map(tell).join(''));
      return all.every(({ proved }) => proved) && !isEmpty ? 0 : 1;
    } finally {
      await threads?.destroy();
    }
  },
};

/** What became of a picture, with what a manifest says of it. */
type Told = Omit<StampedPicture, 'mark'> & {
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

/**
 * The pictures that were named, each once: files, and what lies below folders but for what was stamped into `out`.
 * Whether some folder held none is told.
 */
async function picturesIn(
  named: readonly string[],
  out: string,
): Promise<{ readonly photos: readonly FoundPicture[]; readonly isEmpty: boolean }> {
  const pictures = new Map<string, FoundPicture>();
  const empty: string[] = [];
  for (const path of named) {
    const found = await picturesOf(path, out);
    if (found.length === 0) empty.push(`${path} holds no picture.`);
    for (const picture of found) pictures.set(resolve(picture.path), picture);
  }
  if (pictures.size === 0) throw new CannotRun(empty.join('\n'));
  for (const message of empty) process.stderr.write(`zinc: ${message}\n`);
  return { photos: [...pictures.values()], isEmpty: empty.length > 0 };
}

/** The pictures below a folder, in the order of their names; anything else is itself. */
async function picturesOf(folder: string, out: string): Promise<readonly FoundPicture[]> {
  const found = await stat(folder).catch(() => undefined);
  if (!found?.isDirectory()) return [{ path: folder, below: basename(folder) }];
  const names = await readdir(folder, { recursive: true, withFileTypes: true });
  const pictures = names
    .filter((entry) => entry.isFile() && isMeantPicture(entry.name))
    .map((entry) => join(entry.parentPath, entry.name))
    .filter((path) => !isBelow(path, folder, out) && !isHiddenPath(relative(folder, path)))
    .sort();
  return mostOf(pictures, limits.photosInSet, folder, 'pictures').map((path) => ({
    path,
    below: relative(folder, path),
  }));
}

/** What a table has for each picture; the rows that mean none of them, or several, are told. */
async function wordsOf(
  photos: readonly FoundPicture[],
  path: string | undefined,
  language: string,
): Promise<readonly OwnWords[]> {
  if (path === undefined) return [];
  const bytes = await readBytes(path, limits.pageBytes);
  const read = readWordsTable(decodeCsv(bytes, guessCsvEncoding(bytes, { language })));
  if (!read.ok) throw new CannotRun(`${path}: ${read.message}`);
  const whole = photos.map(({ path, below }) => ({ path: resolve(path), below }));
  const { own, strangers, unclear } = giveWords(whole, read.words);
  const tell = (file: string, what: string): void =>
    void process.stderr.write(`zinc: ${file} in ${path} ${what}\n`);
  for (const file of strangers) tell(file, 'is none of these pictures.');
  for (const [at, words] of own.entries())
    for (const { word } of wordingFaults(Object.values(words).filter(isText).join('\n')))
      tell(photos[at]?.below ?? '', `has {${word}}, which is no placeholder and is written as it stands.`);
  for (const file of unclear)
    tell(file, 'is the name of several of these pictures, and none has its words. Name its folder too.');
  return own;
}

const isText = (value: unknown): boolean => typeof value === 'string';

/** A picture and what was typed for it. */
interface Picture {
  readonly photo: string;
  readonly own: OwnWords;
}

function plan(
  record: BusinessRecord,
  settings: StampSettings,
  pictures: readonly Picture[],
): readonly PlannedPicture[] {
  const needsDate = /\{\s*(?:date|year)\s*\}/.test(JSON.stringify([settings, pictures]));
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
  { folder, sidecarPath }: { readonly folder: string; readonly sidecarPath: string },
  settings: StampSettings,
  values: Values,
): StampTask {
  if (!planned) throw new Error(`${photo} was not planned`);
  const options = {
    // Whoever asks for empty fields only means the words of the table too.
    policies: policiesOf(settings, values['only-empty'] ? {} : own),
    removesPersonal: values['remove-personal'] || settings.personal === 'remove',
    sidecar: values.sidecar,
    sidecarPath,
  };
  const { fields, name } = planned;
  return { photo, out: join(folder, name), fields, options, isDigested: values.json ?? false };
}

/** @param first the first of the pictures that show the same as this one, or itself */
const toldOf = (
  { mark, ...stamped }: StampedPicture,
  planned: PlannedPicture | undefined,
  first: string | undefined,
): Told => ({
  ...stamped,
  remarks:
    mark && first && first !== stamped.photo
      ? [...stamped.remarks, `It is the same picture as ${first}.`]
      : stamped.remarks,
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
  ...{ message: `its thread could not do its work: ${why}`, remarks: [], lines: [], mark: '', digest: '' },
});

function tell({ photo, out, sidecar, message, remarks, lines }: Told): string {
  const wrong = lines.map(
    ({ field, where, meant, read }) => `  ${field} in ${where}: meant “${meant}”, reads “${read}”\n`,
  );
  const files = [out, sidecar].filter(Boolean).join(' and ');
  return `${photo}${files ? ` → ${files}` : ''}: ${message}\n${remarks.map((remark) => `  ${remark}\n`).join('')}${wrong.join('')}`;
}
