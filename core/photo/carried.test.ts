/** What a picture carries, in forms that few readers read. */
import { execFileSync } from 'node:child_process';
import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { deflateSync } from 'node:zlib';
import { afterAll, describe, expect, test } from '@jest/globals';
import sharp from 'sharp';
import { larkspur } from '#sample';
import { concat, provePhoto, readCarried, stampFields, stampPicture } from './index.ts';
import { newPacket } from './xmp.ts';

const folder = mkdtempSync(join(tmpdir(), 'zinc-carried-'));
afterAll(() => rmSync(folder, { recursive: true }));

const canvas = () => sharp({ create: { width: 33, height: 21, channels: 3, background: '#6b767d' } });
const fields = stampFields(larkspur, { title: 'Tür', caption: 'Ein Hof', keywords: ['vet'], alt: 'A door' });
const packet = newPacket([
  { prefix: 'dc', name: 'title', value: { kind: 'alt', text: 'Öld & new' } },
  { prefix: 'photoshop', name: 'City', value: { kind: 'text', text: 'Elsewhere' } },
]);

const word = (value: number): Buffer => Buffer.from([value >> 8, value & 0xff]);
const segment = (marker: number, data: Uint8Array): Buffer =>
  Buffer.concat([Buffer.from([0xff, marker]), word(data.length + 2), data]);
const XMP = Buffer.from('http://ns.adobe.com/xap/1.0/\0');

/** A JPEG with a segment before the first of a kind, the start of the image for 0xD8. */
async function jpegWith(fresh: Uint8Array, before: number): Promise<Uint8Array> {
  const jpeg = await canvas().jpeg().toBuffer();
  const at = before === 0xd8 ? 2 : jpeg.indexOf(Buffer.from([0xff, before]));
  return Buffer.concat([jpeg.subarray(0, at), fresh, jpeg.subarray(at)]);
}

async function pngWith(type: string, data: Uint8Array): Promise<Uint8Array> {
  const png = await canvas().png().toBuffer();
  const length = Buffer.alloc(4);
  length.writeUInt32BE(data.length);
  // Its check sum is wrong; readers of metadata do not ask for it.
  const chunk = Buffer.concat([length, Buffer.from(type), data, Buffer.alloc(4)]);
  return Buffer.concat([png.subarray(0, 33), chunk, png.subarray(33)]);
}

function stamped(bytes: Uint8Array) {
  const result = stampPicture(bytes, fields);
  if (!result.ok) throw new Error(result.message);
  const file = concat(result.parts);
  const { lines } = provePhoto(file, bytes, result, (a, b) => Buffer.compare(a, b) === 0);
  expect(lines.filter(({ agrees }) => !agrees)).toEqual([]);
  return { ...result, file };
}

describe('XMP that is packed or of another encoding is read, and told before it is replaced', () => {
  const utf16 = (isBig: boolean): Buffer => {
    const text = Buffer.from(`\uFEFF${packet.replace(/<\?xpacket.*?\?>/g, '')}`, 'utf16le');
    return isBig ? text.swap16() : text;
  };
  const text = Buffer.from(packet);
  test.each([
    ['UTF-16, little end first', () => jpegWith(segment(0xe1, Buffer.concat([XMP, utf16(false)])), 0xd8)],
    ['UTF-16, big end first', () => jpegWith(segment(0xe1, Buffer.concat([XMP, utf16(true)])), 0xd8)],
    ['behind the tables of a JPEG', () => jpegWith(segment(0xe1, Buffer.concat([XMP, text])), 0xc0)],
    [
      'packed in a PNG',
      () => {
        const head = Buffer.from('XML:com.adobe.xmp\0\x01\0\0\0', 'latin1');
        return pngWith('iTXt', Buffer.concat([head, deflateSync(text)]));
      },
    ],
  ])('%s', async (_, made) => {
    const bytes = await made();
    expect(readCarried(bytes)?.xmp).toMatchObject({ title: 'Öld & new', town: 'Elsewhere' });
    const { replaced } = stamped(bytes);
    expect(replaced).toContainEqual({ field: 'title', was: 'Öld & new' });
    expect(replaced).toContainEqual({ field: 'town', was: 'Elsewhere' });
  });
});

