import {
  DataTypes,
  Model,
  type CreationOptional,
  type InferAttributes,
  type InferCreationAttributes,
  type Sequelize,
} from 'sequelize';
import * as z from 'zod';
import { ownWordsSchema, photoSchema } from '#contract';
import { id, json, kept, number, string, text } from './columns.ts';

export class PhotoRow extends Model<InferAttributes<PhotoRow>, InferCreationAttributes<PhotoRow>> {
  declare id: CreationOptional<number>;
  declare branchId: number;
  declare name: string;
  declare size: number;
  /** Names the original's bytes in the photo store. */
  declare originalKey: string;
  /** Names the stamped file's bytes; '' where there is none. */
  declare stampedKey: CreationOptional<string>;
  /** What the original carries, as JSON; 'null' where no reader can tell. */
  declare carried: string;
  /** The words that were typed for it alone, as JSON. */
  declare own: CreationOptional<string>;
  /** The last stamp, as JSON; 'null' before the first. */
  declare stamp: string;
  /** Names the thumbnail's bytes; '' before it was asked for. */
  declare thumbnailKey: CreationOptional<string>;
  declare deletedAt: CreationOptional<Date | null>;
}

/** What is kept of the last stamp: what was written, or why it failed. */
export const stampSchema = z.object({
  fields: z.looseObject({}),
  wordings: photoSchema.shape.wordings.unwrap(),
  subject: z.string().default(''),
  headline: z.string().optional(),
  message: z.string(),
  proof: photoSchema.shape.proof,
});
export type Stamp = z.infer<typeof stampSchema>;

/** What the columns of a photo hold that are JSON. */
export const photoJson = {
  carried: json(photoSchema.shape.carried),
  own: json(ownWordsSchema),
  stamp: json(stampSchema.nullable()),
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
      carried: text(),
      own: { ...text(), defaultValue: '{}' },
      stamp: text(),
      thumbnailKey: { ...string(), defaultValue: '' },
      deletedAt: DataTypes.DATE,
    },
    kept(sequelize, 'photos'),
  );
}
