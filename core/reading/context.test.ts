import { describe, expect, test } from '@jest/globals';
import { readSource } from './index.ts';

const read = (value: unknown): unknown[] =>
  readSource(JSON.stringify(value)).items.map(({ types, id, properties }) => [
    types.join(' '),
    id,
    Object.fromEntries(
      properties.map(({ name, value: one }) => [
        name,
        one.kind === 'text' ? one.text : one.item.types.join(' '),
      ]),
    ),
  ]);

describe('a context', () => {
  test.each([
    ['a vocabulary without its slash', { '@vocab': 'https://schema.org' }, { '@type': 'Bakery', name: 'A' }],
    ['a prefix of its own', { s: 'https://schema.org/' }, { '@type': 's:Bakery', 's:name': 'A' }],
    [
      'a term by its address',
      ['https://schema.org', { title: 'https://schema.org/name' }],
      { '@type': 'Bakery', title: 'A' },
    ],
    [
      'a term that is defined by an object',
      ['https://schema.org', { title: { '@id': 'schema:name', '@type': '@id' } }],
      { '@type': 'Bakery', title: 'A' },
    ],
    [
      'a term over a prefix',
      { s: 'http://schema.org/', title: 's:name' },
      { '@type': 's:Bakery', title: 'A' },
    ],
    [
      'other names for keywords',
      ['https://schema.org', { type: '@type', id: '@id' }],
      { type: 'Bakery', name: 'A' },
    ],
    [
      'properties in a nest',
      ['https://schema.org', { more: '@nest' }],
      { '@type': 'Bakery', more: { name: 'A' } },
    ],
    [
      'a language',
      ['https://schema.org', { '@language': 'de' }],
      { '@type': 'Bakery', name: { '@value': 'A', '@language': 'de' } },
    ],
  ])('with %s', (_, context, node) => {
    expect(read({ '@context': context, ...node })).toEqual([['Bakery', null, { name: 'A' }]]);
  });

  test('of a node inside holds for it alone, and none forgets what was defined', () => {
    const node = {
      '@context': ['https://schema.org', { title: 'name' }],
      '@type': 'Bakery',
      title: 'A',
      address: { '@context': { road: 'streetAddress' }, '@type': 'PostalAddress', road: '1 B', title: 'C' },
      geo: { '@context': null, '@type': 'GeoCoordinates', title: 'D' },
    };
    const [bakery] = readSource(JSON.stringify(node)).items;
    const names = bakery?.properties.flatMap(({ name, value }) =>
      value.kind === 'item' ? value.item.properties.map((one) => `${name}.${one.name}`) : [name],
    );
    expect(names).toEqual(['name', 'address.streetAddress', 'address.name']);
  });

  test('that turns in a circle ends', () => {
    expect(
      read({ '@context': ['https://schema.org', { a: 'b:c', b: 'a:d' }], '@type': 'Bakery', a: '1' }),
    ).toHaveLength(1);
  });
});

describe('a node', () => {
  const id = 'https://a.example/#b';

  test('that is spread over several objects is one', () => {
    expect(
      read({
        '@context': 'https://schema.org',
        '@graph': [
          { '@id': id, '@type': 'Bakery', name: 'A' },
          { '@id': id, '@type': 'LocalBusiness', telephone: '1', name: 'A' },
        ],
      }),
    ).toEqual([['Bakery LocalBusiness', id, { name: 'A', telephone: '1' }]]);
  });

  test('that is spread over two scripts is one, beside microdata of the same id', () => {
    const script = (node: object): string =>
      `<script type="application/ld+json">${JSON.stringify({ '@context': 'https://schema.org', '@id': id, ...node })}</script>`;
    const { items } = readSource(
      `${script({ '@type': 'Bakery', name: 'A' })}<p>x</p>${script({ telephone: '1' })}<div itemscope itemtype="https://schema.org/Bakery" itemid="${id}"></div>`,
    );
    expect(items.map(({ syntax, properties }) => [syntax, properties.length])).toEqual([
      ['jsonld', 2],
      ['microdata', 0],
    ]);
  });

  test('whose objects contradict each other stays two, so that it is told', () => {
    expect(
      read([
        { '@context': 'https://schema.org', '@id': id, '@type': 'Bakery', name: 'A' },
        { '@context': 'https://schema.org', '@id': id, '@type': 'Bakery', name: 'B' },
      ]),
    ).toHaveLength(2);
  });

  test('that is included stands at the top', () => {
    expect(
      read({ '@context': 'https://schema.org', '@included': [{ '@type': 'Bakery', name: 'A' }] }),
    ).toEqual([['Bakery', null, { name: 'A' }]]);
  });
});
