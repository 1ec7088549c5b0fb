import { textContent } from '#core/html';
import type { ReadItem } from '#core/item';
import type { Reading } from './source.ts';

/**
 * Whether a machine reads an item of a page as we do: ours reads much that is broken as it was meant, and tells what is
 * wrong with it.
 */
export function isSound({ document, faults }: Reading, { syntax, place }: ReadItem): boolean {
  // Faults of attributes are told of the page, faults of texts of their script.
  if (syntax !== 'jsonld') return !faults.some(({ code }) => code.startsWith('structure/'));
  const script = document?.elements.find(
    ({ name, start, end }) => name === 'script' && start <= place.start && place.end <= end,
  );
  if (!script || faults.some((one) => one.code === 'syntax/editor-marks' && isWithin(one.place, script)))
    return false;
  try {
    return typeof JSON.parse(textContent(script)) === 'object'; // not JSON in a text
  } catch {
    return false;
  }
}

type Stretch = Readonly<Record<'start' | 'end', number>>;

const isWithin = (inner: Stretch, outer: Stretch): boolean =>
  outer.start <= inner.start && inner.end <= outer.end;
