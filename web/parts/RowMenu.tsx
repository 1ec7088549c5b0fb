import { IconButton } from '@mui/material';
import { lazy, Suspense, useState } from 'react';

// Loaded when the first menu is opened.
const RowMenuList = lazy(() => import('./RowMenuList.tsx'));

/** What can be done with a row, in one menu; deleting stands apart. */
export function RowMenu({
  label,
  items,
  onDelete,
}: {
  label: string;
  items: readonly (readonly [words: string, act: () => void])[];
  onDelete?: () => void;
}) {
  const [anchor, setAnchor] = useState<HTMLElement | null>(null);
  return (
    <>
      <IconButton
        size="small"
        aria-label={`Actions for ${label}`}
        aria-haspopup="menu"
        aria-expanded={anchor !== null}
        onClick={(event) => {
          event.stopPropagation();
          setAnchor(event.currentTarget);
        }}
        sx={{ p: 0, width: 24, height: 22, borderRadius: '3px', color: 'text.secondary' }}
      >
        <svg width="16" height="4" viewBox="0 0 16 4" aria-hidden="true" fill="currentColor">
          <circle cx="2" cy="2" r="1.6" />
          <circle cx="8" cy="2" r="1.6" />
          <circle cx="14" cy="2" r="1.6" />
        </svg>
      </IconButton>
      {anchor && (
        <Suspense>
          <RowMenuList anchor={anchor} items={items} onDelete={onDelete} onClose={() => setAnchor(null)} />
        </Suspense>
      )}
    </>
  );
}
