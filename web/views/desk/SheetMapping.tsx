import { Box, MenuItem, Select, Table, TableBody, TableCell, TableHead, TableRow } from '@mui/material';
import { allColumns, columnLabel, type Column } from '#core/intake';
import { Line } from '../../parts/layout.tsx';
import { RowMenu } from '../../parts/RowMenu.tsx';
import { colour, typeSize } from '../../theme.ts';
import type { Repair, SheetHead } from './intake.worker.ts';

const sample = {
  maxWidth: 220,
  overflow: 'hidden',
  textOverflow: 'ellipsis',
  whiteSpace: 'nowrap',
  color: 'text.secondary',
} as const;

/** What a column holds, or that it is not taken. */
const Holds = ({
  heading,
  column,
  onChange,
}: {
  heading: string;
  column: Column | undefined;
  onChange: (column: Column | undefined) => void;
}) => (
  <Select
    size="small"
    variant="standard"
    fullWidth
    displayEmpty
    value={column ?? ''}
    onChange={({ target }) => onChange(allColumns.find((one) => one === target.value))}
    inputProps={{ 'aria-label': `What ${heading} holds` }}
    sx={{ fontSize: typeSize.body, fontWeight: 400, color: column ? colour.plum : colour.middle }}
  >
    <MenuItem value="">not taken</MenuItem>
    {allColumns.map((one) => (
      <MenuItem key={one} value={one}>
        {columnLabel(one)}
      </MenuItem>
    ))}
  </Select>
);

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
                <Line sx={{ justifyContent: 'space-between' }}>
                  {heading || `Column ${at + 1}`}
                  <RowMenu
                    label={`column ${heading}`}
                    items={[
                      ['Fill blank cells …', () => onRepair(at, 'fill')],
                      ['Replace in all cells …', () => onRepair(at, 'replace')],
                    ]}
                  />
                </Line>
                <Holds
                  heading={heading}
                  column={mapping[at]}
                  onChange={(column) => {
                    onChange(
                      mapping.map((one, place) => (place === at ? column : one === column ? undefined : one)),
                    );
                  }}
                />
              </TableCell>
            ))}
          </TableRow>
        </TableHead>
        <TableBody>
          {head.samples.map((row, at) => (
            <TableRow key={at}>
              {head.headings.map((_, column) => (
                <TableCell key={column} sx={sample}>
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
