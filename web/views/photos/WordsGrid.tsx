import { Box, Button } from '@mui/material';
import { DataGrid, type GridColDef } from '@mui/x-data-grid';
import { useMemo, useState } from 'react';
import type { Photo } from '#contract';
import type { PlannedPicture } from '#core/photo';
import { useKeepPhotoWords } from '../../api/photos.ts';
import { useComplain } from '../../parts/actions.ts';
import { ActionBar } from '../../parts/Drop.tsx';
import { gridLook } from '../../parts/grid.ts';
import { Fill, Soft } from '../../parts/layout.tsx';
import {
  cellsNow,
  filledDown,
  isReadable,
  pastedFrom,
  rowOf,
  wordColumns,
  wordsIn,
  type Cell,
  type WordColumn,
  type WordRow,
} from './wordCells.ts';

const LABELS: Readonly<Record<WordColumn, string>> = {
  name: 'New name',
  place: 'Place',
  subject: 'Subject',
  title: 'Title',
  headline: 'Headline',
  caption: 'Caption',
  alt: 'Alternative text',
  keywords: 'Keywords',
};

const columns: readonly GridColDef<WordRow>[] = [
  { field: 'file', headerName: 'File', width: 130, cellClassName: 'soft' },
  ...wordColumns.map((field): GridColDef<WordRow> => ({
    field,
    headerName: LABELS[field],
    flex: 1,
    minWidth: 110,
    editable: true,
    renderCell: ({ row }) => row[field] || <Soft>{row.planned[field]}</Soft>,
  })),
];

const isWordColumn = (field: string): field is WordColumn => wordColumns.some((one) => one === field);

/** Keeps cells, and remembers what they said before. */
function useCells(branchId: number, rows: readonly WordRow[]) {
  const keeping = useKeepPhotoWords(branchId);
  const complain = useComplain();
  const [past, setPast] = useState<readonly (readonly Cell[])[]>([]);
  const send = (cells: readonly Cell[]): Promise<unknown> =>
    keeping.mutateAsync({ photos: wordsIn(cells) }).catch(complain);
  return {
    keep: async (given: readonly Cell[]): Promise<void> => {
      const unread = given.find((cell) => !isReadable(cell));
      if (unread)
        complain(
          new Error(`“${unread.text}” is no place: latitude and longitude are wanted. It was not kept.`),
        );
      const cells = given.filter(isReadable);
      if (cells.length === 0) return;
      setPast([...past, cellsNow(rows, cells)]);
      await send(cells);
    },
    undo: past.length > 0 && {
      run: (): void => {
        const last = past.at(-1) ?? [];
        setPast(past.slice(0, -1));
        void send(last);
      },
    },
  };
}

/** The words of each picture, a row each, edited in place like a spreadsheet. */
export function WordsGrid({
  branchId,
  photos,
  planned,
}: {
  branchId: number;
  photos: readonly Photo[];
  /** What is written into each, where nothing was typed for it. */
  planned: ReadonlyMap<number, PlannedPicture>;
}) {
  const rows = useMemo(() => photos.map((photo) => rowOf(photo, planned.get(photo.id))), [photos, planned]);
  const { keep, undo } = useCells(branchId, rows);
  const [at, setAt] = useState<{ id: number; column: WordColumn } | undefined>();
  const below = at ? filledDown(rows, at.id, at.column) : [];
  return (
    <>
      <ActionBar>
        <Button disabled={below.length === 0} onClick={() => void keep(below)}>
          Fill down
        </Button>
        <Button disabled={!undo} onClick={() => undo && undo.run()}>
          Undo
        </Button>
        <Fill />
        <Soft>
          Enter or F2 edits a cell; a column copied from a spreadsheet is pasted from the chosen cell on. Grey
          is what the stamp makes; what is typed here stays with the photo.
        </Soft>
      </ActionBar>
      <Box
        sx={{ minHeight: 0, flex: 1 }}
        onPaste={(event) => {
          const pasted = event.clipboardData.getData('text/plain');
          // A cell that is being edited takes what is pasted itself.
          if (!at || event.target instanceof HTMLInputElement) return;
          event.preventDefault();
          void keep(pastedFrom(rows, at.id, at.column, pasted));
        }}
      >
        <DataGrid
          {...gridLook}
          aria-label="Words of the photos"
          rows={rows}
          columns={columns}
          disableRowSelectionOnClick
          onCellClick={({ id, field }) =>
            setAt(isWordColumn(field) ? { id: Number(id), column: field } : undefined)
          }
          onCellKeyDown={({ id, field }) =>
            setAt(isWordColumn(field) ? { id: Number(id), column: field } : undefined)
          }
          processRowUpdate={async (next, before) => {
            const changed = wordColumns.filter((column) => next[column] !== before[column]);
            await keep(changed.map((column) => ({ id: next.id, column, text: next[column] })));
            return next;
          }}
        />
      </Box>
    </>
  );
}
