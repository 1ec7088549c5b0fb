import { isWritten, type HtmlDocument, type HtmlElement, type HtmlText } from '#core/html';
import type { Lines, Place } from '#core/text';

/** What a visitor can read on a page. */
export interface VisibleText {
  /** White space collapsed as browsers do; blocks on lines of their own. */
  readonly text: string;
  /** What it is put together of, in rising order. */
  readonly pieces: readonly VisiblePiece[];
}

/** One text of the page, white space at its ends put aside. */
export interface VisiblePiece {
  /** Its offset in the visible text. */
  readonly at: number;
  /** Its offsets in the source. */
  readonly start: number;
  readonly end: number;
  readonly node: HtmlText;
  readonly parent: HtmlElement;
}

const UNSEEN = new Set([
  'head',
  'script',
  'style',
  'template',
  'noscript',
  'iframe',
  'object',
  'svg',
  'math',
  'select',
  'datalist',
  'audio',
  'video',
  'canvas',
]);
/** Elements that break no line. */
export const INLINE: ReadonlySet<string> = new Set([
  'a',
  'abbr',
  'b',
  'bdi',
  'bdo',
  'cite',
  'code',
  'data',
  'del',
  'dfn',
  'em',
  'font',
  'i',
  'img',
  'ins',
  'kbd',
  'label',
  'link',
  'mark',
  'meta',
  'q',
  's',
  'samp',
  'small',
  'span',
  'strong',
  'sub',
  'sup',
  'time',
  'u',
  'var',
  'wbr',
  'input',
]); // a br breaks the line, so it is none of these

/** Whether a visitor sees nothing of an element, as far as its name and attributes tell. */
export function isUnseen({ name, attributes }: HtmlElement): boolean {
  if (UNSEEN.has(name) || attributes['hidden'] !== undefined) return true;
  const style = attributes['style'];
  return style !== undefined && /display\s*:\s*none|visibility\s*:\s*hidden/i.test(style);
}

/** Whether an element's own style makes a line of it. */
const isBlock = ({ attributes: { style } }: HtmlElement): boolean =>
  style !== undefined && /display\s*:\s*(?:block|flex|grid|list-item|table)/i.test(style);

/**
 * Whether the lines of the source are those of the visitor inside an element: in `pre`, and as its own style says (CSS
 * Text 3, 3); undefined where it is as around it.
 */
function keepsLines({ name, attributes: { style } }: HtmlElement): boolean | undefined {
  const [, said] = style === undefined ? [] : (/white-space\s*:\s*([a-z-]+)/i.exec(style) ?? []);
  if (said !== undefined) return /^(?:pre|break-spaces)/i.test(said);
  return name === 'pre' ? true : undefined;
}

/**
 * The text a visitor sees, as far as the HTML alone tells: style sheets are not read. A text without any tag was copied
 * from what a visitor sees, and has its lines.
 */
export function visibleText({ root, elements }: HtmlDocument): VisibleText {
  const pieces: VisiblePiece[] = [];
  let text = '';
  let last = '';
  let gap = '';
  // Whether an element that breaks no line ended since the last text, and another began.
  let [ended, began] = [false, false];
  const walk = (node: HtmlElement, hasLines: boolean): void => {
    for (const child of node.children) {
      if (child.kind === 'text') {
        const [start, end] = edgesOf(child.text);
        const breaks = (space: string): boolean => hasLines && space.includes('\n');
        if (breaks(child.text.slice(0, start))) gap = '\n';
        else if (start > 0 && gap === '') gap = ' ';
        if (start === end) continue;
        const collapsed = collapseSpace(child.text.slice(start, end), hasLines);
        if (ended && began && gap === '' && areApart(last, collapsed)) gap = ' ';
        [ended, began] = [false, false];
        if (text !== '') text += gap;
        pieces.push({ at: text.length, start: child.start, end: child.end, node: child, parent: node });
        text += collapsed;
        last = collapsed;
        gap = breaks(child.text.slice(end)) ? '\n' : end < child.text.length ? ' ' : '';
      } else if (!isUnseen(child)) {
        const inline = INLINE.has(child.name) && !isBlock(child);
        if (!inline) gap = '\n';
        else if (ended) began = true;
        if (child.children.length > 0) walk(child, keepsLines(child) ?? hasLines);
        if (!inline) gap = '\n';
        else ended = true;
      }
    }
  };
  walk(root, !elements.some(isWritten));
  return { text, pieces };
}

