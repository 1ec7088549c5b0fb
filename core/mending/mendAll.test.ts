import { describe, expect, test } from '@jest/globals';
import { jsonLd } from '#core/markup';
import { larkspur } from '#sample';
import { check, checker, localBusinessProfile, profileWith } from '#core/checking';
import { mendAll } from './index.ts';

const options = { record: larkspur, url: larkspur.url };
const whole = jsonLd(larkspur).text;
/** Two syntax faults, and two facts that are not told. */
const broken = jsonLd({ ...larkspur, telephone: '', priceRange: '' })
  .text.replace('"name": ', '"name" ')
  .replace(/,(?=\n {2}"url")/, '');

describe('everything done at once', () => {
  test('leaves nothing that it says it did', () => {
    const { source, taken, left, check: after } = mendAll(broken, checker(options));
    expect(taken.map(({ code }) => code)).toEqual([
      'syntax/missing-colon',
      'syntax/missing-comma',
      'guideline/recommended',
      'guideline/recommended',
    ]);
    expect(taken.map(({ certain }) => certain)).toEqual([true, true, false, false]);
    expect(after.findings).toEqual(check(source, options).findings);
    expect(after.summary).toEqual(check(whole, options).summary);
    for (const { key } of taken) expect(left.map((step) => step.key)).not.toContain(key);
  });

  test('tells the lines of each step as they are at its turn', () => {
    const { source, taken } = mendAll(broken, checker(options));
    expect(taken[0]?.before).toContain('"name" "Lark');
    expect(taken[0]?.after).toContain('"name": "Lark');
    expect(taken.at(-1)?.after).toContain('"priceRange": "$$"');
    for (const { before, after } of taken) expect(before).not.toBe(after);
    expect(source).toContain(taken.at(-1)?.after);
  });

  test('does only what is chosen', () => {
    const all = mendAll(broken, checker(options));
    const choices = Object.fromEntries(all.taken.map(({ key }) => [key, false]));
    const none = mendAll(broken, checker(options), choices);
    expect(none.source).toBe(broken);
    const known = none.left.map(({ key }) => key);
    expect(known).toContain(all.taken[0]?.key);
    const one = mendAll(broken, checker(options), { ...choices, [all.taken[0]?.key ?? '']: true });
    expect(one.taken.map(({ code }) => code)).toEqual(['syntax/missing-colon']);
  });

  test('leaves notes until they are asked for', () => {
    const wanted = {
      ...options,
      profile: profileWith(localBusinessProfile, [
        { weight: 'worth-having', properties: ['slogan'], why: 'They like it.' },
      ]),
    };
    const without = jsonLd({ ...larkspur, slogan: '' }).text;
    const { taken, left } = mendAll(without, checker(wanted));
    expect(taken).toEqual([]);
    const note = left.find(({ grade }) => grade === 'note');
    expect(note?.after).toContain(larkspur.slogan);
    const after = mendAll(without, checker(wanted), { [note?.key ?? '']: true });
    expect(after.taken.map(({ key }) => key)).toEqual([note?.key]);
    expect(after.source).toContain(`"slogan": "${larkspur.slogan}"`);
  });
});
