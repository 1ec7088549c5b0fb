import { readFileSync } from 'node:fs';
import { expect, test } from '@jest/globals';
import { findingsPage } from './index.ts';

test('docs/findings.md is what the table yields', () => {
  expect(readFileSync(new URL('../../docs/findings.md', import.meta.url), 'utf8')).toBe(findingsPage());
});
