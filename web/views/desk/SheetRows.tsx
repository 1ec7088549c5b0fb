import { Box, Button, TextField } from '@mui/material';
import { useVirtualizer } from '@tanstack/react-virtual';
import { useMemo, useRef, useState } from 'react';
import { columnLabel, type Column } from '#core/intake';
import { factLabel, type Fact } from '#core/record';
import { GradeMark } from '../../parts/Marks.tsx';
import { colour } from '../../theme.ts';
import type { SheetRow } from './intake.worker.ts';
import { isFaulty, isSame } from './sheetRow.ts';

const ROW = 26;

const labelOf = (fact: Fact | 'label'): string => (fact === 'label' ? 'Label' : factLabel(fact));

/** What a row does, in a word. */
const stateOf = (row: SheetRow): string => (row.id === 0 ? 'new' : isSame(row) ? 'the same' : 'changes');

const cellsLook = {
  border: `1px solid ${colour.line}`,
  p: 1,
  display: 'flex',
  flexWrap: 'wrap',
  gap: 1,
  flex: 'none',
  maxHeight: 220,
  overflow: 'auto',
} as const;

/** What each row becomes, those with something to mend first; a chosen one can be edited cell by cell. */
export function SheetRows({
  rows,
  headings,
  mapping,
  cellsOf,
  onCell,
}: {
  rows: readonly SheetRow[];
  headings: readonly string[];
  mapping: readonly (Column | undefined)[];
  cellsOf: (row: number) => Promise<readonly string[]>;
  onCell: (row: number, column: number, text: string) => void;
}) {
  const surface = useRef<HTMLDivElement>(null);
  const [open, setOpen] = useState<{ readonly row: number; readonly cells: readonly string[] } | undefined>();
  const sorted = useMemo(
    () =>
      rows
        .map((row, at) => ({ row, at, rank: isFaulty(row) ? 0 : isSame(row) ? 2 : 1 }))
        .sort((a, b) => a.rank - b.rank || a.at - b.at),
    [rows],
  );
  // eslint-disable-next-line react-hooks/incompatible-library -- its functions are called here only, never memoised
  const virtual = useVirtualizer({
    count: sorted.length,
    getScrollElement: () => surface.current,
    estimateSize: () => ROW,
    overscan: 10,
  });
  const edit = (at: number): void => void cellsOf(at).then((cells) => setOpen({ row: at, cells }));
  return (
    <>
      {open && (
        <Cells
          key={open.row}
          {...open}
          headings={headings}
          mapping={mapping}
          onCell={onCell}
          onClose={() => setOpen(undefined)}
        />
      )}
      <Box
        ref={surface}
        tabIndex={0}
        role="list"
        aria-label="Rows"
        sx={{ height: 240, flex: 'none', overflow: 'auto', border: `1px solid ${colour.light}` }}
      >
        <Box sx={{ height: virtual.getTotalSize(), position: 'relative' }}>
          {virtual.getVirtualItems().map(({ index, start }) => {
            const one = sorted[index];
            return one ? (
              <Line
                key={index}
                top={start}
                row={one.row}
                at={one.at}
                canEdit={headings.length > 0}
                onEdit={edit}
              />
            ) : null;
          })}
        </Box>
      </Box>
    </>
  );
}

/** The cells of a row, to be written over. */
const Cells = ({
  row,
  cells,
  headings,
  mapping,
  onCell,
  onClose,
}: {
  row: number;
  cells: readonly string[];
  headings: readonly string[];
  mapping: readonly (Column | undefined)[];
  onCell: (row: number, column: number, text: string) => void;
  onClose: () => void;
}) => (
  <Box component="section" aria-label={`Cells of row ${row + 2}`} sx={cellsLook}>
    {mapping.map((column, at) =>
      column === undefined ? null : (
        <TextField
          key={at}
          label={`${headings[at] ?? ''} (${columnLabel(column)})`}
          defaultValue={cells[at] ?? ''}
          multiline={(cells[at] ?? '').includes('\n')}
          onBlur={({ target }) => {
            if (target.value !== (cells[at] ?? '')) onCell(row, at, target.value);
          }}
          sx={{ width: 230, mt: 0.5 }}
        />
      ),
    )}
    <Button onClick={onClose} sx={{ alignSelf: 'center' }}>
      Close row {row + 2}
    </Button>
  </Box>
);

function Line({
  top,
  row,
  at,
  canEdit,
  onEdit,
}: {
  top: number;
  row: SheetRow;
  at: number;
  canEdit: boolean;
  onEdit: (at: number) => void;
}) {
  const { label, record, faults, problem, changes } = row;
  const { streetAddress, addressLocality } = record.address;
  const told = changes
    .map(({ fact, before, after }) => `${labelOf(fact)}: ${before || 'nothing'} → ${after || 'nothing'}`)
    .join('; ');
  return (
    <Box
      role="listitem"
      data-row={stateOf(row)}
      sx={{
        position: 'absolute',
        top,
        left: 0,
        right: 0,
        height: ROW,
        display: 'grid',
        gridTemplateColumns: '44px 64px 170px 200px 1fr 56px',
        gap: 1,
        px: 1,
        alignItems: 'center',
        borderBottom: `1px solid ${colour.light}`,
        '& > *': { overflow: 'hidden', textOverflow: 'ellipsis', whiteSpace: 'nowrap' },
      }}
    >
      <Box sx={{ color: 'text.secondary' }}>{at + 2}</Box>
      <Box sx={{ color: isSame(row) ? 'text.secondary' : colour.plum }}>{stateOf(row)}</Box>
      <Box sx={{ fontWeight: 600 }}>{label || '(no label)'}</Box>
      <Box>{[streetAddress, addressLocality].filter(Boolean).join(', ')}</Box>
      <Box
        title={[problem, told, ...faults.map(({ message }) => message)].filter(Boolean).join('\n')}
        sx={{ display: 'flex', gap: 0.75 }}
      >
        <What row={row} told={told} />
      </Box>
      {canEdit && (
        <Button
          variant="text"
          aria-label={`Edit row ${String(at + 2)}`}
          onClick={() => onEdit(at)}
          sx={{ p: 0, fontWeight: 400 }}
        >
          Edit
        </Button>
      )}
    </Box>
  );
}

/** What keeps a row from coming in, what it changes, or what is to be improved in it. */
function What({ row, told }: { row: SheetRow; told: string }) {
  const [fault, ...more] = row.faults;
  if (row.problem)
    return (
      <>
        <GradeMark grade="must" /> {row.problem}
      </>
    );
  if (told && !isFaulty(row)) return told;
  return (
    fault && (
      <>
        <GradeMark grade={fault.grade} />
        {factLabel(fault.fact)}: {fault.message}
        {more.length > 0 && ` (and ${more.length} more)`}
      </>
    )
  );
}
