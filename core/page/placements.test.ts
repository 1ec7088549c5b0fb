import { describe, expect, test } from '@jest/globals';
import { readSource } from '#core/reading';
import { outputForms, writeMarkup } from '#core/markup';
import { larkspur } from '#sample';
import { decodeText } from '#core/encoding';
import { binaryBytes } from '#core/text';
import type { Corrects } from '#core/weaving';
import {
  alreadyOn,
  isWovenForm,
  place,
  placeTreated,
  prove,
  readPlacement,
  remove,
  removeFromBytes,
  usualPlacement,
  type PlacedForm,
  type Placement,
  type Treated,
} from './index.ts';

const page =
  '<body>\n<div id=f>x</div><i class=c></i><i class=c></i><table id=t><tr id=r><td id=d>x</table><p id=p>y</p><ul id=u><li id=l>x</ul>\n<footer>z</footer>\n</body>';
const placedAt = (source: string, at: Placement) =>
  place(source, 'microdata', writeMarkup(larkspur, 'microdata').text, at);

describe('a place at an element', () => {
  test.each([
    'before:#f',
    'after:#f',
    'inside:#f',
    'inside:#d',
    'after:ul',
    'inside:#l',
    'before:body > footer',
  ])('%s keeps the page, and removing gives it back', (typed) => {
    const result = placedAt(page, readPlacement(typed) ?? 'head');
    if (!result.ok) throw new Error(result.message);
    expect(prove(readSource(result.source), 'microdata', larkspur).state).toBe('proved');
    expect(remove(result.source)).toBe(page);
  });

  test('stands on the side that was named', () => {
    const at = (typed: string): number => {
      const result = placedAt(page, readPlacement(typed) ?? 'head');
      return result.ok ? result.source.indexOf('<!-- zinc') : -1;
    };
    expect(at('before:#f')).toBe(page.indexOf('<div'));
    expect(at('inside:#f')).toBe(page.indexOf('</div>'));
    expect(at('after:#f')).toBe(page.indexOf('<i class'));
    expect(at('body-begin')).toBe(page.indexOf('<div'));
  });

  test.each([
    ['after:.c', '2 elements'],
    ['after:#nowhere', 'No element'],
    ['after:[', 'no CSS selector'],
    ['inside:#t', 'move it out of <table>'],
    ['after:#d', 'move it out of <tr>'],
    ['inside:#p', 'move it out of <p>'],
    ['before:#l', 'into <ul>'],
  ])('%s is refused: %s', (typed, reason) => {
    const result = placedAt(page, readPlacement(typed) ?? 'head');
    expect(result.ok ? '' : result.message).toContain(reason);
  });

  test('needs a side and a selector', () => {
    expect(['inside:', 'beside:#f', 'foot', 'after'].map(readPlacement)).toEqual(Array(4).fill(undefined));
  });
});

test.each([
  '<table><tr><td>a',
  '<a href=x>link',
  '<ul><li>a',
  '<select><option>a',
  '<!-- a',
  '<svg><g>',
  '<script>a',
  '<textarea>a',
  '<style>a',
])('what is never closed does not swallow what is placed: %s', (open) => {
  const source = `<body><p>x</p>${open}`;
  for (const form of ['jsonld', 'microdata'] as const) {
    const result = place(source, form, writeMarkup(larkspur, form).text, 'body-end');
    if (!result.ok) throw new Error(result.message);
    expect(prove(readSource(result.source), form, larkspur).state).toBe('proved');
    expect(result.source.indexOf('<!-- zinc')).toBe(source.indexOf(open));
    expect(remove(result.source)).toBe(source);
  }
});

test('a page of frames holds nothing but frames', () => {
  expect(placedAt('<frameset><frame src=a></frameset>', 'body-end')).toMatchObject({ ok: false });
});

test('every form of output can be placed, and is proved', () => {
  for (const form of outputForms) {
    const result = place(page, form, writeMarkup(larkspur, form).text);
    if (!result.ok) throw new Error(result.message);
    expect([form, prove(readSource(result.source), form, larkspur).state]).toEqual([form, 'proved']);
    expect(remove(result.source)).toBe(page);
  }
});

