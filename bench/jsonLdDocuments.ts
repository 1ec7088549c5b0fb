/** Documents of JSON-LD that are read by our reader and by others, one rule of the standard at a time and mixed. */
type Json = string | number | boolean | null | readonly Json[] | { readonly [name: string]: Json };

const SCHEMA = 'https://schema.org';
const vocab = { '@vocab': `${SCHEMA}/` };
const address = { '@type': 'PostalAddress', streetAddress: '9 Hollins Row', postalCode: 'TQ1 2AB' };
const id = 'https://a.example/#b';

/** Contexts with a node that is written under each. */
const contexts: readonly (readonly [Json, Readonly<Record<string, Json>>])[] = [
  [SCHEMA, { '@type': 'Bakery', name: 'A', address }],
  ['http://schema.org', { '@type': 'Bakery', name: 'A', address }],
  ['http://www.schema.org/', { '@type': 'Bakery', name: 'A' }],
  [`${SCHEMA}/`, { '@type': ['Bakery', 'Store'], name: ['A', 'B'] }],
  [vocab, { '@type': 'Bakery', name: 'A', address }],
  [{ '@vocab': 'http://schema.org/' }, { '@type': 'Bakery', name: 'A' }],
  [{ s: `${SCHEMA}/` }, { '@type': 's:Bakery', 's:name': 'A', name: 'dropped' }],
  [
    { ...vocab, title: 'name' },
    { '@type': 'Bakery', title: 'A' },
  ],
  [
    { ...vocab, title: { '@id': 'name' } },
    { '@type': 'Bakery', title: 'A' },
  ],
  [
    { ...vocab, shop: 'Bakery' },
    { '@type': 'shop', name: 'A' },
  ],
  [[SCHEMA, { title: 'schema:name' }], { '@type': 'Bakery', title: 'A' }],
  [[SCHEMA, { title: `${SCHEMA}/name` }], { '@type': 'Bakery', title: 'A' }],
  [
    [SCHEMA, { gr: 'http://purl.org/goodrelations/v1#' }],
    { '@type': 'Bakery', 'gr:legalName': 'A', name: 'B' },
  ],
  [[SCHEMA, { kind: '@type', key: '@id' }], { kind: 'Bakery', key: id, name: 'A' }],
  [[SCHEMA, { name: null }], { '@type': 'Bakery', name: 'dropped', email: 'a@b.example' }],
  [[null, SCHEMA], { '@type': 'Bakery', name: 'A' }],
  [[SCHEMA, { '@language': 'de' }], { '@type': 'Bakery', name: 'A' }],
  [[SCHEMA, { '@base': 'https://b.example/x/' }], { '@type': 'Bakery', '@id': 'y', name: 'A' }],
  [[SCHEMA, { '@base': 'z/' }], { '@type': 'Bakery', '@id': '#y', name: 'A' }],
  [[SCHEMA, { '@base': null }], { '@type': 'Bakery', '@id': 'https://c.example/', name: 'A' }],
  [
    { ...vocab, name: { '@id': 'name', '@container': '@language' } },
    { '@type': 'Bakery', name: { en: 'A', de: ['B', 'C'], '@none': 'D' } },
  ],
  [
    { ...vocab, department: { '@id': 'department', '@container': '@index' } },
    {
      '@type': 'Bakery',
      department: { x: { '@type': 'Store', name: 'X' }, y: { '@type': 'Store', name: 'Y' } },
    },
  ],
  [
    { ...vocab, sameAs: { '@id': 'sameAs', '@type': '@id', '@container': '@set' } },
    { '@type': 'Bakery', sameAs: ['https://s.example/1', 'https://s.example/2'] },
  ],
  [
    { ...vocab, steps: { '@id': 'knowsAbout', '@container': '@list' } },
    { '@type': 'Bakery', steps: ['A', 'B'] },
  ],
  [
    { ...vocab, founded: { '@id': 'foundingDate', '@type': 'http://www.w3.org/2001/XMLSchema#date' } },
    { '@type': 'Bakery', founded: '1974-05-01' },
  ],
  [
    { ...vocab, branches: { '@reverse': 'parentOrganization' } },
    { '@type': 'Organization', '@id': id, name: 'A', branches: { '@type': 'Bakery', name: 'B' } },
  ],
  [
    { ...vocab, more: '@nest' },
    { '@type': 'Bakery', name: 'A', more: { email: 'a@b.example', address } },
  ],
  [
    { ...vocab, contact: '@nest', mail: { '@id': 'email', '@nest': 'contact' } },
    { '@type': 'Bakery', contact: { mail: 'a@b.example' } },
  ],
  [
    { ...vocab, address: { '@id': 'address', '@context': { road: 'streetAddress' } } },
    { '@type': 'Bakery', address: { '@type': 'PostalAddress', road: '1 B' } },
  ],
  [
    { ...vocab, Shop: { '@id': 'Bakery', '@context': { title: 'name' } } },
    { '@type': 'Shop', title: 'A' },
  ],
  [
    { ...vocab, x: 'y', y: 'name' },
    { '@type': 'Bakery', x: 'A', y: 'B' },
  ],
  [
    { '@version': 1.1, ...vocab },
    { '@type': 'Bakery', name: 'A' },
  ],
  // What may be a prefix, and what is none (4.1.5).
  [
    [
      SCHEMA,
      {
        s: 'name',
        ex: { '@id': 'https://ex.example/' },
        q: { '@id': 'https://q.example/', '@prefix': true },
      },
    ],
    { '@type': 's:Bakery', 's:name': 'A', 'ex:p': 'B', 'q:p': 'C' },
  ],
  [[SCHEMA, { s: '@id' }], { '@type': 'Bakery', 's:name': 'A' }],
  // What is coerced (API, 5.3.2).
  [[SCHEMA, { c: { '@id': 'url', '@type': '@id' } }], { '@type': 'Bakery', c: [5, true, 'x'] }],
  [
    [vocab, { ex: 'https://ex.example/', c: { '@id': 'additionalType', '@type': '@vocab' } }],
    { '@type': 'Bakery', c: ['Store', 'ex:T', 'https://b.example/T', 5] },
  ],
  // Keywords under several names, and in what is nested.
  [[SCHEMA, { kind: '@type' }], { '@type': 'Bakery', kind: ['Store', 'Winery'], type: 'Hotel' }],
  [[SCHEMA, { more: '@nest' }], { more: { '@type': 'Bakery', '@id': id, name: 'A', more: { email: 'B' } } }],
  // Maps by index, name and type, and lists in their place.
  [
    [SCHEMA, { part: { '@id': 'department', '@container': '@index' } }],
    { '@type': 'Store', part: [{ '@type': 'Bakery', name: 'A' }, 'B'] },
  ],
  [
    [SCHEMA, { part: { '@id': 'department', '@container': '@index', '@type': '@id' } }],
    { '@type': 'Store', part: { a: 'x', b: ['y', { '@type': 'Bakery', name: 'B' }] } },
  ],
  [
    [SCHEMA, { part: { '@id': 'department', '@container': '@id' } }],
    {
      '@type': 'Store',
      part: { '#a': { name: 'A' }, '@none': { name: 'B' }, '#c': { '@id': '#d', name: 'D' } },
    },
  ],
  [
    [SCHEMA, { part: { '@id': 'department', '@container': '@type' } }],
    {
      '@type': 'Store',
      part: { Bakery: { '@id': '#a', name: 'A' }, Winery: [{ '@type': 'Bar', name: 'B' }] },
    },
  ],
  // A context of a type holds for its node alone, one of a property for all below; @propagate says otherwise.
  [
    [SCHEMA, { Bakery: { '@id': 'Bakery', '@context': { title: 'name' } } }],
    { '@type': 'Bakery', title: 'A', department: { '@type': 'Store', title: 'B', image: { '@id': 'x' } } },
  ],
  [
    [SCHEMA, { Bakery: { '@id': 'Bakery', '@context': { '@propagate': true, title: 'name' } } }],
    { '@type': 'Bakery', title: 'A', department: { '@type': 'Store', title: 'B' } },
  ],
  [
    [
      SCHEMA,
      {
        Bakery: { '@id': 'Bakery', '@context': { title: 'name' } },
        d: { '@id': 'department', '@context': { e: 'email' } },
      },
    ],
    { '@type': 'Bakery', d: { '@type': 'Store', title: 'B', e: 'C', department: { e: 'D', title: 'E' } } },
  ],
  // What leads back from what leads back.
  [
    SCHEMA,
    {
      '@type': 'Bakery',
      '@reverse': {
        department: { name: 'A', '@reverse': { subOrganization: { '@type': 'Store', name: 'B' } } },
      },
    },
  ],
];

