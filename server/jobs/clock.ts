import type { Logger } from 'pino';
import { verifyDue } from '../store/verifications.ts';

const MINUTE_MS = 60_000;

/** Begins now and then what is due: the live pages of clients who want them verified. */
export class Clock {
  readonly #timer: NodeJS.Timeout;

  constructor(log: Logger) {
    this.#timer = setInterval(() => {
      verifyDue(new Date()).then(
        (begun) => {
          if (begun > 0) log.info({ begun }, 'verifying');
        },
        (error: unknown) => log.warn({ err: error }, 'what is due could not be begun; it is tried again'),
      );
    }, MINUTE_MS);
    this.#timer.unref();
  }

  stop(): void {
    clearInterval(this.#timer);
  }
}
