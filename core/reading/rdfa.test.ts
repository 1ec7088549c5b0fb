import { describe, expect, test } from '@jest/globals';
import { readSource } from './index.ts';
import { plainItem, type PlainItem } from '#core/item';

const read = (body: string, url = ''): readonly PlainItem[] =>
  readSource(`<!doctype html><body>${body}`, url).items.map(plainItem);
const one = (body: string, url = ''): Pick<PlainItem, 'types' | 'id' | 'properties'> | undefined => {
  const [item] = read(body, url);
  return item && { types: item.types, id: item.id, properties: item.properties };
};

describe('RDFa Lite', () => {
  test('reads typeof, property and resource under a vocabulary', () => {
    expect(
      one(
        '<div vocab="https://schema.org/" typeof="Optician Store" resource="#b"><b property="name">A</b><a property="url" href="/b">x</a></div>',
        'https://a.example/c',
      ),
    ).toEqual({
      types: ['Optician', 'Store'],
      id: 'https://a.example/c#b',
      properties: { name: ['A'], url: ['https://a.example/b'] },
    });
  });

  test('takes each value from where the standard says', () => {
    expect(
      one(`<div vocab="http://schema.org/" typeof="Optician"><meta property="telephone" content="1"><span property="name" content="A">shown</span>
        <time property="foundingDate" datetime="1974">then</time><img property="logo" src="l.png"><link property="sameAs" href="https://s.example/x"><span property="slogan email">e</span></div>`)
        ?.properties,
    ).toEqual({
      telephone: ['1'],
      name: ['A'],
      foundingDate: ['1974'],
      logo: ['l.png'],
      sameAs: ['https://s.example/x'],
      slogan: ['e'],
      email: ['e'],
    });
  });

  test('nests items, several deep, and several on a page', () => {
    const items = read(
      `<div vocab="https://schema.org/"><div typeof="Optician"><div property="address" typeof="PostalAddress"><span property="postalCode">TQ1</span></div></div><p typeof="Person"><i property="name">I</i></p></div>`,
    );
    expect(items).toMatchObject([
      {
        types: ['Optician'],
        properties: { address: [{ types: ['PostalAddress'], properties: { postalCode: ['TQ1'] } }] },
      },
      { types: ['Person'], properties: { name: ['I'] } },
    ]);
  });

  test('knows prefixes, declared and initial, and passes over terms without a vocabulary', () => {
    expect(
      one(
        '<div prefix="s: https://schema.org/" typeof="s:Optician"><b property="s:name">A</b><b property="name">lost</b></div>',
      ),
    ).toMatchObject({ types: ['Optician'], properties: { name: ['A'] } });
    expect(
      one('<div typeof="schema:Optician"><b property="schema:name og:title">A</b></div>')?.properties,
    ).toEqual({ name: ['A'], 'http://ogp.me/ns#title': ['A'] });
    expect(read('<meta property="og:title" content="A"><p property="name">x')).toEqual([]);
  });

  test('lets an address without a property be the subject of what is inside (RDFa Core 7.5, 5.2)', () => {
    const wrong = one(
      '<div vocab="https://schema.org/" typeof="Optician"><a href="tel:1"><b property="telephone">1</b></a></div>',
    );
    expect(wrong?.properties).toEqual({});
    const right = one(
      '<div vocab="https://schema.org/" typeof="Optician"><b property="telephone"><a href="tel:1">1</a></b></div>',
    );
    expect(right?.properties).toEqual({ telephone: ['1'] });
  });

  test('gathers what is said of one resource in several places, and passes over templates', () => {
    const items = read(
      '<div vocab="https://schema.org/"><div typeof="Optician" resource="#a"><b property="name">A</b></div><div resource="#a"><b property="telephone">1</b></div><template><p typeof="Person"></p></template></div>',
    );
    expect(items).toMatchObject([{ id: '#a', properties: { name: ['A'], telephone: ['1'] } }]);
  });

  test('keeps the places of items and values', () => {
    const source = '<div vocab="https://schema.org/" typeof="Optician"><b property="name">A</b></div>';
    const [item] = readSource(source).items;
    expect(source.slice(item?.place.start, item?.place.end)).toBe(source);
    const [property] = item?.properties ?? [];
    expect(source.slice(property?.place.start, property?.place.end)).toBe('<b property="name">A</b>');
  });
});

