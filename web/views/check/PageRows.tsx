import { Box, Button, TableCell, TableRow } from '@mui/material';
import type { CheckedPage, Found, FoundOnPage } from '#contract';
import { syntaxName } from '#core/item';
import { useFoundOnPage } from '../../api/checks.ts';
import { Hint } from '../../parts/layout.tsx';
import { Failure, Loading } from '../../parts/Notice.tsx';
import { Opener } from '../../parts/Opener.tsx';
import { mono, typeSize } from '../../theme.ts';
import { FoundList } from './FoundList.tsx';

/** A page of a check as a row, and below it, when it is open, its findings. */
export function PageRows({
  page,
  label,
  checkId,
  fits,
  open,
  onOpen,
  onSource,
}: {
  page: CheckedPage;
  label: (id: number | null) => string;
  checkId: number;
  fits: (found: Found) => boolean;
  open: boolean;
  onOpen: () => void;
  onSource: () => void;
}) {
  const { url, summary, read, problem, carries, ownBranchId, finalUrl } = page;
  return (
    <>
      <TableRow data-page={url}>
        <TableCell sx={{ overflowWrap: 'anywhere' }}>
          <Opener onClick={onOpen} aria-expanded={open}>
            {url}
          </Opener>
          {finalUrl && <Hint>leads to {finalUrl}</Hint>}
          {problem && <Box sx={{ fontSize: typeSize.note, color: 'primary.main' }}>{problem}</Box>}
        </TableCell>
        {(['must', 'should', 'note'] as const).map((grade) => (
          <TableCell
            key={grade}
            align="right"
            sx={{ fontWeight: summary[grade] > 0 && grade !== 'note' ? 700 : 400 }}
          >
            {read ? summary[grade] : '—'}
          </TableCell>
        ))}
        <TableCell sx={{ overflowWrap: 'anywhere' }}>
          {ownBranchId !== null && <Hint>page of {label(ownBranchId)}</Hint>}
          {carriedText(carries, label)}
        </TableCell>
        <TableCell align="right">
          {page.size > 0 && (
            <Button onClick={onSource} sx={{ py: 0 }}>
              Open source
            </Button>
          )}
        </TableCell>
      </TableRow>
      {open && (
        <TableRow>
          <TableCell colSpan={6} sx={{ p: 0 }}>
            <PageFindings checkId={checkId} page={page} fits={fits} />
          </TableCell>
        </TableRow>
      )}
    </>
  );
}

function PageFindings({
  checkId,
  page,
  fits,
}: {
  checkId: number;
  page: CheckedPage;
  fits: (found: Found) => boolean;
}) {
  const { data, error } = useFoundOnPage(checkId, page.id);
  if (error) return <Failure error={error} />;
  if (!data) return <Loading />;
  const found = data.findings.filter(fits);
  return (
    <>
      {data.answer && <Answer answer={data.answer} />}
      {found.length === 0 ? (
        <Box sx={{ px: 2, py: 1 }}>No finding{page.read ? '' : '; the page was not read'}.</Box>
      ) : (
        <FoundList list={found} label={`Findings of ${page.url}`} />
      )}
      {data.leftOut > 0 && (
        <Box sx={{ px: 2, py: 1, color: 'text.secondary' }}>
          and {data.leftOut.toLocaleString('en')} more of this page, which are counted and not kept.
        </Box>
      )}
    </>
  );
}

/** What the host answered when the page was fetched. */
function Answer({ answer }: { answer: NonNullable<FoundOnPage['answer']> }) {
  const { status, url, size, milliseconds, fetched, headers } = answer;
  return (
    <Box
      component="details"
      sx={{ px: 2, py: 0.75, fontSize: typeSize.note, color: 'text.secondary', overflowWrap: 'anywhere' }}
    >
      <summary>
        Fetched {new Date(fetched).toLocaleString()}: status {status}, {(size / 1024).toFixed(1)} KB in{' '}
        {milliseconds} ms
      </summary>
      <Box component="dl" sx={{ m: 0, mt: 0.5, fontFamily: mono, '& dd': { display: 'inline', m: 0 } }}>
        {Object.entries({ address: url, ...headers }).map(([name, value]) => (
          <Box key={name}>
            <Box component="dt" sx={{ display: 'inline' }}>
              {name}:{' '}
            </Box>
            <dd>{value}</dd>
          </Box>
        ))}
      </Box>
    </Box>
  );
}

function carriedText(carries: CheckedPage['carries'], label: (id: number | null) => string): string {
  const said = carries.map(
    ({ syntax, name, branchId }) =>
      `${label(branchId) || `${name || 'a business'} (no branch)`} in ${syntaxName[syntax]}`,
  );
  return [...new Set(said)].slice(0, 6).join(', ') || 'no business';
}
