import { useEffect, useReducer, useRef, type Dispatch } from 'react';
import * as z from 'zod';
import { hostAnswerSchema } from '#contract';
import { keep, keepOnShelf, keptJson, keptOnShelf } from '../../state/browserStore.ts';
import { nextSource, sourceInHand, type SourceEvent, type SourceInHand } from '../../state/sourceInHand.ts';

/** A source that another view hands over. */
export interface GivenSource {
  readonly name: string;
  readonly url: string;
  readonly text: string;
}

const originSchema = z.object({
  name: z.string().default(''),
  url: z.string().default(''),
  answer: hostAnswerSchema.optional(),
});

/** The sources of the branches that were checked last are kept in the browser, and where each came from. */
const SOURCES = 'source';
const originKey = (branchId: number): string => `source-origin:${String(branchId)}`;
const KEEP_PAUSE_MS = 400;

/** What was in hand the last time. */
const keptSource = (branchId: number): SourceInHand =>
  sourceInHand(
    keptOnShelf(SOURCES, String(branchId)) ?? '',
    keptJson(originKey(branchId), (json) => originSchema.parse(json)),
  );

/** Keeps the source in hand: a moment after the last letter, and at once when the tab is left. */
function useKeeping({ text, name, url, answer }: SourceInHand, branchId: number): void {
  const current = useRef(text);
  useEffect(() => {
    current.current = text;
  });
  useEffect(() => {
    const keepNow = (): void => void keepOnShelf(SOURCES, String(branchId), current.current);
    window.addEventListener('pagehide', keepNow);
    return () => {
      window.removeEventListener('pagehide', keepNow);
      keepNow();
    };
  }, [branchId]);
  // Writing a large source takes longer than a frame.
  useEffect(() => {
    const timer = setTimeout(() => {
      keepOnShelf(SOURCES, String(branchId), text);
      keep(originKey(branchId), JSON.stringify({ name, url, answer }));
    }, KEEP_PAUSE_MS);
    return () => clearTimeout(timer);
  }, [text, name, url, answer, branchId]);
}

/** The source in hand of a branch: what is given, or what was in hand the last time. It is kept in the browser. */
export function useKeptSource(
  branchId: number,
  given: GivenSource | undefined,
): readonly [SourceInHand, Dispatch<SourceEvent>] {
  const [source, tell] = useReducer(nextSource, undefined, () =>
    given ? sourceInHand(given.text, given) : keptSource(branchId),
  );
  useKeeping(source, branchId);
  return [source, tell];
}
