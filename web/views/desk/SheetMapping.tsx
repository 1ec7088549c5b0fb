import { Box, MenuItem, Select, Table, TableBody, TableCell, TableHead, TableRow } from '@mui/material';
import { allColumns, columnLabel, type Column } from '#core/intake';
import { RowMenu } from '../../parts/RowMenu.tsx';
import { colour } from '../../theme.ts';
import type { Repair, SheetHead } from './intake.worker.ts';

/** Each column of the file with what it holds. */
export function SheetMapping({
  head,
  mapping,
  onChange,
  onRepair,
}: {
  head: Extract<SheetHead, { ok: true }>;
  mapping: readonly (Column | undefined)[];
  onChange: (mapping: readonly (Column | undefined)[]) => void;
  onRepair: (column: number, kind: Repair['kind']) => void;
}) {
  return (
    <Box
      tabIndex={0}
      role="region"
      aria-label="Columns"
      sx={{ overflowX: 'auto', border: `1px solid ${colour.light}`, flex: 'none' }}
    >
      <Table size="small">
        <TableHead>
          <TableRow>
            {head.headings.map((heading, at) => (
              <TableCell key={at} sx={{ minWidth: 130 }}>
                <Box sx={{ display: 'flex', justifyContent: 'space-between', gap: 0.5 }}>
                  {heading || `Column ${String(at + 1)}`}
                  <RowMenu
                    label={`column ${heading}`}
                    items={[
                      [
                        'Fill blank cells …',
                        () => {
                          onRepair(at, 'fill');
                        },
                      ],
                      [
                        'Replace in all cells …',
                        () => {
                          onRepair(at, 'replace');
                        },
                      ],
                    ]}
                  />
                </Box>
                <Select
                  size="small"
                  variant="standard"
                  fullWidth
                  displayEmpty
                  value={mapping[at] ?? ''}
                  onChange={({ target }) => {
                    const column = allColumns.find((one) => one === target.value);
                    onChange(
                      mapping.map((one, place) => (place === at ? column : one === column ? undefined : one)),
                    );
                  }}
                  inputProps={{ 'aria-label': `What ${heading} holds` }}
                  sx={{ fontSize: 13, fontWeight: 400, color: mapping[at] ? colour.plum : colour.middle }}
                >
                  <MenuItem value="">not taken</MenuItem>
                  {allColumns.map((column) => (
                    <MenuItem key={column} value={column}>
                      {columnLabel(column)}
                    </MenuItem>
                  ))}
                </Select>
              </TableCell>
            ))}
          </TableRow>
        </TableHead>
        <TableBody>
          {head.samples.map((row, at) => (
            <TableRow key={at}>
              {head.headings.map((_, column) => (
                <TableCell
                  key={column}
                  sx={{
                    maxWidth: 220,
                    overflow: 'hidden',
                    textOverflow: 'ellipsis',
                    whiteSpace: 'nowrap',
                    color: 'text.secondary',
                  }}
                >
                  {row[column]}
                </TableCell>
              ))}
            </TableRow>
          ))}
        </TableBody>
      </Table>
    </Box>
  );
}
