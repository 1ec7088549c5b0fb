import {
  DataTypes,
  Model,
  type CreationOptional,
  type InferAttributes,
  type InferCreationAttributes,
  type NonAttribute,
  type Sequelize,
} from 'sequelize';
import type { KeptCheck } from '#contract';
import type { MarkupForm } from '#core/markup';
import type { Placement } from '#core/page';

export class ClientRow extends Model<InferAttributes<ClientRow>, InferCreationAttributes<ClientRow>> {
  declare id: CreationOptional<number>;
  declare name: string;
  /** Facts that stand where a branch says nothing, as JSON after `recordSchema`. */
  declare defaults: CreationOptional<string>;
  declare defaultsVersion: CreationOptional<number>;
  /** How the client's sources are judged, as JSON after `profileInputSchema`. */
  declare judging: CreationOptional<string>;
  /** Names what the demo put in; '' for everything else. */
  declare demo: CreationOptional<string>;
  /** What the columns of its spreadsheets hold, as JSON after `columnsSchema`. */
  declare columns: CreationOptional<string>;
  declare deletedAt: CreationOptional<Date | null>;
}

export class BranchRow extends Model<InferAttributes<BranchRow>, InferCreationAttributes<BranchRow>> {
  declare id: CreationOptional<number>;
  declare clientId: number;
  declare label: string;
  /** The record as JSON, after `recordSchema`. */
  declare record: string;
  declare version: CreationOptional<number>;
  /** How far its steps have come, see `steps.ts`. */
  declare steps: CreationOptional<string | null>;
  /** What a search for branches looks in, folded. */
  declare search: CreationOptional<string>;
  declare deletedAt: CreationOptional<Date | null>;
  /** There where the client was asked for with the branch. */
  declare client?: NonAttribute<ClientRow>;
}

/** A word that a branch is found by. */
export class BranchWordRow extends Model<
  InferAttributes<BranchWordRow>,
  InferCreationAttributes<BranchWordRow>
> {
  declare word: string;
  declare branchId: number;
}

export class PageRow extends Model<InferAttributes<PageRow>, InferCreationAttributes<PageRow>> {
  declare id: CreationOptional<number>;
  declare clientId: number;
  declare path: string;
  /** The page's bytes, with what is placed on it. */
  declare source: Buffer;
  /** Counts the changes of the source. */
  declare version: CreationOptional<number>;
  /** What was read of it, see `carried.ts`. */
  declare reading: CreationOptional<string | null>;
  declare deletedAt: CreationOptional<Date | null>;
}

export class PlacementRow extends Model<
  InferAttributes<PlacementRow>,
  InferCreationAttributes<PlacementRow>
> {
  declare id: CreationOptional<number>;
  declare pageId: number;
  declare branchId: number;
  declare form: MarkupForm;
  /** Where it stands. */
  declare at: Placement;
  /** How it stands on its page, see `carried.ts`. */
  declare proof: CreationOptional<string | null>;
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
  /** Names the thumbnail's bytes; '' before it was asked for. */
  declare thumbnailKey: CreationOptional<string>;
  declare deletedAt: CreationOptional<Date | null>;
}

/** Something that was done to many things at once and can be undone as one. */
export class ChangeRow extends Model<InferAttributes<ChangeRow>, InferCreationAttributes<ChangeRow>> {
  declare id: CreationOptional<number>;
  declare clientId: number;
  declare title: string;
  declare undoneAt: CreationOptional<Date | null>;
  declare createdAt: CreationOptional<Date>;
}

/** One thing that a change touched. */
export class ChangePartRow extends Model<
  InferAttributes<ChangePartRow>,
  InferCreationAttributes<ChangePartRow>
> {
  declare id: CreationOptional<number>;
  declare changeId: number;
  declare subject: 'branch' | 'page';
  declare subjectId: number;
  /** The version that the change made of it. */
  declare version: number;
  /** What it was before, packed (gzip); null where there was nothing. */
  declare before: Buffer | null;
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
  declare deletedAt: CreationOptional<Date | null>;
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
  /** Findings with their excerpts, as JSON; the worst of them where there are very many. */
  declare findings: CreationOptional<string>;
  /** How many findings are counted but not kept. */
  declare leftOut: CreationOptional<number>;
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
  /** Whose lease it is: made anew with each, so that one that has run out is nobody's. */
  declare lease: CreationOptional<string>;
  /** How often it was begun without coming any further. */
  declare attempts: CreationOptional<number>;
  /** Why it failed; ''. */
  declare problem: CreationOptional<string>;
}

// Made anew for each column: Sequelize writes into what it is given.
const id = () => ({ type: DataTypes.INTEGER.UNSIGNED, primaryKey: true, autoIncrement: true });
const number = () => ({ type: DataTypes.INTEGER.UNSIGNED, allowNull: false });
const string = () => ({ type: DataTypes.STRING, allowNull: false });
const text = () => ({ type: DataTypes.TEXT, allowNull: false });
const worked = () => ({ type: DataTypes.TEXT('medium'), allowNull: true });

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
      demo: { ...string(), defaultValue: '' },
      columns: { ...text(), defaultValue: '{}' },
      deletedAt: DataTypes.DATE,
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
      steps: worked(),
      deletedAt: DataTypes.DATE,
    },
    { ...rows('branches'), ...kept },
  );
  BranchRow.belongsTo(ClientRow, { as: 'client', foreignKey: 'clientId' });
  BranchWordRow.init(
    {
      word: { ...string(), primaryKey: true },
      branchId: { ...number(), primaryKey: true },
    },
    { ...rows('branch_words'), timestamps: false },
  );
  PageRow.init(
    {
      id: id(),
      clientId: number(),
      path: string(),
      source: { type: DataTypes.BLOB('long'), allowNull: false },
      version: { ...number(), defaultValue: 0 },
      reading: worked(),
      deletedAt: DataTypes.DATE,
    },
    { ...rows('pages'), ...kept },
  );
  PlacementRow.init(
    { id: id(), pageId: number(), branchId: number(), form: string(), at: string(), proof: worked() },
    rows('placements'),
  );
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
      thumbnailKey: { ...string(), defaultValue: '' },
      deletedAt: DataTypes.DATE,
    },
    { ...rows('photos'), ...kept },
  );
  ChangeRow.init(
    {
      id: id(),
      clientId: number(),
      title: string(),
      undoneAt: { type: DataTypes.DATE, allowNull: true },
      createdAt: DataTypes.DATE,
    },
    rows('changes'),
  );
  ChangePartRow.init(
    {
      id: id(),
      changeId: number(),
      subject: string(),
      subjectId: number(),
      version: number(),
      before: { type: DataTypes.BLOB('long'), allowNull: true },
    },
    { ...rows('change_parts'), timestamps: false },
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
      deletedAt: DataTypes.DATE,
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
      leftOut: { ...number(), defaultValue: 0 },
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
      lease: { ...string(), defaultValue: '' },
      attempts: { ...number(), defaultValue: 0 },
      problem: { ...string(), defaultValue: '' },
    },
    rows('jobs'),
  );
}
