import { describe, expect, test } from '@jest/globals';
import { applyEdits } from '#core/text';
import { townsFor } from '#core/towns';
import { check } from './check.ts';

/** Findings of a page with markup of businesses in Great Britain. */
const told = (businesses: readonly object[], body: string, head = ''): readonly string[] =>
  check(
    `<!doctype html><title>x</title>${head}<script type="application/ld+json">${JSON.stringify({
      '@context': 'https://schema.org',
      '@graph': businesses,
    })}</script>${body}`,
  ).findings.map(({ code, property }) => `${code} ${property ?? ''}`);
const shop = (more: object = {}, address: object = {}): object => ({
  '@type': 'Store',
  name: 'Larch & Sons',
  address: {
    '@type': 'PostalAddress',
    streetAddress: '9 Hollins Row',
    addressLocality: 'Saltby',
    postalCode: 'TQ1 2AB',
    addressCountry: 'GB',
    ...address,
  },
  ...more,
});

describe('a link', () => {
  const links = (link: string): readonly string[] =>
    told([shop()], `<h1>Larch &amp; Sons</h1><p>9 Hollins Row, Saltby TQ1 2AB</p>${link}`).filter((one) =>
      one.startsWith('agreement/link'),
    );
  test.each([
    ['<a href="tel:+441803555014">01803 555041</a>', 'telephone'],
    ['<a href="tel:01803%20555014">Call us: 01803 555 041</a>', 'telephone'],
    ['<a href="mailto:desk@larch.example">info@larch.example</a>', 'email'],
  ])('reaches another than it shows: %s', (link, property) =>
    expect(links(link)).toEqual([`agreement/link ${property}`]),
  );
  test.each([
    '<a href="tel:+441803555041">01803 555041</a>',
    '<a href="tel:+441803555014">Call us</a>',
    // A number of another country, which is shown as it is dialled there.
    '<a href="tel:+16468914349">(646) 891-4349</a>',
    // Which of two is dialled, the text does not say.
    '<a href="tel:+441803555014">01803 555041 or 01803 555042</a>',
    '<a href="mailto:Desk@larch.example?subject=Hi">desk@larch.example</a>',
    '<a href="mailto:desk@larch.example">Write to us</a>',
    '<a href="https://larch.example/">01803 555041</a>',
  ])('says what it does, or nothing: %s', (link) => expect(links(link)).toEqual([]));
});

describe('a street of two towns', () => {
  const both = [shop(), shop({ name: 'Larch Exeter' }, { addressLocality: 'Exeter', postalCode: 'EX1 1AB' })];
  const shared = (body: string): readonly string[] =>
    told(both, body).filter((one) => one.startsWith('value/street-shared'));
  test('was copied where the page shows it once', () => {
    expect(shared('<p>9 Hollins Row, Saltby; 12 Mill Lane, Exeter</p>')).toEqual([
      'value/street-shared streetAddress',
    ]);
  });
  test('may be in both where the page shows it twice', () => {
    expect(shared('<p>9 Hollins Row, Saltby; 9 Hollins Row, Exeter</p>')).toEqual([]);
  });
});

describe('a rating beside another on the page', () => {
  const rated = (body: string): readonly string[] =>
    told(
      [shop({ aggregateRating: { '@type': 'AggregateRating', ratingValue: 4.4, reviewCount: 318 } })],
      body,
    ).filter((one) => one.startsWith('agreement/rating'));
  test.each(['<p>4.1 out of 5 (318 reviews)</p>', '<p>318 Bewertungen: 4,1 von 5</p>', '<p>4.1/5, 318</p>'])(
    'is another: %s',
    (body) => expect(rated(body)).toEqual(['agreement/rating-not-visible ratingValue']),
  );
  test.each([
    '<p>4.4 out of 5 (318 reviews)</p>',
    '<p>318 reviews</p>',
    // Another scale, a date.
    '<p>8.8 out of 10, 318 reviews</p>',
    '<p>318 reviews since 1/5/2019</p>',
  ])('is none: %s', (body) => expect(rated(body)).toEqual([]));
});

