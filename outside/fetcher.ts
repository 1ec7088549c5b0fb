import { request as requestHttp, type IncomingMessage, type RequestOptions } from 'node:http';
import { request as requestHttps } from 'node:https';
import { isIP } from 'node:net';
import { limits } from '#core/limits';
import { parseUrl } from '#core/link';
import { decodeContent, readWithin, type Bounds } from './contentCoding.ts';
import { guardedLookup, isClosedAddress } from './publicAddress.ts';
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
  /** Fetches an address; at most so many bytes. Never throws for what a host does, and always comes to an end. */
  readonly fetch: (url: string, bounds?: Partial<Bounds>) => Promise<Fetched>;
  /** Whether an address is answered by a stand-in of ours, which needs no sparing. */
  readonly isStandin: (url: string) => boolean;
}

/** From the first request to the last byte, redirects and unpacking included. */
const DEADLINE_MS = 10_000;
const MOST_REDIRECTS = 5;

/** The statuses that lead on to the address in Location (RFC 9110, 15.4): 304 and others do not. */
const REDIRECTS = new Set([301, 302, 303, 307, 308]);

/**
 * Fetches pages of the public web, http and https only: closed networks are refused, redirects looked at each
 * by itself, size and time bounded. `standin` (host:port) answers for the domains under `.example` (RFC 2606),
 * which nobody else can have.
 */
export function guardedFetcher(standin?: string, deadlineMs = DEADLINE_MS): Fetcher {
  return {
    isStandin: (address) => isStandin(parseUrl(address)?.hostname ?? '', standin),
    fetch: async (address, { most = limits.pageBytes, beyond = 'refuse' } = {}) => {
      const begun = performance.now();
      const redirects: string[] = [];
      const signal = AbortSignal.timeout(deadlineMs);
      let url = parseUrl(address.trim());
      for (;;) {
        const refused = refusal(url, standin);
        if (!url || refused) return { ok: false, message: refused };
        const answer = await ask(url, { most, beyond }, signal, standin);
        if (!answer.ok) return { ok: false, message: `${url.href} cannot be fetched: ${answer.message}.` };
        const next =
          REDIRECTS.has(answer.status) && answer.location ? parseUrl(answer.location, url.href) : undefined;
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
  if (url.href.length > limits.addressLength)
    return `The address has ${String(url.href.length)} characters; at most ${String(limits.addressLength)} are asked for.`;
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
  'age',
  'cache-status',
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
  'x-cache',
  'x-robots-tag',
];

const acceptedCodings = 'gzip, br, deflate, identity';

function requestOptions(url: URL, standin: string | undefined, signal: AbortSignal): RequestOptions {
  const headers = {
    'User-Agent': `${robotName}/0.1 (+page reader)`,
    Accept: 'text/html,*/*;q=0.5',
    'Accept-Encoding': acceptedCodings,
    // What is judged is the page as it is now, not a copy that somebody stored.
    'Cache-Control': 'no-cache',
  };
  // Each request has a connection of its own, so that one that a host holds on to holds up nothing else.
  const shared = { path: url.pathname + url.search, signal, agent: false };
  if (isStandin(url.hostname, standin)) {
    const [host, port] = (standin ?? '').split(':');
    return { ...shared, host, port, headers: { ...headers, Host: url.host } };
  }
  const host = url.hostname.replace(/^\[|\]$/g, '');
  return { ...shared, host, port: url.port || undefined, headers, lookup: guardedLookup };
}

/** One request. However the host behaves, and if it says nothing more at all, there is an answer at the deadline. */
function ask(url: URL, bounds: Bounds, signal: AbortSignal, standin: string | undefined): Promise<Answer> {
  const isSecure = url.protocol === 'https:' && !isStandin(url.hostname, standin);
  const request = isSecure ? requestHttps : requestHttp;
  return new Promise((resolve) => {
    const fail = (error: Error & { code?: string }): void =>
      resolve({ ok: false, message: signal.aborted ? 'it did not come to an end in time' : inWords(error) });
    const late = (): void => fail(new Error('late'));
    if (signal.aborted) {
      late();
      return;
    }
    signal.addEventListener('abort', late, { once: true });
    let isAnswered = false;
    request(requestOptions(url, standin, signal), (response) => {
      isAnswered = true;
      collect(response, bounds)
        .then((bytes) => resolve({ ok: true, ...headOf(response), bytes }), fail)
        .finally(() => signal.removeEventListener('abort', late));
    })
      // Answers that are none of a page: another protocol, or a connection that closes without a word.
      .on('upgrade', (_response, socket) => {
        socket.destroy();
        fail(new Error('the host changes the protocol instead of sending a page'));
      })
      .on('error', fail)
      .on('close', () => {
        if (!isAnswered) fail(new Error('the host closed the connection without an answer'));
      })
      .end();
  });
}

/** What an answer says before its content. */
function headOf({ statusCode = 0, headers }: IncomingMessage) {
  return {
    status: statusCode,
    location: headers.location ?? '',
    contentType: headers['content-type'] ?? '',
    headers: Object.fromEntries(
      KEPT.flatMap((name) => {
        const value = headers[name];
        return value === undefined ? [] : [[name, String(value).slice(0, 2000)]];
      }),
    ),
  };
}

const inWords = ({ code, message }: Error & { code?: string }): string =>
  code === 'ENOTFOUND' ? 'there is no such host' : code === 'ECONNREFUSED' ? 'the host refuses' : message;

async function collect(response: IncomingMessage, bounds: Bounds): Promise<Buffer> {
  const bytes = await readWithin(response as AsyncIterable<Buffer>, bounds);
  return decodeContent(bytes, response.headers['content-encoding'] ?? '', bounds);
}
