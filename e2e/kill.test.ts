/** A run over many pages goes on after whatever is killed under it: no page half, none twice, none left out. */
import { execFileSync } from 'node:child_process';
import { mkdirSync, mkdtempSync, readdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterAll, beforeAll, expect, test } from '@jest/globals';
import { linkTo, shownRunSchema, sitesSchema, type RunInput, type ShownRun } from '#contract';
import { larkspur } from '#sample';
import { startApplication, type Application } from './application.ts';
import { copySeeded } from './seeded.ts';

/** How often each victim is killed; more than once by hand: KILL_ROUNDS=5 npm run jest -- --selectProjects e2e kill */
const ROUNDS = Number(process.env['KILL_ROUNDS'] ?? 1);
/** A lease that ran out, and a crowded machine, are waited for; whoever waits longer waits in vain. */
const WAIT_MS = 150_000;
const PAGES = ROUNDS > 1 ? 200 : 50;
const DOMAIN = 'larkspurvane.example';
const folder = mkdtempSync(join(tmpdir(), 'zinc-kill-'));
const data = join(folder, 'data');
const shops = join(data, 'sites', DOMAIN, 'shops');
const name = (at: number): string => `${String(at)}.html`;
const html = (at: number): string =>
  `<!doctype html>\r\n<html lang="en"><head><title>Shop ${String(at)}</title></head><body>${'<p>Words.\r\n'.repeat(400)}</body></html>`;

let application: Application;
const ask = (path: string, method = 'GET', body?: object): Promise<Response> =>
  fetch(`${application.address}${path}`, {
    method,
    headers: { 'Content-Type': 'application/json' },
    ...(body ? { body: JSON.stringify(body) } : {}),
    signal: AbortSignal.timeout(WAIT_MS),
  });
const idOf = async (answer: Promise<Response>): Promise<number> =>
  ((await (await answer).json()) as { id: number }).id;

beforeAll(async () => {
  await copySeeded(data);
  application = await startApplication(data);
});
afterAll(async () => {
  await application.stop();
  rmSync(folder, { recursive: true, force: true });
});

/** What was last heard of a run: said where it is waited for in vain. */
let heard = '';

/** A run as it stands; undefined while nobody answers. */
async function look(id: number): Promise<ShownRun | undefined> {
  try {
    const answer = await ask(linkTo('run', { id }));
    heard = await answer.text();
    return answer.ok ? shownRunSchema.parse(JSON.parse(heard)) : undefined;
  } catch (error) {
    heard = String(error);
    return undefined;
  }
}

/** Looks at a run until it is as wanted; one that never gets there is told with what the application printed. */
async function lookUntil(id: number, isWanted: (run: ShownRun) => boolean): Promise<ShownRun> {
  const end = Date.now() + WAIT_MS;
  while (Date.now() < end) {
    const run = await look(id);
    if (run && isWanted(run)) return run;
    await new Promise((resolve) => setTimeout(resolve, 20));
  }
  throw new Error(`Run ${String(id)} came no further: ${heard.slice(0, 600)}\n${application.printed()}`);
}

const settled = (id: number): Promise<ShownRun> =>
  lookUntil(id, ({ state }) => !['previewing', 'publishing'].includes(state));

/**
 * The processes of the application whose command line fits, without the shell that asks. All is asked for at once: of
 * the other tests' processes some end between two questions.
 */
const processes = (pattern: string): readonly number[] =>
  execFileSync('ps', ['-eo', 'pid=,ppid=,args='], { encoding: 'utf8' })
    .split('\n')
    .flatMap((line) => {
      const [pid, parent] = line.trim().split(/\s+/).map(Number);
      const isOurs = line.includes(data) || parent === application.process.pid;
      return pid !== undefined && line.includes(pattern) && isOurs ? [pid] : [];
    });
const kill = (pattern: string): void => {
  const found = processes(pattern);
  expect(found.length).toBeGreaterThan(0);
  for (const pid of found) process.kill(pid, 'SIGKILL');
};

