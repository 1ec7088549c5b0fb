import * as z from 'zod';
import { checkReading } from '#core/checking';
import {
  comparedFacts,
  describe,
  isContradiction,
  isSameBusiness,
  likeness,
  toldProperties,
  VisitorSearch,
  type DescribedProperty,
  type Description,
} from '#core/agreement';
import type { ReadItem } from '#core/item';
import { isClientForm, toldRecord } from '#core/markup';
import { businessesIn, isSound, recordFromItem, type Reading } from '#core/reading';
import { gradeText } from '#core/value';
import { factLabel, factRows, factText, type BusinessRecord, type Fact } from '#core/record';
import {
  causeSchema,
  causesOfAbsence,
  causesOfDifference,
  damageOf,
  secondMarkupCause,
  type Cause,
  type LiveAnswer,
} from './causes.ts';
import { changeIn } from './changed.ts';
import { asciiMarkup, placedOn, type Placed } from './placing.ts';
import { markupOf, prove } from './verifying.ts';

const facts: readonly string[] = factRows.map(({ fact }) => fact);
export const factSchema = z.custom<Fact>((fact) => typeof fact === 'string' && facts.includes(fact));

/** A fact that the live page says otherwise, or not at all; `live` is what a machine reads, '' where it reads nothing. */
const liveFactSchema = z.object({ fact: factSchema, label: z.string(), meant: z.string(), live: z.string() });
type LiveFact = Readonly<z.infer<typeof liveFactSchema>>;

/** What a stranger's machine reads on a live page, compared with the record. */
const liveJudgementSchema = z.object({
  /**
   * All of it as the record has it now; what an earlier record said; what nobody of us wrote; not at all; or it could
   * not be read.
   */
  state: z.enum(['as-intended', 'out-of-date', 'altered', 'absent', 'unreachable']),
  /** Facts that a machine reads otherwise than the record says them. */
  differing: z.array(liveFactSchema),
  /** Facts of the record that the page's markup does not say. */
  missing: z.array(liveFactSchema),
  causes: z.array(causeSchema),
});
export type LiveJudgement = z.infer<typeof liveJudgementSchema>;

/** A picture or a page elsewhere that the record speaks of, as it was found. */
const elsewhereSchema = z.object({
  /** "Images", "Logo", "Profiles". */
  label: z.string(),
  address: z.string(),
  /** SHA-256 of a picture, hexadecimal; '' for a page, and where nothing was sent. */
  digest: z.string(),
  /** As it was, another picture than before, not there any more, or (a profile) never seen there. */
  state: z.enum(['there', 'changed', 'gone', 'unseen']),
});
export type Elsewhere = Readonly<z.infer<typeof elsewhereSchema>>;

/** The same with how the page was answered. */
export const livePageSchema = liveJudgementSchema.extend({
  url: z.string(),
  /** The address that answered, after redirects. */
  finalUrl: z.string(),
  redirects: z.array(z.string()),
  /** HTTP status; 0 where nothing answered. */
  status: z.number(),
  /** What keeps search engines from the page; ''. */
  robots: z.string(),
  /** SHA-256 of what was sent, hexadecimal; ''. */
  digest: z.string(),
  /** Why it could not be read; ''. */
  problem: z.string(),
  /** When it was asked for, RFC 3339. */
  time: z.string(),
  /** What the record speaks of elsewhere; nothing where that was not looked at. */
  elsewhere: z.array(elsewhereSchema).default([]),
});
export type LivePage = z.infer<typeof livePageSchema>;

/** Enough in common to be one branch, see `likeness`. */
const ALIKE = 3;

/**
 * Compares what a stranger's machine reads on a live page with what the record says now, fact by fact; what visitors
 * read there otherwise is told besides.
 */
export function judgeLive(reading: Reading, record: BusinessRecord, answer: LiveAnswer): LiveJudgement {
  const judged = judgeMarkup(reading, record, answer);
  return { ...judged, causes: [...judged.causes, ...readOtherwise(reading, record)] };
}

/** What visitors read otherwise than markup or record say. */
function readOtherwise(reading: Reading, record: BusinessRecord): readonly Cause[] {
  const { visible, document } = reading;
  const search = visible && new VisitorSearch(visible, document);
  const differs =
    search &&
    comparedFacts.some(({ core, look }) => core && look?.(search, record)?.agreement === 'different');
  // Most pages show the record, or nothing of it: only of others it takes the whole check to tell whose facts they are.
  if (!differs) return [];
  const { findings } = checkReading(reading, { record, onlySaid: true });
  return findings
    .filter(({ code }) => code === 'agreement/visitor' || code === 'agreement/shown')
    .slice(0, MOST_READ)
    .map(({ message, place: { line } }) => ({
      code: 'text-differs',
      message: `Line ${String(line)}: ${message}`,
    }));
}
const MOST_READ = 5;

