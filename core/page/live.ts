import * as z from 'zod';
import { isSameBusiness, likeness } from '#core/agreement';
import { textContent, type HtmlDocument } from '#core/html';
import type { ReadItem } from '#core/item';
import { foldUrl, parseUrl } from '#core/link';
import { toldRecord } from '#core/markup';
import { businessesIn, recordFromItem, type Reading } from '#core/reading';
import { factLabel, factRows, factText, type BusinessRecord, type Fact } from '#core/record';
import { placedOn, type Placed } from './placing.ts';
import { prove } from './verifying.ts';

const facts: readonly string[] = factRows.map(({ fact }) => fact);
export const factSchema = z.custom<Fact>((fact) => typeof fact === 'string' && facts.includes(fact));

/** A fact that the live page says otherwise, or not at all; `live` is what a machine reads, '' where it reads nothing. */
const liveFactSchema = z.object({ fact: factSchema, label: z.string(), meant: z.string(), live: z.string() });
type LiveFact = Readonly<z.infer<typeof liveFactSchema>>;

/** What probably brought it about. */
const causeSchema = z.object({
  code: z.enum([
    'curled-quotes',
    'escaped-tags',
    'stripped-attributes',
    'inside-comment',
    'broken-script',
    'script-built',
    'wrong-page',
    'cached-copy',
    'not-republished',
  ]),
  message: z.string(),
});
type Cause = Readonly<z.infer<typeof causeSchema>>;

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

/** What the answer said besides the page; '' or undefined where it said nothing. */
export interface LiveAnswer {
  /** The address that was asked for. */
  readonly asked: string;
  /** Header fields, names in lower case. */
  readonly headers: Readonly<Record<string, string>>;
}

/** Enough in common to be one branch, see `likeness`. */
const ALIKE = 3;

/** Compares what a stranger's machine reads on a live page with what the record says now, fact by fact. */
export function judgeLive(reading: Reading, record: BusinessRecord, answer: LiveAnswer): LiveJudgement {
  const ours = reading.document ? placedOn(reading.source, reading.document) : [];
  const told = toldRecord(record);
  const businesses = businessesIn(reading.items)
    .filter((item) => isSound(reading, item))
    .map((item) => recordFromItem(item));
  const read = businesses
    .filter((one) => isSameBusiness(told, one) || likeness(record, one) >= ALIKE)
    .sort((a, b) => likeness(record, b) - likeness(record, a))[0];
  if (!read) {
    const causes = causesOfAbsence(reading, record, answer, businesses.length);
    return { state: 'absent', differing: [], missing: [], causes };
  }
  // A record without a name of its own for machines is given one where it is placed.
  const { differing, missing } = compare({ ...told, id: told.id || read.id }, read);
  const state = stateOf(reading, record, ours, differing.length > 0);
  const causes = state === 'as-intended' ? [] : causesOfDifference(state, answer);
  return { state, differing, missing, causes };
}

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

/** Whether an item stands in a script that a machine can read as it is: ours reads many that are broken, too. */
function isSound({ document }: Reading, { syntax, place }: ReadItem): boolean {
  if (syntax !== 'jsonld') return true;
  const script = document?.elements.find(
    ({ name, start, end }) => name === 'script' && start <= place.start && place.end <= end,
  );
  try {
    JSON.parse(script ? textContent(script) : '');
    return true;
  } catch {
    return false; // the finding of the check says where
  }
}

/** What we placed has to say all that it was meant to say; other markup, only nothing else. */
function stateOf(
  reading: Reading,
  record: BusinessRecord,
  ours: readonly Placed[],
  differs: boolean,
): LiveJudgement['state'] {
  if (ours.some(({ isIntact }) => isIntact === false)) return 'altered';
  const isOld = ours.some(({ form }) => prove(reading, form, record).state !== 'proved');
  return isOld || differs ? 'out-of-date' : 'as-intended';
}

function causesOfDifference(state: LiveJudgement['state'], answer: LiveAnswer): Cause[] {
  const age = ageOf(answer);
  if (age)
    return [
      {
        code: 'cached-copy',
        message: `The host sends a copy that was stored ${age} ago. Empty its store, or wait.`,
      },
    ];
  if (state === 'altered') return [];
  return [
    {
      code: 'not-republished',
      message:
        'The page carries what an earlier record said: it was not published again, or a template still holds the old text.',
    },
  ];
}

