import type { Branch } from './branches.ts';

const domain = ({ country, type }: Branch): string =>
  `${type.toLowerCase()}-${country.toLowerCase()}.example`;
export const urlOf = (branch: Branch): string => `https://${domain(branch)}/`;

/** The page that visitors see, with markup in its head and at its end. */
function page(branch: Branch, head: string, foot = ''): string {
  const { language, name, lines, shownTelephone, hours } = branch;
  return [
    '<!doctype html>',
    `<html lang="${language}">`,
    '<head>',
    '<meta charset="utf-8">',
    `<title>${name}</title>`,
    `<link rel="canonical" href="${urlOf(branch)}">`,
    ...(head ? [head] : []),
    '</head>',
    '<body>',
    `<header><h1>${name}</h1></header>`,
    '<footer>',
    `<p>${name}</p>`,
    ...lines.map((line) => `<p>${line}</p>`),
    `<p><a href="tel:${branch.telephone.replace(/ /g, '')}">${shownTelephone}</a></p>`,
    `<p>${hours}</p>`,
    '</footer>',
    ...(foot ? [foot] : []),
    '</body>',
    '</html>',
    '',
  ].join('\n');
}

const script = (json: unknown): string =>
  `<script type="application/ld+json">\n${JSON.stringify(json, null, 2)}\n</script>`;

const DAYS = ['Monday', 'Tuesday', 'Wednesday', 'Thursday', 'Friday'];

/** What the class asks for besides: food has its kind, its menu and its tables. */
const more = ({ type }: Branch, url: string): object =>
  ['Bakery', 'CafeOrCoffeeShop', 'IceCreamShop', 'BarOrPub'].includes(type)
    ? { servesCuisine: 'Regional', hasMenu: `${url}menu`, acceptsReservations: false }
    : {};

function business(branch: Branch): Readonly<Record<string, unknown>> {
  const url = urlOf(branch);
  return {
    '@type': branch.type,
    '@id': `${url}#business`,
    name: branch.name,
    url,
    telephone: branch.telephone,
    image: `${url}front.jpg`,
    priceRange: branch.price,
    ...more(branch, url),
    address: {
      '@type': 'PostalAddress',
      streetAddress: branch.street,
      postalCode: branch.code,
      addressLocality: branch.town,
      ...(branch.region ? { addressRegion: branch.region } : {}),
      addressCountry: branch.country,
    },
    geo: {
      '@type': 'GeoCoordinates',
      latitude: Number(branch.latitude),
      longitude: Number(branch.longitude),
    },
    openingHoursSpecification: [
      { '@type': 'OpeningHoursSpecification', dayOfWeek: DAYS, opens: '09:00', closes: '18:00' },
      { '@type': 'OpeningHoursSpecification', dayOfWeek: 'Saturday', opens: '10:00', closes: '14:00' },
    ],
  };
}

const meta = (name: string, content: string): string => `<meta itemprop="${name}" content="${content}">`;

function microdata(branch: Branch): string {
  const { type, name, street, town, code, region, country, telephone, shownTelephone, latitude, longitude } =
    branch;
  const url = urlOf(branch);
  return [
    `<div itemscope itemtype="https://schema.org/${type}" itemid="${url}#business">`,
    `<p itemprop="name">${name}</p>`,
    `<link itemprop="url" href="${url}">`,
    `<img itemprop="image" src="${url}front.jpg" alt="${name}">`,
    meta('priceRange', branch.price),
    ...Object.entries(more(branch, url)).map(([property, value]) => meta(property, String(value))),
    '<div itemprop="address" itemscope itemtype="https://schema.org/PostalAddress">',
    `<p itemprop="streetAddress">${street}</p>`,
    `<p><span itemprop="postalCode">${code}</span> <span itemprop="addressLocality">${town}</span></p>`,
    ...(region ? [meta('addressRegion', region)] : []),
    meta('addressCountry', country),
    '</div>',
    `<a href="tel:${telephone.replace(/ /g, '')}">${shownTelephone}</a>`,
    meta('telephone', telephone),
    '<div itemprop="geo" itemscope itemtype="https://schema.org/GeoCoordinates">',
    meta('latitude', latitude),
    meta('longitude', longitude),
    '</div>',
    meta('openingHours', 'Mo-Fr 09:00-18:00'),
    meta('openingHours', 'Sa 10:00-14:00'),
    `<p>${branch.hours}</p>`,
    '</div>',
  ].join('\n');
}

const rdfa = (branch: Branch): string =>
  microdata(branch)
    .replace(
      /itemscope itemtype="https:\/\/schema\.org\/(\w+)" itemid="([^"]*)"/,
      'vocab="https://schema.org/" typeof="$1" resource="$2"',
    )
    .replace(
      /itemprop="(\w+)" itemscope itemtype="https:\/\/schema\.org\/(\w+)"/g,
      'property="$1" typeof="$2"',
    )
    .replaceAll('itemprop=', 'property=');

/** The page with markup in the body, where the visible text is the marked text. */
const marked = (branch: Branch, body: string): string =>
  page(branch, '').replace(/<footer>[^]*<\/footer>/, `<footer>\n${body}\n</footer>`);

/** The graph that site plug-ins write: site, page, organisation and place, each by reference. */
function graph(branch: Branch): unknown {
  const url = urlOf(branch);
  const { address, geo, ...rest } = business(branch);
  return {
    '@context': 'https://schema.org',
    '@graph': [
      {
        '@type': 'WebSite',
        '@id': `${url}#website`,
        url,
        name: branch.name,
        publisher: { '@id': `${url}#business` },
        inLanguage: branch.language,
      },
      {
        '@type': 'WebPage',
        '@id': url,
        url,
        name: branch.name,
        isPartOf: { '@id': `${url}#website` },
        about: { '@id': `${url}#business` },
        primaryImageOfPage: { '@id': `${url}#primaryimage` },
      },
      {
        '@type': 'ImageObject',
        '@id': `${url}#primaryimage`,
        url: `${url}front.jpg`,
        contentUrl: `${url}front.jpg`,
        width: 1200,
        height: 800,
      },
      { ...rest, address: { '@id': `${url}#address` }, geo },
      { ...(address as object), '@id': `${url}#address` },
    ],
  };
}

/** One node in two scripts, as two plug-ins that know of each other write it. */
function spread(branch: Branch): string {
  const { '@type': type, '@id': id, name, url, image, ...rest } = business(branch);
  return [
    script({ '@context': 'https://schema.org', '@type': type, '@id': id, name, url, image }),
    script({ '@context': 'https://schema.org', '@id': id, ...rest }),
  ].join('\n');
}

export const habits = {
  'a script in the head': (branch) =>
    page(branch, script({ '@context': 'https://schema.org', ...business(branch) })),
  'the graph of a plug-in': (branch) => page(branch, script(graph(branch))),
  'one node in two scripts': (branch) => page(branch, '', spread(branch)),
  'minified, with escaped slashes': (branch) =>
    page(
      branch,
      `<script type="application/ld+json" class="seo-graph">${JSON.stringify({ '@context': 'https://schema.org/', ...business(branch) }).replaceAll('/', '\\/')}</script>`,
    ),
  microdata: (branch) => marked(branch, microdata(branch)),
  rdfa: (branch) => marked(branch, rdfa(branch)),
} as const satisfies Readonly<Record<string, (branch: Branch) => string>>;
export type Habit = keyof typeof habits;
