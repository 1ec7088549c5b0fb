/** Prints speeds, ratios where they can be, each measured in one run on this machine: `npm run bench`. */
import { larkspur } from '#sample';
import { benchCheck } from './check.ts';
import { benchInterface } from './interface.ts';
import { benchLists } from './lists.ts';
import { benchPages } from './pages.ts';
import { benchBranches, benchSearch } from './record.ts';
import { tell, type Figure } from './ratio.ts';
import { benchRuns } from './runs.ts';
import { benchSite } from './site.ts';
import { benchStamp } from './stamp.ts';

const benches: Readonly<Record<string, () => readonly Figure[] | Promise<readonly Figure[]>>> = {
  check: () => benchCheck(larkspur),
  record: () => [...benchBranches(larkspur), ...benchSearch()],
  interface: benchInterface,
  lists: () => benchLists(larkspur),
  pages: () => benchPages(larkspur),
  runs: () => benchRuns(larkspur),
  site: () => benchSite(larkspur),
  stamp: () => benchStamp(larkspur),
};

// Named ones only, or all: `npm run bench -- record interface`.
const words = process.argv.slice(2);
for (const [name, bench] of Object.entries(benches)) {
  if (words.length > 0 && !words.includes(name)) continue;
  for (const figure of await bench()) process.stdout.write(`${tell(figure)}\n`);
}
