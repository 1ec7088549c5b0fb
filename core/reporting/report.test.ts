import { describe, expect, test } from '@jest/globals';
import { applyEdits } from '#core/text';
import { check, excerptOf, profiles, profileWith, type Ignore } from '#core/checking';
import { certainMends } from '#core/mending';
import { compareFindings, reportCsv, reportHtml, sarifLog } from './index.ts';
import type { Finding } from '#core/fault';

const source =
  '{"@context":"https://schema.org","@type":"Store" "name":"A <b>","Telephone":"+44 20 7946 0321",}';
const { findings } = check(source);
const kept = (list: readonly Finding[], page = 'a.html') =>
  list.map((finding) => ({ page, finding, excerpt: excerptOf(source, finding) }));
const codes = (list: readonly { readonly finding: Finding }[]): string[] =>
  list.map(({ finding }) => finding.code);

describe('mends together', () => {
  test('are done once, and leave what collides for the next time', () => {
    const mended = applyEdits(source, certainMends(findings));
    expect(mended).toBe(
      '{"@context":"https://schema.org","@type":"Store", "name":"A <b>","telephone":"+44 20 7946 0321"}',
    );
    expect(certainMends(check(mended).findings)).toEqual([]);
  });

  test('leave proposals alone', () => {
    const { findings: guessed } = check('{"@context":"https://schema.org","@type":"Stoore","name":"A"}');
    expect(guessed.find(({ code }) => code === 'vocabulary/unknown-type')?.mend).toMatchObject({
      certain: false,
    });
    expect(certainMends(guessed)).toEqual([]);
  });

  test('exchange the value of an attribute, in its own quotes', () => {
    const page =
      "<div itemscope itemtype='https://schema.org/Store'><meta itemprop='Name' content='A'><div itemprop=address itemscope itemtype='https://schema.org/PostalAddress'><meta itemprop='addressCountry' content='England'></div></div>";
    const mended = applyEdits(page, certainMends(check(page).findings));
    expect(mended).toBe(page.replace("'Name'", "'name'").replace("'England'", "'GB'"));
  });
});

describe('two checks', () => {
  test('tell what is new, gone and still there, wherever it stands now', () => {
    const moved = check(`\n\n${source}`).findings.map((finding) => ({
      page: 'a.html',
      finding,
      excerpt: excerptOf(`\n\n${source}`, finding),
    }));
    const { gone, new: fresh, still } = compareFindings(kept(findings), moved);
    expect([gone, fresh]).toEqual([[], []]);
    expect(still).toHaveLength(findings.length);
    const mended = applyEdits(source, certainMends(findings));
    const after = check(mended).findings.map((finding) => ({
      page: 'a.html',
      finding,
      excerpt: excerptOf(mended, finding),
    }));
    expect(codes(compareFindings(kept(findings), after).gone)).toEqual(
      expect.arrayContaining(['syntax/missing-comma', 'syntax/trailing-comma', 'vocabulary/capitals']),
    );
  });

  test('count a finding as often as it is there', () => {
    const [one] = kept(findings);
    if (!one) throw new Error('no finding');
    expect(compareFindings([one], [one, one])).toMatchObject({ gone: [], new: [one], still: [one] });
    // What is ignored meanwhile is not gone: nobody has mended it.
    const ignore = { code: one.finding.code, page: '', excerpt: '', reason: 'meant so' };
    expect(compareFindings([one], [], [ignore])).toMatchObject({ gone: [], ignored: [one] });
    expect(compareFindings([one], [], [{ ...ignore, page: 'another' }])).toMatchObject({ gone: [one] });
  });
});

describe('what is ignored', () => {
  const ignoring = (ignore: Partial<Ignore>) =>
    check(source, {
      page: 'a.html',
      ignores: [{ code: 'vocabulary/capitals', page: '', excerpt: '', reason: 'so', ...ignore }],
    });

  test('is put aside with its reason, on a page, a place or everywhere', () => {
    expect(ignoring({}).ignored).toMatchObject([{ finding: { code: 'vocabulary/capitals' }, reason: 'so' }]);
    expect(ignoring({ page: 'a.html', excerpt: '"Telephone"' }).ignored).toHaveLength(1);
    expect(ignoring({}).summary.must).toBe(check(source).summary.must - 1);
  });

  test('does not reach other pages, places or codes', () => {
    expect(ignoring({ page: 'b.html' }).ignored).toEqual([]);
    expect(ignoring({ excerpt: '"name"' }).ignored).toEqual([]);
    expect(ignoring({ code: 'value/empty' }).ignored).toEqual([]);
  });
});

