import { expect, test } from '@jest/globals';
import { check } from './index.ts';

const script = (item: object): string =>
  `<script type="application/ld+json">${JSON.stringify({ '@context': 'https://schema.org', ...item })}</script>`;
const store = { '@type': 'Store', name: 'Shop A', url: 'https://shop.example/a' };
const shops = { '@type': 'Organization', name: 'Shops', url: 'https://shop.example/' };

/** What is required of the businesses of a page and is not there. */
const required = (item: object, url?: string): readonly (string | null)[] =>
  check(script(item), url ? { url } : {})
    .findings.filter(({ code }) => code === 'guideline/required')
    .map(({ property }) => property);

test('a business that another names is described on its own page, and asked for more on that alone', () => {
  const named = { ...shops, subOrganization: store };
  expect(required(named, 'https://shop.example/')).toEqual([]);
  expect(required(named, 'https://shop.example/a')).toEqual(['address']);
  expect(required(named, 'http://www.shop.example/a/')).toEqual(['address']);
  expect(required(named)).toEqual([]);
});

test('a business that the page describes itself is only named by another', () => {
  const shop = { ...store, telephone: '+1 360 555 0142' };
  const own = { '@graph': [{ ...shops, subOrganization: store }, shop] };
  expect(required(own, 'https://shop.example/a')).toEqual(['address']);
  const two = { ...shops, subOrganization: [store, { ...store, name: 'Shop B' }] };
  expect(required({ '@graph': [two, shop] }, 'https://shop.example/a')).toEqual(['address', 'address']);
});

test('whoever says more of it than what it is called, describes it', () => {
  const telling = { ...shops, subOrganization: { ...store, telephone: '+1 360 555 0142' } };
  expect(required(telling, 'https://shop.example/')).toEqual(['address']);
  const homeless = { ...store, url: '' };
  expect(required({ ...shops, subOrganization: homeless }, 'https://shop.example/')).toEqual(['address']);
});

test('what a page is about is described, and what stands by itself', () => {
  const about = { '@type': 'WebPage', url: 'https://shop.example/a', about: store };
  expect(required(about)).toEqual(['address']);
  expect(required({ '@type': 'WebPage', mainEntity: store })).toEqual(['address']);
  expect(required(store, 'https://shop.example/')).toEqual(['address']);
});
