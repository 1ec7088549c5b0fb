import { describe, expect, test } from '@jest/globals';
import {
  attributeSpan,
  behindTagName,
  insertionPoint,
  isWritten,
  readDocument,
  textContent,
  type HtmlElement,
} from './index.ts';

const element = (source: string, name: string): HtmlElement => {
  const found = readDocument(source).elements.find((one) => one.name === name);
  if (!found) throw new Error(`no ${name}`);
  return found;
};
const names = (source: string): string[] => readDocument(source).elements.map(({ name }) => name);

describe('the tree of a page', () => {
  test('has the elements a browser makes up, told apart from those that are written', () => {
    const { elements } = readDocument('<p>One<p>Two');
    expect(elements.map((one) => [one.name, isWritten(one)])).toEqual([
      ['html', false],
      ['head', false],
      ['body', false],
      ['p', true],
      ['p', true],
    ]);
  });

  test('knows where each element begins and ends in the source', () => {
    const source = '<ul><li>One<li>Two</ul><div>x</div>';
    const [first, second] = readDocument(source).elements.filter(({ name }) => name === 'li');
    const cut = ({ start, end }: { start: number; end: number }): string => source.slice(start, end);
    expect([first, second].map((one) => one && cut(one))).toEqual(['<li>One', '<li>Two']);
    expect(cut(element(source, 'ul'))).toBe('<ul><li>One<li>Two</ul>');
    const div = element(source, 'div');
    expect(source.slice(div.contentStart, div.contentEnd)).toBe('x');
  });

  test.each(['a', 'nobr'])('ends %s before the start tag of another', (name) => {
    const source = `<${name}><i>1</i><${name}>2</${name}>`;
    const [one, two] = readDocument(source).elements.filter((element) => element.name === name);
    expect([one?.contentEnd, one?.end]).toEqual([two?.start, two?.start]);
  });

  test('keeps what stands behind the end of the body inside it, and where its end tag stands', () => {
    const source = '<html><body><p>a</body></html><p>b';
    const body = element(source, 'body');
    expect(source.slice(body.contentEnd)).toBe('</body></html><p>b');
    expect(textContent(body)).toBe('ab');
  });

  test('moves in front of a table what may not stand in it', () => {
    const table = element('<table><b>x</b><tr><td>y</table>', 'table');
    expect(table.parent?.children.map((child) => (child.kind === 'text' ? child.text : child.name))).toEqual([
      'b',
      'table',
    ]);
  });

  test('marks what stands in a template as not on the page', () => {
    expect(element('<template><div><p>x</template>', 'p').inert).toBe(true);
    expect(element('<div><p>x</div>', 'p').inert).toBe(false);
  });

  test('reads the content of noscript, scripts and styles as text', () => {
    expect(names('<noscript><p>x</p></noscript><style><b></style><script><i></script>')).not.toContain('p');
    expect(textContent(element('<body><noscript><p>x</p></noscript>', 'noscript'))).toBe('<p>x</p>');
  });

  test('decodes references in text and attributes by the rules of each', () => {
    const link = element('<a href="?a=1&copy=2&amp;b">&notit; &copy</a>', 'a');
    expect(link.attributes['href']).toBe('?a=1&copy=2&b');
    expect(textContent(link)).toBe('¬it; ©');
  });

  test('lists the elements with markup, also copies that misnested formatting makes', () => {
    const { marked } = readDocument('<b itemprop="name"><p>x</b>y</p><i class="z">');
    expect(marked.map(({ name }) => name)).toEqual(['b', 'b']);
  });

  test('keeps comments apart', () => {
    const { comments } = readDocument('<!-- a --><p><!-- b --!></p><?php c ?>');
    expect(comments.map(({ text }) => text)).toEqual([' a ', ' b ', '?php c ?']);
  });

  test.each([
    ['elements', '<div>'.repeat(100_000)],
    ['formatting', Array.from({ length: 20_000 }, (_, at) => `<p><font size="${String(at)}">`).join('')],
    ['tables', '<table><b>'.repeat(20_000)],
    ['templates', '<template>'.repeat(20_000)],
  ])('of any depth of %s is made in bounded time', (_, source) => {
    // Of the processor, which others may be using too; what takes the square of the depth takes minutes.
    const begun = process.cpuUsage();
    expect(readDocument(source).elements.length).toBeGreaterThan(10_000);
    expect(process.cpuUsage(begun).user).toBeLessThan(20_000_000);
  });
});

