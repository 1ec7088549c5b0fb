import { createHash } from 'node:crypto';
import { judgeLive, type LiveJudgement } from '#core/page';
import { readSource } from '#core/reading';
import type { BusinessRecord } from '#core/record';
import { decodeText } from '#core/text';
import type { Fetcher } from './fetcher.ts';
import type { Robots } from './robots.ts';

/** A live page as a stranger finds it. */
export interface LivePage extends LiveJudgement {
  readonly url: string;
  /** The address that answered, after redirects. */
  readonly finalUrl: string;
  readonly redirects: readonly string[];
  /** The status of the answer; 0 where there was none. */
  readonly status: number;
  /** What keeps search engines from the page; ''. */
  readonly robots: string;
  /** SHA-256 of what was sent, hexadecimal; ''. */
  readonly digest: string;
  /** Why it could not be read; ''. */
  readonly problem: string;
  /** When it was asked for, RFC 3339. */
  readonly time: string;
}

/** Fetches a page as a stranger would, and compares it with the record. Never throws for what a host does. */
export async function verifyLive(
  url: string,
  record: BusinessRecord,
  { fetcher, robots }: { readonly fetcher: Fetcher; readonly robots: Robots },
): Promise<LivePage> {
  const time = new Date().toISOString();
  const refused = await robots.refusal(url);
  const fetched = await fetcher.fetch(url);
  const nothing = { state: 'unreachable', differing: [], missing: [], causes: [] } as const;
  if (!fetched.ok)
    return {
      ...nothing,
      url,
      finalUrl: url,
      redirects: [],
      status: 0,
      robots: refused,
      digest: '',
      problem: fetched.message,
      time,
    };
  const { status, bytes, contentType, headers, redirects, url: finalUrl } = fetched;
  const digest = createHash('sha256').update(bytes).digest('hex');
  const answer = { url, finalUrl, redirects, status, digest, time };
  if (status >= 400)
    return {
      ...nothing,
      ...answer,
      robots: refused,
      problem: `The host answers with status ${String(status)}.`,
    };
  const reading = readSource(decodeText(bytes, contentType).text, finalUrl);
  const judged = judgeLive(reading, record, { asked: url, headers });
  const tag = /\bnoindex\b/i.test(headers['x-robots-tag'] ?? '') || hasNoIndex(reading.document);
  return {
    ...judged,
    ...answer,
    robots: refused || (tag ? 'The page asks search engines to leave it out (noindex).' : ''),
    problem: '',
  };
}

const hasNoIndex = (document: ReturnType<typeof readSource>['document']): boolean =>
  document?.elements.some(
    ({ name, attributes }) =>
      name === 'meta' &&
      /^robots$/i.test(attributes['name'] ?? '') &&
      /\bnoindex\b/i.test(attributes['content'] ?? ''),
  ) ?? false;
