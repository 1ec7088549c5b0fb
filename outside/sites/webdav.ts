import { Agent as HttpAgent } from 'node:http';
import { Readable } from 'node:stream';
import { AuthType, createClient, parseXML, type WebDAVClient } from 'webdav';
import { limits } from '#core/limits';
import type { SiteAccess, SiteSecret } from '#core/site';
import { guardedAgent } from '../publicAddress.ts';
import {
  ACT_MS,
  insidePath,
  pagesBelow,
  SiteProblem,
  tooLarge,
  type SiteConnection,
  type SiteEntry,
  type SiteFile,
} from './connection.ts';

type Access = Extract<SiteAccess, { way: 'webdav' }>;
type Answer = Awaited<ReturnType<WebDAVClient['customRequest']>>;

/** What a folder's listing may take, bytes of XML. */
const LISTING_BYTES = 4 * 1024 * 1024;

/** Nothing is asked for without encryption, not even where a host leads on to. */
class ClosedAgent extends HttpAgent {
  override createConnection(): never {
    throw new Error('it leads to an address without encryption');
  }
}

/** A site over WebDAV. `standin` (host:port) answers for it instead, where it is one of ours. */
export function webdavSite(
  { address, user }: Access,
  { password }: SiteSecret,
  standin: string | undefined,
): SiteConnection {
  const url = new URL(address);
  const root = decoded(url.pathname.replace(/\/+$/, ''));
  const origin = standin === undefined ? url.origin : `http://${standin}`;
  const client = createClient(origin, {
    ...(user ? { authType: AuthType.Password, username: user, password } : { authType: AuthType.None }),
    // The address that was looked at is the one that is connected to.
    ...(standin === undefined
      ? { httpAgent: new ClosedAgent(), httpsAgent: guardedAgent() }
      : { headers: { Host: url.host } }),
  });
  return new WebdavSite(client, root);
}

class WebdavSite implements SiteConnection {
  readonly #client: WebDAVClient;
  readonly #root: string;

  constructor(client: WebDAVClient, root: string) {
    this.#client = client;
    this.#root = root;
  }

  list(): Promise<readonly string[]> {
    return pagesBelow((folder) => this.#entries(folder));
  }

  async read(path: string): Promise<SiteFile | undefined> {
    const { status, headers, bytes } = await this.#ask('GET', path, limits.pageBytes, {
      'Cache-Control': 'no-cache',
      'Accept-Encoding': 'identity',
    });
    if (status === 404 || status === 410) return undefined;
    if (status !== 200) throw refused(path, status);
    return { bytes, tag: headers.get('etag') ?? '' };
  }

  /** Conditional on the entity tag (RFC 9110, 13.1.1 "If-Match"); a host without one is asked again right before. */
  async put(path: string, bytes: Buffer, { tag, bytes: was }: SiteFile): Promise<boolean> {
    const isStrong = tag !== '' && !tag.startsWith('W/');
    if (!isStrong && !(await this.read(path))?.bytes.equals(was)) return false;
    const { status } = await this.#ask(
      'PUT',
      path,
      LISTING_BYTES,
      isStrong ? { 'If-Match': tag } : {},
      bytes,
    );
    if (status === 412 || status === 404 || status === 410) return false;
    if (status < 200 || status > 299) throw refused(path, status);
    return true;
  }

  close(): Promise<void> {
    return Promise.resolve();
  }

  /** What lies in a folder (RFC 4918, 9.1 "PROPFIND", depth 1). What the host tells of other places is passed over. */
  async #entries(folder: string): Promise<readonly SiteEntry[]> {
    const { status, bytes } = await this.#ask(
      'PROPFIND',
      folder,
      LISTING_BYTES,
      { Depth: '1' },
      undefined,
      '/',
    );
    if (status !== 207) throw refused(folder || 'The folder', status);
    const { multistatus } = await parseXML(bytes.toString('utf8')).catch(() => {
      throw new SiteProblem('The host’s list of the folder cannot be read. Nothing was changed.');
    });
    const here = this.#at(folder);
    return multistatus.response.flatMap(({ href, propstat }): SiteEntry[] => {
      const path = pathOf(href);
      if (!path?.startsWith(`${here}/`)) return [];
      const name = path.slice(here.length + 1).replace(/\/$/, '');
      const type: unknown = propstat?.prop.resourcetype;
      const isFolder = typeof type === 'object' && type !== null && 'collection' in type;
      return [{ name, kind: isFolder ? 'folder' : 'file' }];
    });
  }

  #at(path: string): string {
    return path ? `${this.#root}/${insidePath(path)}` : this.#root;
  }

  async #ask(
    method: string,
    path: string,
    most: number,
    headers: Readonly<Record<string, string>>,
    data?: Buffer,
    end = '',
  ): Promise<{ status: number; headers: Pick<Headers, 'get'>; bytes: Buffer }> {
    const signal = AbortSignal.timeout(ACT_MS);
    try {
      const options = { method, headers, signal, ...(data ? { data } : {}) };
      const answer = await this.#client.customRequest(`${this.#at(path)}${end}`, options);
      return { status: answer.status, headers: answer.headers, bytes: await within(answer, most, path) };
    } catch (error) {
      // The client throws for every status that is none of success.
      const status = error instanceof Error && 'status' in error ? Number(error.status) : 0;
      if (status > 0) return { status, headers: new Headers(), bytes: Buffer.alloc(0) };
      throw asProblem(error, path || 'The site', signal.aborted);
    }
  }
}

const decoded = (path: string): string => path.split('/').map(decodeURIComponent).join('/');

/** The path of a listing’s reference, which may be a whole address; undefined where it is none. */
function pathOf(href: string): string | undefined {
  try {
    return decoded(new URL(href, 'http://site/').pathname);
  } catch {
    return undefined;
  }
}

/** The body as it comes: on Node the client's answers are streams of it. */
const bodyOf = (answer: Answer): AsyncIterable<Buffer> =>
  ('body' in answer ? (answer.body as AsyncIterable<Buffer> | null) : null) ?? Readable.from([]);

async function within(answer: Answer, most: number, path: string): Promise<Buffer> {
  const pieces: Buffer[] = [];
  let size = 0;
  for await (const piece of bodyOf(answer)) {
    size += piece.length;
    if (size > most) throw tooLarge(path);
    pieces.push(Buffer.from(piece));
  }
  return Buffer.concat(pieces);
}

const refused = (path: string, status: number): SiteProblem =>
  new SiteProblem(
    `${path}: ${
      status === 401 || status === 403
        ? 'the host does not take the user or password, or does not allow it'
        : status === 404
          ? 'there is no such folder'
          : status === 423
            ? 'somebody has locked it'
            : status === 507
              ? 'the host has no room left'
              : `the host answers with status ${String(status)}`
    }. What stands there is as it was.`,
  );

function asProblem(error: unknown, what: string, isLate: boolean): SiteProblem {
  if (error instanceof SiteProblem) return error;
  const text = error instanceof Error ? error.message : '';
  const words = isLate
    ? 'the host did not come to an end in time'
    : /ECONNREFUSED/.test(text)
      ? 'the host refuses the connection'
      : /ENOTFOUND/.test(text)
        ? 'there is no such host'
        : /closed network/.test(text)
          ? 'its name leads into a closed network'
          : 'the connection broke off';
  return new SiteProblem(`${what}: ${words}. What stands there is as it was.`);
}
