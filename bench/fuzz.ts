import { check, type Check } from '#core/checking';
import { certainMends } from '#core/mending';
import type { Finding } from '#core/fault';
import { jsonLd, napBlock, writeMarkup } from '#core/markup';
import type { PlainItem } from '#core/item';
import type { BusinessRecord } from '#core/record';
import { applyEdits, type Edit, type Place } from '#core/text';
import { htmlSources } from './htmlSources.ts';
import { spoiled } from './mended.ts';
import { flooded, mutated, repeated, type Random } from './mutation.ts';

/** A check that takes the processor longer than this hangs; how busy the machine is otherwise is not its fault. */
const LONGEST_MS = 2000;

/** Where the attacks on the checker begin: pages of every fault, and markup of ours in every form. */
function fuzzSources(record: BusinessRecord): readonly string[] {
  const bare = jsonLd(record).text.replace(/<\/?script[^>]*>/g, '');
  return [
    ...htmlSources,
    bare,
    `<!doctype html><html><head>${jsonLd(record).text}</head><body>${napBlock(record).text}</body></html>`,
    `<!doctype html><body>${writeMarkup(record, 'rdfa').text}`,
    `<!doctype html><body>${writeMarkup(record, 'graph').text}<p>(360) 555-0199, Mon-Fri 9-5`,
    '{\'@context\':\'https://schema.org\', // ours\n@type: Optician,\n“name”: “A & B”, \'geo\': {latitude: 48.5, longitude: -122.6,},\n "openingHours": ["Mon-Fri 9-5"], "url": "/a"}',
    '<div itemscope itemtype="Optician" itemref="a b"><p itemprop="name telephone">A</p><div itemprop=address itemtype="https://schema.org/PostalAddress"><b itemprop=addressCountry>England</div></div><p id=a itemprop="Email">x@y.example</p>',
    '<div itemscope itemtype="https://schema.org/Store"><b itemprob="telephone">1</b><div itemscope itemtype="https://schema.org/PostalAddress"><b itemprop="postalCode">1</b></div><meta itemprop="name" content="A><meta itemprop="url" content="b"></div>',
    '<div vocab="https://schema.org/"><b property="name">A</b><b property="url">b</b><div typeof="PostalAddress"><b property="postalCode">1</b></div></div>',
    `${'['.repeat(40)}{"@type":"Store"}${']'.repeat(40)}`,
    `${'<div itemscope itemprop=a>'.repeat(200)}x`,
  ];
}

/** What is wrong with how the checker takes a source; '' where nothing is. */
function attack(source: string, record: BusinessRecord): string {
  const timed = (): { checked: ReturnType<typeof check>; took: number } => {
    const begun = process.cpuUsage();
    const checked = check(source, { url: 'https://a.example/b', record });
    return { checked, took: process.cpuUsage(begun).user / 1000 };
  };
  const { checked, took: first } = timed();
  // What code that was never run before took to be made ready is no hang: a second time tells.
  const took = first > LONGEST_MS ? Math.min(first, timed().took) : first;
  if (took > LONGEST_MS) return `took ${String(Math.round(took))} ms`;
  return outside(checked, source) || unmended(source, checked) || spoilt(source, checked);
}

/** A place or an edit that does not lie inside the source. */
function outside({ findings, items, threeWay }: Check, source: string): string {
  const isInside = ({ start, end }: Pick<Place, 'start' | 'end'>): boolean =>
    start >= 0 && start <= end && end <= source.length;
  const bad = findings.find(
    ({ place, mend, related }) =>
      !isInside(place) ||
      !(mend?.edits ?? []).every(isInside) ||
      !related.every((one) => isInside(one.place)),
  );
  if (bad) return `a place outside: ${JSON.stringify(bad)}`;
  const below = (item: PlainItem): boolean =>
    isInside(item.place) &&
    Object.values(item.properties)
      .flat()
      .every((value) => typeof value !== 'object' || value === null || below(value));
  if (!items.every(below)) return 'an item outside';
  return threeWay.every(({ markup, visitor }) =>
    [...markup, visitor].every(({ place }) => !place || isInside(place)),
  )
    ? ''
    : 'a cell of the three-way reading outside';
}

/** The first mend that does more than it says. Of broken JSON more comes to light with each mend. */
function spoilt(source: string, { findings }: Check): string {
  if (findings.some(({ code }) => code.startsWith('syntax/'))) return '';
  const one = findings.find(({ mend }) => mend?.certain);
  const given = { url: 'https://a.example/b' };
  const complaint = one ? spoiled(source, one, check(source, given).findings, given) : '';
  return one && complaint ? `${complaint}: ${JSON.stringify(one)}` : '';
}

/** A mend that was done and whose fault is there still, at the same characters. */
function unmended(source: string, { findings }: Check): string {
  const edits = certainMends(findings);
  // Of JSON that is broken in a hundred places only these are told; the next check tells of more.
  const broken = findings.filter(({ code }) => code.startsWith('syntax/'));
  const places = broken.reduce((sum, { related }) => sum + 1 + related.length, 0);
  if (edits.length === 0 || places >= 100) return '';
  const again = check(applyEdits(source, edits)).findings;
  const claimed = findings.filter(
    ({ mend }) => mend?.certain && mend.edits.every((edit) => edits.includes(edit)),
  );
  const left = claimed.find((one) => again.some((other) => isTheSame(one, other, edits)));
  return left ? `still there after its mend: ${JSON.stringify(left)}` : '';
}

function isTheSame(before: Finding, after: Finding, edits: readonly Edit[]): boolean {
  if (before.code !== after.code || before.property !== after.property) return false;
  return [moved(before.place.start, edits, 'before'), moved(before.place.start, edits, 'behind')].includes(
    after.place.start,
  );
}

/** Where an offset stands once the edits are done. */
function moved(offset: number, edits: readonly Edit[], insertions: 'before' | 'behind'): number {
  return edits.reduce((at, { start, end, text }) => {
    const counts = end < offset || (end === offset && (end > start || insertions === 'before'));
    return counts ? at + text.length - (end - start) : at;
  }, offset);
}

/** So many sources come to one with pieces that are repeated, which takes as long as a hundred others. */
const REPEATED_ONE_IN = 100;
/** And so many of that hundred are flooded. */
const FLOODED = 6;

/** Attacks the checker so often; the first complaints with their sources, each told as it comes. */
export function fuzz(
  rounds: number,
  random: Random,
  record: BusinessRecord,
  tell: (complaint: string) => void = () => undefined,
  most = 5,
): readonly string[] {
  const sources = fuzzSources(record);
  const complaints: string[] = [];
  for (let round = 0; round < rounds && complaints.length < most; round += 1) {
    const kind = random(REPEATED_ONE_IN);
    const source = (kind === 0 ? repeated : kind < FLOODED ? flooded : mutated)(sources, random);
    const complaint = attempt(source, record);
    if (!complaint) continue;
    complaints.push(`${complaint}\n${JSON.stringify(source)}`);
    tell(complaints.at(-1) ?? '');
  }
  return complaints;
}

function attempt(source: string, record: BusinessRecord): string {
  try {
    return attack(source, record);
  } catch (error) {
    return `threw ${error instanceof Error ? (error.stack ?? error.message) : String(error)}`;
  }
}
