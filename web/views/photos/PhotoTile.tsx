import { styled } from '@mui/material/styles';
import { memo, type DragEvent, type MouseEvent } from 'react';
import { linkTo, type Photo } from '#contract';
import { Soft } from '../../parts/layout.tsx';
import { StepMark } from '../../parts/Marks.tsx';
import { howOf, type How } from '../../state/selection.ts';
import { colour, typeSize } from '../../theme.ts';
import { SUBJECT_TYPE } from './SubjectBar.tsx';

/** The size of a tile: its least width, its height, and what is between two; pixels. */
export const TILE = { width: 176, height: 204, gap: 10 } as const;

const TILE_STEP = {
  bare: { state: 'unproved', detail: 'not stamped' },
  stamped: { state: 'proved', detail: 'stamped and proved' },
  'out-of-date': { state: 'out-of-date', detail: 'out of date' },
  failed: { state: 'must', detail: 'failed' },
} as const;

const Tile = styled('div')({
  height: TILE.height,
  minWidth: 0,
  display: 'flex',
  flexDirection: 'column',
  border: `1px solid ${colour.line}`,
  backgroundColor: '#fff',
  cursor: 'pointer',
  userSelect: 'none',
  fontSize: typeSize.note,
  contain: 'strict',
  '&[aria-selected="true"]': { borderColor: colour.plum, boxShadow: `inset 0 0 0 2px ${colour.plum}` },
  '&[data-at="true"]': { outline: `2px solid ${colour.dark}`, outlineOffset: 1 },
});
const Thumbnail = styled('img')({
  display: 'block',
  width: 'calc(100% - 4px)',
  margin: 2,
  height: 118,
  objectFit: 'cover',
  backgroundColor: colour.light,
});
const Text = styled('div')({ padding: '2px 8px', minWidth: 0 });
const Cut = styled('div')({ overflow: 'hidden', textOverflow: 'ellipsis', whiteSpace: 'nowrap' });

/** What a photo came with, in a few words. */
function cameWith(photo: Photo): string {
  const { carried, isDisguised, format, twin } = photo;
  if (twin) return `the same picture as ${twin}`;
  if (isDisguised) return `a ${format}, whatever its name says`;
  const holds = [
    typeof carried?.latitude === 'number' && 'coordinates',
    carried?.xmp.title && 'title',
    carried?.camera,
  ].filter(Boolean);
  return holds.length > 0 ? `came with ${holds.join(', ')}` : 'came bare';
}

/** A photo of the contact sheet, and how far it has come. */
export const PhotoTile = memo(function PhotoTile({
  photo,
  isChosen,
  isAt,
  onTake,
  onSubject,
}: {
  photo: Photo;
  isChosen: boolean;
  isAt: boolean;
  onTake: (id: number, how: How) => void;
  /** A subject was dropped on it. */
  onSubject: (id: number, subject: string) => void;
}) {
  const { id, name, own, stamped } = photo;
  const about = photo.message || cameWith(photo);
  return (
    <Tile
      role="option"
      id={`photo-${String(id)}`}
      aria-selected={isChosen}
      data-at={isAt}
      data-photo={name}
      data-state={photo.state}
      onClick={(event: MouseEvent) => onTake(id, howOf(event))}
      onDragOver={(event: DragEvent) => {
        if (event.dataTransfer.types.includes(SUBJECT_TYPE)) event.preventDefault();
      }}
      onDrop={(event: DragEvent) => {
        const subject = event.dataTransfer.getData(SUBJECT_TYPE);
        if (!subject) return;
        event.preventDefault();
        event.stopPropagation();
        onSubject(id, subject);
      }}
    >
      <Thumbnail src={linkTo('thumbnail', { id })} alt="" loading="lazy" decoding="async" draggable={false} />
      <Text>
        <Cut title={name} sx={{ fontWeight: 600 }}>
          {stamped?.name ?? name}
        </Cut>
        <StepMark step={TILE_STEP[photo.state]} />
        <Cut title={about}>
          <Soft>{own.subject || stamped?.title || about}</Soft>
        </Cut>
      </Text>
    </Tile>
  );
});
