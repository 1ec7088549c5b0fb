import { isDeepStrictEqual } from 'node:util';
import type { OwnPhotoWords, Photo } from '#contract';
import {
  dayTaken,
  plannedAgain,
  planSet,
  type Picture,
  type StampFields,
  type StampSettings,
} from '#core/photo';
import type { BusinessRecord } from '#core/record';
import { photoJson, type PhotoRow, type Stamp } from './models.ts';

export const stampOf = ({ stamp }: PhotoRow): Stamp | null => photoJson.stamp.read(stamp);
export const ownOf = (photo: PhotoRow): OwnPhotoWords => photoJson.own.read(photo.own);

/** Fields as JSON has them, so that stored ones and new ones can be compared. */
const plainFields = (fields: StampFields): unknown => JSON.parse(JSON.stringify(fields)) as unknown;

/** What is written into a photo, under which name, and by what. */
export interface PhotoPlan {
  readonly settings: StampSettings;
  readonly fields: StampFields;
  readonly name: string;
  readonly number: number;
  readonly year: string;
}

const pictureOf = (photo: PhotoRow, number: number): Picture => ({
  name: photo.name,
  own: ownOf(photo),
  date: dayTaken(photoJson.carried.read(photo.carried)),
  number,
});

/** What a stamped photo would say if it were stamped again as it was; undefined where it never was. */
export function fieldsNow(photo: PhotoRow, record: BusinessRecord): StampFields | undefined {
  const stamp = stampOf(photo);
  if (!stamp) return undefined;
  const { settings, number, year, fields } = stamp;
  return plannedAgain(record, settings, pictureOf(photo, number), fields.title, year);
}

export function photoState(photo: PhotoRow, record: BusinessRecord): Photo['state'] {
  const stamp = stampOf(photo);
  if (!stamp) return 'bare';
  if (stamp.message) return 'failed';
  const now = fieldsNow(photo, record);
  const isSame =
    now !== undefined &&
    isDeepStrictEqual(plainFields(stamp.fields), plainFields(now)) &&
    (ownOf(photo).name ?? '') === stamp.ownName;
  return isSame ? 'stamped' : 'out-of-date';
}

/**
 * What is written into photos of a branch: by a stamp, or, where it is null, into each as it was stamped before. `all`
 * are the branch's photos in the order in which they came: their numbers, and the titles and names that are taken.
 */
export function plannedPhotos(
  all: readonly PhotoRow[],
  chosen: ReadonlySet<number>,
  record: BusinessRecord,
  stamp: StampSettings | null,
  fallback: StampSettings,
  year: string,
): ReadonlyMap<number, PhotoPlan> {
  const planned = new Map<number, PhotoPlan>();
  const [fresh, again]: [PhotoRow[], PhotoRow[]] = [[], []];
  for (const photo of all)
    if (chosen.has(photo.id)) (stamp === null && stampOf(photo) ? again : fresh).push(photo);
  for (const photo of again) {
    const fields = fieldsNow(photo, record);
    const kept = stampOf(photo);
    if (!kept || !fields) continue;
    const { settings, number } = kept;
    const isNamed = kept.name !== '' && kept.ownName === (ownOf(photo).name ?? '');
    const name = isNamed
      ? kept.name
      : (planSet(record, settings, [pictureOf(photo, number)], kept.year, namesOf(all, photo))[0]?.name ??
        photo.name);
    planned.set(photo.id, { settings, fields, name, number, year: kept.year || year });
  }
  const others = all.filter((photo) => !fresh.includes(photo)).flatMap((photo) => stampOf(photo) ?? []);
  const taken = {
    titles: others.flatMap(({ fields: { title } }) => (title ? [title] : [])),
    names: others.map(({ name }) => name),
  };
  const places = new Map(all.map(({ id }, at) => [id, at + 1]));
  const settings = stamp ?? fallback;
  const pictures = fresh.map((photo) => pictureOf(photo, places.get(photo.id) ?? 1));
  for (const [at, { fields, name, number }] of planSet(record, settings, pictures, year, taken).entries()) {
    const photo = fresh[at];
    if (photo) planned.set(photo.id, { settings, fields, name, number, year });
  }
  return planned;
}

/** The names that the stamped files of other photos have. */
const namesOf = (all: readonly PhotoRow[], photo: PhotoRow) => ({
  titles: [],
  names: all.flatMap((other) => (other.id === photo.id ? [] : (stampOf(other)?.name ?? []))),
});
