import { useQueryClient } from '@tanstack/react-query';
import { useEffect, useMemo, useState, useSyncExternalStore } from 'react';
import * as z from 'zod';
import { recordSchema, type BusinessRecord, type Fact } from '#core/record';
import { ask, inWords, refresh, RequestFailed } from '../../api/request.ts';
import { forget, keep, keptJson } from '../../state/browserStore.ts';
import {
  Draft,
  type DraftShown,
  type DraftSubject,
  type DraftWorld,
  type SaveFailure,
} from '../../state/draft.ts';

/** What is edited: a branch's record, or a client's defaults. */
export interface Subject extends DraftSubject {
  /** Names it in this browser's store: "draft:12", "defaults:3". */
  readonly key: string;
  /** What saves it. */
  readonly endpoint: 'saveRecord' | 'saveDefaults';
  readonly id: number;
}

/** A draft as a view uses it. */
export interface DraftInHand extends DraftShown {
  readonly set: (fact: Fact, text: string) => void;
  /** Changes several facts as one step. */
  readonly change: (change: (record: BusinessRecord) => BusinessRecord) => void;
  readonly undo: () => void;
  readonly redo: () => void;
  /** After a clash: keep mine, or take theirs, of the facts that both changed. */
  readonly resolve: (keep: 'mine' | 'theirs') => void;
}

const backupSchema = z.object({
  record: recordSchema,
  version: z.number(),
  base: recordSchema.optional(),
});

/** Too many requests and time-outs pass by themselves; any other refusal is meant. */
const PASSING = new Set([408, 425, 429]);

function failureOf(error: unknown): SaveFailure {
  const status = error instanceof RequestFailed ? error.problem.status : 0;
  const isRefused = status >= 400 && status < 500 && !PASSING.has(status);
  return { kind: status === 409 ? 'conflict' : isRefused ? 'refused' : 'silent', message: inWords(error) };
}

/** The record in hand, as `Draft` keeps it. */
export function useDraft(subject: Subject): DraftInHand {
  const queries = useQueryClient();
  const [draft] = useState(() => {
    const { key, endpoint, id } = subject;
    const world: DraftWorld = {
      save: (record, version, leaving) =>
        ask(endpoint, { id }, { body: { record, version }, keepalive: leaving }).then((saved) => {
          void refresh(queries, 'clients', 'branches');
          return saved;
        }, failureOf),
      readBackup: () => keptJson(key, (backup) => backupSchema.parse(backup)),
      keepBackup: (backup) => keep(key, JSON.stringify(backup)),
      forgetBackup: () => forget(key),
      later: (milliseconds, act) => {
        const timer = setTimeout(act, milliseconds);
        return () => clearTimeout(timer);
      },
      now: () => Date.now(),
    };
    return new Draft(subject, world);
  });
  useEffect(() => draft.follow(subject));
  useEffect(() => {
    const leave = (): void => draft.leave();
    const comeBack = (): void => draft.start();
    draft.start();
    window.addEventListener('pagehide', leave);
    window.addEventListener('pageshow', comeBack);
    return () => {
      window.removeEventListener('pagehide', leave);
      window.removeEventListener('pageshow', comeBack);
      draft.leave();
    };
  }, [draft]);
  const shown = useSyncExternalStore(
    (listener) => draft.subscribe(listener),
    () => draft.shown,
  );
  const acts = useMemo(
    () => ({
      set: (fact: Fact, text: string) => draft.set(fact, text),
      change: (alter: (record: BusinessRecord) => BusinessRecord) => draft.change(alter),
      undo: () => draft.undo(),
      redo: () => draft.redo(),
      resolve: (side: 'mine' | 'theirs') => draft.resolve(side),
    }),
    [draft],
  );
  return { ...shown, ...acts };
}
