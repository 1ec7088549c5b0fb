import { days, emptyHours, readEnglishDay, writeDay, type Day, type Hours, type Span } from './hours.ts';

/** Hours in a table with a column a day and a row a span, its cells one after the other. */
export interface Grid {
  /** Undefined where it is such a table, and a cell of it says something else than open or closed. */
  readonly hours: Hours | undefined;
  /** The offset behind its last cell. */
  readonly end: number;
}

/** A column's head: a day, public holidays beside it or alone. */
const HEAD = /[\s,|]*(?:(mon|tue|wed|thu|fri|sat|sun)[a-z]*\.?(?:[\s,/]*\bph\b)?|(\bph\b))(?=[\s,|]|$)/iy;
/** What stands at the head of a row: a span, with a word before it at most. */
const TIMES =
  /[\s,|]*(?:[a-z]{1,12}[\s,]+)?(\d{1,2}[:.]\d{2}\s*(?:am|pm)?\s*-\s*\d{1,2}[:.]\d{2}\s*(?:am|pm)?)(?=[\s,|]|$)/iy;
const CELL = /[\s,|]*(?:closed\b|([^\s\p{L}\d,|]))/iuy;
const OPEN = /[○◯〇●◎✓✔√]/u;
const SHUT = /[/×✕✖✗\u2010-\u2015\u2212\u30fc-]/u;

/** A table that names fewer days is a list of them. */
const FEWEST_DAYS = 5;

/**
 * Reads such a table, in English words, where it begins: as practices in Japan write their hours, a circle where
 * they are open and a stroke where they are not. Undefined where there is none.
 */
export function gridAt(text: string, start: number): Grid | undefined {
  let at = start;
  const next = (pattern: RegExp): RegExpExecArray | null => {
    pattern.lastIndex = at;
    const match = pattern.exec(text);
    if (match) at = pattern.lastIndex;
    return match;
  };
  const columns: (Day | undefined)[] = [];
  for (let head = next(HEAD); head && columns.length < 9; head = next(HEAD)) {
    const [, name = ' '] = head;
    columns.push(days.find((day) => day.toLowerCase().startsWith(name.toLowerCase())));
  }
  if (new Set(columns.filter(Boolean)).size < FEWEST_DAYS) return undefined;
  const open = new Map<Day, Span[]>();
  const marked: { readonly day: Day; readonly mark: string }[] = [];
  let isSure = true;
  let rows = 0;
  for (let times = next(TIMES); times; times = next(TIMES)) {
    const { spans = [] } = readEnglishDay(times[1] ?? '');
    isSure &&= spans.length > 0;
    for (const day of columns) {
      const cell = next(CELL);
      if (!cell) return rows > 0 ? { hours: undefined, end: at } : undefined;
      const mark = cell[1] ?? '-';
      if (day && OPEN.test(mark)) open.set(day, [...(open.get(day) ?? []), ...spans]);
      else if (day && !SHUT.test(mark)) marked.push({ day, mark });
    }
    rows += 1;
  }
  if (rows === 0) return undefined;
  for (const { day, mark } of marked) {
    const said = remarkOn(mark, text.slice(at, at + LONGEST_REMARK));
    isSure &&= said !== undefined;
    const known = open.get(day) ?? [];
    const more = said?.spans.filter(({ opens }) => !known.some((span) => span.opens === opens)) ?? [];
    open.set(day, [...known, ...more]);
  }
  if (marked.length > 0) at = endOfRemarks(text, at);
  const columned = new Set(columns);
  const hours = { ...emptyHours };
  for (const day of days) if (columned.has(day)) hours[day] = writeDay(open.get(day) ?? []);
  return { hours: isSure ? hours : undefined, end: at };
}

const LONGEST_REMARK = 200;

/** The hours that a mark stands for, where they are told behind the table: "▲ Sat 10:00-17:00". */
function remarkOn(mark: string, behind: string): { readonly spans: readonly Span[] } | undefined {
  const at = behind.indexOf(mark);
  const times = at < 0 ? null : REMARK.exec(behind.slice(at + mark.length));
  const { spans } = readEnglishDay(times?.[1] ?? '');
  return spans && { spans };
}
const REMARK = /^[^\d\n]{0,20}?(\d{1,2}[:.]\d{2}\s*(?:am|pm)?\s*-\s*\d{1,2}[:.]\d{2}\s*(?:am|pm)?)/i;

/** The end of the line that explains the marks, whose days are said by the table. */
function endOfRemarks(text: string, at: number): number {
  const line = /^[\s,|]*[^\n]*/.exec(text.slice(at, at + LONGEST_REMARK))?.[0] ?? '';
  return /^[\s,|]*[^\p{L}\d\s]/u.test(line) ? at + line.length : at;
}
