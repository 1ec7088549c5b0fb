import { Table, TableBody, TableCell, TableHead, TableRow } from '@mui/material';
import { useVirtualizer } from '@tanstack/react-virtual';
import { useEffect, useMemo, useRef } from 'react';
import type { ClientSummary } from '#contract';
import type { DeskChoice } from '../../api/queries.ts';
import { Scroll } from '../../parts/layout.tsx';
import { colour } from '../../theme.ts';
import { BranchRow } from './BranchRow.tsx';
import { ClientRow } from './ClientRow.tsx';
import type { Naming } from './naming.tsx';
import { deskRows, ROW_HEIGHT, useBranchesInSight, useCollapsed } from './rows.ts';

const OVERSCAN = 12;
const COLUMNS = [
  ['Branch', 'auto'],
  ['Record', 130],
  ['Pages', 160],
  ['Photos', 150],
  ['Next', 190],
] as const;

const look = {
  tableLayout: 'fixed',
  minWidth: 900,
  // The branch stays in sight where the table is wider than the screen.
  '& th:first-of-type': { position: 'sticky', left: 0, zIndex: 1, backgroundColor: 'inherit' },
  '& tbody tr': { backgroundColor: colour.paper },
  '& td, & th': { whiteSpace: 'nowrap', overflow: 'hidden', textOverflow: 'ellipsis' },
} as const;

interface Asking {
  readonly onName: (naming: Naming) => void;
  readonly onClient: (over: 'import' | 'bulk', client: ClientSummary) => void;
}

/** Clients and branches as one table, of which only the rows in sight are drawn. `made` is brought into sight and focused. */
export function DeskTable({
  clients,
  choice,
  made,
  onShown,
  ...asking
}: {
  clients: readonly ClientSummary[];
  choice: DeskChoice;
  made: number;
  onShown: () => void;
} & Asking) {
  const [collapsed, toggle] = useCollapsed();
  const surface = useRef<HTMLDivElement>(null);
  const rows = useMemo(() => deskRows(clients, collapsed), [clients, collapsed]);
  // eslint-disable-next-line react-hooks/incompatible-library -- its functions are called here only, never memoised
  const virtual = useVirtualizer({
    count: rows.length,
    getScrollElement: () => surface.current,
    estimateSize: () => ROW_HEIGHT,
    overscan: OVERSCAN,
    initialRect: { width: 1200, height: 800 },
  });
  const madeAt = made === 0 ? -1 : rows.findIndex((row) => row.kind === 'client' && row.client.id === made);
  useEffect(() => {
    if (madeAt < 0) return;
    virtual.scrollToIndex(madeAt, { align: 'start' });
    const focus = requestAnimationFrame(() => {
      document.querySelector<HTMLElement>(`[data-client="${made}"] button`)?.focus();
      onShown();
    });
    return () => cancelAnimationFrame(focus);
  }, [madeAt, made, virtual, onShown]);
  const shown = virtual.getVirtualItems();
  const inSight = shown.flatMap(({ index }) => rows[index] ?? []);
  const branchAt = useBranchesInSight(inSight, choice);
  return (
    <Scroll ref={surface} tabIndex={0} aria-label="Clients and branches, scrollable" role="region">
      <Table
        size="small"
        stickyHeader
        aria-label="Clients and branches"
        aria-rowcount={rows.length}
        sx={look}
      >
        <Head />
        <TableBody>
          <Spacer height={shown[0]?.start ?? 0} />
          {inSight.map((row) => {
            const { id } = row.client;
            if (row.kind === 'none') return <NoBranch key={`none ${id}`} />;
            if (row.kind === 'branch')
              return (
                <BranchRow
                  key={`${id} ${row.at}`}
                  branch={branchAt(row.client, row.at)}
                  onName={asking.onName}
                />
              );
            return (
              <ClientRow
                key={`client ${id}`}
                client={row.client}
                collapsed={collapsed.has(id)}
                onToggle={() => toggle(id)}
                {...asking}
              />
            );
          })}
          <Spacer height={virtual.getTotalSize() - (shown.at(-1)?.end ?? 0)} />
        </TableBody>
      </Table>
    </Scroll>
  );
}

const Head = () => (
  <TableHead>
    <TableRow>
      {COLUMNS.map(([title, width]) => (
        <TableCell key={title} sx={{ width }}>
          {title}
        </TableCell>
      ))}
      <TableCell aria-label="Actions" sx={{ width: 60 }} />
    </TableRow>
  </TableHead>
);

const NoBranch = () => (
  <TableRow sx={{ height: ROW_HEIGHT }}>
    <TableCell colSpan={6} sx={{ color: 'text.secondary' }}>
      No branch yet. Add one to begin its record, or take several in from a spreadsheet.
    </TableCell>
  </TableRow>
);

/** Stands for the rows out of sight. */
const Spacer = ({ height }: { height: number }) =>
  height > 0 ? (
    <tr aria-hidden="true" style={{ height }}>
      <td colSpan={6} style={{ padding: 0, border: 0 }} />
    </tr>
  ) : null;
