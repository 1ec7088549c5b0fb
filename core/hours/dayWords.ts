/** The words of one language for the days: Monday first, the alternatives of each parted by a bar. */
export interface DayWords {
  /** ISO 639-1, or several that share their words. */
  readonly codes: readonly string[];
  readonly days: readonly string[];
  readonly daily?: string;
  readonly weekdays?: string;
  readonly weekend?: string;
  /** What stands between two ends, between two of a list, and what says nothing. */
  readonly to?: string;
  readonly and?: string;
  readonly noise?: string;
  /** Single letters in ranges: "L-V"; "#" where a letter says nothing alone. */
  readonly letters?: string;
}
