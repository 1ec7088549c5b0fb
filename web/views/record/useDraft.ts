import { useQueryClient } from '@tanstack/react-query';
import { useCallback, useEffect, useRef, useState } from 'react';
import * as z from 'zod';
import { savedSchema } from '#contract';
import {
  changeOwn,
  effectiveRecord,
  factText,
  recordSchema,
  setOwn,
  type BusinessRecord,
  type Fact,
} from '#core/record';
import { ask, inWords, json, RequestFailed } from '../../api/request.ts';

/** How the draft stands to what is saved. `kept`: saving failed, the text is in this browser. */
export type SaveState =
  | { readonly kind: 'saved' | 'typing' | 'saving' }
  | { readonly kind: 'kept' | 'conflict'; readonly message: string };

/** What is edited: a branch's record, or a client's defaults. */
export interface Subject {
  /** Names it in this browser's store: "draft:12", "defaults:3". */
  readonly key: string;
  /** Where it is saved. */
  readonly path: string;
  readonly record: BusinessRecord;
  /** What the record inherits from; its own facts come first. */
  readonly defaults: BusinessRecord;
  readonly version: number;
  /** Asks for it as it is saved now. */
  readonly ask: () => Promise<{ readonly record: BusinessRecord; readonly version: number }>;
  /** It was saved: whoever shows it elsewhere is told. */
  readonly onSaved: (record: BusinessRecord, version: number) => void;
}

export interface Draft {
  readonly record: BusinessRecord;
  readonly state: SaveState;
  readonly set: (fact: Fact, text: string) => void;
  /** Changes several facts as one step. */
  readonly change: (change: (record: BusinessRecord) => BusinessRecord) => void;
  readonly undo: () => void;
  readonly redo: () => void;
  readonly canUndo: boolean;
  readonly canRedo: boolean;
  /** After a conflict: save over what was saved elsewhere, or take that. */
  readonly resolve: (keep: 'mine' | 'theirs') => void;
}

const PAUSE_MS = 500;
const RETRY_MS = 4000;
const GROUP_MS = 1500;

const backupSchema = z.object({ record: recordSchema, version: z.number() });
function keepBackup(key: string, record: BusinessRecord, version: number): void {
  localStorage.setItem(key, JSON.stringify({ record, version }));
}

/** What was typed and not saved when the page was left. */
function readBackup(key: string): z.infer<typeof backupSchema> | undefined {
  const text = localStorage.getItem(key);
  if (text === null) return undefined;
  try {
    return backupSchema.parse(JSON.parse(text));
  } catch {
    return undefined; // written by an older version of the application
  }
}

/**
 * The record in hand: edited at once, saved by itself after a pause, kept in the browser until the server
 * has it, with undo and redo.
 */
export function useDraft(subject: Subject): Draft {
  const { key, path } = subject;
  const [first] = useState(() => readBackup(key));
  const stale = first !== undefined && first.version !== subject.version;
  const [record, setRecord] = useState(first?.record ?? subject.record);
  const [state, setState] = useState<SaveState>(
    stale
      ? {
          kind: 'conflict',
          message: 'This browser holds text that was not saved, and the record was saved elsewhere since.',
        }
      : { kind: first ? 'typing' : 'saved' },
  );
  const [past, setPast] = useState<readonly BusinessRecord[]>([]);
  const [future, setFuture] = useState<readonly BusinessRecord[]>([]);
  const latest = useRef(record);
  const version = useRef(subject.version);
  const asked = useRef(subject);
  useEffect(() => {
    asked.current = subject;
  });
  const timer = useRef<ReturnType<typeof setTimeout>>(undefined);
  const busy = useRef(false);
  const lastEdit = useRef<{ fact: Fact; at: number } | undefined>(undefined);
  const queries = useQueryClient();
  const saveSoon = useRef<(pause: number) => void>(() => undefined);

  const save = useCallback(async (): Promise<void> => {
    if (busy.current) return;
    busy.current = true;
    setState({ kind: 'saving' });
    const sent = latest.current;
    let again = 0;
    try {
      const saved = await ask(savedSchema, path, json('PUT', { record: sent, version: version.current }));
      version.current = saved.version;
      asked.current.onSaved(sent, saved.version);
      void queries.invalidateQueries({ queryKey: ['clients'] });
      if (latest.current === sent) {
        localStorage.removeItem(key);
        setState({ kind: 'saved' });
      } else {
        keepBackup(key, latest.current, saved.version);
        again = PAUSE_MS;
      }
    } catch (error) {
      const conflict = error instanceof RequestFailed && error.problem.status === 409;
      setState({ kind: conflict ? 'conflict' : 'kept', message: inWords(error) });
      if (!conflict) again = RETRY_MS;
    } finally {
      busy.current = false;
    }
    if (again > 0) saveSoon.current(again);
  }, [key, path, queries]);

  const take = useCallback(
    (next: BusinessRecord): void => {
      latest.current = next;
      setRecord(next);
      keepBackup(key, next, version.current);
      setState((now) => (now.kind === 'conflict' ? now : { kind: 'typing' }));
      saveSoon.current(PAUSE_MS);
    },
    [key],
  );

  // What was left unsaved is saved now; what is unsaved when the view is left is saved at once.
  useEffect(() => {
    saveSoon.current = (pause) => {
      clearTimeout(timer.current);
      timer.current = setTimeout(() => void save(), pause);
    };
    if (first && !stale) saveSoon.current(PAUSE_MS);
    return () => {
      clearTimeout(timer.current);
      if (localStorage.getItem(key) !== null && !stale) void save();
    };
  }, [first, stale, save, key]);

  const set = useCallback(
    (fact: Fact, text: string): void => {
      const { defaults } = asked.current;
      if (factText(effectiveRecord(latest.current, defaults), fact) === text) return;
      const now = Date.now();
      const sameStroke = lastEdit.current?.fact === fact && now - lastEdit.current.at < GROUP_MS;
      lastEdit.current = { fact, at: now };
      const before = latest.current;
      if (!sameStroke) setPast((list) => [...list.slice(-200), before]);
      setFuture([]);
      take(setOwn(latest.current, defaults, fact, text));
    },
    [take],
  );

  const change = useCallback(
    (alter: (record: BusinessRecord) => BusinessRecord): void => {
      const before = latest.current;
      const next = changeOwn(before, asked.current.defaults, alter);
      if (next === before) return;
      lastEdit.current = undefined;
      setPast((list) => [...list.slice(-200), before]);
      setFuture([]);
      take(next);
    },
    [take],
  );

  const step = (from: readonly BusinessRecord[], setFrom: typeof setPast, setTo: typeof setPast): void => {
    const next = from.at(-1);
    if (!next) return;
    const now = latest.current;
    lastEdit.current = undefined;
    setFrom(from.slice(0, -1));
    setTo((list) => [...list, now]);
    take(next);
  };

  const resolve = (keep: 'mine' | 'theirs'): void => {
    const settle = (theirs: Pick<Subject, 'record' | 'version'>): void => {
      const mine = latest.current;
      version.current = theirs.version;
      setState({ kind: 'typing' });
      if (keep === 'theirs') setPast((list) => [...list, mine]);
      take(keep === 'mine' ? mine : theirs.record);
    };
    void subject.ask().then(settle, (error: unknown) => {
      setState({ kind: 'conflict', message: inWords(error) });
    });
  };

  return {
    record,
    state,
    set,
    change,
    undo: () => {
      step(past, setPast, setFuture);
    },
    redo: () => {
      step(future, setFuture, setPast);
    },
    canUndo: past.length > 0,
    canRedo: future.length > 0,
    resolve,
  };
}
