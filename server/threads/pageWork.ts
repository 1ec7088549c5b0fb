/** What is done with one page's bytes: pure computation, for a thread of the server's or for a script. */
import type { Page, PagePlacement } from '#contract';
import {
  isCurrent,
  placedForms,
  placedOn,
  placeTreated,
  prove,
  removeFromBytes,
  isWovenForm,
  type BytesResult,
  type PlacedForm,
  type Placing,
} from '#core/page';
import { isWoven } from '#core/weaving';
import { linksOf, picturesOf, readSource, type Reading } from '#core/reading';
import type { Syntax } from '#core/item';
import type { BusinessRecord } from '#core/record';
import { decodeText } from '#core/encoding';

/** What was placed on a page, and what it should say now. */
export interface PlacedMarkup {
  readonly form: PlacedForm;
  readonly record: BusinessRecord;
  /** All branches of its client, for the forms that tell of all of them. */
  readonly all?: readonly BusinessRecord[];
}

export interface ReadPage {
  readonly encoding: string;
  readonly items: Page['items'];
  /** The addresses of pictures on the page, as they stand there. */
  readonly pictures: readonly string[];
  /** Which forms stand on the page between marks of ours. */
  readonly forms: readonly PlacedForm[];
  /** One for each placed markup, in the same order. */
  readonly states: readonly Pick<PagePlacement, 'state' | 'misread'>[];
}

/** Reads a page as a machine would, and what became of what was placed on it. */
export function readPage(bytes: Uint8Array, placed: readonly PlacedMarkup[]): ReadPage {
  const { text, encoding } = decodeText(bytes);
  const reading = readSource(text);
  const { items } = reading;
  const count = (syntax: Syntax): number => items.filter((item) => item.syntax === syntax).length;
  return {
    encoding,
    items: { jsonld: count('jsonld'), microdata: count('microdata'), rdfa: count('rdfa') },
    pictures: picturesOf(reading.document, items),
    forms: [
      ...(reading.document ? placedOn(text, reading.document).map(({ form }) => form) : []),
      ...(isWoven(text, reading.document) ? placedForms.filter(isWovenForm) : []),
    ],
    states: placed.map((one) => stateOf(reading, one)),
  };
}

function stateOf(
  reading: Reading,
  { form, record, all = [record] }: PlacedMarkup,
): Pick<PagePlacement, 'state' | 'misread'> {
  const { state, misread } = prove(reading, form, record, all);
  if (state === 'absent') return { state, misread: [] };
  if (!isCurrent(reading, form, record, all)) return { state: 'out-of-date', misread: [...misread] };
  return { state, misread: [...misread] };
}

/** What is put on a page, beside what stands there already. */
export type Put = Omit<Placing, 'existing'>;

/** The page with a record's markup, read back: only markup that a machine finds there counts as placed. */
export function placeOn(bytes: Uint8Array, put: Put): BytesResult {
  const treated = placeTreated(bytes, { ...put, existing: 'keep' });
  return treated.ok ? { ok: true, bytes: treated.bytes } : treated;
}

/** The addresses that a page leads to. */
export function linksOn(bytes: Uint8Array, url: string): readonly string[] {
  const { document } = readSource(decodeText(bytes).text, url);
  return document ? linksOf(document, url) : [];
}

/** Who reads and changes pages: threads of the server, or a script by itself. */
export interface PageWorker {
  readonly read: (bytes: Uint8Array, placed: readonly PlacedMarkup[]) => Promise<ReadPage>;
  readonly place: (bytes: Uint8Array, put: Put) => Promise<BytesResult>;
  /** Without what was placed: of one form, or all of it. */
  readonly remove: (bytes: Uint8Array, form?: PlacedForm) => Promise<Uint8Array>;
}

/** Works on the caller's own thread: for scripts, which keep nobody waiting. */
export const ownThread: PageWorker = {
  read: (bytes, placed) => Promise.resolve(readPage(bytes, placed)),
  place: (...words) => Promise.resolve(placeOn(...words)),
  remove: (bytes, form) => Promise.resolve(removeFromBytes(bytes, form)),
};
