/** A small SFTP server over a folder (draft-ietf-secsh-filexfer-02, version 3), with a password to sign in with. */
import { createHash, randomUUID, timingSafeEqual } from 'node:crypto';
import {
  closeSync,
  existsSync,
  fstatSync,
  linkSync,
  openSync,
  readFileSync,
  readSync,
  renameSync,
  rmSync,
  type Stats,
  writeFileSync,
  writeSync,
} from 'node:fs';
import { posix } from 'node:path';
import ssh2, { type AuthContext, type Connection, type SFTPWrapper } from 'ssh2';
import { below, demoUser, namesIn, statOf } from './siteFiles.ts';

const { Server, utils } = ssh2;
const { STATUS_CODE, OPEN_MODE } = utils.sftp;

/** The key by which the host is known, made into `file` where there is none; and its SHA-256 in base64. */
export function hostKeyIn(file: string): { readonly key: string; readonly fingerprint: string } {
  if (!existsSync(file)) makeKey(file);
  const key = readFileSync(file, 'utf8');
  const parsed = utils.parseKey(key);
  if (parsed instanceof Error) throw parsed;
  const fingerprint = createHash('sha256').update(parsed.getPublicSSH()).digest('base64').replace(/=+$/, '');
  return { key, fingerprint };
}

/** A new pair of keys, locked where a passphrase is given. About one in 150 that the package makes nobody can read: not those. */
export function newKeys(passphrase = ''): { readonly private: string; readonly public: string } {
  const locked = { passphrase, cipher: 'aes256-ctr', rounds: 16 } as const;
  for (;;) {
    const keys = utils.generateKeyPairSync('ed25519', passphrase ? locked : {});
    if (!(utils.parseKey(keys.private, passphrase) instanceof Error)) return keys;
  }
}

/** Puts a new key in its place whole: whoever comes second takes the first one's. */
function makeKey(file: string): void {
  const beside = `${file}.${randomUUID()}.part`;
  writeFileSync(beside, newKeys().private, { mode: 0o600 });
  try {
    linkSync(beside, file);
  } catch (error) {
    if (!existsSync(file)) throw error;
  } finally {
    rmSync(beside, { force: true });
  }
}

const digest = (text: string): Buffer => createHash('sha256').update(text).digest();

/**
 * Serves the folder to whoever signs in as the demo's user, with the password or with one of these keys (OpenSSH).
 * `met` is shown each session before it begins, for hosts that are to behave otherwise.
 */
export function sftpServer(
  folder: string,
  key: string,
  authorizedKeys: readonly string[] = [],
  met: (sftp: SFTPWrapper, client: Connection) => void = () => undefined,
): InstanceType<typeof Server> {
  return new Server({ hostKeys: [key] }, (client) => {
    client.on('error', () => undefined); // a connection that breaks off is no fault of ours
    client.on('authentication', (context) => {
      const isUser = context.username === demoUser.user && isKnown(context, authorizedKeys);
      if (isUser) context.accept();
      else context.reject(['password', 'publickey']);
    });
    // The types say less than the server has.
    (client as unknown as { setNoDelay: (noDelay: boolean) => void }).setNoDelay(true);
    client.on('ready', () => {
      client.on('session', (accept) => {
        accept().on('sftp', (begin) => {
          const sftp = begin();
          met(sftp, client);
          new Session(folder, sftp);
        });
      });
    });
  });
}

/** Whether who signs in shows the password, or has the private half of a key. */
function isKnown(context: AuthContext, authorizedKeys: readonly string[]): boolean {
  if (context.method === 'password')
    return timingSafeEqual(digest(context.password), digest(demoUser.password));
  if (context.method !== 'publickey') return false;
  return authorizedKeys.some((text) => {
    const known = utils.parseKey(text);
    if (known instanceof Error || !known.getPublicSSH().equals(context.key.data)) return false;
    // A key is asked about first, without a signature.
    const { blob, signature, hashAlgo } = context;
    return !signature || !blob || known.verify(blob, signature, hashAlgo);
  });
}

type Handle = { readonly fd: number } | { names: readonly string[]; readonly folder: string };

class Session {
  readonly #root: string;
  readonly #sftp: SFTPWrapper;
  readonly #handles = new Map<number, Handle>();
  #next = 1;

