import { wrap, type Remote } from 'comlink';
import { startTransition, useEffect, useMemo, useRef, useState } from 'react';
import { factText, judgeRecord, type BusinessRecord, type FactFault } from '#core/record';
import type { Judging } from './judging.worker.ts';

/** Nobody waits for what is found besides: letters that are being typed come first. */
const PAUSE_MS = 500;

function begin() {
  const worker = new Worker(new URL('./judging.worker.ts', import.meta.url), { type: 'module' });
  return { worker, judging: wrap<Judging>(worker) };
}

/** The faults of a record: at once those of its facts, and soon after what a check tells of the markup it becomes. */
export function useFaults(record: BusinessRecord): readonly FactFault[] {
  const [written, setWritten] = useState<{
    readonly of: BusinessRecord;
    readonly faults: readonly FactFault[];
  }>();
  // Kept as long as an answer is waited for: what nobody holds is taken away, and answers no more.
  const thread = useRef<{ readonly worker: Worker; readonly judging: Remote<Judging> }>(undefined);
  useEffect(
    () => () => {
      thread.current?.worker.terminate();
      thread.current = undefined;
    },
    [],
  );
  useEffect(() => {
    let wanted = true;
    const timer = setTimeout(() => {
      thread.current ??= begin();
      void thread.current.judging.judge(record).then((faults) => {
        if (wanted) startTransition(() => setWritten({ of: record, faults }));
      });
    }, PAUSE_MS);
    return () => {
      wanted = false;
      clearTimeout(timer);
    };
  }, [record]);
  return useMemo(() => {
    const own = judgeRecord(record);
    const wrong = new Set(own.filter(({ grade }) => grade !== 'note').map(({ fact }) => fact));
    // What was found of a fact holds as long as it says the same.
    const still = (written?.faults ?? []).filter(
      ({ fact }) => !wrong.has(fact) && written && factText(written.of, fact) === factText(record, fact),
    );
    return [...own, ...still];
  }, [record, written]);
}
