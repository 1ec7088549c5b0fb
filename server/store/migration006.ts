import { DataTypes, type QueryInterface } from 'sequelize';

const place = (length: number) => ({ type: DataTypes.STRING(length), allowNull: false });

/** A placement may stand at an element, which a CSS selector names; a photo has words of its own. */
export const placesAndWords = {
  name: '006-places-and-words',
  up: async ({ context: to }: { context: QueryInterface }) => {
    await to.changeColumn('placements', 'at', place(400));
    await to.addColumn('photos', 'own', {
      type: DataTypes.TEXT('medium'),
      allowNull: false,
      defaultValue: '{}',
    });
  },
  down: async ({ context: to }: { context: QueryInterface }) => {
    await to.removeColumn('photos', 'own');
    await to.changeColumn('placements', 'at', place(20));
  },
};
