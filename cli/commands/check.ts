import { limits } from '#core/limits';
import {
  checkReading,
  contradictingPages,
  excerptOf,
  judgeShownBranches,
  profileNames,
  profiles,
  surroundingsOf,
  type Check,
  type Ignore,
  type Profile,
} from '#core/checking';
import {
  describeAll,
  knownBranches,
  MOST_DESCRIBED,
  type Description,
  type SiteBranch,
} from '#core/agreement';
import { reportCsv, reportHtml, sarifLog } from '#core/reporting';
import { summarise } from '#core/fault';
import { isFaultCode } from '#core/fault';
import { parseUrl } from '#core/link';
import { businessesIn, isLocalBusiness, readSource, recordFromItem, type Reading } from '#core/reading';
import type { BusinessRecord } from '#core/record';
import { decodeText } from '#core/encoding';
import { counted } from '#core/text';
import type { Fetcher } from '#outside/fetcher.ts';
import { CannotRun, VERSION, type Command } from '../command.ts';
import { oneOf, readBytes, readText, readWords, save } from './sources.ts';
import { addressing, readBranches } from './branches.ts';
import { addressGiven, filesIn, isAddress, mostOf, told, type Unread } from './pages.ts';

const usage = `zinc check SOURCE… [--url URL] [--record RECORD] [--json | --sarif] [--report FILE.html|FILE.csv]
           [--profile ${profileNames.join('|')}] [--ignore CODE]… [--sitemap SITEMAP]
           a SOURCE is a file, a folder, an address, or - for standard input; one that cannot be read stops no other;
           --url is the address of the page on the web, of a folder's pages that of the folder;
           exit status 0 no must, 1 a must, 2 something could not be read`;

/** What fetches, loaded when the first address is given: most checks are of files. */
let fetcher: Fetcher | undefined;
async function theFetcher(): Promise<Fetcher> {
  const { guardedFetcher } = await import('#outside/fetcher.ts');
  return (fetcher ??= guardedFetcher(process.env['ZINC_STANDIN_HOST'] ?? undefined));
}

const options = {
  url: { type: 'string' },
  record: { type: 'string' },
  json: { type: 'boolean' },
  sarif: { type: 'boolean' },
  report: { type: 'string' },
  profile: { type: 'string' },
  ignore: { type: 'string', multiple: true },
  sitemap: { type: 'string' },
} as const;

interface Source {
  readonly name: string;
  readonly url: string | undefined;
  readonly text: string;
  /** Whether it was found in a folder or a sitemap, not named by itself. */
  readonly isFound: boolean;
}

interface Checked extends Source {
  readonly check: Check;
  readonly described: readonly Description[];
  /** The businesses that it describes, as branches of the site. */
  readonly branches: readonly SiteBranch[];
}

export const command: Command = {
  usage,
  run: async (words) => {
    const { values, positionals } = readWords(words, options, usage);
    if (positionals.length === 0 && !values.sitemap) throw new CannotRun(usage);
    if (values.json && values.sarif) throw new CannotRun('Take --json or --sarif, not both.');
    const known = values.record === undefined ? [] : siteBranches(await readBranches(values.record));
    const profile = profiles[oneOf(values.profile ?? 'local-business', profileNames, '--profile')];
    const ignores = (values.ignore ?? []).map(ignoreOf);
    const url = addressGiven(values.url);
    const urlOf = addressing(url);
    const inSitemap = new Set(values.sitemap ? await pagesOf(values.sitemap) : []);
    const { files, unread: none } = await filesIn([...positionals, ...inSitemap]);
    const unread = [...none];
    const checked: Checked[] = [];
    for (const { path, below } of files)
      try {
        const address = below === undefined ? url : urlOf(below) || undefined;
        const isFound = below !== undefined || inSitemap.has(path);
        checked.push(
          await judge({ ...(await fetchOrRead(path, address)), isFound }, { known, profile, ignores }),
        );
      } catch (error) {
        unread.push({ source: path, message: told(path, error) });
      }
    if (checked.length === 0) throw new CannotRun(unread.map(({ message }) => message).join('\n'));
    for (const { message } of unread) process.stderr.write(`zinc: ${message}\n`);
    if (profile.name === 'local-business') judgeTogether(checked, { known, ignores });
    if (values.report) await report(values.report, checked);
    const isAlone = positionals.length === 1 && checked.length + unread.length === 1;
    process.stdout.write(answer(checked, unread, values, isAlone));
    return checked.some(({ check: { summary } }) => summary.must > 0) ? 1 : unread.length > 0 ? 2 : 0;
  },
};

