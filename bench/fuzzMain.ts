/** `npm run fuzz -- [ROUNDS] [SEED]`: attacks the checker with mutated sources, 100,000 where nothing else is said. */
import { larkspur } from '#sample';
import { fuzz } from './fuzz.ts';
import { seeded } from './mutation.ts';

const [rounds = 100_000, seed = 2026] = process.argv.slice(2).map(Number);
/** Of a complaint with its source, which may be long. */
const MOST_SHOWN = 4000;
const begun = performance.now();
const complaints = fuzz(rounds, seeded(seed), larkspur);
for (const complaint of complaints) process.stdout.write(`${complaint.slice(0, MOST_SHOWN)}\n\n`);
const seconds = Math.round((performance.now() - begun) / 1000);
process.stdout.write(
  `${rounds.toLocaleString('en')} mutated sources from seed ${String(seed)} in ${String(seconds)} s: ${String(complaints.length)} complaints\n`,
);
process.exitCode = complaints.length > 0 ? 1 : 0;
