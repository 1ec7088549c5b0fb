import { execFileSync } from 'node:child_process';
import { mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterAll, beforeAll, describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import sharp from 'sharp';
import { larkspur } from '#sample';
import {
  concat,
  provePhoto as prove,
  readCarried,
  readJpeg,
  sameImage,
  stampFields,
  stampPicture,
  type StampFields,
  type StampResult,
} from './index.ts';
import { mergeExif } from './exif.ts';
import { mergeXmp } from './xmp.ts';

const folder = mkdtempSync(join(tmpdir(), 'photo-test-'));
afterAll(() => rmSync(folder, { recursive: true }));

const sameBytes = (a: Uint8Array, b: Uint8Array): boolean => Buffer.compare(a, b) === 0;
const provePhoto = (stamped: Uint8Array, original: Uint8Array, what: StampFields) =>
  prove(stamped, original, { fields: what }, sameBytes);
const picture = () =>
  sharp({ create: { width: 320, height: 200, channels: 3, background: '#6b767d' } }).jpeg();
const stampJpeg = (bytes: Uint8Array, what: StampFields): StampResult => stampPicture(bytes, what);
const fields = stampFields(larkspur, {
  title: 'Recovery ward — Port Ellery',
  caption: 'Zoë checks a “patient”',
  keywords: ['vet', 'Port Ellery', 'chirurgie vétérinaire'],
  alt: 'A vet with a cat & a dog',
});

function stamp(bytes: Uint8Array, what: StampFields = fields): Uint8Array {
  const result = stampJpeg(bytes, what);
  if (!result.ok) throw new Error(result.message);
  return concat(result.parts);
}

/** All tags as exiftool, which is not ours, reads them. */
function exiftool(bytes: Uint8Array): Record<string, unknown> {
  const file = join(folder, 'read.jpg');
  writeFileSync(file, bytes);
  const [tags] = JSON.parse(
    execFileSync(
      'exiftool',
      ['-json', '-G1', '-n', '-struct', '-charset', 'iptc=utf8', '-charset', 'exif=utf8', file],
      { encoding: 'utf8', stdio: ['ignore', 'pipe', 'ignore'] },
    ),
  ) as Record<string, unknown>[];
  return tags ?? {};
}

let bare: Uint8Array;
let camera: Uint8Array;

beforeAll(async () => {
  bare = await picture().toBuffer();
  // A photo as cameras and editors leave them: maker, thumbnail, maker note, profile, IPTC in Latin-1, XMP of others.
  const file = join(folder, 'camera.jpg');
  const thumbnail = join(folder, 'thumb.jpg');
  writeFileSync(
    file,
    await picture()
      .withExif({
        IFD0: { Make: 'Harbour Optics', Model: 'HO-7', Copyright: 'Someone' },
        IFD2: { DateTimeOriginal: '2026:05:01 10:00:00' },
      })
      .withIccProfile('srgb')
      .toBuffer(),
  );
  writeFileSync(
    thumbnail,
    await sharp({ create: { width: 40, height: 30, channels: 3, background: '#fff' } })
      .jpeg()
      .toBuffer(),
  );
  execFileSync(
    'exiftool',
    [
      '-overwrite_original',
      `-ThumbnailImage<=${thumbnail}`,
      '-codedcharacterset=',
      '-charset',
      'iptc=latin',
      '-IPTC:Caption-Abstract=Caf\u00e9',
      '-IPTC:By-line=Ren\u00e9',
      '-IPTC:Keywords=old',
      '-XMP-dc:Title=Old title',
      '-XMP-xmp:Rating=4',
      '-XMP-dc:Creator=Someone',
      '-GPSAltitude=12',
      '-Exif:SerialNumber=77',
      file,
    ],
    { stdio: 'ignore' },
  );
  camera = readFileSync(file);
});

describe('stamping', () => {
  test('is proved by a reader that is not ours, on bare photos and on those of cameras', () => {
    for (const original of [bare, camera]) {
      const proof = provePhoto(stamp(original), original, fields);
      expect(proof.lines.filter(({ agrees }) => !agrees)).toEqual([]);
      expect(proof.proved).toBe(true);
      expect(proof.lines.length).toBeGreaterThan(15);
    }
  });

  test('agrees with a second independent reader, tag by tag', () => {
    const tags = exiftool(stamp(camera));
    expect(tags).toMatchObject({
      'IFD0:ImageDescription': fields.caption,
      'IFD0:XPTitle': fields.title,
      'IFD0:XPKeywords': fields.keywords.join(';'),
      'ExifIFD:UserComment': fields.contactBlock,
      'GPS:GPSVersionID': '2 3 0 0',
      'GPS:GPSLatitudeRef': 'N',
      'GPS:GPSLongitudeRef': 'W',
      'GPS:GPSMapDatum': 'WGS-84',
      'IPTC:ObjectName': fields.title,
      'IPTC:Headline': fields.title,
      'IPTC:Caption-Abstract': fields.caption,
      'IPTC:Keywords': fields.keywords,
      'IPTC:Country-PrimaryLocationCode': 'USA',
      'XMP-dc:Title': fields.title,
      'XMP-dc:Description': fields.caption,
      'XMP-dc:Subject': fields.keywords,
      'XMP-photoshop:City': 'Port Ellery',
      'XMP-iptcCore:AltTextAccessibility': fields.alt,
      'XMP-iptcCore:CreatorContactInfo': { CiTelWork: '(360) 555-0142', CiAdrPcode: 98299 },
      'XMP-iptcExt:LocationShown': [{ City: 'Port Ellery', CountryCode: 'US' }],
    });
    expect(tags['GPS:GPSLatitude']).toBeCloseTo(48.51234, 7);
    expect(tags['GPS:GPSLongitude']).toBeCloseTo(122.6123, 7);
    expect(tags['XMP-exif:GPSLongitude']).toBeCloseTo(-122.6123, 7);
    expect(tags['ExifTool:Warning']).toBeUndefined();
  });

  test('keeps what is not being set, and the image to the byte', () => {
    const [before, after] = [exiftool(camera), exiftool(stamp(camera))];
    const set =
      /ImageDescription|XP|UserComment|GPSL|GPSV|GPSM|ObjectName|Headline|Caption|Keywords|City|Province|State|Country|Sub-?location|Title|Subject|Description|Location|AltText|CreatorContact/;
    const derived =
      /By-line|^(File|System|ExifTool|Composite|Photoshop)|Offset|^SourceFile|CodedCharacterSet|RecordVersion|XMPToolkit/;
    const kept = Object.entries(before).filter(([tag]) => !set.test(tag) && !derived.test(tag));
    expect(kept.length).toBeGreaterThan(25);
    expect(Object.fromEntries(kept.map(([tag]) => [tag, after[tag]]))).toEqual(Object.fromEntries(kept));
    expect(after).toMatchObject({
      'IPTC:By-line': 'René',
      'XMP-xmp:Rating': 4,
      'GPS:GPSAltitude': 12,
      'IFD0:Make': 'Harbour Optics',
    });
    expect(sameImage(camera, stamp(camera), sameBytes)).toBe(true);
  });

  test('tells of the small copy that a camera put into its photo', () => {
    const result = stampPicture(camera, fields, { removesPersonal: true });
    expect(result.ok && result.personal).toContainEqual({ what: 'thumbnail', value: 'there' });
    expect(result.ok && result.ofFormerPlace).toEqual([]);
  });

  test('again replaces, does not grow, and changes nothing when nothing changed', () => {
    const once = stamp(camera);
    expect(stamp(once)).toEqual(once);
    const other = { ...fields, title: 'Other', point: { latitude: -33.5, longitude: 151.25 } };
    const twice = stamp(once, other);
    expect(provePhoto(twice, camera, other).proved).toBe(true);
    expect(Math.abs(twice.length - once.length)).toBeLessThan(400);
    expect(exiftool(twice)['IFD1:ThumbnailImage']).toEqual(exiftool(camera)['IFD1:ThumbnailImage']);
  });

  test('leaves what has no value as the photo has it', () => {
    const nothing = { ...fields, title: '', caption: '', keywords: [], alt: '', point: undefined };
    expect(exiftool(stamp(camera, nothing))).toMatchObject({
      'XMP-dc:Title': 'Old title',
      'IPTC:Keywords': 'old',
      'IPTC:Caption-Abstract': 'Café',
    });
  });

  test('is exact for every point on earth', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: -900_000_000, max: 900_000_000 }),
        fc.integer({ min: -1_800_000_000, max: 1_800_000_000 }),
        (north, east) => {
          const point = { latitude: north / 1e7, longitude: east / 1e7 };
          expect(
            provePhoto(stamp(bare, { ...fields, point }), bare, { ...fields, point }).lines.filter(
              ({ agrees }) => !agrees,
            ),
          ).toEqual([]);
        },
      ),
      { numRuns: 100 },
    );
  });

  test('writes any text so that it reads back', () => {
    const text = fc
      .string({ unit: 'grapheme', minLength: 1, maxLength: 40 })
      .filter((value) => value.trim() === value && !/[;,]/.test(value));
    fc.assert(
      fc.property(text, text, (title, alt) => {
        const proof = provePhoto(stamp(bare, { ...fields, title, alt }), bare, { ...fields, title, alt });
        expect(proof.lines.filter(({ agrees }) => !agrees)).toEqual([]);
      }),
      { numRuns: 100 },
    );
  });
});

