import { decodeBytes } from '#core/text';

/** The character codes a comment may begin with, 8 bytes each (Exif 2.32, table 9). */
const UNICODE = 'UNICODE\0';
const JIS = 'JIS\0\0\0\0\0';
const ASCII = 'ASCII\0\0\0';
const UNDEFINED = '\0'.repeat(8);

/**
 * The text of a UserComment (Exif 2.32, 4.6.5 "UserComment"): `bytes` with its character code. Unicode is read in the byte
 * order in which it makes sense, since many programs write another than the file's. What says that it is
 * ASCII, or says nothing, is often UTF-8. '' for what is no comment.
 */
export function userCommentText(bytes: Uint8Array, isFileLittleEndian: () => boolean): string {
  const code = String.fromCharCode(...bytes.subarray(0, 8));
  const body = bytes.subarray(8);
  return textBehind(code, body, isFileLittleEndian).replace(/[\0 ]+$/, '');
}

function textBehind(code: string, body: Uint8Array, isFileLittleEndian: () => boolean): string {
  if (code === UNICODE)
    return new TextDecoder(isLittle(body, isFileLittleEndian) ? 'utf-16le' : 'utf-16be').decode(body);
  if (code === JIS) return new TextDecoder('iso-2022-jp').decode(body);
  if (code !== ASCII && code !== UNDEFINED) return '';
  try {
    return new TextDecoder('utf-8', { fatal: true }).decode(body);
  } catch {
    return decodeBytes(body, 'windows-1252');
  }
}

/** Blanks, digits and Latin letters have a byte of zero above them; where they tell nothing, the file's order counts. */
function isLittle(body: Uint8Array, isFileLittleEndian: () => boolean): boolean {
  if (body[0] === 0xff && body[1] === 0xfe) return true;
  if (body[0] === 0xfe && body[1] === 0xff) return false;
  let [little, big] = [0, 0];
  for (let at = 0; at + 1 < body.length; at += 2) {
    if (body[at + 1] === 0 && body[at] !== 0) little += 1;
    if (body[at] === 0 && body[at + 1] !== 0) big += 1;
  }
  return little === big ? isFileLittleEndian() : little > big;
}
