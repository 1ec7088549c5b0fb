import { Button, Link } from '@mui/material';
import { DataGrid, type GridColDef } from '@mui/x-data-grid';
import { useMemo } from 'react';
import { linkTo, type Branch, type Page } from '#contract';
import { factLabel } from '#core/record';
import { useDeleteWithUndo } from '../../parts/actions.ts';
import { gridLook } from '../../parts/grid.ts';
import { Line, Soft } from '../../parts/layout.tsx';
import { GradeMark, SealMark, StaleMark } from '../../parts/Marks.tsx';
import { undoButton } from '../../parts/UndoButton.tsx';
import { FORM_LABEL } from './formLabel.ts';
import { OwnerCell } from './OwnerCell.tsx';

const quiet = { py: 0, fontWeight: 400, color: 'text.secondary' } as const;

/** How much of each syntax a page carries, or why it could not be read. */
const carriedWords = ({ problem, items }: Page): string =>
  problem ||
  [items.jsonld && `${items.jsonld} JSON-LD`, items.microdata && `${items.microdata} microdata`]
    .filter(Boolean)
    .join(', ') ||
  'nothing';

const placedWords = ({ placements }: Page): string =>
  placements.map(({ form, branchLabel, state }) => `${state} ${FORM_LABEL[form]} ${branchLabel}`).join(', ');

/** The pages of a site, to be sorted and chosen. */
export function PageTable({
  pages,
  branch: { id: branchId, clientId },
  chosen,
  onChoose,
}: {
  pages: readonly Page[];
  branch: Pick<Branch, 'id' | 'clientId'>;
  chosen: number | undefined;
  onChoose: (id: number) => void;
}) {
  const remove = useDeleteWithUndo();
  // Of one site alone everybody knows which it is.
  const isMixed = new Set(pages.map(({ site }) => site?.id)).size > 1;
  const columns = useMemo(
    (): readonly GridColDef<Page>[] => [
      {
        field: 'path',
        headerName: 'Page',
        flex: 1.2,
        renderCell: ({ row }) => (
          <PageName
            page={row}
            showsSite={isMixed}
            isChosen={row.id === chosen}
            onChoose={() => onChoose(row.id)}
          />
        ),
      },
      {
        field: 'owner',
        headerName: 'Whose page',
        flex: 1,
        valueGetter: (_, { ownBranch, proposal }) => ownBranch?.label ?? proposal?.label ?? '',
        renderCell: ({ row }) => <OwnerCell page={row} branchId={branchId} clientId={clientId} />,
      },
      {
        field: 'placements',
        headerName: 'Placed',
        flex: 1.5,
        valueGetter: (_, row) => placedWords(row),
        renderCell: ({ row }) => <Placements page={row} />,
      },
      {
        field: 'items',
        headerName: 'A machine reads',
        flex: 1,
        valueGetter: (_, row) => carriedWords(row),
        cellClassName: 'soft',
      },
      { field: 'encoding', headerName: 'Encoding', width: 90, cellClassName: 'soft' },
      {
        field: 'actions',
        headerName: 'Actions',
        headerAlign: 'right',
        sortable: false,
        width: 150,
        align: 'right',
        renderCell: ({ row: { id, path } }) => (
          <PageActions id={id} path={path} onDelete={() => remove({ kind: 'pages', id }, path, undoButton)} />
        ),
      },
    ],
    [branchId, clientId, isMixed, chosen, onChoose, remove],
  );
  return (
    <DataGrid
      {...gridLook}
      aria-label="Pages"
      rows={pages}
      columns={columns}
      rowSelectionModel={{ type: 'include', ids: new Set(chosen === undefined ? [] : [chosen]) }}
      onRowClick={({ id }) => onChoose(Number(id))}
    />
  );
}

const PageName = ({
  page: { path, site },
  showsSite,
  isChosen,
  onChoose,
}: {
  page: Page;
  showsSite: boolean;
  isChosen: boolean;
  onChoose: () => void;
}) => (
  <Line>
    <Link
      component="button"
      type="button"
      underline="hover"
      aria-pressed={isChosen}
      onClick={onChoose}
      sx={{ font: 'inherit', fontWeight: 600, textAlign: 'left' }}
    >
      {path}
    </Link>
    {showsSite && <Soft>{site?.name ?? 'handed in'}</Soft>}
  </Line>
);

const PageActions = ({ id, path, onDelete }: { id: number; path: string; onDelete: () => void }) => (
  <>
    <Button
      variant="text"
      component="a"
      href={linkTo('pageFile', { id })}
      aria-label={`Download ${path}`}
      onClick={(event) => event.stopPropagation()}
      sx={quiet}
    >
      Download
    </Button>
    <Button
      variant="text"
      aria-label={`Delete ${path}`}
      onClick={(event) => {
        event.stopPropagation();
        onDelete();
      }}
      sx={quiet}
    >
      Delete
    </Button>
  </>
);

/** What is placed on a page, with its mark and what a machine reads otherwise than it was meant. */
function Placements({ page }: { page: Page }) {
  if (page.placements.length === 0) return <Soft>nothing</Soft>;
  return (
    <div>
      {page.placements.map(({ form, branchLabel, state, misread }) => (
        <Line key={form} data-placement={form} data-state={state}>
          {state === 'proved' ? (
            <SealMark />
          ) : state === 'out-of-date' ? (
            <StaleMark />
          ) : (
            <GradeMark grade="must" />
          )}
          {FORM_LABEL[form]} of {branchLabel}:{' '}
          {state === 'out-of-date' ? 'out of date' : state === 'absent' ? 'not found on the page' : state}
          {misread.length > 0 && ` (${misread.map(({ fact }) => factLabel(fact)).join(', ')})`}
        </Line>
      ))}
    </div>
  );
}
