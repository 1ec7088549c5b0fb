import type { Photo } from '#contract';
import { dayTaken, planSet, type PlannedPicture, type StampSettings } from '#core/photo';
import { distance, type Point } from '#core/pin';
import type { BusinessRecord } from '#core/record';

/**
 * What a stamp makes of photos of a branch, by their numbers: as the server will, over the whole set, so that no two
 * titles and no two names are alike. `photos` are all of the branch in the order in which they came.
 */
export function plannedIn(
  photos: readonly Photo[],
  isChosen: (id: number) => boolean,
  record: BusinessRecord,
  stamp: StampSettings,
): ReadonlyMap<number, PlannedPicture> {
  const others = photos.filter(({ id }) => !isChosen(id)).flatMap(({ stamped }) => stamped ?? []);
  const taken = {
    titles: others.flatMap(({ title }) => (title ? [title] : [])),
    names: others.map(({ name }) => name),
  };
  const chosen = photos.flatMap((photo, at) => (isChosen(photo.id) ? [{ photo, number: at + 1 }] : []));
  const pictures = chosen.map(({ photo: { name, own, carried }, number }) => ({
    name,
    own,
    date: dayTaken(carried),
    number,
  }));
  const planned = planSet(record, stamp, pictures, String(new Date().getFullYear()), taken);
  return new Map(
    chosen.flatMap(({ photo: { id } }, at) => {
      const one = planned[at];
      return one ? [[id, one] as const] : [];
    }),
  );
}

/** Where a photo says that it was taken; undefined where it does not. */
export const takenAt = ({ carried }: Photo): Point | undefined =>
  typeof carried?.latitude === 'number' && typeof carried.longitude === 'number'
    ? { latitude: carried.latitude, longitude: carried.longitude }
    : undefined;

/** Metres from where it was taken to the pin; undefined where one of them is not known. */
export function awayFrom(pin: Point | undefined, photo: Photo): number | undefined {
  const point = takenAt(photo);
  return pin && point ? distance(pin, point) : undefined;
}
