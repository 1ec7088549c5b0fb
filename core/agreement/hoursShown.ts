import type { HtmlDocument } from '#core/html';
import { withoutRemarks, type Hours, type WeeksInText } from '#core/hours';
import { gradeHours } from '#core/value';
import { OTHER_HOURS, seeOddTime, unnamedIn } from './otherHours.ts';
import type { Seen } from './seen.ts';
import type { Shown } from './telephones.ts';

/** What a page shows of hours, and the numbers beside them. */
interface PageOfHours {
  readonly text: string;
  readonly document: HtmlDocument | undefined;
  readonly weeks: WeeksInText['weeks'];
  readonly telephones: () => readonly Shown[];
}

/** What a page shows of these hours; undefined where what is shown cannot be read. `others` are those of other businesses. */
export function findHoursIn(page: PageOfHours, hours: Hours, others: readonly Hours[]): Seen | undefined {
  const { text, document, weeks } = page;
  let other: Seen | undefined;
  let among: Seen | undefined;
  for (const { hours: shown, start, end, whole, isAmongOthers } of weeks) {
    const agreement = gradeHours(hours, shown);
    // Hours of the kitchen or of the telephone contradict nobody.
    const before = text.lastIndexOf('\n', Math.max(0, start - 2)) + 1;
    // A longer line is no heading of the next, nor is one of facts: "Cuisine: italienne".
    const isHeading = start - before <= LONGEST_HEADING && !FACTS.test(text.slice(before, start).trim());
    const line = isHeading ? before : start;
    const about = Math.max(line, start - 80);
    const isSame = isSameHours(hours, shown);
    if (!isSame && others.some((one) => isSameHours(one, shown))) continue;
    if (!isSame && OTHER_HOURS.test(withoutTelephones(page, about, end))) continue;
    const seen = { text: text.slice(start, end), at: { start, end }, hours: shown };
    if (isSame) return { ...seen, agreement };
    // Where the days below could not be read, nobody knows what they say.
    if (whole && !isAmongOthers) other ??= { ...seen, agreement };
    else if (agreement === 'different') among ??= { ...seen, agreement: 'partly', isAmongOthers: true };
  }
  if (among || other?.agreement === 'different') return other ?? among;
  // Of hours that are readable only in part the others may be those that agree.
  const odd = others.length === 0 ? seeOddTime(text, document, hours) : undefined;
  const unnamed = other && weeks.length === 1 ? unnamedIn(other, hours) : [];
  return odd ?? (other && unnamed.length > 0 ? { ...other, unnamed } : other);
}

/** A stretch of the text without remarks, the numbers in it and what each is called: "Telefon 031 311 22 33". */
function withoutTelephones({ text, telephones }: PageOfHours, start: number, end: number): string {
  let [kept, from] = ['', start];
  for (const { at } of telephones()) {
    if (at.start < from || at.end > end) continue;
    const called = Math.max(from, at.start - LONGEST_CALLED);
    kept += text.slice(from, called);
    // "電話 Tel:" calls it by two names.
    kept += text.slice(called, at.start).replace(/(?:[\p{L}.]+[\s:：/]+)?[\p{L}.]+[\s:：/]*$/u, '');
    from = at.end;
  }
  return withoutRemarks(kept + text.slice(from, end));
}

/** What stands over hours is shorter. */
const LONGEST_HEADING = 50;
/** A label with what it says behind it, or several things beside one another. */
const FACTS = /^[^:：]{2,40}[:：]\s*\S|\S [·•|] \S/u;
/** What a telephone number is called before it has at most so many characters. */
const LONGEST_CALLED = 60;
const isSameHours = (one: Hours, other: Hours): boolean =>
  /^(?:exact|written-differently)$/.test(gradeHours(one, other));
