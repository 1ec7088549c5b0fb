import { lookup as resolve, type LookupAddress } from 'node:dns';
import { request as requestHttp, type IncomingMessage, type RequestOptions } from 'node:http';
import { request as requestHttps } from 'node:https';
import { BlockList, isIP, type LookupFunction } from 'node:net';
import { brotliDecompressSync, gunzipSync, inflateSync } from 'node:zlib';
import { limits, megabytes } from '#contract';
import { parseUrl } from '#core/link';
import { robotName } from './robotName.ts';

/** What was fetched, or why nothing was. */
export type Fetched =
  | {
      readonly ok: true;
      /** The address that answered, after redirects. */
      readonly url: string;
      readonly status: number;
      readonly contentType: string;
      /** The header fields that say what was sent and when, names in lower case. */
      readonly headers: Readonly<Record<string, string>>;
      readonly bytes: Buffer;
      readonly redirects: readonly string[];
      readonly milliseconds: number;
    }
  | { readonly ok: false; readonly message: string };

export interface Fetcher {
  /** Fetches an address; at most so many bytes. Never throws for what a host does. */
  readonly fetch: (url: string, most?: number) => Promise<Fetched>;
  /** Whether an address is answered by a stand-in of ours, which needs no sparing. */
  readonly isStandin: (url: string) => boolean;
}

const TIMEOUT_MS = 10_000;
const MOST_REDIRECTS = 5;

/** Addresses that no page of the public web has (RFC 6890 special-purpose registries). */
const closed = new BlockList();
for (const [network, prefix] of [
  ['0.0.0.0', 8],
  ['10.0.0.0', 8],
  ['100.64.0.0', 10],
  ['127.0.0.0', 8],
  ['169.254.0.0', 16],
  ['172.16.0.0', 12],
  ['192.0.0.0', 24],
  ['192.0.2.0', 24],
  ['192.88.99.0', 24],
  ['192.168.0.0', 16],
  ['198.18.0.0', 15],
  ['198.51.100.0', 24],
  ['203.0.113.0', 24],
  ['224.0.0.0', 3],
] as const)
  closed.addSubnet(network, prefix, 'ipv4');
for (const [network, prefix] of [
  ['::', 96],
  ['64:ff9b::', 96],
  ['100::', 64],
  ['2001::', 23],
  ['2001:db8::', 32],
  ['2002::', 16],
  ['fc00::', 7],
  ['fe80::', 10],
  ['ff00::', 8],
] as const)
  closed.addSubnet(network, prefix, 'ipv6');

/** Whether an IP address belongs to this machine, its network or another place that is not the public web. */
export function isClosedAddress(address: string): boolean {
  const mapped = /^::ffff:(\d+\.\d+\.\d+\.\d+)$/i.exec(address)?.[1];
  if (mapped) return closed.check(mapped, 'ipv4');
  if (/^::ffff:/i.test(address)) return true;
  return isIP(address) === 0 || closed.check(address, isIP(address) === 6 ? 'ipv6' : 'ipv4');
}

/** Refuses names that lead to closed addresses; the address that was looked at is the one that is connected to. */
const guardedLookup: LookupFunction = (host, options, done) => {
  resolve(host, { ...options, all: true }, (error, found) => {
    const addresses = found as LookupAddress[] | undefined;
    const open = addresses?.filter(({ address }) => !isClosedAddress(address)) ?? [];
    const [first] = open;
    if (error || !first || open.length !== addresses?.length)
      done(error ?? new Error('it leads into a closed network'), '', 4);
    else if (options.all) done(null, open);
    else done(null, first.address, first.family);
  });
};

/**
 * Fetches pages of the public web, http and https only: closed networks are refused, redirects looked at each
 * by itself, size and time bounded. `standin` (host:port) answers for the domains under `.example` (RFC 2606),
 * which nobody else can have.
 */
export function guardedFetcher(standin?: string): Fetcher {
  return {
    isStandin: (address) => isStandin(parseUrl(address)?.hostname ?? '', standin),
    fetch: async (address, most = limits.pageBytes) => {
      const begun = performance.now();
      const redirects: string[] = [];
      const signal = AbortSignal.timeout(TIMEOUT_MS);
      let url = parseUrl(address.trim());
      for (;;) {
        const refused = refusal(url, standin);
        if (!url || refused) return { ok: false, message: refused };
        const answer = await ask(url, most, signal, standin);
        if (!answer.ok) return { ok: false, message: `${url.href} cannot be fetched: ${answer.message}.` };
        const next =
          answer.status >= 300 && answer.status < 400 && answer.location
            ? parseUrl(answer.location, url.href)
            : undefined;
        if (!next) {
          const { status, contentType, headers, bytes } = answer;
          return {
            ok: true,
            url: url.href,
            status,
            contentType,
            headers,
            bytes,
            redirects,
            milliseconds: Math.round(performance.now() - begun),
          };
        }
        redirects.push(url.href);
        if (redirects.length > MOST_REDIRECTS)
          return {
            ok: false,
            message: `${address} leads through more than ${String(MOST_REDIRECTS)} redirects.`,
          };
        url = next;
      }
    },
  };
}