describe('the place of an attribute', () => {
  const placed = (tag: string, name: string): string | undefined => {
    const source = `<p>x</p>${tag}`;
    const found = readDocument(source).elements.at(-1);
    const span = found && attributeSpan(source, found, name);
    return span && source.slice(span.start, span.end);
  };

  test.each([
    ['<b itemprop="name">', 'itemprop', 'name'],
    ["<b itemprop='name x'>", 'itemprop', 'name x'],
    ['<b itemprop=name>', 'itemprop', 'name'],
    ['<b\n ITEMPROP = "name" >', 'itemprop', 'name'],
    ['<b a="itemprop=1" itemprop="y">', 'itemprop', 'y'],
    ['<b itemscope itemtype=x>', 'itemscope', ''],
    ['<b title="a>b" itemprop="z">', 'itemprop', 'z'],
    ['<b content="&amp;">', 'content', '&amp;'],
  ])('of %s: %s is %j', (tag, name, expected) => expect(placed(tag, name)).toBe(expected));

  test('is none where the tag has no such attribute', () =>
    expect(placed('<b itemprop="x">', 'itemtype')).toBeUndefined());

  test('holds what the parser reads', () => {
    const source = '<i a=1 b="2" c=\'3\' d / e=f/ g>x';
    const found = element(source, 'i');
    for (const [name, value] of Object.entries(found.attributes)) {
      const span = attributeSpan(source, found, name);
      expect(span && source.slice(span.start, span.end)).toBe(value);
    }
  });
});

describe('what pages seldom hold', () => {
  const text = (source: string, name: string): string => textContent(element(source, name));

  test.each([
    ['<pre>&#10;a</pre>', 'pre', 'a'],
    ['<pre>&#x0A;&#10;a</pre>', 'pre', '\na'],
    ['<pre>&#100;a</pre>', 'pre', 'da'],
    ['<textarea>\n&#10;a</textarea>', 'textarea', '\na'],
    ['<plaintext>a\0b', 'plaintext', 'a\uFFFDb'],
    ['<script>a</script\u00A0>b</script>', 'script', 'a</script\u00A0>b'],
  ])('%j holds in its %s %j', (source, name, held) => expect(text(source, name)).toBe(held));

  test.each([
    ['<!--x--', 'x'],
    ['<!--x-', 'x'],
    ['<!--x--!', 'x'],
    ['<!--x---', 'x-'],
    ['<!--x', 'x'],
    ['<!--x--y', 'x--y'],
  ])('the comment %j at the end of a page says %j', (source, said) =>
    expect(readDocument(source).comments.map((one) => one.text)).toEqual([said]),
  );

  test('attributes may have any name', () => {
    const { attributes } = element('<p constructor=a __proto__=b toString=c id\0=d>', 'p');
    expect(Object.entries(attributes)).toEqual([
      ['constructor', 'a'],
      ['__proto__', 'b'],
      ['tostring', 'c'],
      ['id\uFFFD', 'd'],
    ]);
    expect(element('<p>', 'p').attributes['constructor']).toBeUndefined();
    const source = '<p a\0b="x">';
    expect(attributeSpan(source, element(source, 'p'), 'a\uFFFDb')).toEqual({ start: 8, end: 9, quote: '"' });
  });

  test('HTML stands in an annotation whose encoding says so, and in no other', () => {
    const inside = (encoding: string): string[] =>
      names(`<math><annotation-xml encoding="${encoding}"><p>x</p></annotation-xml><mi>y</mi></math>`).slice(
        3,
      );
    expect(inside('text/html')).toEqual(['math', 'math:annotation-xml', 'p', 'math:mi']);
    expect(inside('a')).toEqual(['math', 'math:annotation-xml', 'p', 'mi']);
  });

  test('white space behind a column in a template stays, and nothing else does', () => {
    const template = element('<template><col> x y</template>', 'template');
    expect(textContent(template)).toBe('  ');
  });

  test('a frameset throws out what stood before it', () => {
    const { elements, marked } = readDocument('<div itemscope><p></div><frameset><frame>');
    expect(elements.map(({ name }) => name)).toEqual(['html', 'head', 'frameset', 'frame']);
    expect(marked).toEqual([]);
  });

  test('a select shows what its chosen option holds', () => {
    const source =
      '<select><button><selectedcontent></selectedcontent></button><option>a<option selected>b<i>c</i></select>';
    expect(textContent(element(source, 'selectedcontent'))).toBe('bc');
  });
});

test.each([
  ['\uFEFF<!doctype html><html><body><p>x</body></html>', '</body></html>'],
  ['\u00EF\u00BB\u00BF<!doctype html><html><body><p>x</body></html>', '</body></html>'],
  ['x<html><body>y</body></html>z', '</body></html>z'],
  ['<p>x</html>', '</html>'],
  ['<p>x', ''],
])('what goes to the end of the body of %j stands before %j', (source, behind) =>
  expect(source.slice(insertionPoint(readDocument(source), { at: 'body-end' }))).toBe(behind),
);

test('a first attribute goes behind a tag’s name, however long that is', () => {
  for (const name of ['b', 'a:b', 'x'.repeat(500)]) {
    const source = `<p><${name}/ c=d></p>`;
    const element = readDocument(source).elements.find((one) => one.name === name);
    expect(element && behindTagName(source, element)).toBe(4 + name.length);
  }
  expect(behindTagName('a', { start: 0, contentStart: 0 })).toBe(0);
});
