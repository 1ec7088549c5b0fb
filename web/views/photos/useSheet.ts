import { useMemo, useState } from 'react';
import type { Branch, Photo } from '#contract';
import type { StampSettings } from '#core/photo';
import { readPin } from '#core/pin';
import { noSelection, type Selection } from '../../state/selection.ts';
import { shownPhotos, type Filter, type Sort } from './photoFilter.ts';
import { plannedIn } from './planned.ts';

export interface PhotosProps {
  readonly branch: Branch;
  /** In the order in which they came. */
  readonly photos: readonly Photo[];
  readonly stamp: StampSettings;
}

/** What is chosen of the photos in sight, and what is planned for all of them. */
export function useSheet({ branch, photos, stamp }: PhotosProps) {
  const [filter, setFilter] = useState<Filter>('all');
  const [sort, setSort] = useState<Sort>('added');
  const [selection, setSelection] = useState<Selection>(noSelection);
  const pin = useMemo(() => readPin(branch.record.pin).point, [branch.record]);
  const shown = useMemo(() => shownPhotos(photos, filter, sort, pin), [photos, filter, sort, pin]);
  const selected = useMemo(() => shown.filter(({ id }) => selection.chosen.has(id)), [shown, selection]);
  const targets = selected.length > 0 ? selected : shown;
  const planned = useMemo(
    () => plannedIn(photos, () => true, branch.record, stamp),
    [photos, branch.record, stamp],
  );
  const inHand = photos.find(({ id }) => id === selection.at) ?? selected[0] ?? shown[0];
  return {
    filter,
    setFilter,
    sort,
    setSort,
    selection,
    setSelection,
    pin,
    shown,
    selected,
    targets,
    planned,
    inHand,
  };
}

export type SheetState = ReturnType<typeof useSheet>;
