import { Box, Table, TableBody, TableCell, TableHead, TableRow } from '@mui/material';
import type { Photo } from '#contract';
import { dayTaken, stampFields, wordingsFor, wordsOfPicture } from '#core/photo';
import type { BusinessRecord } from '#core/record';
import { GradeMark, SealMark } from '../../parts/Marks.tsx';
import { PaneBar } from '../../parts/Tray.tsx';
import { mono } from '../../theme.ts';
import { wordingsOf, type WordsInForm } from './words.ts';

/** Each field that a stamp writes or keeps: what the photo came with, and what is written. */
function rowsOf(
  { name, carried, own, wordings }: Photo,
  number: number,
  record: BusinessRecord,
  { words, edited }: WordsInForm,
): readonly (readonly [label: string, came: string, written: string])[] {
  const form = wordingsFor(wordingsOf(words), edited, wordings, carried);
  const picture = { name, number, date: dayTaken(carried), thisYear: String(new Date().getFullYear()) };
  const planned = wordsOfPicture(record, form, own, picture);
  const fields = stampFields(record, planned.wordings, planned);
  const point = fields.point
    ? `${fields.point.latitude.toFixed(5)}, ${fields.point.longitude.toFixed(5)}`
    : '';
  return [
    [
      'Coordinates',
      typeof carried?.latitude === 'number' && typeof carried.longitude === 'number'
        ? `${carried.latitude.toFixed(5)}, ${carried.longitude.toFixed(5)}`
        : '',
      point,
    ],
    ['Subject', carried?.subject ?? '', fields.subject],
    ['Title', carried?.xmp.title || carried?.iptc.title || '', fields.title],
    ['Caption', carried?.xmp.caption || carried?.iptc.caption || carried?.exif.caption || '', fields.caption],
    ['Keywords', (carried?.xmp.keywords ?? []).join(', '), fields.keywords.join(', ')],
    ['Alternative text', carried?.xmp.alt ?? '', fields.alt],
    ['Contact', carried?.exif.comment ?? '', fields.contactBlock],
    ['Town', carried?.xmp.town || carried?.iptc.town || '', fields.town],
    ['Camera', carried?.camera ?? '', 'kept as it is'],
    ['Taken', carried?.taken ?? '', 'kept as it is'],
  ];
}

/** What a photo came with, what a stamp writes now, and what was read back after the last one. */
export function CarriedTray({
  photo,
  record,
  form,
  number,
}: {
  photo: Photo;
  number: number;
  record: BusinessRecord;
  form: WordsInForm;
}) {
  const { carried } = photo;
  return (
    <>
      <PaneBar
        title={`${photo.name}${carried?.width ? `, ${String(carried.width)} × ${String(carried.height)}` : ''}`}
      />
      <Box
        tabIndex={0}
        role="region"
        aria-label="Carried and proved"
        sx={{
          flex: 1,
          minHeight: 0,
          overflow: 'auto',
          display: 'grid',
          gridTemplateColumns: '1.5fr 1fr',
          alignItems: 'start',
        }}
      >
        <CarriedTable rows={rowsOf(photo, number, record, form)} />
        <ProofTable photo={photo} />
      </Box>
    </>
  );
}

const CarriedTable = ({ rows }: { rows: ReturnType<typeof rowsOf> }) => (
  <Table size="small" aria-label="What the photo carries and what will be written">
    <TableHead>
      <TableRow>
        <TableCell>Field</TableCell>
        <TableCell>Came with</TableCell>
        <TableCell>A stamp writes</TableCell>
      </TableRow>
    </TableHead>
    <TableBody>
      {rows.map(([label, came, written]) => (
        <TableRow key={label}>
          <TableCell component="th" scope="row" sx={{ color: 'text.secondary' }}>
            {label}
          </TableCell>
          <TableCell sx={{ overflowWrap: 'anywhere' }}>{came || '—'}</TableCell>
          <TableCell sx={{ whiteSpace: 'pre-line', overflowWrap: 'anywhere' }}>{written || '—'}</TableCell>
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
