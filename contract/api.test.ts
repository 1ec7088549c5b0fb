import { readFileSync } from 'node:fs';
import { describe, expect, test } from '@jest/globals';
import { apiPage, openApi } from './apiPage.ts';
import { api, linkTo, paths } from './index.ts';

const docs = (name: string): string => readFileSync(new URL(`../docs/${name}`, import.meta.url), 'utf8');

describe('the table of the API', () => {
  test('names every path of the light half, and only those', () => {
    expect(Object.keys(api)).toEqual(expect.arrayContaining(Object.keys(paths)));
    expect(Object.keys(paths)).toHaveLength(Object.keys(api).length);
  });

  test('has no two endpoints that a request could mean', () => {
    const asked = Object.values(api).map(({ method, path }) => `${method} ${path.replace(/:\w+/g, ':')}`);
    expect(new Set(asked).size).toBe(asked.length);
  });

  test('is what docs/api.md and docs/openapi.json say', () => {
    expect(docs('api.md')).toBe(apiPage());
    expect(docs('openapi.json')).toBe(openApi());
  });
});

test('links have their parts and queries escaped', () => {
  expect(linkTo('branches', { id: 7 }, { q: 'a&b c', offset: 0, state: undefined })).toBe(
    '/api/clients/7/branches?q=a%26b+c&offset=0',
  );
  expect(linkTo('removePlaced', { id: 3, form: 'jsonld' })).toBe('/api/pages/3/placements/jsonld');
});
