import { releaseProxy, wrap, type Remote } from 'comlink';
import { startTransition, useCallback, useEffect, useRef, useState } from 'react';
import type { Check, CheckOptions } from '#core/checking';
import type { MendChoices, Mended } from '#core/mending';
import type { Checker } from './checker.worker.ts';

const PAUSE_MS = 150;

/** How far the check of the source in hand is. */
export interface Checking {
  readonly check: Check | undefined;
  readonly checked: string | undefined;
  readonly busy: boolean;
  /** Why the worker gave no check; ''. */
  readonly problem: string;
}

const startWorker = (): Worker =>
  new Worker(new URL('./checker.worker.ts', import.meta.url), { type: 'module' });

/** Everything chosen done to a source, in a worker of its own that ends with the signal: a large page takes a while. */
export async function mendAway(
  source: string,
  options: CheckOptions,
  choices: MendChoices,
  signal: AbortSignal,
): Promise<Mended<Check>> {
  const worker = startWorker();
  const checker = wrap<Checker>(worker);
  const stop = (): void => worker.terminate();
  signal.addEventListener('abort', stop);
  try {
    return await checker.mendAll(source, options, choices);
  } finally {
    // Held until here: of one that nobody holds any more the answer never comes.
    checker[releaseProxy]();
    stop();
  }
}

/**
 * The check of a source, made anew in a worker a moment after anything changed. `checked` is the source that the
 * check is of, which may be a moment behind.
 */
export function useCheck(source: string, options: CheckOptions): Checking {
  const [failed, setFailed] = useState<{ source: string; problem: string } | undefined>();
  const [result, setResult] = useState<{ source: string; check: Check } | undefined>();
  const worker = useRef<{ readonly end: () => void; readonly checker: Remote<Checker> } | undefined>(
    undefined,
  );
  const latest = useRef(source);
  useEffect(() => {
    latest.current = source;
  });
  /** The worker ends; the next change begins another. */
  const fail = useCallback((error: unknown): void => {
    worker.current?.end();
    worker.current = undefined;
    const reason = error instanceof Error && error.message ? ` (${error.message})` : '';
    setFailed({
      source: latest.current,
      problem: `The checker stopped${reason}. The source is as it was, and is checked again when it changes.`,
    });
  }, []);
  const begin = useCallback(() => {
    const thread = startWorker();
    // One that cannot be started, or dies, says nothing to whoever waits.
    thread.addEventListener('error', fail);
    return {
      checker: wrap<Checker>(thread),
      end: () => thread.terminate(),
    };
  }, [fail]);
  useEffect(
    () => () => {
      worker.current?.end();
      worker.current = undefined;
    },
    [],
  );
  useEffect(() => {
    let wanted = true;
    const timer = setTimeout(() => {
      worker.current ??= begin();
      worker.current.checker.check(source, options).then((check) => {
        // Drawn a piece at a time between keystrokes: a long list must not hold up a letter.
        if (wanted) startTransition(() => setResult({ source, check }));
      }, fail);
    }, PAUSE_MS);
    return () => {
      wanted = false;
      clearTimeout(timer);
    };
  }, [source, options, fail, begin]);
  const problem = failed?.source === source ? failed.problem : '';
  const busy = result?.source !== source && !problem;
  return source.trim()
    ? { check: result?.check, checked: result?.source, busy, problem }
    : { check: undefined, checked: undefined, busy: false, problem };
}
