/** The planted faults of the demo's sites: each is found, and mends and proposals alone put the pages right. */
import { describe, expect, test } from '@jest/globals';
import { demoClients, sitePages } from '#demo';
import { certainMends, checkSitePage, type Check, type SiteBranch } from '#core/checking';
import { effectiveRecord, recordSchema } from '#core/record';
import { applyEdits, decodeText } from '#core/text';

/** Codes that each page has, whatever else it has; '' stands for a page without markup. */
const PLANTED: Readonly<Record<string, readonly string[]>> = {
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
const MOST_STEPS = 60;

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

/** Takes what is certain, then one proposal after the other, until none is left. */
function mended(text: string, url: string, branches: readonly SiteBranch[]): Check {
  let source = text;
  for (let step = 0; ; step += 1) {
    const { check } = checkSitePage(source, url, branches);
    const sure = certainMends(check.findings);
    const proposal = check.findings.find(({ mend, grade }) => mend && grade !== 'note')?.mend?.edits;
    const edits = sure.length > 0 ? sure : proposal;
    if (!edits || step === MOST_STEPS) return check;
    source = applyEdits(source, edits);
  }
}

describe('the demo’s page', () => {
  test('is one that is known', () => {
    expect(pages.map(({ name }) => name).sort()).toEqual(Object.keys(PLANTED).sort());
  });

  test.each(pages)('$name has its faults found, and can be mended', ({ name, url, text, branches }) => {
    const { check } = checkSitePage(text, url, branches);
    expect(check.findings.map(({ code }) => code)).toEqual(
      expect.arrayContaining([...(PLANTED[name] ?? [])]),
    );
    const { summary, findings } = mended(text, url, branches);
    expect(summary.must).toBe(0);
    for (const { code, grade, property } of findings)
      if (grade === 'should') expect(LEFT).toContain(`${code} ${property ?? ''}`);
  });
});
