import { Button } from '@mui/material';
import type { Branch, LivePage } from '#contract';
import { useVerifyLive } from '../../api/queries.ts';
import { Line, Remark, Soft } from '../../parts/layout.tsx';
import { GradeMark, SealMark, StaleMark } from '../../parts/Marks.tsx';
import { Failure } from '../../parts/Notice.tsx';

const WORDS: Readonly<Record<LivePage['state'], string>> = {
  'as-intended': 'The live page says what the record says.',
  'out-of-date': 'The live page is out of date.',
  altered: 'What was placed on the live page was changed by somebody else.',
  absent: 'The live page carries no markup of this branch.',
  unreachable: 'The live page could not be read.',
};

const Mark = ({ state }: { state: LivePage['state'] }) =>
  state === 'as-intended' ? (
    <SealMark />
  ) : state === 'out-of-date' ? (
    <StaleMark />
  ) : (
    <GradeMark grade={state === 'unreachable' ? 'should' : 'must'} />
  );

/** Fetches the branch's own page as a stranger does, and tells how it stands, fact by fact. */
export function LiveProof({ branch }: { branch: Branch }) {
  const verify = useVerifyLive(branch.id);
  const url = branch.record.url.trim();
  return (
    <>
      <Button disabled={verify.isPending || url === ''} onClick={() => verify.mutate()}>
        {verify.isPending ? 'Reading the live page …' : 'Prove the live page'}
      </Button>
      {url === '' && <Soft>the record has no page address</Soft>}
      {verify.error && <Failure error={verify.error} />}
      {verify.data && <Outcome live={verify.data} />}
    </>
  );
}

function Outcome({ live }: { live: LivePage }) {
  const { state, url, finalUrl, problem, robots, differing, missing, causes } = live;
  return (
    <Remark role="status" data-live={state}>
      <Line>
        <Mark state={state} /> {WORDS[state]} <Soft>{finalUrl || url}</Soft>
      </Line>
      {problem && <div>{problem}</div>}
      {differing.map(({ fact, label, meant, live: shown }) => (
        <div key={fact}>
          {label}: a machine reads “{shown}”, the record says “{meant}”.
        </div>
      ))}
      {causes.map(({ code, message }) => (
        <div key={code}>{message}</div>
      ))}
      {robots && <div>{robots}</div>}
      {missing.length > 0 && <Soft>Not said there: {missing.map(({ label }) => label).join(', ')}.</Soft>}
    </Remark>
  );
}