describe('two businesses of one @id', () => {
  const id = 'https://larch.example/#shop';
  const items = (other: object): readonly string[] => {
    const one = JSON.stringify({
      '@context': 'https://schema.org',
      ...shop({ '@id': id, telephone: '+44 1803 555041' }),
    });
    const two = JSON.stringify({ '@context': 'https://schema.org', ...other });
    return check(
      `<title>x</title><script type="application/ld+json">[${one},${two}]</script>`,
    ).findings.flatMap(({ code, property, related }) =>
      code === 'agreement/items' ? [`${property ?? ''} ${String(related.length)}`] : [],
    );
  };
  const other = shop(
    { '@id': id, name: 'Fern Books', telephone: '+44 1803 555099' },
    { streetAddress: '2 Quay', addressLocality: 'Exeter', postalCode: 'EX1 1AB' },
  );
  test('are told once, with all that differs', () => expect(items(other)).toEqual(['@id 5']));
  test('one that differs in a number is told at the number', () =>
    expect(items(shop({ '@id': id, telephone: '+44 1803 555099' }))).toEqual(['telephone 1']));
});

describe('a reference to the page itself', () => {
  const canonical = '<link rel="canonical" href="https://larch.example/">';
  const image = (id: string): readonly string[] =>
    told([shop({ image: { '@id': id } })], '<p>x</p>', canonical).filter((one) =>
      one.startsWith('structure/reference'),
    );
  test('that nothing there is called is told for pictures too', () => {
    expect(image('https://larch.example/#photo')).toEqual(['structure/reference image']);
    expect(image('https://larch.example/photo.jpg')).toEqual([]);
  });
});

test('a number is the same in the digits of any script', () => {
  const page = (shown: string): string =>
    `<div itemscope itemtype="https://schema.org/Store"><data itemprop="telephone" value="+971 4 223 5518">${shown}</data></div>`;
  const codes = (shown: string) => check(page(shown)).findings.map(({ code }) => code);
  expect(codes('٠٤ ٢٢٣ ٥٥١٨')).not.toContain('structure/shown-otherwise');
  expect(codes('٠٤ ٢٢٣ ٥٥١٩')).toContain('structure/shown-otherwise');
});

test.each([
  ['<pre>&lt;script type="application/ld+json"&gt;{}&lt;/script&gt;</pre>', true],
  ['<p>“@context”: “https://schema.org”, “@type”: “Store”</p>', true],
  ['<p>&lt;div itemscope itemtype="https://schema.org/Store"&gt;</p>', true],
  ['<p>&amp;lt;div vocab=&amp;quot;https://schema.org/&amp;quot;&amp;gt;</p>', true],
  ['<p>Write the @context of a text with quotes: "so"</p>', false],
  ['<p>5 < 7 and itemscope is a word</p>', false],
])('markup that visitors read as text is told where it stands: %s', (shown, is) => {
  const { findings } = check(`<!doctype html><title>x</title><p>Larch</p>${shown}`);
  const codes = findings.map(({ code }) => code);
  expect(codes.includes('structure/shown-markup')).toBe(is);
  expect(codes.includes('structure/no-business')).toBe(!is);
});

test.each([
  ['https://schema.org/LocalBusiness/', true],
  ['https://schema.org/Store', true],
  ['https://schema.org/', false],
  ['https://larch.example/Store/', false],
])('vocab="%s" has a type in it: %s', (vocab, is) => {
  const page = `<div vocab="${vocab}" typeof="Store"><b property="name">Larch</b></div>`;
  expect(check(page).findings.some(({ code }) => code === 'syntax/wrong-context')).toBe(is);
});

test.each([
  ['addressLocality', 'München', 'Munich', 'DE'],
  ['streetAddress', '1250, avenue Bernard Ouest', '1250, av. Bernard O.', 'CA'],
  ['postalCode', 'L-1930', '1930', 'LU'],
  ['telephone', '+7 843 292 12 34', '8 (843) 292-12-34', 'RU'],
])('%s may be told as %s where %s is shown', (property, told, shown, country) => {
  const page = (text: string): string =>
    `<div vocab="https://schema.org/" typeof="Store"><p property="address" typeof="PostalAddress"><b property="${property}" content="${told}">${text}</b><meta property="addressCountry" content="${country}"></p></div>`;
  const codes = (text: string) => check(page(text)).findings.map(({ code }) => code);
  expect(codes(shown)).not.toContain('structure/shown-otherwise');
  expect(codes('Another 7')).toContain('structure/shown-otherwise');
});

