import { afterEach, expect, test } from '@jest/globals';
import { utf8Bytes } from '#core/text';
import { jsonLd } from '#core/markup';
import { larkspur } from '#sample';
import type { SiteToJudge } from './checkWorker.ts';
import { Judges } from './judging.ts';

const site = (label: string): SiteToJudge => ({
  branches: [{ id: 7, label, record: larkspur }],
  profile: 'local-business',
  wants: [],
  ignores: [],
});
const page = (text: string) => ({
  url: larkspur.url,
  bytes: utf8Bytes(`<!doctype html><html lang="en"><title>x</title><body>${text}`),
  contentType: 'text/html',
});
const markup = jsonLd(larkspur).text;

let judges: Judges;
afterEach(() => judges.close());

test('pages are judged for the site they belong to, however many sites take turns', async () => {
  judges = new Judges();
  const sites = [1, 2, 3].map((id) => {
    const one = site('Quay Street');
    return judges.of({ ...one, branches: one.branches.map((branch) => ({ ...branch, id })) });
  });
  for (const judge of [...sites, ...sites.toReversed()])
    expect(await judge(page(markup))).toMatchObject({ ownBranchId: sites.indexOf(judge) + 1 });
});

test('pages that take too long are given up with their threads, and those that wait for one are judged', async () => {
  judges = new Judges(4000);
  const judge = judges.of(site('Quay Street'));
  const endless = page(markup.repeat(8000));
  const judged = await Promise.all([endless, endless, page(markup), page(markup), endless].map(judge));
  expect(judged).toMatchObject([
    expect.stringContaining('longer than 4 seconds'),
    expect.stringContaining('longer than 4 seconds'),
    { ownBranchId: 7 },
    { ownBranchId: 7 },
    expect.stringContaining('longer than 4 seconds'),
  ]);
});
