import { wrap, type Remote } from 'comlink';
import { startTransition, useEffect, useRef, useState } from 'react';
import type { Check, CheckOptions, MendChoices, Mended } from '#core/checking';
import type { Checker } from './checker.worker.ts';

const PAUSE_MS = 150;

const startWorker = (): Worker =>
  new Worker(new URL('./checker.worker.ts', import.meta.url), { type: 'module' });

/** Everything chosen done to a source, in a worker of its own that ends with the signal: a large page takes a while. */
export async function mendAway(
  source: string,
  options: CheckOptions,
  choices: MendChoices,
  signal: AbortSignal,
): Promise<Mended> {
  const worker = startWorker();
  const stop = (): void => {
    worker.terminate();
  };
  signal.addEventListener('abort', stop);
  try {
    return await wrap<Checker>(worker).mendAll(source, options, choices);
  } finally {
    stop();
  }
}

/**
 * The check of a source, made anew in a worker a moment after anything changed. `checked` is the source that the
 * check is of, which may be a moment behind.
 */
export function useCheck(
  source: string,
  options: CheckOptions,
): { check: Check | undefined; checked: string | undefined; busy: boolean } {
  const [result, setResult] = useState<{ source: string; check: Check } | undefined>();
  const checker = useRef<Remote<Checker> | undefined>(undefined);
  useEffect(() => {
    const worker = startWorker();
    checker.current = wrap<Checker>(worker);
    return () => {
      worker.terminate();
    };
  }, []);
  useEffect(() => {
    let wanted = true;
    const timer = setTimeout(() => {
      void checker.current?.check(source, options).then((check) => {
        // Drawn a piece at a time between keystrokes: a long list must not hold up a letter.
        if (wanted)
          startTransition(() => {
            setResult({ source, check });
          });
      });
    }, PAUSE_MS);
    return () => {
      wanted = false;
      clearTimeout(timer);
    };
  }, [source, options]);
  const busy = result?.source !== source;
  return source.trim()
    ? { check: result?.check, checked: result?.source, busy }
    : { check: undefined, checked: undefined, busy };
}
