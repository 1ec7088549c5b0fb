/** What is woven into pages of every shape is read by others as it is by us. */
import { describe, expect, test } from '@jest/globals';
import { readSource } from '#core/reading';
import { decodeText } from '#core/encoding';
import { asciiHtml } from '#core/text';
import { weave, wovenSyntaxes } from '#core/weaving';
import { shapes } from './corpora/shapes.ts';
import {
  ask,
  EXTRUCT,
  extructReading,
  hasExtruct,
  hasPerl,
  ourReading,
  PERL,
  perlReading,
  PYTHON,
  type Triple,
} from './otherReaders.ts';

const pages = wovenSyntaxes.flatMap((syntax) =>
  shapes.flatMap(({ name, bytes, record }) => {
    const result = weave(readSource(decodeText(bytes).text), record, { syntax });
    return result.ok ? [{ name, syntax, source: result.source }] : [];
  }),
);

/** Readers of 2010 take the text of `data` for its value: what they read then is that text. */
const withoutData = (lines: readonly string[], source: string): string[] => {
  const known = [...source.matchAll(/<data [^>]*itemprop="(\w+)"/g)].map(([, name]) => `/${name ?? ''}:`);
  return lines.filter((line) => !known.some((name) => line.includes(name)));
};

function differing(
  some: typeof pages,
  readings: readonly (readonly string[])[],
): (readonly [string, readonly string[], readonly string[]])[] {
  return some.flatMap(({ name, syntax, source }, at) => {
    const mine = withoutData(ourReading({ source, syntax }), source);
    const other = withoutData(readings[at] ?? [], source);
    return mine.length > 0 && JSON.stringify(mine) === JSON.stringify(other)
      ? []
      : [[name, mine, other] as const];
  });
}

(hasExtruct ? describe : describe.skip)('python3-extruct (skipped where it is missing) agrees', () => {
  test.each(wovenSyntaxes)('on %s', (syntax) => {
    const some = pages.filter((page) => page.syntax === syntax);
    const answers = ask(
      PYTHON,
      ['-c', EXTRUCT],
      some.map(({ source }) => [source, syntax]),
    );
    expect(
      differing(
        some,
        answers.map((answer) => extructReading(answer, syntax)),
      ),
    ).toEqual([]);
  });
});

(hasPerl ? test : test.skip)('a microdata parser in Perl (skipped where it is missing) agrees', () => {
  // It hands out what is beyond ASCII encoded twice.
  const some = pages.filter(({ name, syntax }) => syntax === 'microdata' && /^(us|gb),/.test(name));
  const answers = ask(
    'perl',
    ['-e', PERL],
    some.map(({ source }) => asciiHtml(source)),
  );
  expect(
    differing(
      some,
      answers.map((answer) => perlReading(answer as unknown as Triple[])),
    ),
  ).toEqual([]);
});
