import { fault, type Fault } from '#core/fault';

/** A rating as texts; '' for what is not said. */
export interface Rating {
  readonly ratingValue: string;
  /** Number of reviews or ratings. */
  readonly count: string;
  /** 5 where it is not said. */
  readonly bestRating: string;
  /** 1 where it is not said. */
  readonly worstRating?: string;
}

/** A number with point or comma, "4." too; NaN for anything else. */
const number = (text: string): number =>
  /^\d+([.,]\d*)?$/.test(text.trim()) ? Number(text.trim().replace(',', '.')) : NaN;

/** An end of a scale; the usual one where it is not said, or is no number. */
function boundOf(text: string, usual: number): number {
  const bound = number(text);
  return Number.isNaN(bound) ? usual : bound;
}

/** Faults of a rating: a value within its scale, and a count of at least one where one is needed. */
export function judgeRating(rating: Rating, needsCount: boolean): readonly Fault[] {
  const [value, count] = [number(rating.ratingValue), number(rating.count)];
  const best = boundOf(rating.bestRating, 5);
  const worst = boundOf(rating.worstRating ?? '', 1);
  if (!rating.ratingValue.trim() && !rating.count.trim()) return [];
  if (!(value >= worst && value <= best))
    return [
      fault(
        'value/rating',
        `A rating of “${rating.ratingValue.trim()}” does not lie on its scale from ${String(worst)} to ${String(best)}.`,
      ),
    ];
  if (needsCount && !(count >= 1))
    return [
      fault(
        'value/rating',
        'A rating needs the number of reviews behind it; without one it is not read. Never invent one.',
      ),
    ];
  return [];
}
