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

const PHOTOS = 300;
const zinc = join(process.cwd(), 'bin/zinc');

/** Stamping and proving 300 JPEGs of 2 MB from folder to folder, in this process and as one, beside others. */
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
    const { stamping, copying, exiftool, exiv2, process } = stampingWork(record, folder, photos, from, to);
    await timed(stamping);
    const rounds: number[] = [];
    for (let round = 0; round < 5; round += 1) rounds.push((await timed(stamping)) / (await timed(copying)));
    rounds.sort((one, other) => one - other);
    const againstExiftool = (await timed(stamping)) / (await timed(exiftool));
    const whole: { readonly exiv2: number; readonly exiftool: number }[] = [];
    for (let round = 0; round < 3; round += 1) {
      const ours = await timed(process);
      whole.push({ exiv2: ours / (await timed(exiv2)), exiftool: ours / (await timed(exiftool)) });
    }
    const middle = (of: 'exiv2' | 'exiftool'): number =>
      whole.map((round) => round[of]).toSorted((one, other) => one - other)[1] ?? 0;
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
        what: 'zinc stamp of them as a whole process / cp followed by exiv2 with fewer fields',
        value: middle('exiv2'),
        unit: '×',
        target: 1,
      },
      {
        what: 'zinc stamp of them as a whole process / exiftool writing them in one batch',
        value: middle('exiftool'),
        unit: '×',
        target: 0.3,
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

/** What is timed: our stamping, cp, exiv2 and exiftool in one batch, and `zinc stamp` as a process. */
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
    exiv2: (): void => {
      run('cp', [...photos, to]);
      run('exiv2', [...EXIV2_SETS, 'modify', ...readdirSync(to).map((name) => join(to, name))]);
    },
    exiftool: (): void => {
      run('exiftool', ['-q', '-o', `${to}/`, ...EXIFTOOL_TAGS, from]);
    },
    process: (): void => {
      const words = [
        '--record',
        recordFile,
        '--title',
        `${TEXTS.title} {number}`,
        '--caption',
        TEXTS.caption,
      ];
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

const EXIV2_SETS = [
  `set Exif.Image.ImageDescription Ascii ${TEXTS.caption}`,
  `set Iptc.Application2.ObjectName String ${TEXTS.title}`,
  `set Iptc.Application2.Caption String ${TEXTS.caption}`,
  `set Xmp.dc.title XmpText ${TEXTS.title}`,
  'set Exif.GPSInfo.GPSLatitude Rational 48/1 30/1 4442/100',
  'set Exif.GPSInfo.GPSLatitudeRef Ascii N',
  'set Exif.GPSInfo.GPSLongitude Rational 122/1 36/1 4468/100',
  'set Exif.GPSInfo.GPSLongitudeRef Ascii W',
].map((set) => `-M${set}`);

/** One noisy picture of about 2 MB under many names: what matters here is its size. */
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
