import { describe, expect, test } from '@jest/globals';
import { decodeText } from './index.ts';

/** Bytes of a text whose letters beyond ASCII are given as bytes: "\x82\xb3". */
const bytes = (text: string): Uint8Array => Uint8Array.from(text, (letter) => letter.charCodeAt(0));

/** Text of each encoding: what it says, and its bytes as characters. */
const WORDS = {
  shift_jis: [
    'さくら歯科の診療時間です。お電話でどうぞ',
    '\x82\xb3\x82\xad\x82\xe7\x8e\x95\x89\xc8\x82\xcc\x90f\x97\xc3\x8e\x9e\x8a\xd4\x82\xc5\x82\xb7\x81B\x82\xa8\x93d\x98b\x82\xc5\x82\xc7\x82\xa4\x82\xbc',
  ],
  'euc-jp': [
    'さくら歯科の診療時間です。予約はお電話でどうぞ',
    '\xa4\xb5\xa4\xaf\xa4\xe9\xbb\xf5\xb2\xca\xa4\xce\xbf\xc7\xce\xc5\xbb\xfe\xb4\xd6\xa4\xc7\xa4\xb9\xa1\xa3\xcd\xbd\xcc\xf3\xa4\xcf\xa4\xaa\xc5\xc5\xcf\xc3\xa4\xc7\xa4\xc9\xa4\xa6\xa4\xbe',
  ],
  'euc-kr': [
    '화요일부터 일요일 오전 10시부터 오후 8시, 강남역에서 걸어서 오 분 거리에 있는 미용실입니다',
    '\xc8\xad\xbf\xe4\xc0\xcf\xba\xce\xc5\xcd \xc0\xcf\xbf\xe4\xc0\xcf \xbf\xc0\xc0\xfc 10\xbd\xc3\xba\xce\xc5\xcd \xbf\xc0\xc8\xc4 8\xbd\xc3, \xb0\xad\xb3\xb2\xbf\xaa\xbf\xa1\xbc\xad \xb0\xc9\xbe\xee\xbc\xad \xbf\xc0 \xba\xd0 \xb0\xc5\xb8\xae\xbf\xa1 \xc0\xd6\xb4\xc2 \xb9\xcc\xbf\xeb\xbd\xc7\xc0\xd4\xb4\xcf\xb4\xd9',
  ],
  'windows-1251': [
    'Свежий хлеб каждый день рядом с метро',
    '\xd1\xe2\xe5\xe6\xe8\xe9 \xf5\xeb\xe5\xe1 \xea\xe0\xe6\xe4\xfb\xe9 \xe4\xe5\xed\xfc \xf0\xff\xe4\xee\xec \xf1 \xec\xe5\xf2\xf0\xee',
  ],
} as const;

const page = (words: string, language = ''): Uint8Array =>
  bytes(
    `<!doctype html><html${language && ` lang="${language}"`}><head><title>x</title><style>p{margin:0}</style></head><body><p>${words}</p></body></html>`,
  );

describe('a page that does not name its encoding', () => {
  test.each(Object.entries(WORDS))(
    'of another script is read by its letters: %s',
    (encoding, [words, written]) => {
      const { text, encoding: read } = decodeText(page(written));
      expect(read).toBe(encoding);
      expect(text).toContain(words);
    },
  );

  test('of Latin letters is read by its language, or as windows-1252', () => {
    expect(decodeText(page('Kwiaciarnia Pod R\xf3\xbf\xb9', 'pl')).text).toContain('Pod Różą');
    expect(decodeText(page('Kuaf\xf6r I\xfe\xfdl', 'tr')).text).toContain('Kuaför Işıl');
    expect(decodeText(page('B\xe4ckerei M\xfcller', 'de'))).toMatchObject({ encoding: 'windows-1252' });
    expect(decodeText(page('Caf\xe9')).text).toContain('Café');
    expect(decodeText(page('Caf\xe9', 'ja')).text).toContain('Caf');
  });

  test('is not guessed at where it says what it is', () => {
    const named = bytes(`<meta charset="windows-1252"><p>${WORDS.shift_jis[1]}`);
    expect(decodeText(named).encoding).toBe('windows-1252');
    expect(decodeText(page(WORDS.shift_jis[1]), 'text/html; charset=euc-kr').encoding).toBe('euc-kr');
  });

  test('is read by its letters wherever the part that is looked at ends', () => {
    const [words, written] = WORDS.shift_jis;
    for (const more of ['', 'a'])
      expect(decodeText(page(more + `${written}<br>`.repeat(4000))).text).toContain(words);
  });

  test('made of tags that do not end is read in a time that grows with its length', () => {
    for (const piece of ['<', '<script>', '<a '])
      expect(decodeText(bytes(`${'\xe9'.repeat(40)}${piece.repeat(100_000)}`)).text).toContain(
        piece.repeat(3),
      );
  });
});
