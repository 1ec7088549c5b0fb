import { Box } from '@mui/material';
import { useVirtualizer } from '@tanstack/react-virtual';
import { useCallback, useEffect, useRef, useState, type KeyboardEvent } from 'react';
import type { Photo } from '#contract';
import { Scroll } from '../../parts/layout.tsx';
import { choose, chooseAll, howOf, move, type How, type Selection } from '../../state/selection.ts';
import { colour } from '../../theme.ts';
import { PhotoTile, TILE } from './PhotoTile.tsx';

/** Rows that are drawn beyond those in sight. */
const OVERSCAN = 3;

const look = {
  '&:focus-visible': { outline: `2px solid ${colour.plum}`, outlineOffset: -2 },
} as const;

/** The photos as small pictures, row by row; only those in sight are drawn. */
export function ContactSheet({
  photos,
  selection,
  onSelect,
  onSubject,
}: {
  photos: readonly Photo[];
  selection: Selection;
  onSelect: (change: (now: Selection) => Selection) => void;
  /** A subject was dropped on a photo. */
  onSubject: (id: number, subject: string) => void;
}) {
  const surface = useRef<HTMLDivElement>(null);
  const columns = useColumns(surface);
  // eslint-disable-next-line react-hooks/incompatible-library -- its functions are called here only, never memoised
  const virtual = useVirtualizer({
    count: Math.ceil(photos.length / columns),
    getScrollElement: () => surface.current,
    estimateSize: () => TILE.height + TILE.gap,
    overscan: OVERSCAN,
    initialRect: { width: 1200, height: 600 },
  });
  const sight = photos.map(({ id }) => id);
  const keys = (event: KeyboardEvent): void => {
    const next = changeOf(event, sight, columns);
    if (!next) return;
    event.preventDefault();
    const { at } = next(selection);
    if (at !== undefined) virtual.scrollToIndex(Math.floor(sight.indexOf(at) / columns));
    onSelect(next);
  };
  // A stable function: tiles that have not changed are not drawn again.
  const order = useRef(sight);
  useEffect(() => {
    order.current = sight;
  });
  const take = useCallback(
    (id: number, how: How) => onSelect((now) => choose(now, order.current, id, how)),
    [onSelect],
  );
  return (
    <Scroll
      ref={surface}
      role="listbox"
      aria-label="Contact sheet"
      aria-multiselectable
      aria-activedescendant={selection.at === undefined ? undefined : `photo-${String(selection.at)}`}
      tabIndex={0}
      onKeyDown={keys}
      sx={look}
    >
      <Box role="presentation" sx={{ position: 'relative', height: virtual.getTotalSize() + TILE.gap }}>
        {virtual.getVirtualItems().map(({ index, start }) => (
          <Box
            key={index}
            role="presentation"
            sx={rowLook}
            style={{
              transform: `translateY(${String(start)}px)`,
              gridTemplateColumns: `repeat(${String(columns)}, 1fr)`,
            }}
          >
            {photos.slice(index * columns, (index + 1) * columns).map((photo) => (
              <PhotoTile
                key={photo.id}
                photo={photo}
                isChosen={selection.chosen.has(photo.id)}
                isAt={selection.at === photo.id}
                onTake={take}
                onSubject={onSubject}
              />
            ))}
          </Box>
        ))}
      </Box>
    </Scroll>
  );
}

const rowLook = {
  position: 'absolute',
  insetInline: 0,
  top: TILE.gap,
  display: 'grid',
  gap: `${String(TILE.gap)}px`,
  px: 2,
} as const;

/** What a key does to the selection; undefined for one that does nothing. */
function changeOf(
  event: KeyboardEvent,
  sight: readonly number[],
  columns: number,
): ((now: Selection) => Selection) | undefined {
  const by = stepOf(event.key, columns, sight.length);
  if (by !== undefined) return (now) => move(now, sight, by, howOf(event));
  if (event.key === ' ') return (now) => choose(now, sight, now.at ?? sight[0] ?? 0, 'toggle');
  return (event.ctrlKey || event.metaKey) && event.key.toLowerCase() === 'a'
    ? (now) => chooseAll({ ...now, chosen: new Set() }, sight)
    : undefined;
}

/** How far a key moves; undefined for one that does not. */
function stepOf(key: string, columns: number, count: number): number | undefined {
  const steps: Readonly<Record<string, number>> = {
    ArrowLeft: -1,
    ArrowRight: 1,
    ArrowUp: -columns,
    ArrowDown: columns,
    PageUp: -columns * 3,
    PageDown: columns * 3,
    Home: -count,
    End: count,
  };
  return steps[key];
}

/** As many columns as there is room for. */
function useColumns(surface: React.RefObject<HTMLDivElement | null>): number {
  const [columns, setColumns] = useState(6);
  useEffect(() => {
    if (!surface.current) return undefined;
    const sizes = new ResizeObserver(([entry]) => {
      const width = (entry?.contentRect.width ?? 0) - 32;
      if (width > 0) setColumns(Math.max(1, Math.floor((width + TILE.gap) / (TILE.width + TILE.gap))));
    });
    sizes.observe(surface.current);
    return () => sizes.disconnect();
  }, [surface]);
  return columns;
}
