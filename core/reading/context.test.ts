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

test('a language of the document is that of its texts, not of addresses and dates', () => {
  const source = {
    '@context': ['https://schema.org', { '@language': 'de' }],
    '@type': 'Bakery',
    name: 'Korn',
    url: 'https://korn.example/',
    foundingDate: '1987',
  };
  const languages = readSource(JSON.stringify(source)).items[0]?.properties.map(({ name, value }) => [
    name,
    value.kind === 'text' ? (value.language ?? '') : '',
  ]);
  expect(languages).toEqual([
    ['name', 'de'],
    ['url', ''],
    ['foundingDate', ''],
  ]);
});

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

const leaves = (value: unknown, base = ''): string[] => {
  const found: string[] = [];
  const visit = (items: ReturnType<typeof readSource>['items'], path: string, depth = 0): void => {
    for (const item of items)
      for (const { name, value: one } of item.properties)
        if (one.kind === 'text') found.push(`${path}${name}=${one.text}`);
        else if (depth < 5) visit([one.item], `${path}${name}.`, depth + 1);
  };
  visit(readSource(JSON.stringify(value), base).items, '');
  return found;
};
const faultsOf = (value: unknown): string[] =>
  readSource(JSON.stringify(value)).faults.map(({ code }) => code);
const schema = 'https://schema.org/';

describe('what a term is defined as', () => {
  test.each([
    [{ '@container': '@language' }, { en: 'A', de: ['B', 'C'] }, ['name=A', 'name=B', 'name=C']],
    [{ '@container': ['@index', '@set'] }, { x: 'A', y: 'B' }, ['name=A', 'name=B']],
    [{ '@type': 'xsd:string' }, 'A', ['name=A']],
  ])('%j', (more, value, expected) => {
    const context = { '@vocab': schema, title: { '@id': 'name', ...more } };
    expect(leaves({ '@context': context, '@type': 'Bakery', title: value })).toEqual(expected);
  });

  test('as a reference leads to the node of that address', () => {
    const context = { '@vocab': schema, place: { '@id': 'address', '@type': '@id' } };
    const node = { '@id': '#b', '@type': 'Bakery', place: '#a' };
    const address = { '@id': '#a', '@type': 'PostalAddress', postalCode: '9' };
    expect(leaves({ '@context': context, '@graph': [node, address] }, 'https://a.example/x')).toEqual([
      'address.postalCode=9',
      'postalCode=9',
    ]);
    expect(leaves({ '@context': context, ...node })).toEqual(['address=#a']);
  });

  test('as nothing is nothing, and is not told', () => {
    const source = { '@context': ['https://schema.org', { name: null }], '@type': 'Bakery', name: 'A' };
    expect([leaves(source), faultsOf(source)]).toEqual([[], []]);
  });
});

describe('a name', () => {
  test('without any vocabulary is told once, with a mend', () => {
    const source = { '@context': { s: schema }, '@type': 's:Bakery', name: 'A', email: 'e', own: 'x' };
    expect(faultsOf(source)).toEqual(['syntax/no-vocabulary']);
    expect(leaves(source)).toEqual([]);
    expect(faultsOf({ '@context': { s: schema }, '@type': 's:Bakery', 's:name': 'A', own: 'x' })).toEqual([]);
  });

  test('of a keyword without its sign is read and told, and one with a sign too much is not read', () => {
    expect(faultsOf({ '@context': schema, type: 'Bakery', id: '#b', name: 'A' })).toEqual([
      'syntax/keyword-alias',
      'syntax/keyword-alias',
    ]);
    expect(faultsOf({ '@context': schema, '@type': 'Bakery', '@name': 'A' })).toEqual([
      'syntax/unknown-keyword',
    ]);
    expect(leaves({ '@context': schema, '@type': 'Bakery', '@name': 'A' })).toEqual([]);
  });

  test('behind a vocabulary without its slash is told', () => {
    expect(faultsOf({ '@context': { '@vocab': 'https://schema.org' }, '@type': 'Bakery' })).toEqual([
      'syntax/wrong-context',
    ]);
    expect(faultsOf({ '@context': { '@vocab': schema }, '@type': 'Bakery' })).toEqual([]);
  });
});

test('an address is read against the base of its context', () => {
  const idOf = (context: unknown, id: string, base = ''): string | null | undefined =>
    readSource(JSON.stringify({ '@context': context, '@type': 'Bakery', '@id': id }), base).items[0]?.id;
  expect(idOf(schema, '#b', 'https://a.example/x')).toBe('https://a.example/x#b');
  expect(idOf(schema, '#b')).toBe('#b');
  expect(idOf([schema, { '@base': 'https://c.example/' }], 'y', 'https://a.example/')).toBe(
    'https://c.example/y',
  );
  expect(idOf([schema, { '@base': null }], 'y', 'https://a.example/')).toBe('y');
  expect(idOf(schema, '_:b', 'https://a.example/')).toBe('_:b');
});

test('nodes of a reverse property stand by themselves and lead back', () => {
  const source = {
    '@context': schema,
    '@type': 'Store',
    name: 'A',
    '@reverse': { department: { '@type': 'Store', name: 'B' } },
  };
  expect(leaves(source).sort()).toEqual(['department.name=A', 'name=A', 'name=B']);
});

test('a node that others refer to has what it refers to itself', () => {
  const graph = [
    { '@type': 'WebSite', '@id': '#s', publisher: { '@id': '#o' } },
    { '@type': 'Store', '@id': '#o', address: { '@id': '#a' } },
    { '@id': '#a', '@type': 'PostalAddress', postalCode: '9' },
  ];
  expect(leaves({ '@context': schema, '@graph': graph })).toEqual([
    'publisher.address.postalCode=9',
    'address.postalCode=9',
    'postalCode=9',
  ]);
});

test('parts of a node that contradict each other stay apart, and those inside others are joined', () => {
  const parts = (one: object, other: object): number =>
    readSource(
      JSON.stringify({
        '@context': schema,
        '@graph': [
          { '@id': '#o', ...one },
          { '@id': '#o', ...other },
        ],
      }),
    ).items.length;
  expect(parts({ name: 'A' }, { email: 'e' })).toBe(1);
  expect(parts({ name: 'A' }, { name: 'A', email: 'e' })).toBe(1);
  expect(parts({ name: 'A' }, { name: 'B' })).toBe(2);
  const inner = { '@type': 'WebSite', publisher: { '@id': '#o', '@type': 'Organization', name: 'A' } };
  expect(leaves({ '@context': schema, '@graph': [inner, { '@id': '#o', email: 'e' }] })).toEqual([
    'publisher.name=A',
    'publisher.email=e',
    'name=A',
    'email=e',
  ]);
});
