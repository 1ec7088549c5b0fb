import {
  DataTypes,
  Model,
  type CreationOptional,
  type InferAttributes,
  type InferCreationAttributes,
  type Sequelize,
} from 'sequelize';
import { stampInputSchema } from '#contract';
import { id, json, number, string, table, text } from './columns.ts';

export class JobRow extends Model<InferAttributes<JobRow>, InferCreationAttributes<JobRow>> {
  declare id: CreationOptional<number>;
  /** Whose photos are stamped; null for a check. */
  declare branchId: number | null;
  /** The check that is carried out; null for stamping. */
  declare checkId: CreationOptional<number | null>;
  /** The run that is carried out; null for anything else. */
  declare runId: CreationOptional<number | null>;
  /** The client whose live pages are verified; null for anything else. */
  declare clientId: CreationOptional<number | null>;
  declare state: 'waiting' | 'running' | 'paused' | 'done' | 'cancelled' | 'failed';
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
  declare createdAt: CreationOptional<Date>;
}

/** What a job of stamping is to do. */
export const stampingJson = json(stampInputSchema);

/** Ties the models to their tables. */
export function defineJobs(sequelize: Sequelize): void {
  JobRow.init(
    {
      id: id(),
      branchId: { ...number(), allowNull: true },
      checkId: { ...number(), allowNull: true },
      runId: { ...number(), allowNull: true },
      clientId: { ...number(), allowNull: true },
      state: string(),
      input: text(),
      done: { ...number(), defaultValue: 0 },
      failed: { ...number(), defaultValue: 0 },
      total: number(),
      leasedUntil: { type: DataTypes.DATE(3), allowNull: true },
      lease: { ...string(), defaultValue: '' },
      attempts: { ...number(), defaultValue: 0 },
      problem: { ...string(), defaultValue: '' },
      createdAt: DataTypes.DATE,
    },
    table(sequelize, 'jobs'),
  );
}
