import { describe, expect, test } from '@jest/globals';
import { applyEdits } from '#core/text';
import { check } from './check.ts';

const ADDRESS =
  '<div itemprop="address" itemscope itemtype="https://schema.org/PostalAddress"><span itemprop="streetAddress">9 Hollins Row</span> <span itemprop="addressLocality">Saltby</span> <span itemprop="postalCode">TQ1 2AB</span><meta itemprop="addressCountry" content="GB"></div>';
const PAGE = `<!doctype html><div itemscope itemtype="https://schema.org/Store">
<meta itemprop="name" content="Larch">
<h1>Larch</h1>
<meta itemprop="telephone" content="+44 1803 555041">
<p>01803 555041</p>
${ADDRESS}</div>`;
const RDFA = PAGE.replaceAll('itemprop=', 'property=')
  .replace('itemscope itemtype="https://schema.org/Store"', 'vocab="https://schema.org/" typeof="Store"')
  .replace('itemscope itemtype="https://schema.org/PostalAddress"', 'typeof="PostalAddress"');
const told = (source: string) => check(source).findings.filter(({ grade }) => grade !== 'note');
const before = (source: string): readonly string[] => told(source).map(({ code }) => code);

describe('the name of an attribute', () => {
  test.each([
    [PAGE, 'itemprop="telephone"', 'itemprob="telephone"'],
    [PAGE, 'itemprop="telephone"', 'rroperty="telephone"'],
    [PAGE, 'itemprop="telephone"', 'item-prop="telephone"'],
    [PAGE, 'itemprop="telephone"', 'itemProps="telephone"'],
    [PAGE, 'itemprop="streetAddress"', 'itempop="streetAddress"'],
    [PAGE, 'itemtype="https://schema.org/Store"', 'itemtpye="https://schema.org/Store"'],
    [RDFA, 'property="telephone"', 'propery="telephone"'],
    [RDFA, 'typeof="PostalAddress"', 'typof="PostalAddress"'],
    [RDFA, 'vocab="https://schema.org/"', 'vocap="https://schema.org/"'],
  ])('is misspelt, one finding with a certain mend', (page, right, wrong) => {
    const source = page.replace(right, wrong);
    const findings = told(source).filter(({ code }) => !before(page).includes(code));
    expect(findings.map(({ code }) => code)).toEqual(['structure/misspelt']);
    expect(findings[0]?.mend?.certain).toBe(true);
    expect(applyEdits(source, findings[0]?.mend?.edits ?? [])).toBe(page);
  });

  test.each([
    'itemprob="colour-7"',
    'properties="a b"',
    'data-itemprop="telephone"',
    'item-type="card"',
    'prop="name"',
  ])('%s is somebody else’s', (attribute) =>
    expect(before(PAGE.replace('<p>', `<p ${attribute}>`))).toEqual(before(PAGE)),
  );
});

describe('a quote that is not closed', () => {
  test.each([
    ['content="Larch"', 'content="Larch'],
    ['content="+44 1803 555041"', 'content="+44 1803 555041'],
  ])('runs on over the next tags: one finding, whose mend closes it', (right, wrong) => {
    const source = PAGE.replace(right, wrong);
    const findings = told(source).filter(({ code }) => !before(PAGE).includes(code));
    expect(findings.map(({ code }) => code)).toEqual(['structure/open-quote']);
    expect(applyEdits(source, findings[0]?.mend?.edits ?? [])).toBe(PAGE);
  });

  test('an arrow in a value is none', () =>
    expect(before(PAGE.replace('content="Larch"', 'content="Larch > Oak <b>"'))).not.toContain(
      'structure/open-quote',
    ));
});

describe('the attribute of the other syntax', () => {
  test.each(['telephone', 'streetAddress'])('is told where it stands, and renamed: %s', (name) => {
    const source = PAGE.replace(`itemprop="${name}"`, `property="${name}"`);
    const findings = told(source).filter(({ code }) => !before(PAGE).includes(code));
    expect(findings.map(({ code, property }) => [code, property])).toEqual([['structure/misspelt', name]]);
    expect(applyEdits(source, findings[0]?.mend?.edits ?? [])).toBe(PAGE);
  });

  test.each([
    PAGE.replace('<p>', '<p property="og:title">'),
    PAGE.replace('<p>', '<p itemprop="description" property="description">'),
    PAGE.replace('<p>', '<p property="shade">'),
    `${PAGE}<p property="telephone">1</p>`,
    PAGE.replace('<p>', '<p vocab="https://schema.org/" typeof="Person" property="name">'),
  ])('is left alone where both are written, or what is of no item: %#', (source) => {
    expect(check(source).findings.filter(({ code }) => code === 'structure/misspelt')).toEqual([]);
  });
});

test('a day behind a link is an address', () => {
  const hours = (day: string): string =>
    PAGE.replace(
      '<p>',
      `<div itemprop="openingHoursSpecification" itemscope itemtype="https://schema.org/OpeningHoursSpecification"><link itemprop="dayOfWeek" href="${day}"><meta itemprop="opens" content="09:00"><meta itemprop="closes" content="17:00"></div><p>`,
    );
  const right = hours('https://schema.org/Monday');
  for (const wrong of [hours('Monday'), hours('Mon'), hours('Montag')]) {
    const [finding] = check(wrong).findings.filter(({ code }) => code === 'value/day');
    expect(applyEdits(wrong, finding?.mend?.edits ?? [])).toBe(right);
  }
  expect(check(right).findings.filter(({ code }) => code === 'value/day')).toEqual([]);
});

test.each([
  ['<div vocab="https://schema.org/" typeof="Store"><b itemprob="name">A</b></div>', 'property'],
  ['<div typeof="Store"><b itemprob="name">A</b></div>', 'property'],
  ['<div itemscope itemtype="https://schema.org/Store"><b itemprob="name">A</b></div>', 'itemprop'],
  ['<div itemscope itemtype="https://schema.org/Store"><b propety="name">A</b></div>', 'itemprop'],
])('a misspelt attribute is written as the syntax around it has it: %s', (source, right) => {
  const found = check(source).findings.find(({ code }) => code === 'structure/misspelt');
  expect(found?.mend?.edits.map(({ text }) => text)).toEqual([right]);
});

test('formatting that a browser begins anew within an item is told by where it is written', () => {
  const source = '<div vocab="https://schema.org/"><b itemprob="name">A<div typeof="Store"></b></div>';
  const found = check(source).findings.filter(({ code }) => code === 'structure/misspelt');
  expect(found.map(({ mend }) => mend?.edits[0]?.text)).toEqual(['itemprop']);
});
