import { randomBytes } from 'node:crypto';
import {
  chmodSync,
  existsSync,
  mkdirSync,
  readFileSync,
  realpathSync,
  renameSync,
  rmSync,
  statSync,
  writeFileSync,
} from 'node:fs';
import { dirname } from 'node:path';

/** A folder that cannot be trusted with anybody's data, and what to do about it. */
class UnsafeFolder extends Error {}

const OTHERS_WRITE = 0o022;
const ANYBODY_WRITES = 0o002;
const STICKY = 0o1000;

/**
 * Makes a folder that only its owner can enter (mode 0700), or makes it so. A folder that is somebody else's,
 * that others can write to, or that others could put another in place of, is refused.
 */
export function ownFolder(folder: string): void {
  mkdirSync(folder, { recursive: true, mode: 0o700 });
  const real = realpathSync(folder);
  const { uid, mode } = statSync(real);
  const own = process.getuid?.() ?? uid;
  if (uid !== own)
    throw new UnsafeFolder(
      `${folder} belongs to another user. Nothing was started; name another folder with --data.`,
    );
  if ((mode & OTHERS_WRITE) !== 0)
    throw new UnsafeFolder(
      `Others can write to ${folder}, so what lies in it cannot be trusted. Nothing was started. Look at what is in it, then: chmod 700 '${folder}'`,
    );
  refuseOpenWay(real, folder);
  chmodSync(real, 0o700);
}

/** Whoever can write to a folder above can rename this one, unless the sticky bit keeps them from it. */
function refuseOpenWay(real: string, folder: string): void {
  for (let above = dirname(real), below = real; above !== below; below = above, above = dirname(above)) {
    const { mode } = statSync(above);
    if ((mode & ANYBODY_WRITES) !== 0 && (mode & STICKY) === 0)
      throw new UnsafeFolder(
        `Anybody can write to ${above} and put another folder in the place of ${folder}. Nothing was started; name another folder with --data.`,
      );
  }
}

/** Writes a file for its owner only, beside its place and then renamed: it is there whole or as it was. */
export function replaceFile(file: string, text: string): void {
  const beside = `${file}.${String(process.pid)}.part`;
  rmSync(beside, { force: true });
  writeFileSync(beside, text, { mode: 0o600, flag: 'wx', flush: true });
  renameSync(beside, file);
}

/**
 * What secrets are sealed with, in base64: from the environment (ZINC_KEY), or out of a file that is made where there is
 * none. Whoever loses it types the passwords of the sites in again, and nothing else is lost.
 */
export function secretsKey(file: string): string {
  const given = process.env['ZINC_KEY'];
  if (given) return given;
  if (!existsSync(file)) replaceFile(file, randomBytes(32).toString('base64'));
  return readFileSync(file, 'utf8').trim();
}
