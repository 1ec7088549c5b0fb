import { isTablePart, readSource, type Reading } from '#core/reading';
import { syntaxName } from '#core/item';
import { isClientForm } from '#core/markup';
import { factLabel, refusalOfAddresses, type BusinessRecord } from '#core/record';
import { carriedBy, decodeText, editBytes } from '#core/encoding';
import {
  corrections,
  toldOfDifferences,
  toldOfWeaving,
  weaveBytes,
  type Corrects,
  type WeaveChoices,
} from '#core/weaving';
import { alreadyOn, type Already } from './already.ts';
import { placeInBytes, type BytesResult } from './bytes.ts';
import { carriedInText } from './carriedText.ts';
import { isWovenForm, wovenSyntaxOf, type PlacedForm, type Placement } from './placements.ts';
import { isNamedByOthers, markupOf, prove } from './verifying.ts';

/** What is done with markup of the same branch that stands on a page without our having placed it. */
export const treatments = ['keep', 'adopt', 'replace'] as const;
type Treatment = (typeof treatments)[number];

/** What is put on a page. */
export interface Placing {
  readonly record: BusinessRecord;
  /** All branches of its client, for the forms that tell of all of them. */
  readonly all?: readonly BusinessRecord[];
  readonly form: PlacedForm;
  readonly at: Placement;
  readonly existing: Treatment;
  /**
   * What visitors read otherwise than the record says and is put right; nothing by default. Of forms that are not woven
   * that is what they carried before the record changed, or nothing.
   */
  readonly corrects?: Corrects;
}

/** A page with what was put on it, and what is to be said of it; or why it stays as it is. */
export type Treated =
  | {
      readonly ok: true;
      readonly bytes: Uint8Array;
      /** Whether all of it reads back as it was meant. */
      readonly proved: boolean;
      /** Whether markup that stood there was taken for ours, so that nothing was put there. */
      readonly adopted: boolean;
      readonly told: readonly string[];
      /** The page as it is now, read; for whoever goes on with it. */
      readonly reading: Reading;
    }
  | { readonly ok: false; readonly message: string };

/**
 * Puts a record on a page, with what stands there already adopted, replaced or told, and reads it back. Only markup that
 * a machine finds there counts. `reading` is the page read, where somebody has read it.
 */
export function placeTreated(
  bytes: Uint8Array,
  placing: Placing,
  reading: Reading = readSource(decodeText(bytes).text),
): Treated {
  const { record, form, corrects } = placing;
  const refused = refusalOfAddresses(record);
  if (refused) return { ok: false, message: refused };
  const isCarried = corrects === 'carried' && !isWovenForm(form) && !isClientForm(form);
  const stale = isCarried ? carriedInText(reading, form, record) : [];
  if (stale.length === 0) return treat(bytes, placing, reading);
  const corrected = stale.filter(({ edits }) => edits !== null);
  const differing = stale.filter(({ edits }) => edits === null);
  const edits = corrections(corrected, carriedBy(decodeText(bytes).encoding));
  const mended = editBytes(bytes, edits);
  const treated = treat(mended, placing, readSource(decodeText(mended).text, reading.address));
  return treated.ok
    ? { ...treated, told: [...toldOfDifferences({ corrected, differing }), ...treated.told] }
    : treated;
}