test('a page of a thousand businesses that shows them a thousand times is judged in bounded time', () => {
  const businesses = Array.from({ length: 1000 }, (_, at) =>
    shop(
      { aggregateRating: { '@type': 'AggregateRating', ratingValue: 4.4, reviewCount: 12 } },
      { addressLocality: `Town ${String(at)}`, postalCode: `TQ1 ${String(at % 10)}AB` },
    ),
  );
  const codes = told(businesses, '<p>9 Hollins Row, Saltby TQ1 2AB, 4.1 of 5</p>'.repeat(5000));
  expect(codes.filter((one) => one.startsWith('agreement/rating'))).toHaveLength(1000);
});

test('a property by a name that every object has is a property like others', () => {
  const named = (name: string): string => `<b itemprop="${name}" content="1">Two</b>`;
  const page = `<div itemscope itemtype="https://schema.org/Store">${named('__proto__')}${named('constructor')}</div>`;
  const codes = check(page).findings.map(({ code }) => code);
  expect(codes.filter((code) => code === 'structure/content-ignored')).toHaveLength(2);
});

describe('an address of the web', () => {
  const codes = (url: string): readonly string[] =>
    told([shop({ hasMap: url })], '').flatMap((one) =>
      one.endsWith(' hasMap') ? [one.split(' ')[0] ?? ''] : [],
    );
  test.each([
    ['http://192.168.1.20/larch', 'value/url'],
    ['https://larch.local/', 'value/url'],
    ['https://www.yourdomain.com/', 'value/placeholder'],
    ['https://staging.larch.example/', 'value/url-staging'],
    ['https://dev2.larch.example/', 'value/url-staging'],
  ])('%s is reached by no visitor: %s', (url, code) => expect(codes(url)).toEqual([code]));
  test.each([
    'https://devon.larch.example/',
    'https://domain.larch.example/',
    'https://larch.example/dev/',
    'https://172.32.0.1/',
    'https://example.com/',
  ])('%s may be', (url) => expect(codes(url)).toEqual([]));
});

test.each([
  [{ addressLocality: ['Saltby', 'Exeter'] }, 1],
  [{ postalCode: ['TQ1 2AB', 'EX1 1AB'] }, 1],
  // One town in two tongues, one country by name and code.
  [{ addressLocality: ['Bozen', 'Bolzano'], addressCountry: 'IT' }, 0],
  [{ addressCountry: ['GB', 'United Kingdom'] }, 0],
])('%j has %d part too many', (address, count) => {
  const found = told([shop({}, address)], '').filter((one) => one.startsWith('value/address-several'));
  expect(found).toHaveLength(count);
});

