import { createHash } from 'node:crypto';
import { connect as connectSocket } from 'node:net';
import Client from 'ssh2-sftp-client';
import { limits } from '#core/limits';
import type { SiteAccess, SiteSecret } from '#core/site';
import {
  ACT_MS,
  insidePath,
  inTime,
  namesBeside,
  pagesBelow,
  SiteProblem,
  tooLarge,
  UnknownHostKey,
  type SiteConnection,
  type SiteEntry,
  type SiteFile,
} from './connection.ts';

type Access = Extract<SiteAccess, { way: 'sftp' }>;

/** Where a name really leads: the address to connect to, which was looked at. */
export interface HostAddress {
  readonly host: string;
  readonly port: number;
}

/** Signs in over SSH. The host's key has to be the one that was remembered; nothing is sent to another. */
export async function sftpSite(
  { user, folder, hostKey }: Access,
  secret: SiteSecret,
  { host, port }: HostAddress,
): Promise<SiteConnection> {
  const client = new Client('site', { error: ignored, end: ignored, close: ignored });
  let shown = '';
  const { password, privateKey, passphrase } = secret;
  try {
    await inTime(
      client.connect({
        // Small questions and answers go at once, not when they have become many.
        sock: connectSocket({ host, port, noDelay: true }),
        username: user,
        ...(password ? { password } : {}),
        ...(privateKey ? { privateKey, passphrase } : {}),
        readyTimeout: ACT_MS,
        hostVerifier: (key: Buffer) => {
          shown = createHash('sha256').update(key).digest('base64').replace(/=+$/, '');
          return shown === hostKey;
        },
      }),
      'signing in',
    );
    return new SftpSite(
      client,
      (await inTime(client.realPath(folder || '.'), 'finding its folder')).replace(/\/+$/, ''),
    );
  } catch (error) {
    void client.end().catch(ignored);
    if (shown && shown !== hostKey) throw new UnknownHostKey(shown, hostKey);
    throw asProblem(error, 'The site');
  }
}

/** What stands under a name itself, links not followed. */
interface LinkStats {
  readonly mode: number;
  readonly size: number;
  readonly isFile: boolean;
  readonly isSymbolicLink: boolean;
}

/** What stands on the host; undefined where nothing does. The types say less than the client has. */
const lookAt = (client: Client, path: string): Promise<LinkStats | undefined> =>
  (client as unknown as { lstat: (path: string) => Promise<LinkStats> })
    .lstat(path)
    .catch((error: unknown) => {
      if (error instanceof Error && 'code' in error && error.code === 'ENOENT') return undefined;
      throw error;
    });

const ignored = (): void => undefined; // told by the act that was under way

class SftpSite implements SiteConnection {
  readonly #client: Client;
  readonly #root: string;

  constructor(client: Client, root: string) {
    this.#client = client;
    this.#root = root;
  }

  list(): Promise<readonly string[]> {
    return pagesBelow(async (folder) => {
      const entries = await this.#do(folder || 'The folder', 'listing', () =>
        this.#client.list(this.#at(folder)),
      );
      // Links are passed over: where they lead is not ours to know.
      return entries.flatMap(({ name, type }): SiteEntry[] =>
        type === 'l' ? [] : [{ name, kind: type === 'd' ? 'folder' : 'file' }],
      );
    });
  }

  async read(path: string): Promise<SiteFile | undefined> {
    const there = await this.#stat(path);
    return there && { bytes: await this.#bytes(path), tag: '' };
  }

  async put(path: string, bytes: Buffer, was: SiteFile): Promise<boolean> {
    const stats = await this.#stat(path);
    if (!stats) return false;
    const target = this.#at(path);
    const [left, own] = namesBeside(target, bytes);
    return this.#do(path, 'writing', async () => {
      try {
        const beside = (await this.#client.exists(left)) === false ? left : own;
        await this.#client.put(bytes, beside, { writeStreamOptions: { mode: stats.mode & 0o777 } });
        if (!(await this.#bytes(path)).equals(was.bytes)) return false;
        await this.#exchange(beside, target);
        return true;
      } finally {
        for (const name of [left, own]) await this.#client.delete(name, true).catch(ignored);
      }
    });
  }

  /** Puts a file in another's place in one step. Without the extension for it some hosts do so all the same. */
  async #exchange(beside: string, target: string): Promise<void> {
    try {
      await this.#client.posixRename(beside, target);
    } catch (error) {
      if (!(error instanceof Error) || !/not support|unsupported/i.test(error.message)) throw error;
      await this.#client.rename(beside, target).catch(() => {
        throw new SiteProblem(`${target}: the host cannot exchange a file in one step. It is as it was.`);
      });
    }
  }

  async close(): Promise<void> {
    await inTime(this.#client.end(), 'closing', 2000).catch(ignored);
  }

  #at(path: string): string {
    return path ? `${this.#root}/${insidePath(path)}` : this.#root || '/';
  }

  /** What a file is; undefined where there is none, or something else. */
  async #stat(path: string): Promise<LinkStats | undefined> {
    const stats = await this.#do(path, 'looking', () => lookAt(this.#client, this.#at(path)));
    if (stats?.isSymbolicLink) throw new SiteProblem(`${path} is a link on the host and is not touched.`);
    if (!stats?.isFile) return undefined;
    if (stats.size > limits.pageBytes) throw tooLarge(path);
    return stats;
  }

  /** A file's bytes. The host may send more than it said: not more than a page has is taken. */
  async #bytes(path: string): Promise<Buffer> {
    return this.#do(path, 'reading', async () => {
      const pieces: Buffer[] = [];
      let size = 0;
      const stream = this.#client.createReadStream(this.#at(path));
      // A connection that breaks off while the file is closed is told to the stream when nobody reads it any more.
      stream.on('error', ignored);
      for await (const piece of stream as AsyncIterable<Buffer>) {
        size += piece.length;
        if (size > limits.pageBytes) throw tooLarge(path);
        pieces.push(piece);
      }
      return Buffer.concat(pieces);
    });
  }

  async #do<T>(path: string, doing: string, act: () => Promise<T>): Promise<T> {
    try {
      return await inTime(act(), `${doing} ${path}`);
    } catch (error) {
      throw asProblem(error, path);
    }
  }
}

/** The client's words never go on: they may hold what was sent. */
function asProblem(error: unknown, what: string): SiteProblem {
  if (error instanceof SiteProblem) return error;
  const text = error instanceof Error ? `${'code' in error ? String(error.code) : ''} ${error.message}` : '';
  const known: readonly (readonly [RegExp, string])[] = [
    [/authentication|permitted methods/i, 'the host does not take the user, password or key'],
    [/parse privateKey|passphrase|encrypted/i, 'the key cannot be read; it may need its passphrase'],
    [/ECONNREFUSED/, 'the host refuses the connection'],
    [/ENOTFOUND|EAI_AGAIN/, 'there is no such host'],
    [/closed network/, 'its name leads into a closed network'],
    [/ECONNRESET|ERR_NOT_CONNECTED|No response|closed|end of|ended/i, 'the connection broke off'],
    [/permission denied|EACCES/i, 'the host does not allow it'],
    [/no space|quota/i, 'the host has no room left'],
    [/no such/i, 'there is no such folder or file'],
    [/timed? ?out|handshake/i, 'the host does not answer in time'],
  ];
  const [, words = 'the host answers in a way that is not understood'] =
    known.find(([pattern]) => pattern.test(text)) ?? [];
  return new SiteProblem(`${what}: ${words}. What stands there is as it was.`);
}
