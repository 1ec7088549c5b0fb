import { Box, Button } from '@mui/material';
import { useDeferredValue, useMemo, useState, type KeyboardEvent } from 'react';
import type { Branch } from '#contract';
import { judgeRecord, lackingFacts, type Fact } from '#core/record';
import { useBranch } from '../../api/queries.ts';
import { Failure, Loading } from '../../parts/Notice.tsx';
import { useBranchId } from '../../parts/place.ts';
import { WithTray } from '../../parts/Tray.tsx';
import { colour } from '../../theme.ts';
import { FactSheet } from './FactSheet.tsx';
import { MarkupTray } from './MarkupTray.tsx';
import { useDraft, type Draft } from './useDraft.ts';

/** The facts of a branch as a dense sheet, with what they turn into in the tray. */
export default function Record() {
  const branchId = useBranchId();
  const { data, error, refetch } = useBranch(branchId);
  if (error && !data)
    return <Failure error={error} retry={<Button onClick={() => void refetch()}>Try again</Button>} />;
  if (!data) return <Loading />;
  return <RecordOf key={branchId} branch={data} />;
}

function RecordOf({ branch }: { branch: Branch }) {
  const draft = useDraft(branch);
  const [pointed, setPointed] = useState<readonly Fact[]>([]);
  const { record } = draft;
  // The tray follows as soon as there is time; the letter just typed comes first.
  const settled = useDeferredValue(record);
  const faults = useMemo(() => judgeRecord(record), [record]);
  const keys = (event: KeyboardEvent): void => {
    if (!(event.ctrlKey || event.metaKey) || event.key.toLowerCase() !== 'z') return;
    event.preventDefault();
    if (event.shiftKey) draft.redo();
    else draft.undo();
  };
  return (
    <Box onKeyDownCapture={keys} sx={{ height: '100%' }}>
      <WithTray
        name="record"
        label="Markup"
        height={310}
        tray={<MarkupTray record={settled} label={branch.label} pointed={pointed} onPoint={setPointed} />}
      >
        <SaveBar
          draft={draft}
          faults={faults.filter(({ grade }) => grade !== 'note').length}
          lacking={lackingFacts(record)}
        />
        <FactSheet record={record} faults={faults} onSet={draft.set} pointed={pointed} onPoint={setPointed} />
      </WithTray>
    </Box>
  );
}

const SAVE_WORDS = {
  saved: 'All saved',
  typing: 'Not saved yet …',
  saving: 'Saving …',
  kept: 'Not saved',
  conflict: 'Saved elsewhere',
} as const;

function SaveBar({ draft, faults, lacking }: { draft: Draft; faults: number; lacking: readonly string[] }) {
  const { state } = draft;
  const trouble = state.kind === 'kept' || state.kind === 'conflict';
  return (
    <Box
      sx={{
        position: 'sticky',
        top: 0,
        zIndex: 2,
        display: 'flex',
        alignItems: 'center',
        gap: 1,
        px: 2,
        py: 0.5,
        minHeight: 36,
        borderBottom: `1px solid ${colour.light}`,
        backgroundColor: trouble ? colour.plumLight : colour.paper,
      }}
    >
      <Box role="status" data-state={state.kind} sx={{ fontWeight: 600, whiteSpace: 'nowrap' }}>
        {SAVE_WORDS[state.kind]}
      </Box>
      {trouble && <Box sx={{ minWidth: 0 }}>{state.message}</Box>}
      {state.kind === 'conflict' && (
        <>
          <Button
            onClick={() => {
              draft.resolve('mine');
            }}
          >
            Keep mine
          </Button>
          <Button
            onClick={() => {
              draft.resolve('theirs');
            }}
          >
            Take theirs
          </Button>
        </>
      )}
      <Box sx={{ flex: 1 }} />
      <Box sx={{ color: 'text.secondary', whiteSpace: 'nowrap' }}>
        {faults === 0 ? 'No findings' : faults === 1 ? '1 finding' : `${String(faults)} findings`}
        {lacking.length > 0 && `, recommended and missing: ${lacking.join(', ')}`}
      </Box>
      <Button disabled={!draft.canUndo} onClick={draft.undo}>
        Undo
      </Button>
      <Button disabled={!draft.canRedo} onClick={draft.redo}>
        Redo
      </Button>
    </Box>
  );
}
