import { Readable } from 'node:stream';
import { Op } from 'sequelize';
import * as z from 'zod';
import { archiveSchema, type Archive } from '#contract';
import { jsonLd } from '#core/markup';
import { effectiveRecord } from '#core/record';
import { fileName, freeName } from '#core/text';
import type { PhotoStore } from '../gateways/photoStore.ts';
import { type ToZip } from '#outside/zip.ts';
import { findClient } from './branches.ts';
import { judgingOf } from './judging.ts';
import { columnsOf, eachBranch, sheetOf } from './imports.ts';
import type { ClientRow } from './models.ts';
import {
  clientJson,
  branchStampJson,
  photoJson,
  PhotoRow,
  placementOutputJson,
  PlacementRow,
  recordJson,
  siteAccessJson,
  SiteRow,
  type BranchRow,
} from './models.ts';
import { usesOf } from './photoUses.ts';
import { pagePaths, sourceOf } from './pages.ts';

const numbered = (at: number): string => String(at + 1).padStart(4, '0');
const piecewise = (pieces: Iterable<string>) => () => Promise.resolve(Readable.from(pieces));

/**
 * Everything of a client as the files of one zip. What a file says is made when its turn comes, branch by branch:
 * the markup of thousands at once would hold up everybody.
 */
export async function archiveOf(clientId: number, store: PhotoStore, made: Date): Promise<readonly ToZip[]> {
  const client = await findClient(clientId);
  const branches: BranchRow[] = [];
  for await (const branch of eachBranch(clientId)) branches.push(branch);
  const placeOf = new Map(branches.map(({ id }, at) => [id, at]));
  const kept = branches.map((branch, at) => ({
    branch,
    jsonld: `jsonld/${numbered(at)}-${fileName(branch.label)}.jsonld`,
  }));
  const defaults = clientJson.defaults.read(client.defaults);
  const sites = await SiteRow.findAll({ where: { clientId }, order: ['id'] });
  const files: ToZip[] = kept.map(({ jsonld, branch }) => ({
    path: jsonld,
    open: () => {
      const told = { ...effectiveRecord(recordJson.read(branch.record), defaults), output: null };
      return piecewise([bareJson(jsonLd(told).text)])();
    },
  }));
  const archive: Omit<Archive, 'branches'> = {
    format: 'zinc-post-client',
    version: 1,
    made: made.toISOString(),
    client: await clientPart(client),
    sites: sites.map(sitePart),
    pages: await pageParts(clientId, placeOf, sites, files),
    photos: await photoParts(branches, placeOf, store, files),
  };
  return [
    { path: 'manifest.json', open: piecewise(manifestPieces(archive, kept)) },
    { path: 'manifest.schema.json', open: piecewise([archiveJsonSchema()]) },
    { path: 'branches.csv', open: () => Promise.resolve(Readable.from(sheetOf(clientId))) },
    ...files,
  ];
}

/** The manifest as JSON, a branch a line. */
function* manifestPieces(
  { pages, photos, ...head }: Omit<Archive, 'branches'>,
  kept: readonly { readonly jsonld: string; readonly branch: BranchRow }[],
): Generator<string> {
  let before = `${JSON.stringify(head, null, 1).slice(0, -2)},\n "branches": [\n`;
  for (const { jsonld, branch } of kept) {
    const part: Archive['branches'][number] = {
      label: branch.label,
      record: recordJson.read(branch.record),
      jsonld,
      stamp: branch.stamp === null ? null : branchStampJson.read(branch.stamp),
    };
    yield `${before}${JSON.stringify(part)}`;
    before = ',\n';
  }
  yield `${before === ',\n' ? '' : before}\n ],\n "pages": ${JSON.stringify(pages)},\n "photos": ${JSON.stringify(photos)}\n}\n`;
}

/** The JSON Schema of `manifest.json`. */
const archiveJsonSchema = (): string =>
  `${JSON.stringify(z.toJSONSchema(archiveSchema, { unrepresentable: 'any', io: 'input' }), null, 2)}\n`;

