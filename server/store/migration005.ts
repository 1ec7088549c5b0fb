import { DataTypes, type QueryInterface } from 'sequelize';

const worked = { type: DataTypes.TEXT('medium'), allowNull: true };

/** What was worked out of a page, a placement or a branch stands on its row, with what it was worked out of. */
export const statesOnRows = {
  name: '005-states-on-rows',
  up: async ({ context: to }: { context: QueryInterface }) => {
    await to.addColumn('pages', 'reading', worked);
    await to.addColumn('placements', 'proof', worked);
    await to.addColumn('branches', 'steps', worked);
  },
  down: async ({ context: to }: { context: QueryInterface }) => {
    await to.removeColumn('branches', 'steps');
    await to.removeColumn('placements', 'proof');
    await to.removeColumn('pages', 'reading');
  },
};
