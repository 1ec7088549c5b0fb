import {
  DataTypes,
  Model,
  type CreationOptional,
  type InferAttributes,
  type InferCreationAttributes,
  type Sequelize,
} from 'sequelize';
import type { KeptCheck } from '#contract';
import type { MarkupForm } from '#core/markup';

export class ClientRow extends Model<InferAttributes<ClientRow>, InferCreationAttributes<ClientRow>> {
  declare id: CreationOptional<number>;
  declare name: string;
  /** Facts that stand where a branch says nothing, as JSON after `recordSchema`. */
  declare defaults: CreationOptional<string>;
  declare defaultsVersion: CreationOptional<number>;
  /** How the client's sources are judged, as JSON after `profileInputSchema`. */
  declare judging: CreationOptional<string>;
}

export class BranchRow extends Model<InferAttributes<BranchRow>, InferCreationAttributes<BranchRow>> {
  declare id: CreationOptional<number>;
  declare clientId: number;
  declare label: string;
  /** The record as JSON, after `recordSchema`. */
  declare record: string;
  declare version: CreationOptional<number>;
  /** What a search for branches looks in, folded. */
  declare search: CreationOptional<string>;
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

export class CheckRow extends Model<InferAttributes<CheckRow>, InferCreationAttributes<CheckRow>> {
  declare id: CreationOptional<number>;
  declare clientId: number;
  declare title: string;
  declare kind: KeptCheck['kind'];
  declare profile: KeptCheck['profile'];
  /** What to read, as JSON, after `checkSourceSchema`; 'null' for files, which lie in the pages. */
  declare input: string;
  declare message: CreationOptional<string>;
  /** Findings of the whole site, as JSON. */
  declare siteFindings: string;
  declare createdAt: CreationOptional<Date>;
}

export class CheckedPageRow extends Model<
  InferAttributes<CheckedPageRow>,
  InferCreationAttributes<CheckedPageRow>
> {
  declare id: CreationOptional<number>;
  declare checkId: number;
  declare url: string;
  declare finalUrl: CreationOptional<string>;
  /** `waiting` for its turn, `read` and judged, or `unread` for a reason. */
  declare state: 'waiting' | 'read' | 'unread';
  declare status: CreationOptional<number>;
  declare problem: CreationOptional<string>;
  declare headers: CreationOptional<string>;
  declare size: CreationOptional<number>;
  declare milliseconds: CreationOptional<number>;
  /** The page's bytes, packed (gzip); null before it is fetched. */
  declare source: Buffer | null;
  declare must: CreationOptional<number>;
  declare should: CreationOptional<number>;
  declare note: CreationOptional<number>;
  declare ignored: CreationOptional<number>;
  /** How many findings there are of each code, as JSON. */
  declare codes: CreationOptional<string>;
  declare ownBranchId: CreationOptional<number | null>;
  declare carries: CreationOptional<string>;
  /** Findings with their excerpts, as JSON. */
  declare findings: CreationOptional<string>;
  declare updatedAt: CreationOptional<Date>;
}

export class IgnoreRow extends Model<InferAttributes<IgnoreRow>, InferCreationAttributes<IgnoreRow>> {
  declare id: CreationOptional<number>;
  declare clientId: number;
  declare code: string;
  declare page: string;
  declare excerpt: string;
  declare reason: string;
  declare createdAt: CreationOptional<Date>;
}

export class JobRow extends Model<InferAttributes<JobRow>, InferCreationAttributes<JobRow>> {
  declare id: CreationOptional<number>;
  /** Whose photos are stamped; null for a check. */
  declare branchId: number | null;
  /** The check that is carried out; null for stamping. */
  declare checkId: CreationOptional<number | null>;
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
  ClientRow.init(
    {
      id: id(),
      name: string(),
      defaults: { ...text(), defaultValue: '{}' },
      defaultsVersion: { ...number(), defaultValue: 0 },
      judging: { ...text(), defaultValue: '{}' },
    },
    { ...rows('clients'), ...kept },
  );
  BranchRow.init(
    {
      id: id(),
      clientId: number(),
      label: string(),
      record: text(),
      version: { ...number(), defaultValue: 0 },
      search: { ...text(), defaultValue: '' },
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
  CheckRow.init(
    {
      id: id(),
      clientId: number(),
      title: string(),
      kind: string(),
      profile: string(),
      input: text(),
      message: { ...string(), defaultValue: '' },
      siteFindings: text(),
      createdAt: DataTypes.DATE,
    },
    { ...rows('checks'), ...kept },
  );
  CheckedPageRow.init(
    {
      id: id(),
      checkId: number(),
      url: string(),
      finalUrl: { ...string(), defaultValue: '' },
      state: string(),
      status: { ...number(), defaultValue: 0 },
      problem: { ...string(), defaultValue: '' },
      headers: { ...text(), defaultValue: '{}' },
      size: { ...number(), defaultValue: 0 },
      milliseconds: { ...number(), defaultValue: 0 },
      source: { type: DataTypes.BLOB('long'), allowNull: true },
      must: { ...number(), defaultValue: 0 },
      should: { ...number(), defaultValue: 0 },
      note: { ...number(), defaultValue: 0 },
      ignored: { ...number(), defaultValue: 0 },
      codes: { ...text(), defaultValue: '{}' },
      ownBranchId: { ...number(), allowNull: true },
      carries: { ...text(), defaultValue: '[]' },
      findings: { ...text(), defaultValue: '[]' },
      updatedAt: DataTypes.DATE,
    },
    rows('checked_pages'),
  );
  IgnoreRow.init(
    {
      id: id(),
      clientId: number(),
      code: string(),
      page: string(),
      excerpt: string(),
      reason: string(),
      createdAt: DataTypes.DATE,
    },
    rows('ignores'),
  );
  JobRow.init(
    {
      id: id(),
      branchId: { ...number(), allowNull: true },
      checkId: { ...number(), allowNull: true },
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
