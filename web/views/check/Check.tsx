import { Box } from '@mui/material';
import { lazy, Suspense, useState } from 'react';
import { useSearchParams } from 'react-router';
import type { Branch } from '#contract';
import { useToldBranch } from '../../api/branch.ts';
import { Failure, Loading } from '../../parts/Notice.tsx';
import { useBranchId } from '../../parts/place.ts';
import { TabBar } from '../../parts/TabBar.tsx';
import { SourceCheck } from './SourceCheck.tsx';
import type { GivenSource } from './useKeptSource.ts';

const SiteCheck = lazy(() => import('./SiteCheck.tsx'));
const HistoryOfChecks = lazy(() => import('./History.tsx'));
const JudgingPane = lazy(() => import('./Judging.tsx'));

const TABS = { source: 'Source', site: 'Site', history: 'Kept checks', judging: 'How it is judged' } as const;
type TabName = keyof typeof TABS;

/** Any source read and judged, one at a time or a whole site; what was kept, and by what it is judged. */
export default function Check() {
  const branchId = useBranchId();
  const { data, error } = useToldBranch(branchId);
  if (error && !data) return <Failure error={error} />;
  if (!data) return <Loading />;
  return <CheckOf key={branchId} branch={data} />;
}

function CheckOf({ branch }: { branch: Branch }) {
  const [parameters, setParameters] = useSearchParams();
  const [given, setGiven] = useState<GivenSource | undefined>();
  const named = parameters.get('tab') ?? 'source';
  const tab: TabName = named in TABS ? (named as TabName) : 'source';
  const go = (next: TabName, more: Readonly<Record<string, string>> = {}): void =>
    setParameters({ ...(next === 'source' ? {} : { tab: next }), ...more });
  const openSource = (source: GivenSource): void => {
    setGiven(source);
    go('source');
  };
  const openCheck = (id: number): void => go('site', { check: String(id) });
  return (
    <Box sx={{ display: 'flex', flexDirection: 'column', height: '100%' }}>
      <TabBar label="Ways to check" tabs={TABS} value={tab} onChange={go} />
      <Box sx={{ flex: 1, minHeight: 0, overflow: 'hidden' }}>
        <Suspense fallback={<Loading />}>
          {tab === 'source' && <SourceCheck branch={branch} given={given} onKept={openCheck} />}
          {tab === 'site' && (
            <SiteCheck
              branch={branch}
              checkId={Number(parameters.get('check')) || 0}
              onCheck={openCheck}
              onSource={openSource}
            />
          )}
          {tab === 'history' && (
            <HistoryOfChecks
              clientId={branch.clientId}
              before={Number(parameters.get('before')) || 0}
              after={Number(parameters.get('after')) || 0}
              onCheck={openCheck}
              onCompare={(before, after) =>
                go('history', before ? { before: String(before), after: String(after) } : {})
              }
            />
          )}
          {tab === 'judging' && <JudgingPane clientId={branch.clientId} clientName={branch.clientName} />}
        </Suspense>
      </Box>
    </Box>
  );
}
