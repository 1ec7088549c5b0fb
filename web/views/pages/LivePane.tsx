import { Button, Link } from '@mui/material';
import { useState } from 'react';
import { Link as RouterLink } from 'react-router';
import { linkTo, type Verified } from '#contract';
import { settledJob, useRefreshPages, useSaveSchedule, useVerified, verifyAll } from '../../api/pages.ts';
import { useComplain } from '../../parts/actions.ts';
import { LabelledSelect } from '../../parts/Choice.tsx';
import { HeadBar, ListRow, Plain, Scroll, Soft, Words } from '../../parts/layout.tsx';
import { EmptyState, Failure, Loading } from '../../parts/Notice.tsx';
import { LIVE_WORDS, LiveMark } from './LiveProof.tsx';

const SCHEDULE = [
  ['', 'only when somebody asks'],
  ['daily', 'every day'],
  ['weekly', 'every week'],
] as const;

/** What strangers read on the live pages of a client's branches, and how often that is looked at. */
export function LivePane({ clientId }: { clientId: number }) {
  const [going, setGoing] = useState('');
  const { data, error } = useVerified(clientId);
  const schedule = useSaveSchedule(clientId);
  const complain = useComplain();
  const refresh = useRefreshPages();
  if (error && !data) return <Failure error={error} />;
  if (!data) return <Loading />;
  const begin = (): void => {
    setGoing('reading …');
    verifyAll(clientId)
      .then(({ id }) =>
        settledJob(id, ({ done, total }) => {
          setGoing(`${String(done)} of ${String(total)} read`);
          void refresh();
        }),
      )
      .catch(complain)
      .finally(() => {
        setGoing('');
        void refresh();
      });
  };
  return (
    <Scroll>
      <HeadBar title="Live pages">
        {going && <Soft role="status">{going}</Soft>}
        <LabelledSelect
          label="Read them"
          value={data.verifies}
          options={SCHEDULE}
          onChange={(next) =>
            void schedule.mutateAsync(SCHEDULE.find(([one]) => one === next)?.[0] ?? '').catch(complain)
          }
        />
        <Button variant="contained" disabled={going !== ''} onClick={begin}>
          Read all now
        </Button>
        <Button component="a" href={linkTo('clientHandOver', { id: clientId })}>
          Hand-over sheet of all
        </Button>
      </HeadBar>
      {data.verified.length === 0 ? (
        <EmptyState title="No live page was read yet.">
          The branches’ own pages are fetched as a stranger would, and compared fact by fact with the record.
        </EmptyState>
      ) : (
        <Plain aria-label="Live pages of the branches">
          {data.verified.map((one) => (
            <LiveRow key={one.branchId} verified={one} />
          ))}
        </Plain>
      )}
    </Scroll>
  );
}

function LiveRow({ verified: { branchId, label, isCurrent, live } }: { verified: Verified }) {
  const { state, url, finalUrl, time, problem, causes, differing } = live;
  const said = differing.map(
    ({ label: fact, live: shown, meant }) => `${fact}: ${shown} instead of ${meant || 'nothing'}`,
  );
  return (
    <ListRow data-live={state}>
      <LiveMark state={state} />
      <Words>
        <Link component={RouterLink} to={`/branches/${String(branchId)}/pages`}>
          {label}
        </Link>{' '}
        <Soft>{finalUrl || url}</Soft>
        <div>
          {LIVE_WORDS[state]} {!isCurrent && 'The record has changed since.'}
        </div>
        {[problem, ...causes.map(({ message }) => message), ...said].filter(Boolean).map((text) => (
          <Soft key={text} style={{ display: 'block' }}>
            {text}
          </Soft>
        ))}
      </Words>
      <Soft>{new Date(time).toLocaleString()}</Soft>
    </ListRow>
  );
}
