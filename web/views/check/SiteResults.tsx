import {
  Box,
  Button,
  ButtonBase,
  Table,
  TableBody,
  TableCell,
  TableHead,
  TableRow,
  TextField,
} from '@mui/material';
import { useState } from 'react';
import type { CheckedPage, Found, FoundOnPage, ShownCheck } from '#contract';
import { syntaxName } from '#core/item';
import { askCheckedSource, useFoundOnPage } from '../../api/checks.ts';
import { useComplain } from '../../parts/actions.ts';
import { GradeMark } from '../../parts/Marks.tsx';
import { Failure, Loading } from '../../parts/Notice.tsx';
import { colour, mono, typeSize } from '../../theme.ts';
import { FindingFilterBar, useFindingFilter } from './FindingFilter.tsx';
import type { GivenSource } from './SourceCheck.tsx';

const MOST_SHOWN = 200;

/** The pages of a check as a table, the worst first, with what the site as a whole has wrong above it. */
export function SiteResults({
  shown,
  onSource,
}: {
  shown: ShownCheck;
  onSource: (source: GivenSource) => void;
}) {
  const { check, pages, siteFindings, branches, ignored } = shown;
  const filter = useFindingFilter();
  const [words, setWords] = useState('');
  const [most, setMost] = useState(MOST_SHOWN);
  const [open, setOpen] = useState(0);
  const complain = useComplain();
  const label = (id: number | null): string => branches.find((branch) => branch.id === id)?.label ?? '';
  const fits = ({ finding }: Found): boolean => filter.fits(finding.code);
  const rows = pages.filter(
    ({ url, codes }) =>
      url.toLowerCase().includes(words.trim().toLowerCase()) &&
      (!filter.narrows || Object.keys(codes).some(filter.fits)),
  );
  const openSource = (page: CheckedPage): void => {
    askCheckedSource(check.id, page.id).then(({ url, text }) => {
      onSource({ name: page.url, url, text });
    }, complain);
  };
  if (pages.length === 0 && siteFindings.length === 0) return null;
  return (
    <>
      <Box
        sx={{
          display: 'flex',
          gap: 1,
          alignItems: 'center',
          px: 2,
          py: 0.75,
          borderTop: `1px solid ${colour.light}`,
        }}
      >
        <FindingFilterBar filter={filter} counts={check.summary} />
        <TextField
          value={words}
          onChange={({ target }) => {
            setWords(target.value);
          }}
          placeholder="Filter pages"
          slotProps={{ htmlInput: { 'aria-label': 'Filter pages' } }}
          sx={{ width: 220, '& input': { py: 0.4, fontSize: typeSize.body } }}
        />
        <Box sx={{ flex: 1 }} />
        {ignored > 0 && <Box sx={{ color: 'text.secondary' }}>{ignored} ignored</Box>}
      </Box>
      <FoundList list={siteFindings.filter(fits)} label="Findings of the whole site" />
      <Table size="small" aria-label="Pages checked" sx={{ tableLayout: 'fixed' }}>
        <TableHead>
          <TableRow>
            <TableCell>Page</TableCell>
            <TableCell sx={{ width: 62 }} align="right">
              must
            </TableCell>
            <TableCell sx={{ width: 66 }} align="right">
              should
            </TableCell>
            <TableCell sx={{ width: 58 }} align="right">
              note
            </TableCell>
            <TableCell sx={{ width: '34%' }}>Carries</TableCell>
            <TableCell sx={{ width: 130 }} />
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
              onOpen={() => {
                setOpen(open === page.id ? 0 : page.id);
              }}
              onSource={() => {
                openSource(page);
              }}
            />
          ))}
        </TableBody>
      </Table>
      {rows.length === 0 && <Box sx={{ p: 2, color: 'text.secondary' }}>No page fits.</Box>}
      {rows.length > most && (
        <Box sx={{ px: 2, py: 1 }}>
          <Button
            onClick={() => {
              setMost(rows.length);
            }}
          >
            Show the other {rows.length - most} pages
          </Button>
        </Box>
      )}
    </>
  );
}

function PageRows({
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
          <ButtonBase
            onClick={onOpen}
            aria-expanded={open}
            sx={{ font: 'inherit', textAlign: 'left', '&:hover': { textDecoration: 'underline' } }}
          >
            {url}
          </ButtonBase>
          {finalUrl && (
            <Box sx={{ fontSize: typeSize.small, color: 'text.secondary' }}>leads to {finalUrl}</Box>
          )}
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
          {ownBranchId !== null && (
            <Box sx={{ fontSize: typeSize.small, color: 'text.secondary' }}>page of {label(ownBranchId)}</Box>
          )}
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

/** Findings with their pages' lines, without their sources. */
export function FoundList({
  list,
  label,
  pages = false,
}: {
  list: readonly Found[];
  label: string;
  pages?: boolean;
}) {
  if (list.length === 0) return null;
  return (
    <Box component="ul" aria-label={label} sx={{ listStyle: 'none', m: 0, p: 0 }}>
      {list.slice(0, MOST_SHOWN).map(({ finding, page }, at) => (
        <Box
          component="li"
          key={`${finding.code} ${String(at)}`}
          data-code={finding.code}
          sx={{
            display: 'flex',
            gap: 1,
            px: 2,
            py: 0.5,
            borderBottom: `1px solid ${colour.light}`,
            alignItems: 'baseline',
          }}
        >
          <GradeMark grade={finding.grade} />
          <Box sx={{ flex: 1, minWidth: 0, overflowWrap: 'anywhere' }}>
            {finding.message}{' '}
            <Box component="span" sx={{ color: 'text.secondary', fontSize: typeSize.small }}>
              {finding.code}
            </Box>
            {pages && (
              <Box sx={{ color: 'text.secondary', fontSize: typeSize.small }}>{page || 'the whole site'}</Box>
            )}
          </Box>
          {finding.place.end > 0 && (
            <Box sx={{ color: 'text.secondary', fontSize: typeSize.note, whiteSpace: 'nowrap' }}>
              line {finding.place.line}, column {finding.place.column}
            </Box>
          )}
        </Box>
      ))}
    </Box>
  );
}
