import { isScript, markedForms, type MarkedForm } from '#core/markup';
import { insertionPoint, isWritten, readDocument, type HtmlDocument } from '#core/html';
import { findSpot, isWovenForm, usualPlacement, type PlacedForm, type Placement } from './placements.ts';
import { unweaving } from '#core/weaving';
import { keepsPage } from './keeping.ts';
import { applyEdits, asciiHtml, asciiJson, shortDigest, type Edit } from '#core/text';

/** Markup of ours on a page, with its marks, as offsets of the source. */
export interface Placed {
  readonly form: MarkedForm;
  readonly start: number;
  readonly end: number;
  /** The markup between the marks. */
  readonly text: string;
  /** Whether it is as we placed it; undefined where the marks do not say what that was. */
  readonly isIntact: boolean | undefined;
}

export type PlacingResult =
  | {
      readonly ok: true;
      readonly source: string;
      readonly edits: readonly Edit[];
      /** The source with them, parsed. */
      readonly document: HtmlDocument;
    }
  | { readonly ok: false; readonly message: string };

/** The marks round a placement; the first says the digest of what stands between them. */
const marksRound = (form: MarkedForm, lines: readonly string[]): readonly string[] => [
  `<!-- zinc-post ${form} begin ${shortDigest(lines.join('\n').trim())} -->`,
  ...lines,
  `<!-- zinc-post ${form} end -->`,
];

/** Markup between marks of ours, as somebody pastes it by hand. */
export const markedMarkup = (form: MarkedForm, markup: string): string =>
  marksRound(form, markup.split('\n')).join('\n');

const MARK = new RegExp(`^ zinc-post (${markedForms.join('|')}) (begin|end)(?: ([0-9a-f]{8}))? $`);

/** The markup that was placed on a page, in the order of the source. Marks without a partner are passed over. */
export function placedOn(source: string, document: HtmlDocument = readDocument(source)): readonly Placed[] {
  const found: Placed[] = [];
  const open = new Map<string, { start: number; end: number; digest: string | undefined }>();
  for (const { text, start, end } of document.comments) {
    const [, named, which, said] = MARK.exec(text) ?? [];
    const form = markedForms.find((one) => one === named);
    if (!form) continue;
    const begun = open.get(form);
    if (which === 'begin') open.set(form, { start, end, digest: said });
    else if (begun) {
      open.delete(form);
      const newline = /^\r?\n/.exec(source.slice(end, end + 2))?.[0].length ?? 0;
      const inside = source.slice(begun.end, start).trim();
      const digest = shortDigest(inside.replaceAll('\r\n', '\n'));
      found.push({
        form,
        start: begun.start,
        end: end + newline,
        text: inside,
        isIntact: begun.digest === undefined ? undefined : begun.digest === digest,
      });
    }
  }
  return found;
}

/**
 * The source with markup between marks of ours: in the head, or at the end of the body. Markup of the same
 * form that was placed before is replaced. Every other character stays as it is. `carries` says what the
 * page's encoding can hold: `ascii` writes everything else as escapes. `without` are elements, by their number on
 * the page, that go; `document` is the source parsed as a page.
 */
export function place(
  source: string,
  form: MarkedForm,
  markup: string,
  at: Placement = usualPlacement[form],
  carries: 'unicode' | 'ascii' = 'unicode',
  without: readonly number[] = [],
  document: HtmlDocument = readDocument(source),
): PlacingResult {
  if (!isScript(form) && at === 'head') {
    return {
      ok: false,
      message:
        'The visible block is for visitors and cannot stand in the head. Place it at the end of the body.',
    };
  }
  if (!document.elements.some(isWritten)) {
    return { ok: false, message: 'This is no HTML page: it has not one element. Nothing was changed.' };
  }
  const found = findSpot(document, at);
  if (!found.ok) return found;
  const newline = source.includes('\r\n') ? '\r\n' : '\n';
  const safe = carries === 'unicode' ? markup : asciiMarkup(markup, form);
  const region = [...marksRound(form, safe.split('\n')), ''].join(newline);
  const offset = insertionPoint(document, found.spot);
  const gone = without.flatMap((at) => document.elements[at] ?? []);
  const edits = [
    ...removals(source, document, form),
    ...gone.map(({ start, end }) => ({ start, end, text: '' })),
    { start: offset, end: offset, text: region },
  ];
  const inside = edits.find(({ start, end }) => start < offset && offset < end);
  if (inside)
    return {
      ok: false,
      message:
        'The marks of an earlier placement enclose the end of the head or body. Remove that placement first.',
    };
  const placed = applyEdits(source, edits);
  const after = readDocument(placed);
  const lost = keepsPage(document, edits, after, region, found.spot);
  return lost ? { ok: false, message: lost } : { ok: true, source: placed, edits, document: after };
}

/** Markup in ASCII only, for a page whose encoding cannot carry every character. */
export const asciiMarkup = (markup: string, form: MarkedForm): string =>
  isScript(form) ? asciiJson(markup) : asciiHtml(markup);

/** The source without the markup that was placed: of one form, or all of it, what was woven into text included. */
export const remove = (source: string, form?: PlacedForm): string =>
  applyEdits(source, removalOf(source, form));

/** The edits that take out what was placed. */
export function removalOf(source: string, form?: PlacedForm): readonly Edit[] {
  const document = readDocument(source);
  const woven = !form || isWovenForm(form) ? unweaving(source, document) : [];
  return form && isWovenForm(form) ? woven : [...removals(source, document, form), ...woven];
}

function removals(source: string, document: HtmlDocument, form: MarkedForm | undefined): Edit[] {
  return placedOn(source, document)
    .filter((placed) => !form || placed.form === form)
    .map(({ start, end }) => ({ start, end, text: '' }));
}
