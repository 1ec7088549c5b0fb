import { Button } from '@mui/material';
import { useState } from 'react';
import { linkTo, type Branch, type Page } from '#contract';
import { useToldBranch } from '../../api/branch.ts';
import { usePages } from '../../api/queries.ts';
import { ActionBar, DropFrame } from '../../parts/Drop.tsx';
import { Fill, Soft } from '../../parts/layout.tsx';
import { EmptyState, Failure, Loading } from '../../parts/Notice.tsx';
import { useBranchId } from '../../parts/place.ts';
import { PaneBar, WithTray } from '../../parts/Tray.tsx';
import { useLiveProof } from './LiveProof.tsx';
import { PageTable } from './PageTable.tsx';
import { PlacingTray } from './PlacingTray.tsx';
import { useUploadPages } from './useUploadPages.tsx';

/** The site's pages, what is placed on each, and what placing does to the source. */
export default function Pages() {
  const branchId = useBranchId();
  const branch = useToldBranch(branchId);
  const pages = usePages(branch.data?.clientId);
  const error = branch.error ?? pages.error;
  if (error && !(branch.data && pages.data)) return <Failure error={error} />;
  if (!branch.data || !pages.data) return <Loading />;
  return <PagesOf branch={branch.data} pages={pages.data.pages} />;
}

function PagesOf({ branch, pages }: { branch: Branch; pages: readonly Page[] }) {
  const [chosen, setChosen] = useState<number | undefined>();
  const own = pages.find(({ ownBranch }) => ownBranch?.id === branch.id);
  const page = pages.find(({ id }) => id === chosen) ?? own ?? pages[0];
  const upload = useUploadPages(branch.clientId);
  const live = useLiveProof(branch);
  return (
    <DropFrame label="Pages or a zip to add" onFiles={upload.take}>
      {(open) => (
        <>
          {upload.question}
          <WithTray
            name="pages"
            label="What placing changes"
            height={360}
            tray={
              page ? (
                <PlacingTray key={page.id} branch={branch} page={page} />
              ) : (
                <PaneBar title="Difference" />
              )
            }
          >
            <ActionBar>
              <Button onClick={open}>Add pages or a zip</Button>
              <Soft>{upload.busy || 'or drop them anywhere here'}</Soft>
              <Fill />
              {live.button}
              <Button component="a" href={linkTo('handOver', { id: branch.id })}>
                Hand-over sheet
              </Button>
              {pages.length > 0 && (
                <Button component="a" href={linkTo('pagesZip', { id: branch.clientId })}>
                  Download all as zip
                </Button>
              )}
            </ActionBar>
            {live.outcome}
            {pages.length === 0 ? (
              <EmptyState title="The site has no pages here yet.">
                Add its HTML files, or one zip of them. What you add stays as it is; placing shows every
                change before it is made, and removing restores the source byte for byte.
              </EmptyState>
            ) : (
              <PageTable pages={pages} branchId={branch.id} chosen={page?.id} onChoose={setChosen} />
            )}
          </WithTray>
        </>
      )}
    </DropFrame>
  );
}
