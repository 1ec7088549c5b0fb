import { decodeHTMLStrict } from 'entities';
import * as z from 'zod';
import { shortText, type FaultCode } from '#core/fault';
import { brokenText, textContent, type HtmlDocument } from '#core/html';
import type { ReadItem } from '#core/item';
import { foldUrl } from '#core/link';
import { asidesOf, beginsTypographic, canonicalOf, shownMarkup, type Reading } from '#core/reading';
import type { BusinessRecord } from '#core/record';
import { codePointName, escapePattern, isInvisible, repairEncoding } from '#core/text';

/** What probably brought it about that a live page is not as it was meant. */
export const causeSchema = z.object({
  code: z.enum([
    'curled-quotes',
    'escaped-quotes',
    'escaped-tags',
    'editor-marks',
    'stripped-attributes',
    'wrong-type',
    'inside-comment',
    'out-of-sight',
    'broken-script',
    'second-markup',
    'script-built',
    'unfilled-template',
    'wrong-page',
    'cached-copy',
    'wrong-encoding',
    'edited',
    'not-republished',
    'text-differs',
  ]),
  message: z.string(),
});
export type Cause = Readonly<z.infer<typeof causeSchema>>;

/** What the answer said besides the page; '' or undefined where it said nothing. */
export interface LiveAnswer {
  /** The address that was asked for. */
  readonly asked: string;
  /** Header fields, names in lower case. */
  readonly headers: Readonly<Record<string, string>>;
}

const CODE_FIELD = 'Paste it into a field for code or raw HTML.';
const CURLED_CAUSE: Cause = {
  code: 'curled-quotes',
  message: `The quotes were curled when the code was pasted into a field for text. ${CODE_FIELD}`,
};

/** How a live page differs from what was meant. */
interface Difference {
  readonly answer: LiveAnswer;
  readonly differing: readonly { readonly meant: string; readonly live: string }[];
  /** The facts that machines do not read at all, by their labels. */
  readonly lost: readonly string[];
  /** What became of what was placed, see `changeIn`; ''. */
  readonly change: string;
}

/** Why a page does not say what the record says now. */
export function causesOfDifference(
  state: 'out-of-date' | 'altered',
  { answer, differing, lost, change }: Difference,
): Cause[] {
  const damaged = differing.map(({ live, meant }) => damageOf(live, meant)).find(Boolean);
  if (damaged) return [damaged];
  const age = ageOf(answer);
  if (age)
    return [
      {
        code: 'cached-copy',
        message: `The host sends a copy that was stored ${age} ago. Empty its store, or wait.`,
      },
    ];
  if (state === 'altered') {
    const unread = lost.length > 0 ? ` Machines no longer read: ${lost.join(', ')}.` : '';
    return [
      {
        code: 'edited',
        message: `Somebody, or an editor, changed what was placed: ${change}.${unread} Place it again, or take the change into the record.`,
      },
    ];
  }
  return [
    {
      code: 'not-republished',
      message:
        'The page carries what an earlier record said: it was not published again, or a template still holds the old text.',
    },
  ];
}

