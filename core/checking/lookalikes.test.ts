import { describe, expect, test } from '@jest/globals';
import { applyEdits } from '#core/text';
import { check } from './check.ts';

const shop = (more: object, address: object = {}, shown = ''): string =>
  `<!doctype html><script type="application/ld+json">${JSON.stringify({
    '@context': 'https://schema.org',
    '@type': 'Store',
    name: 'Larch',
    address: {
      '@type': 'PostalAddress',
      streetAddress: 'Hauptstraße 9',
      addressLocality: 'Berlin',
      postalCode: '12043',
      addressCountry: 'DE',
      ...address,
    },
    ...more,
  })}</script>${shown}`;
const mendOf = (source: string, code: string) => {
  const mend = check(source).findings.find((one) => one.code === code)?.mend;
  return { certain: mend?.certain, after: applyEdits(source, mend?.edits ?? []) };
};

describe('what was meant', () => {
  test.each([
    ['+49 30 555 O187', '+49 30 5550187'],
    ['+49 30 555 0l87', '+49 30 5550187'],
  ])('by %s is a digit that looks like the letter', (telephone, meant) =>
    expect(mendOf(shop({ telephone }), 'value/telephone-form').after).toBe(shop({ telephone: meant })),
  );

  test('by a word on the keypad is its digits', () =>
    expect(mendOf(shop({ telephone: '+1 800 555 VETS' }), 'value/telephone-form').after).toContain(
      '+1 800 555 8387',
    ));

  test('by a code that lost a digit is the only one of the page that it was', () => {
    const [shown, lost] = ['<p>Hauptstraße 9, 12043 Berlin</p>', { postalCode: '1204' }];
    expect(mendOf(shop({}, lost, shown), 'value/postal-code').after).toBe(shop({}, {}, shown));
    // Of two nobody knows which, and a spreadsheet takes the first 0.
    expect(mendOf(shop({}, lost, `${shown}<p>12049 Berlin</p>`), 'value/postal-code').after).toContain(
      '"01204"',
    );
    expect(mendOf(shop({}, lost), 'value/postal-code').after).toContain('"01204"');
  });

  test('by a code that lost a digit is none of another region', () => {
    const [lost, elsewhere] = [{ postalCode: '1204', addressRegion: 'Sachsen' }, { addressRegion: 'Bayern' }];
    expect(mendOf(shop({}, lost), 'value/postal-code').after).toContain('"01204"');
    expect(mendOf(shop({}, { ...lost, ...elsewhere }), 'value/postal-code').certain).toBeUndefined();
    // Behind a comma or at the end of a sentence a code is one as well.
    expect(
      mendOf(shop({}, { postalCode: '1204' }, '<p>12043, Berlin.</p>'), 'value/postal-code').after,
    ).toContain('"12043"');
  });

  test('by a town with a code is the town: the code of another is not taken for its own', () => {
    const own = mendOf(shop({}, { addressLocality: '12043 Berlin' }), 'value/town');
    expect([own.certain, own.after]).toEqual([true, shop({})]);
    const other = mendOf(shop({}, { addressLocality: '10115 Berlin' }), 'value/town');
    expect([other.certain, other.after]).toEqual([false, shop({})]);
  });

  test.each(['Type', 'type_', '_type', 'itemtype', '@Type', '@types'])('by “%s” is @type', (name) => {
    const source = `{"@context":"https://schema.org","${name}":"Store","name":"Larch"}`;
    const [first, ...others] = check(source).findings.filter(({ grade }) => grade === 'must');
    expect(others.filter(({ code }) => !code.startsWith('guideline/'))).toEqual([]);
    expect(applyEdits(source, first?.mend?.edits ?? [])).toBe(source.replace(name, '@type'));
  });

  test('by a property that only sounds like it is something else', () =>
    expect(
      check('{"@context":"https://schema.org","@type":"Store","type_":"Store"}').findings.map(({ mend }) =>
        mend?.edits.map(({ text }) => text),
      ),
    ).not.toContainEqual(['"@type"']));
});
