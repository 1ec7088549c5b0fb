import { formatOf } from './formats.ts';
import { frameSize } from './jpeg.ts';
import { webpSize } from './webp.ts';

/** Width and height in pixels, before any turn that its orientation asks for. */
export interface PictureSize {
  readonly width: number;
  readonly height: number;
}

/** The size that a picture's own headers say, in whichever format; undefined where they say none. */
export function pictureSize(bytes: Uint8Array): PictureSize | undefined {
  const view = new DataView(bytes.buffer, bytes.byteOffset, bytes.byteLength);
  try {
    switch (formatOf(bytes)) {
      case 'JPEG':
        return frameSize(bytes);
      case 'PNG': // PNG 3rd edition, 11.2.1 "IHDR"
        return { width: view.getUint32(16), height: view.getUint32(20) };
      case 'WebP':
        return webpSize(bytes);
      case 'GIF': // GIF89a, 18 "Logical Screen Descriptor"
        return { width: view.getUint16(6, true), height: view.getUint16(8, true) };
      case 'TIFF':
        return tiffSize(view);
      case 'HEIC':
      case 'AVIF':
        return largestExtent(bytes, view);
      case undefined:
        return undefined;
    }
  } catch (error) {
    if (error instanceof RangeError) return undefined; // the file ends before its header does
    throw error;
  }
}

/** ImageWidth and ImageLength of the first directory (TIFF 6.0, section 2 and 8). */
function tiffSize(view: DataView): PictureSize | undefined {
  const isLittle = view.getUint8(0) === 0x49;
  const directory = view.getUint32(4, isLittle);
  const values = new Map<number, number>();
  for (let at = 0; at < view.getUint16(directory, isLittle); at += 1) {
    const entry = directory + 2 + at * 12;
    const isShort = view.getUint16(entry + 2, isLittle) === 3;
    const value = isShort ? view.getUint16(entry + 8, isLittle) : view.getUint32(entry + 8, isLittle);
    values.set(view.getUint16(entry, isLittle), value);
  }
  const [width, height] = [values.get(256), values.get(257)];
  return width && height ? { width, height } : undefined;
}

/** Bytes in which a file of HEIF describes its images. */
const DESCRIBED = 65_536;

/** The largest of the extents ("ispe", ISO/IEC 23008-12, 6.5.3): parts and thumbnails have some of their own. */
function largestExtent(bytes: Uint8Array, view: DataView): PictureSize | undefined {
  const head = new TextDecoder('latin1').decode(bytes.subarray(0, DESCRIBED));
  let largest: PictureSize | undefined;
  for (let at = head.indexOf('ispe'); at >= 0; at = head.indexOf('ispe', at + 4)) {
    const size = { width: view.getUint32(at + 8), height: view.getUint32(at + 12) };
    if (!largest || size.width * size.height > largest.width * largest.height) largest = size;
  }
  return largest;
}
