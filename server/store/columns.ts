import { DataTypes } from 'sequelize';

/** What the tables of the migrations have in common. */
export const id = { type: DataTypes.INTEGER.UNSIGNED, primaryKey: true, autoIncrement: true };
export const times = {
  created_at: { type: DataTypes.DATE, allowNull: false },
  updated_at: { type: DataTypes.DATE, allowNull: false },
};
export const deleted = { deleted_at: { type: DataTypes.DATE, allowNull: true } };
export const belongsTo = (table: string) => ({
  type: DataTypes.INTEGER.UNSIGNED,
  allowNull: false,
  references: { model: table, key: 'id' },
  onDelete: 'CASCADE',
});
