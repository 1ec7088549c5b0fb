import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import type { BusinessRecord } from '#core/record';
import { larkspur } from '#sample';
import { checkSitePage } from '#core/checking';
import type { SiteBranch } from './index.ts';
import { KnownBranches } from './knownBranches.ts';
import { likeness } from './identity.ts';

/** Records of few values, so that many are alike in some facts and not in others. */
const records: fc.Arbitrary<BusinessRecord> = fc
  .record({
    id: fc.constantFrom('', 'https://a.example/#1', 'https://a.example/#2'),
    url: fc.constantFrom('', 'https://a.example/one', 'http://www.a.example/one/', 'https://a.example/two'),
    name: fc.constantFrom('', 'Larkspur & Vane', 'larkspur and vane', 'Hollins Row'),
    telephone: fc.constantFrom('', '(360) 555-0142', '+1 360 555 0142', '020 7946 0321', '+44 20 7946 0321'),
    streetAddress: fc.constantFrom('', '214 Quay Street', '214 Quay St.', '9 Hollins Row'),
    postalCode: fc.constantFrom('', '98299', 'TQ1 2AB'),
    addressCountry: fc.constantFrom('', 'US', 'GB'),
  })
  .map(({ streetAddress, postalCode, addressCountry, ...facts }) => ({
    ...larkspur,
    ...facts,
    address: { ...larkspur.address, streetAddress, postalCode, addressCountry },
  }));

test('a business is taken for the branch that it is most like, as if all of them were asked', () => {
  fc.assert(
    fc.property(fc.array(records, { maxLength: 12 }), records, (all, read) => {
      const branches = all.map((record, at): SiteBranch => ({ id: at + 1, label: '', record }));
      const best = Math.max(0, ...all.map((record) => likeness(record, read)));
      const found = new KnownBranches(branches).branchOf(read);
      expect(found === undefined).toBe(best < 4);
      if (found) expect(likeness(found.record, read)).toBe(best);
    }),
    { numRuns: 2000 },
  );
});

describe('the numbers of other branches', () => {
  const branches: readonly SiteBranch[] = [
    { id: 1, label: 'Quay', record: larkspur },
    { id: 2, label: 'Tallow', record: { ...larkspur, id: '', url: '', telephone: '(360) 555-0177' } },
  ];
  const codesOf = (page: string): readonly string[] =>
    checkSitePage(page, larkspur.url, branches).check.findings.map(({ code }) => code);

  test('may stand on a page, others are told', () => {
    const page = (number: string): string =>
      `<!doctype html><title>x</title><p>${larkspur.telephone}, or ${number}`;
    expect(codesOf(page('(360) 555-0177'))).not.toContain('agreement/other-telephone');
    expect(codesOf(page('(360) 555-0178'))).toContain('agreement/other-telephone');
  });
});
