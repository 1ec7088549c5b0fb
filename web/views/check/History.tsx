import {
  Box,
  Button,
  ButtonBase,
  Checkbox,
  Table,
  TableBody,
  TableCell,
  TableHead,
  TableRow,
} from '@mui/material';
import { useQueryClient } from '@tanstack/react-query';
import { useSnackbar } from 'notistack';
import { useState } from 'react';
import type { KeptCheck } from '#contract';
import { deleteCheck, restoreCheck, useChecks, useComparison } from '../../api/checks.ts';
import { refresh } from '../../api/request.ts';
import { useComplain } from '../../parts/actions.ts';
import { ActionBar } from '../../parts/Drop.tsx';
import { EmptyState, Failure, Loading } from '../../parts/Notice.tsx';
import { undoButton } from '../../parts/UndoButton.tsx';
import { FoundList } from './SiteResults.tsx';
import { typeSize } from '../../theme.ts';

/** The kept checks of a client, and what became of the findings between two of them. */
export default function HistoryOfChecks({
  clientId,
  before,
  after,
  onCheck,
  onCompare,
}: {
  clientId: number;
  before: number;
  after: number;
  onCheck: (id: number) => void;
  onCompare: (before: number, after: number) => void;
}) {
  const { data, error } = useChecks(clientId);
  const [chosen, setChosen] = useState<readonly number[]>([]);
  const remove = useRemoveCheck();
  if (error && !data) return <Failure error={error} />;
  if (!data) return <Loading />;
  if (before > 0 && after > 0)
    return (
      <Compared
        before={before}
        after={after}
        onBack={() => {
          onCompare(0, 0);
        }}
      />
    );
  const [newer, older] = chosen.length === 2 ? [Math.max(...chosen), Math.min(...chosen)] : [0, 0];
  return (
    <Box sx={{ height: '100%', overflow: 'auto' }} tabIndex={-1}>
      <ActionBar>
        <Box sx={{ color: 'text.secondary' }}>
          {chosen.length === 2 ? 'Two checks chosen' : 'Choose two checks to compare them'}
        </Box>
        <Button
          disabled={chosen.length !== 2}
          onClick={() => {
            onCompare(older, newer);
          }}
        >
          Compare
        </Button>
      </ActionBar>
      {data.checks.length === 0 ? (
        <EmptyState title="No check kept yet.">
          “Keep this check” keeps a source with its findings; checks of a site are kept by themselves. Two of
          them can be compared: what is new, what is gone, what is still there.
        </EmptyState>
      ) : (
        <Table size="small" aria-label="Kept checks">
          <TableHead>
            <TableRow>
              <TableCell sx={{ width: 40 }} />
              <TableCell>Checked</TableCell>
              <TableCell>When</TableCell>
              <TableCell align="right">Pages</TableCell>
              <TableCell align="right">must</TableCell>
              <TableCell align="right">should</TableCell>
              <TableCell align="right">note</TableCell>
              <TableCell />
            </TableRow>
          </TableHead>
          <TableBody>
            {data.checks.map((check) => (
              <TableRow key={check.id} data-check={check.id}>
                <TableCell padding="checkbox">
                  <Checkbox
                    size="small"
                    checked={chosen.includes(check.id)}
                    onChange={() => {
                      setChosen((now) =>
                        now.includes(check.id)
                          ? now.filter((one) => one !== check.id)
                          : [...now, check.id].slice(-2),
                      );
                    }}
                    slotProps={{ input: { 'aria-label': `Compare ${check.title}, ${when(check)}` } }}
                  />
                </TableCell>
                <TableCell sx={{ overflowWrap: 'anywhere' }}>
                  <ButtonBase
                    onClick={() => {
                      onCheck(check.id);
                    }}
                    sx={{ font: 'inherit', textAlign: 'left', '&:hover': { textDecoration: 'underline' } }}
                  >
                    {check.title}
                  </ButtonBase>
                </TableCell>
                <TableCell>{when(check)}</TableCell>
                <TableCell align="right">
                  {check.done < check.total ? `${String(check.done)} of ${String(check.total)}` : check.total}
                </TableCell>
                <TableCell align="right">{check.summary.must}</TableCell>
                <TableCell align="right">{check.summary.should}</TableCell>
                <TableCell align="right">{check.summary.note}</TableCell>
                <TableCell align="right">
                  <Button
                    onClick={() => {
                      remove(check);
                    }}
                    sx={{ py: 0 }}
                    aria-label={`Delete ${check.title}, ${when(check)}`}
                  >
                    Delete
                  </Button>
                </TableCell>
              </TableRow>
            ))}
          </TableBody>
        </Table>
      )}
    </Box>
  );
}

const when = ({ begun }: KeptCheck): string =>
  new Date(begun).toLocaleString(undefined, { dateStyle: 'medium', timeStyle: 'short' });

function useRemoveCheck(): (check: KeptCheck) => void {
  const queries = useQueryClient();
  const { enqueueSnackbar, closeSnackbar } = useSnackbar();
  const complain = useComplain();
  const askAnew = (): Promise<unknown> => refresh(queries, 'checks');
  return (check) => {
    deleteCheck(check.id)
      .then(askAnew)
      .then(() => {
        const key = enqueueSnackbar(`The check of ${check.title} was deleted.`, {
          autoHideDuration: 12_000,
          action: undoButton(() => {
            closeSnackbar(key);
            restoreCheck(check.id).then(askAnew).catch(complain);
          }),
        });
      })
      .catch(complain);
  };
}

function Compared({ before, after, onBack }: { before: number; after: number; onBack: () => void }) {
  const { data, error } = useComparison(before, after);
  if (error) return <Failure error={error} />;
  if (!data) return <Loading />;
  const parts = [
    ['New', data.new, 'Nothing new.'],
    ['Gone', data.gone, 'Nothing is gone.'],
    ['Still there', data.still, 'Nothing is still there.'],
  ] as const;
  return (
    <Box sx={{ height: '100%', overflow: 'auto' }} tabIndex={-1}>
      <ActionBar>
        <Button onClick={onBack}>Back</Button>
        <Box sx={{ overflowWrap: 'anywhere' }}>
          <b>{data.after.title}</b>, {when(data.after)}, against <b>{data.before.title}</b>,{' '}
          {when(data.before)}
        </Box>
      </ActionBar>
      {data.ignored > 0 && (
        <Box sx={{ px: 2, pt: 1, color: 'text.secondary' }}>
          {data.ignored === 1 ? '1 finding' : `${String(data.ignored)} findings`} of before{' '}
          {data.ignored === 1 ? 'is' : 'are'} ignored now, and so neither gone nor there.
        </Box>
      )}
      {parts.map(([title, list, none]) => (
        <Box key={title} component="section" aria-label={title}>
          <Box component="h2" sx={{ m: 0, px: 2, py: 1, fontSize: typeSize.text }}>
            {title}: {list.length}
          </Box>
          {list.length === 0 ? (
            <Box sx={{ px: 2, pb: 1, color: 'text.secondary' }}>{none}</Box>
          ) : (
            <FoundList list={list} label={`${title}: findings`} pages />
          )}
        </Box>
      ))}
    </Box>
  );
}
