import { expect, test } from '@jest/globals';
import { noText } from './index.ts';

const bytes = (text: string): Uint8Array => Uint8Array.from(text, (sign) => sign.charCodeAt(0));

test.each([
  ['\xff\xd8\xff\xe0..JFIF', 'a JPEG picture'],
  ['\x89PNG\r\n', 'a PNG picture'],
  ['%PDF-1.7', 'a PDF document'],
  ['PK\x03\x04..', 'a zip archive or a document of an office program'],
  ['\x1f\x8b\x08', 'packed with gzip'],
  [`abc${'\0'.repeat(9)}`, 'no text but other data'],
  [
    Array.from('<!doctype html>', (sign) => `${sign}\0`).join(''),
    'in UTF-16 without a byte order mark, which no browser reads',
  ],
  [
    Array.from('<!doctype html>', (sign) => `\0${sign}`).join(''),
    'in UTF-16 without a byte order mark, which no browser reads',
  ],
])('%j is %s', (text, what) => expect(noText(bytes(text))).toBe(what));

test.each([
  '',
  '<p>x',
  `<p>${'\0'.repeat(8)}</p>`,
  '{"a": 1}',
  '\xff\xfe<\0p\0>\0',
  '\xef\xbb\xbf<p>',
  '\xff\xd8 is no picture yet',
])('%j is a text', (text) => expect(noText(bytes(text))).toBe(''));
