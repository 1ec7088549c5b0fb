/** Comments in every script: what a stamp writes is read again, by us and by others. */
import { execFileSync } from 'node:child_process';
import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterAll, beforeAll, describe, expect, test } from '@jest/globals';
import sharp from 'sharp';
import { larkspur } from '#sample';
import { concat, provePhoto, readCarried, stampFields, stampPicture } from './index.ts';
import { userCommentText } from './userComment.ts';

const folder = mkdtempSync(join(tmpdir(), 'zinc-comment-'));
afterAll(() => rmSync(folder, { recursive: true }));
const same = (a: Uint8Array, b: Uint8Array): boolean => Buffer.compare(a, b) === 0;
const pictures = new Map<string, Uint8Array>();

beforeAll(async () => {
  const canvas = () => sharp({ create: { width: 8, height: 8, channels: 3, background: '#456' } });
  pictures.set('jpg', await canvas().jpeg().toBuffer());
  pictures.set('png', await canvas().png().toBuffer());
  pictures.set('webp', await canvas().webp().toBuffer());
});

/** A file without its first byte after "start of image", with fill bytes in its place (ITU-T T.81, B.1.1.2). */
const filled = (jpeg: Uint8Array): Uint8Array =>
  concat([jpeg.subarray(0, 2), Uint8Array.of(0xff, 0xff, 0xff), jpeg.subarray(2)]);

describe.each(['jpg', 'png', 'webp'])('a stamp of a %s', (format) => {
  test.each(['Bäckerei Grünwald', 'Καφενείο Αθηνά', 'そば処みずほ', 'Кафе «Ёлка»', 'مقهى النيل', 'Café 😀'])(
    'for %s is read again as it was meant',
    (name) => {
      const original = pictures.get(format) ?? new Uint8Array();
      const fields = stampFields({ ...larkspur, name }, { title: name, caption: '', keywords: [], alt: '' });
      const result = stampPicture(original, fields);
      if (!result.ok) throw new Error(result.message);
      const bytes = concat(result.parts);
      expect(provePhoto(bytes, original, result, same).lines.filter(({ agrees }) => !agrees)).toEqual([]);
      expect(readCarried(bytes)?.exif.comment).toBe(fields.contactBlock);
      const file = join(folder, `read.${format}`);
      writeFileSync(file, bytes);
      const read = execFileSync('exiftool', ['-b', '-ExifIFD:UserComment', file], { encoding: 'utf8' });
      expect(read).toBe(fields.contactBlock);
    },
  );
});

test('fill bytes at the head of a JPEG are no end of the picture', () => {
  const original = filled(pictures.get('jpg') ?? new Uint8Array());
  const fields = stampFields(larkspur, { title: 'Door', caption: '', keywords: [], alt: '' });
  const result = stampPicture(original, fields);
  expect(result.ok && provePhoto(concat(result.parts), original, result, same).proved).toBe(true);
});

describe('a comment of another program', () => {
  const bytes = (code: string, ...body: readonly number[]): Uint8Array =>
    Uint8Array.from([...Buffer.from(code.padEnd(8, '\0'), 'latin1'), ...body]);
  const utf16 = (text: string, littleEndian: boolean): number[] => {
    const written = Buffer.from(text, 'utf16le');
    return [...(littleEndian ? written : written.swap16())];
  };

  test.each<[string, Uint8Array, boolean, string]>([
    [
      'Unicode in the other byte order than the file',
      bytes('UNICODE', ...utf16('Grüße', true)),
      false,
      'Grüße',
    ],
    [
      'Unicode without a letter that tells the order',
      bytes('UNICODE', ...utf16('京都', false)),
      false,
      '京都',
    ],
    ['the same, the other way round', bytes('UNICODE', ...utf16('京都', true)), true, '京都'],
    ['Unicode with a byte order mark', bytes('UNICODE', 0xfe, 0xff, ...utf16('京', false)), true, '京'],
    ['what says ASCII and is UTF-8', bytes('ASCII', ...Buffer.from('Grüße  ')), false, 'Grüße'],
    ['what says nothing and is Latin-1', bytes('', ...Buffer.from('Grüße', 'latin1')), false, 'Grüße'],
    ['JIS', bytes('JIS', 0x1b, 0x24, 0x42, 0x35, 0x7e, 0x45, 0x54, 0x1b, 0x28, 0x42), false, '京都'],
    ['nothing but blanks', bytes('ASCII', 32, 32, 0, 0), false, ''],
    ['half a code', Uint8Array.of(65, 83), false, ''],
    ['a code of nobody', bytes('KLINGON', 65, 66), false, ''],
  ])('is read: %s', (_, comment, isLittle, text) =>
    expect(userCommentText(comment, () => isLittle)).toBe(text),
  );
});
