import { describe, expect, test } from '@jest/globals';
import { applyEdits } from '#core/text';
import { check } from './check.ts';

const shop = (inside: string, type = 'Store'): string =>
  `<!doctype html><div itemscope itemtype="https://schema.org/${type}"><h1 itemprop="name">Larch &amp; Sons</h1>${inside}</div>`;
const part = (type: string, attributes = ''): string =>
  `<div${attributes} itemscope itemtype="https://schema.org/${type}"><span itemprop="description">x</span></div>`;
const loose = (source: string) => check(source).findings.filter(({ code }) => code === 'structure/loose');

describe('an item inside another that no property ties', () => {
  test.each([
    ['PostalAddress', 'Store', 'address'],
    ['GeoCoordinates', 'Store', 'geo'],
    ['OpeningHoursSpecification', 'Store', 'openingHoursSpecification'],
    // No place to schema.org.
    ['OpeningHoursSpecification', 'VeterinaryCare', 'openingHoursSpecification'],
    ['Rating', 'Review', 'reviewRating'],
    ['Rating', 'Hotel', 'starRating'],
    ['ListItem', 'BreadcrumbList', 'itemListElement'],
  ])('%s in a %s is its %s', (type, outer, name) => {
    const source = shop(part(type), outer);
    const [finding, ...others] = loose(source);
    expect([finding?.property, others]).toEqual([name, []]);
    expect(applyEdits(source, finding?.mend?.edits ?? [])).toBe(
      source.replace(`<div itemscope itemtype="https://schema.org/${type}"`, (tag) =>
        tag.replace('<div', `<div itemprop="${name}"`),
      ),
    );
  });

  test('is told in RDFa as well', () => {
    const source =
      '<div vocab="https://schema.org/" typeof="Store"><div typeof="PostalAddress"><span property="addressLocality">Saltby</span></div></div>';
    const [finding] = loose(source);
    expect(applyEdits(source, finding?.mend?.edits ?? [])).toContain(
      '<div property="address" typeof="PostalAddress">',
    );
  });

  test('what follows from it is not told besides', () => {
    const codes = check(shop(part('PostalAddress'))).findings.flatMap(({ code, property }) =>
      property === 'address' ? [code] : [],
    );
    expect(codes).toEqual(['structure/loose']);
  });

  test.each([
    ['is tied', shop(part('PostalAddress', ' itemprop="address"'))],
    ['may be tied by its id', `${shop(part('PostalAddress', ' id="at"'))}<p itemscope itemref="at"></p>`],
    ['stands by itself', part('PostalAddress')],
    ['stands in a page, which has no address', shop(part('PostalAddress'), 'WebPage')],
    ['is a thing of its own', shop(part('Event'))],
    [
      'stands in a property of RDFa',
      '<div vocab="https://schema.org/" typeof="Store"><div rel="address"><p typeof="PostalAddress"></p></div></div>',
    ],
  ])('that %s is none', (_, source) => expect(loose(source)).toEqual([]));
});

describe('a business without a name inside another', () => {
  const address =
    '<p itemprop="address" itemscope itemtype="https://schema.org/PostalAddress"><b itemprop="addressLocality">Saltby</b></p>';
  const inside = `<div itemscope itemtype="https://schema.org/LocalBusiness">${address}</div>`;

  test('is told once, and nothing that it or the one around lacks for it', () => {
    const { findings } = check(shop(inside));
    expect(findings.filter(({ grade }) => grade === 'must').map(({ code }) => code)).toEqual([
      'structure/loose',
    ]);
    expect(findings.filter(({ property }) => property === 'telephone')).toHaveLength(1);
  });

  test('is told in RDFa', () => {
    const source =
      '<div vocab="https://schema.org/" typeof="Store"><b property="name">Larch</b><div typeof="LocalBusiness"><a property="telephone">+44 1326 496000</a></div></div>';
    expect(loose(source).map(({ message }) => /Take typeof out/.test(message))).toEqual([true]);
  });

  test.each([
    ['has a name', shop(inside.replace(address, `<b itemprop="name">Larch Café</b>${address}`))],
    ['is a department', shop(inside.replace('<div', '<div itemprop="department"'))],
    ['stands in a page', shop(inside, 'WebPage')],
    ['stands beside', `${shop('')}${inside}`],
  ])('that %s is none', (_, source) => expect(loose(source)).toEqual([]));
});
