import { Box, Button, Checkbox, LinearProgress, TextField } from '@mui/material';
import { useQueryClient } from '@tanstack/react-query';
import { useEffect, useRef, useState } from 'react';
import { limits, stampInputSchema, type Branch, type Photo } from '#contract';
import type { WordField } from '#core/photo';
import {
  addPhoto,
  cancelJob,
  startStamping,
  useToldBranch,
  useOpenJobs,
  usePhotos,
} from '../../api/queries.ts';
import { useComplain, useDeleteWithUndo } from '../../parts/actions.ts';
import { ActionBar, DropFrame, useUpload } from '../../parts/Drop.tsx';
import { StepMark } from '../../parts/Marks.tsx';
import { EmptyState, Failure, Loading } from '../../parts/Notice.tsx';
import { useBranchId } from '../../parts/place.ts';
import { PaneBar, WithTray } from '../../parts/Tray.tsx';
import { undoButton } from '../../parts/UndoButton.tsx';
import { colour } from '../../theme.ts';
import { CarriedTray } from './CarriedTray.tsx';
import { firstWords, keepWords, wordingsOf, type WordsInForm } from './words.ts';

/** The contact sheet of a branch's photos: what each carries, what will be written, stamp, proof, download. */
export default function Photos() {
  const branchId = useBranchId();
  const branch = useToldBranch(branchId);
  const photos = usePhotos(branchId);
  const error = branch.error ?? photos.error;
  if (error && !(branch.data && photos.data)) return <Failure error={error} />;
  if (!branch.data || !photos.data) return <Loading />;
  return <PhotosOf key={branchId} branch={branch.data} photos={photos.data.photos} />;
}

function PhotosOf({ branch, photos }: { branch: Branch; photos: readonly Photo[] }) {
  const [chosen, setChosen] = useState<readonly number[]>([]);
  const [form, setForm] = useState<WordsInForm>(() => ({ words: firstWords(branch), edited: [] }));
  const upload = useUploadPhotos(branch.id);
  const selected = photos.filter(({ id }) => chosen.includes(id));
  const shown = selected[0] ?? photos[0];
  const change = (field: WordField, text: string): void => {
    const words = { ...form.words, [field]: text };
    setForm({ words, edited: [...new Set([...form.edited, field])] });
    keepWords(branch.id, words);
  };
  const toggle = (id: number): void => {
    setChosen((now) => (now.includes(id) ? now.filter((one) => one !== id) : [...now, id]));
  };
  const targets = selected.length > 0 ? selected : photos;
  return (
    <DropFrame label="Photos to add" onFiles={upload.take}>
      {(open) => (
        <WithTray
          name="photos"
          label="What the photo carries"
          height={270}
          tray={
            shown ? (
              <CarriedTray photo={shown} record={branch.record} form={form} />
            ) : (
              <PaneBar title="What the photo carries" />
            )
          }
        >
          <ActionBar>
            <Button onClick={open}>Add photos</Button>
            <Box sx={{ color: 'text.secondary' }}>{upload.busy || 'or drop JPEGs anywhere here'}</Box>
            <Box sx={{ flex: 1 }} />
            {photos.length > 0 && (
              <Button
                onClick={() => {
                  setChosen(selected.length === photos.length ? [] : photos.map(({ id }) => id));
                }}
              >
                {selected.length === photos.length ? 'Select none' : 'Select all'}
              </Button>
            )}
            {photos.some(({ proof }) => proof.length > 0) && (
              <Button component="a" href={`/api/branches/${String(branch.id)}/photos.zip`}>
                Download stamped as zip
              </Button>
            )}
          </ActionBar>
          {photos.length === 0 ? (
            <EmptyState title="No photos of this branch yet.">
              Drop JPEGs here. Nothing is written into them until you stamp, the originals are kept as they
              are, and every stamped file is read back before it is called proved.
            </EmptyState>
          ) : (
            <>
              <StampBar
                branch={branch}
                form={form}
                onWord={change}
                onStamped={() => {
                  setForm({ ...form, edited: [] });
                }}
                targets={targets}
                some={selected.length > 0}
              />
              <Box
                component="ul"
                aria-label="Contact sheet"
                sx={{
                  listStyle: 'none',
                  m: 0,
                  p: 2,
                  display: 'grid',
                  gridTemplateColumns: 'repeat(auto-fill, minmax(190px, 1fr))',
                  gap: 1.5,
                }}
              >
                {photos.map((photo) => (
                  <PhotoTile
                    key={photo.id}
                    photo={photo}
                    chosen={chosen.includes(photo.id)}
                    onToggle={() => {
                      toggle(photo.id);
                    }}
                  />
                ))}
              </Box>
            </>
          )}
        </WithTray>
      )}
    </DropFrame>
  );
}

