import { describe, expect, test } from '@jest/globals';
import { larkspur } from '#sample';
import { recordSchema, withFact, type BusinessRecord, type Fact } from '#core/record';
import { judgeWritten } from './written.ts';

const sample = recordSchema.parse(larkspur);
const told = (record: BusinessRecord): readonly string[] =>
  judgeWritten(record, '2026-12-01').map(({ fact, grade, code }) => `${grade} ${code} ${fact}`);

describe('what a check tells of the markup that a record becomes', () => {
  test('nothing of a record without fault', () => {
    expect(told(sample)).toEqual([]);
  });

  test.each<[Fact, string, string]>([
    ['name', 'LARKSPUR & VANE VETS', 'note value/name-capitals name'],
    ['name', 'Larkspur &amp; Vane', 'should value/entities name'],
    ['name', 'Larkspur Ã© Vane', 'must value/encoding name'],
    ['telephone', '+49 30 901820', 'should value/telephone-foreign telephone'],
    ['email', 'mailto:info@larkspurvane.example', 'should value/email-form email'],
    ['url', 'https://larkspurvane.example/?utm_source=map', 'note value/url-tracking url'],
    ['address.streetAddress', 'PO Box 12', 'should value/po-box address.streetAddress'],
    ['address.addressRegion', 'Bavaria', 'should value/region address.addressRegion'],
    ['hours.Monday', '9am-5am', 'should value/hours-backwards hours.Monday'],
    ['foundingDate', '2030-01-01', 'should value/date-order foundingDate'],
    ['globalLocationNumber', '123', 'should value/check-digit globalLocationNumber'],
  ])('%s: %s', (fact, text, expected) => {
    expect(told(withFact(sample, fact, text))).toEqual([expected]);
  });

  test('facts that are wrong by themselves are left to their own judging', () => {
    expect(told(withFact(sample, 'email', 'info(at)larkspurvane.example'))).toEqual([]);
  });

  test('facts that the output leaves out are judged too', () => {
    const record = withFact(sample, 'email', 'mailto:info@larkspurvane.example');
    const output = {
      ...sample.output,
      leftOut: { jsonld: ['email'], block: [] },
    } as BusinessRecord['output'];
    expect(told({ ...record, output })).toEqual(['should value/email-form email']);
  });
});
