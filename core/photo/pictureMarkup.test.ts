import { describe, expect, test } from '@jest/globals';
import { readSource } from '#core/reading';
import { valuesOf } from '#core/item';
import {
  imageElements,
  imageObjects,
  imageSitemap,
  overlong,
  photoReport,
  stampFieldsSchema,
  type ToldPicture,
} from './index.ts';

const picture: ToldPicture = {
  name: 'front & door.jpg',
  title: 'Front </script> "door"',
  caption: '',
  alt: 'A <door>',
  author: 'Zoë',
  copyright: '',
  width: 1600,
  height: 1200,
  point: { latitude: 48.5, longitude: -122.6 },
};
const folder = 'https://shop.example/img';
const address = 'https://shop.example/img/front%20%26%20door.jpg';

describe('the markup of pictures', () => {
  test('is read by machines as it was meant, and cannot leave its script', () => {
    const { items } = readSource(
      `<!doctype html>${imageObjects([picture, { ...picture, name: 'b.jpg', point: undefined }], folder)}`,
    );
    expect(items.map(({ types, id }) => [types, id])).toEqual([
      [['ImageObject'], `${address}#image`],
      [['ImageObject'], 'https://shop.example/img/b.jpg#image'],
    ]);
    const [first] = items;
    const texts = (name: string) =>
      first ? valuesOf(first, name).map((value) => (value.kind === 'text' ? value.text : 'item')) : [];
    expect([texts('name'), texts('contentUrl'), texts('caption'), texts('copyrightNotice')]).toEqual([
      ['Front </script> "door"'],
      [address],
      ['A <door>'],
      [],
    ]);
    expect(texts('contentLocation')).toEqual(['item']);
  });

  test('shows each with its alternative text and size', () => {
    expect(imageElements([picture], folder)).toBe(
      `<img src="${address}" alt="A &lt;door&gt;" width="1600" height="1200" loading="lazy">`,
    );
    expect(imageElements([{ ...picture, width: 0 }], folder)).not.toContain('width');
  });

  test('is a page of a sitemap with its pictures', () => {
    const sitemap = imageSitemap([picture], folder, 'https://shop.example/?a=1&b=2');
    expect(sitemap).toContain('<loc>https://shop.example/?a=1&amp;b=2</loc>');
    expect(sitemap).toContain(`<image:loc>${address}</image:loc>`);
  });
});

describe('a report', () => {
  const one = {
    thumbnail: 'data:image/webp;base64,AA',
    name: 'a.jpg',
    title: '<b>',
    alt: '"',
    point: picture.point,
    proved: true,
    uses: ['2026-01-01, page: https://a.example/?<x>'],
  };

  test('escapes what it tells, and counts what is proved', () => {
    const html = photoReport({
      title: 'A & B',
      date: '1 May 2026',
      pin: undefined,
      pictures: [one, { ...one, proved: false }],
    });
    expect(html).toContain('2 photos, 1 with every field read back');
    expect(html).toContain('&lt;b&gt;');
    expect(html).toContain('alt="&quot;"');
    expect(html).toContain('?&lt;x&gt;');
    expect(html).not.toContain('<b><');
  });

  test('draws where they were taken to scale, and nothing where nobody knows', () => {
    const far = { ...one, point: { latitude: 48.51, longitude: -122.6 } };
    const map = photoReport({ title: 'T', date: '', pin: picture.point, pictures: [one, far] });
    expect(map.match(/<circle/g)).toHaveLength(2);
    // 0.01° of latitude are 1.1 km; a third of that, rounded down, is 200 m.
    expect(map).toContain('>200 m<');
    for (const [, y = ''] of map.matchAll(/cy="([\d.-]+)"/g)) expect(Number(y)).toBeGreaterThanOrEqual(29);
    expect(
      photoReport({ title: 'T', date: '', pin: undefined, pictures: [{ ...one, point: undefined }] }),
    ).not.toContain('<svg');
  });
});

test('what has no room is told, field by field', () => {
  const fields = stampFieldsSchema.parse({
    title: 'ü'.repeat(33),
    caption: 'short',
    keywords: ['fine', 'k'.repeat(65)],
    alt: 'a'.repeat(126),
  });
  expect(overlong(fields)).toEqual([
    'The title has 66 bytes; IPTC has room for 64.',
    `The keyword “${'k'.repeat(65)}” is longer than the 64 bytes of IPTC.`,
    'The alternative text has 126 characters; up to 125 are good to listen to.',
  ]);
  expect(overlong(stampFieldsSchema.parse({ title: 'x'.repeat(64) }))).toEqual([]);
});
