import { expect, test } from '@jest/globals';
import { readSource } from '#core/reading';
import { larkspur } from '#sample';
import { handOverSheet } from './index.ts';

const sheet = (label: string, record = larkspur): string =>
  handOverSheet({ client: 'A & <b>', date: '26 November 2026', branches: [{ label, record }] });

test('a sheet lets nothing out of its place, and is read as no business itself', () => {
  const html = sheet('</textarea><script>alert(1)</script>', { ...larkspur, name: '</textarea><img src=x>' });
  expect(html).not.toContain('<img');
  expect(html.match(/<script/g)).toHaveLength(1);
  expect(html.match(/<\/textarea>/g)).toHaveLength(2);
  expect(readSource(html).items).toEqual([]);
});

test('a record whose addresses are none is told, and gives nothing to paste', () => {
  const html = sheet('Quay', { ...larkspur, url: 'javascript:alert(1)' });
  expect(html).toContain('Nothing can be pasted');
  expect(html).not.toContain('<textarea');
});
