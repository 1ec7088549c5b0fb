/** What is placed on pages of every shape, or woven into them, can be taken out again and is read as it was meant. */
import { describe, expect, test } from '@jest/globals';
import { checkReading } from '#core/checking';
import { writeMarkup } from '#core/markup';
import { placeInBytes, prove, removeFromBytes } from '#core/page';
import { readSource } from '#core/reading';
import { carriedBy, decodeText, editBytes } from '#core/encoding';
import { unweaving, weave, wovenSyntaxes } from '#core/weaving';
import { shapes, type Shape } from './corpora/shapes.ts';

const textOf = (bytes: Uint8Array): string => decodeText(bytes).text;

function woven({ bytes, record }: Shape, syntax: (typeof wovenSyntaxes)[number]) {
  const { text, encoding } = decodeText(bytes);
  const result = weave(readSource(text), record, { syntax, carries: carriedBy(encoding) });
  return { result, bytes: result.ok ? editBytes(bytes, result.edits) : bytes };
}

const faultsOf = (source: string, { record }: Shape): string[] =>
  checkReading(readSource(source), { record, today: '2026-11-26' })
    // What the record has not, no page can say.
    .findings.filter(({ grade, code }) => grade !== 'note' && code !== 'guideline/recommended')
    .map(({ code }) => code);

test('there are more than a hundred shapes', () => {
  expect(shapes.length).toBeGreaterThan(150);
});

describe.each(wovenSyntaxes)('woven as %s', (syntax) => {
  test('every page that says enough is woven, and no other', () => {
    const wrong = shapes.flatMap((shape) => {
      const { result } = woven(shape, syntax);
      return result.ok === shape.weaves ? [] : [[shape.name, result.ok ? 'woven' : result.message]];
    });
    expect(wrong).toEqual([]);
  });

  test('name, street, town and number are read on each, and nothing else changes', () => {
    const wrong = shapes.flatMap((shape) => {
      const { result, bytes } = woven(shape, syntax);
      if (!result.ok) return [];
      const facts = result.woven.map(({ fact }) => fact as string);
      const lacks = [
        'name',
        'address.streetAddress',
        'address.addressLocality',
        'address.postalCode',
        'telephone',
      ].filter((fact) => !facts.includes(fact));
      const back = editBytes(bytes, unweaving(textOf(bytes)));
      const isSame =
        Buffer.compare(back, shape.bytes) === 0 && Buffer.compare(removeFromBytes(bytes), shape.bytes) === 0;
      return lacks.length > 0 || !isSame ? [[shape.name, lacks, isSame]] : [];
    });
    expect(wrong).toEqual([]);
  });

  test('the checker finds nothing on the woven page that it did not find before', () => {
    const wrong = shapes.flatMap((shape) => {
      const { result, bytes } = woven(shape, syntax);
      const before = faultsOf(textOf(shape.bytes), shape);
      const more = result.ok ? faultsOf(textOf(bytes), shape).filter((code) => !before.includes(code)) : [];
      return more.length > 0 ? [[shape.name, more]] : [];
    });
    expect(wrong).toEqual([]);
  });
});

test.each(['jsonld', 'microdata', 'rdfa', 'block'] as const)('%s is placed and removed on each', (form) => {
  const wrong = shapes.flatMap((shape) => {
    const placed = placeInBytes(shape.bytes, form, writeMarkup(shape.record, form).text);
    if (!placed.ok) return [[shape.name, placed.message]];
    const { state } = prove(readSource(textOf(placed.bytes)), form, shape.record);
    const isSame = Buffer.compare(removeFromBytes(placed.bytes), shape.bytes) === 0;
    return state === 'proved' && isSame ? [] : [[shape.name, state, isSame]];
  });
  expect(wrong).toEqual([]);
});