function treat(
  bytes: Uint8Array,
  { record, all = [record], form, at, existing, corrects = [] }: Placing,
  reading: Reading,
): Treated {
  const there = isWovenForm(form) || isClientForm(form) ? [] : alreadyOn(reading, record);
  const same = there.filter(({ isSame }) => isSame);
  const [first] = same;
  if (existing === 'adopt' && first && first.isSound && first.differs.length === 0) {
    const told = [`${where(first)} says it already and is left as it is.`];
    return { ok: true, bytes, proved: true, adopted: true, told, reading };
  }
  const without = there.flatMap((one) => (isReplaced(one, existing) ? (one.script ?? []) : []));
  const result: BytesResult & Said = isWovenForm(form)
    ? wovenInto(bytes, record, { syntax: wovenSyntaxOf[form], replaces: true, corrects }, reading.address)
    : placeInBytes(bytes, form, markupOf(form, record, all), at, without, pageOf(reading));
  if (!result.ok) return result;
  const { text } = decodeText(result.bytes);
  const parsed = result.parsed?.source === text ? result.parsed.document : undefined;
  const after = readSource(text, reading.address, parsed);
  const proof = prove(after, form, record, all);
  const isTwice = isNamedByOthers(after, form, record);
  if (proof.state === 'absent') {
    // What says the same under the same name is one node with it.
    const twin = same.find((one) => one.isSound && one.differs.length === 0);
    const why = twin
      ? `${where(twin)} says the very same already. Adopt it, or replace it.`
      : isTwice
        ? `${SAID_TWICE} Nothing of this one is new to it.`
        : 'A machine would not find the markup on this page: the place lies inside a comment, script or template.';
    return { ok: false, message: `${why} Nothing was changed.` };
  }
  const told = [
    ...(result.told ?? []),
    ...there.flatMap((one) => toldOf(one, existing)),
    ...(isTwice ? [`${SAID_TWICE} One of them is enough.`] : []),
    ...proof.misread.map(({ fact, meant, read }) => `${factLabel(fact)} reads “${read}”, meant “${meant}”.`),
  ];
  const proved = proof.state === 'proved';
  return { ok: true, bytes: result.bytes, proved, adopted: false, told, reading: after };
}

/** What is said of a page that something was put on. */
interface Said {
  readonly told?: readonly string[];
}

function wovenInto(
  bytes: Uint8Array,
  record: BusinessRecord,
  choices: WeaveChoices,
  address: string,
): BytesResult & Said {
  const { result, bytes: woven } = weaveBytes(bytes, record, choices, address);
  const told = toldOfWeaving(result);
  return result.ok
    ? { ok: true, bytes: woven, told }
    : { ok: false, message: [result.message, ...told].join(' ') };
}

const SAID_TWICE =
  'What is placed on this page in another form tells of the same branch under the same name (@id), and a machine reads both as one.';

/** A reading's document, where that is of a page: part of a table is placed on as what a browser makes of it alone. */
const pageOf = ({ source, document }: Reading): Reading['document'] =>
  isTablePart(source) ? undefined : document;

const where = ({ name, syntax, place: { line } }: Already): string =>
  `${syntaxName[syntax]} of “${name}” at line ${String(line)}`;

/** Whether markup of the branch goes, with the script that holds nothing else: also what was to be adopted and is broken. */
const isReplaced = ({ isSame, isSound, script }: Already, existing: Treatment): boolean =>
  isSame && script !== undefined && (existing === 'replace' || (existing === 'adopt' && !isSound));

/** What is said of markup that stands there already; nothing of what went. */
function toldOf(one: Already, existing: Treatment): string[] {
  if (isReplaced(one, existing))
    return [`${where(one)} was replaced${one.isSound ? '' : ': it is broken, so that no machine reads it'}.`];
  if (one.isOurs)
    return [
      `What is woven into this page (${syntaxName[one.syntax]}, line ${String(one.place.line)}) tells of ${one.isSame ? 'the same branch' : 'another business'}. A machine reads both.`,
    ];
  if (!one.isSame) return [`${where(one)} stands on this page too; it is another business.`];
  const labels = one.differs.map(factLabel).join(', ');
  const differs = labels ? ` and says otherwise: ${labels}` : ' and says the same';
  const broken = one.isSound ? '' : ' It is broken, so that no machine reads it.';
  const cannot =
    existing === 'replace'
      ? ' It holds more than that business, or text that visitors read, and was left.'
      : '';
  return [`${where(one)} stands on this page too${differs}.${cannot}${broken || ' A machine reads both.'}`];
}
