/** Pictures of several pictures: those behind the first are found where they were, by another reader. */
import { execFileSync } from 'node:child_process';
import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterAll, describe, expect, test } from '@jest/globals';
import sharp from 'sharp';
import { larkspur } from '#sample';
import { provePhoto, stampFields, stampPicture, type StampOptions } from './index.ts';

const folder = mkdtempSync(join(tmpdir(), 'zinc-pictures-'));
afterAll(() => rmSync(folder, { recursive: true }));

const jpeg = (width: number, grey: number): Promise<Buffer> =>
  sharp({ create: { width, height: 16, channels: 3, background: { r: grey, g: grey, b: grey } } })
    .jpeg()
    .toBuffer();

const segment = (marker: number, data: Uint8Array): Buffer => {
  const head = Buffer.from([0xff, marker, 0, 0]);
  head.writeUInt16BE(data.length + 2, 2);
  return Buffer.concat([head, data]);
};

/** The list of two pictures (CIPA DC-007): version, number and entries, the places told from its byte order on. */
function listOfTwo(first: number, second: number, place: number, little: boolean): Buffer {
  const data = Buffer.alloc(4 + 50 + 32);
  data.write('MPF\0', 0, 'latin1');
  const list = data.subarray(4);
  const u16 = (at: number, value: number): unknown =>
    little ? list.writeUInt16LE(value, at) : list.writeUInt16BE(value, at);
  const u32 = (at: number, value: number): unknown =>
    little ? list.writeUInt32LE(value, at) : list.writeUInt32BE(value, at);
  list.write(little ? 'II' : 'MM', 0, 'latin1');
  u16(2, 42);
  u32(4, 8);
  u16(8, 3);
  u16(10, 0xb000);
  u16(12, 7);
  u32(14, 4);
  list.write('0100', 18, 'latin1');
  u16(22, 0xb001);
  u16(24, 4);
  u32(26, 1);
  u32(30, 2);
  u16(34, 0xb002);
  u16(36, 7);
  u32(38, 32);
  u32(42, 50);
  for (const [at, attributes, size, offset] of [
    [50, 0x20030000, first, 0],
    [66, 0, second, place],
  ] as const) {
    u32(at, attributes);
    u32(at + 4, size);
    u32(at + 8, offset);
  }
  return data;
}

const xmp = Buffer.concat([
  Buffer.from('http://ns.adobe.com/xap/1.0/\0', 'latin1'),
  Buffer.from(
    '<x:xmpmeta xmlns:x="adobe:ns:meta/"><rdf:RDF xmlns:rdf="http://www.w3.org/1999/02/22-rdf-syntax-ns#"><rdf:Description rdf:about="" xmlns:dc="http://purl.org/dc/elements/1.1/"/></rdf:RDF></x:xmpmeta>',
  ),
]);

/** A picture with a smaller one behind it, and its list before or behind other metadata. */
async function twoPictures(little: boolean, behind: readonly Buffer[]) {
  const [plain, second] = [await jpeg(64, 90), await jpeg(24, 200)];
  const rest = Buffer.concat([...behind, plain.subarray(2)]);
  const listLength = 4 + 4 + 50 + 32;
  const first = 2 + listLength + rest.length;
  const list = segment(0xe2, listOfTwo(first, second.length, first - 2 - 4 - 4, little));
  const bytes = Buffer.concat([Buffer.from([0xff, 0xd8]), list, rest, second]);
  return { bytes, second };
}

const fields = stampFields(larkspur, { title: 'Door', caption: 'A door', keywords: ['vet'], alt: 'A door' });

/** The stamped file, proved. */
function stamped(bytes: Uint8Array, options: StampOptions = {}): Buffer {
  const result = stampPicture(bytes, fields, options);
  if (!result.ok) throw new Error(result.message);
  const written = Buffer.concat(result.parts);
  const same = (a: Uint8Array, b: Uint8Array): boolean => Buffer.compare(a, b) === 0;
  expect(provePhoto(written, bytes, result, same).proved).toBe(true);
  return written;
}

function exiftool(bytes: Uint8Array, ...words: string[]): Buffer {
  const file = join(folder, 'picture.jpg');
  writeFileSync(file, bytes);
  return execFileSync('exiftool', [...words, file]);
}

describe('a picture behind the first', () => {
  test.each([
    ['big-endian, its list before everything', false, []],
    ['little-endian, its list before everything', true, []],
    ['with XMP behind the list', false, [segment(0xe1, xmp)]],
    [
      'with XMP and a comment behind the list',
      true,
      [segment(0xe1, xmp), segment(0xfe, Buffer.from('hello'))],
    ],
  ])('is found where it stands: %s', async (_, little, behind) => {
    const { bytes, second } = await twoPictures(little, behind);
    expect(exiftool(bytes, '-b', '-MPImage2').equals(second)).toBe(true);
    const before = Uint8Array.from(bytes);
    const written = stamped(bytes);
    expect(bytes.equals(before)).toBe(true);
    expect(exiftool(written, '-b', '-MPImage2').equals(second)).toBe(true);
    // The first picture is as long as the list says, and the second right behind it.
    expect(written.length - second.length).toBe(firstLength(written));
    expect(written.indexOf(second)).toBe(written.length - second.length);
  });

  test('is told to stay where personal data are to go', async () => {
    const { bytes } = await twoPictures(false, []);
    const further = (picture: Uint8Array, options: StampOptions): boolean | undefined => {
      const result = stampPicture(picture, fields, options);
      return result.ok ? result.keepsFurther : undefined;
    };
    expect(further(bytes, { removesPersonal: true })).toBe(true);
    expect(further(bytes, {})).toBe(false);
    expect(further(await jpeg(64, 90), { removesPersonal: true })).toBe(false);
  });

  test('a list that cannot be read stays as it is', async () => {
    const { bytes } = await twoPictures(false, []);
    for (const [at, byte] of [
      [4, 0x58],
      [8, 0xff],
      [46, 0xff],
    ] as const) {
      const broken = Buffer.from(bytes);
      const list = broken.indexOf('MPF\0', 0, 'latin1');
      broken[list + at] = byte;
      const before = Buffer.from(broken.subarray(list, list + 86));
      const written = stamped(broken);
      const now = written.indexOf('MPF\0', 0, 'latin1');
      expect(written.subarray(now, now + 86).equals(before)).toBe(true);
    }
  });
});

/** What the list of a big- or little-endian file says of its first picture's length. */
function firstLength(bytes: Buffer): number {
  const list = bytes.indexOf('MPF\0', 0, 'latin1') + 4;
  return bytes[list] === 0x49 ? bytes.readUInt32LE(list + 54) : bytes.readUInt32BE(list + 54);
}

test('a thumbnail in an extension of JFIF goes with personal data, and stays without', async () => {
  const jfif = segment(0xe0, Buffer.from('JFIF\0\x01\x02\0\0\x01\0\x01\0\0', 'latin1'));
  const plain = await jpeg(64, 90);
  const small = Buffer.concat([Buffer.from('JFXX\0\x10', 'latin1'), await jpeg(16, 90)]);
  const bytes = Buffer.concat([plain.subarray(0, 2), jfif, segment(0xe0, small), plain.subarray(2)]);
  expect(stamped(bytes).includes(small)).toBe(true);
  const without = stamped(bytes, { removesPersonal: true });
  expect(without.includes(small)).toBe(false);
});
