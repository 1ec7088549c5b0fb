import { createHash } from 'node:crypto';
import { limits } from '#core/limits';
import { judgeLive, type LivePage } from '#core/page';
import { readSource, type Reading } from '#core/reading';
import type { BusinessRecord } from '#core/record';
import { decodeText } from '#core/text';
import { reason } from '#outside/reason.ts';
import type { LiveReaders } from '#outside/livePage.ts';
import { ownBranchOf, readBranches, type Branches } from './branches.ts';
import { CannotRun, readBytes, readWords, type Command } from './command.ts';
import { filesOf, isAddress } from './pages.ts';

const usage = `zinc verify URL… --record RECORD [--json]
           a URL may also be a file or a folder; of several businesses in RECORD each page is compared with its own,
           one that is nobody’s own with the first;
           exit status 0 as intended, 1 not, 2 could not be read`;

export const command: Command = {
  usage,
  run: async (words) => {
    const options = { record: { type: 'string' }, json: { type: 'boolean' } } as const;
    const { values, positionals } = readWords(words, options, usage);
    if (positionals.length === 0) throw new CannotRun(usage);
    const verify = await verifier(await readBranches(values.record));
    const sources = (await Promise.all(positionals.map(filesOf))).flat();
    const pages: LivePage[] = [];
    for (const source of sources) pages.push(await verify(source));
    process.stdout.write(values.json ? `${JSON.stringify({ pages })}\n` : pages.map(inLines).join(''));
    if (pages.some(({ state }) => state !== 'as-intended' && state !== 'unreachable')) return 1;
    return pages.some(({ state }) => state === 'unreachable') ? 2 : 0;
  },
};

async function verifier(all: Branches): Promise<(source: string) => Promise<LivePage>> {
  const { guardedFetcher } = await import('#outside/fetcher.ts');
  const { robotsOf } = await import('#outside/robots.ts');
  const { judgeSent, verifyLive } = await import('#outside/livePage.ts');
  const fetcher = guardedFetcher(process.env['ZINC_STANDIN_HOST'] ?? undefined);
  const robots = robotsOf(fetcher);
  const ownBranch = ownBranchOf(all);
  /** A page that is nobody's own is compared with the first. */
  const recordOf = (read: () => Reading, url: string): BusinessRecord => ownBranch(read, url) ?? all[0];
  const judge: LiveReaders['judge'] = (sent) => {
    const record = recordOf(
      () => readSource(decodeText(sent.bytes, sent.contentType).text, sent.url),
      sent.url,
    );
    return Promise.resolve(judgeSent(sent, record));
  };
  return (source) =>
    isAddress(source)
      ? verifyLive(source, all[0], { fetcher, robots, judge })
      : verifyFile(source, (reading) => recordOf(() => reading, ''));
}

/** A page that lies here, as it would be read were it sent. */
async function verifyFile(path: string, recordOf: (reading: Reading) => BusinessRecord): Promise<LivePage> {
  const answer = {
    url: path,
    finalUrl: path,
    redirects: [],
    status: 0,
    robots: '',
    digest: '',
    elsewhere: [],
    problem: '',
    time: new Date().toISOString(),
  };
  try {
    const bytes = await readBytes(path, limits.pageBytes);
    const reading = readSource(decodeText(bytes).text);
    const judged = judgeLive(reading, recordOf(reading), { asked: '', headers: {} });
    return { ...answer, ...judged, digest: createHash('sha256').update(bytes).digest('hex') };
  } catch (error) {
    const problem = error instanceof CannotRun ? error.message : reason(error);
    return { ...answer, state: 'unreachable', differing: [], missing: [], causes: [], problem };
  }
}

function inLines({ url, finalUrl, state, problem, robots, differing, missing, causes }: LivePage): string {
  const lines = [
    `${url}: ${state.replaceAll('-', ' ')}${problem ? `. ${problem}` : ''}`,
    ...(finalUrl === url ? [] : [`  read at ${finalUrl}`]),
    ...differing.map(({ label, meant, live }) => `  ${label} reads “${live}”, meant “${meant}”`),
    ...(missing.length > 0 ? [`  not said: ${missing.map(({ label }) => label).join(', ')}`] : []),
    ...causes.map(({ message }) => `  ${message}`),
    ...(robots ? [`  ${robots}`] : []),
  ];
  return `${lines.join('\n')}\n`;
}
