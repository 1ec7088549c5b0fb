import { createHash } from 'node:crypto';
import { judgeLive, type LiveJudgement, type LivePage } from '#core/page';
import { readSource, type Reading } from '#core/reading';
import { decodeText } from '#core/encoding';
import type { LiveReaders } from '#outside/livePage.ts';
import { nobodysOwn, ownBranchOf, readBranches, type Branches } from './branches.ts';
import { CannotRun, type Command } from '../command.ts';
import { readSourceBytes, readWords } from './sources.ts';
import { filesIn, isAddress, told } from './pages.ts';

const usage = `zinc verify URL… --record RECORD [--json]
           a URL may also be a file or a folder; of several businesses in RECORD each page is compared with its own;
           exit status 0 as intended, 1 not, 2 could not be read`;

export const command: Command = {
  usage,
  run: async (words) => {
    const options = { record: { type: 'string' }, json: { type: 'boolean' } } as const;
    const { values, positionals } = readWords(words, options, usage);
    if (positionals.length === 0) throw new CannotRun(usage);
    const verify = await verifier(await readBranches(values.record));
    const { files, unread } = await filesIn(positionals);
    const pages = unread.map(({ source, message }) => unreadable(source, message));
    for (const { path } of files) pages.push(await verify(path));
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
  const judge: LiveReaders['judge'] = (sent) => {
    const read = (): Reading => readSource(decodeText(sent.bytes, sent.contentType).text, sent.url);
    const record = ownBranch(read, sent.url);
    const { isKeptOut, ...judged } = judgeSent(sent, record ?? all[0]);
    return Promise.resolve({ ...(record ? judged : nobodysPage(all)), isKeptOut });
  };
  return (source) =>
    isAddress(source)
      ? verifyLive(source, all[0], { fetcher, robots, judge })
      : verifyFile(source, (reading) => {
          const record = ownBranch(() => reading, '');
          return record ? judgeLive(reading, record, { asked: '', headers: {} }) : nobodysPage(all);
        });
}

/** What is said of a page that is no branch's own. */
const nobodysPage = (all: Branches): LiveJudgement => ({
  state: 'absent',
  differing: [],
  missing: [],
  causes: [{ code: 'wrong-page', message: nobodysOwn(all) }],
});

/** A page that lies here, as it would be read were it sent. */
async function verifyFile(path: string, judge: (reading: Reading) => LiveJudgement): Promise<LivePage> {
  try {
    const bytes = await readSourceBytes(path);
    const reading = readSource(decodeText(bytes).text);
    const digest = createHash('sha256').update(bytes).digest('hex');
    return { ...unreadable(path, ''), ...judge(reading), digest };
  } catch (error) {
    return unreadable(path, told(path, error));
  }
}

const unreadable = (path: string, problem: string): LivePage => ({
  ...{ url: path, finalUrl: path, redirects: [], status: 0, robots: '', digest: '', elsewhere: [] },
  ...{ state: 'unreachable', differing: [], missing: [], causes: [], problem },
  time: new Date().toISOString(),
});

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
