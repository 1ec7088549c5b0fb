import type { QueryInterface } from 'sequelize';

/** Small pictures of HEIC were grey tiles before they could be decoded: they are made anew when they are asked for. */
export const heicIsShown = {
  name: '009-heic-is-shown',
  up: async ({ context: to }: { context: QueryInterface }) => {
    await to.bulkUpdate('photos', { thumbnail_key: '' }, { format: 'HEIC' });
  },
};
