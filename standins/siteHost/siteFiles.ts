import { lstatSync, readdirSync, realpathSync } from 'node:fs';
import { join, sep } from 'node:path';

/** Who may write to the demo's sites. The sites are invented, and so is this. */
export const demoUser = { user: 'demo', password: 'zinc-demo' } as const;

/** The file or folder of a path below a root; undefined for what leads out of it, or is hidden. */
export function below(root: string, path: string): string | undefined {
  const parts = path.split('/').filter(Boolean);
  if (parts.some((part) => part.startsWith('.') && !part.endsWith('.zinc-part')) || path.includes('\0'))
    return undefined;
  const file = join(root, ...parts);
  const base = realpathSync(root);
  const real = realOf(join(file, parts.length === 0 ? '' : '..'));
  return real === base || real?.startsWith(base + sep) ? file : undefined;
}

const realOf = (path: string): string | undefined => {
  try {
    return realpathSync(path);
  } catch {
    return undefined;
  }
};

/** What is known of a file; undefined where there is none. */
export const statOf = (file: string | undefined) =>
  file === undefined ? undefined : lstatSync(file, { throwIfNoEntry: false });

/** The names in a folder, without what is hidden. */
export const namesIn = (folder: string): readonly string[] =>
  readdirSync(folder)
    .filter((name) => !name.startsWith('.'))
    .sort();
