import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { jsonLd, napBlock, writeMarkup } from '#core/markup';
import { readSource } from '#core/reading';
import { decodeText } from '#core/encoding';
import { binaryBytes } from '#core/text';
import { weave } from '#core/weaving';
import { larkspur } from '#sample';
import {
  isCurrent,
  othersBeside,
  place,
  placeInBytes,
  placedOn,
  placeTreated,
  prove,
  remove,
  removeFromBytes,
  type PlacingResult,
} from './index.ts';

const page =
  '<!doctype html>\n<html>\n  <head>\n    <title>Larkspur</title>\n  </head>\n  <body>\n    <p>Hello</p>\n  </body>\n</html>\n';
const sourceOf = (result: PlacingResult): string => {
  if (!result.ok) throw new Error(result.message);
  return result.source;
};

describe('placing', () => {
  test('puts JSON-LD before the end of the head and the block before the end of the body', () => {
    const placed = sourceOf(
      place(sourceOf(place(page, 'jsonld', jsonLd(larkspur).text)), 'microdata', napBlock(larkspur).text),
    );
    expect(placed).toMatch(
      /<\/title>\n<!-- zinc-post jsonld begin [0-9a-f]{8} -->\n<script[\s\S]*<\/script>\n<!-- zinc-post jsonld end -->\n {2}<\/head>/,
    );
    expect(placed).toMatch(/<!-- zinc-post microdata end -->\n {2}<\/body>/);
    expect(placedOn(placed).map(({ form }) => form)).toEqual(['jsonld', 'microdata']);
  });

  test('again replaces rather than repeats', () => {
    const once = sourceOf(place(page, 'jsonld', jsonLd(larkspur).text));
    expect(sourceOf(place(once, 'jsonld', jsonLd(larkspur).text))).toBe(once);
    const moved = sourceOf(place(once, 'jsonld', jsonLd({ ...larkspur, name: 'New' }).text, 'body-end'));
    expect(moved.match(/ld\+json/g)).toHaveLength(1);
    expect(moved.indexOf('ld+json')).toBeGreaterThan(moved.indexOf('<body>'));
    expect(remove(moved)).toBe(page);
  });

  test('finds its place in pages of every shape, and removing restores each', () => {
    const shapes = [
      '<p>only a paragraph',
      '<!doctype html><title>x</title><p>y',
      '<html><body>x</body></html>',
      '<head><title>x</title><body>y',
      '<html>\r\n<head>\r\n</head>\r\n<body>\r\n</body>\r\n</html>',
      '<head></head><script>"</head></body>"</script><!-- </body> --><body>x</body><!-- after -->',
      '<body>x</body>\n\n',
    ];
    for (const shape of shapes) {
      for (const form of ['jsonld', 'microdata'] as const) {
        const placed = sourceOf(place(shape, form, writeMarkup(larkspur, form).text));
        expect(prove(readSource(placed), form, larkspur)).toEqual({ state: 'proved', misread: [] });
        expect(isCurrent(readSource(placed), form, larkspur)).toBe(true);
        expect(remove(placed)).toBe(shape);
      }
    }
  });

  test('refuses what cannot be', () => {
    expect(place(page, 'microdata', 'x', 'head')).toMatchObject({ ok: false });
    expect(place('just text', 'jsonld', 'x')).toMatchObject({ ok: false });
  });

  test('and removing gives back any page of any text', () => {
    const part = fc.constantFrom(
      '<html>',
      '<head>',
      '</head>',
      '<body>',
      '</body>',
      '</html>',
      '<p>',
      'x',
      '\n',
      '\r\n',
      '<!--',
      '-->',
      '<script>',
      '</script>',
      ' ',
      '<title>',
      '<table>',
    );
    fc.assert(
      fc.property(fc.array(part), fc.constantFrom('jsonld' as const, 'microdata' as const), (parts, form) => {
        const source = parts.join('');
        const result = place(source, form, writeMarkup(larkspur, form).text);
        fc.pre(result.ok);
        // Inside an unclosed comment or script nothing can be placed that is found again.
        if (result.ok && placedOn(result.source).length === 1) expect(remove(result.source)).toBe(source);
      }),
    );
  });
});

