import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { binaryBytes, utf8Bytes } from '#core/text';
import { decodeText } from './index.ts';

describe('decoding', () => {
  test('follows the byte order mark, the named encoding, UTF-8, then windows-1252', () => {
    const utf8 = new TextEncoder().encode('Zoë');
    expect(decodeText(utf8)).toMatchObject({ text: 'Zoë', encoding: 'utf-8', bom: 0 });
    expect(decodeText(Uint8Array.of(0xef, 0xbb, 0xbf, ...utf8))).toMatchObject({ text: 'Zoë', bom: 3 });
    expect(decodeText(Uint8Array.of(0xff, 0xfe, 0x5a, 0))).toMatchObject({ text: 'Z', encoding: 'utf-16le' });
    expect(decodeText(Uint8Array.of(0x5a, 0x6f, 0xeb))).toMatchObject({
      text: 'Zoë',
      encoding: 'windows-1252',
    });
    const declared = binaryBytes('<meta charset="iso-8859-5">\xd0');
    expect(decodeText(declared)).toMatchObject({
      encoding: 'iso-8859-5',
      text: '<meta charset="iso-8859-5">а',
    });
  });

  test('never fails: unknown labels are passed over, invalid bytes are told', () => {
    expect(decodeText(binaryBytes('<meta charset="klingon">ok')).text).toContain('ok');
    expect(decodeText(binaryBytes('<meta charset="utf-8">\xff'))).toMatchObject({ damaged: true });
    fc.assert(fc.property(fc.uint8Array(), (bytes) => typeof decodeText(bytes).text === 'string'));
  });

  test('UTF-8 says so where the text names another encoding for itself', () => {
    const page = '<meta charset="windows-1252"><p>café';
    expect(decodeText(utf8Bytes(page)).text).toBe(page);
    expect(decodeText(utf8Bytes(page)).bom).toBe(3);
    expect(utf8Bytes('<p>café')).toEqual(new TextEncoder().encode('<p>café'));
    fc.assert(
      fc.property(fc.string({ unit: 'grapheme' }), (text) => decodeText(utf8Bytes(text)).text === text),
    );
  });
});

test('windows-1252 has quotes and dashes where ISO 8859-1 has controls', () => {
  const bytes = Uint8Array.from([0x93, 0x80, 0x96, 0xe9, 0x94, 0x81]);
  expect(decodeText(bytes).text).toBe('“€–é”\u0081');
  expect(decodeText(new TextEncoder().encode('é'), 'text/html; charset=iso-8859-1').text).toBe('Ã©');
});