describe('a property beside an address', () => {
  const astray = (inside: string): readonly (readonly string[])[] =>
    readSource(`<div vocab="https://schema.org/" typeof="Optician">${inside}</div>`).astray.map(
      ({ name, about }) => [name, about],
    );

  test.each([
    '<a property="telephone" content="+441304550128" href="tel:01304550128">Ring</a>',
    '<a property="telephone" datatype="xsd:string" href="tel:01304550128">Ring</a>',
    '<a href="tel:01304550128"><b property="telephone" content="+441304550128">Ring</b></a>',
    '<a rel="nofollow" href="tel:01304550128"><i><b property="telephone">Ring</b></i></a>',
  ])('is told of that address: %s', (link) =>
    expect(astray(link)).toEqual([['telephone', 'tel:01304550128']]),
  );

  test.each([
    '<a property="url" href="/shop">Shop</a>',
    '<b property="telephone"><a href="tel:01304550128">01304 550128</a></b>',
    '<a rel="url" href="/shop"><b property="name">Shop</b></a>',
    '<a property="url" href="/shop"><b property="name">Shop</b></a>',
    '<a about="#x" href="/shop"><b property="name">Shop</b></a>',
    '<a href="/shop">Shop</a> <b property="name">Shop</b>',
    '<a href="/x"><b property="name">x</b></a><p about="/x" typeof="Thing">x</p>',
    '<div about="#x"><a property="og:title" content="x" href="/x">x</a></div>',
    '<a property="name" content="x" about="#b" href="/x">x</a><p about="/x" typeof="Thing">x</p>',
  ])('is not: %s', (link) => expect(astray(link)).toEqual([]));
});

describe('an address that is nearly schema.org’s', () => {
  const told = (source: string): readonly string[] =>
    readSource(source).faults.map(({ place, edits }) => {
      const [edit] = edits ?? [];
      return `${source.slice(place.start, place.end)} → ${edit?.text ?? ''}`;
    });

  test.each([
    ['<p vocab="https://schema.org" typeof="Dentist">', 'https://schema.org → https://schema.org/'],
    ['<p vocab=schema.org typeof="Dentist">', 'schema.org → "https://schema.org/"'],
    [
      '<p prefix="og: http://ogp.me/ns# s: http://schema.org" typeof="s:Dentist">',
      'http://schema.org → https://schema.org/',
    ],
    ['<p typeof="http://schema.com/Dentist">', 'http://schema.com/Dentist → https://schema.org/Dentist'],
    [
      '<p itemscope itemtype="https://schema.org/BikeStore https://shema.org/Dentist">',
      'https://shema.org/Dentist → https://schema.org/Dentist',
    ],
    [
      '<p itemscope itemtype="http:/schema.org/Dentist/">',
      'http:/schema.org/Dentist/ → https://schema.org/Dentist',
    ],
  ])('is told: %s', (source, mend) => expect(told(source)).toEqual([mend]));

  test.each([
    '<p vocab="http://www.schema.org/" typeof="Dentist">',
    '<p vocab="https://trades.example/" typeof="Dentist">',
    '<p itemscope itemtype="https://schema.org/Dentits">',
    '<p itemscope itemtype="https://guild.example/Dentist">',
  ])('is not: %s', (source) => expect(told(source)).toEqual([]));
});

test('the page that a business names as its own is an address, though much is said of the page itself', () => {
  const address = 'https://shop.example/';
  const [shop] = read(
    '<meta property="og:title" content="x"><div vocab="https://schema.org/" typeof="Dentist" resource="#b"><a property="url" href="https://shop.example/">x</a></div>',
    address,
  );
  expect(shop?.properties['url']).toEqual([address]);
  const [page] = readSource(
    '<body vocab="https://schema.org/" typeof="Dentist"><a property="url" href="https://shop.example/">x</a>',
    address,
  ).items.map(plainItem);
  expect(page?.properties['url']).toEqual([address]);
});
