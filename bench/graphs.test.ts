/** What comes in as markup and goes out again says the same, compared as canonical graphs (RDFC-1.0). */
import { describe, expect, test } from '@jest/globals';
import jsonld from 'jsonld';
import { JsonOfSource, type JsonItem, type ReadItem } from '#core/item';
import { writeMarkup } from '#core/markup';
import { takeIn } from '#core/proposal';
import { businessesIn, readSource } from '#core/reading';
import { withFact } from '#core/record';
import { generated, pageOf, written } from './graphs.ts';

const CONTEXT = { '@context': { '@vocab': 'https://schema.org/' } };

/** A document as the lines of its canonical graph. */
async function linesOf(document: unknown): Promise<readonly string[]> {
  const canonize = jsonld.canonize as (document: unknown, options: object) => unknown;
  const canonical = await Promise.resolve(
    canonize(document, {
      algorithm: 'RDFC-1.0',
      format: 'application/n-quads',
      base: 'https://base.example/',
      documentLoader: (url: string) =>
        Promise.resolve({ contextUrl: undefined, documentUrl: url, document: CONTEXT }),
    }),
  );
  return String(canonical).split('\n');
}

/** JSON-LD as jsonld reads it; elements as our reader does, which is held to others elsewhere. */
const graphOf = (page: string, syntax: string): Promise<readonly string[]> =>
  linesOf(
    syntax === 'jsonld'
      ? (JSON.parse(/<script[^>]*>([^]*)<\/script>/.exec(page)?.[1] ?? '') as unknown)
      : { ...CONTEXT, '@graph': jsonOf(readSource(page).items) },
  );

const jsonOf = (items: readonly ReadItem[]): readonly JsonItem[] => {
  const source = new JsonOfSource();
  return items.map((item) => source.item(item));
};

function taken(page: string) {
  const { items } = readSource(page);
  const [business] = businessesIn(items);
  if (!business) throw new Error(`no business in ${page}`);
  return takeIn(business, items);
}

const all = [...written, ...generated];
const syntaxes = ['jsonld', 'microdata', 'rdfa'] as const;

describe('markup comes in and goes out again', () => {
  test('in more than 200 files of all classes of LocalBusiness', () => {
    expect(all.length * syntaxes.length).toBeGreaterThan(200);
  });

  test.each(syntaxes)('as the same graph in %s', async (syntax) => {
    const differing: unknown[] = [];
    for (const item of all) {
      const page = pageOf(item, syntax);
      const { record, beyond } = taken(page);
      const [came, out] = await Promise.all([
        graphOf(page, syntax),
        graphOf(writeMarkup(record, syntax).text, syntax),
      ]);
      if (beyond.length > 0 || came.join() !== out.join())
        differing.push({
          type: item['@type'],
          lost: came.filter((line) => !out.includes(line)),
          more: out.filter((line) => !came.includes(line)),
        });
    }
    expect(differing).toEqual([]);
  });

  test('with two facts changed and nothing else', async () => {
    for (const item of written.slice(0, 1)) {
      const { record } = taken(pageOf(item, 'jsonld'));
      const changed = withFact(withFact(record, 'slogan', 'Come in'), 'address.streetAddress', 'Am Tor 3');
      const [came, out] = await Promise.all([
        graphOf(pageOf(item, 'jsonld'), 'jsonld'),
        graphOf(writeMarkup(changed, 'jsonld').text, 'jsonld'),
      ]);
      expect(out.filter((line) => !came.includes(line)).map((line) => /"[^"]*"/.exec(line)?.[0])).toEqual([
        '"Am Tor 3"',
        '"Come in"',
      ]);
      expect(came.filter((line) => !out.includes(line))).toHaveLength(1);
    }
  });
});
