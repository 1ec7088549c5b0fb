import { describe, expect, test } from '@jest/globals';
import { jsonLd, napBlock, writeMarkup } from '#core/markup';
import { recordSchema, type BusinessRecord } from '#core/record';
import { larkspur } from '#sample';
import { check, checkSitePage, judgeSite } from '#core/checking';
import type { ThreeWayRow } from './index.ts';

const page = (body: string, head = ''): string =>
  `<!doctype html><html lang="en"><head><title>x</title>${head}</head><body>${body}</body></html>`;
const shop: BusinessRecord = recordSchema.parse({
  name: 'Salt & Sons',
  types: ['BookStore'],
  id: 'https://salt.example/#shop',
  url: 'https://salt.example/',
  telephone: '020 7946 0321',
  faxNumber: '020 7946 0322',
  email: 'desk@salt.example',
  priceRange: '££',
  slogan: 'Books by the sea',
  sameAs: ['https://social.example/salt', 'https://photos.example/salt'],
  address: {
    streetAddress: '9 Quay Row',
    addressLocality: 'Saltby',
    addressRegion: '',
    postalCode: 'TQ1 2AB',
    addressCountry: 'GB',
  },
  pin: { latitude: '50.46190', longitude: '-3.52530', origin: 'typed', exactness: 'door' },
  hours: {
    Monday: '09:00-17:00',
    Tuesday: '09:00-17:00',
    Wednesday: '09:00-17:00',
    Thursday: '09:00-17:00',
    Friday: '09:00-17:00',
    Saturday: '10:00-12:00',
    Sunday: 'closed',
  },
});
const markup = (change: Partial<BusinessRecord> = {}): string => jsonLd({ ...shop, ...change }).text;
const shown = '<h1>Salt &amp; Sons</h1><p>9 Quay Row, Saltby TQ1 2AB</p><p>020 7946 0321</p>';
const HOURS = '<p>Mon–Fri 9am–5pm<br>Sat 10–12 noon<br>Sunday closed</p>';
const rows = (
  source: string,
  record: BusinessRecord | undefined = shop,
): ((fact: string) => ThreeWayRow | undefined) => {
  const { threeWay } = check(source, record ? { record } : {});
  return (fact) => threeWay.find((one) => one.fact === fact);
};
const codes = (source: string): string[] =>
  check(source, { record: shop }).findings.map(({ code, property }) => `${code} ${property ?? ''}`);

describe('the three-way reading of every fact', () => {
  test('covers what the record or the markup says, and nothing else', () => {
    const row = rows(page(markup() + shown + HOURS));
    for (const fact of ['name', 'faxNumber', 'sameAs', 'slogan', 'hours', 'pin', 'url', 'id', 'types'])
      expect(row(fact)?.markup[0]?.agreement).toBe('exact');
    expect(row('vatID')).toBeUndefined();
    expect(row('timeZone')).toBeUndefined();
  });

  test('compares lists in any order, and tells what is missing from them', () => {
    const order = rows(page(markup({ sameAs: [...shop.sameAs].reverse() })));
    expect(order('sameAs')?.markup[0]?.agreement).toBe('exact');
    const fewer = rows(page(markup({ sameAs: shop.sameAs.slice(0, 1) })));
    expect(fewer('sameAs')?.markup[0]?.agreement).toBe('partly');
  });

  test('compares hours day by day; closed and not said are alike', () => {
    const without = rows(page(markup({ hours: { ...shop.hours, Sunday: '' } })));
    expect(without('hours')?.markup[0]?.agreement).toBe('exact');
    const other = rows(page(markup({ hours: { ...shop.hours, Monday: '08:00-17:00' } })));
    expect(other('hours')?.markup[0]?.agreement).toBe('different');
    const less = rows(page(markup({ hours: { ...shop.hours, Saturday: '' } })));
    expect(less('hours')?.markup[0]?.agreement).toBe('partly');
  });

  test('compares closures by their dates and hours, and contact points by what they reach', () => {
    const closure = { name: 'Stocktaking', from: '2027-01-04', through: '2027-01-05', hours: 'closed' };
    const point = { contactType: 'orders', telephone: '020 7946 0323', email: '', url: '' };
    const record = { ...shop, specialHours: [closure], contactPoint: [point] };
    const agreementOf = (said: Partial<BusinessRecord>, fact: string): string | undefined =>
      check(jsonLd({ ...record, ...said }).text, { record }).threeWay.find((row) => row.fact === fact)
        ?.markup[0]?.agreement;
    const special = (change: Partial<typeof closure>) =>
      agreementOf({ specialHours: [{ ...closure, ...change }] }, 'specialHours');
    expect(special({ name: 'Closed' })).toBe('exact');
    expect(special({ through: '2027-01-06' })).toBe('different');
    expect(special({ hours: '10:00-12:00' })).toBe('different');
    const reached = (change: Partial<typeof point>) =>
      agreementOf({ contactPoint: [{ ...point, ...change }] }, 'contactPoint');
    expect(reached({ telephone: '+44 20 7946 0323' })).toBe('exact');
    expect(reached({ telephone: '020 7946 0324' })).toBe('different');
  });

  test('says what a machine understands', () => {
    const row = rows(
      page(markup({ pin: { ...shop.pin, latitude: '50.47190' }, telephone: '020 7946 0321' })),
    );
    expect(row('telephone')?.markup[0]?.understood).toBe('dials +442079460321');
    expect(row('pin')?.markup[0]?.understood).toBe('50.47190° north, 3.52530° west; 1.1 km from the pin');
    expect(row('address.addressLocality')?.markup[0]?.understood).toContain('United Kingdom');
    expect(row('hours')?.markup[0]?.understood).toMatch(/^open Mon–Fri 09:00-17:00/);
    expect(row('priceRange')?.markup[0]?.understood).toBe('moderate');
  });

  test('has a column for each markup of the page that describes the branch', () => {
    const both = rows(page(markup() + napBlock(shop).text + writeMarkup(shop, 'rdfa').text));
    expect(
      both('name')
        ?.markup.map(({ syntax }) => syntax)
        .sort(),
    ).toEqual(['jsonld', 'microdata', 'rdfa']);
  });

  test('leaves a visitor out where a page shows nothing at all', () => {
    const row = rows(page('', markup()));
    expect(row('name')?.visitor).toEqual({ text: '', agreement: undefined, place: undefined });
    expect(codes(page('', markup())).filter((code) => code.startsWith('agreement/not-visible'))).toEqual([]);
  });
});

