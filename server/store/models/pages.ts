import {
  DataTypes,
  Model,
  type CreationOptional,
  type InferAttributes,
  type InferCreationAttributes,
  type Sequelize,
} from 'sequelize';
import type { PlacedForm, Placement } from '#core/page';
import { outputSchema } from '#core/record';
import { bytes, id, json, kept, number, string, table, worked } from './columns.ts';

export class PageRow extends Model<InferAttributes<PageRow>, InferCreationAttributes<PageRow>> {
  declare id: CreationOptional<number>;
  declare clientId: number;
  /** The site it is a page of; 0 for one that was handed in. */
  declare siteId: CreationOptional<number>;
  declare path: string;
  /** Whose own page it is, as somebody said: a branch's, nobody's (0); null while nobody did. */
  declare ownerId: CreationOptional<number | null>;
  /** Whose it seems to be, see `matches.ts`. */
  declare match: CreationOptional<string | null>;
  /** The page's bytes, with what is placed on it. */
  declare source: Buffer;
  /** The digest of its bytes as they came, before anything was placed on it; '' where it is not known. */
  declare came: CreationOptional<string>;
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
  /** How the record is told in it, as JSON after `outputSchema`; null where as the record has it. */
  declare output: CreationOptional<string | null>;
  /** How it stands on its page, see `carried.ts`. */
  declare proof: CreationOptional<string | null>;
}

export const placementOutputJson = json(outputSchema);

/** Ties the models to their tables. */
export function definePages(sequelize: Sequelize): void {
  PageRow.init(
    {
      id: id(),
      clientId: number(),
      siteId: { ...number(), defaultValue: 0 },
      path: string(),
      ownerId: { ...number(), allowNull: true },
      match: worked(),
      source: bytes(),
      came: { ...string(), defaultValue: '' },
      version: { ...number(), defaultValue: 0 },
      reading: worked(),
      deletedAt: DataTypes.DATE,
    },
    kept(sequelize, 'pages'),
  );
  PlacementRow.init(
    {
      id: id(),
      pageId: number(),
      branchId: number(),
      form: string(),
      at: string(),
      output: worked(),
      proof: worked(),
    },
    table(sequelize, 'placements'),
  );
}
