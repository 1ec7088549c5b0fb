import { Box, Button, LinearProgress, TextField } from '@mui/material';
import { useQueryClient } from '@tanstack/react-query';
import { useEffect, useRef, useState } from 'react';
import { stampInputSchema, type Branch, type Photo } from '#contract';
import type { WordField } from '#core/photo';
import { cancelJob, startStamping, useOpenJobs } from '../../api/queries.ts';
import { refresh } from '../../api/request.ts';
import { useComplain } from '../../parts/actions.ts';
import { Hint, Line } from '../../parts/layout.tsx';
import { colour } from '../../theme.ts';
import { PlaceholderMenu } from './PlaceholderMenu.tsx';
import { wordingsOf, type WordsInForm } from './words.ts';

const FIELDS: readonly (readonly [WordField, string])[] = [
  ['title', 'Title'],
  ['caption', 'Caption'],
  ['keywords', 'Keywords, with commas'],
  ['alt', 'Alternative text'],
];
const WORD_LABEL: Readonly<Record<WordField, string>> = {
  title: 'title',
  caption: 'caption',
  keywords: 'keywords',
  alt: 'alternative text',
};

/** The stamping of a branch that is under way, and the acts that begin and end one. */
function useStamping(branchId: number, onStamped: () => void) {
  const complain = useComplain();
  const queries = useQueryClient();
  const jobs = useOpenJobs(branchId);
  const job = jobs.data?.jobs[0];
  const askAnew = (): void => {
    void refresh(queries, 'photos', 'clients', 'branches');
  };
  const running = useRef(false);
  useEffect(() => {
    // The end of a job: what the photos carry is asked for anew.
    if (running.current && !job) askAnew();
    running.current = Boolean(job);
  });
  const stamp = ({ words, edited }: WordsInForm, targets: readonly Photo[]): void => {
    const photoIds = targets.map(({ id }) => id);
    const input = stampInputSchema.safeParse({ photoIds, ...wordingsOf(words), edited });
    if (!input.success) {
      complain(
        new Error(input.error.issues.map(({ message, path }) => `${path.join(' ')}: ${message}`).join(' ')),
      );
      return;
    }
    startStamping(branchId, input.data).then(() => {
      onStamped();
      void refresh(queries, 'openJobs');
    }, complain);
  };
  const cancel = (): void => {
    if (!job) return;
    cancelJob(job.id).then(() => {
      void jobs.refetch();
      askAnew();
    }, complain);
  };
  return { job, stamp, cancel };
}

const grid = {
  display: 'grid',
  gridTemplateColumns: 'repeat(auto-fit, minmax(150px, 1fr))',
  gap: 1,
  alignItems: 'start',
} as const;

/** The words for the photos, and the button that stamps them. */
export function StampBar({
  branch,
  form,
  onWord,
  onStamped,
  targets,
  some,
}: {
  branch: Branch;
  form: WordsInForm;
  onWord: (field: WordField, text: string) => void;
  onStamped: () => void;
  targets: readonly Photo[];
  some: boolean;
}) {
  const { words, edited } = form;
  const [into, setInto] = useState<WordField>('title');
  const { job, stamp, cancel } = useStamping(branch.id, onStamped);
  return (
    <Box sx={{ px: 2, pt: 1.5, pb: 1, borderBottom: `1px solid ${colour.light}` }}>
      <Box sx={grid}>
        {FIELDS.map(([name, label]) => (
          <TextField
            key={name}
            label={label}
            value={words[name]}
            onFocus={() => setInto(name)}
            onChange={({ target }) => onWord(name, target.value)}
          />
        ))}
        <Button
          variant="contained"
          color="primary"
          disabled={Boolean(job)}
          onClick={() => stamp(form, targets)}
          sx={{ height: 37, whiteSpace: 'nowrap' }}
        >
          Stamp{' '}
          {some ? `${targets.length} selected` : targets.length === 1 ? 'the photo' : `all ${targets.length}`}
        </Button>
      </Box>
      <Line sx={{ mt: 0.5, alignItems: 'flex-start' }}>
        <PlaceholderMenu
          into={WORD_LABEL[into]}
          onPick={(placeholder) => onWord(into, `${words[into]}${placeholder}`)}
        />
        <Hint sx={{ flex: 1 }}>
          {edited.length > 0
            ? `For all that are stamped: ${edited.map((name) => WORD_LABEL[name]).join(', ')}. Otherwise photos keep the words they have. `
            : 'Photos keep the words they have; what you type here is for all that are stamped. '}
          Name, address, telephone and coordinates come from the record. Some platforms drop what a photo
          carries when it is uploaded.
        </Hint>
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
            {job.done} of {job.total} stamped{job.failed > 0 ? `, ${job.failed} failed` : ''}
          </div>
          <Button onClick={cancel}>Cancel</Button>
        </Line>
      )}
    </Box>
  );
}
