/** The picture of a HEIC (ISO/IEC 23008-12), which sharp's own libraries have no decoder for. */
import { readFile } from 'node:fs/promises';
import sharp from 'sharp';
import { limits } from '#core/limits';
import { folderPhotoStore } from '../gateways/photoStore.ts';
import { thumbnailOf } from '../gateways/thumbnails.ts';

/**
 * The thumbnail of an original of the photo store at `location`; undefined where its picture cannot be decoded, or has
 * more pixels than are decoded.
 */
export async function heicThumbnail(location: string, originalKey: string): Promise<Uint8Array | undefined> {
  const file = await folderPhotoStore(location).file(originalKey);
  if (!file) return undefined;
  const { default: libheif } = await import('libheif-js/wasm-bundle.js');
  const images = new libheif.HeifDecoder().decode(await readFile(file));
  const image = images.find((one) => one.is_primary()) ?? images[0];
  try {
    if (!image) return undefined;
    const [width, height] = [image.get_width(), image.get_height()];
    if (!(width * height > 0) || width * height > limits.heicPixels) return undefined;
    const data = new Uint8ClampedArray(width * height * 4);
    const isDecoded = await new Promise<boolean>((resolve) => {
      image.display({ data, width, height }, (decoded) => {
        resolve(decoded !== null);
      });
    });
    if (!isDecoded) return undefined;
    return await thumbnailOf(sharp(data, { raw: { width, height, channels: 4 } }));
  } finally {
    for (const one of images) one.free();
  }
}
