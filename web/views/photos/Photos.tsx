import { Button } from '@mui/material';
import { useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { linkTo, type Branch, type Photo } from '#contract';
import { limits } from '#core/limits';
import type { WordField } from '#core/photo';
import { useToldBranch } from '../../api/branch.ts';
import { addPhoto, usePhotos } from '../../api/queries.ts';
import { refresh } from '../../api/request.ts';
import { ActionBar, DropFrame, useUpload } from '../../parts/Drop.tsx';
import { Fill, Plain, Soft } from '../../parts/layout.tsx';
import { EmptyState, Failure, Loading } from '../../parts/Notice.tsx';
import { useBranchId } from '../../parts/place.ts';
import { PaneBar, WithTray } from '../../parts/Tray.tsx';
import { BoxedChoice } from '../../parts/Choice.tsx';
import { CarriedTray } from './CarriedTray.tsx';
import { PhotoTile } from './PhotoTile.tsx';
import { StampBar } from './StampBar.tsx';
import { WordsGrid } from './WordsGrid.tsx';
import { firstWords, keepWords, type WordsInForm } from './words.ts';

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
  const [look, setLook] = useState<PhotoLook>('sheet');
  const upload = useUploadPhotos(branch.id);
  const selected = photos.filter(({ id }) => chosen.includes(id));
  const shown = selected[0] ?? photos[0];
  const change = (field: WordField, text: string): void => {
    const words = { ...form.words, [field]: text };
    setForm({ words, edited: [...new Set([...form.edited, field])] });
    keepWords(branch.id, words);
  };
  const toggle = (id: number): void =>
    setChosen((now) => (now.includes(id) ? now.filter((one) => one !== id) : [...now, id]));
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
              <CarriedTray
                photo={shown}
                number={targets.indexOf(shown) + 1}
                record={branch.record}
                form={form}
              />
            ) : (
              <PaneBar title="What the photo carries" />
            )
          }
        >
          <PhotoBar
            branch={branch}
            photos={photos}
            allChosen={selected.length === photos.length}
            busy={upload.busy}
            onAdd={open}
            onChoose={setChosen}
            look={look}
            onLook={setLook}
          />
          {photos.length === 0 ? (
            <EmptyState title="No photos of this branch yet.">
              Drop JPEG, PNG or WebP here. Nothing is written into them until you stamp, the originals are
              kept as they are, and every stamped file is read back before it is called proved.
            </EmptyState>
          ) : (
            <>
              <StampBar
                branch={branch}
                form={form}
                onWord={change}
                onStamped={() => setForm({ ...form, edited: [] })}
                targets={targets}
                some={selected.length > 0}
              />
              {look === 'words' ? (
                <WordsGrid branchId={branch.id} photos={photos} />
              ) : (
                <ContactSheet photos={photos} chosen={chosen} onToggle={toggle} />
              )}
            </>
          )}
        </WithTray>
      )}
    </DropFrame>
  );
}

const ContactSheet = ({
  photos,
  chosen,
  onToggle,
}: {
  photos: readonly Photo[];
  chosen: readonly number[];
  onToggle: (id: number) => void;
}) => (
  <Plain aria-label="Contact sheet" sx={sheet}>
    {photos.map((photo) => (
      <PhotoTile
        key={photo.id}
        photo={photo}
        chosen={chosen.includes(photo.id)}
        onToggle={() => onToggle(photo.id)}
      />
    ))}
  </Plain>
);

const sheet = {
  p: 2,
  display: 'grid',
  gridTemplateColumns: 'repeat(auto-fill, minmax(190px, 1fr))',
  gap: 1.5,
} as const;

/** The contact sheet, or the words of each photo. */
const LOOKS = { sheet: 'Contact sheet', words: 'Words, photo by photo' } as const;
type PhotoLook = keyof typeof LOOKS;

/** What can be done with the photos as a whole. */
const PhotoBar = ({
  branch,
  photos,
  allChosen,
  busy,
  onAdd,
  onChoose,
  look,
  onLook,
}: {
  branch: Branch;
  photos: readonly Photo[];
  allChosen: boolean;
  busy: string;
  onAdd: () => void;
  onChoose: (ids: readonly number[]) => void;
  look: PhotoLook;
  onLook: (look: PhotoLook) => void;
}) => (
  <ActionBar>
    <Button onClick={onAdd}>Add photos</Button>
    <Soft>{busy || 'or drop JPEG, PNG or WebP anywhere here'}</Soft>
    <Fill />
    {photos.length > 0 && (
      <BoxedChoice label="How the photos are shown" options={LOOKS} value={look} onChange={onLook} />
    )}
    {photos.length > 0 && (
      <Button onClick={() => onChoose(allChosen ? [] : photos.map(({ id }) => id))}>
        {allChosen ? 'Select none' : 'Select all'}
      </Button>
    )}
    {photos.some(({ proof }) => proof.length > 0) && (
      <Button component="a" href={linkTo('photosZip', { id: branch.id })}>
        Download stamped as zip
      </Button>
    )}
  </ActionBar>
);

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
      void refresh(queries, 'photos', 'clients', 'branches');
    },
  });
}
