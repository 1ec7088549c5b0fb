import {
  Box,
  Button,
  ButtonBase,
  InputBase,
  Link,
  MenuItem,
  Select,
  Table,
  TableBody,
  TableCell,
  TableHead,
  TableRow,
} from '@mui/material';
import { useVirtualizer } from '@tanstack/react-virtual';
import { lazy, Suspense, useDeferredValue, useEffect, useMemo, useRef, useState } from 'react';
import { Link as RouterLink, useNavigate, useSearchParams } from 'react-router';
import * as z from 'zod';
import type { BranchSummary, ClientSummary } from '#contract';
import {
  useAddBranch,
  useAddClient,
  useClients,
  useDuplicate,
  useRename,
  type DeskChoice,
  type Thing,
} from '../../api/queries.ts';
import { useComplain, useDeleteWithUndo } from '../../parts/actions.ts';
import { StepMark } from '../../parts/Marks.tsx';
import { NameDialog } from '../../parts/NameDialog.tsx';
import { EmptyState, Failure, Loading } from '../../parts/Notice.tsx';
import { defaultsPath, viewPath, type BranchView } from '../../parts/place.ts';
import { RowMenu } from '../../parts/RowMenu.tsx';
import { undoButton } from '../../parts/UndoButton.tsx';
import { keep, keptJson } from '../../state/browserStore.ts';
import { colour } from '../../theme.ts';
import { deskRows, useBranchesInSight } from './rows.ts';

const ArchiveDialog = lazy(() => import('./ArchiveDialog.tsx'));
const ImportDialog = lazy(() => import('./ImportDialog.tsx'));

/** What is being named: a new client, a new branch of a client, or a thing that has a name already. */
type Naming =
  | { readonly kind: 'client' }
  | { readonly kind: 'branch'; readonly clientId: number }
  | { readonly kind: 'duplicate'; readonly branchId: number; readonly name: string }
  | { readonly kind: 'rename'; readonly thing: Thing; readonly name: string };

/** Rows are of one height, so that only those in sight are drawn. */
const ROW_HEIGHT = 30;
const OVERSCAN = 12;

const STATES = [
  ['', 'Every state'],
  ['must', 'Must be mended'],
  ['out-of-date', 'Out of date'],
  ['missing', 'Missing'],
  ['should', 'To improve'],
  ['unproved', 'Not proved'],
  ['proved', 'Proved'],
] as const;
const SORTS = [
  ['label', 'By name'],
  ['town', 'By town'],
  ['urgency', 'Most urgent first'],
] as const;

const collapsedSchema = z.array(z.number());
const COLLAPSED = 'desk-collapsed';

/** The clients whose branches are put away, kept in this browser. */
function useCollapsed(): [ReadonlySet<number>, (clientId: number) => void] {
  const [collapsed, setCollapsed] = useState<ReadonlySet<number>>(
    () => new Set(keptJson(COLLAPSED, (json) => collapsedSchema.parse(json)) ?? []),
  );
  const toggle = (clientId: number): void => {
    const next = new Set(collapsed);
    if (!next.delete(clientId)) next.add(clientId);
    setCollapsed(next);
    keep(COLLAPSED, JSON.stringify([...next]));
  };
  return [collapsed, toggle];
}