function ignoreOf(code: string): Ignore {
  if (!isFaultCode(code)) throw new CannotRun(`--ignore takes a code of docs/findings.md, not “${code}”.`);
  return { code, page: '', excerpt: '', reason: 'ignored on the command line' };
}

/** The pages that a sitemap names: a file or an address. */
async function pagesOf(sitemap: string): Promise<readonly string[]> {
  const { sitemapPages } = await import('#outside/sitemaps.ts');
  const { urls, problems } = await sitemapPages(sitemap, async (path) => {
    try {
      const most = limits.sitemapBytes;
      return { bytes: isAddress(path) ? (await fetchPage(path, most)).bytes : await readBytes(path, most) };
    } catch (error) {
      return { problem: told(path, error) };
    }
  });
  const [problem] = problems;
  if (urls.length === 0) throw new CannotRun(`${sitemap}: ${problem ?? 'it names no page.'}`);
  for (const one of problems) process.stderr.write(`zinc: ${one}\n`);
  return mostOf(urls, limits.sitePages, sitemap, 'pages');
}

async function fetchOrRead(path: string, url: string | undefined): Promise<Omit<Source, 'isFound'>> {
  if (isAddress(path)) return fetchSource(path);
  return { name: path, url, text: await readText(path) };
}

async function fetchPage(address: string, most: number = limits.pageBytes) {
  const fetched = await (await theFetcher()).fetch(address, { most });
  if (!fetched.ok) throw new CannotRun(fetched.message);
  if (fetched.status >= 400) throw new CannotRun(`${address} answers with status ${String(fetched.status)}.`);
  return fetched;
}

async function fetchSource(address: string): Promise<Omit<Source, 'isFound'>> {
  const { url, bytes, contentType } = await fetchPage(address);
  return { name: address, url, text: decodeText(bytes, contentType).text };
}

/** Of several branches that counts whose own page it is, or that it describes; else those that it shows. */
async function judge(
  source: Source,
  { known, profile, ignores }: Together & { readonly profile: Profile },
): Promise<Checked> {
  const url = source.url === undefined ? {} : { url: parseUrl(source.url)?.href ?? source.url };
  const reading = readSource(source.text, url.url);
  const [only, ...others] = known;
  const isOne = others.length === 0;
  const described = businessesIn(reading.items).map(recordFromItem);
  const own = isOne ? only : knownBranches(known).branchOfPage(url.url ?? '', described);
  return {
    ...source,
    check: checkReading(reading, {
      ...url,
      ...(own ? { record: own.record } : {}),
      ...(isOne ? {} : { branches: known }),
      profile: isOne || own ? profile : { ...profile, needsBusiness: false },
      ignores,
      ...(await surroundingsOf(source.text)),
    }),
    described: describeAll(reading.items),
    branches: branchesIn(source.name, reading),
  };
}

const siteBranches = (records: readonly BusinessRecord[]): readonly SiteBranch[] =>
  records.map((record, id) => ({ id, label: record.name, record }));

const branchesIn = (label: string, { items }: Reading): readonly SiteBranch[] =>
  businessesIn(items)
    .filter(isLocalBusiness)
    .slice(0, MOST_DESCRIBED)
    .map((item, id) => ({ id, label, record: recordFromItem(item) }));

/** What pages of one site are judged against. */
interface Together {
  /** The branches of the record; none where no record is given. */
  readonly known: readonly SiteBranch[];
  readonly ignores: readonly Ignore[];
}

/**
 * Adds to each source what it says against another, and to what visitors read of businesses that others describe. Of the
 * pages of a site not each describes one.
 */
