import type { Day } from './hours.ts';

/** A group of days, or what stands between two of them. */
export interface Segment {
  readonly days?: readonly Day[];
  readonly text: string;
  /** Whether it says until when only, and opens as the days before. */
  readonly isFromBefore?: boolean;
}

const UNTIL = /^(?:to|till?|until)\s*(\d{1,2})((?:[:.]\d{2})?)\s*((?:[ap]\.?m\.?)?)$/i;

/** "Mon–Thu 8–12, 13:30–17:30, Fri until 16:30", "Tue–Sat 10am–5:30pm (Thu until 8)": the day opens as the others do. */
export function untilEarlier(segments: readonly Segment[]): readonly Segment[] {
  let before = '';
  return segments.map((segment) => {
    if (segment.days) return segment;
    const [, hour, minutes = '', said = ''] = UNTIL.exec(segment.text.trim()) ?? [];
    const spans = before.split(',').filter((span) => /[-–—]/.test(span));
    before = segment.text;
    if (hour === undefined) return segment;
    // Where the others say the half of the day, it ends in that of theirs.
    const half = said || (/[ap]\.?m\.?$/i.exec(spans.at(-1)?.trim() ?? '')?.[0] ?? '');
    const earlier = spans.filter(
      (span) => hourIn(span) < hourIn(`${hour}${half}`) || (half === '' && isTwelveHours(span, Number(hour))),
    );
    const last = earlier.at(-1);
    if (!last || /[ap]\.?m/i.test(last) !== (half !== '')) return segment;
    const text = [...earlier.slice(0, -1), last.replace(/([-–—]).*$/, `$1${hour}${minutes}${half}`)].join(
      ',',
    );
    return { text, isFromBefore: true };
  });
}

/** Whether a span of bare hours counts to twelve, "9-5", and another end may be one of the afternoon too. */
function isTwelveHours(span: string, hour: number): boolean {
  const [, opens, closes] =
    /^\s*(\d{1,2})(?:[:.]\d{2})?\s*[-–—]\s*(\d{1,2})(?:[:.]\d{2})?\s*$/.exec(span) ?? [];
  return Number(closes) < Number(opens) && Number(opens) < 12 && hour < Number(opens);
}

/** The hour of the day that a text begins with. */
const hourIn = (text: string): number => {
  const [, hour, half = ''] = /^\s*(\d{1,2})(?:[:.]\d{2})?\s*([ap]?)/i.exec(text) ?? [];
  return half ? (Number(hour) % 12) + (/p/i.test(half) ? 12 : 0) : Number(hour);
};
