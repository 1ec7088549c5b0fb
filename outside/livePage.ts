import { createHash } from 'node:crypto';
import { judgeLive, type LiveJudgement, type LivePage } from '#core/page';
import { readSource } from '#core/reading';
import type { BusinessRecord } from '#core/record';
import { decodeText } from '#core/encoding';
import type { Fetcher } from './fetcher.ts';
import type { Robots } from './robots.ts';

/** A page as it was sent. */
export interface SentPage {
  readonly bytes: Uint8Array;
  readonly contentType: string;
  readonly headers: Readonly<Record<string, string>>;
  /** The address that answered, and the one that was asked for. */
  readonly url: string;
  readonly asked: string;
}

export interface SentJudgement extends LiveJudgement {
  /** Whether the page asks search engines to leave it out. */
  readonly isKeptOut: boolean;
}

/** Compares a page that was sent with the record: pure computation, for a thread or for a script. */
export function judgeSent(
  { bytes, contentType, headers, url, asked }: SentPage,
  record: BusinessRecord,
): SentJudgement {
  const reading = readSource(decodeText(bytes, contentType).text, url);
  const isKeptOut = NO_INDEX.test(headers['x-robots-tag'] ?? '') || hasNoIndex(reading.document);
  return { ...judgeLive(reading, record, { asked, headers }), isKeptOut };
}

const NO_INDEX = /\bnoindex\b/i;

const hasNoIndex = (document: ReturnType<typeof readSource>['document']): boolean =>
  document?.elements.some(
    ({ name, attributes }) =>
      name === 'meta' &&
      /^robots$/i.test(attributes['name'] ?? '') &&
      NO_INDEX.test(attributes['content'] ?? ''),
  ) ?? false;

/** Who fetches a live page, and who reads it. */
export interface LiveReaders {
  readonly fetcher: Fetcher;
  readonly robots: Robots;
  readonly judge: (sent: SentPage, record: BusinessRecord) => Promise<SentJudgement>;
}

/** Fetches a page as a stranger would, and compares it with the record. Never throws for what a host does. */
export async function verifyLive(
  url: string,
  record: BusinessRecord,
  { fetcher, robots, judge }: LiveReaders,
): Promise<LivePage> {
  const time = new Date().toISOString();
  const refused = await robots.refusal(url);
  const fetched = await fetcher.fetch(url);
  const nothing: LiveJudgement = { state: 'unreachable', differing: [], missing: [], causes: [] };
  const unanswered = {
    url,
    finalUrl: url,
    redirects: [],
    status: 0,
    robots: refused,
    digest: '',
    time,
    elsewhere: [],
  };
  if (!fetched.ok) return { ...nothing, ...unanswered, problem: fetched.message };
  const { status, bytes, contentType, headers, redirects, url: finalUrl } = fetched;
  const digest = createHash('sha256').update(bytes).digest('hex');
  const answer = { ...unanswered, finalUrl, redirects: [...redirects], status, digest };
  if (status >= 400)
    return { ...nothing, ...answer, problem: `The host answers with status ${String(status)}.` };
  const { isKeptOut, ...judged } = await judge(
    { bytes, contentType, headers, url: finalUrl, asked: url },
    record,
  );
  const keptOut = isKeptOut ? 'The page asks search engines to leave it out (noindex).' : '';
  return { ...answer, ...judged, robots: refused || keptOut, problem: '' };
}
