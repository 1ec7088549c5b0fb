/** Slips of fingers and of programs in the values of a business, each told once and mended where one thing was meant. */
import { describe, expect, test } from '@jest/globals';
import { applyEdits } from '#core/text';
import { check } from './index.ts';

const base = {
  '@context': 'https://schema.org',
  '@type': 'Store',
  '@id': 'https://larch.example/#store',
  name: 'Larch',
  telephone: '+44 1872 271234',
  address: { '@type': 'PostalAddress', addressLocality: 'Truro', addressCountry: 'GB' },
};
const source = (more: object): string => JSON.stringify({ ...base, ...more });
const usual = new Set(check(source({})).findings.map(({ code }) => code));
const told = (more: object) => check(source(more)).findings.filter(({ code }) => !usual.has(code));
const mended = (more: object): unknown => {
  const [found] = told(more);
  return found?.mend ? JSON.parse(applyEdits(source(more), [...found.mend.edits])) : undefined;
};

describe('an email address', () => {
  test.each([
    ['desk@gmial.com', 'desk@gmail.com'],
    ['desk@gnail.com', 'desk@gmail.com'],
    ['desk@gmail.con', 'desk@gmail.com'],
    ['desk@gmail.co', 'desk@gmail.com'],
    ['desk@hotmial.co.uk', 'desk@hotmail.co.uk'],
    ['desk@yahooo.fr', 'desk@yahoo.fr'],
    ['desk@outlok.de', 'desk@outlook.de'],
    ['desk@larch.ogr', 'desk@larch.org'],
    ['desk@larch.nte', 'desk@larch.net'],
  ])('%s has a slip', (email, meant) => {
    expect(told({ email }).map(({ code }) => code)).toEqual(['value/email-form']);
    expect(mended({ email })).toMatchObject({ email: meant });
  });
  test.each(['desk@mail.com', 'desk@gmail.com', 'desk@ymail.com', 'desk@larch.co', 'desk@yahoo.com.br'])(
    '%s has none',
    (email) => expect(told({ email })).toEqual([]),
  );
  test.each([
    ['Desk <desk@larch.example>', 'desk@larch.example'],
    ['desk@@larch.example', 'desk@larch.example'],
    ['desk @ larch.example', 'desk@larch.example'],
    ['desk@larch..example', 'desk@larch.example'],
    ['desk@larch,example', 'desk@larch.example'],
    ['desk@larch.example.', 'desk@larch.example'],
  ])('%s is mended', (email, meant) => expect(mended({ email })).toMatchObject({ email: meant }));
  test.each(['desk@', '@larch.example', 'desk@larch', 'a@larch.example, b@larch.example'])(
    '%s is left to people',
    (email) => {
      expect(told({ email }).map(({ code }) => code)).toEqual(['value/email']);
      expect(mended({ email })).toBeUndefined();
    },
  );
});

test.each([
  ['https://larch,example/', 'is not a web address that can be fetched'],
  ['https://larch!.example/', 'is not a web address that can be fetched'],
  ['https://larch.con/shop', 'Did you mean https://larch.com/shop?'],
  ['https://www.larch.ogr', 'Did you mean https://www.larch.org?'],
])('%s leads nowhere', (address, message) =>
  expect(told({ sameAs: address }).map((one) => `${one.code} ${one.message}`)).toEqual([
    expect.stringMatching(new RegExp(`^value/url .*${message.replace(/[.?/]/g, '\\$&')}`)),
  ]),
);
test.each(['https://larch_shop.example/', 'https://bäckerei.example/', 'https://203.0.113.5/'])(
  '%s leads somewhere',
  (address) => expect(told({ sameAs: [`${address}larch`] })).toEqual([]),
);

test.each([
  ['https://larch.example/menu.pdf', 'value/image', 'leads to a file of .pdf'],
  ['https://larch.example/tour.mp4?v=2', 'value/image', 'leads to a file of .mp4'],
  ['https://larch.example/about.html', 'value/image', 'is the address of a page'],
  ['https://via.placeholder.com/300x200', 'value/placeholder', 'templates stand in with'],
  ['https://larch.example/img/no-image.png', 'value/placeholder', 'templates stand in with'],
  ['https://larch.example/img/woo-placeholder-300x300.jpg', 'value/placeholder', 'stand in with'],
])('%s is no picture', (image, code, message) => {
  for (const value of [image, { '@type': 'ImageObject', contentUrl: image }]) {
    const [found, ...others] = told({ image: value });
    expect([found?.code, others]).toEqual([code, []]);
    expect(found?.message).toContain(message);
  }
});
test.each(['front.jpg', 'photo.php?id=2', 'shop-front.webp', 'logo.svg', 'placeholders-we-sell/front.jpg'])(
  '%s may be one',
  (file) => expect(told({ image: `https://larch.example/${file}` })).toEqual([]),
);

test('marks of direction round a number are told as that, and it is read without them', () => {
  const telephone = '\u202a+44 1872 271234\u202c';
  expect(told({ telephone }).map(({ code }) => code)).toEqual(['value/invisible']);
  expect(mended({ telephone })).toMatchObject({ telephone: '+44 1872 271234' });
  // In a name they are part of writing.
  expect(told({ name: 'Larch \u200fشاي' })).toEqual([]);
});