/** Every client and branch as a row, each step of its chain with its state. */
export function Desk() {
  const [words, setWords] = useState('');
  const [state, setState] = useState<DeskChoice['state']>('');
  const [sort, setSort] = useState<DeskChoice['sort']>('label');
  const asked = useDeferredValue(words.trim());
  const { data, error, isPending, refetch } = useClients(asked, state);
  const [collapsed, toggle] = useCollapsed();
  const [search, setSearch] = useSearchParams();
  const [naming, setNaming] = useState<Naming | undefined>();
  // Asked for by the command bar.
  const asksFor = search.get('add');
  const clientOf = Number(search.get('client'));
  const named: Naming | undefined =
    naming ??
    (asksFor === 'client'
      ? { kind: 'client' }
      : asksFor === 'branch' && clientOf > 0
        ? { kind: 'branch', clientId: clientOf }
        : undefined);
  /** A client that was just made: its row is shown and holds the focus. */
  const [made, setMade] = useState(0);
  const [archive, setArchive] = useState(false);
  const [importing, setImporting] = useState<ClientSummary | undefined>();
  const surface = useRef<HTMLDivElement>(null);
  const rows = useMemo(() => deskRows(data?.clients ?? [], collapsed), [data, collapsed]);
  // eslint-disable-next-line react-hooks/incompatible-library -- its functions are called here only, never memoised
  const virtual = useVirtualizer({
    count: rows.length,
    getScrollElement: () => surface.current,
    estimateSize: () => ROW_HEIGHT,
    overscan: OVERSCAN,
    initialRect: { width: 1200, height: 800 },
  });
  const inSight = virtual.getVirtualItems().flatMap(({ index }) => rows[index] ?? []);
  const branchAt = useBranchesInSight(inSight, { words: asked, state, sort });
  const madeAt = made === 0 ? -1 : rows.findIndex((row) => row.kind === 'client' && row.client.id === made);
  useEffect(() => {
    if (madeAt < 0) return;
    virtual.scrollToIndex(madeAt, { align: 'start' });
    const focus = requestAnimationFrame(() => {
      document.querySelector<HTMLElement>(`[data-client="${String(made)}"] button`)?.focus();
      setMade(0);
    });
    return () => {
      cancelAnimationFrame(focus);
    };
  }, [madeAt, made, virtual]);
  if (isPending) return <Loading />;
  if (error)
    return <Failure error={error} retry={<Button onClick={() => void refetch()}>Try again</Button>} />;
  const [first] = virtual.getVirtualItems();
  const above = first?.start ?? 0;
  const below = virtual.getTotalSize() - (virtual.getVirtualItems().at(-1)?.end ?? 0);
  const nothing = data.clients.length === 0;
  return (
    <Box sx={{ height: '100%', display: 'flex', flexDirection: 'column' }}>
      <Box
        sx={{
          display: 'flex',
          alignItems: 'center',
          gap: 1,
          px: 2,
          py: 1,
          flexWrap: 'wrap',
          borderBottom: `1px solid ${colour.light}`,
        }}
      >
        <Box component="h1" sx={{ m: 0, fontSize: 17, flex: 1 }}>
          Desk
        </Box>
        <InputBase
          type="search"
          placeholder="Filter: name, street, town, code"
          value={words}
          onChange={({ target }) => {
            setWords(target.value);
          }}
          inputProps={{ 'aria-label': 'Filter branches' }}
          sx={{
            width: 240,
            px: 1,
            py: 0.1,
            fontSize: 13.5,
            border: `1px solid ${colour.line}`,
            borderRadius: '3px',
            backgroundColor: '#fff',
          }}
        />
        <Choose label="State" options={STATES} value={state} onChange={setState} />
        <Choose label="Order" options={SORTS} value={sort} onChange={setSort} />
        <Button
          onClick={() => {
            setArchive(true);
          }}
        >
          From a zip
        </Button>
        <Button component={RouterLink} to="/trash">
          Trash
        </Button>
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
      {nothing && state ? (
        <EmptyState title={`No branch${asked ? ` that fits “${asked}”` : ''} is in this state.`}>
          Choose “Every state” to see all of them.
        </EmptyState>
      ) : nothing && asked ? (
        <EmptyState title={`No client or branch fits “${asked}”.`}>
          Names, labels, streets, towns, postal codes, branch codes and telephone numbers are searched.
        </EmptyState>
      ) : nothing ? (
        <EmptyState title="No client yet.">
          Add the first client, then a branch for each of its places of business. Everything else (markup,
          pages, photos) is made from a branch’s record.
        </EmptyState>
      ) : (
        <Box
          ref={surface}
          tabIndex={0}
          aria-label="Clients and branches, scrollable"
          role="region"
          sx={{ flex: 1, minHeight: 0, overflow: 'auto' }}
        >
          <Table
            size="small"
            stickyHeader
            aria-label="Clients and branches"
            aria-rowcount={rows.length}
            sx={{
              tableLayout: 'fixed',
              minWidth: 900,
              // The branch stays in sight where the table is wider than the screen.
              '& th:first-of-type': { position: 'sticky', left: 0, zIndex: 1, backgroundColor: 'inherit' },
              '& tbody tr': { backgroundColor: colour.paper },
              '& td, & th': { whiteSpace: 'nowrap', overflow: 'hidden', textOverflow: 'ellipsis' },
            }}
          >
            <TableHead>
              <TableRow>
                <TableCell>Branch</TableCell>
                <TableCell sx={{ width: 130 }}>Record</TableCell>
                <TableCell sx={{ width: 160 }}>Pages</TableCell>
                <TableCell sx={{ width: 150 }}>Photos</TableCell>
                <TableCell sx={{ width: 160 }}>Next</TableCell>
                <TableCell aria-label="Actions" sx={{ width: 60 }} />
              </TableRow>
            </TableHead>
            <TableBody>
              <Spacer height={above} />
              {inSight.map((row) =>
                row.kind === 'client' ? (
                  <ClientRow
                    key={`client ${String(row.client.id)}`}
                    client={row.client}
                    collapsed={collapsed.has(row.client.id)}
                    onToggle={() => {
                      toggle(row.client.id);
                    }}
                    onName={setNaming}
                    onImport={setImporting}
                  />
                ) : row.kind === 'none' ? (
                  <TableRow key={`none ${String(row.client.id)}`} sx={{ height: ROW_HEIGHT }}>
                    <TableCell colSpan={6} sx={{ color: 'text.secondary' }}>
                      No branch yet. Add one to begin its record, or take several in from a spreadsheet.
                    </TableCell>
                  </TableRow>
                ) : (
                  <BranchOrWait
                    key={`${String(row.client.id)} ${String(row.at)}`}
                    branch={branchAt(row.client, row.at)}
                    onName={setNaming}
                  />
                ),
              )}
              <Spacer height={below} />
            </TableBody>
          </Table>
        </Box>
      )}
      {named && (
        <Names
          naming={named}
          onMade={setMade}
          onClose={() => {
            setNaming(undefined);
            if (search.has('add')) setSearch({}, { replace: true });
          }}
        />
      )}
      {archive && (
        <Suspense>
          <ArchiveDialog
            onMade={setMade}
            onClose={() => {
              setArchive(false);
            }}
          />
        </Suspense>
      )}
      {importing && (
        <Suspense>
          <ImportDialog
            client={importing}
            onClose={() => {
              setImporting(undefined);
            }}
          />
        </Suspense>
      )}
    </Box>
  );
}

