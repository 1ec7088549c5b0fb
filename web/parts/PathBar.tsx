import { Box, Link } from '@mui/material';
import { styled } from '@mui/material/styles';
import { lazy, Suspense, useEffect, type ReactNode } from 'react';
import { Link as RouterLink } from 'react-router';
import { useDefaults } from '../api/queries.ts';
import { colour, typeSize } from '../theme.ts';
import { Fill } from './layout.tsx';
import { defaultsPath, useBranchInHand, viewLabel, type BranchView } from './place.ts';

const BranchSwitch = lazy(() => import('./BranchSwitch.tsx'));

/** The bar over every view: where you are, and the ways to elsewhere. */
export function PathBar({
  branchId,
  clientId,
  view,
  isTrash,
  onCommands,
  onKeys,
}: {
  branchId: number;
  clientId: number;
  view: BranchView | undefined;
  isTrash: boolean;
  onCommands: () => void;
  onKeys: () => void;
}) {
  const branch = useBranchInHand(branchId);
  const defaults = useDefaults(clientId);
  useTitle(
    isTrash
      ? 'Trash'
      : branch && view
        ? `${viewLabel[view]} of ${branch.label}, ${branch.clientName}`
        : clientId > 0
          ? `Defaults of ${defaults.data?.clientName ?? 'a client'}`
          : 'Desk',
  );
  return (
    <Bar>
      <Link
        component={RouterLink}
        to="/"
        underline="hover"
        sx={{ fontWeight: 700, color: 'text.primary', whiteSpace: 'nowrap' }}
      >
        Zinc Post
      </Link>
      {branch && view && (
        <Place>
          <Link
            component={RouterLink}
            to={defaultsPath(branch.clientId)}
            underline="hover"
            color="inherit"
            title="The client’s defaults"
            sx={{ overflow: 'hidden', textOverflow: 'ellipsis', whiteSpace: 'nowrap', minWidth: 40 }}
          >
            {branch.clientName}
          </Link>
          <span aria-hidden="true">/</span>
          <Suspense fallback={branch.label}>
            <BranchSwitch branch={branch} view={view} />
          </Suspense>
          <span aria-hidden="true">/</span>
          <Title>{viewLabel[view]}</Title>
        </Place>
      )}
      {clientId > 0 && <DefaultsPlace clientId={clientId} />}
      <Fill />
      <BarButton aria-label="Find or go to … Ctrl+K" onClick={onCommands}>
        <Wide>Find or go to … </Wide>
        <kbd style={{ fontFamily: 'inherit' }}>Ctrl+K</kbd>
      </BarButton>
      <BarButton aria-label="Keyboard shortcuts" title="Keyboard shortcuts (?)" onClick={onKeys}>
        ?
      </BarButton>
    </Bar>
  );
}

/** A button of the bar, quieter than those of a view. */
const BarButton = styled('button')({
  flex: 'none',
  font: 'inherit',
  fontSize: typeSize.note,
  color: colour.middle,
  background: 'none',
  border: `1px solid ${colour.line}`,
  borderRadius: 3,
  padding: '2px 8px',
  cursor: 'pointer',
  whiteSpace: 'nowrap',
});

/** Words for which a small screen has no room. */
const Wide = styled('span')({ '@media (max-width: 800px)': { display: 'none' } });

const Bar = styled('header')({
  display: 'flex',
  alignItems: 'center',
  gap: 8,
  padding: '0 12px',
  borderBottom: `1px solid ${colour.line}`,
  backgroundColor: colour.paper,
  minWidth: 0,
});

/** What the browser calls the view: in its tabs, its history, and aloud. */
function useTitle(title: string): void {
  useEffect(() => {
    document.title = `${title} · Zinc Post`;
  }, [title]);
}

/** Where you are, part by part. */
function Place({ children }: { children: ReactNode }) {
  return (
    <Box
      component="nav"
      aria-label="Place"
      sx={{ display: 'flex', alignItems: 'center', gap: 1, minWidth: 0, color: 'text.secondary' }}
    >
      <span aria-hidden="true">/</span>
      {children}
    </Box>
  );
}

function Title({ children }: { children: ReactNode }) {
  return (
    <Box
      component="h1"
      sx={{ m: 0, fontSize: typeSize.text, fontWeight: 600, color: 'text.primary', whiteSpace: 'nowrap' }}
    >
      {children}
    </Box>
  );
}

function DefaultsPlace({ clientId }: { clientId: number }) {
  const { data } = useDefaults(clientId);
  if (!data) return null;
  return (
    <Place>
      <Box component="span" sx={{ overflow: 'hidden', textOverflow: 'ellipsis', whiteSpace: 'nowrap' }}>
        {data.clientName}
      </Box>
      <span aria-hidden="true">/</span>
      <Title>Defaults of all branches</Title>
    </Place>
  );
}
