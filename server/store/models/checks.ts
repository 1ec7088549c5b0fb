import {
  DataTypes,
  Model,
  type CreationOptional,
  type InferAttributes,
  type InferCreationAttributes,
  type Sequelize,
} from 'sequelize';
import * as z from 'zod';
import { checkedPageSchema, checkSourceSchema, hostAnswerSchema, type KeptCheck } from '#contract';
import { carriedSchema } from '#core/checking';
import { findingSchema } from '#core/fault';
import { bytes, id, json, kept, number, string, table, text } from './columns.ts';

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

/** What the columns of a check and of its pages hold that are JSON. */
export const checkJson = {
  input: json(checkSourceSchema.nullable()),
  siteFindings: json(z.array(z.object({ url: z.string(), finding: findingSchema }))),
};
export const checkedPageJson = {
  headers: json(hostAnswerSchema.shape.headers),
  codes: json(checkedPageSchema.shape.codes),
  carries: json(z.array(carriedSchema)),
  findings: json(z.array(z.object({ finding: findingSchema, excerpt: z.string() }))),
};

/** Ties the models to their tables. */
export function defineChecks(sequelize: Sequelize): void {
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
    kept(sequelize, 'checks'),
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
      source: { ...bytes(), allowNull: true },
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
    table(sequelize, 'checked_pages'),
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
    table(sequelize, 'ignores'),
  );
}
