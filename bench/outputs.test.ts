/**
 * What comes out, kept beside the code: every output form of every fact alone, left out and filled with what nobody
 * should write; trees, items, findings, three-way rows and mends of every page of the corpora and the demo. A change
 * of any of it is shown by the snapshot's own difference, to be looked at before `npx jest -u` takes it.
 */
import { createHash } from 'node:crypto';
import { describe, expect, test } from '@jest/globals';
import { demoClients, sitePages } from '#demo';
import { larkspur } from '#sample';
import { describeAll } from '#core/agreement';
import { check, checker, examples } from '#core/checking';
import { readDocument, type HtmlElement } from '#core/html';
import { allColumns, branchesOfMarkup, intakeQuestions, rowOfBranch } from '#core/intake';
import { jsonLdOrganization, markupForms, outputForms, toldRecord, writeMarkup } from '#core/markup';
import { mendAll } from '#core/mending';
import { place, placedOn, remove } from '#core/page';
import { propose } from '#core/proposal';
import {
  completeness,
  effectiveRecord,
  emptyRecord,
  factRows,
  factText,
  judgeRecord,
  mergeRecords,
  originOf,
  recordSchema,
  refusedAddresses,
  setOwn,
  usualOutput,
  withFact,
  withoutRefused,
  type BusinessRecord,
} from '#core/record';
import { businessesIn, readSource, recordFromItem } from '#core/reading';
import { rememberLast } from '#core/text';
import { corpus } from './corpus.ts';
import { faultySorts } from './corpora/faultySorts.ts';
import { sorts } from './corpora/sorts.ts';
import { htmlSources } from './htmlSources.ts';

/** Twelve hexadecimal digits that are others when anything in the value is. */
const digest = (value: unknown): string =>
  createHash('sha256')
    .update(typeof value === 'string' ? value : JSON.stringify(value))
    .digest('hex')
    .slice(0, 12);

const sample = recordSchema.parse(larkspur);
const branches: readonly (readonly [string, BusinessRecord])[] = demoClients.flatMap((client) =>
  client.branches.map(
    ({ label, record }) =>
      [
        `${client.name}/${label}`,
        effectiveRecord(recordSchema.parse(record), recordSchema.parse(client.defaults ?? {})),
      ] as const,
  ),
);

const HOSTILE = [
  'javascript:alert(1)',
  '<b>"&\'',
  'your business name',
  '12',
  'https://a.example/x?utm_source=1',
  'yes',
  '020 7946 0018',
  '2026-12-25',
];
const named = withFact(emptyRecord, 'name', 'X');

const block = (chosen: boolean): BusinessRecord['output'] => ({
  ...usualOutput,
  hoursForm: chosen ? 'long' : 'short',
  block: {
    ...usualOutput.block,
    lines: chosen ? 'several' : 'one',
    labels: chosen,
    clock: chosen ? '12' : '24',
    classes: chosen ? 'nap' : '',
    closedDays: chosen,
    joinDays: !chosen,
    linkTelephone: chosen,
    linkEmail: chosen,
    mapLink: chosen,
  },
});

/** All that is made of a record, by what it is; some of its facts are taken off what it inherits. */
function madeOf(
  record: BusinessRecord,
  ownFacts = factRows.map(({ fact }) => fact),
): Readonly<Record<string, unknown>> {
  const made: Record<string, unknown> = {
    judged: judgeRecord(record),
    complete: completeness(record),
    told: toldRecord(record),
    texts: factRows.map(({ fact }) => factText(record, fact)),
    refused: [refusedAddresses(record), withoutRefused(record)],
    intake: [intakeQuestions(record), intakeQuestions(record, true)],
    row: rowOfBranch('l', record, allColumns),
    clashes: mergeRecords(sample, { ...record, name: 'A' }, { ...sample, name: 'B' }).clashes,
    inherited: factRows.map(({ fact }) => originOf(record, sample, fact)),
    own: ownFacts.map((fact) => setOwn(record, sample, fact, '')),
  };
  for (const form of outputForms) {
    const { text } = writeMarkup(record, form);
    made[form] = text;
    made[`${form} read`] = businessesIn(readSource(text).items).map(recordFromItem);
  }
  return made;
}

