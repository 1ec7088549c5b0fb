import type { MessagePort } from 'node:worker_threads';

/** A task that says when a thread begins with it. */
export type Begun<T> = T & { readonly begun: MessagePort };

/** Tells whoever waits that the task has begun. For threads. */
export function tellBegun({ begun }: { readonly begun: MessagePort }): void {
  begun.postMessage('begun');
  begun.close();
}