/** So much of a text tells whether it has several words. */
const LONGEST_LOOK = 200;

/**
 * Whether two texts of elements side by side, with nothing between them, are two to a visitor: of several words, or of
 * words and numbers, they stand apart by the page's style. The parts of a number, of one word or of letters in colours
 * do not.
 */
function areApart(before: string, behind: string): boolean {
  const seam = before.slice(-1) + behind.slice(0, 1);
  if (!/^[\p{L}\p{N}]{2}$/u.test(seam)) return false;
  const pair = [before.slice(-LONGEST_LOOK), behind.slice(0, LONGEST_LOOK)];
  return /^\d\d$/.test(seam)
    ? pair.some((text) => /\p{L}{3}/u.test(text))
    : pair.some((text) => text.includes(' '));
}

/** ASCII white space (Infra Standard, 4.6); NaN, as of an empty text, is none. */
const isSpace = (code: number): boolean =>
  code === 32 || code === 10 || code === 9 || code === 13 || code === 12;

/** Where the white space before a text ends, and where that behind it begins. */
function edgesOf(text: string): readonly [start: number, end: number] {
  let start = 0;
  let end = text.length;
  while (start < end && isSpace(text.charCodeAt(start))) start += 1;
  while (end > start && isSpace(text.charCodeAt(end - 1))) end -= 1;
  return [start, end];
}

/** Runs of white space as single blanks, or as the line breaks in them. Most texts need no change and get none. */
const collapseSpace = (trimmed: string, hasLines: boolean): string =>
  /[\t\n\r\f]| {2}/.test(trimmed)
    ? trimmed.replace(/[ \t\n\r\f]+/g, (run) => (hasLines && run.includes('\n') ? '\n' : ' '))
    : trimmed;

/** The stretch of the source (UTF-16 offsets) that holds a stretch of the visible text. */
export function sourceOf(
  { pieces }: VisibleText,
  start: number,
  end: number,
): { start: number; end: number } {
  const first = pieces[pieceAt(pieces, start)];
  const last = pieces[pieceAt(pieces, Math.max(start, end - 1))];
  return { start: first?.start ?? 0, end: last?.end ?? 0 };
}

/**
 * The place in the source of a stretch of the visible text: of the very words, where they stand there as they are read,
 * else of the texts that hold them.
 */
export function placeShown(
  visible: VisibleText,
  { source, lines }: { readonly source: string; readonly lines: Lines },
  { start, end }: { readonly start: number; readonly end: number },
): Place {
  const around = sourceOf(visible, start, end);
  const piece = visible.pieces[pieceAt(visible.pieces, start)];
  const words = visible.text.slice(start, end);
  const isOne = piece?.start === around.start && piece.end === around.end;
  const within = isOne && words ? source.slice(around.start, around.end) : '';
  // The words may stand in the same text before.
  let at = within.indexOf(words);
  for (
    let seen = visible.text.indexOf(words, piece?.at);
    seen < start && at >= 0;
    at = within.indexOf(words, at + 1)
  )
    seen = visible.text.indexOf(words, seen + 1);
  const from = around.start + at;
  return within && at >= 0 ? lines.place(from, from + words.length) : lines.place(around.start, around.end);
}

/** The number of the piece that holds an offset of the visible text; of the last one that begins before it. */
export function pieceAt(pieces: VisibleText['pieces'], offset: number): number {
  let low = 0;
  let high = pieces.length - 1;
  while (low < high) {
    const middle = (low + high + 1) >> 1;
    if ((pieces[middle]?.at ?? 0) <= offset) low = middle;
    else high = middle - 1;
  }
  return low;
}
