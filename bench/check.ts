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

/** Checking a page of 200 KB, with the three-way reading, beside what parse5 takes to parse it. */
export async function benchCheck(record: BusinessRecord): Promise<readonly Figure[]> {
  const page = samplePage(record, 200_000);
  const checking = (): unknown => check(page, { record, url: record.url });
  const parsing = (): unknown => parse(page);
  await median(15, checking);
  await median(15, parsing);
  // In turn, so that a noisy machine disturbs both alike.
  const rounds: number[] = [];
  for (let round = 0; round < 9; round += 1)
    rounds.push((await median(5, checking)) / (await median(5, parsing)));
  rounds.sort((a, b) => a - b);
  const markup = await median(200, () => jsonLd(record));
  return [
    { what: 'JSON-LD of one record', value: markup, unit: 'ms', target: 2 },
    {
      what: `check of a ${String(Math.round(page.length / 1000))} KB page / parse5 parsing it`,
      value: rounds[4] ?? 0,
      unit: '×',
      target: 1,
    },
  ];
}
