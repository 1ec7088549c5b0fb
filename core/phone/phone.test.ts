import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { judgeMarkupTelephone, readTelephone } from './index.ts';

describe('a telephone number', () => {
  test.each([
    ['(360) 555-0142', 'US', '+13605550142', '+1 360 555 0142', '(360) 555-0142', true],
    ['360.555.0142', 'US', '+13605550142', '+1 360 555 0142', '(360) 555-0142', true],
    ['+44 (0)20 7946 0321', 'US', '+442079460321', '+44 20 7946 0321', '020 7946 0321', false],
    ['+36 (0)20 123 4567', 'HU', '+36201234567', '+36 20 123 4567', '06 20 123 4567', false],
    ['+34 (0)612 34 56 78', 'ES', '+34612345678', '+34 612 34 56 78', '612 34 56 78', false],
    ['0045 (0)34 41 23 45', 'DK', '+4534412345', '+45 34 41 23 45', '34 41 23 45', false],
    ['00 61 412 345 678', 'AU', '+61412345678', '+61 412 345 678', '0412 345 678', false],
    ['+39 (0)6 6988 1234', 'IT', '+390669881234', '+39 06 6988 1234', '06 6988 1234', false],
    ['(011) 3456-7890', 'BR', '+551134567890', '+55 11 3456 7890', '(11) 3456-7890', true],
    ['011 44 20 7946 0321', 'US', '+442079460321', '+44 20 7946 0321', '020 7946 0321', false],
    ['0596 51 22 10', 'FR', '+596596512210', '+596 596 51 22 10', '0596 51 22 10', true],
    ['0692 12 34 56', 'FR', '+262692123456', '+262 692 12 34 56', '0692 12 34 56', true],
    ['01 42 68 53 00', 'RE', '+33142685300', '+33 1 42 68 53 00', '01 42 68 53 00', true],
    ['02 98 44 12 05', 'FR', '+33298441205', '+33 2 98 44 12 05', '02 98 44 12 05', true],
    ['+52 1 55 5555 0142', 'MX', '+525555550142', '+52 55 5555 0142', '55 5555 0142', false],
    ['tel:+5215555550142', '', '+525555550142', '+52 55 5555 0142', '55 5555 0142', false],
    ['tel:+13605550142', '', '+13605550142', '+1 360 555 0142', '(360) 555-0142', false],
  ])('%s in %s is %s', (typed, country, e164, international, national, assumedCountry) => {
    expect(readTelephone(typed, country)).toEqual({
      telephone: expect.objectContaining({ typed, e164, international, national, assumedCountry }),
      faults: [],
    });
  });

  test('that cannot be dialled is told, with what to write', () => {
    expect(readTelephone('555-0142', 'US').faults).toMatchObject([{ code: 'value/telephone' }]);
    expect(readTelephone('0000000', 'US').faults).toMatchObject([{ code: 'value/telephone' }]);
    expect(readTelephone('call us', '').faults[0]?.message).toContain('country code');
    expect(readTelephone('', 'US')).toEqual({ telephone: undefined, faults: [] });
  });

  test('outside the numbering plan is only a note', () => {
    expect(readTelephone('01632 960123', 'GB').faults).toMatchObject([
      { code: 'value/telephone-unassigned' },
    ]);
  });

  test('in markup wants its country code', () => {
    expect(judgeMarkupTelephone('(360) 555-0142', 'US')).toMatchObject([{ code: 'value/telephone-country' }]);
    expect(judgeMarkupTelephone('020 7946 0312', '')).toMatchObject([{ code: 'value/telephone-country' }]);
    expect(judgeMarkupTelephone('+1 360 555 0142', 'GB')).toEqual([]);
  });

  test('of any text is read without failing', () => {
    fc.assert(
      fc.property(fc.string({ unit: 'binary' }), (text) => readTelephone(text, 'GB').faults.length < 3),
    );
  });
});

test.each([
  ['+1 234 567 8900', true],
  ['+33 1 23 45 67 89', true],
  ['+1 555 555 5555', false], // told as a number that there is not
  ['+1 234 567 2890', false],
  ['+44 1872 234567', false],
])('%s is a number from a template: %s', (text, isInvented) =>
  expect(judgeMarkupTelephone(text).some(({ code }) => code === 'value/placeholder')).toBe(isInvented),
);
