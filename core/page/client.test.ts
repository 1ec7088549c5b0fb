import { describe, expect, test } from '@jest/globals';
import { readSource } from '#core/reading';
import { valuesOf } from '#core/item';
import { larkspur } from '#sample';
import { isCurrent, placeTreated, prove, removeFromBytes } from './index.ts';

const branch = (name: string, town: string, region: string) => ({
  ...larkspur,
  name,
  id: `https://shop.example/${town.toLowerCase()}#branch`,
  url: `https://shop.example/${town.toLowerCase()}`,
  address: { ...larkspur.address, addressLocality: town, addressRegion: region },
});
const all = [
  branch('Shop', 'Tacoma', 'WA'),
  branch('Shop', 'Salem', 'OR'),
  branch('Shop <b>', 'Aberdeen', 'WA'),
];
const [first = larkspur] = all;
const page = Buffer.from(
  '<!doctype html><html><head><title>Shops</title></head><body><p>All</p></body></html>',
);
const placed = (form: 'organization' | 'branches') => {
  const treated = placeTreated(page, {
    record: first,
    all,
    form,
    at: form === 'organization' ? 'head' : 'body-end',
    existing: 'keep',
  });
  if (!treated.ok) throw new Error(treated.message);
  return treated;
};

describe('what tells of all branches', () => {
  test('for machines names each by the @id it has on its own page, and nothing twice', () => {
    const { reading, proved, bytes } = placed('organization');
    expect(proved).toBe(true);
    const [item] = reading.items;
    expect(item?.types).toEqual(['Organization']);
    const named = item ? valuesOf(item, 'subOrganization') : [];
    expect(named.map((value) => (value.kind === 'item' ? value.item.id : ''))).toEqual(
      all.map(({ id }) => id),
    );
    for (const value of named)
      if (value.kind === 'item')
        expect(value.item.properties.map(({ name }) => name).toSorted()).toEqual(['name', 'url']);
    expect(Buffer.from(removeFromBytes(bytes, 'organization')).equals(page)).toBe(true);
  });

  test('for visitors is a list by region and town, without anything for machines', () => {
    const { reading, bytes } = placed('branches');
    const text = Buffer.from(bytes).toString();
    expect([...text.matchAll(/<h3>([^<]+)<\/h3>/g)].map(([, region]) => region)).toEqual([
      'Oregon',
      'Washington',
    ]);
    expect(text.indexOf('Aberdeen')).toBeLessThan(text.indexOf('Tacoma'));
    expect(text).toContain('Shop &lt;b&gt;');
    expect(reading.items).toEqual([]);
    expect(Buffer.from(removeFromBytes(bytes, 'branches')).equals(page)).toBe(true);
  });

  test.each(['organization', 'branches'] as const)('as %s is out of date when any branch changes', (form) => {
    const { reading } = placed(form);
    expect([prove(reading, form, first, all).state, isCurrent(reading, form, first, all)]).toEqual([
      'proved',
      true,
    ]);
    const [one = larkspur, ...others] = all;
    expect(
      isCurrent(reading, form, first, [one, ...others.map((other) => ({ ...other, name: 'New' }))]),
    ).toBe(false);
    expect(isCurrent(reading, form, first, others)).toBe(false);
    expect(prove(readSource(page.toString()), form, first, all).state).toBe('absent');
  });
});
