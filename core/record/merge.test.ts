import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { larkspur } from '#sample';
import { factRows, mergeRecords, takeTheirs, withFact, type BusinessRecord, type Fact } from './index.ts';

const changed = (facts: Partial<Record<Fact, string>>): BusinessRecord =>
  Object.entries(facts).reduce<BusinessRecord>(
    (record, [fact, text]) => withFact(record, fact as Fact, text),
    larkspur,
  );

describe('what two people made of one record', () => {
  test('comes together where they changed different facts', () => {
    const mine = changed({
      telephone: '(360) 555-0199',
      'address.streetAddress': '1 New Road',
      'hours.Monday': 'closed',
    });
    const theirs = changed({
      email: 'new@larkspurvane.example',
      'address.postalCode': '98299',
      'hours.Tuesday': 'closed',
    });
    const { record, clashes } = mergeRecords(larkspur, mine, theirs);
    expect(clashes).toEqual([]);
    expect(record).toMatchObject({
      telephone: '(360) 555-0199',
      email: 'new@larkspurvane.example',
      address: { streetAddress: '1 New Road', postalCode: '98299' },
      hours: { Monday: 'closed', Tuesday: 'closed' },
    });
  });

  test('clashes where they changed the same fact, and both sides are told', () => {
    const [mine, theirs] = [
      changed({ name: 'Mine', slogan: 'Ours' }),
      changed({ name: 'Theirs', slogan: 'Ours' }),
    ];
    const { record, clashes } = mergeRecords(larkspur, mine, theirs);
    expect(clashes).toEqual([{ unit: 'name', label: 'Name', mine: 'Mine', theirs: 'Theirs' }]);
    expect(record.name).toBe('Mine');
    expect(takeTheirs(record, theirs, clashes)).toEqual(theirs);
  });

  test('takes a pin as a whole', () => {
    const mine = changed({ 'pin.latitude': '48.50001' });
    const theirs = changed({ 'pin.longitude': '-122.60001' });
    const { clashes } = mergeRecords(larkspur, mine, theirs);
    expect(clashes.map(({ unit }) => unit)).toEqual(['pin']);
  });

  test('keeps what either withheld or gave back', () => {
    const base = { ...larkspur, withheld: ['logo', 'slogan'] };
    const mine = { ...base, withheld: ['slogan', 'email'] };
    const theirs = { ...base, withheld: ['logo', 'slogan', 'image'] };
    expect(mergeRecords(base, mine, theirs).record.withheld).toEqual(['slogan', 'email', 'image']);
  });

  test('is the same whoever saves first, wherever nothing clashes', () => {
    const facts = factRows.map(({ fact }) => fact).filter((fact) => !fact.startsWith('pin.'));
    const edit = fc.array(
      fc.tuple(fc.constantFrom(...facts), fc.constantFrom('', 'https://a.example/', 'x | y')),
      { maxLength: 6 },
    );
    fc.assert(
      fc.property(edit, edit, (one, other) => {
        const [a, b] = [one, other].map((edits) =>
          edits.reduce<BusinessRecord>((record, [fact, text]) => withFact(record, fact, text), larkspur),
        );
        if (!a || !b) throw new Error('two records are made');
        const [there, back] = [mergeRecords(larkspur, a, b), mergeRecords(larkspur, b, a)];
        expect(back.clashes.map(({ unit }) => unit)).toEqual(there.clashes.map(({ unit }) => unit));
        expect(takeTheirs(there.record, b, there.clashes)).toEqual(back.record);
        expect(mergeRecords(larkspur, a, larkspur).record).toEqual(a);
        expect(mergeRecords(larkspur, larkspur, b).record).toEqual(b);
      }),
    );
  });
});
