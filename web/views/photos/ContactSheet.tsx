import { Box } from '@mui/material';
import { useVirtualizer } from '@tanstack/react-virtual';
import { useEffect, useRef, useState, type DragEvent, type KeyboardEvent, type MouseEvent } from 'react';
import type { Photo } from '#contract';
import { Scroll } from '../../parts/layout.tsx';
import { choose, chooseAll, howOf, move, type Selection } from '../../state/selection.ts';
import { colour } from '../../theme.ts';
import { PhotoTile, TILE, tileLook } from './PhotoTile.tsx';
import { SUBJECT_TYPE } from './SubjectBar.tsx';

/** Rows that are drawn beyond those in sight. */
const OVERSCAN = 3;

const look = {
  ...tileLook,
  '& .row': {
    position: 'absolute',
    left: 16,
    right: 16,
    top: TILE.gap,
    display: 'grid',
    gap: `${String(TILE.gap)}px`,
  },
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
    useFlushSync: false,
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
  return (
    <Scroll
      ref={surface}
      role="listbox"
      aria-label="Contact sheet"
      aria-multiselectable
      aria-activedescendant={selection.at === undefined ? undefined : `photo-${String(selection.at)}`}
      tabIndex={0}
      onKeyDown={keys}
      onClick={(event: MouseEvent) => {
        const id = photoUnder(event);
        if (id !== undefined) onSelect((now) => choose(now, sight, id, howOf(event)));
      }}
      {...dropping(onSubject)}
      sx={look}
    >
      <Box role="presentation" sx={{ position: 'relative', height: virtual.getTotalSize() + TILE.gap }}>
        {virtual.getVirtualItems().map(({ index, start }) => (
          <div
            key={index}
            role="presentation"
            className="row"
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
              />
            ))}
          </div>
        ))}
      </Box>
    </Scroll>
  );
}

/** Takes subjects that are dragged onto a photo. */
const dropping = (onSubject: (id: number, subject: string) => void) => ({
  onDragOver: (event: DragEvent): void => {
    if (event.dataTransfer.types.includes(SUBJECT_TYPE)) event.preventDefault();
  },
  onDrop: (event: DragEvent): void => {
    const [id, subject] = [photoUnder(event), event.dataTransfer.getData(SUBJECT_TYPE)];
    if (id === undefined || !subject) return;
    event.preventDefault();
    event.stopPropagation();
    onSubject(id, subject);
  },
});

/** The photo that the pointer is on. */
function photoUnder({ target }: { readonly target: EventTarget }): number | undefined {
  const tile = target instanceof Element ? target.closest<HTMLElement>('[data-id]') : null;
  return tile ? Number(tile.dataset['id']) : undefined;
}

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
