/** Requests to one host begin at least `interval` milliseconds after each other. */
export class Pacer {
  readonly #next = new Map<string, number>();
  readonly #now: () => number;

  constructor(now: () => number = () => performance.now()) {
    this.#now = now;
  }

  /** Milliseconds to wait before the host may be asked again; takes that turn. */
  turn(host: string, interval: number): number {
    const now = this.#now();
    const at = Math.max(now, this.#next.get(host) ?? 0);
    this.#next.set(host, at + interval);
    return at - now;
  }
}
