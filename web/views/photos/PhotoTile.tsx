import { Box, Button, Checkbox } from '@mui/material';
import { styled } from '@mui/material/styles';
import { linkTo, type Photo } from '#contract';
import { useDeleteWithUndo } from '../../parts/actions.ts';
import { Line, Soft } from '../../parts/layout.tsx';
import { StepMark } from '../../parts/Marks.tsx';
import { undoButton } from '../../parts/UndoButton.tsx';
import { colour, typeSize } from '../../theme.ts';

const TILE_STEP = {
  bare: { state: 'unproved', detail: 'not stamped' },
  stamped: { state: 'proved', detail: 'stamped and proved' },
  'out-of-date': { state: 'out-of-date', detail: 'out of date' },
  failed: { state: 'must', detail: 'failed' },
} as const;

const Thumbnail = styled('img')({
  display: 'block',
  width: '100%',
  aspectRatio: '4 / 3',
  objectFit: 'cover',
  cursor: 'pointer',
});
const Name = styled('span')({
  flex: 1,
  minWidth: 0,
  overflow: 'hidden',
  textOverflow: 'ellipsis',
  whiteSpace: 'nowrap',
  fontWeight: 600,
});

/** What a photo came with, in a few words. */
const cameWith = ({ carried }: Photo): string => {
  const holds = [
    typeof carried?.latitude === 'number' && 'coordinates',
    carried?.xmp.title && 'title',
    carried?.camera,
  ].filter(Boolean);
  return holds.length > 0 ? `came with ${holds.join(', ')}` : 'came bare';
};

/** A photo of the contact sheet: how far it has come, and what can be done with it. */
export function PhotoTile({
  photo,
  chosen,
  onToggle,
}: {
  photo: Photo;
  chosen: boolean;
  onToggle: () => void;
}) {
  const remove = useDeleteWithUndo();
  const { id, name } = photo;
  return (
    <Box
      component="li"
      data-photo={name}
      data-state={photo.state}
      sx={{
        border: `1px solid ${chosen ? colour.plum : colour.line}`,
        boxShadow: chosen ? `inset 0 0 0 1px ${colour.plum}` : 'none',
        backgroundColor: '#fff',
      }}
    >
      <Thumbnail src={linkTo('thumbnail', { id })} alt={`Thumbnail of ${name}`} onClick={onToggle} />
      <Box sx={{ p: 1, fontSize: typeSize.note }}>
        <Line>
          <Checkbox
            size="small"
            checked={chosen}
            onChange={onToggle}
            slotProps={{ input: { 'aria-label': `Select ${name}` } }}
            sx={{ p: 0 }}
          />
          <Name title={name}>{name}</Name>
        </Line>
        <StepMark step={TILE_STEP[photo.state]} />
        <Soft sx={{ display: 'block' }}>{photo.message || cameWith(photo)}</Soft>
        <Line>
          {photo.proof.length > 0 && (
            <Button
              variant="text"
              component="a"
              href={linkTo('stampedPhoto', { id })}
              aria-label={`Download ${name}`}
              sx={{ p: 0, fontWeight: 400 }}
            >
              Download
            </Button>
          )}
          <Button
            variant="text"
            aria-label={`Delete ${name}`}
            onClick={() => remove({ kind: 'photos', id }, name, undoButton)}
            sx={{ p: 0, fontWeight: 400, color: 'text.secondary' }}
          >
            Delete
          </Button>
        </Line>
      </Box>
    </Box>
  );
}
