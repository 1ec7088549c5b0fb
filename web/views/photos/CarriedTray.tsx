import { Box, Table, TableBody, TableCell, TableHead, TableRow } from '@mui/material';
import type { Photo } from '#contract';
import { policiesOf, type PlannedPicture, type StampField, type StampSettings } from '#core/photo';
import { distance, distanceText, type Point } from '#core/pin';
import { GradeMark, SealMark } from '../../parts/Marks.tsx';
import { Soft } from '../../parts/layout.tsx';
import { mono } from '../../theme.ts';
import { awayFrom, takenAt } from './planned.ts';

/** What a stamp does to a field of a photo. */
type Deed = 'added' | 'replaced' | 'kept' | 'removed' | 'the same' | '';

interface Row {
  readonly label: string;
  readonly came: string;
  readonly written: string;
  readonly deed: Deed;
}

const pointText = (point: Point | undefined): string =>
  point ? `${point.latitude.toFixed(5)}, ${point.longitude.toFixed(5)}` : '';

/** Each field that a stamp writes or keeps: what the photo came with, what is written, and what that does. */
function rowsOf(
  photo: Photo,
  { fields, name }: PlannedPicture,
  stamp: StampSettings,
  pin: Point | undefined,
): readonly Row[] {
  const { carried, own } = photo;
  const personal = carried?.personal ?? [];
  const policies = policiesOf(stamp, own);
  const row = (field: StampField, label: string, came: string, written: string): Row => {
    if (policies[field] === 'remove') return { label, came, written: '', deed: came ? 'removed' : '' };
    if (!written || (policies[field] === 'empty' && came))
      return { label, came, written: '', deed: came ? 'kept' : '' };
    if (came === written) return { label, came, written, deed: 'the same' };
    return { label, came, written, deed: came ? 'replaced' : 'added' };
  };
  const away = awayFrom(pin, photo);
  const came = pointText(takenAt(photo));
  const moved = fields.point && takenAt(photo) ? distance(fields.point, takenAt(photo) ?? fields.point) : 0;
  const place = row('coordinates', 'Coordinates', came, pointText(fields.point));
  return [
    {
      ...place,
      came: away === undefined ? came : `${came} (${distanceText(away)} from the pin)`,
      written: place.deed === 'replaced' ? `${place.written} (${distanceText(moved)} away)` : place.written,
    },
    row('subject', 'Subject', carried?.subject ?? '', fields.subject),
    row('title', 'Title', carried?.xmp.title || carried?.iptc.title || '', fields.title),
    row('headline', 'Headline', carried?.headline ?? '', fields.headline),
    row(
      'caption',
      'Caption',
      carried?.xmp.caption || carried?.iptc.caption || carried?.exif.caption || '',
      fields.caption,
    ),
    row('keywords', 'Keywords', (carried?.xmp.keywords ?? []).join(', '), fields.keywords.join(', ')),
    row('alt', 'Alternative text', carried?.xmp.alt ?? '', fields.alt),
    row('author', 'Author', carried?.author ?? '', fields.author),
    row('copyright', 'Copyright', carried?.copyright ?? '', fields.copyright),
    row('comment', 'Comment', carried?.exif.comment || carried?.xmp.comment || '', fields.contactBlock),
    row('town', 'Town', carried?.xmp.town || carried?.iptc.town || '', fields.town),
    { label: 'File name', came: photo.name, written: name === photo.name ? '' : name, deed: '' },
    { label: 'Camera', came: carried?.camera ?? '', written: '', deed: carried?.camera ? 'kept' : '' },
    { label: 'Taken', came: carried?.taken ?? '', written: '', deed: carried?.taken ? 'kept' : '' },
    {
      label: 'Of a person or a device',
      came: personal.map(({ what, value }) => `${what}: ${value}`).join('; '),
      written: '',
      deed: personal.length === 0 ? '' : stamp.personal === 'remove' ? 'removed' : 'kept',
    },
  ];
}

/** What a photo came with, what a stamp writes now, and what was read back after the last one. */
export function CarriedTray({
  photo,
  planned,
  stamp,
  pin,
}: {
  photo: Photo;
  planned: PlannedPicture;
  stamp: StampSettings;
  pin: Point | undefined;
}) {
  return (
    <Box
      tabIndex={0}
      role="region"
      aria-label="Carried and proved"
      sx={{
        flex: 1,
        minHeight: 0,
        overflow: 'auto',
        display: 'grid',
        gridTemplateColumns: '1.6fr 1fr',
        alignItems: 'start',
      }}
    >
      <CarriedTable rows={rowsOf(photo, planned, stamp, pin)} />
      <ProofTable photo={photo} />
    </Box>
  );
}

const CarriedTable = ({ rows }: { rows: readonly Row[] }) => (
  <Table size="small" aria-label="What the photo carries and what will be written">
    <TableHead>
      <TableRow>
        <TableCell>Field</TableCell>
        <TableCell>Came with</TableCell>
        <TableCell>A stamp writes</TableCell>
        <TableCell />
      </TableRow>
    </TableHead>
    <TableBody>
      {rows.map(({ label, came, written, deed }) => (
        <TableRow key={label}>
          <TableCell component="th" scope="row" sx={{ color: 'text.secondary', whiteSpace: 'nowrap' }}>
            {label}
          </TableCell>
          <TableCell sx={{ overflowWrap: 'anywhere' }}>{came || '—'}</TableCell>
          <TableCell sx={{ whiteSpace: 'pre-line', overflowWrap: 'anywhere' }}>{written || '—'}</TableCell>
          <TableCell sx={{ whiteSpace: 'nowrap' }}>
            {deed === 'replaced' || deed === 'removed' ? <b>{deed}</b> : <Soft>{deed}</Soft>}
          </TableCell>
        </TableRow>
      ))}
    </TableBody>
  </Table>
);

const ProofTable = ({ photo }: { photo: Photo }) => (
  <Table size="small" aria-label="Proof of the last stamp">
    <TableHead>
      <TableRow>
        <TableCell colSpan={3}>Read back by an independent reader</TableCell>
      </TableRow>
    </TableHead>
    <TableBody>
      {photo.proof.length === 0 && (
        <TableRow>
          <TableCell colSpan={3} sx={{ color: 'text.secondary' }}>
            {photo.message || 'Not stamped yet.'}
          </TableCell>
        </TableRow>
      )}
      {(photo.stamped?.remarks ?? []).map((remark) => (
        <TableRow key={remark}>
          <TableCell colSpan={3}>
            <GradeMark grade="note" /> {remark}
          </TableCell>
        </TableRow>
      ))}
      {photo.proof.map(({ field, where, read, agrees }) => (
        <TableRow key={`${field} ${where}`}>
          <TableCell sx={{ whiteSpace: 'nowrap' }}>
            {agrees ? <SealMark /> : <GradeMark grade="must" />} {field}
          </TableCell>
          <TableCell sx={{ color: 'text.secondary' }}>{where === 'image' ? '' : where}</TableCell>
          <TableCell sx={{ fontFamily: mono, fontSize: '12.5px !important', overflowWrap: 'anywhere' }}>
            {read}
          </TableCell>
        </TableRow>
      ))}
    </TableBody>
  </Table>
);