describe('what a record becomes', () => {
  test.each(outputForms)('the sample as %s', (form) => {
    expect(writeMarkup(sample, form).text).toMatchSnapshot();
    for (const chosen of [true, false])
      expect(writeMarkup({ ...sample, output: block(chosen) }, form).text).toMatchSnapshot();
  });

  test.each(factRows.map(({ fact }) => fact))('%s alone, left out, and filled wrongly', (fact) => {
    const made = [
      withFact(emptyRecord, fact, factText(sample, fact)),
      withFact(sample, fact, ''),
      ...HOSTILE.map((text) => withFact(named, fact, text)),
    ].map((record) => digest(madeOf(record, [fact])));
    expect(made.join('\n')).toMatchSnapshot();
  });

  test.each(branches)('%s', (_, record) => {
    expect(Object.entries(madeOf(record)).map(([what, made]) => `${what} ${digest(made)}`)).toMatchSnapshot();
  });

  test('an organisation of branches', () => {
    expect(jsonLdOrganization(branches.slice(0, 6).map(([, record]) => record))).toMatchSnapshot();
  });
});

/** An element with its places, and what stands in it. */
const tree = (node: HtmlElement): string =>
  `${node.name}[${node.start},${node.contentStart},${node.contentEnd},${node.end}${node.inert ? ',inert' : ''}](${node.children
    .map((child) => (child.kind === 'text' ? `${child.start}-${child.end}` : tree(child)))
    .join(' ')})`;

const markup = Object.fromEntries(markupForms.map((form) => [form, writeMarkup(sample, form).text]));

/** What comes of placing each form in a source and taking it out again. */
const placings = (source: string): readonly string[] =>
  markupForms.map((form) => {
    const placed = place(source, form, markup[form] ?? '');
    if (!placed.ok) return `${form} refused: ${placed.message}`;
    const { ok, source: after, edits } = placed;
    return `${form} placed ${digest({ ok, source: after, edits })} ${digest(placedOn(placed.source))} ${remove(placed.source) === source}`;
  });

/** What is seen of a source, for people to compare; what is too long for that as a digest. */
function seen(
  source: string,
  record: BusinessRecord | undefined,
  url: string | undefined,
): readonly string[] {
  const given = { ...(record ? { record } : {}), ...(url ? { url } : {}) };
  const reading = readSource(source, url);
  const judge = rememberLast(checker(given));
  const { items, findings, threeWay } = judge(source);
  const mended = mendAll(source, judge);
  return [
    ...findings.map(
      (finding) =>
        `${finding.place.line}:${finding.place.column} ${finding.code} ${finding.property ?? ''} ${digest(finding)}`,
    ),
    `three ways ${digest(threeWay)} items ${digest(items)} described ${digest(describeAll(reading.items))}`,
    `proposed ${digest(propose(reading, url))} branches ${digest(branchesOfMarkup(source))}`,
    `mended ${digest(mended.source)} ${mended.taken.length} ${mended.left.length}`,
  ];
}

const pages: readonly (readonly [string, string, string | undefined])[] = [
  ...['hollinsrow.example', 'larkspurvane.example', 'tinderboxkiln.example'].flatMap((domain) =>
    sitePages(domain).map(({ path, bytes }) => {
      const url = `https://${domain}/${path}`;
      return [url, bytes.toString('utf8'), url] as const;
    }),
  ),
  ...corpus.map(({ name, source }, at) => [`corpus ${at} ${name}`, source, undefined] as const),
];
const examplePairs = Object.entries(examples).flatMap(([code, { wrong, right, url }]) => [
  [`wrong ${code}`, wrong, url] as const,
  [`right ${code}`, right, url] as const,
]);

describe('what a source says', () => {
  test.each(pages)('%s', (_, source, url) => {
    expect([...seen(source, undefined, url), ...placings(source)]).toMatchSnapshot();
    expect(seen(source, url ? branches[0]?.[1] : sample, url)).toMatchSnapshot();
  });

  test.each(examplePairs)('%s', (_, source, url) => {
    expect(seen(source, url ? branches[0]?.[1] : sample, url)).toMatchSnapshot();
  });

  test.each(htmlSources.map((source, at) => [at, source] as const))('tree %d', (_, source) => {
    expect(tree(readDocument(source).root)).toMatchSnapshot();
  });
});

describe('what a page of some sort says', () => {
  test.each(sorts)('%s', (_, source, url) => {
    expect([...seen(source, undefined, url), ...placings(source)]).toMatchSnapshot();
  });

  test.each(sorts)('%s with each of its faults', (file) => {
    const lines = faultySorts
      .filter(({ name }) => name.startsWith(`${file}: `))
      .map(({ name, source, url }) => {
        const { findings, threeWay } = check(source, { url, today: '2026-11-26' });
        const told = findings.map(
          ({ code, place, property, mend }) =>
            `${place.line} ${code} ${property ?? ''}${mend ? ` ${mend.certain ? 'certain' : 'guess'} ${digest(mend)}` : ''}`,
        );
        return `${name.slice(0, 80)} | ${told.join(', ')} | ${digest([findings, threeWay])}`;
      });
    expect(lines).toMatchSnapshot();
  });
});