function useUploadPhotos(branchId: number) {
  const queries = useQueryClient();
  return useUpload({
    noun: 'photo',
    most: () => limits.photoBytes,
    add: async (file) => {
      await addPhoto(branchId, file);
      return { added: 1, refused: [] };
    },
    done: () => {
      void queries.invalidateQueries({ queryKey: ['photos', branchId] });
      void queries.invalidateQueries({ queryKey: ['clients'] });
    },
  });
}

function StampBar({
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
  const complain = useComplain();
  const queries = useQueryClient();
  const jobs = useOpenJobs(branch.id);
  const job = jobs.data?.jobs[0];
  const refresh = (): void => {
    void queries.invalidateQueries({ queryKey: ['photos', branch.id] });
    void queries.invalidateQueries({ queryKey: ['clients'] });
  };
  const running = useRef(false);
  useEffect(() => {
    // The end of a job: what the photos carry is asked for anew.
    if (running.current && !job) refresh();
    running.current = Boolean(job);
  });
  const stamp = (): void => {
    const input = stampInputSchema.safeParse({
      photoIds: targets.map(({ id }) => id),
      ...wordingsOf(words),
      edited,
    });
    if (!input.success) {
      complain(
        new Error(input.error.issues.map(({ message, path }) => `${path.join(' ')}: ${message}`).join(' ')),
      );
      return;
    }
    startStamping(branch.id, input.data).then(() => {
      onStamped();
      void queries.invalidateQueries({ queryKey: ['jobs', branch.id] });
    }, complain);
  };
  const field = (name: WordField, label: string) => (
    <TextField
      label={label}
      value={words[name]}
      onChange={({ target }) => {
        onWord(name, target.value);
      }}
    />
  );
  return (
    <Box sx={{ px: 2, pt: 1.5, pb: 1, borderBottom: `1px solid ${colour.light}` }}>
      <Box
        sx={{
          display: 'grid',
          gridTemplateColumns: 'repeat(auto-fit, minmax(150px, 1fr))',
          gap: 1,
          alignItems: 'start',
        }}
      >
        {field('title', 'Title')}
        {field('caption', 'Caption')}
        {field('keywords', 'Keywords, with commas')}
        {field('alt', 'Alternative text')}
        <Button
          variant="contained"
          color="primary"
          disabled={Boolean(job)}
          onClick={stamp}
          sx={{ height: 37, whiteSpace: 'nowrap' }}
        >
          Stamp{' '}
          {some
            ? `${String(targets.length)} selected`
            : targets.length === 1
              ? 'the photo'
              : `all ${String(targets.length)}`}
        </Button>
      </Box>
      <Box sx={{ mt: 0.5, fontSize: 12.5, color: 'text.secondary' }}>
        {edited.length > 0
          ? `For all that are stamped: ${edited.map((name) => WORD_LABEL[name]).join(', ')}. Otherwise photos keep the words they have. `
          : 'Photos keep the words they have; what you type here is for all that are stamped. '}
        Name, address, telephone and coordinates come from the record. Some platforms drop what a photo
        carries when it is uploaded.
      </Box>
      {job && (
        <Box sx={{ mt: 1, display: 'flex', alignItems: 'center', gap: 1 }}>
          <LinearProgress
            variant="determinate"
            value={(100 * job.done) / Math.max(1, job.total)}
            aria-label="Stamping"
            sx={{ flex: 1 }}
          />
          <Box role="status">
            {job.done} of {job.total} stamped{job.failed > 0 ? `, ${String(job.failed)} failed` : ''}
          </Box>
          <Button
            onClick={() => {
              cancelJob(job.id).then(() => {
                void jobs.refetch();
                refresh();
              }, complain);
            }}
          >
            Cancel
          </Button>
        </Box>
      )}
    </Box>
  );
}

const WORD_LABEL: Readonly<Record<WordField, string>> = {
  title: 'title',
  caption: 'caption',
  keywords: 'keywords',
  alt: 'alternative text',
};

const TILE_STEP = {
  bare: { state: 'unproved', detail: 'not stamped' },
  stamped: { state: 'proved', detail: 'stamped and proved' },
  'out-of-date': { state: 'out-of-date', detail: 'out of date' },
  failed: { state: 'must', detail: 'failed' },
} as const;

function PhotoTile({ photo, chosen, onToggle }: { photo: Photo; chosen: boolean; onToggle: () => void }) {
  const remove = useDeleteWithUndo();
  const { carried } = photo;
  const holds = [
    typeof carried?.latitude === 'number' && 'coordinates',
    carried?.xmp.title && 'title',
    carried?.camera,
  ]
    .filter(Boolean)
    .join(', ');
  return (
    <Box
      component="li"
      data-photo={photo.name}
      data-state={photo.state}
      sx={{
        border: `1px solid ${chosen ? colour.plum : colour.line}`,
        boxShadow: chosen ? `inset 0 0 0 1px ${colour.plum}` : 'none',
        backgroundColor: '#fff',
      }}
    >
      <Box
        component="img"
        src={`/api/photos/${String(photo.id)}/thumbnail`}
        alt={`Thumbnail of ${photo.name}`}
        onClick={onToggle}
        sx={{ display: 'block', width: '100%', aspectRatio: '4 / 3', objectFit: 'cover', cursor: 'pointer' }}
      />
      <Box sx={{ p: 1, fontSize: 12.5 }}>
        <Box sx={{ display: 'flex', alignItems: 'center', gap: 0.5 }}>
          <Checkbox
            size="small"
            checked={chosen}
            onChange={onToggle}
            slotProps={{ input: { 'aria-label': `Select ${photo.name}` } }}
            sx={{ p: 0 }}
          />
          <Box
            sx={{
              flex: 1,
              minWidth: 0,
              overflow: 'hidden',
              textOverflow: 'ellipsis',
              whiteSpace: 'nowrap',
              fontWeight: 600,
            }}
            title={photo.name}
          >
            {photo.name}
          </Box>
        </Box>
        <StepMark step={TILE_STEP[photo.state]} />
        <Box sx={{ color: 'text.secondary' }}>
          {photo.message || (holds ? `came with ${holds}` : 'came bare')}
        </Box>
        <Box sx={{ display: 'flex', gap: 1, mt: 0.25 }}>
          {photo.proof.length > 0 && (
            <Button
              variant="text"
              component="a"
              href={`/api/photos/${String(photo.id)}/stamped`}
              aria-label={`Download ${photo.name}`}
              sx={{ p: 0, fontWeight: 400 }}
            >
              Download
            </Button>
          )}
          <Button
            variant="text"
            aria-label={`Delete ${photo.name}`}
            onClick={() => {
              remove({ kind: 'photos', id: photo.id }, photo.name, undoButton);
            }}
            sx={{ p: 0, fontWeight: 400, color: 'text.secondary' }}
          >
            Delete
          </Button>
        </Box>
      </Box>
    </Box>
  );
}
