/** The planted faults of the demo's sites: each is found, and mends and proposals alone put the pages right. */
import { describe, expect, test } from '@jest/globals';
import { demoClients, sitePages } from '#demo';
import { checker, checkSitePage, judgeSite } from '#core/checking';
import { mendAll } from '#core/mending';
import { effectiveRecord, recordSchema } from '#core/record';
import { decodeText } from '#core/encoding';

/** Codes that each page has, whatever else it has; '' stands for a page without markup. */
const PLANTED: Readonly<Record<string, readonly string[]>> = {
  'larkspurvane.example/contact.html': ['value/telephone-country'],
  'larkspurvane.example/index.html': ['structure/no-business'],
  'larkspurvane.example/night-clinic.html': ['structure/no-business'],
  'larkspurvane.example/quay-street.html': ['agreement/record', 'value/coordinates-coarse'],
  'larkspurvane.example/tallow-bay.html': ['structure/no-business'],
  'tinderboxkiln.example/index.html': ['syntax/trailing-comma', 'value/url-relative'],
  'hollinsrow.example/index.html': ['structure/itemprop-outside', 'value/hours'],
  'hollinsrow.example/marl-cross.html': ['agreement/record', 'structure/itemprop-outside'],
  'hollinsrow.example/saltby.html': ['structure/itemprop-outside', 'value/hours'],
};
/** What no mend can put right: what the record itself has coarse, and what a page does not show. */
const LEFT = [
  'agreement/not-visible openingHoursSpecification',
  'value/coordinates-coarse latitude',
  'value/coordinates-coarse longitude',
];

const pages = demoClients.flatMap(({ site, defaults, branches }) =>
  sitePages(site).map(({ path, bytes }) => ({
    name: `${site}/${path}`,
    url: `https://${site}/${path.replace(/^index\.html$/, '')}`,
    text: decodeText(bytes).text,
    branches: branches.map(({ label, record }, at) => ({
      id: at + 1,
      label,
      record: effectiveRecord(recordSchema.parse(record), recordSchema.parse(defaults)),
    })),
  })),
);

describe('the demo’s page', () => {
  test('is one that is known', () => {
    expect(pages.map(({ name }) => name).sort()).toEqual(Object.keys(PLANTED).sort());
  });

  test.each(pages)('$name has its faults found, and can be mended', ({ name, url, text, branches }) => {
    const { check, ownBranchId } = checkSitePage(text, url, branches);
    expect(check.findings.map(({ code }) => code)).toEqual(
      expect.arrayContaining([...(PLANTED[name] ?? [])]),
    );
    // A page of no branch is put right for the first one, as it would be from that branch’s check.
    const { record } = branches.find(({ id }) => id === ownBranchId) ?? branches[0] ?? {};
    const { check: after } = mendAll(text, checker({ url, ...(record ? { record } : {}) }));
    expect(after.summary.must).toBe(0);
    for (const { code, grade, property } of after.findings)
      if (grade === 'should') expect(LEFT).toContain(`${code} ${property ?? ''}`);
  });

  test('of a branch is contradicted by the contact page, which gives another number', () => {
    const site = pages.filter(({ name }) => name.startsWith('larkspurvane.example/'));
    const branches = site[0]?.branches ?? [];
    const read = site.map(({ text, url }) => checkSitePage(text, url, branches));
    const [found] = judgeSite(read, branches).filter(({ finding }) => finding.code === 'agreement/pages');
    expect(found?.url).toBe('https://larkspurvane.example/contact.html');
    expect(found?.finding.message).toContain(
      '“(360) 555-0119” on https://larkspurvane.example/quay-street.html',
    );
  });
});
