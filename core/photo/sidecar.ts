import { foldFileName, freeName } from '#core/text';
import { concat } from './bytes.ts';
import { readPng } from './png.ts';

/** The smallest PNG: one transparent pixel. */
const PIXEL = Uint8Array.from(
  atob('iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAYAAAAfFcSJAAAADUlEQVR42mNk+M9QDwADhgGAWjR9awAAAABJRU5ErkJggg=='),
  (character) => character.charCodeAt(0),
);

/**
 * What the sidecars of these pictures are called, in their order: as the picture with .xmp for its ending, and where
 * several have one name but for that, with .xmp behind it: `front.heic` and `front.jpg` would both claim `front.xmp`.
 */
export function sidecarNames(pictures: readonly string[]): readonly string[] {
  const stem = (picture: string): string => picture.replace(/\.[^./\\]*$/, '');
  const count = new Map<string, number>();
  for (const picture of pictures) {
    const folded = foldFileName(stem(picture));
    count.set(folded, (count.get(folded) ?? 0) + 1);
  }
  const taken = new Set<string>();
  return pictures.map((picture) => {
    const name = stem(picture);
    return freeName(`${(count.get(foldFileName(name)) ?? 0) > 1 ? picture : name}.xmp`, taken);
  });
}

/** A packet of XMP in a picture of one pixel, for readers that read pictures only. */
export function wrappedPacket(packet: Uint8Array): Uint8Array {
  const pixel = readPng(PIXEL);
  const written = pixel.ok ? pixel.container.write({ xmp: packet }) : pixel;
  return written.ok ? concat(written.parts) : new Uint8Array();
}
