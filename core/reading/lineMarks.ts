import type { Edit } from '#core/text';
import { repaired, type Repaired } from './jsonFault.ts';

const FEWEST_LINES = 4;
/** What programs for mail, for differences and for showing code put before each line. */
const MARKS: readonly { readonly mark: RegExp; readonly called: string }[] = [
  { mark: /^[ \t]*>+ ?/, called: 'The marks of a quoted mail' },
  { mark: /^\+/, called: 'The marks of a list of changes' },
  { mark: /^[ \t]*[|│] ?/, called: 'Strokes' },
];
const NUMBER = /^[ \t]*(\d{1,5})[.:|)]?(?:[ \t]|$)/;

/** JSON that was copied with something before each of its lines, blank in `text`; undefined where nothing stands there. */
export function withoutLineMarks(source: string, start: number, end: number): Repaired | undefined {
  const given = source.slice(start, end);
  if (!/^\s*(?:>|\+|[|│]|\d)/.test(given)) return undefined;
  const lines = given.split('\n');
  if (lines.length < FEWEST_LINES) return undefined;
  const marked = MARKS.find(({ mark }) => lines.every((line) => line.trim() === '' || mark.test(line)));
  const mark = marked?.mark ?? (areNumbered(lines) ? NUMBER : undefined);
  if (!mark) return undefined;
  const edits: Edit[] = [];
  let at = start;
  const read = lines
    .map((line) => {
      const length = mark.exec(line)?.[0].length ?? 0;
      if (length > 0) edits.push({ start: at, end: at + length, text: '' });
      at += line.length + 1;
      return ' '.repeat(length) + line.slice(length);
    })
    .join('\n');
  if (!/^\s*[[{]/.test(read)) return undefined;
  const message = `${marked?.called ?? 'Line numbers'} stand before the lines. A machine stops there and reads nothing.`;
  return repaired(source, { start, end }, read, 'syntax/words-around', message, edits);
}

/** Whether each line but empty ones begins with a number one higher than the one before. */
function areNumbered(lines: readonly string[]): boolean {
  const numbers = lines
    .filter((line) => line.trim() !== '')
    .map((line) => Number(NUMBER.exec(line)?.[1] ?? NaN));
  const [first = NaN] = numbers;
  return numbers.length >= FEWEST_LINES && numbers.every((number, at) => number === first + at);
}
