import type { BusinessRecord } from '#core/record';

/** The record that is being edited, for fields that need more of it than their own value. */
export class RecordInHand {
  #record: BusinessRecord;
  readonly #listeners = new Set<() => void>();

  constructor(record: BusinessRecord) {
    this.#record = record;
  }

  readonly get = (): BusinessRecord => this.#record;

  set(record: BusinessRecord): void {
    if (record === this.#record) return;
    this.#record = record;
    for (const listener of this.#listeners) listener();
  }

  readonly subscribe = (listener: () => void): (() => void) => {
    this.#listeners.add(listener);
    return () => this.#listeners.delete(listener);
  };
}
