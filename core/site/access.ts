import * as z from 'zod';
import { parseUrl } from '#core/link';

const words = (most: number, needed: string) => z.string().trim().min(1, needed).max(most);

/** How the files of a site are reached. */
export const siteAccessSchema = z.discriminatedUnion('way', [
  /** A folder on the server's own disk: a working copy. */
  z.strictObject({ way: z.literal('folder'), folder: words(1000, 'A folder is needed.') }),
  /** SSH File Transfer Protocol (draft-ietf-secsh-filexfer-02). */
  z.strictObject({
    way: z.literal('sftp'),
    host: words(255, 'A host is needed.').refine((host) => /^[\w.:-]+$/.test(host), 'This is no host.'),
    port: z.number().int().min(1).max(65_535).default(22),
    user: words(255, 'A user is needed.'),
    /** Where the site's pages lie, as the host has it: `.` or `/var/www/html`. */
    folder: z.string().trim().max(1000).default('.'),
    /** The SHA-256 of the host's key in base64, as `ssh-keygen -lf` shows it; '' while nobody has seen it. */
    hostKey: z.string().trim().max(80).default(''),
  }),
  /** WebDAV (RFC 4918). */
  z.strictObject({
    way: z.literal('webdav'),
    address: words(1000, 'An address is needed.').refine(
      (address) => parseUrl(address)?.protocol === 'https:',
      'An address begins with https://.',
    ),
    user: z.string().trim().max(255).default(''),
  }),
  /** Nobody writes to it but people: what is to stand there is handed over, and proved on the live pages. */
  z.strictObject({ way: z.literal('hand') }),
]);
export type SiteAccess = z.output<typeof siteAccessSchema>;

/** What signs in at a site; all of it empty where nothing does. It is never shown again to anybody. */
export const siteSecretSchema = z.strictObject({
  password: z.string().max(1000).default(''),
  /** An OpenSSH or PEM key. */
  privateKey: z.string().max(20_000).default(''),
  passphrase: z.string().max(1000).default(''),
});
export type SiteSecret = z.output<typeof siteSecretSchema>;

/** Whether we can write to a site. */
export const isWritten = ({ way }: Pick<SiteAccess, 'way'>): boolean => way !== 'hand';