/** Signs that editors of text put for others, with those that were typed. */
const EXCHANGED: readonly (readonly [RegExp, string])[] = [
  [/[\u2010-\u2015\u2212]|--/g, '-'],
  [/[\u2018-\u201b\u2032`\u00b4]/g, "'"],
  [/[\u201c-\u201f\u2033\u00ab\u00bb]/g, '"'],
  [/\u2026/g, '...'],
  [/\u00a9/g, '(c)'],
  [/\u00ae/g, '(r)'],
  [/\u2122/g, '(tm)'],
  [/\u00d7/g, 'x'],
  [/\u00bd/g, '1/2'],
];
const asTyped = (text: string): string =>
  EXCHANGED.reduce((typed, [sign, plain]) => typed.replace(sign, plain), text);

/** What damaged a text on its way to the page; undefined where it is another text. */
export function damageOf(live: string, meant: string): Cause | undefined {
  if (live === meant) return undefined;
  if (decodeHTMLStrict(live) === meant)
    return {
      code: 'editor-marks',
      message: `The editor wrote characters of the code as references of HTML (“${shortText(live)}”), which no machine resolves there. ${CODE_FIELD}`,
    };
  if (asTyped(live) === asTyped(meant))
    return {
      code: 'editor-marks',
      message: `The editor put other signs into the code as it does into text: the page says “${shortText(live)}”, meant is “${shortText(meant)}”. ${CODE_FIELD}`,
    };
  const unlike = unlikeToMachines(live, meant);
  if (unlike)
    return {
      code: 'editor-marks',
      message: `The page’s “${shortText(live)}” looks like what was meant, and is not the same to a machine: ${unlike}. Place the markup again.`,
    };
  const isRepaired = repairEncoding(live) !== undefined && repairEncoding(meant) === undefined;
  if (!isRepaired && !isLossy(live, meant)) return undefined;
  return {
    code: 'wrong-encoding',
    message: `Letters were damaged on their way (“${shortText(live)}”): the page is saved in one encoding and sent in another. Save and send it as UTF-8, and place the markup again.`,
  };
}

/** Whether a text is another one whose letters beyond ASCII became question marks: an encoding that has none of them. */
function isLossy(live: string, meant: string): boolean {
  const begun = meant.split(/[^\x00-\x7f]+/);
  return begun.length > 1 && new RegExp(`^${begun.map(escapePattern).join('\\?+')}$`).test(live);
}

/** In what two texts part that look alike: marks apart from their letters, or blanks and marks that nobody sees; ''. */
function unlikeToMachines(live: string, meant: string): string {
  if (live.normalize('NFC') === meant.normalize('NFC'))
    return 'its accents are characters of their own (Unicode’s decomposed form)';
  const plain = (text: string): string =>
    Array.from(text.normalize('NFC'), (one) => (isInvisible(one.charCodeAt(0)) ? ' ' : one))
      .join('')
      .replace(/ +/g, ' ')
      .trim();
  const strange = Array.from(live).find((one) => isInvisible(one.charCodeAt(0)) && !meant.includes(one));
  if (strange === undefined || plain(live) !== plain(meant)) return '';
  return `it holds ${codePointName(strange.charCodeAt(0))}, which nobody sees`;
}

/** Why a page says two things of one branch. */
export const secondMarkupCause = ({ place }: ReadItem): Cause => ({
  code: 'second-markup',
  message: `Other markup of the branch stands on the page too (line ${String(place.line)}) and says otherwise. A machine reads both: take it away.`,
});

/** How long ago a stored copy was made, in words; '' for a fresh answer (RFC 9111, 5.1 "Age"; RFC 9211). */
function ageOf({ headers }: LiveAnswer): string {
  const seconds = Number(headers['age'] ?? '0');
  if (Number.isFinite(seconds) && seconds > 0)
    return seconds < 120 ? `${String(seconds)} seconds` : `${String(Math.round(seconds / 60))} minutes`;
  return /\bhit\b/i.test(`${headers['cache-status'] ?? ''} ${headers['x-cache'] ?? ''}`) ? 'some time' : '';
}

/** Why a machine finds no markup of the branch on a page; `others` is how many other businesses it finds. */
export function causesOfAbsence(
  reading: Reading,
  record: BusinessRecord,
  answer: LiveAnswer,
  others: number,
): Cause[] {
  const pasted = [...causesInCode(reading), ...causesInText(reading), ...causesAside(reading)];
  if (pasted.length > 0) return pasted;
  const causes: Cause[] = [];
  const { document } = reading;
  const seen = reading.visible?.text ?? '';
  const [unfilled] = UNFILLED.exec(seen) ?? [];
  if (unfilled)
    causes.push({
      code: 'unfilled-template',
      message: `The page shows “${shortText(unfilled)}”, which its template or an extension should have filled in: the markup was never put there.`,
    });
  if (shows(seen, record))
    causes.push({
      code: 'stripped-attributes',
      message:
        'Visitors read the block, but no markup stands on it: the editor took the attributes or the script out, or nothing was pasted yet.',
    });
  const built = document ? builtByScript(document, seen) : '';
  if (built) causes.push({ code: 'script-built', message: built });
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

/** A placeholder of a template for markup that nothing filled in, as visitors read it. */
const UNFILLED = new RegExp(
  [
    '\\{\\{[^\\n{}]{0,60}NAMED[^\\n{}]{0,60}\\}\\}',
    '\\{%[^\\n{}]{0,60}NAMED[^\\n{}]{0,60}%\\}',
    '\\[[\\w-]{0,30}NAMED[\\w-]{0,30}(?: [\\w-]+=[^\\]\\n]{0,60})?\\]',
  ]
    .join('|')
    .replaceAll('NAMED', '(?:schema|json|markup|structured|business|organi[sz]ation|location)'),
  'i',
);

/** What a fault of the source says of how it came about. */
const causeOfFault: Readonly<Partial<Record<FaultCode, (message: string) => Cause>>> = {
  'syntax/curly-quotes': () => CURLED_CAUSE,
  'structure/curly-quotes': () => CURLED_CAUSE,
  'syntax/escaped-quotes': () => ({
    code: 'escaped-quotes',
    message: `The quotes of the code were escaped. ${CODE_FIELD}`,
  }),
  'syntax/editor-marks': () => ({
    code: 'editor-marks',
    message: `The editor put tags, blanks or links of its own into the code. ${CODE_FIELD}`,
  }),
  'structure/misspelt': (message) => ({ code: 'editor-marks', message: `${message} ${CODE_FIELD}` }),
  'syntax/script-type': (message) => ({ code: 'wrong-type', message }),
};

/** What became of a script, or of the attributes of markup. */
function causesInCode({ source, faults }: Reading): readonly Cause[] {
  const known = new Map<string, Cause>();
  for (const { code, message, place } of faults) {
    const written = source.slice(place.start, place.end);
    const isCurled = code === 'syntax/escaped-quotes' && beginsTypographic(written);
    const isEscaped = code === 'structure/curly-quotes' && written.startsWith('\\');
    const cause = isCurled
      ? CURLED_CAUSE
      : causeOfFault[isEscaped ? 'syntax/escaped-quotes' : code]?.(message);
    if (cause) known.set(cause.code, cause);
  }
  const [first] = faults;
  if (known.size > 0 || !first || !/ld\+json/i.test(source)) return [...known.values()];
  return [{ code: 'broken-script', message: `The script is broken: ${first.message}` }];
}

/** Markup that visitors read as text. */
function causesInText({ visible }: Reading): readonly Cause[] {
  const shown = visible && shownMarkup(visible);
  if (!shown) return [];
  if (
    visible.text
      .slice(shown.start, shown.end)
      .split(/(?=\W)/)
      .some(beginsTypographic)
  )
    return [CURLED_CAUSE];
  return [
    {
      code: 'escaped-tags',
      message: `The code stands on the page as text that visitors read: its tags were escaped or taken out. ${CODE_FIELD}`,
    },
  ];
}

/** Markup that stands where machines do not look. */
function causesAside({ document }: Reading): readonly Cause[] {
  const [aside] = document ? asidesOf(document) : [];
  if (!aside) return [];
  if (aside.within === 'comment')
    return [
      {
        code: 'inside-comment',
        message: 'The markup stands inside a comment, which machines pass over.',
      },
    ];
  const where = { template: 'a template', noscript: 'noscript', frame: 'a frame' }[aside.within];
  return [
    {
      code: 'out-of-sight',
      message: `The markup stands inside ${where}, where machines do not look for what the page says.`,
    },
  ];
}

const shows = (seen: string, { name, address }: BusinessRecord): boolean =>
  name !== '' && seen.includes(name) && address.streetAddress !== '' && seen.includes(address.streetAddress);

/** Less text than this is what a page has that a script has still to fill. */
const HARDLY_ANY = 200;

/** How a script in the browser would bring the markup; '' where none does. */
function builtByScript({ elements }: HtmlDocument, seen: string): string {
  const scripts = elements.filter(({ name, inert }) => name === 'script' && !inert);
  const writes = scripts.some((script) => {
    const code = textContent(script);
    return /ld\+json/.test(code) && /schema\.org/.test(code);
  });
  if (writes)
    return 'A script puts the markup into the page in the browser: what the host sends has none, and a machine that runs no scripts reads none. Put it into the page itself.';
  const isEmpty =
    seen.length < HARDLY_ANY &&
    scripts.some(({ attributes }) => attributes['src'] !== undefined) &&
    elements.some(
      (one) => one.name === 'div' && one.attributes['id'] !== undefined && brokenText(one).trim() === '',
    );
  return isEmpty
    ? 'The page is built by a script in the browser: what is sent holds hardly any text. Put the markup into the template that the host sends.'
    : '';
}

/** Why it may be another page than the one that was meant; ''. */
function wrongPage(
  { document, address, base, visible }: Reading,
  { asked }: LiveAnswer,
  others: number,
): string {
  if (address && asked && foldUrl(address) !== foldUrl(asked)) return `The address leads on to ${address}.`;
  const own = canonicalOf(document, base);
  if (own && address && foldUrl(own) !== foldUrl(address))
    return `The page says that its own address is ${own}.`;
  if (others > 0) return 'The page carries the markup of another business.';
  return document ? noPage(document, visible?.text ?? '') : '';
}

/** What hosts say of a page that they have not, in the languages of pages. */
const NOT_FOUND =
  /\b(?:404|410)\b|\bnot found\b|nicht gefunden|no (?:se ha )?encontrad|introuvable|non (?:è stata )?trovata|niet gevonden|não encontrad|nie znaleziono|nenalezen|hittades inte|ikke fundet|ikke funnet|ei löyd|δεν βρέθηκε|не найден|見つかりません|찾을 수 없|找不到/i;

/** Why what answered is hardly the page: it asks for a password, or says that it was not found; ''. */
function noPage({ elements }: HtmlDocument, seen: string): string {
  // A box to sign in stands on many a page.
  const asksPassword =
    seen.length < HARDLY_ANY &&
    elements.some(({ name, attributes }) => name === 'input' && /^password$/i.test(attributes['type'] ?? ''));
  if (asksPassword) return 'What answers asks for a password: strangers do not see the page.';
  if (
    elements.every(({ inert }) => inert) ||
    (seen === '' && !elements.some(({ name }) => name === 'script'))
  )
    return 'What answers is empty.';
  const heads = elements.filter(({ name, inert }) => !inert && (name === 'title' || name === 'h1'));
  const lost = heads.map((one) => brokenText(one).trim()).find((text) => NOT_FOUND.test(text));
  return lost ? `What answers calls itself “${lost.slice(0, 80)}”.` : '';
}
