import { expect, test } from '@jest/globals';
import { check, surroundingsOf } from './index.ts';

/** What is to be written for a type that schema.org has not. */
async function meantBy(source: string): Promise<string | undefined> {
  const { findings } = check(source, await surroundingsOf(source));
  const told = findings.find(({ code }) => code === 'vocabulary/unknown-type');
  return told && (told.mend?.edits[0]?.text ?? '');
}
const json = (type: string): string => `{"@context":"https://schema.org","@type":${type},"name":"A"}`;

test.each([
  [json('"Panadería"'), 'Bakery'],
  [json('"パン屋"'), 'Bakery'],
  [json('["LocalBusiness","Apotheke"]'), 'Pharmacy'],
  ['<div itemscope itemtype="https://schema.org/Friseur"><b itemprop="name">A</b></div>', 'HairSalon'],
  ["<div vocab='https://schema.org/' typeof='Tandarts'><b property='name'>A</b></div>", 'Dentist'],
  [json('"HairSaloon"'), 'HairSalon'],
  [json('"Xyzzyqwert"'), ''],
  [json('"Bakery"'), undefined],
])('a type in a word of a trade has the type that is meant: %s', async (source, meant) => {
  expect(await meantBy(source)).toBe(meant);
});

test('the towns and the words of the trades are loaded where a source needs them', async () => {
  expect(Object.keys(await surroundingsOf(json('"Bakery"')))).toEqual(['today']);
  expect(Object.keys(await surroundingsOf(json('"Kapsalon"')))).toEqual(['today', 'typeOf']);
  expect(Object.keys(await surroundingsOf('{"latitude":1}'))).toEqual(['today', 'towns']);
});
