import { describe, expect, test } from '@jest/globals';
import { readDocument, selectElements, selectorOf } from '#core/html';
import { pointedSelector, pointingPreview, POINTED } from './pointing.ts';

const selector = (source: string, mark = 'me'): string | undefined => {
  const document = readDocument(source);
  const element = document.elements.find(({ attributes }) => mark in attributes);
  return element && selectorOf(document, element);
};

describe('the selector of an element', () => {
  test.each([
    ['its id', '<p id=address me>x<p>y', '#address'],
    ['its landmark rather than its class', '<div class=x>a</div><footer class=x me>b</footer>', 'footer'],
    ['its class where that is its own', '<p class="nap big" me>x<p class=other>y', 'p.nap'],
    ['both classes where one is not enough', '<p class=a>x<p class=b>y<p class="a b" me>z', 'p.a.b'],
    ['its tag where there is one alone', '<p>x</p><address me>y</address>', 'address'],
    ['a landmark around it', '<main><p>x</p></main><footer><p me>y</p></footer>', 'footer p'],
    ['its position last', '<main><p>x</p><p me>y</p><p>z</p></main>', 'main > p:nth-of-type(2)'],
    ['no id that was made up', '<p id=ember8391 class=nap me>x<p>y', 'p.nap'],
    ['no id that two have', '<p id=a>x</p><div id=a me>y</div>', 'div'],
    ['no id that a selector cannot say', '<p id="a:b c" me>x</p>', 'p'],
  ])('is %s', (_, source, wanted) => expect(selector(source)).toBe(wanted));

  test('chooses that element and no other, for every element of a page', () => {
    const source =
      '<!doctype html><body><header id=top><nav><ul><li><a href=a>a</a><li><a href=b>b</a></ul></nav></header><main><div class=row><div class=col><p>1<p>2</div><div class=col><p>3<p>4</div></div><table><tr><td>a<td>b<tr><td>c<td>d</table></main><footer><p>x<br>y</footer>';
    const document = readDocument(source);
    for (const element of document.elements) {
      const found = selectorOf(document, element);
      if (found === undefined) continue;
      expect(selectElements(document, found)).toEqual({ ok: true, elements: [element] });
    }
    const written = document.elements.filter(({ start, contentStart }) => contentStart > start);
    expect(written.every((element) => selectorOf(document, element) !== undefined)).toBe(true);
  });

  test('survives another element beside it, and text', () => {
    const before = '<main><p class=nap me>x</p></main>';
    const after = '<main><h2>new</h2><p class=nap me>changed</p><p>more</p></main>';
    expect(selector(before)).toBe('p.nap');
    expect(selector(`<p>x</p>${before}`)).toBe(selector(`<p>x</p>${after}`));
  });
});

describe('a page to be pointed at', () => {
  const source =
    '<html><head><title>x</title></head><body><p>a</p><img src=https://x.example/a.png><p>b</p></body></html>';

  test('says the number of each element, fetches nothing, and leads to a selector', () => {
    const preview = pointingPreview(source);
    expect(preview).toContain("default-src 'none'");
    const at = Number(new RegExp(`<p ${POINTED}="(\\d+)">b`).exec(preview)?.[1]);
    expect(pointedSelector(source, at)).toBe('body > p:nth-of-type(2)');
    expect(pointedSelector(source, 999)).toBeUndefined();
  });
});
