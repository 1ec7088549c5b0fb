import { DataTypes, type QueryInterface } from 'sequelize';

const place = (length: number) => ({ type: DataTypes.STRING(length), allowNull: false });

/** A placement may stand at an element, which a CSS selector names. */
export const placesAtElements = {
  name: '006-places-at-elements',
  up: async ({ context: to }: { context: QueryInterface }) => {
    await to.changeColumn('placements', 'at', place(400));
  },
  down: async ({ context: to }: { context: QueryInterface }) => {
    await to.changeColumn('placements', 'at', place(20));
  },
};
