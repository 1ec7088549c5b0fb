import { useSnackbar } from 'notistack';
import { useState } from 'react';
import type { Branch, Page } from '#contract';
import type { PlacedForm, Placement } from '#core/page';
import { addRun, publishRun, settledRun, undoRun, useRefreshPages } from '../../api/pages.ts';
import { usePlace, useRemovePlaced } from '../../api/queries.ts';
import type { BodyOf } from '../../api/request.ts';
import { useComplain, useOfferUndo } from '../../parts/actions.ts';
import { undoButton } from '../../parts/UndoButton.tsx';
import { FORM_LABEL } from './formLabel.ts';

/** What is placed, where, and what visitors read otherwise and is put right. */
interface Placed {
  readonly form: PlacedForm;
  readonly at: Placement;
  readonly corrects: string[];
}

/** The acts that place a branch's markup on a page and take it off again, each with its way back. */
export function usePlacing(branch: Branch, page: Page, placed: Placed) {
  const { form } = placed;
  const here = useHere(branch, page, placed);
  const onSite = useOnSite(branch.clientId, page);
  const isForeign = page.ownBranch !== null && page.ownBranch.id !== branch.id;
  if (!page.site) return { ...here, isForeign };
  return {
    isForeign,
    busy: onSite.busy,
    put: () =>
      onSite.run(
        {
          act: 'place',
          rules: [{ pages: { kind: 'chosen', ids: [page.id] }, branch: branch.id, ...placed }],
        },
        `${branch.label} placed on ${page.path}, published and read back.`,
      ),
    take: () =>
      onSite.run(
        { act: 'remove', pages: [page.id], form },
        `${FORM_LABEL[form]} removed from ${page.path}; the rest of the page on its site is as it was.`,
      ),
  };
}

/** On a page that was handed in. */
function useHere(branch: Branch, page: Page, placed: Placed) {
  const { form } = placed;
  const [placing, removing] = [usePlace(), useRemovePlaced()];
  const complain = useComplain();
  const offerUndo = useOfferUndo();
  const isForeign = page.ownBranch !== null && page.ownBranch.id !== branch.id;
  const put = (): void => {
    placing
      .mutateAsync({ pageId: page.id, input: { branchId: branch.id, ...placed, foreign: isForeign } })
      .then(({ page: { placements }, changeId }) => {
        offerUndo(
          placements.find((one) => one.form === form)?.state === 'proved'
            ? `${branch.label} placed on ${page.path}, read back and proved.`
            : `${branch.label} placed on ${page.path}, but not all reads back as meant.`,
          changeId,
          undoButton,
        );
      }, complain);
  };
  const take = (): void => {
    removing.mutateAsync({ pageId: page.id, form }).then(({ changeId }) => {
      const message = `${FORM_LABEL[form]} removed from ${page.path}; the rest of its source is as it was.`;
      offerUndo(message, changeId, undoButton);
    }, complain);
  };
  return { put, take, busy: placing.isPending || removing.isPending };
}

/** On a page of a site: a run over this page alone, since the tray has shown what it does. */
function useOnSite(clientId: number, page: Page) {
  const [busy, setBusy] = useState(false);
  const complain = useComplain();
  const refresh = useRefreshPages();
  const { enqueueSnackbar, closeSnackbar } = useSnackbar();
  const carryOut = async (input: BodyOf<'addRun'>, message: string): Promise<void> => {
    const { id } = await addRun(clientId, input);
    const [planned] = (await settledRun(id)).pages;
    if (planned?.state === 'same') {
      enqueueSnackbar(`${page.path} is as it should be.`);
      return;
    }
    if (planned?.state !== 'planned') throw new Error(planned?.problem ?? 'Nothing was changed.');
    await publishRun(id);
    const [done] = (await settledRun(id)).pages;
    if (done?.state !== 'written') throw new Error(done?.problem ?? 'Nothing was changed.');
    const key = enqueueSnackbar(message, {
      autoHideDuration: 12_000,
      action: undoButton(() => {
        closeSnackbar(key);
        undoRun(id)
          .then(({ id: back }) => settledRun(back))
          .then(() => enqueueSnackbar('Undone.'), complain)
          .finally(() => void refresh());
      }, message),
    });
  };
  const run = (input: BodyOf<'addRun'>, message: string): void => {
    setBusy(true);
    carryOut(input, message)
      .catch(complain)
      .finally(() => {
        setBusy(false);
        void refresh();
      });
  };
  return { run, busy };
}
