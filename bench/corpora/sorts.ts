import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';

/** The pages of a folder beside this file. A page's address is its canonical link. */
const pagesIn = (folder: string): readonly (readonly [name: string, source: string, url: string])[] =>
  readdirSync(join(import.meta.dirname, folder))
    .sort()
    .map((file) => {
      const source = readFileSync(join(import.meta.dirname, folder, file), 'utf8');
      return [file, source, /rel="canonical" href="([^"]*)"/.exec(source)?.[1] ?? ''];
    });

/** Pages of many countries and languages as they were written, whose lines may be long. */
export const pagesOfCountries = pagesIn('countries');

/** Pages of places of many sorts and countries, with nothing wrong in them: what has rooms, menus, departments, seasons or an area and no door. */
export const sorts = [...pagesIn('sorts'), ...pagesOfCountries];
