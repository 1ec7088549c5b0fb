import { describe, expect, test } from '@jest/globals';
import { readSource } from '#core/reading';
import { eachItem } from '#core/item';
import { holdsOne, itemsAround, standsIn } from './stretches.ts';

const at = (start: number, end: number) => ({ start, end, line: 1, column: start + 1 });

describe('the items around a place', () => {
  const source =
    '{"@context":"https://schema.org","@graph":[{"@type":"Store","address":{"@type":"PostalAddress","postalCode":"1"},"geo":{"@type":"GeoCoordinates","latitude":2}},{"@type":"Person","name":"Ann"}]}';
  const around = itemsAround(eachItem(readSource(source).items).map(({ item }) => item));
  const typesAt = (text: string): readonly string[] => {
    const start = source.indexOf(text);
    return [...around({ start, end: start + text.length })].map(({ types }) => types.join());
  };

  test('are told from the smallest on, whatever stands beside it', () => {
    expect(typesAt('"1"')).toEqual(['PostalAddress', 'Store']);
    expect(typesAt('"latitude":2')).toEqual(['GeoCoordinates', 'Store']);
    expect(typesAt('"Ann"')).toEqual(['Person']);
    expect(typesAt('"@graph"')).toEqual([]);
  });
});

test('a stretch holds one of some places, or stands in one', () => {
  const holds = holdsOne([at(5, 7), at(30, 32)]);
  expect([at(0, 10), at(5, 6), at(8, 29), at(31, 40)].map(holds)).toEqual([true, true, false, false]);
  const stands = standsIn([at(0, 10), at(2, 4), at(20, 30)]);
  expect([at(3, 9), at(9, 11), at(12, 13), at(20, 30)].map(stands)).toEqual([true, false, false, true]);
});
