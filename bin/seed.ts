import { cpSync, mkdirSync, writeFileSync } from 'node:fs';
import { dirname, join } from 'node:path';
import { Op } from 'sequelize';
import { demoClients, drawPhoto, sitePages, sitesFolder } from '#demo';
import { usualPlacement } from '#core/page';
import { recordSchema } from '#core/record';
import type { PhotoStore } from '#server/gateways/photoStore.ts';
import { addBranch, saveDefaults, saveRecord } from '#server/store/branches.ts';
import { addClient } from '#server/store/clients.ts';
import { ClientRow } from '#server/store/models.ts';
import { keepPage, placeOnPage } from '#server/store/pages.ts';
import { keepPhoto } from '#server/store/photos.ts';

/** Puts the demo's clients into the database, with their pages and photos. */
export async function seedDemo(photos: PhotoStore): Promise<void> {
  for (const client of demoClients) {
    const clientId = await addClient(client.name);
    await saveDefaults(clientId, recordSchema.parse(client.defaults), 0);
    const pages = new Map<string, number>();
    for (const { path, bytes } of sitePages(client.site))
      pages.set(path, (await keepPage(clientId, path, bytes)).id);
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
        await placeOnPage(pageId, { branchId, form: 'jsonld', at: usualPlacement.jsonld });
        await saveRecord(branchId, record, 0);
      }
      for (const [at, scene] of branch.photos.entries()) {
        const bytes = await drawPhoto(scene, at % 2 === 0);
        await keepPhoto(branchId, `${scene}.jpg`, bytes, await photos.put([bytes]));
      }
    }
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

/** Takes the demo's clients out of the database for good, whatever has become of them. Others stay. */
export async function removeDemo(): Promise<void> {
  await ClientRow.destroy({ where: { name: { [Op.in]: demoClients.map(({ name }) => name) } }, force: true });
}
