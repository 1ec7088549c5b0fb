import { Box, Button, Checkbox, Table, TableBody, TableCell, TableHead, TableRow } from '@mui/material';
import { useQueryClient } from '@tanstack/react-query';
import { useSnackbar } from 'notistack';
import { useState } from 'react';
import type { KeptCheck } from '#contract';
import { counted } from '#core/text';
import { deleteCheck, restoreCheck, useChecks, useComparison } from '../../api/checks.ts';
import { refresh } from '../../api/request.ts';
import { useComplain } from '../../parts/actions.ts';
import { ActionBar } from '../../parts/Drop.tsx';
import { PartHead, Soft } from '../../parts/layout.tsx';
import { EmptyState, Failure, Loading } from '../../parts/Notice.tsx';
import { Opener } from '../../parts/Opener.tsx';
import { undoButton } from '../../parts/UndoButton.tsx';
import { FoundList } from './FoundList.tsx';

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
  if (error && !data) return <Failure error={error} />;
  if (!data) return <Loading />;
  if (before > 0 && after > 0)
    return <Compared before={before} after={after} onBack={() => onCompare(0, 0)} />;
  const [newer, older] = chosen.length === 2 ? [Math.max(...chosen), Math.min(...chosen)] : [0, 0];
  return (
    <Box sx={{ height: '100%', overflow: 'auto' }} tabIndex={-1}>
      <ActionBar>
        <Soft>{chosen.length === 2 ? 'Two checks chosen' : 'Choose two checks to compare them'}</Soft>
        <Button disabled={chosen.length !== 2} onClick={() => onCompare(older, newer)}>
          Compare
        </Button>
      </ActionBar>
      {data.checks.length === 0 ? (
        <EmptyState title="No check kept yet.">
          “Keep this check” keeps a source with its findings; checks of a site are kept by themselves. Two of
          them can be compared: what is new, what is gone, what is still there.
        </EmptyState>
      ) : (
        <KeptTable checks={data.checks} chosen={chosen} onChoose={setChosen} onOpen={onCheck} />
      )}
    </Box>
  );
}

const COUNTS = ['Pages', 'must', 'should', 'note'] as const;

/** The kept checks, two of which can be chosen. */
function KeptTable({
  checks,
  chosen,
  onChoose,
  onOpen,
}: {
  checks: readonly KeptCheck[];
  chosen: readonly number[];
  onChoose: (chosen: readonly number[]) => void;
  onOpen: (id: number) => void;
}) {
  const remove = useRemoveCheck();
  return (
    <Table size="small" aria-label="Kept checks">
      <TableHead>
        <TableRow>
          <TableCell sx={{ width: 40 }} />
          <TableCell>Checked</TableCell>
          <TableCell>When</TableCell>
          {COUNTS.map((head) => (
            <TableCell key={head} align="right">
              {head}
            </TableCell>
          ))}
          <TableCell />
        </TableRow>
      </TableHead>
      <TableBody>
        {checks.map((check) => (
          <CheckRow
            key={check.id}
            check={check}
            chosen={chosen.includes(check.id)}
            onChoose={() => {
              onChoose(
                chosen.includes(check.id)
                  ? chosen.filter((one) => one !== check.id)
                  : [...chosen, check.id].slice(-2),
              );
            }}
            onOpen={() => onOpen(check.id)}
            onDelete={() => remove(check)}
          />
        ))}
      </TableBody>
    </Table>
  );
}

/** One kept check, to choose, to open, to delete. */
function CheckRow({
  check,
  chosen,
  onChoose,
  onOpen,
  onDelete,
}: {
  check: KeptCheck;
  chosen: boolean;
  onChoose: () => void;
  onOpen: () => void;
  onDelete: () => void;
}) {
  const { id, title, done, total, summary } = check;
  const pages = done < total ? `${String(done)} of ${String(total)}` : total;
  return (
    <TableRow data-check={id}>
      <TableCell padding="checkbox">
        <Checkbox
          size="small"
          checked={chosen}
          onChange={onChoose}
          slotProps={{ input: { 'aria-label': `Compare ${title}, ${when(check)}` } }}
        />
      </TableCell>
      <TableCell sx={{ overflowWrap: 'anywhere' }}>
        <Opener onClick={onOpen}>{title}</Opener>
      </TableCell>
      <TableCell>{when(check)}</TableCell>
      {[pages, summary.must, summary.should, summary.note].map((count, at) => (
        <TableCell key={COUNTS[at]} align="right">
          {count}
        </TableCell>
      ))}
      <TableCell align="right">
        <Button onClick={onDelete} sx={{ py: 0 }} aria-label={`Delete ${title}, ${when(check)}`}>
          Delete
        </Button>
      </TableCell>
    </TableRow>
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
          {counted(data.ignored, 'finding')} of before {data.ignored === 1 ? 'is' : 'are'} ignored now, and so
          neither gone nor there.
        </Box>
      )}
      {parts.map(([title, list, none]) => (
        <Box key={title} component="section" aria-label={title}>
          <PartHead sx={{ px: 2 }}>
            {title}: {list.length}
          </PartHead>
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