describe('what a visitor sees', () => {
  test.each([
    ['a list of days', HOURS, 'exact'],
    ['one line', '<p>Open Mon-Fri 09:00-17:00, Sat 10:00-12:00, closed Sundays.</p>', 'exact'],
    [
      'a table',
      '<table><tr><td>Monday to Friday<td>9:00-17:00<tr><td>Saturday<td>10:00-12:00<tr><td>Sunday<td>closed</table>',
      'exact',
    ],
    ['other hours', '<p>Mon–Fri 8am–5pm, Sat 10:00-12:00, Sun closed</p>', 'different'],
    ['no day at all', '<p>Come in</p>', 'missing'],
  ])('of hours: %s', (_, body, agreement) =>
    expect(rows(page(markup() + shown + body))('hours')?.visitor.agreement).toBe(agreement),
  );

  test('of hours that cannot be read is not guessed at', () => {
    expect(
      rows(page(`${markup()}${shown}<p>Every other Monday, tide permitting`))('hours')?.visitor.agreement,
    ).toBeUndefined();
  });

  test('of email: shown, behind a link, or another', () => {
    const email = (body: string) => rows(page(markup() + shown + body))('email')?.visitor;
    expect(email('<p>desk@salt.example</p>')?.agreement).toBe('exact');
    expect(email('<p>Desk@Salt.example</p>')?.agreement).toBe('written-differently');
    expect(email('<a href="mailto:desk@salt.example?subject=x">Write</a>')).toMatchObject({
      agreement: 'exact',
      text: 'desk@salt.example',
    });
    expect(email('<p>old@salt.example')).toMatchObject({ agreement: 'different', text: 'old@salt.example' });
    expect(email('<p>jobs@salt.example, press@salt.example')?.agreement).toBeUndefined();
    expect(email('<p>Made by studio@elsewhere.example')?.agreement).toBeUndefined();
    expect(email('<p>nothing')?.agreement).toBeUndefined();
    expect(email('<p>a@b@c@ d@e</p>')?.agreement).toBeUndefined();
  });

  test('of prices: signs that stand by themselves', () => {
    const price = (body: string) => rows(page(markup() + shown + body))('priceRange')?.visitor.agreement;
    expect(price('<p>Prices: ££')).toBe('exact');
    expect(price('<p>Prices: £££')).toBe('different');
    expect(price('<p>from £20')).toBeUndefined();
  });

  test.each([
    ['R950-R1800', 'R950–R1800 a night', 'written-differently'],
    ['R950-R1800', 'from R950-R1800', 'exact'],
    ['€10 – 25', '€10-25', 'written-differently'],
    ['NT$100~350', 'NT$ 100 – 350', 'written-differently'],
    ['R950-R1800', 'R950–R18000', 'different'],
    ['R950-R1800', '1R950–R1800.5', undefined],
    ['$20', '$ 20', undefined],
    ['a(b 1-2 c)', 'A(B 1–2 C)', 'written-differently'],
  ])('of prices: the range %s in “%s”', (priceRange, body, agreement) => {
    const { threeWay } = check(page(markup({ priceRange }) + shown + `<p>${body}`));
    const price = threeWay.find(({ property }) => property === 'priceRange');
    expect(price?.visitor.agreement).toBe(agreement);
  });
});

