import { Box, Button, LinearProgress } from '@mui/material';
import { useState } from 'react';
import type { Run, RunPage, ShownRun } from '#contract';
import { counted } from '#core/text';
import { undoRun, useRun, useRunAct, useRuns, useRunSources } from '../../api/pages.ts';
import { useComplain } from '../../parts/actions.ts';
import { DifferencePane } from '../../parts/CodePane.tsx';
import { Fill, HeadBar, ListRow, Plain, Remark, Soft } from '../../parts/layout.tsx';
import { EmptyState, Failure, Loading } from '../../parts/Notice.tsx';
import { TextButton } from '../../parts/TextButton.tsx';
import { Toggle } from '../../parts/Toggle.tsx';
import { PaneBar, WithTray } from '../../parts/Tray.tsx';
import { RunPages } from './RunPages.tsx';

/** A client's runs, or the one in hand with its pages, each with what is or was done to it. */
export function RunsPane({
  clientId,
  run,
  onOpen,
}: {
  clientId: number;
  run: number | undefined;
  onOpen: (run: number | undefined) => void;
}) {
  return run === undefined ? (
    <RunList clientId={clientId} onOpen={onOpen} />
  ) : (
    <OneRun key={run} id={run} onOpen={onOpen} />
  );
}

const STATES: Readonly<Record<Run['state'], string>> = {
  previewing: 'looking at the pages …',
  ready: 'ready to be published',
  publishing: 'publishing …',
  paused: 'paused',
  done: 'published',
  failed: 'not previewed to its end',
};

/** What a run has come to, in a few words. */
function stateWords({ state, counts, isUndone }: Run): string {
  const told = [
    counts['planned'] && `${counted(counts['planned'], 'page')} to be changed`,
    counts['written'] && `${counted(counts['written'], 'page')} changed`,
    counts['same'] && `${String(counts['same'])} as they should be`,
    counts['refused'] && `${String(counts['refused'])} left alone`,
    counts['changed'] && `${String(counts['changed'])} changed by others meanwhile`,
    counts['failed'] && `${String(counts['failed'])} failed`,
  ].filter(Boolean);
  return `${isUndone ? 'taken back' : STATES[state]}${told.length > 0 ? `: ${told.join(', ')}` : ''}`;
}

function RunList({ clientId, onOpen }: { clientId: number; onOpen: (run: number) => void }) {
  const { data, error } = useRuns(clientId);
  if (error && !data) return <Failure error={error} />;
  if (!data) return <Loading />;
  if (data.runs.length === 0)
    return (
      <EmptyState title="No run yet.">
        Place by a rule, or bring pages up to date: each is one run, with a preview before and a way back
        after it.
      </EmptyState>
    );
  return (
    <Plain aria-label="Runs">
      {data.runs.map((run) => (
        <ListRow key={run.id} data-run={run.state}>
          <TextButton onClick={() => onOpen(run.id)}>{run.title}</TextButton>
          <Soft>{stateWords(run)}</Soft>
          <Fill />
          <Soft>{new Date(run.made).toLocaleString()}</Soft>
        </ListRow>
      ))}
    </Plain>
  );
}

function OneRun({ id, onOpen }: { id: number; onOpen: (run: number | undefined) => void }) {
  const { data: run, error } = useRun(id);
  const [chosen, setChosen] = useState<number | undefined>();
  if (error && !run) return <Failure error={error} />;
  if (!run) return <Loading />;
  const page =
    run.pages.find((one) => one.id === chosen) ?? run.pages.find(({ state }) => state !== 'waiting');
  return (
    <WithTray
      name="run"
      label="What the run does to the page"
      height={330}
      tray={<PageOfRun run={run} page={page} />}
    >
      <RunBar run={run} onOpen={onOpen} />
      <RunPages pages={run.pages} chosen={page?.id} onChoose={setChosen} />
    </WithTray>
  );
}

/** What the run has come to, how far it is, and what can be done with it now. */
function RunBar({ run, onOpen }: { run: ShownRun; onOpen: (run: number | undefined) => void }) {
  const act = useRunAct();
  const complain = useComplain();
  const [undoing, setUndoing] = useState(false);
  const { id, state, counts, job, problem } = run;
  const does = (what: 'publishRun' | 'pauseRun' | 'discardRun', then: () => void = () => undefined): void => {
    act.mutateAsync({ id, act: what }).then(then, complain);
  };
  const isGoing = state === 'previewing' || state === 'publishing';
  const planned = counts['planned'] ?? 0;
  const left = planned + (counts['failed'] ?? 0);
  const written = counts['written'] ?? 0;
  const takeBack = (): void => {
    setUndoing(true);
    undoRun(id)
      .then(({ id: back }) => onOpen(back), complain)
      .finally(() => setUndoing(false));
  };
  return (
    <Box data-run={state}>
      <HeadBar title={run.title}>
        <Button onClick={() => onOpen(undefined)}>All runs</Button>
        {state === 'ready' && (
          <Button
            variant="contained"
            disabled={planned === 0 || act.isPending}
            onClick={() => does('publishRun')}
          >
            Publish {counted(planned, 'page')}
          </Button>
        )}
        {state === 'paused' && (
          <Button
            variant="contained"
            disabled={left === 0 || act.isPending}
            onClick={() => does('publishRun')}
          >
            Go on with {counted(left, 'page')}
          </Button>
        )}
        {isGoing && (
          <Button onClick={() => does('pauseRun')}>{state === 'publishing' ? 'Pause' : 'Stop'}</Button>
        )}
        {!isGoing && written === 0 && (
          <Button onClick={() => does('discardRun', () => onOpen(undefined))}>Throw away</Button>
        )}
        {!isGoing && written > 0 && !run.isUndone && (
          <Button disabled={undoing} onClick={takeBack}>
            Take all back
          </Button>
        )}
      </HeadBar>
      <Remark role="status">{stateWords(run)}</Remark>
      {isGoing && (
        <LinearProgress
          aria-label="How far the run has come"
          variant={job && job.total > 0 ? 'determinate' : 'indeterminate'}
          value={job && job.total > 0 ? (job.done / job.total) * 100 : 0}
        />
      )}
      {problem && <Remark role="alert">{problem}</Remark>}
    </Box>
  );
}

const VIEWS = { ours: 'Before and after', theirs: 'Before and theirs', both: 'Theirs and ours' } as const;

/** What is or was done to a page, and what somebody else made of it meanwhile. */
function PageOfRun({ run, page }: { run: ShownRun; page: RunPage | undefined }) {
  const { data, error } = useRunSources(run.id, page?.id);
  const [view, setView] = useState<keyof typeof VIEWS>('ours');
  if (!page) return <PaneBar title="Difference" />;
  const theirs = data?.theirs ?? null;
  const shown = theirs === null ? 'ours' : view;
  const before = shown === 'both' ? theirs : data?.before;
  const after = shown === 'theirs' ? theirs : data?.after;
  return (
    <>
      <PaneBar title={`${page.path}: ${VIEWS[shown].toLowerCase()}`}>
        {theirs !== null && (
          <Toggle label="What is compared" options={VIEWS} value={view} onChange={setView} />
        )}
      </PaneBar>
      {[page.problem, ...page.told].filter(Boolean).map((text) => (
        <Remark key={text}>{text}</Remark>
      ))}
      {error ? (
        <Failure error={error} />
      ) : data && (data.before || data.after) ? (
        <DifferencePane before={before ?? ''} after={after ?? ''} label="Source of the page" />
      ) : (
        !page.problem && <Loading />
      )}
    </>
  );
}
