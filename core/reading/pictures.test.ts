import { describe, expect, test } from '@jest/globals';
import { fileOfAddress, picturesOf, readSource } from './index.ts';

const picturesIn = (source: string): readonly string[] => {
  const { document, items } = readSource(source);
  return picturesOf(document, items);
};

describe('the pictures that a page names', () => {
  test.each([
    ['an image', '<img src=" img/a.jpg ">', ['img/a.jpg']],
    [
      'a choice of sizes',
      '<img srcset="a-1,5.jpg 1x, b.jpg?w=2 2x,c.jpg">',
      ['a-1,5.jpg', 'b.jpg?w=2', 'c.jpg'],
    ],
    ['a source of a picture', '<picture><source srcset="a.avif, b.webp 2x"></picture>', ['a.avif', 'b.webp']],
    ['an image that comes later', '<img data-src="a.png" data-lazy-srcset="b.png 2x">', ['a.png', 'b.png']],
    ['a link', '<a href="big/A%20b.JPEG#x">x</a>', ['big/A%20b.JPEG#x']],
    ['a style', '<p style="background:url( a.gif ) , url(\'b c.png\')">x', ['a.gif', 'b c.png']],
    [
      'style rules',
      '<style>p { background: image-set("a.png" 1x) } b { content: url("c.webp") }</style>',
      ['a.png', 'c.webp'],
    ],
    [
      'what machines read',
      '<script type="application/ld+json">{"@type":"Store","image":["a.jpg",{"url":"b.jpg"}]}</script>',
      ['a.jpg', 'b.jpg'],
    ],
  ])('stand in %s', (_, body, found) => {
    expect(picturesIn(`<!doctype html><body>${body}`)).toEqual(found);
  });

  test('are told once each, and not of what never shows, of other files, or of pictures that the address holds', () => {
    const held = `data:image/png;base64,${'A'.repeat(600)}.png`;
    const none = `<template><img src="t.jpg"></template><a href="a.pdf">x</a><a href="jpg.html">x</a><img src="${held}">`;
    expect(
      picturesIn(`<!doctype html><body><img src="a.jpg"><img src="a.jpg">${none}<!-- <img src="c.jpg"> -->`),
    ).toEqual(['a.jpg']);
  });

  test('are five hundred at most', () => {
    const many = Array.from({ length: 600 }, (_, at) => `<img src="${String(at)}.jpg">`).join('');
    expect(picturesIn(`<!doctype html><body>${many}`)).toHaveLength(500);
  });
});

test('the file of an address is the same however the address is written', () => {
  const addresses = [
    'https://a.example/x/My%20Ward.jpg?w=3#a',
    'x\\my ward.jpg',
    '../MY WARD.JPG',
    'my%20ward.jpg',
  ];
  expect(addresses.map(fileOfAddress)).toEqual(Array(4).fill('my ward.jpg'));
  expect(fileOfAddress('a/100%.jpg')).toBe('100%.jpg');
  // However the accents of a name are stored.
  expect(fileOfAddress('Gro%CC%88%C3%9Fe.jpg')).toBe(fileOfAddress('GR\u00D6\u00DFe.jpg'));
});
