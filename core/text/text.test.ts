import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { parse } from 'parse5';
import {
  Lines,
  applyEdits,
  changedLines,
  editBetween,
  asciiHtml,
  asciiJson,
  binaryBytes,
  binaryText,
  escapeHtml,
  escapeXml,
  fileName,
  fold,
  freeName,
  jsonString,
} from './index.ts';

const nasty = `</script><!--&"'\u2028\u2029<b>é</b>`;

describe('escaping', () => {
  test('JSON in a script reads back as it was and cannot leave the script', () => {
    fc.assert(
      fc.property(fc.string({ unit: 'binary' }), (text) => {
        const json = jsonString(text + nasty);
        expect(JSON.parse(json)).toBe(text + nasty);
        expect(json).not.toMatch(/[<\u2028\u2029]/);
        expect(JSON.parse(asciiJson(json))).toBe(text + nasty);
      }),
    );
  });

  test('HTML reads back as it was, in text and in attributes', () => {
    const html = `<p title="${escapeHtml(nasty)}">${asciiHtml(escapeHtml(nasty))}</p>`;
    const body = JSON.stringify(parse(html), (key, value: unknown) =>
      key === 'parentNode' ? undefined : value,
    );
    expect(body.split(JSON.stringify(nasty)).length).toBe(3);
    expect(html).not.toContain('<b>');
  });

  test('XML leaves out what XML cannot carry', () =>
    expect(escapeXml('a\u0000\u000b<\ud800b')).toBe('a&lt;b'));
});

describe('places', () => {
  test('count lines and columns from 1 over every kind of line end, and stay inside the source', () => {
    const lines = new Lines('ab\ncd\r\nef\rgh');
    expect(lines.place(0, 1)).toEqual({ start: 0, end: 1, line: 1, column: 1 });
    expect(lines.place(4, 5)).toMatchObject({ line: 2, column: 2 });
    expect(lines.place(7, 8)).toMatchObject({ line: 3, column: 1 });
    expect(lines.place(10, 99)).toEqual({ start: 10, end: 12, line: 4, column: 1 });
    expect(new Lines('').place(5, 9)).toEqual({ start: 0, end: 0, line: 1, column: 1 });
  });
});

describe('edits', () => {
  test('change what they name and nothing else', () => {
    const edits = [
      { start: 4, end: 5, text: 'E' },
      { start: 0, end: 0, text: '>' },
      { start: 3, end: 6, text: 'no' },
    ];
    expect(applyEdits('abcdef', edits)).toBe('>abcnof'.replace('nof', 'no'));
  });
});

describe('the lines that edits change', () => {
  const source = 'one\ntwo two\nthree\n';

  test('are whole lines, before and after', () => {
    expect(changedLines(source, [{ start: 8, end: 11, text: '2' }])).toEqual({
      before: 'two two',
      after: 'two 2',
    });
    expect(changedLines(source, [{ start: 0, end: 0, text: 'x\n' }])).toEqual({
      before: 'one',
      after: 'x\none',
    });
  });

  test('are cut where they are long', () => {
    const { before } = changedLines('a'.repeat(5000), [{ start: 2000, end: 2001, text: '' }]);
    expect(before).toHaveLength(601);
  });
});

describe('the edit between two texts', () => {
  test('is the smallest piece that differs', () => {
    expect(editBetween('abcabc', 'abcXabc')).toEqual({ start: 3, end: 3, text: 'X' });
    expect(editBetween('aaa', 'aa')).toEqual({ start: 2, end: 3, text: '' });
    expect(editBetween('same', 'same')).toBeNull();
  });

  test('makes the one into the other', () => {
    fc.assert(
      fc.property(fc.string({ unit: 'binary' }), fc.string({ unit: 'binary' }), (before, after) => {
        const edit = editBetween(before, after);
        expect(applyEdits(before, edit ? [edit] : [])).toBe(after);
      }),
    );
  });
});

describe('bytes', () => {
  test('binary text keeps every byte', () => {
    fc.assert(
      fc.property(fc.uint8Array({ maxLength: 20_000 }), (bytes) =>
        expect(binaryBytes(binaryText(bytes))).toEqual(bytes),
      ),
    );
  });
});

test('folding puts case, marks, punctuation and spacing aside', () =>
  expect(fold('  CAFÉ\u00a0 O’Brien & Sons, Ltd. ')).toBe(fold('cafe obrien and sons ltd')));

test('ASCII folds as it does beside other letters', () => {
  fc.assert(
    fc.property(fc.string({ unit: 'grapheme-ascii' }), fc.constantFrom('é', 'ø', '中'), (text, other) => {
      expect(fold(`${text} ${other}`)).toBe(`${fold(text)} ${fold(other)}`.trim());
    }),
  );
});

test('file names are plain, and never taken twice', () => {
  expect(fileName('Zoë’s Practice, Port Ellery!')).toBe('zoe-s-practice-port-ellery');
  expect(fileName('店')).toBe('unnamed');
  expect(fileName('Suite № 4, ℡ ™')).toBe('suite-no-4-tel-tm');
  expect(fileName('Crème brûlée, Łódź; İzmir')).toBe('creme-brulee-lodz-izmir');
  // As their countries write them, with two letters or with one, composed or not.
  expect(['DE', 'SE', ''].map((country) => fileName('Ba\u0308ckerei Öl', country))).toEqual([
    'baeckerei-oel',
    'backerei-ol',
    'backerei-ol',
  ]);
  expect(fileName('Smørrebrød på Åen', 'DK')).toBe('smoerrebroed-paa-aaen');
  expect(
    ['სასტუმრო მთა', 'Հյուրանոց Արարատ', '서울 약국', '강남 빵집'].map((name) => fileName(name)),
  ).toEqual(['sastumro-mta', 'hyuranots-ararat', 'seoul-yakguk', 'gangnam-ppangjip']);
  expect(
    [
      'サロン・ド・ルナ',
      'コーヒーショップ ﾀﾅｶ',
      'きっちゃ',
      'ウィンドウ カフェ',
      'צילום חנות',
      'مخبز الأمل',
    ].map((name) => fileName(name)),
  ).toEqual(['saron-do-runa', 'kohishoppu-tanaka', 'kitcha', 'windou-kafe', 'tsylvm-hnvt', 'mkhbz-alaml']);
  // Endings without the words they end say nothing.
  expect(fileName('渋谷のさくら exterior')).toBe('exterior');
  expect(['Пекарня «Щёлково»', 'Αρτοποιείο του Γιάννη'].map((name) => fileName(name))).toEqual([
    'pekarnia-shchelkovo',
    'artopoieio-tou-gianni',
  ]);
  const taken = new Set<string>();
  expect(['a.jpg', 'A.jpg', 'a.jpg', 'b'].map((name) => freeName(name, taken))).toEqual([
    'a.jpg',
    'A-2.jpg',
    'a-3.jpg',
    'b',
  ]);
});