function judgeTogether(checked: Checked[], { known, ignores }: Together): void {
  const pages = checked.map(({ name, described }) => ({
    url: name,
    carries: described.map((description) => ({ description })),
  }));
  const found = contradictingPages(pages);
  const branches = known.length > 0 ? [] : eachOnce(checked.flatMap((one) => one.branches));
  const isDescribed = checked.some((one) => one.branches.length > 0);
  for (const [at, one] of checked.entries()) {
    const isBare = one.branches.length === 0;
    const own = [
      ...found.flatMap(({ url, finding }) => (url === one.name ? [finding] : [])),
      ...(isBare && branches.length > 0
        ? judgeShownBranches(readSource(one.text, one.url), branches, true)
        : []),
    ].filter(({ code }) => !ignores.some((ignore) => ignore.code === code));
    const isOwn = one.url !== undefined && knownBranches(known).ownerOf(one.url) !== undefined;
    const isExpected = !one.isFound || !isDescribed || isOwn;
    const judged = one.check.findings.filter(({ code }) => isExpected || code !== 'structure/no-business');
    const findings = [...own, ...judged];
    checked[at] = { ...one, check: { ...one.check, findings, summary: summarise(findings) } };
  }
}

/** Each branch of a site as the first page says that describes it. */
const eachOnce = (branches: readonly SiteBranch[]): readonly SiteBranch[] => [
  ...new Map(
    branches
      .toReversed()
      .map((branch) => [`${branch.record.telephone}\n${branch.record.address.streetAddress}`, branch]),
  ).values(),
];

function answer(
  checked: readonly Checked[],
  unread: readonly Unread[],
  { json, sarif }: { json?: boolean | undefined; sarif?: boolean | undefined },
  alone: boolean,
): string {
  if (sarif) {
    const sources = checked.map(({ name, text, check: { findings } }) => ({
      uri: name,
      source: text,
      findings,
    }));
    const failed = unread.map(({ source, message }) => ({ uri: source, message }));
    return `${JSON.stringify(sarifLog(sources, VERSION, failed), null, 2)}\n`;
  }
  const summary = summarise(checked.flatMap(({ check: { findings } }) => findings));
  if (!json) return inLines(checked, unread.length, summary);
  const forms = checked.map(({ name, check: { items, findings, summary: own, threeWay } }) => ({
    source: name,
    items,
    findings,
    summary: own,
    threeWay,
  }));
  const [first] = forms;
  if (!alone || !first) return `${JSON.stringify({ sources: forms, unread, summary })}\n`;
  const { items, findings, threeWay } = first;
  return `${JSON.stringify({ items, findings, summary, threeWay })}\n`;
}

function inLines(
  checked: readonly Checked[],
  unread: number,
  { must, should, note }: Check['summary'],
): string {
  const lines = checked.flatMap(({ name, check: { findings } }) =>
    findings.map(
      ({ grade, code, message, place, mend }) =>
        `${name}:${String(place.line)}:${String(place.column)}: ${grade} ${code}: ${message}${mend ? (mend.certain ? ' (can be mended)' : ' (a mend is proposed)') : ''}`,
    ),
  );
  const of =
    checked.length + unread === 1
      ? ''
      : ` in ${counted(checked.length, 'source', 'sources')}${unread > 0 ? `, ${String(unread)} could not be read` : ''}`;
  return [...lines, `${String(must)} must, ${String(should)} should, ${String(note)} note${of}`, ''].join(
    '\n',
  );
}

async function report(path: string, checked: readonly Checked[]): Promise<void> {
  const form = /\.csv$/i.test(path) ? reportCsv : /\.html?$/i.test(path) ? reportHtml : undefined;
  if (!form) throw new CannotRun('--report takes the name of an .html or .csv file.');
  const found = checked.flatMap(({ name, text, check: { findings } }) =>
    findings.map((finding) => ({ page: name, finding, excerpt: excerptOf(text, finding) })),
  );
  const date = new Date().toLocaleDateString('en', { day: 'numeric', month: 'long', year: 'numeric' });
  const title = checked.length === 1 ? (checked[0]?.name ?? '') : `${String(checked.length)} sources`;
  await save(path, new TextEncoder().encode(form({ title, date, pages: checked.length, found })));
}
