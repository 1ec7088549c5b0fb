import { wrap, type Remote } from 'comlink';
import { startTransition, useCallback, useEffect, useRef, useState } from 'react';
import type { Check, CheckOptions, MendChoices, Mended } from '#core/checking';
import type { Checker } from './checker.worker.ts';

const PAUSE_MS = 150;

/**
 * The check of a source, made anew in a worker a moment after anything changed. `checked` is the source that the
 * check is of, which may be a moment behind.
 */
export function useCheck(
  source: string,
  options: CheckOptions,
): {
  check: Check | undefined;
  checked: string | undefined;
  busy: boolean;
  /** Everything chosen done to a source, in the worker; undefined where the view is gone. */
  mendAll: (source: string, choices: MendChoices) => Promise<Mended | undefined>;
} {
  const [result, setResult] = useState<{ source: string; check: Check } | undefined>();
  const checker = useRef<Remote<Checker> | undefined>(undefined);
  useEffect(() => {
    const worker = new Worker(new URL('./checker.worker.ts', import.meta.url), { type: 'module' });
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
  const mendAll = useCallback(
    (from: string, choices: MendChoices) =>
      checker.current?.mendAll(from, options, choices) ?? Promise.resolve(undefined),
    [options],
  );
  const busy = result?.source !== source;
  return source.trim()
    ? { check: result?.check, checked: result?.source, busy, mendAll }
    : { check: undefined, checked: undefined, busy, mendAll };
}
