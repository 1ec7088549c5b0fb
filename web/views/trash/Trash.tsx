import { Box, Button, Table, TableBody, TableCell, TableHead, TableRow } from '@mui/material';
import { useSnackbar } from 'notistack';
import { useSearchParams } from 'react-router';
import type { ClientSummary, Trashed } from '#contract';
import { useChanges, useClients, useDelete, useTrash } from '../../api/queries.ts';
import { useComplain, useOfferUndo } from '../../parts/actions.ts';
import { EmptyState, Failure, Loading } from '../../parts/Notice.tsx';
import { useUndoChange } from '../../api/queries.ts';
import { typeSize } from '../../theme.ts';

const KIND: Readonly<Record<Trashed['kind'], string>> = {
  clients: 'Client',
  branches: 'Branch',
  pages: 'Page',
  photos: 'Photo',
  checks: 'Check',
};

const when = (iso: string): string =>
  new Date(iso).toLocaleString('en', { dateStyle: 'medium', timeStyle: 'short' });

/** What was deleted and can be brought back, and what was done to many things at once and can be undone. */
export default function Trash() {
  const [search] = useSearchParams();
  const { data, error } = useTrash();
  const clients = useClients();
  if (error && !data) return <Failure error={error} />;
  if (!data) return <Loading />;
  const wanted = Number(search.get('client'));
  const shown = (clients.data?.clients ?? []).filter(({ id }) => !wanted || id === wanted);
  return (
    <Box sx={{ height: '100%', overflow: 'auto', p: 2 }} tabIndex={-1}>
      <Box component="h1" sx={{ m: 0, fontSize: typeSize.head }}>
        Trash and changes
      </Box>
      <Box sx={{ color: 'text.secondary', mb: 1 }}>
        What was deleted can be brought back for {data.days} days; then it goes for good, with its photos.
        Changes to many things at once are undone as one for as long.
      </Box>
      {!wanted && <Things things={data.things} />}
      <Box component="h2" sx={{ fontSize: 14, mt: 3, mb: 0.5 }}>
        Changes
      </Box>
      {shown.map((client) => (
        <Changes key={client.id} client={client} alone={wanted > 0} />
      ))}
    </Box>
  );
}

function Things({ things }: { things: readonly Trashed[] }) {
  const restore = useDelete();
  const complain = useComplain();
  const { enqueueSnackbar } = useSnackbar();
  if (things.length === 0)
    return (
      <EmptyState title="The trash is empty.">
        What you delete on the desk or in a view comes here.
      </EmptyState>
    );
  return (
    <Table size="small" aria-label="Trash">
      <TableHead>
        <TableRow>
          <TableCell>What</TableCell>
          <TableCell>Name</TableCell>
          <TableCell>Of</TableCell>
          <TableCell>Deleted</TableCell>
          <TableCell aria-label="Actions" />
        </TableRow>
      </TableHead>
      <TableBody>
        {things.map(({ kind, id, name, owner, deleted }) => (
          <TableRow key={`${kind} ${String(id)}`}>
            <TableCell>{KIND[kind]}</TableCell>
            <TableCell sx={{ overflowWrap: 'anywhere', fontWeight: 600 }}>{name}</TableCell>
            <TableCell>{owner}</TableCell>
            <TableCell>{when(deleted)}</TableCell>
            <TableCell sx={{ textAlign: 'right' }}>
              <Button
                aria-label={`Bring back ${name}`}
                onClick={() => {
                  restore
                    .mutateAsync({ thing: { kind, id }, restore: true })
                    .then(() => enqueueSnackbar(`“${name}” is back.`), complain);
                }}
              >
                Bring back
              </Button>
            </TableCell>
          </TableRow>
        ))}
      </TableBody>
    </Table>
  );
}

function Changes({ client, alone }: { client: ClientSummary; alone: boolean }) {
  const { data } = useChanges(client.id);
  const undo = useUndoChange();
  const complain = useComplain();
  const say = useOfferUndo();
  const changes = data?.changes ?? [];
  if (changes.length === 0)
    return alone ? (
      <EmptyState title={`Nothing of ${client.name} can be undone.`}>
        Imports, uploads of pages and placements are listed here.
      </EmptyState>
    ) : null;
  return (
    <Table size="small" aria-label={`Changes of ${client.name}`}>
      <TableHead>
        <TableRow>
          <TableCell>{client.name}</TableCell>
          <TableCell sx={{ width: 190 }}>When</TableCell>
          <TableCell aria-label="Actions" sx={{ width: 100 }} />
        </TableRow>
      </TableHead>
      <TableBody>
        {changes.map(({ id, title, made }) => (
          <TableRow key={id}>
            <TableCell sx={{ overflowWrap: 'anywhere' }}>{title}</TableCell>
            <TableCell>{when(made)}</TableCell>
            <TableCell sx={{ textAlign: 'right' }}>
              <Button
                aria-label={`Undo ${title}`}
                onClick={() => {
                  undo.mutateAsync(id).then(({ kept }) => {
                    const told =
                      kept.length === 0
                        ? ''
                        : ` Changed again since and kept: ${kept.slice(0, 5).join(', ')}.`;
                    say(`Undone: ${title}.${told}`, 0, () => null);
                  }, complain);
                }}
              >
                Undo
              </Button>
            </TableCell>
          </TableRow>
        ))}
      </TableBody>
    </Table>
  );
}
