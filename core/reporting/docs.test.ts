import { readFileSync } from 'node:fs';
import { expect, test } from '@jest/globals';
import { factsPage, findingsPage } from './index.ts';

test.each([
  ['findings.md', findingsPage],
  ['facts.md', factsPage],
])('docs/%s is what the table yields', (name, page) =>
  expect(readFileSync(new URL(`../../docs/${name}`, import.meta.url), 'utf8')).toBe(page()),
);