function judgeMarkup(reading: Reading, record: BusinessRecord, answer: LiveAnswer): LiveJudgement {
  const told = toldRecord(record);
  const items = businessesIn(reading.items).filter((item) => isSound(reading, item));
  // Of a type that is left without its properties nobody can tell what it said.
  const businesses = items
    .map((item) => ({ item, read: recordFromItem(item) }))
    .filter(({ read: { name, telephone, address } }) => name || telephone || address.streetAddress);
  const [own] = businesses
    .filter(({ read }) => isSameBusiness(told, read) || likeness(record, read) >= ALIKE)
    .sort((a, b) => likeness(record, b.read) - likeness(record, a.read));
  if (!own) {
    const causes = causesOfAbsence(reading, record, answer, businesses.length);
    return { state: 'absent', differing: [], missing: [], causes };
  }
  // A record without a name of its own for machines is given one where it is placed.
  const { differing, missing } = compare({ ...told, id: told.id || own.read.id }, own.read);
  const { state, change } = stateOf(reading, record, differing);
  if (state !== 'as-intended') {
    const lost = missing.filter(({ live }) => live === '').map(({ label }) => label);
    const causes = causesOfDifference(state, { answer, differing, lost, change });
    return { state, differing, missing, causes };
  }
  const second = secondMarkup(
    own.item,
    items.filter((item) => item !== own.item),
  );
  return second
    ? { state: 'altered', differing: second.differing, missing, causes: [second.cause] }
    : { state, differing, missing, causes: [] };
}

/** The facts of each property in which two descriptions can contradict each other, by how they begin. */
const contradictedFacts: Readonly<Record<DescribedProperty, string>> = {
  name: 'name',
  telephone: 'telephone',
  streetAddress: 'address.streetAddress',
  addressLocality: 'address.addressLocality',
  postalCode: 'address.postalCode',
  geo: 'pin.',
  openingHoursSpecification: 'hours.',
};

/** Other markup of the branch on the page that says otherwise, such as what was placed by hand before. */
function secondMarkup(
  own: ReadItem,
  others: readonly ReadItem[],
): { readonly differing: LiveFact[]; readonly cause: Cause } | undefined {
  const described = describe(own);
  for (const item of others) {
    const other = describe(item);
    if (!isOfSame(described, other)) continue;
    const contradicted = toldProperties
      .filter((one) => isContradiction(one, described, other))
      .map(({ property }) => contradictedFacts[property]);
    if (contradicted.length === 0) continue;
    const { differing } = compare(recordFromItem(own), recordFromItem(item));
    return {
      differing: differing.filter(({ fact }) => contradicted.some((begin) => fact.startsWith(begin))),
      cause: secondMarkupCause(item),
    };
  }
  return undefined;
}

/** Markup by another hand has another name for machines, or none; a department of the page has a name of its own. */
const isOfSame = (one: Description, other: Description): boolean =>
  one.id !== '' && one.id === other.id
    ? true
    : isSameBusiness({ ...one, id: '' }, other) && gradeText(one.name, other.name) !== 'different';

function compare(told: BusinessRecord, read: BusinessRecord): Pick<LiveJudgement, 'differing' | 'missing'> {
  const facts = factRows.flatMap(({ fact }): LiveFact[] => {
    const [meant, live] = [factText(told, fact), factText(read, fact)];
    return meant === live ? [] : [{ fact, label: factLabel(fact), meant, live }];
  });
  return { differing: facts.filter((one) => !isLess(one)), missing: facts.filter(isLess) };
}

/** Whether the page says nothing else than the record, only fewer of several values. */
const isLess = ({ meant, live }: LiveFact): boolean =>
  live.split('\n').every((line) => line === '' || meant.split('\n').includes(line));

/** What we placed has to say all that it was meant to say; other markup, only nothing else. */
function stateOf(
  reading: Reading,
  record: BusinessRecord,
  differing: readonly LiveFact[],
): { readonly state: 'as-intended' | 'out-of-date' | 'altered'; readonly change: string } {
  const differs = differing.length > 0;
  // What tells of all branches is not this one's.
  const ours = (reading.document ? placedOn(reading.source, reading.document) : []).filter(
    ({ form }) => !isClientForm(form),
  );
  // Of what was packed since, nobody can tell what else became of it.
  const changed = ours.filter(
    ({ isIntact, text }) => isIntact === false && (!differs || text.includes('\n')),
  );
  const [change] = changed.flatMap((one) => changeOf(one, record) || []);
  if (change) return { state: 'altered', change };
  // Facts that are as they were but for what an editor or a host did to their letters.
  if (differs && differing.every(({ live, meant }) => damageOf(live, meant)))
    return { state: 'altered', change: '' };
  const isOld = ours.some(({ form }) => prove(reading, form, record).state !== 'proved');
  return { state: isOld || differs ? 'out-of-date' : 'as-intended', change: '' };
}

/** What became of what was placed, compared with what the record yields in either way of writing it. */
function changeOf({ form, text }: Placed, record: BusinessRecord): string {
  const meant = markupOf(form, record, [record]);
  return changeIn(text, asciiMarkup(meant, form)) && changeIn(text, meant);
}
