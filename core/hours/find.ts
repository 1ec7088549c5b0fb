import { days, type Hours } from './hours.ts';
import { readWeek } from './week.ts';

/** A day of the week, or a word for several, as people write it. */
export const DAY_WORD =
  /\b(?:mon|tues?|wed|thu(?:rs?)?|fri|sat|sun)(?:[a-z]*day)?s?\b|\b(?:daily|weekdays|weekends)\b/i;

/** Opening hours in a text, with the offsets they stand at (end exclusive). */
export interface FoundWeek {
  readonly hours: Hours;
  readonly start: number;
  readonly end: number;
  /** Whether it is all that stands there of days, or only the first line of it. */
  readonly whole: boolean;
}

const MOST_LINES = 16;
const LONGEST_LINE = 300;

/** Runs of lines that speak of days and times and can be read as a week with certainty, in the order of the text. */
export function findWeeks(text: string): readonly FoundWeek[] {
  const found: FoundWeek[] = [];
  const days = new RegExp(DAY_WORD, 'gi');
  for (let day = days.exec(text); day; day = days.exec(text)) {
    const first = lineAt(text, day.index);
    days.lastIndex = first.end;
    if (first.text.length > LONGEST_LINE) continue;
    const lines = [first];
    // In a table the day and its hours may stand on lines of their own.
    for (let last = first; lines.length < MOST_LINES && last.end < text.length;) {
      last = lineAt(text, last.end + 1);
      if (!goesOn(last.text)) break;
      lines.push(last);
    }
    const run = readRun(lines);
    const end = lines.at(-1)?.end ?? first.end;
    if (run) {
      found.push({ hours: run, start: first.start, end, whole: true });
      days.lastIndex = end;
    } else {
      const alone = readRun([first]);
      if (alone) found.push({ hours: alone, start: first.start, end: first.end, whole: lines.length === 1 });
    }
  }
  return found;
}

interface Line {
  readonly text: string;
  readonly start: number;
  readonly end: number;
}

/** The line round an offset, without its break. */
function lineAt(text: string, offset: number): Line {
  const start = text.lastIndexOf('\n', offset - 1) + 1;
  const next = text.indexOf('\n', offset);
  const end = next < 0 ? text.length : next;
  return { text: text.slice(start, end).trim(), start, end };
}

const goesOn = (line: string): boolean =>
  line.length <= LONGEST_LINE && (DAY_WORD.test(line) || /^(?:\d|closed|noon|open)/i.test(line));

function readRun(lines: readonly Line[]): Hours | undefined {
  const { hours, faults } = readWeek(lines.map(({ text }) => text).join(', '));
  return faults.length === 0 && days.some((day) => hours[day]) ? hours : undefined;
}
