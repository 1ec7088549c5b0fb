import type { BusinessRecord } from '#core/record';
import { ownThread } from '#server/threads/pageWork.ts';
import { openTestServer } from '#server/testing.ts';
import { addClient, listBranches } from '#server/store/clients.ts';
import { importBranches } from '#server/store/imports.ts';
import { keepPages, listPages } from '#server/store/pages.ts';
import { readImport } from '#server/threads/importWork.ts';
import { start, stop } from '../start/testDatabase.ts';
import { median, type Figure } from './ratio.ts';

const PAGES = 500;
const BRANCHES = 2000;

/** What lists take that everybody waits for: a site's pages, and the desk's filter, nothing having changed since. */
export async function benchLists(record: BusinessRecord): Promise<readonly Figure[]> {
  await start();
  const server = await openTestServer();
  try {
    const clientId = await addClient('Larkspur & Vane');
    const branches = Array.from({ length: BRANCHES }, (_, at) => ({
      label: `Branch ${String(at)}`,
      record: { ...record, branchCode: String(at) },
    }));
    const read = readImport(Buffer.from(JSON.stringify({ branches })));
    if (!read.ok) throw new Error('The branches of the bench cannot be read.');
    await importBranches(clientId, read.pieces, 'bench');
    const pages = async function* () {
      for (let at = 0; at < PAGES; at += 1)
        yield await Promise.resolve({
          path: `${String(at)}.html`,
          bytes: Buffer.from(`<!doctype html><title>${String(at)}</title><p>${record.description}`),
        });
    };
    await keepPages(clientId, pages, { placed: 'drop', title: 'bench' }, ownThread);
    const filter = () =>
      listBranches(clientId, { q: '', state: 'should', sort: 'label', offset: 0, limit: 100 }, ownThread);
    // The first time everything is worked out, and rows are brought up to date behind it.
    await listPages(clientId, ownThread);
    await filter();
    await new Promise((resolve) => setTimeout(resolve, 2000));
    return [
      {
        what: `list of ${String(PAGES)} pages`,
        value: await median(5, () => listPages(clientId, ownThread)),
        unit: 'ms',
        target: 200,
      },
      {
        what: `the desk's filter by state over ${String(BRANCHES)} branches`,
        value: await median(5, filter),
        unit: 'ms',
        target: 100,
      },
    ];
  } finally {
    await server.close();
    await stop();
  }
}