describe('the bytes of a page', () => {
  const record = { ...larkspur, name: 'Zoë’s — 店' };
  const cases: [string, Uint8Array][] = [
    ['utf-8', new TextEncoder().encode(page.replace('Hello', 'Grüße'))],
    ['utf-8 with damage', binaryBytes('<meta charset="utf-8"><p>\xff\xfe</p>')],
    ['utf-8 with byte order mark', Uint8Array.of(0xef, 0xbb, 0xbf, ...new TextEncoder().encode(page))],
    ['windows-1252', binaryBytes('<head><title>Caf\xe9 \x93x\x94</title></head><body>\xa3</body>')],
    ['shift_jis', binaryBytes('<head><meta charset="shift_jis"></head><body>\x83\x5c\x83\x7b</body>')],
    [
      'utf-16le',
      Uint8Array.of(
        0xff,
        0xfe,
        ...Array.from('<body>\u00e9</body>').flatMap((c) => [c.charCodeAt(0) & 255, c.charCodeAt(0) >> 8]),
      ),
    ],
    [
      'utf-16be',
      Uint8Array.of(
        0xfe,
        0xff,
        ...Array.from('<body>\u00e9</body>').flatMap((c) => [c.charCodeAt(0) >> 8, c.charCodeAt(0) & 255]),
      ),
    ],
  ];
  test.each(cases)('in %s stay as they are, and what is placed reads right', (_, bytes) => {
    for (const form of ['jsonld', 'microdata'] as const) {
      const result = placeInBytes(bytes, form, writeMarkup(record, form).text);
      if (!result.ok) throw new Error(result.message);
      expect(decodeText(result.bytes).encoding).toBe(decodeText(bytes).encoding);
      expect(prove(readSource(decodeText(result.bytes).text), form, record).state).toBe('proved');
      expect(isCurrent(readSource(decodeText(result.bytes).text), form, record)).toBe(true);
      expect(removeFromBytes(result.bytes)).toEqual(bytes);
    }
  });
});

describe('proof', () => {
  const placed = sourceOf(place(page, 'jsonld', jsonLd(larkspur).text));

  test('names what a machine reads otherwise than the record says', () => {
    const changed = { ...larkspur, telephone: '(360) 555-0199' };
    expect(prove(readSource(placed), 'jsonld', changed)).toEqual({
      state: 'misread',
      misread: [{ fact: 'telephone', meant: '+1 360 555 0199', read: '+1 360 555 0142' }],
    });
    expect(isCurrent(readSource(placed), 'jsonld', changed)).toBe(false);
  });

  test('is not given to a page without the markup, or with it where no machine reads it', () => {
    expect(prove(readSource(page), 'jsonld', larkspur).state).toBe('absent');
    expect(prove(readSource(`<template>${placed}</template>`), 'jsonld', larkspur).state).toBe('absent');
  });

  test('of what is woven holds what it says against the record, and wants no more of it', () => {
    const plain = page.replace(
      'Hello',
      'Larkspur &amp; Vane Veterinary Care, 214 Quay Street, (360) 555-0142',
    );
    const result = weave(readSource(plain), larkspur, { syntax: 'microdata' });
    const woven = result.ok ? result.source : '';
    expect(prove(readSource(woven), 'woven', larkspur)).toEqual({ state: 'proved', misread: [] });
    expect(prove(readSource(woven), 'woven', { ...larkspur, telephone: '(360) 555-0199' })).toEqual({
      state: 'misread',
      misread: [{ fact: 'telephone', meant: '+1 360 555 0199', read: '+1 360 555 0142' }],
    });
    expect(prove(readSource(plain), 'woven', larkspur).state).toBe('absent');
  });

  test('tells businesses of the same syntax that stand beside what was placed', () => {
    const other =
      '<script type="application/ld+json">{"@context":"https://schema.org","@type":"Bakery"}</script>';
    const both = placed.replace('<p>Hello</p>', other);
    expect(othersBeside(readSource(both), 'jsonld')).toBe(1);
    expect(othersBeside(readSource(placed), 'jsonld')).toBe(0);
    expect(othersBeside(readSource(page.replace('<p>Hello</p>', other)), 'jsonld')).toBe(0);
    expect(othersBeside(readSource(both), 'microdata')).toBe(0);
  });
});

test('a page is read afterwards at the address it was read at before', () => {
  const bytes = Buffer.from('<!doctype html><html><head><title>x</title></head><body><p>x</body></html>');
  const placing = { record: larkspur, form: 'jsonld', at: 'head', existing: 'keep' } as const;
  const url = 'https://larkspurvane.example/a/b.html';
  const treated = placeTreated(bytes, placing, readSource(bytes.toString(), url));
  expect(treated.ok && [treated.reading.address, treated.reading.base, treated.reading.items.length]).toEqual(
    [url, url, 1],
  );
  expect(treated.ok && readSource(treated.reading.source, url)).toEqual(treated.ok && treated.reading);
});

test.each(['<tr><td>A</td></tr>', '<!-- x --><td>A</td>'])(
  'part of a table is placed on as before: %s',
  (part) => {
    const placing = { record: larkspur, form: 'jsonld', at: 'body-end', existing: 'keep' } as const;
    const treated = placeTreated(Buffer.from(part), placing);
    const alone = place(part, 'jsonld', jsonLd(larkspur).text, 'body-end');
    expect(treated.ok && Buffer.from(treated.bytes).toString()).toBe(alone.ok && alone.source);
  },
);
