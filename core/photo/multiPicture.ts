import { hasIdentifier, type JpegSegment } from './jpeg.ts';

const APP2 = 0xe2;
const IDENTIFIER = 'MPF\0';
/** The tag of the list of pictures, and the bytes that each takes in it (CIPA DC-007, 5.2.3). */
const [MP_ENTRY, ENTRY_LENGTH, MOST_PICTURES] = [0xb002, 16, 1000];
/** The bytes of an entry of a directory of TIFF. */
const FIELD_LENGTH = 12;

/** Whether a segment lists further pictures that stand behind the first in the file (CIPA DC-007, Multi-Picture Format). */
export const isMultiPicture = (segment: JpegSegment): boolean =>
  segment.marker === APP2 && hasIdentifier(segment, IDENTIFIER);

/** By how many bytes a file became longer: between the list of pictures and the others, and in its first picture in all. */
interface Growth {
  readonly behind: number;
  readonly first: number;
}

/**
 * The list of pictures after bytes were added to the head of the first: places are told from the list on, and the first
 * picture is as long as it now is. A list that cannot be read stays as it is.
 */
export function movedPictures(segment: JpegSegment, growth: Growth): JpegSegment {
  // A copy: `slice` of Node's Buffer would be the file's own memory.
  const data = new Uint8Array(segment.data);
  const view = new DataView(data.buffer, IDENTIFIER.length);
  const list = listOf(view);
  if (!list) return segment;
  for (let nth = 0; nth < list.count; nth += 1) {
    const at = list.start + nth * ENTRY_LENGTH;
    const [size, place] = [view.getUint32(at + 4, list.little), view.getUint32(at + 8, list.little)];
    if (nth === 0) view.setUint32(at + 4, size + growth.first, list.little);
    else if (place > 0) view.setUint32(at + 8, place + growth.behind, list.little);
  }
  return { ...segment, data };
}

/** Where the entries of the pictures stand, in a structure of TIFF; undefined where there are none, or they reach too far. */
function listOf(view: DataView): { start: number; count: number; little: boolean } | undefined {
  const fits = (at: number, length: number): boolean => at >= 0 && at + length <= view.byteLength;
  if (!fits(0, 8)) return undefined;
  const little = view.getUint16(0) === 0x4949;
  if ((!little && view.getUint16(0) !== 0x4d4d) || view.getUint16(2, little) !== 42) return undefined;
  const directory = view.getUint32(4, little);
  if (!fits(directory, 2)) return undefined;
  for (let nth = 0; nth < view.getUint16(directory, little); nth += 1) {
    const field = directory + 2 + nth * FIELD_LENGTH;
    if (!fits(field, FIELD_LENGTH)) return undefined;
    if (view.getUint16(field, little) !== MP_ENTRY) continue;
    const [length, start] = [view.getUint32(field + 4, little), view.getUint32(field + 8, little)];
    const count = Math.floor(length / ENTRY_LENGTH);
    return count <= MOST_PICTURES && fits(start, count * ENTRY_LENGTH) ? { start, count, little } : undefined;
  }
  return undefined;
}
