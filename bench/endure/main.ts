/**
 * `npm run endure [-- MINUTES]`: mixed load by 50 visitors over two server processes, with random `kill -9` of
 * either and of MariaDB; what was lost, halved or doubled, how long it took, how memory grew. Before that, alone,
 * requests a second against a bare Express and Sequelize read of one row in the same run.
 */
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { setTimeout as sleep } from 'node:timers/promises';
import { larkspur } from '#sample';
import { openDatabase } from '#server/store/database.ts';
import { addBranch, createBranches } from '#server/store/branches.ts';
import { addClient } from '#server/store/clients.ts';
import { keptBranch } from '#server/store/keptBranch.ts';
import { migrate } from '#server/store/migrations.ts';
import { defineModels } from '#server/store/models.ts';
import { keepPage } from '#server/store/pages.ts';
import { whole } from '#server/store/transaction.ts';
import { ownThread } from '#server/threads/pageWork.ts';
import { tell } from '../ratio.ts';
import { standingDatabase, standingServer, type StandingServer } from './servers.ts';
import { emptyTally, Visitor, type Tally } from './visitor.ts';

const VISITORS = 50;
const MANY = 5000;
const ALONE_MS = 6000;
const AT_ONCE = 20;
const minutes = Number(process.argv[2] ?? 10);

const folder = mkdtempSync(join(tmpdir(), 'zinc-endure-'));
const database = await standingDatabase(join(folder, 'mariadb'));
const { branchIds, pageIds } = await prepare(database.url);
const environment = {
  ZINC_DATABASE: database.url,
  ZINC_PHOTOS: join(folder, 'photos'),
  ZINC_SPOOL: join(folder, 'spool'),
  ZINC_WEB: folder,
  ZINC_LOG: 'silent',
};
const servers = [
  await standingServer('server 1', 'server/main.ts', environment),
  await standingServer('server 2', 'server/main.ts', environment),
];
await alone();
await together();
for (const standing of [...servers, database]) await standing.stop();
rmSync(folder, { recursive: true, force: true });

/** A branch and a page for each visitor, and many more to search among. */
async function prepare(url: string) {
  const opened = openDatabase(url);
  await migrate(opened);
  defineModels(opened);
  const clientId = await addClient('Endurance');
  const ids: number[] = [];
  const pagesMade: number[] = [];
  for (let at = 0; at < VISITORS; at += 1) {
    ids.push(await addBranch(clientId, `Quay Street ${String(at)}`, larkspur));
    const source = Buffer.from(`<!doctype html><title>${String(at)}</title><body>${'<p>text'.repeat(2000)}`);
    pagesMade.push(await keepPage(clientId, `page-${String(at)}.html`, source, ownThread));
  }
  const others = await addClient('Many');
  const many = Array.from({ length: MANY }, (_, at) => keptBranch(`Kiosk ${String(at)}`, larkspur));
  await whole((transaction) => createBranches(others, many, transaction));
  await opened.close();
  return { branchIds: ids, pageIds: pagesMade };
}

/** Requests a second of one path, so many at once. */
async function rate(url: string): Promise<number> {
  let count = 0;
  const until = Date.now() + ALONE_MS;
  const lane = async (): Promise<void> => {
    while (Date.now() < until) {
      const response = await fetch(url);
      await response.arrayBuffer();
      if (response.ok) count += 1;
    }
  };
  await Promise.all(Array.from({ length: AT_ONCE }, lane));
  return (1000 * count) / ALONE_MS;
}

async function alone(): Promise<void> {
  const bare = await standingServer('bare row', 'bench/endure/bareRow.ts', environment);
  const [id] = branchIds;
  const address = servers[0]?.address ?? '';
  const urls = {
    bare: `${bare.address}/row/${String(id)}`,
    branch: `${address}/api/branches/${String(id)}`,
    search: `${address}/api/search?q=kiosk+4711`,
  };
  for (const url of Object.values(urls)) await rate(url); // warm
  const rates = {
    bare: await rate(urls.bare),
    branch: await rate(urls.branch),
    search: await rate(urls.search),
  };
  const again = await rate(urls.bare);
  await bare.stop();
  const row = (rates.bare + again) / 2;
  const figure = { unit: '×', target: 0.6, atLeast: true } as const;
  for (const [what, value] of [
    ['requests a second of a branch / a bare row', rates.branch / row],
    [`requests a second of the search among ${String(MANY)} branches / a bare row`, rates.search / row],
  ] as const)
    process.stdout.write(`${tell({ ...figure, what, value })}\n`);
  process.stdout.write(`        (${row.toFixed(0)} bare rows a second)\n`);
}