test.each([['10'], [2], ['25.50']])('a price of %s alone says nothing', (priceRange) =>
  expect(told({ priceRange }).map(({ code }) => code)).toEqual(['value/price-range']),
);

test('a text where an item is needed is told, and an address of one is not', () => {
  expect(told({ review: 'Great place' }).map(({ code }) => code)).toEqual(['vocabulary/value-kind']);
  expect(told({ contactPoint: 'desk' }).map(({ code }) => code)).toEqual(['vocabulary/value-kind']);
  expect(told({ review: 'https://larch.example/reviews' })).toEqual([]);
});

test('a business is no part of itself', () => {
  const id = { '@id': base['@id'] };
  expect(told({ parentOrganization: id }).map(({ code }) => code)).toEqual(['structure/reference']);
  expect(told({ parentOrganization: { '@type': 'Organization', name: 'Larch Group' } })).toEqual([]);
});

describe('a part of a business that nothing marks the values of', () => {
  const found = (part: string): readonly string[] =>
    check(`<div itemscope itemtype="https://schema.org/Store"><b itemprop="name">Larch</b>${part}</div>`)
      .findings.filter(({ code }) => /^value\//.test(code))
      .map(
        ({ code, property, message }) =>
          `${code} ${property ?? ''} ${/nothing in it has \w+/.exec(message)?.[0] ?? ''}`,
      );
  test.each([
    ['address', 'PostalAddress', '12 Row, Truro TR1 2QQ'],
    ['geo', 'GeoCoordinates', ''],
    ['aggregateRating', 'AggregateRating', '4.5 of 5 (12 reviews)'],
    ['founder', 'Person', 'Ann Lee'],
    ['image', 'ImageObject', '<img src="https://larch.example/a.jpg" alt="Front">'],
  ])('%s', (name, type, text) =>
    expect(
      found(`<p itemprop="${name}" itemscope itemtype="https://schema.org/${type}">${text}</p>`),
    ).toEqual([`value/empty ${name} nothing in it has itemprop`]),
  );
  test('or that ended before them, or goes on behind them, is told as that', () => {
    const address = (inside: string, end = '</p>'): string =>
      `<p itemprop="address" itemscope itemtype="https://schema.org/PostalAddress">${inside}${end}`;
    const [ended] = check(
      `<div itemscope itemtype="https://schema.org/Store">${address('<div><span itemprop="streetAddress">12 Row</span></div>')}</div>`,
    ).findings.filter(({ code }) => code === 'value/empty');
    expect(ended?.message).toContain('a <p> ends where <div> begins');
    const more =
      '<meta itemprop="priceRange" content="££"><meta itemprop="openingHours" content="Mo-Fr 09:00-17:00"><span itemprop="telephone">+44 1872 271234</span>';
    const open = check(
      `<div itemscope itemtype="https://schema.org/Store"><b itemprop="name">Larch</b>${address('<span itemprop="streetAddress">12 Row</span>', more)}</div>`,
    ).findings;
    expect(open.find(({ code }) => code === 'vocabulary/not-of-type')?.message).toBe(
      'priceRange and openingHours belong to the Store around address, whose element is not closed before them. Close it first.',
    );
    const missing = open
      .filter(({ code }) => code === 'guideline/recommended')
      .map(({ property }) => property);
    expect(missing).toEqual(['url', 'geo', 'image']);
  });
  test('is told in RDFa too, and not where it has a name to go by', () => {
    const rdfa = `<div vocab="https://schema.org/" typeof="Store"><b property="name">Larch</b><p property="founder" typeof="Person">Ann</p></div>`;
    expect(check(rdfa).findings.find(({ code }) => code === 'value/empty')?.message).toContain(
      'has property',
    );
    const named =
      '<a itemprop="founder" itemscope itemtype="https://schema.org/Person" itemid="https://larch.example/ann">Ann</a>';
    expect(found(named)).toEqual([]);
  });
});

describe('mail beside the page’s own host', () => {
  const url = 'https://www.larch.example/';
  const codes = (more: object) => told({ url, ...more }).map(({ code }) => code);
  const fresh = (more: object) => codes(more).filter((code) => !codes({}).includes(code));

  test.each(['desk@lrach.example', 'desk@larh.example', 'desk@llarch.example', 'mailto:desk@lach.example'])(
    '%s is a slip away from it',
    (email) => {
      expect(fresh({ email })).toContain('value/email-form');
      expect(fresh({ contactPoint: { '@type': 'ContactPoint', email } })).toContain('value/email-form');
    },
  );

  test.each(['desk@larch.example', 'desk@larch.co.uk', 'desk@lark.example', 'desk@elsewhere.example'])(
    '%s is its own, or another',
    (email) => {
      expect(fresh({ email })).toEqual([]);
    },
  );

  test('in a link is put right with it, subject and all', () => {
    const page = (host: string): string =>
      `<link rel="canonical" href="${url}"><a href="mailto:desk@${host}?subject=x">Write</a>`;
    const { findings } = check(page('lrach.example'));
    const [found] = findings.filter(({ code }) => code === 'agreement/link');
    expect(applyEdits(page('lrach.example'), found?.mend?.edits ?? [])).toBe(page('larch.example'));
    expect(check(page('larch.example')).findings.map(({ code }) => code)).not.toContain('agreement/link');
  });
});
