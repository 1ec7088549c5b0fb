import { expect, test } from '@jest/globals';
import { applyEdits } from '#core/text';
import { check } from './index.ts';

test.each([
  [
    '<a property="email" content="a@b.example" href="mailto:a@b.example">',
    '<a href="mailto:a@b.example"><span property="email" content="a@b.example">',
  ],
  // A tag that was never closed: its name must not run into what follows.
  [
    '<span property="email" content="a@b.example"<a href="mailto:a@b.example">',
    '<span <a href="mailto:a@b.example"><span property="email" content="a@b.example">',
  ],
])('what stands beside an address is taken inside: %s', (tag, mended) => {
  const name = tag.startsWith('<a') ? 'a' : 'span';
  const page = (opening: string, closing: string): string =>
    `<div vocab="https://schema.org/" typeof="Dentist"><b property="name">A</b>${opening}a@b.example${closing}</${name}></div>`;
  const found = check(page(tag, '')).findings.find(({ code }) => code === 'structure/property-astray');
  expect(applyEdits(page(tag, ''), found?.mend?.edits ?? [])).toBe(page(mended, '</span>'));
});
