import { expect, test } from '@jest/globals';
import { check } from './index.ts';

const ABOUT = `{"@context": "https://schema.org", "@type": "Optician", "name": "Hollins Row", "address": {"@type":
 "PostalAddress", "streetAddress": "9 Row", "addressLocality": "Truro", "postalCode": "TR1 2AB", "addressCountry": "GB"},`;
const toldOf = (members: string): string[] => {
  const source = `${ABOUT} ${members}}`;
  return check(source)
    .findings.filter(({ place }) => place.start > ABOUT.length)
    .map(({ code, property, place }) => `${code} ${property ?? ''}: ${source.slice(place.start, place.end)}`);
};

test.each([
  ['"faxNumber": null', 'value/null faxNumber: "faxNumber": null'],
  ['"sameAs": []', 'value/null sameAs: "sameAs": []'],
  ['"award": [null, null]', 'value/null award: "award": [null, null]'],
  ['"priceRange": null', 'guideline/recommended priceRange: "priceRange": null'],
  [
    '"department": {"@type": "Optician", "name": "Lenses", "address": {"@type": "PostalAddress", "streetAddress": "1 Quay Row", "addressLocality": null, "postalCode": "TR11 3HH", "addressCountry": "GB"}}',
    'value/address-part addressLocality: "addressLocality": null',
  ],
  [
    '"geo": {"@type": "GeoCoordinates", "latitude": null, "longitude": -5.05123}',
    'value/coordinates-incomplete latitude: "latitude": null',
  ],
])('what says nothing is told once, where it stands: %s', (members, told) => {
  expect(toldOf(members).filter((one) => /null|\[\]/.test(one))).toEqual([told]);
});

test('an empty text of a picture is no fault of the business', () => {
  expect(
    toldOf('"image": {"@type": "ImageObject", "url": "https://hollins.example/a.jpg", "caption": ""}'),
  ).toEqual(['value/null caption: "caption": ""']);
  expect(toldOf('"slogan": ""')).toEqual(['value/empty slogan: "slogan": ""']);
});

test.each(['"faxNumber": "null"', '"award": [null, "Best of Truro"]'])(
  'what says something: %s',
  (members) => {
    expect(toldOf(members).filter((one) => one.startsWith('value/null'))).toEqual([]);
  },
);