  constructor(root: string, sftp: SFTPWrapper) {
    this.#root = root;
    this.#sftp = sftp;
    sftp.on('REALPATH', (id, path) => this.#realPath(id, path));
    sftp.on('STAT', (id, path) => this.#stat(id, path));
    sftp.on('LSTAT', (id, path) => this.#stat(id, path));
    sftp.on('OPENDIR', (id, path) => this.#openFolder(id, path));
    sftp.on('READDIR', (id, handle) => this.#list(id, handle));
    sftp.on('OPEN', (id, path, flags) => this.#open(id, path, flags));
    sftp.on('READ', (id, handle, offset, length) => this.#read(id, handle, offset, length));
    sftp.on('WRITE', (id, handle, offset, data) => this.#write(id, handle, offset, data));
    sftp.on('FSTAT', (id, handle) => this.#fstat(id, handle));
    sftp.on('FSETSTAT', (id) => sftp.status(id, STATUS_CODE.OK));
    sftp.on('SETSTAT', (id) => sftp.status(id, STATUS_CODE.OK));
    sftp.on('CLOSE', (id, handle) => this.#close(id, handle));
    sftp.on('REMOVE', (id, path) => this.#try(id, () => rmSync(this.#at(path) ?? '')));
    sftp.on('RENAME', (id, from, to) =>
      this.#try(id, () => renameSync(this.#at(from) ?? '', this.#at(to) ?? '')),
    );
  }

  #at(path: string): string | undefined {
    return below(this.#root, posix.normalize(`/${path}`));
  }

  #try(id: number, act: () => void): void {
    try {
      act();
      this.#sftp.status(id, STATUS_CODE.OK);
    } catch {
      this.#sftp.status(id, STATUS_CODE.FAILURE);
    }
  }

  #realPath(id: number, path: string): void {
    const filename = posix.normalize(`/${path}`).replace(/(?<=.)\/$/, '');
    this.#sftp.name(id, [{ filename, longname: filename, attrs: NO_ATTRIBUTES }]);
  }

  #stat(id: number, path: string): void {
    const stats = statOf(this.#at(path));
    if (stats) this.#sftp.attrs(id, attributes(stats));
    else this.#sftp.status(id, STATUS_CODE.NO_SUCH_FILE);
  }

  #openFolder(id: number, path: string): void {
    const folder = this.#at(path);
    if (folder !== undefined && statOf(folder)?.isDirectory())
      this.#give(id, { names: namesIn(folder), folder });
    else this.#sftp.status(id, STATUS_CODE.NO_SUCH_FILE);
  }

  #list(id: number, handle: Buffer): void {
    const open = this.#handles.get(handle.readUInt32BE(0));
    if (!open || !('names' in open)) {
      this.#sftp.status(id, STATUS_CODE.FAILURE);
      return;
    }
    if (open.names.length === 0) {
      this.#sftp.status(id, STATUS_CODE.EOF);
      return;
    }
    const entries = open.names.flatMap((filename) => {
      const stats = statOf(`${open.folder}/${filename}`);
      if (!stats) return [];
      const kind = stats.isDirectory() ? 'd' : stats.isSymbolicLink() ? 'l' : '-';
      return [
        {
          filename,
          longname: `${kind}rw-r--r-- 1 site site ${String(stats.size)} Jan 1 00:00 ${filename}`,
          attrs: attributes(stats),
        },
      ];
    });
    open.names = [];
    this.#sftp.name(id, entries);
  }

  #open(id: number, path: string, flags: number): void {
    const file = this.#at(path);
    const mode = (flags & OPEN_MODE.WRITE) === 0 ? 'r' : (flags & OPEN_MODE.EXCL) === 0 ? 'w' : 'wx';
    try {
      if (file === undefined) throw new Error('outside');
      this.#give(id, { fd: openSync(file, mode, 0o644) });
    } catch {
      this.#sftp.status(id, STATUS_CODE.NO_SUCH_FILE);
    }
  }

  #give(id: number, open: Handle): void {
    const handle = Buffer.alloc(4);
    handle.writeUInt32BE(this.#next);
    this.#handles.set(this.#next, open);
    this.#next += 1;
    this.#sftp.handle(id, handle);
  }

  #fd(handle: Buffer): number | undefined {
    const open = this.#handles.get(handle.readUInt32BE(0));
    return open && 'fd' in open ? open.fd : undefined;
  }

  #read(id: number, handle: Buffer, offset: number, length: number): void {
    const fd = this.#fd(handle);
    const data = Buffer.alloc(Math.min(length, 1024 * 1024));
    const size = fd === undefined ? 0 : readSync(fd, data, 0, data.length, offset);
    if (size > 0) this.#sftp.data(id, data.subarray(0, size));
    else this.#sftp.status(id, STATUS_CODE.EOF);
  }

  #write(id: number, handle: Buffer, offset: number, data: Buffer): void {
    const fd = this.#fd(handle);
    this.#try(id, () => writeSync(fd ?? -1, data, 0, data.length, offset));
  }

  #fstat(id: number, handle: Buffer): void {
    const fd = this.#fd(handle);
    if (fd === undefined) this.#sftp.status(id, STATUS_CODE.FAILURE);
    else this.#sftp.attrs(id, attributes(fstatSync(fd)));
  }

  #close(id: number, handle: Buffer): void {
    const fd = this.#fd(handle);
    this.#handles.delete(handle.readUInt32BE(0));
    if (fd !== undefined) closeSync(fd);
    this.#sftp.status(id, STATUS_CODE.OK);
  }
}

const NO_ATTRIBUTES = { mode: 0, uid: 0, gid: 0, size: 0, atime: 0, mtime: 0 };
const attributes = ({ mode, uid, gid, size, atimeMs, mtimeMs }: Stats) => ({
  mode,
  uid,
  gid,
  size,
  atime: Math.trunc(atimeMs / 1000),
  mtime: Math.trunc(mtimeMs / 1000),
});
