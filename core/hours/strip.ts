import type { Span } from './hours.ts';
import { clockTime, minutesOf } from './time.ts';

/** Hours drawn on a day: from and until in minutes since midnight; past midnight `until` lies beyond the day. */
export interface Stretch {
  readonly from: number;
  readonly until: number;
}

export const DAY_MINUTES = 1440;
/** What is drawn snaps to so many minutes; shorter spans than the least are no hours. */
const STEP = 30;
const LEAST = 15;

/** Where a span begins and ends. 23:59 is how a day that goes on into the next is written. */
export function stretchOf({ opens, closes }: Span): Stretch {
  const [from, until] = [minutesOf(opens), minutesOf(closes)];
  if (until <= from) return { from, until: until + DAY_MINUTES };
  return { from, until: until === DAY_MINUTES - 1 ? DAY_MINUTES : until };
}

/** The span that a stretch is. */
const spanOf = ({ from, until }: Stretch): Span =>
  from === 0 && until >= DAY_MINUTES
    ? { opens: '00:00', closes: '23:59' }
    : { opens: clockTime(from), closes: clockTime(until) };

/** The minute at a place on the day (0 its beginning, 1 its end), snapped. */
export const minuteAt = (place: number): number =>
  Math.max(0, Math.min(DAY_MINUTES, Math.round((place * DAY_MINUTES) / STEP) * STEP));

const sorted = (spans: readonly Span[]): readonly Span[] =>
  [...spans].sort((a, b) => (a.opens < b.opens ? -1 : 1));

/** The spans of a day with a stretch drawn over them: what it touches is taken up into it. */
export function withDrawn(spans: readonly Span[], drawn: Stretch): readonly Span[] {
  const touches = (span: Span): boolean => {
    const { from, until } = stretchOf(span);
    return until >= drawn.from && from <= drawn.until;
  };
  const joined = [drawn, ...spans.filter(touches).map(stretchOf)];
  const whole = {
    from: Math.min(...joined.map(({ from }) => from)),
    until: Math.max(...joined.map(({ until }) => until)),
  };
  return sorted([...spans.filter((span) => !touches(span)), spanOf(whole)]);
}

/** An end of a span that is moved, by minutes. */
export interface Move {
  readonly end: 'from' | 'until';
  readonly by: number;
}

/** The spans of a day with one of them moved; as they are where that would leave no span. */
export function withMoved(spans: readonly Span[], at: number, { end, by }: Move): readonly Span[] {
  return sorted(
    spans.map((span, place) => {
      if (place !== at) return span;
      const stretch = stretchOf(span);
      const next = { ...stretch, [end]: Math.max(0, stretch[end] + by) };
      const length = next.until - next.from;
      return length < LEAST || length > DAY_MINUTES || next.from >= DAY_MINUTES ? span : spanOf(next);
    }),
  );
}
