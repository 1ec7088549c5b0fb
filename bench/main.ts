/** Prints ratios, each measured in one run on this machine: `npm run bench`. */
import { larkspur } from '#sample';
import { benchCheck } from './check.ts';
import { benchStamp } from './stamp.ts';
import { tell } from './ratio.ts';

const figures = [...(await benchCheck(larkspur)), ...(await benchStamp(larkspur))];
for (const figure of figures) process.stdout.write(`${tell(figure)}\n`);