/** Nodes under schema.org's own context. */
const nodes: readonly Json[] = [
  { '@type': 'Bakery', name: { '@value': 'A' } },
  { '@type': 'Bakery', name: { '@value': 'A', '@language': 'de' } },
  { '@type': 'Bakery', name: [{ '@value': 'A' }, 'B', null] },
  { '@type': 'Bakery', name: null, email: 'a@b.example' },
  { '@type': 'Bakery', name: [], email: 'e' },
  { '@type': 'Bakery', geo: { '@type': 'GeoCoordinates', latitude: 50.4619, longitude: -3.5253 } },
  { '@type': 'Bakery', isAccessibleForFree: true, smokingAllowed: false },
  { '@type': 'Bakery', knowsAbout: { '@list': ['A', 'B'] } },
  { '@type': 'Bakery', sameAs: { '@set': ['https://s.example/1', 'https://s.example/2'] } },
  { '@type': 'Bakery', '@id': '#b', name: 'A' },
  { '@type': 'Bakery', '@id': '/x#b', name: 'A' },
  { '@type': 'Bakery', '@id': '', name: 'A' },
  { '@type': 'Bakery', '@id': '_:b', name: 'A' },
  { '@type': 'Bakery', name: 'A', parentOrganization: { '@id': id } },
  { '@type': 'Bakery', name: 'A', '@reverse': { parentOrganization: { '@type': 'Store', name: 'B' } } },
  {
    '@type': 'Organization',
    '@id': id,
    '@reverse': {
      parentOrganization: [
        { '@type': 'Store', name: 'B' },
        { '@type': 'Store', name: 'C' },
      ],
    },
    name: 'A',
  },
  { '@type': 'Bakery', name: 'A', '@included': [{ '@type': 'Store', '@id': id, name: 'B' }] },
  {
    '@graph': [
      { '@type': 'Bakery', name: 'A' },
      { '@type': 'Store', name: 'B' },
    ],
  },
  {
    '@graph': [
      { '@type': 'Bakery', '@id': id, name: 'A' },
      { '@type': 'Store', parentOrganization: { '@id': id } },
    ],
  },
  {
    '@graph': [
      { '@type': 'Bakery', '@id': id, name: 'A' },
      { '@id': id, email: 'e' },
    ],
  },
  {
    '@graph': [
      { '@type': 'Bakery', '@id': id, name: 'A' },
      { '@id': id, name: 'A', email: 'e' },
    ],
  },
  { '@graph': { '@type': 'Bakery', name: 'A' } },
  { '@graph': [] },
  { '@type': 'Bakery', '@unknown': 'x', name: 'A' },
  { '@type': 'Bakery', 'schema:name': 'A' },
  { '@type': 'schema:Bakery', name: 'A' },
  { '@type': `${SCHEMA}/Bakery`, name: 'A' },
  { '@type': 'http://schema.org/Bakery', [`${SCHEMA}/name`]: 'A' },
  { '@type': 'Bakery', 'http://xmlns.com/foaf/0.1/name': 'A', name: 'B' },
  { '@type': 'Bakery', name: 'A', address, department: [{ '@type': 'Store', name: 'B', address }] },
  { '@type': 'Bakery', name: '', email: 'e' },
  { '@type': 'Bakery', name: '  A  ' },
  { '@type': 'Bakery', name: 'Ä “x” \n y' },
  {
    '@type': 'Bakery',
    openingHoursSpecification: [
      {
        '@type': 'OpeningHoursSpecification',
        dayOfWeek: ['Monday', 'Tuesday'],
        opens: '09:00',
        closes: '17:00',
      },
    ],
  },
  { '@type': 'Bakery', '@index': 'x', name: 'A' },
  { type: 'Bakery', id, name: 'A' },
  {
    '@type': 'Bakery',
    name: 'A',
    address: { '@context': { road: 'streetAddress' }, '@type': 'PostalAddress', road: '1 B' },
  },
  { '@type': 'Bakery', name: 'A', geo: { '@context': null, '@type': 'x:G', latitude: 1 } },
  {
    '@type': 'Bakery',
    name: 'A',
    address: { '@context': vocab, '@type': 'PostalAddress', streetAddress: '1 B' },
  },
  { '@type': 'Bakery', '@id': 'schema:x', name: 'A' },
];

