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

test('the start of a thread is not the page’s time, and a page that takes too long is given up', async () => {
  judges = new Judges(1000);
  const judge = judges.of(site('Quay Street'));
  // A thread takes longer than that to start, and these wait for one another.
  const small = await Promise.all([1, 2, 3, 4].map(() => judge(page(markup))));
  expect(small).toMatchObject([
    { ownBranchId: 7 },
    { ownBranchId: 7 },
    { ownBranchId: 7 },
    { ownBranchId: 7 },
  ]);
  expect(await judge(page(markup.repeat(20_000)))).toContain('longer than 1 seconds');
  expect(await judge(page(markup))).toMatchObject({ ownBranchId: 7 });
});
