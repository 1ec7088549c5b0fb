import sharp, { type Sharp } from 'sharp';

// What was decoded is kept as a thumbnail, not in memory.
sharp.cache(false);

export const THUMBNAIL = { width: 320, height: 240 };

/** A picture as the small one that lists show. */
export const thumbnailOf = (picture: Sharp): Promise<Buffer> =>
  picture
    .resize({ ...THUMBNAIL, fit: 'cover' })
    .webp({ quality: 80 })
    .toBuffer();
