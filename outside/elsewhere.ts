import { createHash } from 'node:crypto';
import { limits } from '#core/limits';
import { parseUrl } from '#core/link';
import type { Elsewhere } from '#core/page';
import type { BusinessRecord } from '#core/record';
import type { Fetcher } from './fetcher.ts';

/** As many addresses of a branch are looked at. */
const MOST = 30;

/** Statuses by which a host says that a thing is not there; others may only be meant for robots (RFC 9110, 15.5). */
const GONE = new Set([404, 410]);

/** Looks at the pictures and profiles that records speak of, each address once however many branches share it. */
export class ElsewhereLook {
  readonly #fetcher: Fetcher;
  readonly #seen = new Map<string, Promise<Pick<Elsewhere, 'digest' | 'state'>>>();

  constructor(fetcher: Fetcher) {
    this.#fetcher = fetcher;
  }

  /** What is found of a record's pictures and profiles; `before` is what was found the last time. */
  async at(record: BusinessRecord, before: readonly Elsewhere[]): Promise<Elsewhere[]> {
    const known = new Map(before.map((one) => [one.address, one]));
    const named = [
      ...record.image.map(({ url }) => ({ label: 'Images', address: url.trim(), isPicture: true })),
      ...record.logo.map(({ url }) => ({ label: 'Logo', address: url.trim(), isPicture: true })),
      ...record.sameAs.map((url) => ({ label: 'Profiles', address: url.trim(), isPicture: false })),
    ].filter(({ address }) => /^https?:$/.test(parseUrl(address)?.protocol ?? ''));
    const found: Elsewhere[] = [];
    for (const { label, address, isPicture } of named.slice(0, MOST)) {
      const { digest, state } = await this.#look(address, isPicture);
      const { digest: was = '', state: stood = 'unseen' } = known.get(address) ?? {};
      const isChanged = state === 'there' && was !== '' && digest !== '' && was !== digest;
      // Many hosts of profiles answer nobody but browsers: one is gone only where it was seen before.
      const isUnseen = state === 'gone' && !isPicture && stood === 'unseen';
      found.push({
        label,
        address,
        digest: digest || was,
        state: isChanged ? 'changed' : isUnseen ? 'unseen' : state,
      });
    }
    return found;
  }

  #look(address: string, isPicture: boolean): Promise<Pick<Elsewhere, 'digest' | 'state'>> {
    const there = this.#seen.get(address);
    if (there) return there;
    const looked = this.#fetch(address, isPicture);
    this.#seen.set(address, looked);
    return looked;
  }

  async #fetch(address: string, isPicture: boolean): Promise<Pick<Elsewhere, 'digest' | 'state'>> {
    // By its first bytes a picture is told from another.
    const fetched = await this.#fetcher.fetch(address, { most: limits.pageBytes, beyond: 'cut' });
    if (!fetched.ok) return { digest: '', state: 'gone' };
    if (GONE.has(fetched.status)) return { digest: '', state: 'gone' };
    const isSent = isPicture && fetched.status === 200;
    return {
      digest: isSent ? createHash('sha256').update(fetched.bytes).digest('hex') : '',
      state: 'there',
    };
  }
}