async function together(): Promise<void> {
  const tally = emptyTally();
  const until = Date.now() + minutes * 60_000;
  const visitors = branchIds.map(
    (id, at) =>
      new Visitor(
        servers.map(({ address }) => address),
        id,
        pageIds[at] ?? 0,
        tally,
      ),
  );
  const memory = watchMemory();
  const kills = new Map<string, number>();
  const killer = (async () => {
    while (Date.now() < until - 15_000) {
      await sleep(4000 + Math.random() * 12_000);
      const victims = [...servers, database];
      const victim = victims[Math.floor(Math.random() * victims.length)];
      victim?.kill();
      if (victim) kills.set(victim.name, (kills.get(victim.name) ?? 0) + 1);
    }
  })();
  await Promise.all(visitors.map((visitor) => visitor.work(until)));
  await killer;
  await sleep(8000);
  for (const visitor of visitors) await visitor.look();
  report(tally, kills, memory());
}

/** Samples memory; returns what tells the largest, and the slope over the longest time without a kill. */
function watchMemory(): () => { largest: number; slope: number; seconds: number } {
  const spans: { seconds: number; megabytes: number }[][] = [];
  const current = new Map<StandingServer, { seconds: number; megabytes: number }[]>();
  const timer = setInterval(() => {
    for (const server of servers) {
      const now = server.memory();
      const span = current.get(server) ?? [];
      if (!now || now.seconds < (span.at(-1)?.seconds ?? 0)) {
        spans.push(span);
        current.set(server, []);
      } else if (now.seconds > 20) current.set(server, [...span, now]);
    }
  }, 1000);
  return () => {
    clearInterval(timer);
    spans.push(...current.values());
    const longest = spans.reduce((a, b) => (b.length > a.length ? b : a), []);
    return {
      largest: Math.max(0, ...spans.flat().map(({ megabytes }) => megabytes)),
      slope: slopeOf(longest),
      seconds: longest.length,
    };
  };
}

/** MB a minute, by least squares. */
function slopeOf(span: readonly { seconds: number; megabytes: number }[]): number {
  const mean = (of: (one: (typeof span)[number]) => number): number =>
    span.reduce((sum, one) => sum + of(one), 0) / Math.max(1, span.length);
  const [x, y] = [mean(({ seconds }) => seconds), mean(({ megabytes }) => megabytes)];
  const over = span.reduce((sum, { seconds, megabytes }) => sum + (seconds - x) * (megabytes - y), 0);
  const under = span.reduce((sum, { seconds }) => sum + (seconds - x) ** 2, 0);
  return under === 0 ? 0 : (60 * over) / under;
}

function report(
  tally: Tally,
  kills: ReadonlyMap<string, number>,
  memory: { largest: number; slope: number; seconds: number },
): void {
  const times = tally.milliseconds.sort((a, b) => a - b);
  const killed = [...kills].map(([name, count]) => `${name} ${String(count)}`).join(', ');
  process.stdout.write(
    [
      `${String(minutes)} minutes, ${String(VISITORS)} visitors, killed: ${killed || 'nothing'}`,
      `requests ${String(tally.requests)}, without an answer ${String(tally.unanswered)}, saves ${String(tally.saved)}`,
      `saves lost ${String(tally.lost)}, halves ${String(tally.halves)}, doubles ${String(tally.doubles)}`,
      `p95 ${(times[Math.floor(times.length * 0.95)] ?? 0).toFixed(0)} ms, median ${(times[Math.floor(times.length / 2)] ?? 0).toFixed(0)} ms`,
      `memory of a server at most ${memory.largest.toFixed(0)} MB, slope ${memory.slope.toFixed(2)} MB a minute over ${String(memory.seconds)} s`,
      '',
    ].join('\n'),
  );
  if (tally.lost + tally.halves + tally.doubles > 0) process.exitCode = 1;
}
