import { Box, Button } from '@mui/material';
import type { Branch, LivePage } from '#contract';
import { useVerified } from '../../api/pages.ts';
import { useVerifyLive } from '../../api/queries.ts';
import { Line, Soft } from '../../parts/layout.tsx';
import { GradeMark, SealMark, StaleMark } from '../../parts/Marks.tsx';
import { Failure } from '../../parts/Notice.tsx';
import { colour } from '../../theme.ts';

export const LIVE_WORDS: Readonly<Record<LivePage['state'], string>> = {
  'as-intended': 'The live page says what the record says.',
  'out-of-date': 'The live page is out of date.',
  altered: 'What was placed on the live page was changed by somebody else.',
  absent: 'The live page carries no markup of this branch.',
  unreachable: 'The live page could not be read.',
};

export const LiveMark = ({ state }: { state: LivePage['state'] }) =>
  state === 'as-intended' ? (
    <SealMark />
  ) : state === 'out-of-date' ? (
    <StaleMark />
  ) : (
    <GradeMark grade={state === 'unreachable' ? 'should' : 'must'} />
  );

/** The button that fetches the branch's own page as a stranger does, and how that page stands. */
export function useLiveProof(branch: Branch) {
  const verify = useVerifyLive(branch.id);
  const kept = useVerified(branch.clientId).data?.verified.find(({ branchId }) => branchId === branch.id);
  const live = verify.data ?? kept?.live;
  const hasAddress = branch.record.url.trim() !== '';
  return {
    button: (
      <Button
        disabled={verify.isPending || !hasAddress}
        title={hasAddress ? '' : 'The record has no page address.'}
        onClick={() => verify.mutate()}
      >
        {verify.isPending ? 'Reading the live page …' : 'Prove the live page'}
      </Button>
    ),
    outcome: verify.error ? <Failure error={verify.error} /> : live && <Outcome live={live} />,
  };
}

const panel = {
  px: 2,
  py: 1,
  maxHeight: 200,
  overflow: 'auto',
  flexShrink: 0,
  borderBottom: `1px solid ${colour.light}`,
} as const;
const facts = { display: 'grid', gridTemplateColumns: 'auto 1fr 1fr', columnGap: 2, my: 0.5 } as const;

/** The state, its likely cause, and fact by fact what a machine reads there beside what the record says. */
function Outcome({ live }: { live: LivePage }) {
  const { state, url, finalUrl, problem, robots, differing, missing, causes } = live;
  return (
    <Box role="status" data-live={state} sx={panel} tabIndex={0} aria-label="The live page">
      <Line>
        <LiveMark state={state} /> <strong>{LIVE_WORDS[state]}</strong>{' '}
        <Soft>
          {finalUrl || url}, read {new Date(live.time).toLocaleString()}
        </Soft>
      </Line>
      {[problem, ...causes.map(({ message }) => message), robots].filter(Boolean).map((text) => (
        <div key={text}>{text}</div>
      ))}
      {differing.length > 0 && (
        <Box sx={facts}>
          <Soft>Fact</Soft>
          <Soft>A machine reads</Soft>
          <Soft>The record says</Soft>
          {differing.map(({ fact, label, meant, live: shown }) => (
            <Box key={fact} sx={{ display: 'contents' }}>
              <span>{label}</span>
              <span>{shown}</span>
              <span>{meant || 'nothing'}</span>
            </Box>
          ))}
        </Box>
      )}
      {missing.length > 0 && (
        <details>
          <summary>{missing.length} facts of the record are not said there</summary>
          <Soft>{missing.map(({ label }) => label).join(', ')}</Soft>
        </details>
      )}
    </Box>
  );
}
