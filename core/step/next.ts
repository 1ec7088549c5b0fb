import { TO_HAND_OVER } from './state.ts';
import type { Steps } from './step.ts';

/** What to do next in a branch: the first step of its chain that is not at its end; undefined where all are. */
export function nextStep({
  record,
  pages,
  photos,
}: Steps): { readonly view: keyof Steps; readonly words: string } | undefined {
  if (record.state === 'missing') return { view: 'record', words: 'Begin the record' };
  if (record.state === 'must') return { view: 'record', words: 'Mend the record' };
  if (pages.state === 'out-of-date') return { view: 'pages', words: 'Place the markup again' };
  if (pages.detail === TO_HAND_OVER) return { view: 'pages', words: 'Hand the markup over' };
  if (pages.state === 'missing') return { view: 'pages', words: 'Place the markup' };
  if (photos.state === 'missing') return { view: 'photos', words: 'Add photos' };
  if (photos.state !== 'proved') return { view: 'photos', words: 'Stamp the photos' };
  if (record.state === 'should') return { view: 'record', words: 'Complete the record' };
  return undefined;
}
