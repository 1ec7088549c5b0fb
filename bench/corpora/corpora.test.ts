import { describe, expect, test } from '@jest/globals';
import { check, examples, type Check, type CheckOptions } from '#core/checking';
import { townsFor } from '#core/towns';
import { spoiled } from '../mended.ts';
import { branches, type Branch } from './branches.ts';
import { faultySorts } from './faultySorts.ts';
import { pageFaults } from './pageFaults.ts';
import type { Planted } from './planted.ts';
import { habits, urlOf } from './sources.ts';
import { slippedPages } from './slips.ts';
import { sorts } from './sorts.ts';
import { syntaxFaults } from './syntaxFaults.ts';
import { valueFaults } from './valueFaults.ts';

const towns = await townsFor('latitude');
const options = { ...(towns ? { towns } : {}), today: '2026-11-26' };
const given = (url?: string): CheckOptions => ({ ...options, ...(url ? { url } : {}) });

const checks = new Map<string, Check>();
/** A source is judged once, whoever asks: for its alarms, its faults or its mends. */
function checked(source: string, url = ''): Check {
  const key = `${url} ${source}`;
  const known = checks.get(key) ?? check(source, given(url));
  checks.set(key, known);
  return known;
}

const clean = [
  ...branches.flatMap((branch) =>
    Object.entries(habits).map(
      ([habit, write]) => [`${branch.country}: ${habit}`, write(branch), urlOf(branch)] as const,
    ),
  ),
  ...sorts,
];

describe('clean sources', () => {
  test('are many, of many countries', () => {
    expect(clean.length).toBeGreaterThanOrEqual(150);
    expect(new Set(branches.map(({ country }) => country)).size).toBeGreaterThanOrEqual(25);
  });
  test.each(clean)('%s', (_, source, url) => {
    const { findings } = checked(source, url);
    expect(
      findings
        .filter(({ grade }) => grade !== 'note')
        .map(({ code, place, message }) => `${place.line} ${code}: ${message}`),
    ).toEqual([]);
  });
});

const faults = [...syntaxFaults, ...valueFaults, ...pageFaults];

/** Every fault in some countries each, in one of the habits it can be planted in. */
const EACH = 3;
const planted = faults.flatMap((one, at) =>
  Array.from({ length: EACH }, (_, turn): readonly [string, Planted, Branch, string, string] | undefined => {
    const branch = branches[(at * 5 + turn * 11) % branches.length];
    const habit = one.habits[(at + turn) % one.habits.length];
    if (!branch || !habit) return undefined;
    const source = habits[habit](branch);
    return [`${branch.country}, ${habit}: ${one.name}`, one, branch, source, one.plant(source, branch)];
  }).flatMap((row) => (row ? [row] : [])),
);

/** The lines that differ, counted from 1: from the first to the last. */
function changedLines(before: string, after: string): readonly [number, number] {
  const [old, now] = [before.split('\n'), after.split('\n')];
  let first = 0;
  while (first < now.length && old[first] === now[first]) first += 1;
  let last = 0;
  while (last < now.length - first && old[old.length - 1 - last] === now[now.length - 1 - last]) last += 1;
  return [first + 1, Math.max(first + 1, now.length - last)];
}

describe('faulty sources', () => {
  test('are many, and each fault cites what it breaks', () => {
    expect(planted.length).toBeGreaterThanOrEqual(250);
    expect(faults.filter(({ cites }) => cites === '')).toEqual([]);
  });
  test.each(planted)('%s', (_, { codes, also = [] }, branch, clean, source) => {
    expect(source).not.toBe(clean);
    const [first, last] = changedLines(clean, source);
    const { findings } = checked(source, urlOf(branch));
    const told = findings.map(({ code, place, message }) => `${place.line} ${code}: ${message}`);
    const atLine = findings.filter(
      ({ code, place, related }) =>
        codes.includes(code) &&
        // What is missing is told of the item that lacks it.
        (code.startsWith('guideline/') ||
          code === 'value/address-part' ||
          [place, ...related.map((one) => one.place)].some(
            ({ line, start, end }) =>
              line <= last && line + source.slice(start, end).split('\n').length >= first,
          )),
    );
    expect(atLine.length > 0 ? [] : [`lines ${first} to ${last}`, ...told]).toEqual([]);
    // Nothing else is told but what the fault brings about.
    expect(
      findings
        .filter(({ code, grade }) => grade !== 'note' && !codes.includes(code) && !also.includes(code))
        .map(({ place, code, message }) => `${place.line} ${code}: ${message}`),
    ).toEqual([]);
  });
});

/** The pages of many sorts, each with what it is checked with. */
const spoiledSorts = faultySorts.map(
  ({ name, clean, source, url, code }) => [name, clean, source, url, code] as const,
);

describe('faulty pages of many sorts', () => {
  test.each(spoiledSorts)('%s', (_, source, wrong, url, code) => {
    expect(wrong).not.toBe(source);
    const [first, last] = changedLines(source, wrong);
    const told = checked(wrong, url).findings.filter((one) => one.grade !== 'note' || one.code === code);
    const isThere = told.some(
      (one) => one.code === code && one.place.line >= first && one.place.line <= last,
    );
    expect([
      isThere,
      ...(isThere ? [] : told.map(({ place, message }) => `${place.line}: ${message}`)),
    ]).toEqual([true]);
  });
});

describe('pages with one slip of the hand', () => {
  test('are many', () => expect(slippedPages.length).toBeGreaterThan(400));

  test.each(slippedPages.map((one) => [one.name, one] as const))(
    '%s is told where it stands',
    (_, { clean, source, url, start, end }) => {
      const before = new Set(checked(clean, url).findings.map(({ message }) => message));
      const told = checked(source, url).findings.filter(({ message }) => !before.has(message));
      const [first, last] = [start, end].map((offset) => source.slice(0, offset).split('\n').length);
      const isThere = told.some(({ place, related }) =>
        [place, ...related.map((one) => one.place)].some(
          ({ line }) => line >= (first ?? 0) && line <= (last ?? 0),
        ),
      );
      expect([
        isThere,
        ...(isThere ? [] : told.map(({ place, message }) => `${place.line}: ${message}`)),
      ]).toEqual([true]);
    },
  );
});

/** Every source whose faults have mends: those planted here, and the examples of the codes. */
const mendable = [
  ...planted.map(([name, , branch, , source]) => [name, source, urlOf(branch)] as const),
  ...spoiledSorts.map(([name, , wrong, url]) => [name, wrong, url] as const),
  ...slippedPages.map(({ name, source, url }) => [name, source, url] as const),
  ...Object.entries(examples).map(
    ([code, { wrong, url }]) => [`the example of ${code}`, wrong, url] as const,
  ),
];

describe('mends', () => {
  test('are many, certain ones and guesses', () => {
    const mends = mendable.flatMap(([, source, url]) =>
      checked(source, url).findings.flatMap(({ mend }) => mend ?? []),
    );
    expect(mends.filter(({ certain }) => certain).length).toBeGreaterThan(150);
    expect(mends.filter(({ certain }) => !certain).length).toBeGreaterThan(50);
  });

  test.each(mendable)('of %s take their finding away and nothing else', (_, source, url) => {
    const { findings } = checked(source, url);
    const bad = findings.flatMap((one) => {
      const complaint = spoiled(source, one, findings, given(url));
      return complaint ? [`${one.code} (${one.mend?.certain ? 'certain' : 'guess'}): ${complaint}`] : [];
    });
    expect(bad).toEqual([]);
  });
});
