import { afterAll, beforeAll, beforeEach, describe, expect, test } from '@jest/globals';
import { napBlock } from '#core/markup';
import { emptyRecord } from '#core/record';
import { larkspur } from '#sample';
import { addBranch, saveDefaults, saveRecord } from './store/branches.ts';
import { addClient, listBranches } from './store/clients.ts';
import { undoChange } from './store/changes.ts';
import { keepPage, listPages, placeOnPage, removeFromPage } from './store/pages.ts';
import { openTestServer, type TestServer } from './testing.ts';
import { ownThread, type PageWorker } from './threads/pageWork.ts';

let server: TestServer;
beforeAll(async () => {
  server = await openTestServer();
});
afterAll(() => server.close());

let read = 0;
/** Reads on this thread, and counts. */
const counting: PageWorker = {
  ...ownThread,
  read: (bytes, placed) => {
    read += 1;
    return ownThread.read(bytes, placed);
  },
};

const everything = { q: '', state: '', sort: 'label', offset: 0, limit: 100 } as const;
const PAGES = ['a.html', 'b.html', 'c.html'] as const;
let clientId: number;
let branchId: number;
let pageIds: number[];

const pages = () => listPages(clientId, counting);
const steps = async () => (await listBranches(clientId, everything, counting)).branches[0]?.steps;
const place = (pageId = pageIds[0] ?? 0) =>
  placeOnPage(pageId, { branchId, form: 'jsonld', at: 'head', foreign: false }, counting);
const stateOf = async (path: string) =>
  (await pages()).find((page) => page.path === path)?.placements[0]?.state;
/** Rows are brought up to date while nobody waits: until then a list may read again. */
async function settled(): Promise<void> {
  for (let quiet = 0; quiet < 3;) {
    const before = read;
    await pages();
    await steps();
    quiet = read === before ? quiet + 1 : 0;
  }
  read = 0;
}

beforeEach(async () => {
  clientId = await addClient('Larkspur & Vane');
  branchId = await addBranch(clientId, 'Quay Street', larkspur);
  pageIds = [];
  for (const path of PAGES)
    pageIds.push(
      await keepPage(clientId, path, Buffer.from(`<p>${path}${napBlock(larkspur).text}`), ownThread),
    );
});

describe('states on rows', () => {
  test('are asked for again and again without a page being read', async () => {
    await place();
    await settled();
    const [first, second] = [await pages(), await pages()];
    expect(second).toEqual(first);
    expect(first.map(({ items, size }) => [items.microdata, size > 0])).toEqual(PAGES.map(() => [1, true]));
    expect((await steps())?.pages).toEqual({ state: 'proved', detail: '1 proved' });
    expect(read).toBe(0);
  });

  test('follow the record, and only pages that carry it are read anew', async () => {
    await place();
    await settled();
    await saveRecord(branchId, { ...larkspur, telephone: '(360) 555-0199' }, 0);
    expect(await stateOf('a.html')).toBe('out-of-date');
    expect((await steps())?.pages.state).toBe('out-of-date');
    await settled();
    await pages();
    expect(read).toBe(0);
  });

  test('follow the client’s defaults', async () => {
    const bare = await addBranch(clientId, 'Bare', { ...emptyRecord, name: 'Bare' });
    await placeOnPage(
      pageIds[1] ?? 0,
      { branchId: bare, form: 'jsonld', at: 'head', foreign: true },
      counting,
    );
    await settled();
    await saveDefaults(clientId, { ...emptyRecord, slogan: 'Every hour' }, 0);
    expect(await stateOf('b.html')).toBe('out-of-date');
  });

  test('follow the page: placed, taken off, and undone', async () => {
    await settled();
    const { changeId } = await place();
    expect(await stateOf('a.html')).toBe('proved');
    expect((await steps())?.pages.state).toBe('proved');
    await undoChange(changeId);
    expect(await stateOf('a.html')).toBeUndefined();
    expect((await steps())?.pages.state).toBe('missing');
    await place();
    await removeFromPage(pageIds[0] ?? 0, 'jsonld', counting);
    expect((await steps())?.pages.state).toBe('missing');
  });

  test('of one page say nothing of the others', async () => {
    await place();
    await settled();
    await place(pageIds[2]);
    read = 0;
    await pages();
    expect(read).toBeLessThanOrEqual(1);
  });
});
