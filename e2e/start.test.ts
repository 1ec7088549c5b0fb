/** What `npm start` stands: what an earlier start has left, what is killed under it, and being ended. */
import { spawn, spawnSync } from 'node:child_process';
import { existsSync, mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { createServer, type AddressInfo } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterAll, expect, test } from '@jest/globals';
import { backUp, restore } from '../start/backup.ts';
import { startApplication, type Application } from './application.ts';

const folder = mkdtempSync(join(tmpdir(), 'zinc-start-'));
afterAll(() => {
  rmSync(folder, { recursive: true, force: true });
});

const home = join(import.meta.dirname, '..');
const until = async (isSo: () => boolean | Promise<boolean>): Promise<void> => {
  while (!(await isSo())) await new Promise((resolve) => setTimeout(resolve, 200));
};
/** The processes that have a word in their command line. */
const running = (word: string): readonly number[] =>
  spawnSync('pgrep', ['-f', word], { encoding: 'utf8' }).stdout.split('\n').filter(Boolean).map(Number);
const clients = async ({ address }: Application): Promise<readonly string[]> => {
  const answer = await fetch(`${address}/api/clients`).catch(() => undefined);
  if (answer?.status !== 200) return [];
  const { clients: found } = (await answer.json()) as { clients: { name: string }[] };
  return found.map(({ name }) => name);
};

test('rubbish in running.json, a half-seeded demo and a killed MariaDB are got over; everything is backed up and restored meanwhile', async () => {
  const data = join(folder, 'data');
  const first = await startApplication(data);
  const demo = await clients(first);
  expect(demo).toHaveLength(3);
  await fetch(`${first.address}/api/clients`, {
    method: 'POST',
    headers: { 'Content-Type': 'application/json', Origin: first.address },
    body: JSON.stringify({ name: demo[0] }), // of the same name as one of the demo's
  });
  // As a start leaves it that is killed in the middle of the demo.
  await first.stop('SIGKILL');
  await until(() => running(data).every((pid) => !/start\.ts/.test(commandOf(pid))));
  rmSync(join(data, 'begun'));
  writeFileSync(join(data, 'running.json'), '{"pid": 1, "address": ');

  const second = await startApplication(data);
  expect((await clients(second)).toSorted()).toEqual([...demo, demo[0] ?? ''].toSorted());
  const [mariadb] = running(`mariadbd.*${data}`);
  process.kill(mariadb ?? 0, 'SIGKILL');
  await until(
    async () => second.printed().includes('MariaDB answers again') && (await clients(second)).length > 0,
  );

  const file = join(folder, 'backup.zip');
  await backUp(data, file);
  for (const id of [1, 2, 3, 4, 5, 6, 7, 8])
    await fetch(`${second.address}/api/clients/${String(id)}`, {
      method: 'DELETE',
      headers: { Origin: second.address },
    });
  expect(await clients(second)).toEqual([]);
  await restore(data, file);
  expect(await clients(second)).toHaveLength(4);
  writeFileSync(join(folder, 'none.zip'), readFileSync(file).subarray(0, 5000));
  await expect(restore(data, join(folder, 'none.zip'))).rejects.toThrow();
  expect(await clients(second)).toHaveLength(4);
  expect(await second.stop('SIGTERM')).toBe(0);
  await until(() => running(data).length === 0);
  expect(existsSync(join(data, 'running.json'))).toBe(false);
});

const commandOf = (pid: number): string => {
  try {
    return readFileSync(`/proc/${String(pid)}/cmdline`, 'utf8');
  } catch {
    return '';
  }
};

test('ending npm ends everything that npm started', async () => {
  const data = join(folder, 'under-npm');
  const npm = spawn('npm', ['start', '--silent', '--', '--data', data, '--port', '0', '--empty'], {
    cwd: home,
    env: { ...process.env, NODE_OPTIONS: '' },
  });
  let printed = '';
  for (const stream of [npm.stdout, npm.stderr])
    stream.on('data', (chunk: Buffer) => (printed += chunk.toString()));
  await until(() => printed.includes('Zinc Post is at'));
  expect(running(data).length).toBeGreaterThan(2);
  npm.kill('SIGKILL');
  await until(() => running(data).length === 0);
});

test('a port in use is said in a sentence, and nothing stays behind', async () => {
  const other = createServer();
  await new Promise<void>((resolve) => other.listen(0, '127.0.0.1', resolve));
  const { port } = other.address() as AddressInfo;
  const data = join(folder, 'port');
  const { status, stderr } = spawnSync(
    process.execPath,
    ['--import', 'tsx', 'start/start.ts', '--data', data, '--port', String(port), '--empty'],
    { cwd: home, encoding: 'utf8', env: { ...process.env, NODE_OPTIONS: '' } },
  );
  other.close();
  expect([status, stderr]).toEqual([
    1,
    `Port ${String(port)} is in use by another program. Choose another one: npm start -- --port ${String(port + 1)}\n`,
  ]);
  expect(running(data)).toEqual([]);
});
