/** Blocks of Exif as programs leave them that break the rules: what another reader saw before, it sees afterwards. */
import { execFileSync } from 'node:child_process';
import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterAll, expect, test } from '@jest/globals';
import sharp from 'sharp';
import { larkspur } from '#sample';
import { stampFields, stampPicture, type StampOptions } from './index.ts';

const folder = mkdtempSync(join(tmpdir(), 'zinc-exif-'));
afterAll(() => rmSync(folder, { recursive: true }));

const segment = (marker: number, data: Uint8Array): Buffer => {
  const head = Buffer.from([0xff, marker, 0, 0]);
  head.writeUInt16BE(data.length + 2, 2);
  return Buffer.concat([head, data]);
};
/** A row of a directory: tag, type, count and its four bytes. */
type Row = readonly [tag: number, type: number, count: number, value: number];

/** A TIFF structure in big-endian order: rows as they are given, where the next directory is, and what lies behind. */
function tiff(rows: readonly Row[], next: number, behind: Buffer = Buffer.alloc(0)): Buffer {
  const block = Buffer.alloc(8 + 2 + rows.length * 12 + 4);
  block.write('MM\0*', 0, 'latin1');
  block.writeUInt32BE(8, 4);
  block.writeUInt16BE(rows.length, 8);
  for (const [at, [tag, type, count, value]] of rows.entries()) {
    block.writeUInt16BE(tag, 10 + at * 12);
    block.writeUInt16BE(type, 12 + at * 12);
    block.writeUInt32BE(count, 14 + at * 12);
    block.writeUInt32BE(value, 18 + at * 12);
  }
  block.writeUInt32BE(next, block.length - 4);
  return Buffer.concat([block, behind]);
}
const exif = (block: Uint8Array): Buffer =>
  segment(0xe1, Buffer.concat([Buffer.from('Exif\0\0', 'latin1'), block]));
const plain = await sharp({ create: { width: 16, height: 16, channels: 3, background: '#456' } })
  .jpeg()
  .toBuffer();
const withSegments = (...segments: readonly Buffer[]): Buffer =>
  Buffer.concat([plain.subarray(0, 2), ...segments, plain.subarray(2)]);

const read = (file: Uint8Array): Record<string, unknown> => {
  const path = join(folder, 'photo.jpg');
  writeFileSync(path, file);
  const words = ['-j', '-G1', '-n', '-a', '-u', '-warning', '-all', path];
  return (
    (JSON.parse(execFileSync('exiftool', words, { encoding: 'utf8' })) as Record<string, unknown>[])[0] ?? {}
  );
};
const fields = stampFields(larkspur, { title: 'Front', caption: 'Harbour', keywords: [], alt: '' });
function stamped(file: Buffer, options: StampOptions = {}): Record<string, unknown> {
  const result = stampPicture(file, fields, options);
  if (!result.ok) throw new Error(result.message);
  return { ...read(Buffer.concat(result.parts)), left: result.left, personal: result.personal };
}

const SHORT = 3;
const LONG = 4;
const ORIENTATION: Row = [0x0112, SHORT, 1, 6 << 16];

test('a row of no type stands last, where it ends the directory for nobody', () => {
  const file = withSegments(exif(tiff([ORIENTATION, [0, 0, 0x48, 1]], 0)));
  expect(read(file)).toMatchObject({ 'IFD0:Orientation': 6 });
  expect(stamped(file)).toMatchObject({
    'IFD0:Orientation': 6,
    'IFD0:ImageDescription': 'Harbour',
    left: [],
  });
});

test.each([
  ['as a signed number', 9, 38],
  ['as a number', LONG, 38],
])('a position whose place is told %s keeps what it has', (_, type, place) => {
  const gps = Buffer.alloc(18);
  gps.writeUInt16BE(1, 0);
  gps.set([0, 6, 0, 5, 0, 0, 0, 1, 0, 0, 0, 56], 2); // altitude
  const altitude = Buffer.from([0, 0, 0, 12, 0, 0, 0, 1]);
  const file = withSegments(
    exif(tiff([ORIENTATION, [0x8825, type, 1, place]], 0, Buffer.concat([gps, altitude]))),
  );
  expect(read(file)).toMatchObject({ 'GPS:GPSAltitude': 12 });
  expect(stamped(file)).toMatchObject({ 'GPS:GPSAltitude': 12, 'GPS:GPSLatitudeRef': 'N' });
});

test('what is no place of a directory is not read as one', () => {
  // A text at the place of a directory of camera settings.
  const rows = tiff([[0x9000, 7, 4, 0x30323230]], 0).subarray(8);
  const file = withSegments(exif(tiff([ORIENTATION, [0x8825, 2, rows.length, 38]], 0, rows)));
  const told = stamped(file);
  expect(Object.keys(told).filter((tag) => /^GPS:.*0x9000/i.test(tag))).toEqual([]);
  expect(told).toMatchObject({ 'GPS:GPSLatitudeRef': 'N', 'IFD0:Orientation': 6 });
});