describe('the proof', () => {
  test('fails when a value is not what was meant, and when the image was changed', async () => {
    const stamped = stamp(bare);
    expect(
      provePhoto(stamped, bare, { ...fields, title: 'Another' })
        .lines.filter(({ agrees }) => !agrees)
        .map(({ where }) => where),
    ).toEqual(['Exif', 'IPTC', 'XMP']);
    expect(provePhoto(stamped, await picture().jpeg({ quality: 20 }).toBuffer(), fields).proved).toBe(false);
    expect(provePhoto(bare, bare, fields).proved).toBe(false);
  });
});

describe('a file that cannot be stamped', () => {
  test.each([
    ['no picture', () => new TextEncoder().encode('%PDF-1.4 not a picture')],
    ['nothing', () => new Uint8Array()],
    ['a JPEG cut off in its head', () => camera.subarray(0, 300)],
    ['a JPEG cut off in its image', () => camera.subarray(0, camera.length - 200)],
  ])('because it is %s says so', (_, bytes) =>
    expect(stampJpeg(bytes(), fields)).toMatchObject({ ok: false }),
  );

  test('because bytes stand between its segments says that, and not that it was cut off', () => {
    const length = ((camera[4] ?? 0) << 8) | (camera[5] ?? 0);
    const junk = concat([
      camera.subarray(0, 4 + length),
      Uint8Array.of(1, 2, 3),
      camera.subarray(4 + length),
    ]);
    expect(stampJpeg(junk, fields)).toMatchObject({
      ok: false,
      message: expect.stringContaining('belong to none') as unknown,
    });
  });

  test('because its Exif or XMP is damaged says so and loses nothing', () => {
    const changes = { ifd0: [], exif: [], gps: [] };
    expect(mergeExif(Uint8Array.of(0x49, 0x49, 42, 0, 0xff, 0xff, 0xff, 0x7f), changes)).toMatchObject({
      ok: false,
    });
    expect(mergeXmp('<x:xmpmeta><rdf:RDF>', [])).toMatchObject({ ok: false });
  });

  test('because a text leaves no room says so', () => {
    expect(stampJpeg(bare, { ...fields, caption: 'x'.repeat(70_000) })).toMatchObject({
      ok: false,
      message: expect.stringContaining('64 KB') as unknown,
    });
  });

  test('of any bytes is read without failing', () => {
    fc.assert(
      fc.property(fc.nat(camera.length - 1), fc.uint8Array({ minLength: 1, maxLength: 8 }), (at, noise) => {
        const bytes = Uint8Array.from(camera);
        bytes.set(noise.subarray(0, bytes.length - at), at);
        const result = stampJpeg(bytes, fields);
        expect(typeof result.ok).toBe('boolean');
        readCarried(bytes);
        readJpeg(bytes.subarray(0, at));
      }),
      { numRuns: 300 },
    );
  });
});
