import { setTimeout as sleep } from 'node:timers/promises';
import { branchSchema, savedSchema } from '#contract';
import { larkspur } from '#sample';

/** What visitors have seen together. */
export interface Tally {
  readonly milliseconds: number[];
  requests: number;
  unanswered: number;
  /** Saves that were answered with yes. */
  saved: number;
  lost: number;
  halves: number;
  doubles: number;
}

export const emptyTally = (): Tally => ({
  milliseconds: [],
  requests: 0,
  unanswered: 0,
  saved: 0,
  lost: 0,
  halves: 0,
  doubles: 0,
});

const LONGEST_MS = 15_000;

/**
 * Somebody at work on one branch and one page, over whichever server answers. Every save writes the same number
 * into two facts: a record with two numbers is a half; one with a smaller number than the last save that was
 * answered with yes has lost it; more versions than saves that may have been taken are doubles.
 */
export class Visitor {
  readonly #addresses: readonly string[];
  readonly #branchId: number;
  readonly #pageId: number;
  readonly #tally: Tally;
  #number = 0;
  #confirmed = 0;
  #version = 0;
  /** Saves that were answered with yes, and those that nobody knows of. */
  #yes = 0;
  #unknown = 0;

  constructor(addresses: readonly string[], branchId: number, pageId: number, tally: Tally) {
    this.#addresses = addresses;
    this.#branchId = branchId;
    this.#pageId = pageId;
    this.#tally = tally;
  }

  /** Works until then, one thing after the other. */
  async work(until: number): Promise<void> {
    while (Date.now() < until) {
      const dice = Math.random();
      if (dice < 0.5) await this.#save();
      else if (dice < 0.7) await this.look();
      else if (dice < 0.85) await this.#ask('GET', '/api/search?q=quay');
      else if (dice < 0.93) {
        const placement = { branchId: this.#branchId, form: 'jsonld', at: 'head', foreign: true };
        await this.#ask('PUT', `/api/pages/${String(this.#pageId)}/placements`, placement);
      } else await this.#ask('GET', '/api/clients');
    }
  }

  async #save(): Promise<void> {
    this.#number += 1;
    const mark = `number ${String(this.#number)}`;
    const answer = await this.#ask('PUT', `/api/branches/${String(this.#branchId)}/record`, {
      record: { ...larkspur, name: mark, slogan: mark },
      version: this.#version,
    });
    if (answer?.status === 200) {
      this.#version = savedSchema.parse(answer.body).version;
      this.#confirmed = this.#number;
      this.#yes += 1;
      this.#tally.saved += 1;
      return;
    }
    if (answer?.status !== 409) this.#unknown += 1;
    await this.look();
  }

  /** Reads the branch and compares it with what was saved. */
  async look(): Promise<void> {
    const answer = await this.#ask('GET', `/api/branches/${String(this.#branchId)}`);
    if (answer?.status !== 200) return;
    const { record, version } = branchSchema.parse(answer.body);
    const [one, other] = [record.name, record.slogan].map((text) =>
      Number(/^number (\d+)$/.exec(text)?.[1] ?? 0),
    );
    if (one !== other) this.#tally.halves += 1;
    if ((one ?? 0) < this.#confirmed) this.#tally.lost += 1;
    if (version > this.#yes + this.#unknown) this.#tally.doubles += 1;
    this.#version = version;
  }

  async #ask(
    method: string,
    path: string,
    body?: object,
  ): Promise<{ status: number; body: unknown } | undefined> {
    const address = this.#addresses[Math.floor(Math.random() * this.#addresses.length)] ?? '';
    const begun = performance.now();
    this.#tally.requests += 1;
    try {
      const response = await fetch(address + path, {
        method,
        signal: AbortSignal.timeout(LONGEST_MS),
        headers: { Origin: address, 'Content-Type': 'application/json' },
        ...(body ? { body: JSON.stringify(body) } : {}),
      });
      const answer = { status: response.status, body: (await response.json()) as unknown };
      if (response.status < 500) this.#tally.milliseconds.push(performance.now() - begun);
      else await sleep(100);
      return answer;
    } catch {
      this.#tally.unanswered += 1;
      await sleep(100);
      return undefined;
    }
  }
}
