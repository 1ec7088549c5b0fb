import { expect, test } from '@jest/globals';
import { placeShown, readSource } from './index.ts';

test.each([
  ['<p>a<p>b', 'a\nb'],
  ['<p>a <b>b</b>c</p>', 'a bc'],
  ['<p>a<b> b</b> c</p>', 'a b c'],
  ['<p> a </p>\n\n<p> b </p>', 'a\nb'],
  ['<span>a</span><span>b</span>', 'ab'],
  ['<span>a</span>\n<span>b</span>', 'a b'],
  ['<span>Larch Inn</span><span>12 Row</span>', 'Larch Inn 12 Row'],
  ['<b><i>Larch Inn</i></b><b>Row</b>', 'Larch Inn Row'],
  ['<span>Gasse 11/2</span><span>1060 Wien</span>', 'Gasse 11/2 1060 Wien'],
  ['<span>01632</span><span>960 123</span>', '01632960 123'],
  ['<span>L</span>arch Inn by the sea', 'Larch Inn by the sea'],
  ['<b>Larch</b><b>Inn</b>', 'LarchInn'],
  ['<span style="display: block">a</span><span>b</span>', 'a\nb'],
  ['a<br>b', 'a\nb'],
  ['a<div></div>b', 'a\nb'],
  ['a <div> b</div> c', 'a\nb\nc'],
  ['<p hidden>a</p>b', 'b'],
  ['<p style="color: red">a</p><p style="display:none">b</p>', 'a'],
  ['<p style="visibility : hidden">a</p>b', 'b'],
  ['<title>t</title><script>s</script><style>y</style>b', 't\nb'],
  ['<table><tr><td>a<td>b<tr><td>c</table>', 'a\nb\nc'],
  ['<ul><li>a\t b<li>\fc</ul>', 'a b\nc'],
])('of %s a visitor sees %j', (source, seen) => {
  const visible = readSource(`<!doctype html><html><body>${source}</body></html>`).visible;
  expect(visible?.text).toBe(seen);
});

test('every piece of what is seen leads back to its place in the source', () => {
  const source = '<body><p>one <b>two</b>\n<i> three</i></p></body>';
  const { visible } = readSource(source);
  for (const [at, piece] of (visible?.pieces ?? []).entries()) {
    const next = visible?.pieces[at + 1]?.at ?? visible?.text.length;
    const seen = visible?.text.slice(piece.at, next).trim();
    expect(source.slice(piece.start, piece.end).trim()).toBe(seen);
  }
  expect(visible?.text).toBe('one two three');
});

test.each([
  // The very words, wherever in their text they stand.
  ['<p>Tel. 0123 or\n 0124</p>', '0124', 0, '0124'],
  ['<p>a b a b</p>', 'b', 1, 'b'],
  ['<p>a\nb', 'b', 0, 'b'],
  ['12 High Street\nSaltby\nTel. 0123', '0123', 0, '0123'],
  // What is written otherwise than it is read, and what stands in several texts: all that holds it.
  ['<p>x A &amp; B y</p>', 'A & B', 0, 'x A &amp; B y'],
  ['<p>12  High</p>', '12 High', 0, '12  High'],
  ['<p>x 12 <b>High</b> y</p>', '12 High', 0, 'x 12 <b>High'],
])('%s shows “%s” in its place', (source, words, nth, expected) => {
  const reading = readSource(source);
  const { visible } = reading;
  if (!visible) throw new Error('nothing is to be seen');
  let start = visible.text.indexOf(words);
  for (let left = nth; left > 0; left -= 1) start = visible.text.indexOf(words, start + 1);
  const place = placeShown(visible, reading, { start, end: start + words.length });
  expect(source.slice(place.start, place.end)).toBe(expected);
  if (nth > 0) expect(place.start).toBe(source.lastIndexOf(words));
});
