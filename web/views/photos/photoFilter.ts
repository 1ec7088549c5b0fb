import type { Photo } from '#contract';
import { dayTaken } from '#core/photo';
import type { Point } from '#core/pin';
import { awayFrom, takenAt } from './planned.ts';

/** Further from the pin than this a photo is told as far from it, metres. */
const FAR_METRES = 300;

/** Which photos are shown. */
export const FILTERS = {
  all: 'All photos',
  bare: 'Not stamped',
  stamped: 'Stamped',
  stale: 'Out of date',
  failed: 'Failed',
  wordless: 'Words missing',
  placeless: 'Without coordinates',
  far: 'Far from the pin',
  twins: 'There twice',
  unused: 'Gone nowhere yet',
} as const;
export type Filter = keyof typeof FILTERS;

const isShown: Readonly<Record<Filter, (photo: Photo, pin: Point | undefined) => boolean>> = {
  all: () => true,
  bare: ({ state }) => state === 'bare',
  stamped: ({ state }) => state === 'stamped',
  stale: ({ state }) => state === 'out-of-date',
  failed: ({ state }) => state === 'failed',
  wordless: ({ own, carried }) => !own.subject && !own.title && !own.alt && !carried?.xmp.title,
  placeless: (photo) => takenAt(photo) === undefined,
  far: (photo, pin) => (awayFrom(pin, photo) ?? 0) > FAR_METRES,
  twins: ({ twin }) => twin !== '',
  unused: ({ uses }) => uses.length === 0,
};

/** In which order they are shown. */
export const SORTS = {
  added: 'As they came',
  name: 'By file name',
  taken: 'By date taken',
  subject: 'By subject',
  state: 'By state',
  away: 'Farthest first',
} as const;
export type Sort = keyof typeof SORTS;

const STATES: readonly Photo['state'][] = ['failed', 'out-of-date', 'bare', 'stamped'];

const names = new Intl.Collator('en', { numeric: true, sensitivity: 'base' });
const byText =
  (textOf: (photo: Photo) => string) =>
  (one: Photo, other: Photo): number => {
    const [a, b] = [textOf(one), textOf(other)];
    // What says nothing stands last.
    if (!a || !b) return Number(!a) - Number(!b);
    return names.compare(a, b);
  };

const compared: Readonly<Record<Sort, (one: Photo, other: Photo, pin: Point | undefined) => number>> = {
  added: (one, other) => one.id - other.id,
  name: byText(({ name }) => name),
  taken: byText(({ carried }) => (dayTaken(carried) ? (carried?.taken ?? '') : '')),
  subject: byText(({ own }) => own.subject ?? ''),
  state: (one, other) => STATES.indexOf(one.state) - STATES.indexOf(other.state),
  away: (one, other, pin) => (awayFrom(pin, other) ?? -1) - (awayFrom(pin, one) ?? -1),
};

/** The photos that a filter shows, in an order; those that are alike in it stay as they came. */
export const shownPhotos = (
  photos: readonly Photo[],
  filter: Filter,
  sort: Sort,
  pin: Point | undefined,
): readonly Photo[] =>
  photos.filter((photo) => isShown[filter](photo, pin)).sort((one, other) => compared[sort](one, other, pin));