/** Stands for the rows out of sight. */
const Spacer = ({ height }: { height: number }) =>
  height > 0 ? (
    <tr aria-hidden="true" style={{ height }}>
      <td colSpan={6} style={{ padding: 0, border: 0 }} />
    </tr>
  ) : null;

function BranchOrWait({
  branch,
  onName,
}: {
  branch: BranchSummary | undefined;
  onName: (naming: Naming) => void;
}) {
  if (branch) return <BranchRow branch={branch} onName={onName} />;
  return (
    <TableRow sx={{ height: ROW_HEIGHT }}>
      <TableCell colSpan={6} sx={{ color: 'text.secondary' }}>
        …
      </TableCell>
    </TableRow>
  );
}

function ClientRow({
  client,
  collapsed,
  onToggle,
  onName,
  onImport,
}: {
  client: ClientSummary;
  collapsed: boolean;
  onToggle: () => void;
  onName: (naming: Naming) => void;
  onImport: (client: ClientSummary) => void;
}) {
  const remove = useDeleteWithUndo();
  const navigate = useNavigate();
  const thing: Thing = { kind: 'clients', id: client.id };
  return (
    <TableRow data-client={client.id} sx={{ backgroundColor: colour.light, height: ROW_HEIGHT }}>
      <TableCell component="th" scope="rowgroup" colSpan={4} sx={{ fontWeight: 700 }}>
        <ButtonBase
          onClick={onToggle}
          aria-expanded={!collapsed}
          aria-label={`${client.name}: ${collapsed ? 'show' : 'put away'} its branches`}
          sx={{ font: 'inherit', color: 'inherit', gap: 0.75 }}
        >
          <Box component="span" aria-hidden="true" sx={{ width: 10, color: colour.middle }}>
            {collapsed ? '▸' : '▾'}
          </Box>
          {client.name}
        </ButtonBase>
        <Box component="span" sx={{ ml: 1, fontWeight: 400, color: 'text.secondary' }}>
          {client.branches === 1 ? '1 branch' : `${client.branches.toLocaleString('en')} branches`},{' '}
          {client.pages === 1 ? '1 page' : `${String(client.pages)} pages`}
        </Box>
      </TableCell>
      <TableCell>
        <Link
          component={RouterLink}
          to={defaultsPath(client.id)}
          underline="hover"
          aria-label={`Defaults of ${client.name}`}
          sx={{ color: 'text.secondary' }}
        >
          Defaults
        </Link>
      </TableCell>
      <TableCell sx={{ textAlign: 'right' }}>
        <RowMenu
          label={client.name}
          items={[
            [
              'Add branch',
              () => {
                onName({ kind: 'branch', clientId: client.id });
              },
            ],
            [
              'Branches from a spreadsheet …',
              () => {
                onImport(client);
              },
            ],
            ['Changes that can be undone …', () => void navigate(`/trash?client=${String(client.id)}`)],
            [
              'Save all of it as a zip',
              () => {
                window.location.assign(`/api/clients/${String(client.id)}/archive.zip`);
              },
            ],
            [
              'Rename',
              () => {
                onName({ kind: 'rename', thing, name: client.name });
              },
            ],
          ]}
          onDelete={() => {
            remove(thing, client.name, undoButton);
          }}
        />
      </TableCell>
    </TableRow>
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
    <TableRow hover sx={{ height: ROW_HEIGHT }}>
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
      <TableCell sx={{ textAlign: 'right' }}>
        <RowMenu
          label={branch.label}
          items={[
            [
              'Duplicate',
              () => {
                onName({ kind: 'duplicate', branchId: branch.id, name: branch.label });
              },
            ],
            [
              'Rename',
              () => {
                onName({ kind: 'rename', thing, name: branch.label });
              },
            ],
          ]}
          onDelete={() => {
            remove(thing, branch.label, undoButton);
          }}
        />
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

/** A choice of one of a few, in the bar over the table. */
function Choose<T extends string>({
  label,
  options,
  value,
  onChange,
}: {
  label: string;
  options: readonly (readonly [T, string])[];
  value: T;
  onChange: (value: T) => void;
}) {
  return (
    <Select
      size="small"
      displayEmpty
      value={value}
      onChange={({ target }) => {
        const chosen = options.find(([name]) => name === target.value);
        if (chosen) onChange(chosen[0]);
      }}
      inputProps={{ 'aria-label': label }}
      sx={{ fontSize: 13.5, backgroundColor: '#fff', '& .MuiSelect-select': { py: 0.3 } }}
    >
      {options.map(([name, words]) => (
        <MenuItem key={name} value={name}>
          {words}
        </MenuItem>
      ))}
    </Select>
  );
}

/** The dialog for a name. It closes at once; what the name is for goes on without it. */
function Names({
  naming,
  onMade,
  onClose,
}: {
  naming: Naming;
  onMade: (clientId: number) => void;
  onClose: () => void;
}) {
  const navigate = useNavigate();
  const complain = useComplain();
  const [addClient, addBranch, rename, duplicate] = [
    useAddClient(),
    useAddBranch(),
    useRename(),
    useDuplicate(),
  ];
  const done = (change: Promise<unknown>): void => void change.catch(complain);
  if (naming.kind === 'client') {
    return (
      <NameDialog
        title="Add a client"
        label="Name of the client"
        action="Add"
        onClose={onClose}
        onName={(name) => {
          done(
            addClient.mutateAsync(name).then(({ id }) => {
              onMade(id);
            }),
          );
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
  if (naming.kind === 'duplicate') {
    const { branchId, name } = naming;
    const copy = (label: string): void => {
      done(duplicate.mutateAsync({ branchId, label }).then(({ id }) => navigate(viewPath(id, 'record'))));
    };
    return (
      <NameDialog
        title={`Duplicate ${name}`}
        label="What you call the new branch"
        action="Duplicate"
        onClose={onClose}
        onName={copy}
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
