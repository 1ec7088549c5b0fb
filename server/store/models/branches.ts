import {
  DataTypes,
  Model,
  type CreationOptional,
  type InferAttributes,
  type InferCreationAttributes,
  type Sequelize,
  type NonAttribute,
} from 'sequelize';
import { stampSchema } from '#core/photo';
import { recordSchema } from '#core/record';
import { ClientRow } from './clients.ts';
import { id, json, kept, number, string, table, text, worked } from './columns.ts';

export class BranchRow extends Model<InferAttributes<BranchRow>, InferCreationAttributes<BranchRow>> {
  declare id: CreationOptional<number>;
  declare clientId: number;
  declare label: string;
  /** The record as JSON, after `recordSchema`. */
  declare record: string;
  declare version: CreationOptional<number>;
  /** How far its steps have come, see `steps.ts`. */
  declare steps: CreationOptional<string | null>;
  /** What its next photos are stamped with, as JSON; null while nobody has chosen. */
  declare stamp: CreationOptional<string | null>;
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

/** A record as a branch keeps it. */
export const recordJson = json(recordSchema);
export const branchStampJson = json(stampSchema);

/** Ties the models to their tables. */
export function defineBranches(sequelize: Sequelize): void {
  BranchRow.init(
    {
      id: id(),
      clientId: number(),
      label: string(),
      record: text(),
      version: { ...number(), defaultValue: 0 },
      search: { ...text(), defaultValue: '' },
      stamp: worked(),
      steps: worked(),
      deletedAt: DataTypes.DATE,
    },
    kept(sequelize, 'branches'),
  );
  BranchRow.belongsTo(ClientRow, { as: 'client', foreignKey: 'clientId' });
  BranchWordRow.init(
    {
      word: { ...string(), primaryKey: true },
      branchId: { ...number(), primaryKey: true },
    },
    { ...table(sequelize, 'branch_words'), timestamps: false },
  );
}
