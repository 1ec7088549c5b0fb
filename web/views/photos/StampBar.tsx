import { Box, Button, LinearProgress } from '@mui/material';
import { useQueryClient } from '@tanstack/react-query';
import { useEffect, useRef } from 'react';
import type { Branch, Photo } from '#contract';
import type { StampSettings } from '#core/photo';
import { counted } from '#core/text';
import {
  changeJob,
  PHOTOS,
  startStamping,
  useOpenJobs,
  useSaveBranchStamp,
  useStamps,
} from '../../api/photos.ts';
import { refresh } from '../../api/request.ts';
import { useComplain } from '../../parts/actions.ts';
import { LabelledSelect } from '../../parts/Choice.tsx';
import { Fill, Hint, Line } from '../../parts/layout.tsx';
import { colour } from '../../theme.ts';

/** The stamping of a branch that is under way, and the acts that begin, rest and end one. */
function useStamping(branchId: number) {
  const complain = useComplain();
  const queries = useQueryClient();
  const jobs = useOpenJobs(branchId);
  const job = jobs.data?.jobs[0];
  const askAnew = (): void => {
    void refresh(queries, ...PHOTOS);
  };
  const running = useRef(false);
  useEffect(() => {
    // The end of a job: what the photos carry is asked for anew.
    if (running.current && !job) askAnew();
    running.current = Boolean(job);
  });
  return {
    job,
    /** Stamps photos with a stamp, or each again as it was (null). */
    stamp: (targets: readonly Photo[], stamp: StampSettings | null): void => {
      const photoIds = targets.map(({ id }) => id);
      startStamping(branchId, { photoIds, stamp }).then(() => refresh(queries, 'openJobs'), complain);
    },
    change: (act: 'cancelJob' | 'pauseJob' | 'resumeJob'): void => {
      if (!job) return;
      changeJob(job.id, act).then(() => {
        void jobs.refetch();
        askAnew();
      }, complain);
    },
  };
}

const look = { px: 2, py: 1, borderBottom: `1px solid ${colour.light}` } as const;

/** What the photos are stamped with, and the buttons that stamp them. */
export function StampBar({
  branch,
  stamp,
  photos,
  targets,
  some,
  onEdit,
}: {
  branch: Branch;
  stamp: StampSettings;
  photos: readonly Photo[];
  targets: readonly Photo[];
  /** Whether some photos are chosen, not all of them meant. */
  some: boolean;
  onEdit: () => void;
}) {
  const stamping = useStamping(branch.id);
  const { job } = stamping;
  const stale = photos.filter(({ state }) => state === 'out-of-date');
  return (
    <Box sx={look}>
      <Line>
        <StampChoice branch={branch} stamp={stamp} />
        <Button onClick={onEdit}>Wordings …</Button>
        <Hint
          sx={{ flex: 1, minWidth: 0, overflow: 'hidden', textOverflow: 'ellipsis', whiteSpace: 'nowrap' }}
        >
          {inShort(stamp)}
        </Hint>
        {stale.length > 0 && (
          <Button disabled={Boolean(job)} onClick={() => stamping.stamp(stale, null)}>
            Stamp again what is out of date ({stale.length})
          </Button>
        )}
        <Button
          variant="contained"
          color="primary"
          disabled={Boolean(job) || targets.length === 0}
          onClick={() => stamping.stamp(targets, stamp)}
        >
          Stamp{' '}
          {some ? `${targets.length} selected` : targets.length === 1 ? 'the photo' : `all ${targets.length}`}
        </Button>
      </Line>
      {job && (
        <Line sx={{ mt: 1 }}>
          <LinearProgress
            variant="determinate"
            value={(100 * job.done) / Math.max(1, job.total)}
            aria-label="Stamping"
            sx={{ flex: 1 }}
          />
          <div role="status">
            {job.done} of {counted(job.total, 'photo')} stamped
            {job.failed > 0 ? `, ${job.failed} failed` : ''}
            {job.state === 'paused' ? ', at rest' : ''}
          </div>
          {job.state === 'paused' ? (
            <Button onClick={() => stamping.change('resumeJob')}>Go on</Button>
          ) : (
            <Button onClick={() => stamping.change('pauseJob')}>Pause</Button>
          )}
          <Button onClick={() => stamping.change('cancelJob')}>Cancel</Button>
        </Line>
      )}
    </Box>
  );
}

/** The stamp in hand, or one that is kept with the client. */
function StampChoice({ branch, stamp }: { branch: Branch; stamp: StampSettings }) {
  const { data } = useStamps(branch.clientId);
  const save = useSaveBranchStamp(branch.id);
  const complain = useComplain();
  const stamps = data?.stamps ?? [];
  if (stamps.length === 0) return <Fill sx={{ display: 'none' }} />;
  const isSame = stamps.some((one) => JSON.stringify(one) === JSON.stringify(stamp));
  return (
    <LabelledSelect
      label="Stamp"
      value={isSame ? stamp.name : ''}
      options={[
        ...(isSame ? [] : [['', 'of this branch'] as const]),
        ...stamps.map(({ name }) => [name, name] as const),
      ]}
      onChange={(name) => {
        const taken = stamps.find((one) => one.name === name);
        if (taken) save.mutateAsync(taken).catch(complain);
      }}
    />
  );
}

/** A stamp in a line. */
function inShort({ wordings }: StampSettings): string {
  const { title, alt, fileName } = wordings;
  const said = [
    title && `Title: ${title}`,
    alt && `Alternative text: ${alt}`,
    fileName && `File: ${fileName}`,
  ];
  return said.filter(Boolean).join(' · ') || 'Name, address, telephone and coordinates alone.';
}
