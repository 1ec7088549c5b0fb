import { describe, expect, test } from '@jest/globals';
import { larkspur } from '#sample';
import { unknownPatternWords } from '#core/value';
import { addressFromPattern, bulkRows, emptyRecord, withBulk, withMadeId } from './index.ts';

const own = {
  ...emptyRecord,
  name: 'Salt & Sons',
  telephone: '020 7946 0321',
  alternateName: ['Salt', 'Salty'],
  address: { ...emptyRecord.address, addressLocality: 'São Mateus', addressRegion: 'ES' },
};
const replace = { kind: 'replace', fact: '', matchCase: true, wholeWords: false } as const;

describe('a change of many branches', () => {
  test('sets a fact, over what the client says', () => {
    const defaults = { ...emptyRecord, priceRange: '$' };
    expect(withBulk(own, defaults, { kind: 'set', fact: 'priceRange', text: '$$' }).priceRange).toBe('$$');
    expect(withBulk(own, defaults, { kind: 'set', fact: 'priceRange', text: ' ' })).toBe(own);
    expect(withBulk(own, emptyRecord, { kind: 'set', fact: 'name', text: 'Salt & Sons' })).toBe(own);
  });

  test('gives a fact back to the client', () => {
    const next = withBulk(own, { ...emptyRecord, telephone: '1' }, { kind: 'clear', fact: 'telephone' });
    expect(next).toEqual({ ...own, telephone: '' });
    expect(withBulk(own, emptyRecord, { kind: 'clear', fact: 'email' })).toBe(own);
  });

  test.each([
    [{ ...replace, find: 'Salt', by: 'Pepper' }, ['name: Pepper & Sons', 'alternateName: Pepper\nPeppery']],
    [
      { ...replace, find: 'Salt', by: 'Pepper', wholeWords: true },
      ['name: Pepper & Sons', 'alternateName: Pepper\nSalty'],
    ],
    [{ ...replace, find: 'salt', by: '$&' }, []],
    [{ ...replace, find: 'salt &', by: '$&', matchCase: false }, ['name: $& Sons']],
    [{ ...replace, find: '.', by: '!' }, []],
    [{ ...replace, find: 'São', by: 'Santo', wholeWords: true }, ['address.addressLocality: Santo Mateus']],
    [{ ...replace, find: 'Salt', by: 'P', fact: 'name' }, ['name: P & Sons']],
    [{ ...replace, find: '', by: 'x' }, []],
  ] as const)('finds and replaces: %j', (change, rows) => {
    const next = withBulk(own, emptyRecord, change);
    expect(bulkRows(own, next).map(({ fact, after }) => `${fact}: ${after}`)).toEqual(rows);
    if (rows.length === 0) expect(next).toBe(own);
  });

  test('gives page addresses of a pattern and @ids that stay, where there are none', () => {
    const pattern = 'https://salt.example/{region}/{town}/';
    const next = withBulk(own, emptyRecord, { kind: 'address', pattern });
    expect(next.url).toBe('https://salt.example/es/sao-mateus/');
    expect(next.id).toBe('https://salt.example/es/sao-mateus/#branch');
    expect(withMadeId({ ...next, url: 'https://other.example/' }).id).toBe(next.id);
    expect(withBulk(larkspur, emptyRecord, { kind: 'address', pattern })).toBe(larkspur);
  });
});

describe('a page-address pattern', () => {
  test.each([
    ['https://a.example/{name}/{code}', ''],
    ['https://a.example/{name}', 'https://a.example/salt-sons'],
    ['{name}', ''],
    ['javascript:{name}', ''],
    ['https://a.example/{nmae}', ''],
    ['', ''],
  ])('%s gives “%s”', (pattern, address) => {
    expect(addressFromPattern(pattern, own)).toBe(address);
  });

  test('names the words that stand for nothing', () => {
    expect(unknownPatternWords('https://a.example/{nmae}/{town}/{}')).toEqual(['{nmae}', '{}']);
  });
});
