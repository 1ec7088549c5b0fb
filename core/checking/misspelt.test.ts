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
