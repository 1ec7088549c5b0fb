/** The words of a language for visitors. */
export interface Words {
  /** Monday first, as short as hours tables have them; names of two words with " | " between them. */
  readonly days: string;
  /** January first. */
  readonly months: string;
  /** The same without a day before it, where that differs. */
  readonly monthsAlone?: string;
  /** A date of the parts that are known, the month in words. */
  readonly date: (day: string, month: string, year: string) => string;
  /** The same in figures; a day is always known. */
  readonly figures: (day: string, month: string, year: string) => string;
  readonly closed: string;
  readonly allDay: string;
  readonly appointment: string;
  /** What stands between what a label calls and its value. */
  readonly colon: string;
  /** The halves of the day, where they are not AM and PM. */
  readonly halves?: readonly [am: string, pm: string];
  /** Whether it is written from the right. */
  readonly isRightToLeft?: boolean;
}

export const joined = (...parts: readonly string[]): string => parts.filter(Boolean).join(' ');
