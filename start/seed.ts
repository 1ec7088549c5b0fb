import { cpSync, mkdirSync, writeFileSync } from 'node:fs';
import { dirname, join } from 'node:path';
import { Op } from 'sequelize';
import { demoClients, drawPhoto, sitePages, sitesFolder } from '#demo';
import { usualPlacement } from '#core/page';
import { readCarried } from '#core/photo';
import { recordSchema } from '#core/record';
import type { PhotoStore } from '#server/gateways/photoStore.ts';
import { addBranch, saveDefaults, saveRecord } from '#server/store/branches.ts';
import { addClient } from '#server/store/clients.ts';
import { ChangeRow, ClientRow } from '#server/store/models.ts';
import { keepPage, placeOnPage } from '#server/store/pages.ts';
import { keepPhoto } from '#server/store/photos.ts';
import { ownThread } from '#server/threads/pageWork.ts';

/** Puts the demo's clients into the database, with their pages and photos. */
export async function seedDemo(photos: PhotoStore): Promise<void> {
  for (const client of demoClients) {
    const clientId = await addClient(client.name, client.site);
    await saveDefaults(clientId, recordSchema.parse(client.defaults), 0);
    const pages = new Map<string, number>();
    for (const { path, bytes } of sitePages(client.site))
      pages.set(path, await keepPage(clientId, path, bytes, ownThread));
    for (const branch of client.branches) {
      const record = recordSchema.parse(branch.record);
      const placed = 'placed' in branch ? branch.placed : undefined;
      const branchId = await addBranch(
        clientId,
        branch.label,
        placed ? { ...record, telephone: placed.telephone } : record,
      );
      const pageId = placed && pages.get(placed.page);
      if (pageId !== undefined) {
        const placement = { branchId, form: 'jsonld', at: usualPlacement.jsonld, foreign: true } as const;
        await placeOnPage(pageId, placement, ownThread);
        await saveRecord(branchId, record, 0);
      }
      for (const [at, scene] of branch.photos.entries()) {
        const bytes = await drawPhoto(scene, at % 2 === 0);
        const photo = { name: `${scene}.jpg`, size: bytes.length, carried: readCarried(bytes) };
        await keepPhoto(branchId, photo, () => photos.put([bytes]));
      }
    }
    // Nobody has done what the demo begins with.
    await ChangeRow.destroy({ where: { clientId } });
  }
}

/** Puts the demo's sites into a folder, with a drawn picture wherever a record speaks of one. */
export async function layOutSites(folder: string): Promise<void> {
  cpSync(sitesFolder, folder, { recursive: true });
  const drawn = new Map<string, Promise<Buffer>>();
  for (const { branches } of demoClients)
    for (const { record, photos } of branches)
      for (const [at, { url }] of recordSchema.parse(record).image.entries()) {
        const { hostname, pathname } = new URL(url);
        const file = join(folder, hostname, pathname);
        const scene = photos[at] ?? 'front';
        const picture = drawn.get(scene) ?? drawPhoto(scene, false);
        drawn.set(scene, picture);
        mkdirSync(dirname(file), { recursive: true });
        writeFileSync(file, await picture);
      }
}

/**
 * Takes what the demo put in out of the database for good, whatever has become of it. It is known by its mark:
 * a client of the user's own with the same name stays.
 */
export async function removeDemo(): Promise<void> {
  await ClientRow.destroy({ where: { demo: { [Op.ne]: '' } }, force: true });
}
