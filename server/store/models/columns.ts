import { DataTypes, type Sequelize } from 'sequelize';
import type * as z from 'zod';

// Made anew for each column: Sequelize writes into what it is given.
export const id = () => ({ type: DataTypes.INTEGER.UNSIGNED, primaryKey: true, autoIncrement: true });
export const number = () => ({ type: DataTypes.INTEGER.UNSIGNED, allowNull: false });
export const string = () => ({ type: DataTypes.STRING, allowNull: false });
export const text = () => ({ type: DataTypes.TEXT, allowNull: false });
export const worked = () => ({ type: DataTypes.TEXT('medium'), allowNull: true });
export const bytes = () => ({ type: DataTypes.BLOB('long'), allowNull: false });

/** The table of a model. */
export const table = (sequelize: Sequelize, tableName: string) => ({ sequelize, tableName });
/** A table whose rows stay when they are deleted, until they are cleared away. */
export const kept = (sequelize: Sequelize, tableName: string) => ({
  ...table(sequelize, tableName),
  paranoid: true,
});

/** A value as it may be handed in: nothing of it is changed. */
type Given<T> = T extends object ? { readonly [K in keyof T]: Given<T[K]> } : T;

/** How a column that holds JSON is read and written. Reading what does not fit the schema throws a ZodError. */
export const json = <S extends z.ZodType>(schema: S) => ({
  read: (column: string): z.output<S> => schema.parse(JSON.parse(column)),
  write: (value: Given<z.input<S>>): string => JSON.stringify(value),
});
