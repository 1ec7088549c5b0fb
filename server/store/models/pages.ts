import {
  DataTypes,
  Model,
  type CreationOptional,
  type InferAttributes,
  type InferCreationAttributes,
  type Sequelize,
} from 'sequelize';
import type { PlacedForm, Placement } from '#core/page';
import { bytes, id, kept, number, string, table, worked } from './columns.ts';

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
  declare form: PlacedForm;
  /** Where it stands. */
  declare at: Placement;
  /** How it stands on its page, see `carried.ts`. */
  declare proof: CreationOptional<string | null>;
}

/** Ties the models to their tables. */
export function definePages(sequelize: Sequelize): void {
  PageRow.init(
    {
      id: id(),
      clientId: number(),
      path: string(),
      source: bytes(),
      version: { ...number(), defaultValue: 0 },
      reading: worked(),
      deletedAt: DataTypes.DATE,
    },
    kept(sequelize, 'pages'),
  );
  PlacementRow.init(
    { id: id(), pageId: number(), branchId: number(), form: string(), at: string(), proof: worked() },
    table(sequelize, 'placements'),
  );
}
