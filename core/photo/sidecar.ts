import { concat } from './bytes.ts';
import { readPng } from './png.ts';

/** The smallest PNG: one transparent pixel. */
const PIXEL = Uint8Array.from(
  atob('iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAYAAAAfFcSJAAAADUlEQVR42mNk+M9QDwADhgGAWjR9awAAAABJRU5ErkJggg=='),
  (character) => character.charCodeAt(0),
);

/** A packet of XMP in a picture of one pixel, for readers that read pictures only. */
export function wrappedPacket(packet: Uint8Array): Uint8Array {
  const pixel = readPng(PIXEL);
  const written = pixel.ok ? pixel.container.write({ xmp: packet }) : pixel;
  return written.ok ? concat(written.parts) : new Uint8Array();
}
