import { useSnackbar } from 'notistack';
import { useCallback } from 'react';
import { useDelete, useUndoChange, type Thing } from '../api/queries.ts';
import { utf8Bytes } from '#core/text';
import { inWords } from '../api/request.ts';

/** Copies exactly the given text and says so. */
export function useCopy(): (text: string, what: string) => void {
  const { enqueueSnackbar } = useSnackbar();
  return useCallback(
    (text, what) => {
      navigator.clipboard.writeText(text).then(
        () => enqueueSnackbar(`${what} copied.`),
        () => enqueueSnackbar('The browser did not allow copying. Select the text and press Ctrl+C.'),
      );
    },
    [enqueueSnackbar],
  );
}

/** Hands a text to the browser's downloads, in bytes that are read as this text. */
export function downloadText(text: string, name: string, type: string): void {
  const address = URL.createObjectURL(new Blob([utf8Bytes(text)], { type }));
  const link = document.createElement('a');
  link.href = address;
  link.download = name;
  link.click();
  setTimeout(() => URL.revokeObjectURL(address), 10_000);
}

/** Says what went wrong. */
export function useComplain(): (error: unknown) => void {
  const { enqueueSnackbar } = useSnackbar();
  return useCallback(
    (error) => enqueueSnackbar(inWords(error), { variant: 'error', persist: false, autoHideDuration: 9000 }),
    [enqueueSnackbar],
  );
}

/** Deletes a thing and offers to bring it back. */
export function useDeleteWithUndo(): (
  thing: Thing,
  name: string,
  undo: (restore: () => void) => React.ReactNode,
) => void {
  const { enqueueSnackbar, closeSnackbar } = useSnackbar();
  const remove = useDelete();
  const complain = useComplain();
  const { mutateAsync } = remove;
  return useCallback(
    (thing, name, undo) => {
      // Promises, not callbacks of the mutation: those end with the row that is being deleted.
      const restore = (): Promise<unknown> =>
        mutateAsync({ thing, restore: true }).then(() => enqueueSnackbar(`“${name}” is back.`), complain);
      const offer = (): void => {
        const key = enqueueSnackbar(`“${name}” was deleted.`, {
          autoHideDuration: 12_000,
          action: undo(() => {
            closeSnackbar(key);
            void restore();
          }),
        });
      };
      void mutateAsync({ thing, restore: false }).then(offer, complain);
    },
    [mutateAsync, complain, enqueueSnackbar, closeSnackbar],
  );
}

/** Says what was done and offers to undo it as one. */
export function useOfferUndo(): (
  message: string,
  changeId: number,
  undo: (act: () => void, what: string) => React.ReactNode,
) => void {
  const { enqueueSnackbar, closeSnackbar } = useSnackbar();
  const { mutateAsync } = useUndoChange();
  const complain = useComplain();
  return useCallback(
    (message, changeId, undo) => {
      if (changeId === 0) {
        enqueueSnackbar(message);
        return;
      }
      const key = enqueueSnackbar(message, {
        autoHideDuration: 12_000,
        action: undo(() => {
          closeSnackbar(key);
          mutateAsync(changeId).then(({ kept }) => {
            enqueueSnackbar(
              kept.length === 0
                ? 'Undone.'
                : `Undone, but for what was changed again since: ${kept.slice(0, 5).join(', ')}.`,
            );
          }, complain);
        }, message),
      });
    },
    [mutateAsync, complain, enqueueSnackbar, closeSnackbar],
  );
}
