import { createHash, randomUUID } from 'node:crypto';
import { limits, megabytes } from '#core/limits';
import { isPagePath, leadsBelow } from '#core/link';

/** A page's file as it stands on a site. */
export interface SiteFile {
  readonly bytes: Buffer;
  /** Its entity tag (RFC 9110, 8.8.3); '' where the way to the site has none. */
  readonly tag: string;
}

/**
 * The files of a site while a connection lasts. Paths are relative, with `/`. Every act comes to an end; what a host
 * does wrongly is a `SiteProblem`, and nothing is half written.
 */
export interface SiteConnection {
  /** The pages' paths, sorted; at most so many as a check of a site takes. */
  readonly list: () => Promise<readonly string[]>;
  /** Undefined where there is no such file. */
  readonly read: (path: string) => Promise<SiteFile | undefined>;
  /** Puts a page in the place of one that is still what was read; whether it was. The last moment decides. */
  readonly put: (path: string, bytes: Buffer, was: SiteFile) => Promise<boolean>;
  readonly close: () => Promise<void>;
}

/** Why a site could not be reached, read or written, in words for people. It never holds a secret. */
export class SiteProblem extends Error {}

/** The host showed a key that nobody has seen yet, or another one than was remembered. */
export class UnknownHostKey extends SiteProblem {
  /** SHA-256 in base64. */
  readonly hostKey: string;

  constructor(hostKey: string, remembered: string) {
    super(
      remembered
        ? `The host shows another key (SHA256:${hostKey}) than the one that was remembered (SHA256:${remembered}). It may be another machine that pretends to be it. Nothing was sent; ask whoever runs the host before you take the new key.`
        : `The host shows a key that nobody has confirmed yet: SHA256:${hostKey}. Nothing was sent.`,
    );
    this.hostKey = hostKey;
  }
}

/** SHA-256 in hexadecimal: by it versions of a page are told apart. */
export const digestOf = (bytes: Uint8Array): string => createHash('sha256').update(bytes).digest('hex');

/** What came of writing a page: it stands there, or what somebody else made of it meanwhile does. */
export type Exchanged =
  | { readonly state: 'written'; readonly bytes: Buffer }
  | { readonly state: 'changed'; readonly theirs: Buffer | undefined };

/**
 * Writes a page where the site still has the version that `was` is the digest of. One that stands there already, since
 * an earlier attempt was cut off after it had written or came to its end meanwhile, counts as written: so nothing is
 * written twice, and nobody is told of himself as of somebody else.
 */
export async function exchange(
  site: SiteConnection,
  path: string,
  bytes: Buffer,
  was: string,
): Promise<Exchanged> {
  const there = await site.read(path);
  if (there?.bytes.equals(bytes)) return { state: 'written', bytes };
  if (!there || digestOf(there.bytes) !== was) return { state: 'changed', theirs: there?.bytes };
  if (await site.put(path, bytes, there)) return { state: 'written', bytes };
  const theirs = (await site.read(path))?.bytes;
  return theirs?.equals(bytes) ? { state: 'written', bytes } : { state: 'changed', theirs };
}

/** What lies in a folder: pages and folders; what is neither, or leads elsewhere, is left out. */
export interface SiteEntry {
  readonly name: string;
  readonly kind: 'folder' | 'file';
}

/** The pages of a site, folder by folder, sorted: at most so many, from so many folders, so deep. */
export async function pagesBelow(
  entriesOf: (folder: string) => Promise<readonly SiteEntry[]>,
): Promise<readonly string[]> {
  const pages: string[] = [];
  const folders = [''];
  for (let at = 0; at < folders.length && at < MOST_FOLDERS && pages.length < limits.sitePages; at += 1) {
    const folder = folders[at] ?? '';
    for (const { name, kind } of (await entriesOf(folder)).filter((entry) => isPlainName(entry.name))) {
      const path = folder ? `${folder}/${name}` : name;
      if (kind === 'folder' && path.split('/').length < DEEPEST) folders.push(path);
      else if (kind === 'file' && isPagePath(path)) pages.push(path);
    }
  }
  return pages.sort().slice(0, limits.sitePages);
}

/** Folders that are looked into on one site, and how deep they may lie in each other. */
const MOST_FOLDERS = 2000;
const DEEPEST = 20;
/** Nothing that is asked of a host may take longer. */
export const ACT_MS = 20_000;

export const tooLarge = (path: string): SiteProblem =>
  new SiteProblem(`${path} has more than ${megabytes(limits.pageBytes)}, as no page has. It was not read.`);

/**
 * What a page is written into beside its place: the same for the same bytes, so that whoever writes them again clears
 * away what a killed process has left; and a name that nobody else has, where that one is in use.
 */
export function namesBeside(path: string, bytes: Uint8Array): readonly [left: string, own: string] {
  const [, folder = '', name = ''] = /^(.*\/)?([^/]*)$/.exec(path) ?? [];
  const part = (mark: string): string => `${folder}.${name}.${mark}.zinc-part`;
  return [part(digestOf(bytes).slice(0, 12)), part(randomUUID())];
}

/** Refuses a path that leads anywhere but below the site's own folder. */
export function insidePath(path: string): string {
  if (path.length > limits.pathLength || !leadsBelow(path))
    throw new SiteProblem(`“${path.slice(0, 200)}” leads out of the site’s folder and is not touched.`);
  return path;
}

/** Whether a name that a host tells is one of a file in the folder that was asked about. */
const isPlainName = (name: string): boolean => name !== '' && !/[/\\\0]/.test(name) && !name.startsWith('.');

/** Gives an act up that does not come to an end in time. */
export async function inTime<T>(act: Promise<T>, doing: string, most = ACT_MS): Promise<T> {
  let timer: NodeJS.Timeout | undefined;
  const late = new Promise<never>((_resolve, reject) => {
    timer = setTimeout(
      () =>
        reject(
          new SiteProblem(`The host did not come to an end of ${doing} in ${String(most / 1000)} seconds.`),
        ),
      most,
    );
  });
  try {
    return await Promise.race([act, late]);
  } finally {
    clearTimeout(timer);
  }
}