/** How long ago a stored copy was made, in words; '' for a fresh answer (RFC 9111, 5.1 "Age"; RFC 9211). */
function ageOf({ headers }: LiveAnswer): string {
  const seconds = Number(headers['age'] ?? '0');
  if (Number.isFinite(seconds) && seconds > 0)
    return seconds < 120 ? `${String(seconds)} seconds` : `${String(Math.round(seconds / 60))} minutes`;
  return /\bhit\b/i.test(`${headers['cache-status'] ?? ''} ${headers['x-cache'] ?? ''}`) ? 'some time' : '';
}

const CURLED = /[\u201C\u201D\u201E\u2033\u00AB\u00BB]/;
/** Markup that stands in the page as text, as an editor for text makes it of pasted code. */
const AS_TEXT = /&lt;\s*(?:script|div|span|p)\b[^&]*(?:ld\+json|itemscope|itemprop|vocab=)/i;

function causesOfAbsence(
  reading: Reading,
  record: BusinessRecord,
  answer: LiveAnswer,
  others: number,
): Cause[] {
  const { source, document, visible, faults } = reading;
  const causes: Cause[] = [];
  const seen = visible?.text ?? '';
  const hasCurled =
    faults.some(({ code }) => code === 'syntax/curly-quotes') ||
    (/@context/.test(seen) && CURLED.test(seen)) ||
    (document?.elements.some(({ attributes }) =>
      ['itemprop', 'itemtype', 'property', 'typeof', 'type'].some((name) =>
        CURLED.test(attributes[name] ?? ''),
      ),
    ) ??
      false);
  if (hasCurled)
    causes.push({
      code: 'curled-quotes',
      message:
        'The quotes were curled when the code was pasted into a field for text. Paste it into a field for code or raw HTML.',
    });
  if (AS_TEXT.test(source) || (/"@context"\s*:\s*"https?:\/\/schema\.org/.test(seen) && !hasCurled))
    causes.push({
      code: 'escaped-tags',
      message:
        'The code stands on the page as text that visitors read: its tags were escaped. Paste it into a field for code or raw HTML.',
    });
  if (reading.document?.comments.some(({ text }) => /ld\+json|itemscope|typeof=/.test(text)))
    causes.push({
      code: 'inside-comment',
      message: 'The markup stands inside a comment, which machines pass over.',
    });
  if (!hasCurled && faults.length > 0 && /ld\+json/i.test(source))
    causes.push({ code: 'broken-script', message: `The script is broken: ${faults[0]?.message ?? ''}` });
  if (causes.length > 0) return causes;
  if (shows(seen, record))
    causes.push({
      code: 'stripped-attributes',
      message:
        'Visitors read the block, but no markup stands on it: the editor took the attributes or the script out, or nothing was pasted yet.',
    });
  if (document && isScriptBuilt(document, seen))
    causes.push({
      code: 'script-built',
      message:
        'The page is built by a script in the browser: what is sent holds hardly any text. Put the markup into the template that the host sends.',
    });
  const page = wrongPage(reading, answer, others);
  if (page) causes.push({ code: 'wrong-page', message: page });
  const age = ageOf(answer);
  if (age) causes.push({ code: 'cached-copy', message: `The host sends a copy that was stored ${age} ago.` });
  if (causes.length === 0)
    causes.push({
      code: 'not-republished',
      message:
        'The page carries no markup of this branch. It was not placed, or the page was not published since.',
    });
  return causes;
}

const shows = (seen: string, { name, address }: BusinessRecord): boolean =>
  name !== '' && seen.includes(name) && address.streetAddress !== '' && seen.includes(address.streetAddress);

/** Less text than this is what a page has that a script has still to fill. */
const HARDLY_ANY = 200;

const isScriptBuilt = ({ elements }: HtmlDocument, seen: string): boolean =>
  seen.length < HARDLY_ANY &&
  elements.some(({ name, attributes }) => name === 'script' && attributes['src'] !== undefined) &&
  elements.some(
    ({ name, attributes, children }) =>
      name === 'div' && attributes['id'] !== undefined && children.length === 0,
  );

/** Why it may be another page than the one that was meant; ''. */
function wrongPage({ document, address, base }: Reading, { asked }: LiveAnswer, others: number): string {
  if (address && asked && foldUrl(address) !== foldUrl(asked)) return `The address leads on to ${address}.`;
  const canonical = document?.elements.find(
    ({ name, attributes }) => name === 'link' && /\bcanonical\b/i.test(attributes['rel'] ?? ''),
  )?.attributes['href'];
  const own = canonical && parseUrl(canonical, base || undefined)?.href;
  if (own && address && foldUrl(own) !== foldUrl(address))
    return `The page says that its own address is ${own}.`;
  return others > 0 ? 'The page carries the markup of another business.' : '';
}
