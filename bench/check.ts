import { parse } from 'parse5';
import { check } from '#core/checking';
import { jsonLd, napBlock } from '#core/markup';
import type { BusinessRecord } from '#core/record';
import { median, type Figure } from './ratio.ts';

/** A page of about the given size, with the mix of elements that pages of small businesses have. */
export function samplePage(record: BusinessRecord, bytes: number): string {
  const paragraph = (at: number): string =>
    `<section class="card card--${String(at)}" id="s${String(at)}"><h2>Service ${String(at)}</h2><p>We look after <a href="/service/${String(at)}?a=1&amp;b=2">your animals</a> by the harbour, every day of the week, and answer each call within the hour.</p><ul><li>One</li><li>Two &amp; more</li></ul><img src="/i/${String(at)}.jpg" alt="Room ${String(at)}" width="320" height="200"></section>\n`;
  let body = '';
  for (let at = 0; body.length < bytes - 5000; at += 1) body += paragraph(at);
  return `<!doctype html><html lang="en"><head><meta charset="utf-8"><title>${record.name.replace('&', '&amp;')}</title>${jsonLd(record).text}</head><body><header>${napBlock(record).text}</header>${body}</body></html>`;
}

/** Checking a page, with the three-way reading, beside what parse5 takes to parse it: in turn, so that noise disturbs both alike. */
async function ratioOf(
  page: string,
  record: BusinessRecord,
  rounds: number,
  times: number,
): Promise<{ ratio: number; checking: number }> {
  const checking = (): unknown => check(page, { record, url: record.url });
  const parsing = (): unknown => parse(page);
  await median(times * 10, checking);
  await median(times * 10, parsing);
  const pairs: { ratio: number; checking: number }[] = [];
  for (let round = 0; round < rounds; round += 1) {
    const took = await median(times, checking);
    pairs.push({ ratio: took / (await median(times, parsing)), checking: took });
  }
  pairs.sort((a, b) => a.ratio - b.ratio);
  return pairs[rounds >> 1] ?? { ratio: 0, checking: 0 };
}

/** Checking pages of 200 KB and of 2 MB. */
export async function benchCheck(record: BusinessRecord): Promise<readonly Figure[]> {
  const [small, large] = [samplePage(record, 200_000), samplePage(record, 2_000_000)];
  const one = await ratioOf(small, record, 31, 5);
  const ten = await ratioOf(large, record, 5, 2);
  const markup = await median(200, () => jsonLd(record));
  return [
    { what: 'JSON-LD of one record', value: markup, unit: 'ms', target: 2 },
    { what: 'check of a page of 200 KB / parse5 parsing it', value: one.ratio, unit: '×', target: 0.8 },
    { what: 'check of a page of 2 MB / parse5 parsing it', value: ten.ratio, unit: '×', target: 0.65 },
    {
      what: 'check of 2 MB, per byte, beside 200 KB',
      value: ten.checking / large.length / (one.checking / small.length),
      unit: '×',
      target: 1,
    },
  ];
}
