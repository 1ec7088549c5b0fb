import { limits } from '#core/limits';
import { readSource } from '#core/reading';
import { plainItem } from '#core/item';
import { decodeText } from '#core/encoding';
import { CannotRun, type Command } from '../command.ts';
import { readBytes, readWords } from './sources.ts';
import { addressGiven } from './pages.ts';

const usage = 'zinc read FILE [--url URL] [--json]';

export const command: Command = {
  usage,
  run: async (words) => {
    const { values, positionals } = readWords(
      words,
      { url: { type: 'string' }, json: { type: 'boolean' } },
      usage,
    );
    const [file, ...more] = positionals;
    if (!file || more.length > 0) throw new CannotRun(usage);
    const url = addressGiven(values.url);
    const bytes = await readBytes(file, limits.photoBytes);
    const found = isPicture(bytes) ? await readPhoto(bytes, file) : readPage(bytes, file, url);
    const isForPeople = !values.json && 'photo' in found;
    process.stdout.write(
      isForPeople ? inGroups(found) : `${JSON.stringify(found, null, values.json ? undefined : 2)}\n`,
    );
    return 0;
  },
};

function readPage(bytes: Uint8Array, file: string, url: string | undefined): { items: unknown } {
  if (bytes.length > limits.pageBytes) throw new CannotRun(`${file} is too large for a page.`);
  return { items: readSource(decodeText(bytes).text, url).items.map(plainItem) };
}

interface PhotoRead {
  readonly photo: unknown;
  /** Every field that a reader finds, by kind of metadata. */
  readonly groups: Readonly<Record<string, Readonly<Record<string, string>>>>;
  /** What says something of a person or a device. */
  readonly personal: readonly { readonly what: string; readonly value: string }[];
}

async function readPhoto(bytes: Uint8Array, file: string): Promise<PhotoRead> {
  const { personalIn, readCarried, readTags, tagTexts } = await import('#core/photo');
  const [photo, tags] = [readCarried(bytes), readTags(bytes)];
  if (!photo || !tags) throw new CannotRun(`${file} is a picture, but its metadata cannot be read.`);
  return { photo, groups: tagTexts(tags), personal: personalIn(tags) };
}

function inGroups({ groups, personal }: PhotoRead): string {
  const lines = Object.entries(groups).flatMap(([group, fields]) => [
    group,
    ...Object.entries(fields).map(([name, text]) => `  ${name}: ${text.replaceAll('\n', '\n    ')}`),
  ]);
  const said = personal.map(({ what, value }) => `  ${what}: ${value}`);
  return [...lines, ...(said.length > 0 ? ['Says something of a person or a device', ...said] : []), ''].join(
    '\n',
  );
}

/** Whether the first bytes are those of JPEG, PNG, RIFF (WebP), TIFF, GIF or an ISO media file (HEIC, AVIF). */
function isPicture(bytes: Uint8Array): boolean {
  const head = String.fromCharCode(...bytes.subarray(0, 12));
  return (
    head.startsWith('\xff\xd8') ||
    head.startsWith('\x89PNG') ||
    head.startsWith('RIFF') ||
    head.startsWith('II*\0') ||
    head.startsWith('MM\0*') ||
    head.startsWith('GIF8') ||
    head.slice(4, 8) === 'ftyp'
  );
}
