import { Box, Button } from '@mui/material';
import { memo } from 'react';
import { factGroups, groupLabels, type Clash, type Completeness, type Fact } from '#core/record';
import { counted } from '#core/text';
import { TextButton } from '../../parts/TextButton.tsx';
import { colour } from '../../theme.ts';
import { AddFact } from './AddFact.tsx';
import { More } from './More.tsx';
import type { DraftInHand } from './useDraft.ts';

const SAVE_WORDS = {
  saved: 'All saved',
  typing: 'Not saved yet …',
  saving: 'Saving …',
  kept: 'Not saved',
  conflict: 'Saved elsewhere',
} as const;

/** So many facts that would help are named. */
const MOST_NAMED = 3;

interface BarProps {
  readonly draft: DraftInHand;
  readonly asked: ReadonlySet<Fact>;
  readonly faults: number;
  readonly state: Completeness;
  readonly label: string;
  readonly branchId: number | undefined;
  readonly onGo: (fact: Fact) => void;
  readonly onDialog: (dialog: 'start' | 'intake') => void;
}

/** How far the record is saved, how complete it is, and what can be done with it. */
export function SaveBar({
  draft,
  asked,
  faults,
  state: { percent, lacking },
  label,
  branchId,
  onGo,
  onDialog,
}: BarProps) {
  const { state } = draft;
  const trouble = state.kind === 'kept' || state.kind === 'conflict';
  return (
    <Box
      sx={{
        position: 'sticky',
        top: 0,
        zIndex: 2,
        // Where there is hardly room for a row, the bars go with the sheet.
        '@media (max-height: 500px)': { position: 'static' },
      }}
    >
      <Box
        sx={{
          display: 'flex',
          alignItems: 'center',
          flexWrap: 'wrap',
          columnGap: 1,
          px: 2,
          py: 0.5,
          minHeight: 36,
          borderBottom: `1px solid ${colour.light}`,
          backgroundColor: trouble ? colour.plumLight : colour.paper,
        }}
      >
        <SaveState draft={draft} />
        <Gauge percent={percent} />
        <Lacking faults={faults} lacking={lacking} onGo={onGo} />
        <Box sx={{ flex: 1 }} />
        <AddFact asked={asked} onGo={onGo} />
        <Button disabled={!draft.canUndo} onClick={draft.undo}>
          Undo
        </Button>
        <Button disabled={!draft.canRedo} onClick={draft.redo}>
          Redo
        </Button>
        <More label={label} branchId={branchId} onDialog={onDialog} />
      </Box>
      <Groups />
    </Box>
  );
}

/** Whether everything is saved, and what to do where it is not. */
function SaveState({ draft }: { draft: DraftInHand }) {
  const { state } = draft;
  return (
    <>
      <Box role="status" data-state={state.kind} sx={{ fontWeight: 600, whiteSpace: 'nowrap' }}>
        {SAVE_WORDS[state.kind]}
      </Box>
      {state.message && <Box sx={{ minWidth: 0 }}>{state.message}</Box>}
      {state.kind === 'conflict' && (
        <>
          <Clashes clashes={state.clashes} />
          <Button onClick={() => draft.resolve('mine')}>Keep mine</Button>
          <Button onClick={() => draft.resolve('theirs')}>Take theirs</Button>
        </>
      )}
    </>
  );
}

/** How many findings there are, and the facts that would help most. */
const Lacking = ({
  faults,
  lacking,
  onGo,
}: {
  faults: number;
  lacking: Completeness['lacking'];
  onGo: (fact: Fact) => void;
}) => (
  <Box
    sx={{
      color: 'text.secondary',
      whiteSpace: 'nowrap',
      overflow: 'hidden',
      textOverflow: 'ellipsis',
      minWidth: 0,
    }}
  >
    {faults === 0 ? 'no findings' : counted(faults, 'finding')}
    {lacking.length > 0 && '; would help most: '}
    {lacking.slice(0, MOST_NAMED).map(({ fact, label }, at) => (
      <span key={fact}>
        {at > 0 && ', '}
        <TextButton onClick={() => onGo(fact)}>{label}</TextButton>
      </span>
    ))}
  </Box>
);

/** What both set, to be chosen from. */
const Clashes = ({ clashes }: { clashes: readonly Clash[] }) => (
  <Box component="ul" aria-label="Set differently by both" sx={{ m: 0, pl: 2, minWidth: 0 }}>
    {clashes.map(({ unit, label, mine, theirs }) => (
      <li key={unit}>
        {label}: mine <q>{mine || 'nothing'}</q>, theirs <q>{theirs || 'nothing'}</q>
      </li>
    ))}
  </Box>
);

/** The groups of the sheet, to jump to. */
const Groups = memo(() => (
  <Box
    component="nav"
    aria-label="Groups of facts"
    sx={{
      display: 'flex',
      gap: 2,
      px: 2,
      py: 0.25,
      backgroundColor: colour.paper,
      borderBottom: `1px solid ${colour.light}`,
    }}
  >
    {factGroups.map((group) => (
      <TextButton
        key={group}
        quiet
        onClick={() => document.getElementById(`group-${group}`)?.scrollIntoView({ block: 'start' })}
      >
        {groupLabels[group]}
      </TextButton>
    ))}
  </Box>
));
Groups.displayName = 'Groups';

/** How complete a record is, as a thin bar with its number. */
function Gauge({ percent }: { percent: number }) {
  return (
    <Box sx={{ display: 'flex', alignItems: 'center', gap: 0.75, whiteSpace: 'nowrap' }}>
      <Box
        role="meter"
        aria-label="Completeness"
        aria-valuenow={percent}
        aria-valuemin={0}
        aria-valuemax={100}
        sx={{ width: 64, height: 6, border: `1px solid ${colour.middle}` }}
      >
        <Box sx={{ width: `${String(percent)}%`, height: '100%', backgroundColor: colour.dark }} />
      </Box>
      {percent}%
    </Box>
  );
}