/** A whole organisation, as plug-ins spread it over one graph. */
const spread = (at: number): Json => ({
  '@context': SCHEMA,
  '@graph': [
    { '@type': 'WebSite', '@id': '#site', publisher: { '@id': '#org' }, ...(at % 2 ? { name: 'W' } : {}) },
    { '@type': at % 3 ? 'Organization' : ['Organization', 'Bakery'], '@id': '#org', name: 'A' },
    { '@id': '#org', logo: { '@type': 'ImageObject', '@id': '#logo', url: 'https://a.example/l.png' } },
    { '@id': '#org', ...(at % 5 ? { address: { '@id': '#address' } } : { image: { '@id': '#logo' } }) },
    { ...address, '@id': '#address' },
    { '@type': 'WebPage', '@id': '', isPartOf: { '@id': '#site' }, about: { '@id': '#org' } },
  ],
});

/** A node with a context of its own inside another with another. */
const mixed = contexts.slice(0, 25).map(([context, node]): Json => ({
  '@context': SCHEMA,
  '@type': 'WebPage',
  '@id': 'https://a.example/',
  mainEntity: { '@context': context, ...node },
}));

export const jsonLdDocuments: readonly Json[] = [
  ...contexts.map(([context, node]) => ({ '@context': context, ...node })),
  ...contexts.slice(0, 12).map(([context, node]) => ({ '@context': context, '@graph': [node] })),
  ...nodes.map((node) => ({ '@context': SCHEMA, ...(node as Readonly<Record<string, Json>>) })),
  ...mixed,
  ...Array.from({ length: 10 }, (_, at) => spread(at)),
  [
    { '@context': SCHEMA, '@type': 'Bakery', name: 'A' },
    { '@context': vocab, '@type': 'Store', name: 'B' },
  ],
];
