/** A picture as it was fetched from its address. */
export interface Picture {
  /** Pixels. */
  readonly width: number;
  readonly height: number;
  /** Bytes of its file. */
  readonly bytes: number;
  /** "jpeg", "png" … */
  readonly format: string;
  /** SHA-256 of its bytes, in hexadecimal. */
  readonly digest: string;
}

/** Formats that search engines list for pictures (Google Search Central, image SEO; read 2026-11-26). */
const SHOWN = new Set(['jpeg', 'png', 'webp', 'gif', 'svg', 'avif', 'bmp']);
/** Width times height that a picture of a place should have at least (guidelines for local businesses). */
const ENOUGH = 50_000;
/** A logo is shown at no less than this, pixels of each side. */
const LOGO = 112;
/** More than this is slow to load, bytes. */
const HEAVY = 2_000_000;

const weight = (bytes: number): string =>
  bytes < 1000
    ? `${String(bytes)} bytes`
    : bytes < 1_000_000
      ? `${String(Math.round(bytes / 1000))} KB`
      : `${(bytes / 1_000_000).toFixed(1)} MB`;

/** "1600 × 1200, JPEG, 240 KB" */
export const pictureInWords = ({ width, height, bytes, format }: Picture): string =>
  `${String(width)} × ${String(height)}, ${format.toUpperCase()}, ${weight(bytes)}`;

/** What is wrong with a picture for its use, in words; none where it does. */
export function judgePicture(picture: Picture, use: 'image' | 'logo'): readonly string[] {
  const { width, height, bytes, format } = picture;
  const found: string[] = [];
  if (!SHOWN.has(format)) found.push(`${format.toUpperCase()} is shown by few; JPEG, PNG or WebP by all`);
  if (use === 'logo') {
    if (width < LOGO || height < LOGO) found.push(`smaller than ${String(LOGO)} × ${String(LOGO)}`);
    if (Math.max(width, height) > 3 * Math.min(width, height))
      found.push('far from square: it is shown in a square or circle');
  } else if (width * height < ENOUGH) found.push('too small to be shown large');
  if (bytes > HEAVY) found.push('heavy: it is slow to load');
  return found;
}

/** Which of some pictures are one and the same, by their places among them: "2 is the same as 1". */
export const samePictures = (
  pictures: readonly (Picture | undefined)[],
): readonly (readonly [at: number, first: number])[] =>
  pictures.flatMap((picture, at): (readonly [number, number])[] => {
    const first = picture ? pictures.findIndex((one) => one?.digest === picture.digest) : at;
    return first < at ? [[at, first]] : [];
  });
