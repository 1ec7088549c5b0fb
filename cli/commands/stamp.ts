import { spawn } from 'node:child_process';
import { mkdir, readdir, stat } from 'node:fs/promises';
import { availableParallelism } from 'node:os';
import { basename, join } from 'node:path';
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
import { imageDigest, stampFile, takenOn, type FileStampOptions, type Stamped } from '#outside/stamper.ts';
import { reason } from '#outside/reason.ts';
import { CannotRun, readRecord, readSettings, readText, readWords, type Command } from './command.ts';

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

/** Which part of the pictures a process of several stamps: "1/4". */
const PART = 'ZINC_STAMP_PART';
/** Fewer pictures than this are stamped sooner than another process has started. */
const WORTH_ANOTHER = 60;

export const command: Command = {
  usage,
  run: async (words) => {
    const { values, positionals } = readWords(words, options, usage);
    const folder = values.out;
    if (positionals.length === 0 || !folder) throw new CannotRun(usage);
    const record = await readRecord(values.record);
    const settings = await settingsOf(values);
    const photos = (await Promise.all(positionals.map(picturesOf))).flat();
    const own = values.words === undefined ? new Map<string, OwnWords>() : await wordsIn(values.words);
    const planned = plan(record, settings, photos, own);
    const jobs = jobsOf(values.jobs, photos.length);
    await mkdir(folder, { recursive: true }).catch((error: unknown) => {
      throw new CannotRun(`${folder} cannot be made: ${reason(error)}`);
    });
    const part = process.env[PART];
    const done =
      jobs > 1 && part === undefined
        ? await inParts(words, jobs)
        : partOf(photos, part).map((at) => stampOne(photos[at] ?? '', planned[at], folder, settings, values));
    const unused = [...own.keys()].filter((file) => !photos.some((photo) => isFile(photo, file)));
    const all =
      part === undefined ? done.toSorted((a, b) => photos.indexOf(a.photo) - photos.indexOf(b.photo)) : done;
    if (part === undefined)
      for (const file of unused)
        process.stderr.write(`zinc: ${file} in ${values.words ?? ''} is none of these pictures.\n`);
    process.stdout.write(
      values.json || part !== undefined ? `${JSON.stringify({ photos: all })}\n` : all.map(tell).join(''),
    );
    return all.every(({ proved }) => proved) ? 0 : 1;
  },
};

/** What became of a picture, with what a manifest says of it. */
type Told = Stamped & {
  readonly title: string;
  readonly alt: string;
  readonly latitude: number | null;
  readonly longitude: number | null;
  /** SHA-256 of the image data, before and after; '' where it was not asked for. */
  readonly digest: string;
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
  const read = readWordsTable(await readText(path));
  if (!read.ok) throw new CannotRun(`${path}: ${read.message}`);
  return read.words;
}

/** Whether a table means this picture: by its path, or by the end of it. */
const isFile = (photo: string, file: string): boolean => {
  const path = photo.toLowerCase();
  return path === file || path.endsWith(`/${file}`) || basename(path) === file;
};

function plan(
  record: BusinessRecord,
  settings: StampSettings,
  photos: readonly string[],
  own: ReadonlyMap<string, OwnWords>,
): readonly PlannedPicture[] {
  const needsDate = /\{\s*(?:date|year)\s*\}/.test(JSON.stringify(settings));
  const files = [...own];
  return planSet(
    record,
    settings,
    photos.map((photo) => ({
      name: basename(photo),
      own: own.get(basename(photo).toLowerCase()) ?? files.find(([file]) => isFile(photo, file))?.[1] ?? {},
      date: needsDate ? takenOn(photo) : '',
    })),
    String(new Date().getFullYear()),
  );
}

function stampOne(
  photo: string,
  planned: PlannedPicture | undefined,
  folder: string,
  settings: StampSettings,
  values: Values,
): Told {
  if (!planned) throw new Error(`${photo} was not planned`);
  const { fields, name } = planned;
  const how: FileStampOptions = {
    policies: policiesOf(settings),
    removesPersonal: values['remove-personal'] || settings.personal === 'remove',
    sidecar: values.sidecar,
  };
  const stamped = stampFile(photo, join(folder, name), fields, how);
  return {
    ...stamped,
    lines: stamped.lines.filter(({ agrees }) => !agrees),
    title: fields.title,
    alt: fields.alt,
    latitude: fields.point?.latitude ?? null,
    longitude: fields.point?.longitude ?? null,
    digest: values.json && stamped.out ? imageDigest(stamped.out) : '',
  };
}

function jobsOf(typed: string | undefined, count: number): number {
  const wanted = typed === undefined ? availableParallelism() : Number(typed);
  if (!Number.isInteger(wanted) || wanted < 1) throw new CannotRun('--jobs takes a number from 1 on.');
  const worth = typed === undefined ? Math.floor(count / WORTH_ANOTHER) : count;
  return Math.max(1, Math.min(wanted, worth, 64));
}

/** The numbers of the pictures that are this process's part. */
function partOf(photos: readonly string[], part: string | undefined): readonly number[] {
  const [at = 0, of = 1] = (part ?? '0/1').split('/').map(Number);
  return [...photos.keys()].filter((number) => number % of === at);
}

/** Stamps in several processes, each a part of the pictures. */
async function inParts(words: readonly string[], jobs: number): Promise<readonly Told[]> {
  const answers = await Promise.all(
    [...Array(jobs).keys()].map(
      (at) =>
        new Promise<readonly Told[]>((resolve, reject) => {
          const child = spawn(process.execPath, [process.argv[1] ?? '', 'stamp', ...words], {
            env: { ...process.env, [PART]: `${String(at)}/${String(jobs)}` },
            stdio: ['ignore', 'pipe', 'inherit'],
          });
          const chunks: Buffer[] = [];
          child.stdout.on('data', (chunk: Buffer) => chunks.push(chunk));
          child.on('error', reject);
          child.on('close', (status) => {
            if (status !== 0 && status !== 1)
              reject(new CannotRun('One of the processes could not do its work.'));
            else resolve((JSON.parse(Buffer.concat(chunks).toString()) as { photos: Told[] }).photos);
          });
        }),
    ),
  );
  return answers.flat();
}

function tell({ photo, out, sidecar, message, remarks, lines }: Told): string {
  const wrong = lines.map(
    ({ field, where, meant, read }) => `  ${field} in ${where}: meant “${meant}”, reads “${read}”\n`,
  );
  const files = [out, sidecar].filter(Boolean).join(' and ');
  return `${photo}${files ? ` → ${files}` : ''}: ${message}\n${remarks.map((remark) => `  ${remark}\n`).join('')}${wrong.join('')}`;
}
