import {
  DataTypes,
  Model,
  type CreationOptional,
  type InferAttributes,
  type InferCreationAttributes,
  type Sequelize,
} from 'sequelize';
import * as z from 'zod';
import { fetchedPictureSchema, ownWordsSchema, photoSchema, type PhotoUse } from '#contract';
import {
  stampFieldsSchema,
  stampSchema,
  usualStamp,
  type PictureFormat,
  type StampSettings,
} from '#core/photo';
import { id, json, kept, number, string, table, text, worked } from './columns.ts';

export class PhotoRow extends Model<InferAttributes<PhotoRow>, InferCreationAttributes<PhotoRow>> {
  declare id: CreationOptional<number>;
  declare branchId: number;
  declare name: string;
  declare size: number;
  /** Names the original's bytes in the photo store. */
  declare originalKey: string;
  /** Names the stamped file's bytes; '' where there is none. */
  declare stampedKey: CreationOptional<string>;
  /** Names the bytes of the file of XMP that stands beside the stamped file; '' where there is none. */
  declare sidecarKey: CreationOptional<string>;
  /** What the original carries, as JSON; 'null' where no reader can tell. */
  declare carried: string;
  /** SHA-256 of its image, metadata left out; '' where it is not known. */
  declare digest: CreationOptional<string>;
  /** What kind of picture its bytes are, whatever its name says; '' where it is not known. */
  declare format: CreationOptional<PictureFormat | ''>;
  /** The words and the place that were given to it alone, as JSON. */
  declare own: CreationOptional<string>;
  /** The last stamp, as JSON; 'null' before the first. */
  declare stamp: string;
  /** Names the thumbnail's bytes; '' before it was asked for. */
  declare thumbnailKey: CreationOptional<string>;
  declare deletedAt: CreationOptional<Date | null>;
}

/** Where a photo went. */
export class PhotoUseRow extends Model<InferAttributes<PhotoUseRow>, InferCreationAttributes<PhotoUseRow>> {
  declare id: CreationOptional<number>;
  declare photoId: number;
  declare kind: PhotoUse['kind'];
  declare address: string;
  /** RFC 3339 full-date. */
  declare date: string;
  /** What was found the last time it was fetched back, as JSON; null before the first. */
  declare fetched: CreationOptional<string | null>;
}

/** What is kept of the last stamp: by what, what was written, or why it failed. */
const keptStampSchema = z.object({
  fields: stampFieldsSchema,
  settings: stampSchema,
  /** Its number in its set. */
  number: z.number(),
  /** The name of the stamped file. */
  name: z.string(),
  /** The name that was typed for it; ''. */
  ownName: z.string(),
  /** The year, where a wording says one and the picture does not. */
  year: z.string(),
  message: z.string(),
  remarks: z.array(z.string()),
  proof: photoSchema.shape.proof,
});
export type Stamp = z.infer<typeof keptStampSchema>;

/** What stamps of earlier versions kept: the words, filled in. */
const formerStampSchema = z.looseObject({
  wordings: z.object({
    title: z.string(),
    caption: z.string(),
    keywords: z.array(z.string()),
    alt: z.string(),
  }),
});

/** A stamp of an earlier version, as it would be kept now: its words were meant as they stood. */
function asKeptNow(stamp: unknown): unknown {
  const { data } = formerStampSchema.safeParse(stamp);
  if (!data) return stamp;
  const { wordings, ...rest } = data;
  const settings = stampSchema.safeParse({ wordings, author: { is: 'nobody' }, copyright: '' });
  const now: Pick<Stamp, 'number' | 'name' | 'ownName' | 'year' | 'remarks'> & { settings: StampSettings } = {
    settings: settings.data ?? usualStamp,
    number: 1,
    name: '',
    ownName: '',
    year: '',
    remarks: [],
  };
  return { ...rest, ...now };
}

const stampJson = json(z.preprocess(asKeptNow, keptStampSchema.nullable()));

/** What the columns of a photo hold that are JSON. */
export const photoJson = {
  carried: json(photoSchema.shape.carried),
  own: json(ownWordsSchema),
  stamp: {
    read: stampJson.read,
    write: (stamp: Stamp | null): string => JSON.stringify(stamp),
  },
  /** A stamp that came from elsewhere; null for what is none. */
  stampOf: (stamp: unknown): Stamp | null =>
    z.preprocess(asKeptNow, keptStampSchema.nullable()).safeParse(stamp).data ?? null,
  fetched: json(fetchedPictureSchema),
};

/** Ties the models to their tables. */
export function definePhotos(sequelize: Sequelize): void {
  PhotoRow.init(
    {
      id: id(),
      branchId: number(),
      name: string(),
      size: number(),
      originalKey: string(),
      stampedKey: { ...string(), defaultValue: '' },
      digest: { ...string(), defaultValue: '' },
      format: { ...string(), defaultValue: '' },
      sidecarKey: { ...string(), defaultValue: '' },
      carried: text(),
      own: { ...text(), defaultValue: '{}' },
      stamp: text(),
      thumbnailKey: { ...string(), defaultValue: '' },
      deletedAt: DataTypes.DATE,
    },
    kept(sequelize, 'photos'),
  );
  PhotoUseRow.init(
    {
      id: id(),
      photoId: number(),
      kind: string(),
      address: string(),
      date: string(),
      fetched: worked(),
    },
    table(sequelize, 'photo_uses'),
  );
}
