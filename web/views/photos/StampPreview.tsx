import { Box } from '@mui/material';
import { useDeferredValue, useMemo } from 'react';
import { linkTo, type Photo } from '#contract';
import { overlong, type PlannedPicture, type StampSettings } from '#core/photo';
import type { BusinessRecord } from '#core/record';
import { counted } from '#core/text';
import { GradeMark } from '../../parts/Marks.tsx';
import { Hint, Soft } from '../../parts/layout.tsx';
import { colour, typeSize } from '../../theme.ts';
import { plannedIn } from './planned.ts';

/** As many photos are shown with all that is written into them. */
const SHOWN = 40;

/** What a stamp makes of the photos, while it is typed. */
export function StampPreview({
  record,
  photos,
  targets,
  draft,
}: {
  record: BusinessRecord;
  photos: readonly Photo[];
  targets: readonly Photo[];
  draft: StampSettings;
}) {
  const settings = useDeferredValue(draft);
  const planned = useMemo(() => {
    const ids = new Set(targets.map(({ id }) => id));
    return plannedIn(photos, (id) => ids.has(id), record, settings);
  }, [photos, targets, record, settings]);
  return (
    <Box role="region" tabIndex={0} aria-label="What comes of it" sx={{ overflow: 'auto', p: 2 }}>
      <Hint>
        What comes of it
        {targets.length > SHOWN
          ? `, on the first ${String(SHOWN)} of ${counted(targets.length, 'photo')}`
          : ''}
        :
      </Hint>
      {targets.slice(0, SHOWN).map((photo) => {
        const one = planned.get(photo.id);
        return one && <Planned key={photo.id} photo={photo} planned={one} />;
      })}
    </Box>
  );
}

const Planned = ({ photo, planned: { fields, name } }: { photo: Photo; planned: PlannedPicture }) => (
  <Box
    sx={{
      display: 'grid',
      gridTemplateColumns: '72px 1fr',
      gap: 1,
      py: 1,
      borderBottom: `1px solid ${colour.light}`,
      fontSize: typeSize.note,
      overflowWrap: 'anywhere',
    }}
  >
    <img
      src={linkTo('thumbnail', { id: photo.id })}
      alt=""
      loading="lazy"
      style={{ width: 72, height: 54, objectFit: 'cover' }}
    />
    <div>
      <b>{fields.title || 'no title'}</b>
      <div>
        <Soft>{name === photo.name ? name : `${photo.name} → ${name}`}</Soft>
      </div>
      {fields.caption && <div>{fields.caption}</div>}
      {fields.alt && <div>alt: {fields.alt}</div>}
      {fields.keywords.length > 0 && <div>{fields.keywords.join(' · ')}</div>}
      <Soft sx={{ whiteSpace: 'pre-line' }}>
        {[fields.author, fields.copyright, fields.contactBlock].filter(Boolean).join('\n')}
      </Soft>
      {overlong(fields).map((remark) => (
        <div key={remark}>
          <GradeMark grade="note" /> {remark}
        </div>
      ))}
    </div>
  </Box>
);
