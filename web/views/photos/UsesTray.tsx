import {
  Box,
  Button,
  MenuItem,
  Table,
  TableBody,
  TableCell,
  TableHead,
  TableRow,
  TextField,
} from '@mui/material';
import { useState } from 'react';
import { useInputSchema, useKinds, type Photo, type PhotoUse } from '#contract';
import { counted } from '#core/text';
import { useAddPhotoUses, useDeletePhotoUse, useFetchPhotoUse } from '../../api/photos.ts';
import { useComplain } from '../../parts/actions.ts';
import { GradeMark, SealMark } from '../../parts/Marks.tsx';
import { Hint, Line, Scroll, Soft } from '../../parts/layout.tsx';

type Kind = PhotoUse['kind'];
const KINDS: Readonly<Record<Kind, string>> = {
  page: 'a page',
  map: 'a map profile',
  directory: 'a directory',
  other: 'elsewhere',
};

/** Where photos went, and what of what was written into them is still there. */
export function UsesTray({ photos, chosen }: { photos: readonly Photo[]; chosen: readonly Photo[] }) {
  const shown = chosen.length > 0 ? chosen : photos;
  const uses = shown.flatMap((photo) => photo.uses.map((use) => ({ photo, use })));
  return (
    <>
      <AddUse chosen={chosen} />
      <Scroll tabIndex={0} role="region" aria-label="Where the photos went">
        {uses.length === 0 ? (
          <Hint sx={{ p: 1.5 }}>
            Nobody has said yet where {chosen.length > 0 ? 'these photos' : 'the photos'} went. Many hosts
            strip what a photo carries: name the address where one stands, fetch it back, and see what is left
            of it.
          </Hint>
        ) : (
          <Table size="small" aria-label="Where the photos went">
            <TableHead>
              <TableRow>
                {['Photo', 'Went to', 'On', 'What is left of it', ''].map((title) => (
                  <TableCell key={title}>{title}</TableCell>
                ))}
              </TableRow>
            </TableHead>
            <TableBody>
              {uses.map(({ photo, use }) => (
                <UseRow key={use.id} photo={photo} use={use} />
              ))}
            </TableBody>
          </Table>
        )}
      </Scroll>
    </>
  );
}

function AddUse({ chosen }: { chosen: readonly Photo[] }) {
  const [kind, setKind] = useState<Kind>('page');
  const [address, setAddress] = useState('');
  const [date, setDate] = useState(() => new Date().toISOString().slice(0, 10));
  const adding = useAddPhotoUses();
  const complain = useComplain();
  const add = (): void => {
    const use = useInputSchema.safeParse({ kind, address: address.trim(), date });
    if (!use.success) {
      complain(new Error(use.error.issues[0]?.message ?? 'It cannot be read.'));
      return;
    }
    adding
      .mutateAsync({ ids: chosen.map(({ id }) => id), use: use.data })
      .then(() => setAddress(''), complain);
  };
  return (
    <Line
      as="form"
      sx={{ px: 1.5, py: 1, flexWrap: 'wrap' }}
      onSubmit={(event: React.SyntheticEvent) => {
        event.preventDefault();
        add();
      }}
    >
      <Soft>
        {chosen.length === 0
          ? 'Select photos to say where they went'
          : `${counted(chosen.length, 'photo')} went to`}
      </Soft>
      <TextField
        select
        label="Kind"
        value={kind}
        sx={{ width: 150 }}
        onChange={({ target }) => setKind(useKinds.find((one) => one === target.value) ?? 'page')}
      >
        {useKinds.map((one) => (
          <MenuItem key={one} value={one}>
            {KINDS[one]}
          </MenuItem>
        ))}
      </TextField>
      <TextField
        label="Address of the picture there, or of its page"
        value={address}
        sx={{ width: 360 }}
        onChange={({ target }) => setAddress(target.value)}
      />
      <TextField
        label="On"
        type="date"
        sx={{ width: 150 }}
        value={date}
        slotProps={{ inputLabel: { shrink: true } }}
        onChange={({ target }) => setDate(target.value)}
      />
      <Button type="submit" disabled={chosen.length === 0 || address.trim() === '' || adding.isPending}>
        Note it
      </Button>
    </Line>
  );
}

function UseRow({ photo, use }: { photo: Photo; use: PhotoUse }) {
  const fetching = useFetchPhotoUse();
  const removing = useDeletePhotoUse();
  const complain = useComplain();
  return (
    <TableRow>
      <TableCell>{photo.stamped?.name ?? photo.name}</TableCell>
      <TableCell sx={{ overflowWrap: 'anywhere' }}>
        {KINDS[use.kind]}:{' '}
        <a href={use.address} target="_blank" rel="noreferrer">
          {use.address}
        </a>
      </TableCell>
      <TableCell sx={{ whiteSpace: 'nowrap' }}>{use.date}</TableCell>
      <TableCell sx={{ minWidth: 260 }}>
        <Left use={use} />
      </TableCell>
      <TableCell sx={{ whiteSpace: 'nowrap' }}>
        <Button
          disabled={fetching.isPending}
          aria-label={`Fetch back ${photo.name}`}
          onClick={() => void fetching.mutateAsync(use.id).catch(complain)}
        >
          {fetching.isPending ? 'Fetching …' : 'Fetch back'}
        </Button>{' '}
        <Button
          variant="text"
          aria-label={`Forget that ${photo.name} went there`}
          onClick={() => void removing.mutateAsync(use.id).catch(complain)}
        >
          Forget
        </Button>
      </TableCell>
    </TableRow>
  );
}

/** What is left of what was written into a photo, field by field. */
function Left({ use: { fetched } }: { use: PhotoUse }) {
  if (!fetched) return <Soft>not fetched back yet</Soft>;
  const on = fetched.at.slice(0, 10);
  if (fetched.problem) return <>{`${on}: ${fetched.problem}`}</>;
  const lost = fetched.lines.filter(({ agrees }) => !agrees);
  const kept = fetched.lines.length - lost.length;
  const image = fetched.isSameImage ? 'the very image' : 'another image, made smaller or packed anew';
  return (
    <>
      {lost.length === 0 ? <SealMark /> : <GradeMark grade={kept === 0 ? 'must' : 'should'} />} {on}: {image};{' '}
      {lost.length === 0
        ? 'every field is there.'
        : kept === 0
          ? 'no field is left.'
          : `${String(kept)} of ${String(fetched.lines.length)} fields are there. Gone:`}
      {kept > 0 && lost.length > 0 && (
        <Box component="ul" sx={{ m: 0, pl: 2 }}>
          {lost.map(({ field, where, read }) => (
            <li key={`${field} ${where}`}>
              {field} <Soft>{where}</Soft>
              {read && `: “${read}”`}
            </li>
          ))}
        </Box>
      )}
    </>
  );
}
