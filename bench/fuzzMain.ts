/**
 * `npm run fuzz -- [ROUNDS] [SEED]`: attacks the checker with mutated sources, 100,000 where nothing else is said, on
 * two cores: half of them in a process of its own, with the next seed. Complaints are printed as they come.
 * `npm run fuzz -- photos [ROUNDS] [SEED]` attacks the stamper with mutated pictures, 50,000.
 */
import { spawn } from 'node:child_process';
import { larkspur } from '#sample';
import { fuzz } from './fuzz.ts';
import { seeded } from './mutation.ts';
import { fuzzPhotos } from './photoFuzz.ts';

if (process.argv[2] === 'photos') {
  const [rounds = 50_000, seed = 2026] = process.argv.slice(3).map(Number);
  const begun = performance.now();
  const { complaints, written } = await fuzzPhotos(rounds, seeded(seed), (complaint) => {
    process.stdout.write(`${complaint}\n\n`);
  });
  const seconds = Math.round((performance.now() - begun) / 1000);
  const peak = Math.round(process.resourceUsage().maxRSS / 1000);
  process.stdout.write(
    `${rounds.toLocaleString('en')} mutated pictures from seed ${String(seed)}, ${written.toLocaleString('en')} of them written, in ${String(seconds)} s with at most ${String(peak)} MB, ${complaints.length > 0 ? 'with complaints' : 'without a complaint'}\n`,
  );
  process.exit(complaints.length > 0 ? 1 : 0);
}

const [rounds = 100_000, seed = 2026, isHalf = 0] = process.argv.slice(2).map(Number);
/** Of a complaint with its source, which may be long. */
const MOST_SHOWN = 4000;
const begun = performance.now();
const half = Math.ceil(rounds / 2);
const ended =
  isHalf === 0
    ? new Promise<number | null>((resolve) => {
        const words = [...process.execArgv, import.meta.filename, ...[half, seed + 1, 1].map(String)];
        spawn(process.execPath, words, { stdio: 'inherit' }).once('exit', resolve);
      })
    : undefined;
const complaints = fuzz(isHalf === 0 ? rounds - half : rounds, seeded(seed), larkspur, (complaint) => {
  process.stdout.write(`${complaint.slice(0, MOST_SHOWN)}\n\n`);
});
if (ended) {
  const status = await ended;
  const seconds = Math.round((performance.now() - begun) / 1000);
  const found = complaints.length > 0 || status !== 0 ? 'with complaints' : 'without a complaint';
  process.stdout.write(
    `${rounds.toLocaleString('en')} mutated sources from seeds ${String(seed)} and ${String(seed + 1)} in ${String(seconds)} s ${found}\n`,
  );
  process.exit(found === 'with complaints' ? 1 : 0);
}
process.exit(complaints.length > 0 ? 1 : 0);
