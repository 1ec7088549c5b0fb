import { describe, expect, test } from '@jest/globals';
import { corpus } from './corpus.ts';
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

test('the corpus has at least 60 pages', () => {
  expect(corpus.length).toBeGreaterThanOrEqual(60);
  expect(new Set(corpus.map(({ syntax, name }) => `${syntax} ${name}`)).size).toBe(corpus.length);
});

/** Both readers must agree, unless the corpus says why the other departs from the standard: then they must not. */
function compare(mine: readonly string[], other: readonly string[], why: string | undefined): void {
  expect(mine.length).toBeGreaterThan(0);
  if (why === undefined) expect(other).toEqual(mine);
  else expect(other).not.toEqual(mine);
}

(hasExtruct ? describe : describe.skip)('python3-extruct (skipped where it is missing) agrees', () => {
  const answers = hasExtruct
    ? ask(
        PYTHON,
        ['-c', EXTRUCT],
        corpus.map(({ source, syntax }) => [source, syntax]),
      )
    : [];
  test.each(corpus.map((page, at) => [page.syntax, page.name, at] as const))('%s: %s', (syntax, _, at) => {
    const page = corpus[at];
    if (page) compare(ourReading(page), extructReading(answers[at] ?? null, syntax), page.differs?.extruct);
  });
});

(hasPerl ? describe : describe.skip)(
  'a microdata parser in Perl (skipped where it is missing) agrees',
  () => {
    const pages = corpus.filter(({ syntax }) => syntax === 'microdata');
    const answers = hasPerl
      ? ask(
          'perl',
          ['-e', PERL],
          pages.map(({ source }) => source),
        )
      : [];
    test.each(pages.map(({ name }, at) => [name, at] as const))('%s', (_, at) => {
      const page = pages[at];
      if (page)
        compare(
          ourReading(page),
          perlReading((answers[at] ?? []) as unknown as Triple[]),
          page.differs?.perl,
        );
    });
  },
);
