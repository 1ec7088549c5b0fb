import {
  DataTypes,
  Model,
  type CreationOptional,
  type InferAttributes,
  type InferCreationAttributes,
  type Sequelize,
} from 'sequelize';
import type { MarkupForm } from '#core/markup';

export class ClientRow extends Model<InferAttributes<ClientRow>, InferCreationAttributes<ClientRow>> {
  declare id: CreationOptional<number>;
  declare name: string;
}

export class BranchRow extends Model<InferAttributes<BranchRow>, InferCreationAttributes<BranchRow>> {
  declare id: CreationOptional<number>;
  declare clientId: number;
  declare label: string;
  /** The record as JSON, after `recordSchema`. */
  declare record: string;
  declare version: CreationOptional<number>;
}

export class PageRow extends Model<InferAttributes<PageRow>, InferCreationAttributes<PageRow>> {
  declare id: CreationOptional<number>;
  declare clientId: number;
  declare path: string;
  /** The page's bytes, with what is placed on it. */
  declare source: Buffer;
}

export class PlacementRow extends Model<
  InferAttributes<PlacementRow>,
  InferCreationAttributes<PlacementRow>
> {
  declare id: CreationOptional<number>;
  declare pageId: number;
  declare branchId: number;
  declare form: MarkupForm;
}

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
  /** The last stamp, as JSON; 'null' before the first. */
  declare stamp: string;
}

export class JobRow extends Model<InferAttributes<JobRow>, InferCreationAttributes<JobRow>> {
  declare id: CreationOptional<number>;
  declare branchId: number;
  declare state: 'waiting' | 'running' | 'done' | 'cancelled' | 'failed';
  /** What to do, as JSON, after `stampInputSchema`. */
  declare input: string;
  declare done: CreationOptional<number>;
  declare failed: CreationOptional<number>;
  declare total: number;
  /** Until when the process that works on it has it for itself. */
  declare leasedUntil: Date | null;
}

// Made anew for each column: Sequelize writes into what it is given.
const id = () => ({ type: DataTypes.INTEGER.UNSIGNED, primaryKey: true, autoIncrement: true });
const number = () => ({ type: DataTypes.INTEGER.UNSIGNED, allowNull: false });
const string = () => ({ type: DataTypes.STRING, allowNull: false });
const text = () => ({ type: DataTypes.TEXT, allowNull: false });

/** Ties the models to a database. */
export function defineModels(sequelize: Sequelize): void {
  const rows = (tableName: string) => ({ sequelize, tableName });
  const kept = { paranoid: true };
  ClientRow.init({ id: id(), name: string() }, { ...rows('clients'), ...kept });
  BranchRow.init(
    {
      id: id(),
      clientId: number(),
      label: string(),
      record: text(),
      version: { ...number(), defaultValue: 0 },
    },
    { ...rows('branches'), ...kept },
  );
  PageRow.init(
    {
      id: id(),
      clientId: number(),
      path: string(),
      source: { type: DataTypes.BLOB('long'), allowNull: false },
    },
    { ...rows('pages'), ...kept },
  );
  PlacementRow.init({ id: id(), pageId: number(), branchId: number(), form: string() }, rows('placements'));
  PhotoRow.init(
    {
      id: id(),
      branchId: number(),
      name: string(),
      size: number(),
      originalKey: string(),
      stampedKey: { ...string(), defaultValue: '' },
      carried: text(),
      stamp: text(),
    },
    { ...rows('photos'), ...kept },
  );
  JobRow.init(
    {
      id: id(),
      branchId: number(),
      state: string(),
      input: text(),
      done: { ...number(), defaultValue: 0 },
      failed: { ...number(), defaultValue: 0 },
      total: number(),
      leasedUntil: { type: DataTypes.DATE(3), allowNull: true },
    },
    rows('jobs'),
  );
}
