import {
  DataTypes,
  Model,
  type CreationOptional,
  type InferAttributes,
  type InferCreationAttributes,
  type Sequelize,
} from 'sequelize';
import { columnsSchema, judgingSchema, profileInputSchema, rulesSchema, stampsSchema } from '#contract';
import { recordSchema } from '#core/record';
import { id, json, kept, number, string, text } from './columns.ts';

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
  /** The client's own placements, as JSON after `rulesSchema`. */
  declare rules: CreationOptional<string>;
  /** Its stamps under their names, as JSON after `stampsSchema`. */
  declare stamps: CreationOptional<string>;
  /** How often its live pages are verified. */
  declare verifies: CreationOptional<'' | 'daily' | 'weekly'>;
  declare deletedAt: CreationOptional<Date | null>;
}

/** What the columns of a client hold that are JSON. */
export const clientJson = {
  defaults: json(recordSchema),
  judging: { read: json(judgingSchema).read, write: json(profileInputSchema).write },
  columns: json(columnsSchema),
  rules: json(rulesSchema.shape.rules),
  stamps: json(stampsSchema.shape.stamps),
};

/** Ties the models to their tables. */
export function defineClients(sequelize: Sequelize): void {
  ClientRow.init(
    {
      id: id(),
      name: string(),
      defaults: { ...text(), defaultValue: '{}' },
      defaultsVersion: { ...number(), defaultValue: 0 },
      judging: { ...text(), defaultValue: '{}' },
      demo: { ...string(), defaultValue: '' },
      columns: { ...text(), defaultValue: '{}' },
      rules: { ...text(), defaultValue: '[]' },
      stamps: { ...text(), defaultValue: '[]' },
      verifies: { ...string(), defaultValue: '' },
      deletedAt: DataTypes.DATE,
    },
    kept(sequelize, 'clients'),
  );
}
