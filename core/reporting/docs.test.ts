import { readFileSync } from 'node:fs';
import { expect, test } from '@jest/globals';
import { presetJsonSchema } from '#core/page';
import { stampJsonSchema } from '#core/photo';
import { factsPage, findingsPage } from './index.ts';

test.each([
  ['findings.md', findingsPage],
  ['facts.md', factsPage],
  ['preset.schema.json', presetJsonSchema],
  ['stamp.schema.json', stampJsonSchema],
])('docs/%s is what the table yields', (name, page) =>
  expect(readFileSync(new URL(`../../docs/${name}`, import.meta.url), 'utf8')).toBe(page()),
);
