import { expect, test } from '@jest/globals';
import { readSource } from './index.ts';

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
