import { createCipheriv, createDecipheriv, randomBytes } from 'node:crypto';
import { siteSecretSchema, type SiteAccess, type SiteSecret } from '#core/site';
import { openSite, SiteProblem, type SiteConnection, type SiteSettings } from '#outside/sites/index.ts';

const IV_BYTES = 12;
const TAG_BYTES = 16;
export const KEY_BYTES = 32;

const nobody: SiteSecret = { password: '', privateKey: '', passphrase: '' };

/** The ways to the sites of clients. What signs in there is sealed before it is kept, and opened only to sign in. */
export class SiteGateway {
  readonly #key: Buffer;
  readonly #settings: SiteSettings;

  /** `key` has 32 bytes. */
  constructor(key: Buffer, settings: SiteSettings) {
    if (key.length !== KEY_BYTES)
      throw new Error(`The key for secrets has to have ${String(KEY_BYTES)} bytes.`);
    this.#key = key;
    this.#settings = settings;
  }

  /** AES-256-GCM (NIST SP 800-38D): the initialisation vector, the tag, and what was sealed. */
  seal(secret: SiteSecret): Buffer {
    const iv = randomBytes(IV_BYTES);
    const cipher = createCipheriv('aes-256-gcm', this.#key, iv);
    const sealed = Buffer.concat([cipher.update(JSON.stringify(secret), 'utf8'), cipher.final()]);
    return Buffer.concat([iv, cipher.getAuthTag(), sealed]);
  }

  /** Opens the way to a site; throws a `SiteProblem` where it leads nowhere. */
  open(access: SiteAccess, sealed: Buffer | null): Promise<SiteConnection> {
    return openSite(access, sealed ? this.#unseal(sealed) : nobody, this.#settings);
  }

  #unseal(sealed: Buffer): SiteSecret {
    try {
      const decipher = createDecipheriv('aes-256-gcm', this.#key, sealed.subarray(0, IV_BYTES));
      decipher.setAuthTag(sealed.subarray(IV_BYTES, IV_BYTES + TAG_BYTES));
      const opened = Buffer.concat([
        decipher.update(sealed.subarray(IV_BYTES + TAG_BYTES)),
        decipher.final(),
      ]);
      return siteSecretSchema.parse(JSON.parse(opened.toString('utf8')));
    } catch {
      throw new SiteProblem(
        'What signs in at this site was sealed with another key than this server has. Type it in again.',
      );
    }
  }
}