describe('a profile', () => {
  const wanting = (properties: string[], weight: 'required' | 'recommended') =>
    check('{"@context":"https://schema.org","@type":"Store","name":"A","telephone":"+44 20 7946 0321"}', {
      profile: profileWith(profiles['local-business'], [{ properties, weight, why: 'The client wants it.' }]),
    }).findings;

  test('takes what a client wants besides, instead of what it says itself', () => {
    expect(wanting(['faxNumber'], 'required').find(({ property }) => property === 'faxNumber')).toMatchObject(
      {
        code: 'guideline/required',
        message: expect.stringContaining('The client wants it.') as unknown,
      },
    );
    expect(wanting(['geo'], 'required').filter(({ property }) => property === 'geo')).toMatchObject([
      { code: 'guideline/required' },
    ]);
    expect(wanting(['telephone'], 'required').some(({ property }) => property === 'telephone')).toBe(false);
  });
});

describe('a report', () => {
  const reported = { title: 'A & <B>', date: '25 November 2026', pages: 1, found: kept(findings) };

  test('is one page that nothing of the source can break out of', () => {
    const html = reportHtml(reported);
    expect(html).toContain('<h1>A &amp; &lt;B&gt;</h1>');
    expect(html).not.toContain('A <b>');
    expect(html.match(/<tr class="/g)).toHaveLength(findings.length);
    expect(reportHtml({ ...reported, found: [] })).toContain('Nothing to find fault with');
  });

  test('as CSV is safe to open in a spreadsheet', () => {
    const [first] = kept(findings);
    const csv = reportCsv({ ...reported, found: first ? [{ ...first, page: '=cmd()' }] : [] });
    expect(csv).toContain("'=cmd()");
    expect(csv.startsWith('\uFEFFpage,line,column,grade,code')).toBe(true);
  });
});

describe('a SARIF log', () => {
  test('has a rule for each result, its region and its fix', () => {
    const log = sarifLog([{ uri: 'dir/a b.html', source, findings }], '1.0.0') as {
      runs: {
        tool: { driver: { rules: { id: string }[] } };
        results: {
          ruleId: string;
          level: string;
          locations: object[];
          fixes?: object[];
          relatedLocations?: object[];
        }[];
      }[];
    };
    const [run] = log.runs;
    expect(run?.results).toHaveLength(findings.length);
    expect(new Set(run?.tool.driver.rules.map(({ id }) => id))).toEqual(
      new Set(findings.map(({ code }) => code)),
    );
    expect(run?.results.find(({ ruleId }) => ruleId === 'syntax/trailing-comma')).toMatchObject({
      level: 'error',
      locations: [
        {
          physicalLocation: {
            artifactLocation: { uri: 'dir/a%20b.html' },
            region: { startLine: 1, charLength: 1, charOffset: source.lastIndexOf(',') },
          },
        },
      ],
      fixes: [{ description: { text: 'Mend' } }],
    });
  });

  test('counts lines as they end, and names the other place of a contradiction', () => {
    const one = (number: string): string =>
      `<script type="application/ld+json">{"@context":"https://schema.org","@id":"#a","@type":"Store","name":"A",\r\n"telephone":"${number}"}</script>`;
    const page = one('+44 20 7946 0321') + one('+44 20 7946 0999');
    const log = sarifLog([{ uri: 'a.html', source: page, findings: check(page).findings }], '1') as {
      runs: { results: { ruleId: string; relatedLocations?: object[] }[] }[];
    };
    expect(
      log.runs[0]?.results.find(({ ruleId }) => ruleId === 'agreement/items')?.relatedLocations,
    ).toMatchObject([
      { physicalLocation: { region: { startLine: 2 } }, message: { text: 'The other telephone number' } },
    ]);
  });
});
