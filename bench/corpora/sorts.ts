import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';

const folder = join(import.meta.dirname, 'sorts');

/**
 * Pages of places of many sorts, with nothing wrong in them: what has rooms, menus, departments, seasons or an area and
 * no door. A page's address is its canonical link.
 */
export const sorts: readonly (readonly [name: string, source: string, url: string])[] = readdirSync(folder)
  .sort()
  .map((file) => {
    const source = readFileSync(join(folder, file), 'utf8');
    return [file, source, /rel="canonical" href="([^"]*)"/.exec(source)?.[1] ?? ''];
  });
