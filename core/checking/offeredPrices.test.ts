import { expect, test } from '@jest/globals';
import { check } from './check.ts';

const told = (name: string, price: string, shown: string): readonly string[] => {
  const shop = {
    '@context': 'https://schema.org',
    '@type': 'HairSalon',
    name: 'Fox',
    address: { '@type': 'PostalAddress', addressCountry: 'GB' },
    makesOffer: [
      { '@type': 'Offer', itemOffered: { '@type': 'Service', name }, price, priceCurrency: 'GBP' },
    ],
  };
  return check(
    `<!doctype html><script type="application/ld+json">${JSON.stringify(shop)}</script><h1>Fox</h1>${shown}`,
  )
    .findings.filter(({ property }) => property === 'price')
    .map(({ code, message }) => `${code} ${message}`);
};

test.each([
  ['Haircut', '35', '<p>Haircut £28</p>', '£28'],
  ['Šišanje', '35.00', '<p>Šišanje 25,00 €</p>', '25,00 €'],
  ['Haircut', '35', '<dl><dt>Haircut</dt><dd>£28</dd><dt>Shave</dt><dd>£20</dd></dl>', '£28'],
  ['Klippning', '450', '<p>Klippning: 420 kr</p>', '420 kr'],
  ['Corte', '80', '<table><tr><td>Corte</td><td>R$ 75,00</td></tr></table>', 'R$ 75,00'],
  ['カット', '450', '<p>カット ¥480</p>', '¥480'],
])('the price of %s, %s, beside %s is another', (name, price, shown, seen) => {
  expect(told(name, price, shown)).toEqual([
    `agreement/visitor A visitor sees “${seen}” for ${name}, a machine is told “${price}”.`,
  ]);
});

test.each([
  ['Haircut', '28', '<p>Haircut £28</p>'],
  ['Haircut', '28.00', '<p>Haircut £28</p>'],
  ['Haircut', '28', '<p>Haircut £25 to £28</p>'],
  ['Haircut', '35', '<p>Haircut £25, with wash £30</p>'],
  ['Haircut', '35', '<p>Haircut from £28</p>'],
  ['Haircut', '35', '<p>Haircut</p><p>All prices from £35</p>'],
  ['Haircut', '1200', '<p>Haircut 1.200 €</p>'],
  ['Haircut', '35', '<p>Haircut 28 minutes</p>'],
  ['Haircut', '35', '<p>Shave £20</p>'],
  ['Haircut', '0', '<p>Haircut £28</p>'],
  ['Haircut', '35', '<p>Haircut and more</p><p>Shave £20</p>'],
])('the price of %s, %s, beside %s contradicts nothing', (name, price, shown) =>
  expect(told(name, price, shown)).toEqual([]),
);
