import {
  DataTypes,
  Model,
  type CreationOptional,
  type InferAttributes,
  type InferCreationAttributes,
  type Sequelize,
} from 'sequelize';
import { livePageSchema, type LivePage } from '#contract';
import { id, json, number, string, table, text } from './columns.ts';

/** What a stranger's machine read on a branch's live page at one time. */
export class VerificationRow extends Model<
  InferAttributes<VerificationRow>,
  InferCreationAttributes<VerificationRow>
> {
  declare id: CreationOptional<number>;
  declare branchId: number;
  declare state: LivePage['state'];
  /** SHA-256 of what was sent; ''. */
  declare digest: string;
  /** What it was compared with: the versions of record and defaults. */
  declare of: string;
  /** All of it, as JSON after `livePageSchema`. */
  declare result: string;
  declare createdAt: CreationOptional<Date>;
}

export const verificationJson = json(livePageSchema);

/** A sheet of a branch that was handed over. */
export class HandOverRow extends Model<InferAttributes<HandOverRow>, InferCreationAttributes<HandOverRow>> {
  declare id: CreationOptional<number>;
  declare branchId: number;
  /** What it said, see `handOverDigest`. */
  declare digest: string;
  declare createdAt: CreationOptional<Date>;
}

/** Ties the models to their tables. */
export function defineVerifications(sequelize: Sequelize): void {
  VerificationRow.init(
    {
      id: id(),
      branchId: number(),
      state: string(),
      digest: string(),
      of: string(),
      result: text(),
      createdAt: DataTypes.DATE,
    },
    { ...table(sequelize, 'verifications'), updatedAt: false },
  );
  HandOverRow.init(
    { id: id(), branchId: number(), digest: string(), createdAt: DataTypes.DATE },
    { ...table(sequelize, 'hand_overs'), updatedAt: false },
  );
}
