import { cpSync, mkdirSync, writeFileSync } from 'node:fs';
import { dirname, join } from 'node:path';
import { demoClients, drawPhoto, sitesFolder } from '#demo';
import { recordSchema } from '#core/record';

/** Puts the demo's sites into a folder, with a drawn picture wherever a record speaks of one. */
export async function layOutSites(folder: string): Promise<void> {
  cpSync(sitesFolder, folder, { recursive: true });
  const drawn = new Map<string, Promise<Buffer>>();
  for (const { branches, defaults } of demoClients)
    for (const { record, photos } of branches) {
      const { image, logo } = recordSchema.parse(record);
      for (const [at, { url }] of [...image, ...logo, ...recordSchema.parse(defaults).logo].entries()) {
        const { hostname, pathname } = new URL(url);
        const file = join(folder, hostname, pathname);
        const scene = photos[at] ?? 'front';
        const picture = drawn.get(scene) ?? drawPhoto(scene, false);
        drawn.set(scene, picture);
        mkdirSync(dirname(file), { recursive: true });
        writeFileSync(file, await picture);
      }
    }
}
