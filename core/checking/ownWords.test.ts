/** What a business's markup says of it in sentences, held against its own numbers and house. */
import { describe, expect, test } from '@jest/globals';
import { check } from './check.ts';

const pine = {
  '@context': 'https://schema.org',
  '@type': 'Bakery',
  name: 'Pine Bakery',
  telephone: '+1 206 555 0142',
  address: {
    '@type': 'PostalAddress',
    streetAddress: '12 Pine Street',
    addressLocality: 'Seattle',
    addressRegion: 'WA',
    postalCode: '98101',
    addressCountry: 'US',
  },
};
const told = (more: object): readonly string[] =>
  check(JSON.stringify({ ...pine, ...more })).findings.flatMap(({ code, message }) =>
    code === 'value/own-words' ? [message] : [],
  );

describe('the words of a business', () => {
  test.each([
    [
      { description: 'Bread. Call (206) 555-0199.' },
      'The description says “(206) 555-0199”, which is no number of the business.',
    ],
    [
      { slogan: 'Phone +1 206 555 0199 for cake' },
      'The slogan says “+1 206 555 0199”, which is no number of the business.',
    ],
    [
      { description: 'Visit us at 14 Pine Street in Seattle.' },
      'The description says “14 Pine Street”, the business is at “12 Pine Street”.',
    ],
  ])('%j', (more, message) => {
    expect(told(more)).toEqual([message]);
  });

  test.each([
    [{ description: 'Bread. Call (206) 555-0142.' }],
    [{ description: 'Bread since 1987, 7 days a week, from 12 Pine Street.' }],
    [{ description: 'Orders: 1-800-555-0199.' }],
    [{ description: 'Call (206) 555-0199.', faxNumber: '+1 206 555 0199' }],
    [
      {
        description: 'Call (206) 555-0199.',
        contactPoint: { '@type': 'ContactPoint', telephone: '+1 206 555 0199', contactType: 'orders' },
      },
    ],
    [{ description: 'Call (206) 555-0199.', telephone: undefined }],
  ])('nothing of %j', (more) => {
    expect(told(more)).toEqual([]);
  });
});