test('a museum or a concert hall is held against its page, though it is no LocalBusiness', () => {
  const hall = shop({ '@type': 'MusicVenue', telephone: '+44 1803 555041' });
  const page = '<h1>Larch &amp; Sons</h1><p>9 Hollins Row, Saltby TQ1 2AB</p>';
  const must = (body: string): readonly string[] =>
    told([hall], body).filter((one) => /^(?:agreement|structure|vocabulary)\//.test(one));
  expect(must(`${page}<p>01803 555041</p>`)).toEqual([]);
  expect(must(`${page}<p>01803 555099</p>`)).toEqual(['agreement/visitor telephone']);
  // One that nobody can ring is the place of something else.
  expect(told([shop({ '@type': 'MusicVenue' })], page)).toContain('structure/other-markup ');
});

test('hours that stand behind a label are told as a note', () => {
  const findings = check(
    `<script type="application/ld+json">${JSON.stringify({
      '@context': 'https://schema.org',
      ...shop({ openingHours: 'Mo-Fr 09:00-17:00' }),
    })}</script><h1>Larch &amp; Sons</h1><p>9 Hollins Row, Saltby TQ1 2AB</p><p>Workshop: Mon–Fri 8am–4pm</p>`,
  ).findings.filter(({ code }) => code.startsWith('agreement/'));
  expect(findings.map(({ code, grade }) => [code, grade])).toEqual([
    ['agreement/hours-among-others', 'note'],
  ]);
});

describe('what a page says of its business', () => {
  const page = '<h1>Larch &amp; Sons</h1><p>9 Hollins Row, Saltby TQ1 2AB</p>';
  const codes = (more: object, head = ''): readonly string[] =>
    told([shop(more)], page, head).filter((one) => /^(?:agreement\/url|value\/name)/.test(one));

  test('is on its own site: the address of another is told where the page says where it stands', () => {
    const canonical = '<link rel="canonical" href="https://larch.example/saltby">';
    expect(codes({ url: 'https://elm.example/' }, canonical)).toEqual(['agreement/url url']);
    expect(codes({ url: 'https://larch.example/' }, canonical)).toEqual([]);
    expect(codes({ url: 'https://elm.example/' })).toEqual([]);
    // A list of others' pages.
    const two = [shop({ url: 'https://elm.example/' }), shop({ name: 'Elm', url: 'https://elm.example/b' })];
    expect(told(two, page, canonical)).not.toContain('agreement/url url');
  });

  test('writes its name in small letters, which a machine is told in capitals', () => {
    expect(codes({ name: 'LARCH & SONS' })).toEqual(['value/name-capitals name']);
    expect(codes({ name: 'Larch & Sons' })).toEqual([]);
    // Over this door it stands in capitals.
    expect(told([shop({ name: 'LARCH' })], '<h1>LARCH</h1>')).not.toContain('value/name-capitals name');
  });
});

test('a district or a region that bears a town’s name is near it', async () => {
  const towns = await townsFor('latitude');
  const codes = (locality: string, region: string, latitude: number): readonly string[] =>
    check(
      JSON.stringify({
        '@context': 'https://schema.org',
        ...shop(
          { geo: { '@type': 'GeoCoordinates', latitude, longitude: 3.39231 } },
          { addressLocality: locality, addressRegion: region, addressCountry: 'NG', postalCode: '' },
        ),
      }),
      { towns },
    ).findings.flatMap(({ code }) => (code.startsWith('value/coordinates') ? [code] : []));
  expect(codes('Lagos Island', '', 6.45231)).toEqual([]);
  expect(codes('Lagos Island', '', 8.95231)).toEqual(['value/coordinates-doubtful']);
  expect(codes('Badagry Creek East', 'Lagos', 8.95231)).toEqual(['value/coordinates-doubtful']);
});

describe('the second business of a page', () => {
  const second = (address: object): object =>
    shop(
      { name: 'Larch Nampa' },
      { streetAddress: '4 Quay Lane', addressLocality: 'Nampa', postalCode: 'TR1 3CD', ...address },
    );
  const body =
    '<h1>Larch &amp; Sons</h1><p>9 Hollins Row, Saltby TQ1 2AB</p><h2>Larch Nampa</h2><p>4 Quay Lane, Nampa TR1 3CD</p>';
  const unseen = (address: object, shown = body): readonly string[] =>
    told([shop(), second(address)], shown).filter((one) => one.startsWith('agreement/not-visible'));

  test('shows its street and town where its postal code stands', () => {
    expect(unseen({})).toEqual([]);
    expect(unseen({ streetAddress: '4 Ropewalk' })).toEqual(['agreement/not-visible streetAddress']);
    expect(unseen({ addressLocality: 'Boise' })).toEqual(['agreement/not-visible addressLocality']);
  });
  test('need not show them where it is only named', () =>
    expect(unseen({ streetAddress: '4 Ropewalk' }, body.replace(/<p>4.*/, ''))).toEqual([]));
});

describe('an item that a browser ends before its properties', () => {
  const found = (source: string) => {
    const { findings } = check(source);
    return findings.filter(({ code }) => code === 'structure/itemprop-outside');
  };
  const inside =
    '<div itemprop="name">Larch</div><div itemprop="telephone">+44 1803 555041</div><div itemprop="address">9 Hollins Row</div>';
  test('is told once, at its tag, with a mend', () => {
    const source = `<p itemscope itemtype="https://schema.org/Store">${inside}</p><p>Welcome</p>`;
    const [one, ...others] = found(source);
    expect([one?.property, one?.place.start, one?.related.length, others]).toEqual([null, 0, 3, []]);
    expect(one?.message).toContain('ends “p” before “div”');
    const mended = applyEdits(source, one?.mend?.edits ?? []);
    expect(mended).toContain('</div></div><p>Welcome</p>');
    expect(found(mended)).toEqual([]);
  });
  test('is told without one where it is no paragraph', () => {
    const source = `<div><a href="/" itemscope itemtype="https://schema.org/Store"><b itemprop="name">Larch</b><a href="/x">x</a><b itemprop="telephone">1</b><b itemprop="email">a@b.example</b></a></div>`;
    expect(found(source)).toMatchObject([{ property: null, mend: null }]);
  });
  test('is not meant by one property that strays by itself', () => {
    const source = `<p itemscope itemtype="https://schema.org/Store"><b itemprop="name">Larch</b><div itemprop="telephone">1</div></p>`;
    expect(found(source)).toMatchObject([{ property: 'telephone' }]);
  });
});

test('names of properties with a comma between are told as several', () => {
  const source =
    '<div itemscope itemtype="https://schema.org/Store"><b itemprop="name,alternateName">Larch</b></div>';
  const { findings } = check(source);
  const [one] = findings.filter(({ code }) => code === 'vocabulary/unknown-property');
  expect(one?.mend).toMatchObject({ edits: [{ text: 'name alternateName' }], certain: true });
  expect(findings.some(({ property, code }) => code === 'guideline/required' && property === 'name')).toBe(
    false,
  );
});

test('attributes that were put aside as data are told once', () => {
  const rows = ['name', 'telephone', 'email', 'url', 'description', 'slogan', 'logo'];
  const source = `<div>${rows.map((row) => `<b data-itemprop="${row}">x</b>`).join('')}</div>`;
  const found = check(source).findings.filter(({ code }) => code === 'structure/misspelt');
  expect(found).toMatchObject([{ mend: { certain: true } }]);
  expect(found[0]?.related).toHaveLength(rows.length - 1);
});

test('the number of a unit that is another department’s is no contradiction', () => {
  const addressOf = (unit: string): string =>
    `"address":{"@type":"PostalAddress","streetAddress":"${unit}, Ferry Road","addressLocality":"Oxford","postalCode":"OX2 0DP","addressCountry":"GB"}`;
  const json = `{"@context":"https://schema.org","@type":"AutoDealer","name":"Marlow","telephone":"+441865960123",${addressOf('Unit 4')},"department":{"@type":"AutoRepair","name":"Marlow Service","telephone":"+441865960124",${addressOf('Unit 5')}}}`;
  const shown = (street: string): string =>
    `<script type="application/ld+json">${json}</script><h1>Marlow</h1><p>${street}, Ferry Road, Oxford OX2 0DP</p><p>01865 960123, 01865 960124</p>`;
  const told = (street: string): string[] =>
    check(shown(street)).findings.flatMap(({ code, property }) =>
      code === 'agreement/visitor' ? [property ?? ''] : [],
    );
  expect(told('Unit 4')).toEqual([]);
  expect(told('Unit 9')).toContain('streetAddress');
});

test('what is asked of businesses is asked of schools and museums at most as worth having', () => {
  const asked = (type: string): string[] =>
    check(
      `{"@context":"https://schema.org","@type":"${type}","name":"A","telephone":"+353 91 555012","address":{"@type":"PostalAddress","streetAddress":"1 Road","addressLocality":"Town","postalCode":"H91 X2Y3","addressCountry":"IE"}}`,
    ).findings.flatMap(({ code, property }) =>
      code.startsWith('guideline/') ? [`${code.slice(10)} ${property}`] : [],
    );
  expect(asked('Store')).toEqual(expect.arrayContaining(['recommended geo', 'recommended priceRange']));
  expect(asked('ElementarySchool')).toContain('worth-having geo');
  expect(asked('ElementarySchool').join()).not.toMatch(/recommended|priceRange/);
});

test('the middle of an area needs no decimals, a door does', () => {
  const circle = (point: string): string =>
    `{"@context":"https://schema.org","@type":"Plumber","name":"A","telephone":"+61 3 9555 0119","areaServed":{"@type":"GeoCircle","geoRadius":"30000","geoMidpoint":${point}},"geo":${point}}`;
  const { findings } = check(circle('{"@type":"GeoCoordinates","latitude":-38.15,"longitude":144.36}'));
  const coarse = findings.filter(({ code }) => code === 'value/coordinates-coarse');
  expect(coarse.map(({ property }) => property)).toEqual(['latitude', 'longitude']);
});

test.each(['noscript', 'template'])('a business that stands in %s is told as that alone', (name) => {
  const codes = (type: string): string[] =>
    check(
      `<!doctype html><body><${name}><script type="application/ld+json">{"@context":"https://schema.org","@type":"${type}","name":"A"}</script></${name}>`,
    ).findings.map(({ code }) => code);
  expect(codes('Bakery')).toEqual([`structure/in-${name}`]);
  expect(codes('Product')).toContain('structure/no-business');
});
