import { Box, Button, Link, Table, TableBody, TableCell, TableHead, TableRow } from '@mui/material';
import { useState } from 'react';
import { Link as RouterLink, useNavigate } from 'react-router';
import type { BranchSummary, ClientSummary } from '#contract';
import { useAddBranch, useAddClient, useClients, useRename, type Thing } from '../../api/queries.ts';
import { useComplain, useDeleteWithUndo } from '../../parts/actions.ts';
import { StepMark } from '../../parts/Marks.tsx';
import { NameDialog } from '../../parts/NameDialog.tsx';
import { EmptyState, Failure, Loading } from '../../parts/Notice.tsx';
import { viewPath, type BranchView } from '../../parts/place.ts';
import { undoButton } from '../../parts/UndoButton.tsx';
import { colour } from '../../theme.ts';

/** What is being named: a new client, a new branch of a client, or a thing that has a name already. */
type Naming =
  | { readonly kind: 'client' }
  | { readonly kind: 'branch'; readonly clientId: number }
  | { readonly kind: 'rename'; readonly thing: Thing; readonly name: string };

/** Every client and branch as a row, each step of its chain with its state. */
export function Desk() {
  const { data, error, isPending, refetch } = useClients();
  const [naming, setNaming] = useState<Naming | undefined>();
  if (isPending) return <Loading />;
  if (error)
    return <Failure error={error} retry={<Button onClick={() => void refetch()}>Try again</Button>} />;
  const { clients } = data;
  return (
    <Box sx={{ height: '100%', overflow: 'auto' }}>
      <Box
        sx={{
          display: 'flex',
          alignItems: 'center',
          gap: 1,
          px: 2,
          py: 1,
          borderBottom: `1px solid ${colour.light}`,
        }}
      >
        <Box component="h1" sx={{ m: 0, fontSize: 17, flex: 1 }}>
          Desk
        </Box>
        <Button
          variant="contained"
          color="primary"
          onClick={() => {
            setNaming({ kind: 'client' });
          }}
        >
          Add client
        </Button>
      </Box>
      {clients.length === 0 ? (
        <EmptyState title="No client yet.">
          Add the first client, then a branch for each of its places of business. Everything else (markup,
          pages, photos) is made from a branch’s record.
        </EmptyState>
      ) : (
        <Table size="small" stickyHeader aria-label="Clients and branches">
          <TableHead>
            <TableRow>
              <TableCell sx={{ width: '30%' }}>Branch</TableCell>
              <TableCell>Record</TableCell>
              <TableCell>Pages</TableCell>
              <TableCell>Photos</TableCell>
              <TableCell>Next</TableCell>
              <TableCell aria-label="Actions" />
            </TableRow>
          </TableHead>
          {clients.map((client) => (
            <ClientRows key={client.id} client={client} onName={setNaming} />
          ))}
        </Table>
      )}
      {naming && (
        <Names
          naming={naming}
          onClose={() => {
            setNaming(undefined);
          }}
        />
      )}
    </Box>
  );
}

function ClientRows({ client, onName }: { client: ClientSummary; onName: (naming: Naming) => void }) {
  const remove = useDeleteWithUndo();
  const thing: Thing = { kind: 'clients', id: client.id };
  return (
    <TableBody>
      <TableRow sx={{ backgroundColor: colour.light }}>
        <TableCell component="th" scope="rowgroup" colSpan={5} sx={{ fontWeight: 700 }}>
          {client.name}
          <Box component="span" sx={{ ml: 1, fontWeight: 400, color: 'text.secondary' }}>
            {client.branches.length === 1 ? '1 branch' : `${String(client.branches.length)} branches`},{' '}
            {client.pages === 1 ? '1 page' : `${String(client.pages)} pages`}
          </Box>
        </TableCell>
        <TableCell sx={{ whiteSpace: 'nowrap', textAlign: 'right' }}>
          <RowButton
            label={`Add branch to ${client.name}`}
            onClick={() => {
              onName({ kind: 'branch', clientId: client.id });
            }}
          >
            Add branch
          </RowButton>
          <RowButton
            label={`Rename ${client.name}`}
            onClick={() => {
              onName({ kind: 'rename', thing, name: client.name });
            }}
          >
            Rename
          </RowButton>
          <RowButton
            label={`Delete ${client.name}`}
            onClick={() => {
              remove(thing, client.name, undoButton);
            }}
          >
            Delete
          </RowButton>
        </TableCell>
      </TableRow>
      {client.branches.map((branch) => (
        <BranchRow key={branch.id} branch={branch} onName={onName} />
      ))}
      {client.branches.length === 0 && (
        <TableRow>
          <TableCell colSpan={6} sx={{ color: 'text.secondary' }}>
            No branch yet. Add one to begin its record.
          </TableCell>
        </TableRow>
      )}
    </TableBody>
  );
}

