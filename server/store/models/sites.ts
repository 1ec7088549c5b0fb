import {
  DataTypes,
  Model,
  type CreationOptional,
  type InferAttributes,
  type InferCreationAttributes,
  type Sequelize,
} from 'sequelize';
import { siteAccessSchema } from '#core/site';
import { bytes, id, json, kept, number, string, text } from './columns.ts';

export class SiteRow extends Model<InferAttributes<SiteRow>, InferCreationAttributes<SiteRow>> {
  declare id: CreationOptional<number>;
  declare clientId: number;
  declare name: string;
  /** Where it is to be seen. */
  declare url: string;
  /** How its files are reached, as JSON, after `siteAccessSchema`. */
  declare access: string;
  /** What signs in, sealed, see `secrets.ts`; null where nothing does. */
  declare secret: Buffer | null;
  /** When its pages were last read. */
  declare readAt: CreationOptional<Date | null>;
  declare deletedAt: CreationOptional<Date | null>;
}

export const siteAccessJson = json(siteAccessSchema);

/** Ties the models to their tables. */
export function defineSites(sequelize: Sequelize): void {
  SiteRow.init(
    {
      id: id(),
      clientId: number(),
      name: string(),
      url: string(),
      access: text(),
      secret: { ...bytes(), allowNull: true },
      readAt: { type: DataTypes.DATE, allowNull: true },
      deletedAt: DataTypes.DATE,
    },
    kept(sequelize, 'sites'),
  );
}