test('a directory beyond the end does not come to lie in what is put there', () => {
  const told = stamped(withSegments(exif(tiff([ORIENTATION], 200))));
  expect(told).toMatchObject({ 'IFD0:Orientation': 6 });
  expect(told['ExifTool:Warning']).toBeUndefined();
});

test('a block that goes on in the next segment is joined, or left as one where it is too long', () => {
  const text = Buffer.from('first and second\0', 'latin1');
  const block = tiff([[0x010f, 2, text.length, 26]], 0, text);
  const parted = withSegments(exif(block.subarray(0, 34)), exif(block.subarray(34)));
  expect(read(parted)).toMatchObject({ 'IFD0:Make': 'first and second' });
  expect(stamped(parted)).toMatchObject({
    'IFD0:Make': 'first and second',
    'IFD0:ImageDescription': 'Harbour',
  });

  const long = Buffer.alloc(70_000, 0x41);
  const tooLong = tiff([ORIENTATION, [0x010f, 2, long.length, 38]], 0, long);
  const told = stamped(withSegments(exif(tooLong.subarray(0, 60_000)), exif(tooLong.subarray(60_000))));
  expect(told).toMatchObject({ 'IFD0:Orientation': 6, left: ['Exif'], 'XMP-dc:Title': 'Front' });
  expect(String(told['IFD0:Make'])).toHaveLength(70_000);
});

test('the names of who wrote the caption go with personal data, and are told', async () => {
  const xmp = `<x:xmpmeta xmlns:x="adobe:ns:meta/"><rdf:RDF xmlns:rdf="http://www.w3.org/1999/02/22-rdf-syntax-ns#"><rdf:Description rdf:about="" xmlns:photoshop="http://ns.adobe.com/photoshop/1.0/" photoshop:CaptionWriter="Ann" photoshop:AuthorsPosition="Owner" photoshop:Credit="Desk"/></rdf:RDF></x:xmpmeta>`;
  const file = await sharp(plain).withXmp(xmp).toBuffer();
  expect(stamped(file)).toMatchObject({ 'XMP-photoshop:CaptionWriter': 'Ann' });
  const told = stamped(file, { removesPersonal: true });
  expect(Object.keys(told)).not.toContain('XMP-photoshop:CaptionWriter');
  expect(told).toMatchObject({
    'XMP-photoshop:Credit': 'Desk',
    personal: [
      { what: 'writer of the caption', value: 'Ann' },
      { what: 'position of the author', value: 'Owner' },
    ],
  });
});

test('letters of Windows in IPTC without a code are the same afterwards', () => {
  const byLine = Buffer.from([0x1c, 2, 110, 0, 7, 0x93, 0x48, 0xe9, 0x94, 0x20, 0x80, 0x9f]); // “Hé” €Ÿ as its credit
  const resource = Buffer.concat([
    Buffer.from('Photoshop 3.0\x008BIM\x04\x04\0\0\0\0\0\x0c', 'latin1'),
    byLine,
  ]);
  expect(stamped(withSegments(segment(0xed, resource)))).toMatchObject({ 'IPTC:Credit': '“Hé” €Ÿ' });
});

test('what stands in the second segment of its kind is seen, kept where it shall be, and told where it goes', () => {
  const resource = (...sets: readonly (readonly [number, string])[]): Buffer => {
    const data = Buffer.concat(
      sets.map(([number, text]) => Buffer.from([0x1c, 2, number, 0, text.length, ...Buffer.from(text)])),
    );
    const head = Buffer.from('Photoshop 3.0\x008BIM\x04\x04\0\0\0\0\0\0', 'latin1');
    head.writeUInt8(data.length, head.length - 1);
    return segment(0xed, Buffer.concat([head, data, Buffer.alloc(data.length % 2)]));
  };
  const other = segment(0xed, Buffer.from('Photoshop 3.0\x008BIM\x03\xed\0\0\0\0\0\x02\0\x01', 'latin1'));
  const file = withSegments(other, resource([80, 'Jens'], [120, 'The harbour']));
  const kept = stampPicture(file, fields, { policies: { author: 'empty', caption: 'empty' } });
  expect(kept.ok && kept.kept).toEqual(['caption', 'author']);
  const replaced = stampPicture(file, fields);
  expect(replaced.ok && replaced.replaced).toEqual([{ field: 'caption', was: 'The harbour' }]);
  const text = Buffer.from('first and second\0', 'latin1');
  const block = tiff([[0x010e, 2, text.length, 26]], 0, text);
  const parted = stampPicture(withSegments(exif(block.subarray(0, 34)), exif(block.subarray(34))), fields);
  expect(parted.ok && parted.replaced).toEqual([{ field: 'caption', was: 'first and second' }]);
});
