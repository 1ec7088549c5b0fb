import { Button } from '@mui/material';
import { useState } from 'react';
import type { Page } from '#contract';
import { usePageVersions } from '../../api/pages.ts';
import { Frame } from '../../parts/Frame.tsx';
import { Fill, ListRow, Plain, Soft } from '../../parts/layout.tsx';
import { EmptyState, Failure, Loading } from '../../parts/Notice.tsx';

/** Opens the versions that a page once had. */
export function VersionsButton({ page, onBack }: { page: Page; onBack: (digest: string) => void }) {
  const [open, setOpen] = useState(false);
  return (
    <>
      <Button onClick={() => setOpen(true)}>Earlier versions</Button>
      {open && <VersionsDialog page={page} onClose={() => setOpen(false)} onBack={onBack} />}
    </>
  );
}

/** Each version that a run has kept; going back to one is a run of its own, seen before it is published. */
function VersionsDialog({
  page,
  onClose,
  onBack,
}: {
  page: Page;
  onClose: () => void;
  onBack: (digest: string) => void;
}) {
  const { data, error } = usePageVersions(page.id);
  return (
    <Frame
      title={`Versions of ${page.path}`}
      onClose={onClose}
      actions={<Button onClick={onClose}>Close</Button>}
    >
      {error ? (
        <Failure error={error} />
      ) : !data ? (
        <Loading />
      ) : data.versions.length === 0 ? (
        <EmptyState title="No earlier version yet.">
          A run keeps the page as it was before and after.
        </EmptyState>
      ) : (
        <Plain aria-label={`Versions of ${page.path}`}>
          {data.versions.map(({ digest, made, size, isNow }) => (
            <ListRow key={digest}>
              {new Date(made).toLocaleString()}
              <Soft>{(size / 1024).toFixed(1)} KB</Soft>
              <Soft>{digest.slice(0, 8)}</Soft>
              <Fill />
              {isNow ? (
                <Soft>as it is now</Soft>
              ) : (
                <Button
                  sx={{ py: 0 }}
                  aria-label={`Go back to this version, ${digest.slice(0, 8)}`}
                  onClick={() => onBack(digest)}
                >
                  Go back to this
                </Button>
              )}
            </ListRow>
          ))}
        </Plain>
      )}
    </Frame>
  );
}
