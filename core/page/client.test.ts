import { describe, expect, test } from '@jest/globals';
import { readSource } from '#core/reading';
import { valuesOf } from '#core/item';
import { emptyRecord } from '#core/record';
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

  test.each([
    ['organization', 'jsonld'],
    ['jsonld', 'organization'],
    ['organization', 'graph'],
    ['graph', 'organization'],
  ] as const)('stands beside a branch: %s, then %s, each proved and each taken off', (one, other) => {
    // The branch names the organisation, and the organisation the branch: a machine reads one node of each.
    const pieces = [one, other].reduce<Uint8Array>((bytes, form) => {
      const treated = placeTreated(bytes, { record: first, all, form, at: 'head', existing: 'keep' });
      expect(treated).toMatchObject({ ok: true, proved: true });
      return treated.ok ? treated.bytes : bytes;
    }, page);
    const reading = readSource(Buffer.from(pieces).toString());
    expect([one, other].map((form) => prove(reading, form, first, all).state)).toEqual(['proved', 'proved']);
    const left = removeFromBytes(pieces, one);
    expect(Buffer.from(removeFromBytes(left, other)).equals(page)).toBe(true);
    expect(prove(readSource(Buffer.from(left).toString()), one, first, all).state).toBe('absent');
  });

  test('is not hidden by the same said in another form: that is told as what it is', () => {
    const at = 'head';
    const graph = placeTreated(page, { record: first, form: 'graph', at, existing: 'keep' });
    const twice =
      graph.ok && placeTreated(graph.bytes, { record: first, form: 'jsonld', at, existing: 'keep' });
    expect(twice).toMatchObject({ ok: true, told: [expect.stringContaining('same name (@id)')] });
    // Where nothing of it is new, nothing of it would be found.
    const { name, url, types, telephone } = first;
    const record = { ...emptyRecord, name, url, types, telephone };
    const bare = placeTreated(page, { record, form: 'graph', at, existing: 'keep' });
    const none = bare.ok && placeTreated(bare.bytes, { record, form: 'jsonld', at, existing: 'keep' });
    expect(none).toMatchObject({ ok: false, message: expect.stringContaining('same name (@id)') });
  });

  test('and what is woven is told as ours, beside a script', () => {
    const shown = Buffer.from(
      `<html><head></head><body><p><b>${larkspur.name.replace('&', '&amp;')}</b><br><span>214 Quay Street</span><br>Port Ellery, WA 98299<br>(360) 555-0142</p></body></html>`,
    );
    const at = 'head';
    const woven = placeTreated(shown, { record: larkspur, form: 'woven', at, existing: 'keep' });
    const both =
      woven.ok && placeTreated(woven.bytes, { record: larkspur, form: 'jsonld', at, existing: 'replace' });
    expect(both).toMatchObject({
      ok: true,
      told: [
        expect.stringMatching(/^What is woven into this page \(microdata, line 1\) tells of the same branch/),
      ],
    });
  });
});
