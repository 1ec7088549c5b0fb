import { wrap, type Remote } from 'comlink';
import { useEffect, useRef, useState } from 'react';
import type { Check } from '#core/checking';
import type { BusinessRecord } from '#core/record';
import type { Checker } from './checker.worker.ts';

const PAUSE_MS = 150;

/** The check of a source, made anew in a worker a moment after anything changed. */
export function useCheck(
  source: string,
  url: string,
  record: BusinessRecord | undefined,
): { check: Check | undefined; busy: boolean } {
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
      void checker.current?.check(source, { url, record }).then((check) => {
        if (wanted) setResult({ source, check });
      });
    }, PAUSE_MS);
    return () => {
      wanted = false;
      clearTimeout(timer);
    };
  }, [source, url, record]);
  const busy = result?.source !== source;
  return { check: source.trim() ? result?.check : undefined, busy };
}