describe('what stands there already', () => {
  const script = writeMarkup(larkspur, 'jsonld').text;
  const already = (source: string) => alreadyOn(readSource(source), larkspur);

  test('is told: the same branch, what it says otherwise, and another business', () => {
    expect(already(`<body>${script}</body>`)).toMatchObject([{ isSame: true, differs: [], script: 3 }]);
    expect(already(`<body>${script.replace('360 555 0142', '360 555 0199')}</body>`)).toMatchObject([
      { isSame: true, differs: ['telephone'] },
    ]);
    expect(
      already('<div itemscope itemtype="https://schema.org/Bakery"><b itemprop=name>Oven</b></div>'),
    ).toMatchObject([{ isSame: false, name: 'Oven', script: undefined }]);
  });

  test('may be a script that says more, which then does not go alone', () => {
    const two = `<script type="application/ld+json">[${/>([^]*)</.exec(script)?.[1] ?? ''},{"@context":"https://schema.org","@type":"WebSite","name":"W"}]</script>`;
    expect(already(`<body>${two}</body>`)).toMatchObject([{ isSame: true, script: undefined }]);
    const block = writeMarkup(larkspur, 'microdata').text;
    expect(already(`<body>${block}</body>`)).toMatchObject([{ isSame: true, script: undefined }]);
  });

  test('is not what we placed', () => {
    const result = place(page, 'jsonld', script);
    expect(result.ok && already(result.source)).toEqual([]);
  });

  test('goes alone where it is a script of its own', () => {
    const source = `<body>\n${script}\n<p>x</p></body>`;
    const [there] = already(source);
    const result = place(source, 'jsonld', script, 'head', 'unicode', [there?.script ?? 0]);
    expect(result.ok && result.source.match(/ld\+json/g)).toHaveLength(1);
    expect(result.ok && remove(result.source)).toBe('<body>\n\n<p>x</p></body>');
  });
});

describe('what visitors read beside markup whose record has changed', () => {
  const page = (telephone: string, dialled: string, street: string): string =>
    `<html><head><title>x</title><meta name="description" content="Vets at ${street}, ${telephone}"></head><body><a href="tel:${dialled}">Call</a> <a href="tel:+13605550100">Taxi</a>\n<p>${telephone}</p>\n<main>${'<p>Some words.</p>'.repeat(60)}</main>\n<footer>Larkspur &amp; Vane Veterinary Care<br>${street}<br>Port Ellery, WA 98299<br><a href="tel:${dialled}">${telephone}</a> or (360) 555-0100</footer></body></html>`;
  const old = page('(360) 555-0142', '+13605550142', '214 Quay Street');
  const now = {
    ...larkspur,
    telephone: '(360) 555-0177',
    address: { ...larkspur.address, streetAddress: '9 Mill Lane' },
  };
  const put = (bytes: Uint8Array, form: PlacedForm, corrects: Corrects, record = larkspur): Treated =>
    placeTreated(bytes, { record, form, at: usualPlacement[form], existing: 'keep', corrects });
  const bytesOf = (treated: Treated): Uint8Array => {
    if (!treated.ok) throw new Error(treated.message);
    return treated.bytes;
  };
  const rest = (treated: Treated, form: PlacedForm): string =>
    decodeText(removeFromBytes(bytesOf(treated), form)).text;

  test.each(['jsonld', 'graph', 'microdata', 'rdfa', 'woven', 'woven-rdfa'] as const)(
    'is put right with %s, wherever it stands, when asked',
    (form) => {
      const before = bytesOf(put(binaryBytes(old), form, []));
      const renewed = put(before, form, 'carried', now);
      expect(rest(renewed, form)).toBe(page('(360) 555-0177', '+13605550177', '9 Mill Lane'));
      expect(renewed.ok && renewed.told).toContainEqual(
        expect.stringMatching(/“214 Quay Street” was put right to “9 Mill Lane”/),
      );
      // What is woven needs a street or a number to stand there.
      const unasked = put(before, form, [], now);
      expect(unasked.ok ? rest(unasked, form) : form).toBe(isWovenForm(form) ? form : old);
      expect(bytesOf(put(before, form, 'carried'))).toEqual(before);
    },
  );

  test('is left where our markup does not stand, or tells of no business', () => {
    expect(rest(put(binaryBytes(old), 'jsonld', 'carried', now), 'jsonld')).toBe(old);
    const card = bytesOf(put(binaryBytes(old), 'card', []));
    expect(rest(put(card, 'card', 'carried', now), 'card')).toBe(old);
  });

  test('is told where it runs over elements, and left', () => {
    const split = old.replace('<br>214 Quay Street', '<br>214 <b>Quay</b> Street');
    const renewed = put(bytesOf(put(binaryBytes(split), 'jsonld', [])), 'jsonld', 'carried', now);
    expect(rest(renewed, 'jsonld')).toContain('214 <b>Quay</b> Street');
    expect(renewed.ok && renewed.told).toContainEqual(
      expect.stringMatching(/visitors read “214 Quay Street”, the record says Street “9 Mill Lane”/),
    );
  });
});
