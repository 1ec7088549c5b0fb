import { useQueryClient } from '@tanstack/react-query';
import { Box, Button } from '@mui/material';
import { useMemo } from 'react';
import { useParams } from 'react-router';
import type { Branch, Defaults } from '#contract';
import { emptyRecord } from '#core/record';
import { useDefaults, useBranch } from '../../api/queries.ts';
import { ask, keyOf, refresh } from '../../api/request.ts';
import { Failure, Loading } from '../../parts/Notice.tsx';
import { useBranchId } from '../../parts/place.ts';
import { Sheet } from './Sheet.tsx';
import type { Subject } from './useDraft.ts';

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
  const queries = useQueryClient();
  const { id, record, version } = branch;
  const subject: Subject = {
    key: `draft:${String(id)}`,
    endpoint: 'saveRecord',
    id,
    record,
    defaults: branch.defaults,
    version,
    ask: () => ask('branch', { id }),
    onSaved: (saved, next) => {
      queries.setQueryData<Branch>(
        keyOf('branch', { id }),
        (known) => known && { ...known, record: saved, version: next },
      );
    },
  };
  return <Sheet subject={subject} label={branch.label} clientId={branch.clientId} branchId={id} />;
}

/** The facts that stand for every branch of a client that says nothing else. */
export function ClientDefaults() {
  const clientId = Number(useParams()['clientId']) || 0;
  const { data, error, refetch } = useDefaults(clientId);
  if (error && !data)
    return <Failure error={error} retry={<Button onClick={() => void refetch()}>Try again</Button>} />;
  if (!data) return <Loading />;
  return <DefaultsOf key={clientId} defaults={data} />;
}

function DefaultsOf({ defaults }: { defaults: Defaults }) {
  const queries = useQueryClient();
  const { clientId, clientName, record, version } = defaults;
  const subject: Subject = useMemo(
    () => ({
      key: `defaults:${String(clientId)}`,
      endpoint: 'saveDefaults',
      id: clientId,
      record,
      defaults: emptyRecord,
      version,
      ask: () => ask('defaults', { id: clientId }),
      onSaved: (saved, next) => {
        queries.setQueryData<Defaults>(
          keyOf('defaults', { id: clientId }),
          (known) => known && { ...known, record: saved, version: next },
        );
        void refresh(queries, 'branch');
      },
    }),
    [clientId, record, version, queries],
  );
  return (
    <Box sx={{ height: '100%', display: 'flex', flexDirection: 'column' }}>
      <Box sx={{ px: 2, py: 0.75, color: 'text.secondary' }}>
        What is set here stands for every branch of {clientName} that says nothing else. A branch’s own facts
        come first.
      </Box>
      <Box sx={{ flex: 1, minHeight: 0 }}>
        <Sheet subject={subject} label={clientName} clientId={clientId} />
      </Box>
    </Box>
  );
}
