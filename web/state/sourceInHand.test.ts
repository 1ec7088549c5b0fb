import { describe, expect, test } from '@jest/globals';
import { asItCame, fileNameOf, nextSource, sourceInHand } from './sourceInHand.ts';

const answer = { url: 'https://a.example/', status: 200, headers: {}, milliseconds: 1 };

describe('the source in hand', () => {
  test('is shown with plain line breaks and goes out with those it came with', () => {
    const source = sourceInHand('<p>\r\n</p>');
    expect(source.text).toBe('<p>\n</p>');
    expect(asItCame(nextSource(source, { kind: 'typed', text: '<p>\nx</p>' }))).toBe('<p>\r\nx</p>');
    expect(asItCame(nextSource(source, { kind: 'loaded', text: 'a\nb', name: 'b' }))).toBe('a\nb');
  });

  test('keeps its address when a file without one is opened, and forgets what a host answered', () => {
    const fetched = nextSource(sourceInHand(''), {
      kind: 'loaded',
      text: 'a',
      name: 'https://a.example/',
      url: 'https://a.example/',
      answer,
    });
    const opened = nextSource(fetched, { kind: 'loaded', text: 'b', name: 'b.html' });
    expect([fetched.answer, opened.answer]).toEqual([answer, undefined]);
    expect(opened.url).toBe('https://a.example/');
  });

  test('forgets the caret with the text that it stood in', () => {
    const at = nextSource(sourceInHand('abc'), { kind: 'caret', at: 2 });
    expect(nextSource(at, { kind: 'typed', text: 'abcd' }).caret).toBe(2);
    expect(nextSource(at, { kind: 'loaded', text: 'x', name: '' }).caret).toBeUndefined();
  });

  test.each([
    ['', '<p>', 'source.html'],
    ['https://a.example/', '<p>', 'source.html'],
    ['https://a.example/about', '<p>', 'about.html'],
    ['', ' {"a": 1}', 'source.html'],
    ['https://a.example/data', ' {"a": 1}', 'data.jsonld'],
    ['shop/index.php', '<p>', 'index.php'],
  ])('called %j with %j is kept as %s', (name, text, file) =>
    expect(fileNameOf(sourceInHand(text, { name }))).toBe(file),
  );
});
