import { Button } from '@mui/material';
import { useSnackbar } from 'notistack';
import { linkTo, type Branch, type Photo } from '#contract';
import { counted } from '#core/text';
import { useDeletePhotos } from '../../api/photos.ts';
import { useComplain } from '../../parts/actions.ts';
import { BoxedChoice } from '../../parts/Choice.tsx';
import { ActionBar } from '../../parts/Drop.tsx';
import { Fill, Soft } from '../../parts/layout.tsx';
import { RowMenu } from '../../parts/RowMenu.tsx';
import { undoButton } from '../../parts/UndoButton.tsx';
import { chooseAll } from '../../state/selection.ts';
import { FILTERS, SORTS } from './photoFilter.ts';
import type { SheetState } from './useSheet.ts';

/** The contact sheet, or the words of each photo. */
const LOOKS = { sheet: 'Contact sheet', words: 'Words, photo by photo' } as const;
export type PhotoLook = keyof typeof LOOKS;

/** Deletes photos at once, and offers to bring them back. */
function useDeleting() {
  const { enqueueSnackbar, closeSnackbar } = useSnackbar();
  const { mutateAsync } = useDeletePhotos();
  const complain = useComplain();
  return (photos: readonly Photo[]): void => {
    const ids = photos.map(({ id }) => id);
    const [first] = photos;
    const what = first && ids.length === 1 ? `“${first.name}” was` : `${counted(ids.length, 'photo')} were`;
    const offer = (): void => {
      const key = enqueueSnackbar(`${what} deleted.`, {
        autoHideDuration: 12_000,
        action: undoButton(() => {
          closeSnackbar(key);
          mutateAsync({ ids, restore: true }).then(() => enqueueSnackbar('They are back.'), complain);
        }),
      });
    };
    mutateAsync({ ids, restore: false }).then(offer, complain);
  };
}

/** What can be done with the photos as a whole, and which of them are shown. */
export function PhotoBar({
  branch,
  photos,
  sheet,
  busy,
  look,
  onAdd,
  onLook,
  onMarkup,
}: {
  branch: Branch;
  photos: readonly Photo[];
  sheet: SheetState;
  busy: string;
  look: PhotoLook;
  onAdd: () => void;
  onLook: (look: PhotoLook) => void;
  onMarkup: () => void;
}) {
  const { filter, sort, shown, selected } = sheet;
  return (
    <ActionBar>
      <Button onClick={onAdd}>Add photos</Button>
      <Soft role="status">
        {busy || (photos.length === 0 ? 'or drop pictures, folders or a zip here' : '')}
      </Soft>
      {photos.length > 0 && (
        <>
          <BoxedChoice label="How the photos are shown" options={LOOKS} value={look} onChange={onLook} />
          <BoxedChoice
            label="Which photos are shown"
            options={FILTERS}
            value={filter}
            onChange={sheet.setFilter}
          />
          <BoxedChoice label="In which order" options={SORTS} value={sort} onChange={sheet.setSort} />
          <Soft>
            {shown.length < photos.length
              ? `${shown.length} of ${photos.length}`
              : counted(photos.length, 'photo')}
            {selected.length > 0 && `, ${selected.length} selected`}
          </Soft>
          <Fill />
          <Acts branch={branch} sheet={sheet} onMarkup={onMarkup} />
        </>
      )}
    </ActionBar>
  );
}

/** What can be done with the photos that are chosen, or with all that are shown. */
function Acts({ branch, sheet, onMarkup }: { branch: Branch; sheet: SheetState; onMarkup: () => void }) {
  const { shown, selected, targets, setSelection } = sheet;
  const remove = useDeleting();
  const stamped = targets.filter((photo) => photo.stamped);
  const some = selected.length > 0 ? { ids: selected.map(({ id }) => id).join(',') } : {};
  const of = selected.length > 0 ? ` (${String(stamped.length)})` : '';
  return (
    <>
      <Button
        onClick={() =>
          setSelection((now) =>
            chooseAll(
              now,
              shown.map(({ id }) => id),
            ),
          )
        }
      >
        {selected.length === shown.length ? 'Select none' : 'Select all'}
      </Button>
      {stamped.length > 0 && (
        <Button component="a" href={linkTo('photosZip', { id: branch.id }, some)}>
          Download as zip{of}
        </Button>
      )}
      <RowMenu
        label={selected.length > 0 ? counted(selected.length, 'selected photo') : 'all photos shown'}
        items={[
          ['Markup of the photos …', onMarkup],
          ...(stamped.length > 0
            ? [
                [
                  'Report for the client',
                  () => window.location.assign(linkTo('photosReport', { id: branch.id }, some)),
                ] as const,
              ]
            : []),
        ]}
        {...(selected.length > 0 ? { onDelete: () => remove(selected) } : {})}
      />
    </>
  );
}
