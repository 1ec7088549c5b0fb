import { DataTypes, type QueryInterface } from 'sequelize';
import { belongsTo, id, times } from './columns.ts';

const words = (length: number) => ({ type: DataTypes.STRING(length), allowNull: false, defaultValue: '' });
const text = { type: DataTypes.TEXT('medium'), allowNull: false };
const optionalText = { type: DataTypes.TEXT('medium'), allowNull: true };

/** Photos have words, names and places of their own; stamps are kept with the client, and where a picture went. */
export const photosOfTheirOwn = {
  name: '008-photos-of-their-own',
  up: async ({ context: to }: { context: QueryInterface }) => {
    await to.addColumn('photos', 'digest', words(64));
    await to.addColumn('photos', 'format', words(20));
    await to.addColumn('photos', 'sidecar_key', words(100));
    await to.addIndex('photos', ['branch_id', 'digest']);
    await to.addColumn('branches', 'stamp', optionalText);
    await to.addColumn('clients', 'stamps', { ...text, defaultValue: '[]' });
    await to.createTable('photo_uses', {
      id,
      photo_id: belongsTo('photos'),
      kind: words(20),
      address: words(2000),
      date: words(10),
      fetched: optionalText,
      ...times,
    });
    // The digest of a page as it came, so that what was changed since can be taken back alone.
    await to.addColumn('pages', 'came', words(64));
  },
};