describe('findings of agreement', () => {
  test('grade name, address, number and hours higher than the rest', () => {
    const told = codes(page(markup({ slogan: 'Other', email: 'x@salt.example' }) + shown + HOURS));
    expect(told).toContain('agreement/record-other slogan');
    expect(told).toContain('agreement/record email');
  });

  test('propose what the record tells, for single values and pins', () => {
    const { findings } = check(
      page(markup({ telephone: '020 7946 0999', pin: { ...shop.pin, latitude: '51.00001' } }) + shown),
      { record: shop },
    );
    const of = (property: string) =>
      findings.find((one) => one.code === 'agreement/record' && one.property === property);
    expect(of('telephone')?.mend).toMatchObject({ certain: false, edits: [{ text: '"+44 20 7946 0321"' }] });
    expect(of('geo')?.mend?.edits).toHaveLength(2);
  });

  test('tell of facts that the record does not know, as a note', () => {
    expect(codes(page(jsonLd({ ...shop, vatID: 'GB1' }).text + shown))).toContain(
      'agreement/not-in-record vatID',
    );
  });

  test('tell of another number on the page only beside the right one', () => {
    expect(codes(page(`${markup()}${shown}<p>020 7946 0777`))).toContain(
      'agreement/other-telephone telephone',
    );
    expect(codes(page(`${markup()}${shown}<p>Fax 020 7946 0322`))).not.toContain(
      'agreement/other-telephone telephone',
    );
  });

  test('tell of items that contradict each other only where they are of one business', () => {
    const other = {
      ...shop,
      id: 'https://salt.example/#other',
      url: 'https://salt.example/other',
      telephone: '020 7946 0999',
      address: { ...shop.address, streetAddress: '1 Hill', postalCode: 'TQ1 9ZZ' },
    };
    expect(
      codes(page(markup() + jsonLd(other).text)).some((code) => code.startsWith('agreement/items')),
    ).toBe(false);
    expect(codes(page(markup() + jsonLd({ ...other, id: shop.id }).text))).toEqual(
      expect.arrayContaining([
        'agreement/items telephone',
        'agreement/items streetAddress',
        'agreement/items postalCode',
      ]),
    );
  });
});

describe('a site', () => {
  const branches = [
    { id: 1, label: 'Quay', record: shop },
    { id: 2, label: 'Port Ellery', record: larkspur },
  ];

  test('blames no page for describing no business, unless it is a branch’s own', () => {
    const about = checkSitePage(page('<p>About us'), 'https://salt.example/about', branches);
    expect(about.check.findings).toEqual([]);
    const own = checkSitePage(page('<p>Home'), 'https://salt.example/', branches);
    expect(own).toMatchObject({ ownBranchId: 1, carries: [] });
    expect(own.check.findings.map(({ code }) => code)).toEqual(['structure/no-business']);
  });

  test('says which branch each page carries, and a business that is none of them', () => {
    const stranger = '{"@context":"https://schema.org","@type":"Store","name":"Elsewhere"}';
    const { carries, links } = checkSitePage(
      page(`${markup()}<script type="application/ld+json">${stranger}</script><a href="/x">x</a>`),
      'https://salt.example/list',
      branches,
    );
    expect(carries.map(({ name, branchId }) => [name, branchId])).toEqual([
      ['Salt & Sons', 1],
      ['Elsewhere', null],
    ]);
    expect(links).toContain('https://salt.example/x');
  });

  test('may list every branch on its home page', () => {
    const pages = [
      checkSitePage(page(markup() + jsonLd(larkspur).text), 'https://home.example/', branches),
      checkSitePage(page(markup()), shop.url, branches),
      checkSitePage(page(jsonLd(larkspur).text), larkspur.url, branches),
    ];
    expect(judgeSite(pages, branches)).toEqual([]);
  });

  describe('whose pages contradict each other', () => {
    const own = checkSitePage(page(markup()), shop.url, branches);
    const about = (changes: Partial<BusinessRecord>) => (path: string) =>
      checkSitePage(page(jsonLd({ ...shop, ...changes }).text), `https://salt.example/${path}`, branches);
    const told = (pages: readonly ReturnType<typeof checkSitePage>[]) =>
      judgeSite(pages, branches.slice(0, 1)).map(({ url, finding: { code, property, related } }) => [
        url.replace('https://salt.example/', '/'),
        `${code} ${property ?? ''}`,
        ...related.map((one) => one.page),
      ]);

    test('the other page is named, and the business’s own goes for the one to go by', () => {
      const other = about({ telephone: '020 7946 0999' });
      expect(told([other('about'), own])).toEqual([['/about', 'agreement/pages telephone', shop.url]]);
      const [found] = judgeSite([other('about'), own], branches.slice(0, 1));
      expect(found?.finding.message).toContain('7946 0999');
      expect(found?.finding.place.end).toBeGreaterThan(0);
    });

    test('a value that many pages have is told once', () => {
      const other = about({ telephone: '020 7946 0999' });
      const all = judgeSite([own, other('a'), other('b'), other('c')], branches.slice(0, 1));
      const found = all.filter(({ finding }) => finding.code === 'agreement/pages');
      expect(all.filter((one) => !found.includes(one)).map(({ finding }) => finding.code)).toEqual([
        'agreement/every-page',
      ]);
      expect(found.map(({ url }) => url)).toEqual(['https://salt.example/a']);
      expect(found[0]?.finding.message).toContain('as on 2 more');
    });

    test('hours are told as people read them, coordinates by distance', () => {
      const hours = { ...shop.hours, Monday: '06:00-07:00' };
      const pin = { ...shop.pin, latitude: '51.9' };
      expect(told([own, about({ hours, pin })('x')])).toEqual([
        ['/x', 'agreement/pages geo', shop.url],
        ['/x', 'agreement/pages openingHoursSpecification', shop.url],
      ]);
      const [, found] = judgeSite([own, about({ hours, pin })('x')], []);
      expect(found?.finding.message).toContain('06:00');
    });

    test('a page that is named but does not describe the business is told, where it was read', () => {
      const url = 'https://salt.example/shop';
      const astray = about({ url })('about');
      const plain = checkSitePage(page('<p>Shop'), url, branches);
      expect(told([astray, plain])).toEqual([['/about', 'agreement/url url']]);
      expect(told([astray])).toEqual([]);
      expect(told([astray, checkSitePage(page(markup({ url })), url, branches)])).toEqual([]);
    });

    test('another spelling, a fact left out and another business are none', () => {
      const spelt = about({ name: shop.name.toUpperCase(), telephone: '' })('a');
      const other = about({ id: 'https://salt.example/#other', telephone: '020 7946 0999' })('b');
      expect(told([own, spelt, other])).toEqual([]);
    });
  });
});

