import { long, rationals, short, undefinedBytes, type ExifChanges } from './exif.ts';

/**
 * What an Exif block in a JPEG has to say besides what is set (Exif 2.32, 4.6.8 "Tag support levels"): a resolution
 * that nobody knows is 72 to the inch, a colour space that nobody knows is uncalibrated.
 */
export function requiredExif(size: {
  readonly width: number;
  readonly height: number;
}): Pick<ExifChanges, 'ifd0' | 'exif'> {
  return {
    ifd0: [rationals(0x011a, [[72, 1]]), rationals(0x011b, [[72, 1]]), short(0x0128, 2), short(0x0213, 1)],
    exif: [
      undefinedBytes(0x9101, [1, 2, 3, 0]),
      undefinedBytes(0xa000, [0x30, 0x31, 0x30, 0x30]),
      short(0xa001, 0xffff),
      long(0xa002, size.width),
      long(0xa003, size.height),
    ],
  };
}
