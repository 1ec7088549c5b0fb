import {
  DataTypes,
  Model,
  type CreationOptional,
  type InferAttributes,
  type InferCreationAttributes,
  type Sequelize,
} from 'sequelize';
import * as z from 'zod';
import type { runPageStates, runStates } from '#contract';
import { placementInputSchema, runInputSchema, runPageSchema } from '#contract';
import { placementRuleSchema } from '#core/site';
import { bytes, id, json, number, string, table, text } from './columns.ts';

/** Something that is done to many pages as one: previewed, published, and taken back. */
export class RunRow extends Model<InferAttributes<RunRow>, InferCreationAttributes<RunRow>> {
  declare id: CreationOptional<number>;
  declare clientId: number;
  /** The site whose pages are read; null for a run that changes pages. */
  declare siteId: CreationOptional<number | null>;
  declare title: string;
  declare state: (typeof runStates)[number];
  /** What to do, as JSON, after `runInputSchema`; '' for one that is planned already. */
  declare input: CreationOptional<string>;
  declare problem: CreationOptional<string>;
  /** The run that this one takes back. */
  declare undoes: CreationOptional<number | null>;
  declare createdAt: CreationOptional<Date>;
}

export class RunPageRow extends Model<InferAttributes<RunPageRow>, InferCreationAttributes<RunPageRow>> {
  declare id: CreationOptional<number>;
  declare runId: number;
  declare pageId: number;
  declare state: (typeof runPageStates)[number];
  /** What is done to it, as JSON, see `runPageJson`. */
  declare acts: CreationOptional<string>;
  /** SHA-256 of the page as it was, as it is to be, and as somebody else made it meanwhile; ''. */
  declare beforeDigest: CreationOptional<string>;
  declare afterDigest: CreationOptional<string>;
  declare theirsDigest: CreationOptional<string>;
  /** What was placed on it before, and what is afterwards, as JSON. */
  declare placedBefore: CreationOptional<string>;
  declare placedAfter: CreationOptional<string>;
  declare told: CreationOptional<string>;
  declare problem: CreationOptional<string>;
  /** What was found on it before and after, as JSON. */
  declare judged: CreationOptional<string>;
}

/** A page as it once was; told apart by its digest. */
export class VersionRow extends Model<InferAttributes<VersionRow>, InferCreationAttributes<VersionRow>> {
  declare id: CreationOptional<number>;
  declare pageId: number;
  /** SHA-256 in hexadecimal. */
  declare digest: string;
  /** Bytes of the page. */
  declare size: number;
  /** The page's bytes, packed (gzip). */
  declare packed: Buffer;
  declare createdAt: CreationOptional<Date>;
}

/** What is placed on a page, as it is kept. */
const placedSchema = placementInputSchema
  .omit({ foreign: true, corrects: true })
  .extend({ output: placementRuleSchema.shape.output });

const actSchema = z.discriminatedUnion('do', [
  placedSchema.extend({
    do: z.literal('place'),
    existing: placementRuleSchema.shape.existing,
    corrects: placementRuleSchema.shape.corrects,
  }),
  z.object({ do: z.literal('remove'), form: placementInputSchema.shape.form.nullable() }),
]);
export type KeptAct = z.output<typeof actSchema>;
export type KeptPlaced = z.output<typeof placedSchema>;

export const runJson = { input: json(runInputSchema) };
export const runPageJson = {
  acts: json(z.array(actSchema)),
  placed: json(z.array(placedSchema)),
  told: json(z.array(z.string())),
  judged: json(runPageSchema.pick({ before: true, after: true })),
};

/** Ties the models to their tables. */
export function defineRuns(sequelize: Sequelize): void {
  const optional = { ...number(), allowNull: true };
  const list = { ...text(), defaultValue: '[]' };
  const empty = { ...string(), defaultValue: '' };
  RunRow.init(
    {
      id: id(),
      clientId: number(),
      siteId: { ...optional },
      title: string(),
      state: string(),
      input: { ...text(), defaultValue: '' },
      problem: { ...empty },
      undoes: { ...optional },
      createdAt: DataTypes.DATE,
    },
    table(sequelize, 'runs'),
  );
  RunPageRow.init(
    {
      id: id(),
      runId: number(),
      pageId: number(),
      state: string(),
      acts: { ...list },
      beforeDigest: { ...empty },
      afterDigest: { ...empty },
      theirsDigest: { ...empty },
      placedBefore: { ...list },
      placedAfter: { ...list },
      told: { ...list },
      problem: { ...empty },
      judged: { ...text(), defaultValue: '{"before":null,"after":null}' },
    },
    { ...table(sequelize, 'run_pages'), timestamps: false },
  );
  VersionRow.init(
    {
      id: id(),
      pageId: number(),
      digest: string(),
      size: number(),
      packed: bytes(),
      createdAt: DataTypes.DATE,
    },
    { ...table(sequelize, 'versions'), updatedAt: false },
  );
}
