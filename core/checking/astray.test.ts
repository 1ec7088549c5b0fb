import { expect, test } from '@jest/globals';
import { applyEdits } from '#core/text';
import { check } from './index.ts';

const page = (inside: string): string =>
  `<div vocab="https://schema.org/" typeof="Dentist"><b property="name">A</b>${inside}</div>`;

test.each([
  [
    '<a property="email" content="a@b.example" href="mailto:a@b.example">Write</a>',
    '<span property="email" content="a@b.example"><a href="mailto:a@b.example">Write</a></span>',
  ],
  // A tag that was never closed: its name must not run into what follows.
  [
    '<span property="email" content="a@b.example"<a href="mailto:a@b.example">Write</span>',
    '<span property="email" content="a@b.example"><span <a href="mailto:a@b.example">Write</span></span>',
  ],
  [
    '<a href="tel:+441304550128"><b property="telephone">+44 1304 550128</b></a>',
    '<span property="telephone"><a href="tel:+441304550128"><b>+44 1304 550128</b></a></span>',
  ],
  [
    '<a href="tel:+441304550128">Ring <b property="telephone">+44 1304 550128</b></a>',
    '<span property="telephone" content="+44 1304 550128"><a href="tel:+441304550128">Ring <b>+44 1304 550128</b></a></span>',
  ],
  [
    '<a href="/"><img property="logo" src="https://a.example/l&amp;m.png" alt="A"></a>',
    '<span property="logo" resource="https://a.example/l&amp;m.png"><a href="/"><img src="https://a.example/l&amp;m.png" alt="A"></a></span>',
  ],
])('what an address takes away is put around it: %s', (wrong, right) => {
  const source = page(wrong);
  const found = check(source).findings.find(({ code }) => code === 'structure/property-astray');
  expect(applyEdits(source, found?.mend?.edits ?? [])).toBe(page(right));
  expect(check(page(right)).findings.map(({ code }) => code)).not.toContain('structure/property-astray');
});

test.each([
  '<a href="/"><b property="alternateName">B</b> <b property="slogan">C</b></a>',
  '<a href="/"><b property="alternateName">B</b>',
])('what has no one place around it is told without a mend: %s', (inside) => {
  const found = check(page(inside)).findings.filter(({ code }) => code === 'structure/property-astray');
  expect(found.length).toBeGreaterThan(0);
  expect(found.flatMap(({ mend }) => mend ?? [])).toEqual([]);
});
