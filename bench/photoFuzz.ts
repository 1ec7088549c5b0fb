import sharp, { type Sharp } from 'sharp';
import { larkspur } from '#sample';
import {
  concat,
  provePhoto,
  readCarried,
  readContainer,
  readTags,
  sameImage,
  stampFields,
  stampPicture,
} from '#core/photo';
import type { Random } from './mutation.ts';

/** Longer than this nothing may take, milliseconds of the processor. */
const LONGEST_MS = 2000;

const fields = stampFields(
  larkspur,
  { title: 'Tür & “Hof”', caption: 'Ein Hof\nin Köln', keywords: ['vet', '犬'], alt: 'A door' },
  { subject: 'door', author: 'Zoë Vane', copyright: '© 2026 Zoë Vane', headline: 'Door' },
);
const same = (a: Uint8Array, b: Uint8Array): boolean => Buffer.compare(a, b) === 0;

/** Small pictures of the three formats that are written, bare, of a camera and stamped: where mutated ones begin. */
async function fuzzPictures(): Promise<readonly Uint8Array[]> {
  const canvas = (channels: 3 | 4 = 3): Sharp =>
    sharp({ create: { width: 33, height: 21, channels, background: { r: 90, g: 60, b: 30, alpha: 0.5 } } });
  const camera = {
    IFD0: { Make: 'Maker', Artist: 'Ann', Copyright: 'Ann' },
    IFD2: { DateTimeOriginal: '2025:03:02 10:11:12', BodySerialNumber: 'SN-4711', MakerNote: 'x'.repeat(60) },
    IFD3: {
      GPSLatitudeRef: 'N',
      GPSLatitude: '51/1 30/1 0/1',
      GPSLongitudeRef: 'W',
      GPSLongitude: '0/1 7/1 0/1',
    },
  };
  const packet =
    '<x:xmpmeta xmlns:x="adobe:ns:meta/"><rdf:RDF xmlns:rdf="http://www.w3.org/1999/02/22-rdf-syntax-ns#"><rdf:Description rdf:about="" xmlns:dc="http://purl.org/dc/elements/1.1/"><dc:title><rdf:Alt><rdf:li xml:lang="x-default">Old</rdf:li></rdf:Alt></dc:title></rdf:Description></rdf:RDF></x:xmpmeta>';
  const frames = Buffer.alloc(20 * 40 * 3, 99).fill(10, 0, 1200);
  const made: readonly Uint8Array[] = await Promise.all([
    canvas().jpeg().toBuffer(),
    canvas().jpeg({ progressive: true }).withExif(camera).toBuffer(),
    canvas().jpeg().withXmp(packet).withIccProfile('p3').toBuffer(),
    canvas().toColourspace('cmyk').jpeg().toBuffer(),
    canvas().png().withExif(camera).toBuffer(),
    canvas(4).png({ progressive: true }).withXmp(packet).toBuffer(),
    canvas().png({ palette: true }).toBuffer(),
    canvas().webp().withExif(camera).toBuffer(),
    canvas(4).webp({ lossless: true }).withXmp(packet).toBuffer(),
    sharp(frames, { raw: { width: 20, height: 40, channels: 3, pageHeight: 20 } })
      .webp({ delay: [100, 100] })
      .toBuffer(),
  ]);
  return made.flatMap((bytes) => {
    const stamped = stampPicture(bytes, fields);
    return stamped.ok ? [bytes, concat(stamped.parts)] : [bytes];
  });
}

/** Lengths, counts and offsets that files lie with. */
const NUMBERS = [0, 1, 2, 7, 0x7f, 0xff, 0x100, 0x7fff, 0xffff, 0x10000, 0x7fffffff, 0x80000000, 0xffffffff];

/** A picture whose bytes are changed, taken away, doubled, moved or cut off in up to six places, most near its begin. */
function mutatedPicture(pictures: readonly Uint8Array[], random: Random): Uint8Array {
  let bytes = Buffer.from(pictures[random(pictures.length)] ?? []);
  const place = (): number => random(random(3) === 0 ? bytes.length : Math.min(bytes.length, 900));
  const changes = 1 + random(6);
  for (let change = 0; change < changes && bytes.length > 8; change += 1) {
    const at = place();
    const run = 1 + random(random(4) === 0 ? 400 : 12);
    const number = NUMBERS[random(NUMBERS.length)] ?? 0;
    switch (random(7)) {
      case 0:
        bytes[at] = random(256);
        break;
      case 1:
        bytes[at] = (bytes[at] ?? 0) ^ (1 << random(8));
        break;
      case 2:
        if (at + 4 <= bytes.length) {
          if (random(2) === 0) bytes.writeUInt32BE(number, at);
          else bytes.writeUInt32LE(number, at);
        }
        break;
      case 3:
        if (at + 2 <= bytes.length) {
          if (random(2) === 0) bytes.writeUInt16BE(number & 0xffff, at);
          else bytes.writeUInt16LE(number & 0xffff, at);
        }
        break;
      case 4:
        bytes = Buffer.concat([bytes.subarray(0, at), bytes.subarray(at + run)]);
        break;
      case 5: {
        const from = place();
        bytes = Buffer.concat([bytes.subarray(0, at), bytes.subarray(from, from + run), bytes.subarray(at)]);
        break;
      }
      default:
        if (random(4) === 0) bytes = bytes.subarray(0, at);
    }
  }
  return Uint8Array.from(bytes);
}

/** Attacks reading, stamping and proving so often; the first complaints with their pictures in base 64. */
export async function fuzzPhotos(
  rounds: number,
  random: Random,
  tell: (complaint: string) => void = () => undefined,
  most = 5,
): Promise<{ readonly complaints: readonly string[]; readonly written: number }> {
  const pictures = await fuzzPictures();
  const complaints: string[] = [];
  let written = 0;
  for (let round = 0; round < rounds && complaints.length < most; round += 1) {
    const bytes = mutatedPicture(pictures, random);
    const begun = process.cpuUsage();
    const outcome = attempt(bytes, round % 3 === 0);
    written += outcome === undefined ? 0 : 1;
    const { user, system } = process.cpuUsage(begun);
    const ms = (user + system) / 1000;
    const complaint = outcome || (ms > LONGEST_MS ? `took ${String(Math.round(ms))} ms` : '');
    if (!complaint) continue;
    complaints.push(`${complaint}\n${Buffer.from(bytes).toString('base64')}`);
    tell(complaints.at(-1) ?? '');
  }
  return { complaints, written };
}

function attempt(bytes: Uint8Array, removesPersonal: boolean): string | undefined {
  try {
    return attack(bytes, removesPersonal);
  } catch (error) {
    return `threw ${error instanceof Error ? (error.stack ?? error.message) : String(error)}`;
  }
}

/** What is wrong with a picture that was written, '' for nothing; undefined where it was refused. */
function attack(bytes: Uint8Array, removesPersonal: boolean): string | undefined {
  readCarried(bytes);
  readTags(bytes);
  const stamping = stampPicture(bytes, fields, { removesPersonal });
  if (!stamping.ok) return undefined;
  const out = concat(stamping.parts);
  if (!readContainer(out).ok) return 'what was written cannot be taken apart';
  if (!sameImage(out, bytes, same)) return 'what was written has another image';
  const { lines } = provePhoto(out, bytes, stamping, same);
  const wrong = lines.filter(({ agrees }) => !agrees);
  return wrong
    .map(({ field, where, meant, read }) => `${field} in ${where}: meant “${meant}”, reads “${read}”`)
    .join('\n');
}