function refusal(url: URL | undefined, standin: string | undefined): string {
  if (!url) return 'This is no web address. Write all of it, beginning with https://.';
  if (!/^https?:$/.test(url.protocol))
    return `${url.href} is not on the web: only http and https are fetched.`;
  if (url.username || url.password)
    return `${url.host} is asked for with a password in its address; that is not done.`;
  const host = url.hostname.replace(/^\[|\]$/g, '');
  if (isStandin(host, standin)) return '';
  if ((isIP(host) && isClosedAddress(host)) || /(^|\.)(localhost|local|internal)$/i.test(host))
    return `${url.host} is no place on the public web and is not fetched.`;
  return '';
}

const isStandin = (host: string, standin: string | undefined): boolean =>
  standin !== undefined && /\.example$/i.test(host);

type Answer =
  | {
      readonly ok: true;
      readonly status: number;
      readonly location: string;
      readonly contentType: string;
      readonly headers: Readonly<Record<string, string>>;
      readonly bytes: Buffer;
    }
  | { readonly ok: false; readonly message: string };

/** The header fields that are kept with what was fetched. */
const KEPT = [
  'content-type',
  'content-language',
  'content-security-policy',
  'cache-control',
  'date',
  'etag',
  'last-modified',
  'link',
  'location',
  'retry-after',
  'server',
  'x-robots-tag',
];

function ask(url: URL, most: number, signal: AbortSignal, standin: string | undefined): Promise<Answer> {
  const headers = {
    'User-Agent': `${robotName}/0.1 (+page reader)`,
    Accept: 'text/html,*/*;q=0.5',
    'Accept-Encoding': 'gzip, br, identity',
  };
  const local = isStandin(url.hostname, standin) ? (standin ?? '').split(':') : undefined;
  const options: RequestOptions = local
    ? {
        host: local[0],
        port: local[1],
        path: url.pathname + url.search,
        headers: { ...headers, Host: url.host },
        signal,
      }
    : {
        host: url.hostname.replace(/^\[|\]$/g, ''),
        port: url.port || undefined,
        path: url.pathname + url.search,
        headers,
        signal,
        lookup: guardedLookup,
      };
  const request = !local && url.protocol === 'https:' ? requestHttps : requestHttp;
  return new Promise((done) => {
    const fail = (error: Error & { code?: string }): void => {
      done({
        ok: false,
        message: signal.aborted
          ? `it did not answer within ${String(TIMEOUT_MS / 1000)} seconds`
          : inWords(error),
      });
    };
    request(options, (response) => {
      collect(response, most).then((bytes) => {
        done({
          ok: true,
          status: response.statusCode ?? 0,
          location: response.headers.location ?? '',
          contentType: response.headers['content-type'] ?? '',
          headers: Object.fromEntries(
            KEPT.flatMap((name) => {
              const value = response.headers[name];
              return value === undefined ? [] : [[name, String(value).slice(0, 2000)]];
            }),
          ),
          bytes,
        });
      }, fail);
    })
      .on('error', fail)
      .end();
  });
}

const inWords = ({ code, message }: Error & { code?: string }): string =>
  code === 'ENOTFOUND' ? 'there is no such host' : code === 'ECONNREFUSED' ? 'the host refuses' : message;

async function collect(response: IncomingMessage, most: number): Promise<Buffer> {
  const chunks: Buffer[] = [];
  let size = 0;
  for await (const chunk of response as AsyncIterable<Buffer>) {
    size += chunk.length;
    if (size > most) {
      response.destroy();
      throw new Error(`it is larger than ${megabytes(most)}`);
    }
    chunks.push(chunk);
  }
  const bytes = Buffer.concat(chunks);
  const bounds = { maxOutputLength: most };
  const encoding = response.headers['content-encoding'] ?? '';
  if (bytes.length === 0) return bytes;
  if (encoding === 'gzip') return gunzipSync(bytes, bounds);
  if (encoding === 'br') return brotliDecompressSync(bytes, bounds);
  return encoding === 'deflate' ? inflateSync(bytes, bounds) : bytes;
}
