import { readDay, writeDay } from './hours.ts';
import { machineDate } from './moments.ts';
import type { SpecialHours } from './special.ts';
import { readWeek } from './week.ts';

/** The most words that a date has: "12 de marzo de 2026". */
const MOST_WORDS = 5;

/** The date that some words begin with, and how many of them it is; undefined where they begin with none. */
function dateAt(words: readonly string[], country: string): { date: string; count: number } | undefined {
  for (let count = Math.min(MOST_WORDS, words.length); count > 0; count -= 1) {
    const text = words.slice(0, count).join(' ');
    const date = machineDate(text, country) || machineDate(text.replace(/[:,;]$/, ''), country);
    if (date) return { date, count };
  }
  return undefined;
}

/** "9-13 Uhr" and "geschlossen" as the record writes hours of a day; '' where they are none. */
function hoursOf(text: string): string {
  const { spans } = readDay(text);
  if (spans) return writeDay(spans);
  const { hours, faults } = readWeek(`Monday ${text}`);
  return faults.length === 0 ? hours.Monday : '';
}

/**
 * An exception as people write one: perhaps what it is called, a date or two, and the hours: "Heiligabend 24.12.2026:
 * 9–13 Uhr", "1 May 2026 closed". undefined where the text is none; `country` (alpha-2) tells the order of figures.
 */
export function readSpecial(text: string, country = ''): SpecialHours | undefined {
  const words = text
    .trim()
    .slice(0, 200)
    .replace(/(?<=\d)\s*[–—]\s*(?=\d{1,4}[./-]\d)/g, ' - ')
    .split(/\s+/);
  for (let at = 0; at < Math.min(words.length, 8); at += 1) {
    const first = dateAt(words.slice(at), country);
    if (!first) continue;
    const behind = words.slice(at + first.count);
    const isRange = /^(?:-|–|bis|to|until|through|au|al|a|t\/m|tot|do|til|till|–)$/i.test(behind[0] ?? '');
    const last = isRange ? dateAt(behind.slice(1), country) : undefined;
    const rest = behind
      .slice(last ? 1 + last.count : 0)
      .join(' ')
      .replace(/^[-–—:,]\s*/, '');
    const hours = hoursOf(rest);
    if (!hours || (last && last.date < first.date)) return undefined;
    const name = words
      .slice(0, at)
      .join(' ')
      .replace(/[:,(–-]+$/, '')
      .trim();
    return { name, from: first.date, through: last?.date ?? '', hours };
  }
  return undefined;
}