const victims: Readonly<Record<string, () => Promise<void>>> = {
  'the server': async () => {
    kill('main.mjs');
    await restart();
  },
  MariaDB: async () => {
    kill('mariadbd');
    await look(0); // who starts it again is the application itself
  },
  'the site host': async () => {
    kill('siteHost.mjs');
    await restart();
  },
  everything: async () => {
    const all = ['main.mjs', 'siteHost.mjs', 'addressSearch.mjs', 'mariadbd'].flatMap(processes);
    application.process.kill('SIGKILL');
    for (const pid of all) process.kill(pid, 'SIGKILL');
    await restart();
  },
};

async function restart(): Promise<void> {
  await application.stop('SIGTERM');
  application = await startApplication(data);
  if (!application.address) throw new Error(`The application ended:\n${application.printed()}`);
}

const input: RunInput = {
  act: 'place',
  rules: [
    {
      name: '',
      pages: { kind: 'pattern', pattern: 'shops/*' },
      branch: null,
      form: 'jsonld',
      at: 'head',
      existing: 'keep',
      corrects: [],
      output: null,
    },
  ],
};

test(
  'whatever is killed, a run is carried out once and whole',
  async () => {
    mkdirSync(shops, { recursive: true });
    for (let at = 0; at < PAGES; at += 1) writeFileSync(join(shops, name(at)), html(at));
    const clients = (await (await ask('/api/clients')).json()) as { clients: { id: number; name: string }[] };
    const clientId = clients.clients.find((client) => client.name.startsWith('Larkspur'))?.id ?? 0;
    const branches = Array.from({ length: PAGES }, (_, at) => ({
      label: `Shop ${String(at)}`,
      record: { ...larkspur, id: '', url: `https://${DOMAIN}/shops/${name(at)}` },
    }));
    const imported = await ask(linkTo('importBranches', { id: clientId }), 'POST', {
      title: 'shops',
      branches,
    });
    expect(imported.status).toBe(201);
    const { sites } = sitesSchema.parse(await (await ask(linkTo('sites', { id: clientId }))).json());
    await settled(await idOf(ask(linkTo('readSite', { id: sites[0]?.id ?? 0 }), 'POST')));

    const strikes = Array.from({ length: ROUNDS }, () => Object.entries(victims)).flat();
    for (const [victim, strike] of strikes) {
      const id = await idOf(ask(linkTo('addRun', { id: clientId }), 'POST', input));
      expect({ victim, counts: (await settled(id)).counts }).toEqual({ victim, counts: { planned: PAGES } });
      expect((await ask(linkTo('publishRun', { id }), 'POST')).status).toBe(204);
      const written = 10 + Math.floor(Math.random() * PAGES * 0.6);
      await lookUntil(id, ({ counts, state }) => (counts['written'] ?? 0) >= written || state === 'done');
      await strike();
      let run = await settled(id);
      // A host that was away leaves pages for whoever goes on with the run.
      if (run.state === 'paused') {
        expect((await ask(linkTo('publishRun', { id }), 'POST')).status).toBe(204);
        run = await settled(id);
      }
      expect({ victim, state: run.state, counts: run.counts }).toEqual({
        victim,
        state: 'done',
        counts: { written: PAGES },
      });
      for (let at = 0; at < PAGES; at += 1) {
        const page = readFileSync(join(shops, name(at)), 'utf8');
        expect(page.match(/zinc-post jsonld begin/g)).toHaveLength(1);
        expect(page.replace(/<!-- zinc-post jsonld begin[\s\S]*?jsonld end -->\r?\n/, '')).toBe(html(at));
      }
      const back = await settled(await idOf(ask(linkTo('undoRun', { id }), 'POST')));
      expect(back.counts).toEqual({ written: PAGES });
      for (let at = 0; at < PAGES; at += 1)
        expect(readFileSync(join(shops, name(at)), 'utf8')).toBe(html(at));
    }
    expect(readdirSync(shops).filter((file) => !/^\d+\.html$/.test(file))).toEqual([]);
  },
  ROUNDS * 600_000,
);
