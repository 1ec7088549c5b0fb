import { execFileSync } from 'node:child_process';
import {
  copyFileSync,
  existsSync,
  mkdirSync,
  mkdtempSync,
  readdirSync,
  rmSync,
  writeFileSync,
} from 'node:fs';
import { tmpdir } from 'node:os';
import { basename, join } from 'node:path';
import sharp from 'sharp';
import { jsonLd } from '#core/markup';
import { stampFields } from '#core/photo';
import type { BusinessRecord } from '#core/record';
import { stampFile } from '#outside/stamper.ts';
import { median, type Figure } from './ratio.ts';

const PHOTOS = 200;
const zinc = join(import.meta.dirname, '../bin/zinc');

/** Stamping and proving 200 JPEGs of 2 MB from folder to folder, in this process, beside cp and exiftool. */
export async function benchStamp(record: BusinessRecord): Promise<readonly Figure[]> {
  // In memory where the system has such a folder: a disk that writes back earlier work would disturb both sides.
  const folder = mkdtempSync(join(existsSync('/dev/shm') ? '/dev/shm' : tmpdir(), 'bench-stamp-'));
  try {
    const [from, to] = [join(folder, 'from'), join(folder, 'to')];
    mkdirSync(from);
    await makePhotos(from);
    const photos = readdirSync(from).map((name) => join(from, name));
    const empty = (): void => {
      rmSync(to, { recursive: true, force: true });
      mkdirSync(to);
    };
    const timed = async (work: () => unknown): Promise<number> => {
      empty();
      return median(1, work);
    };
    const { stamping, copying, exiftool, process } = stampingWork(record, folder, photos, from, to);
    await timed(stamping);
    const rounds: number[] = [];
    for (let round = 0; round < 5; round += 1) rounds.push((await timed(stamping)) / (await timed(copying)));
    rounds.sort((one, other) => one - other);
    const wholeProcess = (await timed(process)) / (await timed(copying));
    const againstExiftool = (await timed(stamping)) / (await timed(exiftool));
    return [
      {
        what: `stamping and proving ${String(PHOTOS)} JPEGs of 2 MB / cp of the same files`,
        value: rounds[2] ?? 0,
        unit: '×',
        target: 3,
      },
      {
        what: 'stamping and proving them / exiftool writing them in one batch',
        value: againstExiftool,
        unit: '×',
        target: 0.3,
      },
      {
        what: 'zinc stamp of them as a whole process, start included / cp',
        value: wholeProcess,
        unit: '×',
        target: undefined,
      },
    ];
  } finally {
    rmSync(folder, { recursive: true, force: true });
  }
}

const TEXTS = {
  title: 'Front of the practice',
  caption: 'The practice on Quay Street, seen from the harbour',
};

/** What is timed: our stamping, cp, exiftool in one batch, and `zinc stamp` as a process. */
function stampingWork(
  record: BusinessRecord,
  folder: string,
  photos: readonly string[],
  from: string,
  to: string,
) {
  const fields = stampFields(record, { ...TEXTS, keywords: ['vet', 'harbour'], alt: '' });
  const recordFile = join(folder, 'record.json');
  writeFileSync(recordFile, jsonLd(record).text);
  execFileSync(zinc, ['help'], { stdio: 'ignore' }); // bundles itself where its sources have changed
  const run = (command: string, words: readonly string[]): void =>
    void execFileSync(command, words, { stdio: 'ignore' });
  return {
    stamping: (): void => {
      for (const photo of photos)
        if (!stampFile(photo, join(to, basename(photo)), fields).proved)
          throw new Error(`${photo} was not proved`);
    },
    copying: (): void => {
      run('cp', [...photos, to]);
    },
    exiftool: (): void => {
      run('exiftool', ['-q', '-o', to, ...EXIFTOOL_TAGS, from]);
    },
    process: (): void => {
      const words = ['--record', recordFile, '--title', TEXTS.title, '--caption', TEXTS.caption];
      run(zinc, ['stamp', ...photos, ...words, '--out', to]);
    },
  };
}

const EXIFTOOL_TAGS = [
  `-Title=${TEXTS.title}`,
  `-Description=${TEXTS.caption}`,
  `-ImageDescription=${TEXTS.caption}`,
  `-ObjectName=${TEXTS.title}`,
  `-Caption-Abstract=${TEXTS.caption}`,
  '-GPSLatitude=48.51234',
  '-GPSLatitudeRef=N',
  '-GPSLongitude=122.6123',
  '-GPSLongitudeRef=W',
  '-XMP:GPSLatitude=48.51234',
  '-XMP:GPSLongitude=-122.6123',
];

/** One noisy picture of about 2 MB under 200 names: what matters here is its size. */
async function makePhotos(folder: string): Promise<void> {
  const first = join(folder, 'photo-000.jpg');
  const noise = { type: 'gaussian', mean: 128, sigma: 60 } as const;
  await sharp({ create: { width: 1800, height: 1400, channels: 3, background: '#456', noise } })
    .jpeg({ quality: 92 })
    .withExif({ IFD0: { Make: 'Harbour Optics' } })
    .toFile(first);
  for (let at = 1; at < PHOTOS; at += 1)
    copyFileSync(first, join(folder, `photo-${String(at).padStart(3, '0')}.jpg`));
}