function BranchRow({ branch, onName }: { branch: BranchSummary; onName: (naming: Naming) => void }) {
  const remove = useDeleteWithUndo();
  const thing: Thing = { kind: 'branches', id: branch.id };
  const next = nextStep(branch);
  const cell = (view: BranchView, step: BranchSummary['steps']['record']) => (
    <TableCell>
      <Link
        component={RouterLink}
        to={viewPath(branch.id, view)}
        underline="hover"
        color="inherit"
        aria-label={`${branch.label}: ${view}, ${step.detail}`}
      >
        <StepMark step={step} />
      </Link>
    </TableCell>
  );
  return (
    <TableRow hover>
      <TableCell component="th" scope="row">
        <Link
          component={RouterLink}
          to={viewPath(branch.id, 'record')}
          underline="hover"
          sx={{ fontWeight: 600 }}
        >
          {branch.label}
        </Link>
        {branch.town && (
          <Box component="span" sx={{ ml: 1, color: 'text.secondary' }}>
            {branch.town}
          </Box>
        )}
      </TableCell>
      {cell('record', branch.steps.record)}
      {cell('pages', branch.steps.pages)}
      {cell('photos', branch.steps.photos)}
      <TableCell>
        {next && (
          <Link component={RouterLink} to={viewPath(branch.id, next.view)} underline="hover" color="primary">
            {next.words}
          </Link>
        )}
      </TableCell>
      <TableCell sx={{ whiteSpace: 'nowrap', textAlign: 'right' }}>
        <RowButton
          label={`Rename ${branch.label}`}
          onClick={() => {
            onName({ kind: 'rename', thing, name: branch.label });
          }}
        >
          Rename
        </RowButton>
        <RowButton
          label={`Delete ${branch.label}`}
          onClick={() => {
            remove(thing, branch.label, undoButton);
          }}
        >
          Delete
        </RowButton>
      </TableCell>
    </TableRow>
  );
}

/** What to do next in a branch: the first step of its chain that is not at its end. */
function nextStep({ steps }: BranchSummary): { view: BranchView; words: string } | undefined {
  if (steps.record.state === 'missing') return { view: 'record', words: 'Begin the record' };
  if (steps.record.state === 'must') return { view: 'record', words: 'Mend the record' };
  if (steps.pages.state === 'out-of-date') return { view: 'pages', words: 'Place the markup again' };
  if (steps.pages.state === 'missing') return { view: 'pages', words: 'Place the markup' };
  if (steps.photos.state === 'missing') return { view: 'photos', words: 'Add photos' };
  if (steps.photos.state !== 'proved') return { view: 'photos', words: 'Stamp the photos' };
  if (steps.record.state === 'should') return { view: 'record', words: 'Complete the record' };
  return undefined;
}

function RowButton({ label, onClick, children }: { label: string; onClick: () => void; children: string }) {
  return (
    <Button
      variant="text"
      aria-label={label}
      onClick={onClick}
      sx={{ py: 0, px: 0.75, fontWeight: 400, color: 'text.secondary' }}
    >
      {children}
    </Button>
  );
}

/** The dialog for a name. It closes at once; what the name is for goes on without it. */
function Names({ naming, onClose }: { naming: Naming; onClose: () => void }) {
  const navigate = useNavigate();
  const complain = useComplain();
  const [addClient, addBranch, rename] = [useAddClient(), useAddBranch(), useRename()];
  const done = (change: Promise<unknown>): void => void change.catch(complain);
  if (naming.kind === 'client') {
    return (
      <NameDialog
        title="Add a client"
        label="Name of the client"
        action="Add"
        onClose={onClose}
        onName={(name) => {
          done(addClient.mutateAsync(name));
        }}
      />
    );
  }
  if (naming.kind === 'branch') {
    const { clientId } = naming;
    const add = (label: string): void => {
      done(addBranch.mutateAsync({ clientId, label }).then(({ id }) => navigate(viewPath(id, 'record'))));
    };
    return (
      <NameDialog
        title="Add a branch"
        label="What you call the branch"
        action="Add"
        onClose={onClose}
        onName={add}
      />
    );
  }
  return (
    <NameDialog
      title="Rename"
      label="Name"
      first={naming.name}
      action="Rename"
      onClose={onClose}
      onName={(name) => {
        done(rename.mutateAsync({ thing: naming.thing, name }));
      }}
    />
  );
}