test('without a record the first business is taken, with it the likest', () => {
  const other = markup({
    name: 'Pepper',
    url: 'https://pepper.example/',
    id: '',
    telephone: '',
    address: { ...shop.address, streetAddress: '1 Mill Lane' },
  });
  const source = page(shown, `${other}${markup()}`);
  const names = (record?: BusinessRecord): readonly (string | undefined)[] =>
    check(source, { record })
      .threeWay.filter(({ fact }) => fact === 'name')
      .flatMap(({ markup: cells }) => cells.map(({ text }) => text));
  expect(names()[0]).toBe('Pepper');
  expect(names(shop)[0]).toBe('Salt & Sons');
});

test.each([
  ['丸の内1-2-3', '千代田区', 'JP', '〒100-0005 東京都千代田区丸の内1-2-3', 'exact'],
  ['Calle Mayor, 5', 'Madrid', 'ES', 'C/ Mayor, 5, 28013 Madrid', 'written-differently'],
  ['Hauptstraße 5', 'Köln', 'DE', 'Hauptstr. 5, 50674 Köln', 'written-differently'],
  ['Berliner Straße 5', 'Köln', 'DE', 'Berliner Str. 5, 50674 Köln', 'written-differently'],
  ['12 boulevard Carnot', 'Lille', 'FR', '12, bd Carnot 59000 Lille', 'written-differently'],
  ['Avenida del Puerto 3', 'Cádiz', 'ES', 'Avda. del Puerto, 3 · Cádiz', 'written-differently'],
])(
  'a visitor finds the street %s as %s',
  (streetAddress, addressLocality, addressCountry, seen, agreement) => {
    const record = {
      ...shop,
      address: { ...shop.address, streetAddress, addressLocality, postalCode: '', addressCountry },
    };
    const rows = check(page(`<p>${seen}</p>`, jsonLd(record).text), { record }).threeWay;
    expect(rows.find(({ fact }) => fact === 'address.streetAddress')?.visitor.agreement).toBe(agreement);
    expect(rows.find(({ fact }) => fact === 'address.addressLocality')?.visitor.agreement).toBe('exact');
  },
);

test.each([
  ['Kitchen hours: Mon–Fri 12–14', undefined],
  ['Telefonzeiten\nMontag bis Freitag 10–12 Uhr', undefined],
  ['Mon–Fri 12–14', 'different'],
])('hours of %j are %s', (text, agreement) => {
  const source = page(`<p>${text.replaceAll('\n', '<br>')}</p>`, markup());
  const rows = check(source, { record: shop }).threeWay;
  expect(rows.find(({ fact }) => fact === 'hours')?.visitor.agreement).toBe(agreement);
});
