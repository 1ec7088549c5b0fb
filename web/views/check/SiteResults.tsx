import { Box, Button, Table, TableBody, TableCell, TableHead, TableRow, TextField } from '@mui/material';
import { styled } from '@mui/material/styles';
import { useState } from 'react';
import type { CheckedPage, Found, ShownCheck } from '#contract';
import { askCheckedSource } from '../../api/checks.ts';
import { useComplain } from '../../parts/actions.ts';
import { Fill, Line, Soft } from '../../parts/layout.tsx';
import { colour, typeSize } from '../../theme.ts';
import { FindingFilterBar, useFindingFilter } from './FindingFilter.tsx';
import { FoundList } from './FoundList.tsx';
import { PageRows } from './PageRows.tsx';
import type { GivenSource } from './useKeptSource.ts';

const MOST_SHOWN = 200;

/** The pages of a check as a table, the worst first, with what the site as a whole has wrong above it. */
export function SiteResults({
  shown,
  onSource,
}: {
  shown: ShownCheck;
  onSource: (source: GivenSource) => void;
}) {
  const { check, pages, siteFindings, ignored } = shown;
  const filter = useFindingFilter();
  const [words, setWords] = useState('');
  const rows = pages.filter(
    ({ url, codes }) =>
      url.toLowerCase().includes(words.trim().toLowerCase()) &&
      (!filter.narrows || Object.keys(codes).some(filter.fits)),
  );
  const fits = ({ finding }: Found): boolean => filter.fits(finding.code);
  if (pages.length === 0 && siteFindings.length === 0) return null;
  return (
    <>
      <Bar>
        <FindingFilterBar filter={filter} counts={check.summary} />
        <TextField
          value={words}
          onChange={({ target }) => setWords(target.value)}
          placeholder="Filter pages"
          slotProps={{ htmlInput: { 'aria-label': 'Filter pages' } }}
          sx={{ width: 220, '& input': { py: 0.4, fontSize: typeSize.body } }}
        />
        <Fill />
        {ignored > 0 && <Soft>{ignored} ignored</Soft>}
      </Bar>
      <FoundList list={siteFindings.filter(fits)} label="Findings of the whole site" />
      <PagesChecked shown={shown} rows={rows} fits={fits} onSource={onSource} />
    </>
  );
}

const Bar = styled(Line)({ gap: 8, padding: '6px 16px', borderTop: `1px solid ${colour.light}` });

/** The columns after the page, and how wide they are. */
const COLUMNS: readonly (readonly [head: string, width: number | string, align: 'left' | 'right'])[] = [
  ['must', 62, 'right'],
  ['should', 66, 'right'],
  ['note', 58, 'right'],
  ['Carries', '34%', 'left'],
  ['', 130, 'left'],
];

/** The table, one page of it open at a time. */
function PagesChecked({
  shown: { check, branches },
  rows,
  fits,
  onSource,
}: {
  shown: ShownCheck;
  rows: readonly CheckedPage[];
  fits: (found: Found) => boolean;
  onSource: (source: GivenSource) => void;
}) {
  const [most, setMost] = useState(MOST_SHOWN);
  const [open, setOpen] = useState(0);
  const complain = useComplain();
  const label = (id: number | null): string => branches.find((branch) => branch.id === id)?.label ?? '';
  const openSource = (page: CheckedPage): void => {
    askCheckedSource(check.id, page.id).then(
      ({ url, text }) => onSource({ name: page.url, url, text }),
      complain,
    );
  };
  return (
    <>
      <Table size="small" aria-label="Pages checked" sx={{ tableLayout: 'fixed' }}>
        <TableHead>
          <TableRow>
            <TableCell>Page</TableCell>
            {COLUMNS.map(([head, width, align]) => (
              <TableCell key={head} sx={{ width }} align={align}>
                {head}
              </TableCell>
            ))}
          </TableRow>
        </TableHead>
        <TableBody>
          {rows.slice(0, most).map((page) => (
            <PageRows
              key={page.id}
              page={page}
              label={label}
              checkId={check.id}
              fits={fits}
              open={open === page.id}
              onOpen={() => setOpen(open === page.id ? 0 : page.id)}
              onSource={() => openSource(page)}
            />
          ))}
        </TableBody>
      </Table>
      {rows.length === 0 && <Box sx={{ p: 2, color: 'text.secondary' }}>No page fits.</Box>}
      {rows.length > most && (
        <Box sx={{ px: 2, py: 1 }}>
          <Button onClick={() => setMost(rows.length)}>Show the other {rows.length - most} pages</Button>
        </Box>
      )}
    </>
  );
}