const bareJson = (markup: string): string => `${markup.replace(/^<script[^>]*>\n|\n<\/script>$/g, '')}\n`;

async function clientPart(client: ClientRow): Promise<Archive['client']> {
  const { profile, wants, ignores } = await judgingOf(client.id);
  return {
    name: client.name,
    defaults: clientJson.defaults.read(client.defaults),
    judging: { profile, wants },
    ignores: ignores.map(({ code, page, excerpt, reason }) => ({ code, page, excerpt, reason })),
    columns: (await columnsOf(client.id)).columns,
    rules: clientJson.rules.read(client.rules),
    stamps: clientJson.stamps.read(client.stamps),
    verifies: client.verifies,
  };
}

/** A site without what signs in there. */
const sitePart = ({ name, url, access }: SiteRow): Archive['sites'][number] => ({
  name,
  url,
  access: siteAccessJson.read(access),
});

async function pageParts(
  clientId: number,
  placeOf: ReadonlyMap<number, number>,
  sites: readonly SiteRow[],
  files: ToZip[],
): Promise<Archive['pages']> {
  const pages = await pagePaths(clientId);
  const siteOf = new Map(sites.map(({ id }, at) => [id, at]));
  const placements = await PlacementRow.findAll({
    where: { pageId: { [Op.in]: pages.map(({ id }) => id) } },
    order: ['id'],
  });
  return pages.map(({ id, path, siteId, ownerId }, at) => {
    // A path may be one that no file can have; the manifest says what it is.
    const file = `pages/${numbered(at)}-${fileName(path.replace(/\.[^.]*$/, ''))}.html`;
    files.push({ path: file, open: async () => Readable.from([await sourceOf(id)]) });
    return {
      path,
      file,
      site: siteOf.get(siteId) ?? null,
      owner: ownerId === 0 ? -1 : (placeOf.get(ownerId ?? 0) ?? null),
      placements: placements.flatMap(({ pageId, branchId, form, at: where, output }) => {
        const branch = placeOf.get(branchId);
        return pageId === id && branch !== undefined
          ? [{ branch, form, at: where, output: output && placementOutputJson.read(output) }]
          : [];
      }),
    };
  });
}

async function photoParts(
  branches: readonly BranchRow[],
  placeOf: ReadonlyMap<number, number>,
  store: PhotoStore,
  files: ToZip[],
): Promise<Archive['photos']> {
  const photos = await PhotoRow.findAll({
    where: { branchId: { [Op.in]: branches.map(({ id }) => id) } },
    order: ['id'],
  });
  const uses = await usesOf(photos.map(({ id }) => id));
  const names = new Set<string>();
  const parts: Archive['photos'] = [];
  for (const photo of photos) {
    const { branchId, name, originalKey, stampedKey, sidecarKey, stamp } = photo;
    const branch = placeOf.get(branchId);
    const original = await store.stream(originalKey);
    if (branch === undefined || !original) continue;
    const stamped = stampedKey ? await store.stream(stampedKey) : undefined;
    const sidecar = sidecarKey ? await store.stream(sidecarKey) : undefined;
    const ending = /\.[a-z0-9]{1,5}$/i.exec(name)?.[0].toLowerCase() ?? '.jpg';
    const file = freeName(`${numbered(branch)}/${fileName(name.replace(/\.[^.]*$/, ''))}${ending}`, names);
    const put = (folder: string, { bytes }: NonNullable<typeof stamped>, end = ''): string => {
      const path = `${folder}/${file}${end}`;
      files.push({ path, open: () => Promise.resolve(bytes()), compress: false });
      return path;
    };
    parts.push({
      branch,
      name,
      original: put('photos', original),
      stamped: stamped ? put('stamped', stamped) : null,
      sidecar: sidecar ? put('stamped', sidecar, '.xmp') : null,
      own: photoJson.own.read(photo.own),
      uses: (uses.get(photo.id) ?? []).map(({ kind, address, date }) => ({ kind, address, date })),
      stamp: photoJson.stamp.read(stamp),
    });
  }
  return parts;
}
