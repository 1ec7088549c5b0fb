import { memo } from 'react';
import { linkTo, type Photo } from '#contract';
import { StateMark } from '../../parts/Marks.tsx';
import { colour, typeSize } from '../../theme.ts';

/** The size of a tile: its least width, its height, and what is between two; pixels. */
export const TILE = { width: 176, height: 188, gap: 10 } as const;

const TILE_STEP = {
  bare: { state: 'unproved', detail: 'not stamped' },
  stamped: { state: 'proved', detail: 'stamped and proved' },
  'out-of-date': { state: 'out-of-date', detail: 'out of date' },
  failed: { state: 'must', detail: 'failed' },
} as const;

/** How tiles look, from the sheet that they stand on: thousands of them are drawn while one scrolls. */
export const tileLook = {
  '& .tile': {
    height: TILE.height,
    minWidth: 0,
    border: `1px solid ${colour.line}`,
    backgroundColor: '#fff',
    cursor: 'pointer',
    userSelect: 'none',
    fontSize: typeSize.note,
    contain: 'strict',
  },
  '& .tile[aria-selected="true"]': {
    borderColor: colour.plum,
    boxShadow: `inset 0 0 0 2px ${colour.plum}`,
  },
  '& .tile[data-at="true"]': { outline: `2px solid ${colour.dark}`, outlineOffset: 1 },
  '& .tile img': {
    display: 'block',
    width: 'calc(100% - 4px)',
    margin: '2px',
    height: 118,
    objectFit: 'cover',
    backgroundColor: colour.light,
  },
  '& .tile-words': { padding: '2px 8px', minWidth: 0 },
  '& .tile-words > div': { overflow: 'hidden', textOverflow: 'ellipsis', whiteSpace: 'nowrap' },
  '& .tile-name': { fontWeight: 600 },
  '& .tile-about': { color: colour.middle },
} as const;

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
}: {
  photo: Photo;
  isChosen: boolean;
  isAt: boolean;
}) {
  const { id, name, own, stamped } = photo;
  const step = TILE_STEP[photo.state];
  const about = photo.message || cameWith(photo);
  return (
    <div
      className="tile"
      role="option"
      id={`photo-${String(id)}`}
      aria-selected={isChosen}
      data-at={isAt}
      data-id={id}
      data-photo={name}
      data-state={photo.state}
    >
      <img src={linkTo('thumbnail', { id })} alt="" loading="lazy" decoding="async" draggable={false} />
      <div className="tile-words">
        <div className="tile-name" title={name}>
          {stamped?.name ?? name}
        </div>
        <div>
          <StateMark state={step.state} /> {step.detail}
        </div>
        <div className="tile-about" title={about}>
          {own.subject || stamped?.title || about}
        </div>
      </div>
    </div>
  );
});
