import {
  DataTypes,
  Model,
  type CreationOptional,
  type InferAttributes,
  type InferCreationAttributes,
  type Sequelize,
} from 'sequelize';
import { bytes, id, number, string, table } from './columns.ts';

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

/** Ties the models to their tables. */
export function defineChanges(sequelize: Sequelize): void {
  ChangeRow.init(
    {
      id: id(),
      clientId: number(),
      title: string(),
      undoneAt: { type: DataTypes.DATE, allowNull: true },
      createdAt: DataTypes.DATE,
    },
    table(sequelize, 'changes'),
  );
  ChangePartRow.init(
    {
      id: id(),
      changeId: number(),
      subject: string(),
      subjectId: number(),
      version: number(),
      before: { ...bytes(), allowNull: true },
    },
    { ...table(sequelize, 'change_parts'), timestamps: false },
  );
}