test('packed texts of a PNG are told before they are replaced', async () => {
  const packed = Buffer.concat([
    Buffer.from('Description\0\0', 'latin1'),
    deflateSync(Buffer.from('Ein Bild', 'latin1')),
  ]);
  expect(stamped(await pngWith('zTXt', packed)).replaced).toEqual([{ field: 'caption', was: 'Ein Bild' }]);
  const broken = await pngWith('zTXt', Buffer.from('Description\0\0not packed', 'latin1'));
  expect(stamped(broken).replaced).toEqual([]);
});

test('Exif among the tables of a JPEG is set where it stands, not beside', async () => {
  const exif = Buffer.from(
    '457869660000 4d4d002a00000008 0001 010f00020000000441636d00 00000000'.replace(/ /g, ''),
    'hex',
  );
  const bytes = await jpegWith(segment(0xe1, exif), 0xc0);
  expect(readCarried(bytes)).toMatchObject({ camera: 'Acm' });
  const { file } = stamped(bytes);
  expect(Buffer.from(file).toString('latin1').split('Exif\0\0')).toHaveLength(2);
  const path = join(folder, 'tables.jpg');
  writeFileSync(path, file);
  const said = execFileSync('exiftool', ['-s3', '-Make', '-XPTitle', '-validate', path], {
    encoding: 'utf8',
  });
  expect(said.split('\n').slice(0, 2)).toEqual(['Acm', 'Tür']);
});

test('of several Exif segments the first is read, which is the one that is written', async () => {
  const exif = (make: string): Buffer =>
    segment(
      0xe1,
      Buffer.concat([
        Buffer.from('Exif\0\0'),
        Buffer.from('4d4d002a000000080001010f000200000004', 'hex'),
        Buffer.from(`${make}\0`),
        Buffer.alloc(4),
      ]),
    );
  const bytes = await jpegWith(Buffer.concat([exif('One'), exif('Two')]), 0xd8);
  expect(readCarried(bytes)?.camera).toBe('One');
  expect(stamped(bytes).replaced).toEqual([]);
});

test.each(['jpeg', 'png', 'webp', 'gif', 'tiff', 'avif'] as const)('a %s tells its size', async (format) => {
  expect(readCarried(await canvas().toFormat(format).toBuffer())).toMatchObject({ width: 33, height: 21 });
});

test('WebP tells its size in all its forms, and a file that ends too early tells none', async () => {
  const forms = [
    canvas().webp({ lossless: true }),
    canvas().webp().withXmp(packet),
    canvas().ensureAlpha(0.5).webp(),
  ];
  for (const form of forms) {
    const bytes = await form.toBuffer();
    expect(readCarried(bytes)).toMatchObject({ width: 33, height: 21 });
    for (let end = 12; end < 34; end += 1) expect(() => readCarried(bytes.subarray(0, end))).not.toThrow();
  }
});

describe('what a camera says', () => {
  const taken = async (make: string, model: string) => {
    const exif = {
      IFD0: { Make: make, Model: model },
      IFD2: { CameraOwnerName: 'Ann', BodySerialNumber: '47' },
    };
    return readCarried(await canvas().jpeg().withExif(exif).toBuffer());
  };

  test.each([
    ['Harbour', 'Harbour X1', 'Harbour X1'],
    ['HARBOUR', 'Harbour X1', 'Harbour X1'],
    ['Harbour', 'X1', 'Harbour X1'],
  ])('of its maker %s and its model %s is %s', async (make, model, camera) =>
    expect((await taken(make, model))?.camera).toBe(camera),
  );

  test('of people and devices is listed, but for the place, which has its own line', async () => {
    expect((await taken('Harbour', 'X1'))?.personal).toEqual([
      { what: 'owner', value: 'Ann' },
      { what: 'serial number', value: '47' },
    ]);
    expect(readCarried(stamped(await canvas().jpeg().toBuffer()).file)?.personal).toEqual([]);
  });
});
