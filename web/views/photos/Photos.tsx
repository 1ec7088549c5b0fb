import { lazy, Suspense, useState } from 'react';
import { Button } from '@mui/material';
import { linkTo, type Photo, type PhotoWords } from '#contract';
import { useToldBranch } from '../../api/branch.ts';
import { useBranchStamp, useKeepPhotoWords, usePhotos } from '../../api/photos.ts';
import { useComplain } from '../../parts/actions.ts';
import { DropFrame } from '../../parts/Drop.tsx';
import { Column } from '../../parts/layout.tsx';
import { EmptyState, Failure, Loading } from '../../parts/Notice.tsx';
import { useBranchId } from '../../parts/place.ts';
import { TabBar } from '../../parts/TabBar.tsx';
import { PaneBar, WithTray } from '../../parts/Tray.tsx';
import { choose } from '../../state/selection.ts';
import { CarriedTray } from './CarriedTray.tsx';
import { ContactSheet } from './ContactSheet.tsx';
import { PhotoBar, type PhotoLook } from './PhotoBar.tsx';
import { PictureMarkup } from './PictureMarkup.tsx';
import { StampBar } from './StampBar.tsx';
import { StampDialog } from './StampDialog.tsx';
import { SubjectBar, subjectsOf } from './SubjectBar.tsx';
import { useSheet, type PhotosProps, type SheetState } from './useSheet.ts';
import { useUploadPhotos } from './useUploadPhotos.ts';
import { UsesTray } from './UsesTray.tsx';
import { WordsGrid } from './WordsGrid.tsx';

const PlaceTray = lazy(() => import('./PlaceTray.tsx'));

/** The contact sheet of a branch's photos: what each carries, what will be written, stamp, proof, download. */
export default function Photos() {
  const branchId = useBranchId();
  const branch = useToldBranch(branchId);
  const photos = usePhotos(branchId);
  const stamp = useBranchStamp(branchId);
  const error = branch.error ?? photos.error ?? stamp.error;
  if (error && !(branch.data && photos.data && stamp.data)) return <Failure error={error} />;
  if (!branch.data || !photos.data || !stamp.data) return <Loading />;
  return (
    <PhotosOf key={branchId} branch={branch.data} photos={photos.data.photos} stamp={stamp.data.stamp} />
  );
}

const TRAYS = { values: 'What it carries', places: 'Map', uses: 'Where it went' } as const;
type TrayTab = keyof typeof TRAYS;

function PhotosOf(props: PhotosProps) {
  const { branch, photos, stamp } = props;
  const sheet = useSheet(props);
  const { selected, targets, planned } = sheet;
  const [look, setLook] = useState<PhotoLook>('sheet');
  const [dialog, setDialog] = useState<'stamp' | 'markup' | undefined>();
  const upload = useUploadPhotos(branch.id);
  const keeping = useKeepPhotoWords(branch.id);
  const complain = useComplain();
  const keep: Keep = (words) => void keeping.mutateAsync({ photos: words }).catch(complain);
  return (
    <DropFrame label="Photos to add" onFiles={upload.take}>
      {(open) => (
        <WithTray
          name="photos"
          label="What the photo carries"
          height={250}
          tray={<PhotoTray {...props} sheet={sheet} onKeep={keep} />}
        >
          <Column>
            <PhotoBar
              branch={branch}
              photos={photos}
              sheet={sheet}
              busy={upload.busy}
              look={look}
              onAdd={open}
              onLook={setLook}
              onMarkup={() => setDialog('markup')}
            />
            {photos.length === 0 ? (
              <NoPhotos />
            ) : (
              <>
                <StampBar
                  branch={branch}
                  stamp={stamp}
                  photos={photos}
                  targets={targets}
                  some={selected.length > 0 && selected.length < photos.length}
                  onEdit={() => setDialog('stamp')}
                />
                {look === 'words' ? (
                  <WordsGrid branchId={branch.id} photos={sheet.shown} planned={planned} />
                ) : (
                  <Sheet {...props} sheet={sheet} onKeep={keep} />
                )}
              </>
            )}
          </Column>
          {dialog === 'stamp' && (
            <StampDialog
              branch={branch}
              photos={photos}
              targets={targets}
              stamp={stamp}
              onClose={() => setDialog(undefined)}
            />
          )}
          {dialog === 'markup' && (
            <PictureMarkup
              photos={targets}
              planned={planned}
              record={branch.record}
              onClose={() => setDialog(undefined)}
            />
          )}
        </WithTray>
      )}
    </DropFrame>
  );
}

type Keep = (photos: PhotoWords['photos']) => void;

/** The contact sheet under the subjects that its photos can be given. */
function Sheet({
  branch,
  photos,
  stamp,
  sheet: { shown, selected, selection, setSelection },
  onKeep,
}: PhotosProps & { sheet: SheetState; onKeep: Keep }) {
  const chosen = selected.map(({ id }) => id);
  const onSubject = (id: number, subject: string): void =>
    onKeep((chosen.includes(id) ? chosen : [id]).map((one) => ({ id: one, own: { subject } })));
  if (shown.length === 0)
    return (
      <EmptyState title="None of the photos is like that.">Choose “All photos” to see the others.</EmptyState>
    );
  return (
    <>
      <SubjectBar subjects={subjectsOf(photos, branch.record, stamp)} targets={selected} onKeep={onKeep} />
      <ContactSheet photos={shown} selection={selection} onSelect={setSelection} onSubject={onSubject} />
    </>
  );
}

const NoPhotos = () => (
  <EmptyState title="No photos of this branch yet.">
    Drop pictures, folders or a zip here: JPEG, PNG and WebP are written into; TIFF, GIF, HEIC and AVIF get a
    file of XMP beside them. Nothing is written until you stamp, the originals are kept as they are, and every
    stamped file is read back before it is called proved.
  </EmptyState>
);

/** The tray: what the photo in hand carries, where the chosen ones were taken, and where they went. */
function PhotoTray({
  branch,
  stamp,
  sheet,
  onKeep,
}: PhotosProps & {
  sheet: SheetState;
  onKeep: Keep;
}) {
  const [tab, setTab] = useState<TrayTab>('values');
  const { inHand, selected, shown, planned, pin, setSelection } = sheet;
  const one = inHand && planned.get(inHand.id);
  return (
    <>
      <PaneBar title={inHand ? headOf(inHand) : 'What the photo carries'}>
        {inHand?.stamped && (
          <Button
            component="a"
            href={linkTo('stampedPhoto', { id: inHand.id })}
            aria-label={`Download ${inHand.name}`}
          >
            Download
          </Button>
        )}
      </PaneBar>
      {inHand && one && (
        <>
          <TabBar label="What is told of the photo" tabs={TRAYS} value={tab} onChange={setTab} />
          {tab === 'values' && <CarriedTray photo={inHand} planned={one} stamp={stamp} pin={pin} />}
          {tab === 'places' && (
            <Suspense fallback={<Loading />}>
              <PlaceTray
                branch={branch}
                photos={shown}
                chosen={selected}
                onKeep={onKeep}
                onDot={(id) => setSelection((now) => choose(now, [id], id, 'alone'))}
              />
            </Suspense>
          )}
          {tab === 'uses' && <UsesTray photos={shown} chosen={selected} />}
        </>
      )}
    </>
  );
}

const headOf = ({ name, carried, format }: Photo): string =>
  `${name}${carried?.width ? `, ${String(carried.width)} × ${String(carried.height)}` : ''}, ${format}`;
