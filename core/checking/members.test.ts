import { expect, test } from '@jest/globals';
import { check } from './index.ts';

const told = (json: string): string[] =>
  check(`{"@context":"https://schema.org",${json}}`).findings.flatMap(({ code, message, mend }) =>
    code === 'vocabulary/enumeration'
      ? [
          `${/Did you mean (.*)\?/.exec(message)?.[1] ?? ''} ${mend ? (mend.certain ? 'certain' : 'guess') : 'none'}`,
        ]
      : [],
  );

test.each([
  ['"@type":"Offer","availability":"in stock"', 'https://schema.org/InStock certain'],
  ['"@type":"Offer","availability":"instock"', 'https://schema.org/InStock certain'],
  ['"@type":"Event","eventStatus":"scheduled"', 'https://schema.org/EventScheduled guess'],
  ['"@type":"MenuItem","suitableForDiet":"vegetarian"', 'https://schema.org/VegetarianDiet guess'],
  ['"@type":"Event","eventStatus":"EventPostpond"', 'https://schema.org/EventPostponed guess'],
  ['"@type":"Event","eventStatus":"someday"', ' none'],
])('a member of an enumeration that is meant is offered: %s', (json, expected) => {
  expect(told(json)).toEqual([expected]);
});

test.each([
  '"@type":"Offer","availability":"InStock"',
  '"@type":"Offer","availability":"https://schema.org/InStock"',
  '"@type":"Offer","availability":"http://schema.org/OutOfStock"',
  '"@type":"Offer","availability":""',
])('a member is one by its name or its address: %s', (json) => {
  expect(told(json)).toEqual([]);
});

test('a word that several members have is told with all of them, and no mend', () => {
  expect(told('"@type":"Offer","availability":"only"')).toEqual([
    'https://schema.org/InStoreOnly or https://schema.org/OnlineOnly none',
  ]);
});
