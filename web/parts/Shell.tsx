import { Box } from '@mui/material';
import { lazy, Suspense, useEffect, useRef, useState, type ReactNode } from 'react';
import { useLocation } from 'react-router';
import { useBranch, useSearch } from '../api/queries.ts';
import { keep, kept } from '../state/browserStore.ts';
import { colour } from '../theme.ts';
import { PathBar } from './PathBar.tsx';
import { branchViews } from './place.ts';
import { Rail } from './Rail.tsx';
import { useViewFocus } from './viewFocus.ts';

const CommandBar = lazy(() => import('./CommandBar.tsx'));
const Shortcuts = lazy(() => import('./Shortcuts.tsx'));

/** The frame of every view: a narrow rail for the views, a path bar for where you are. */
export function Shell({ children }: { children: ReactNode }) {
  const [commands, setCommands] = useState(false);
  const [keys, setKeys] = useState(false);
  useEffect(() => {
    const open = (event: KeyboardEvent): void => {
      if ((event.ctrlKey || event.metaKey) && event.key.toLowerCase() === 'k') {
        event.preventDefault();
        setCommands(true);
      } else if (event.key === '?' && !isTyping(event.target)) {
        event.preventDefault();
        setKeys(true);
      }
    };
    window.addEventListener('keydown', open);
    return () => window.removeEventListener('keydown', open);
  }, []);
  const { pathname } = useLocation();
  const [, branchText, viewText] = /^\/branches\/(\d+)\/(\w+)/.exec(pathname) ?? [];
  const [, clientText] = /^\/clients\/(\d+)\/defaults/.exec(pathname) ?? [];
  const view = branchViews.find((one) => one === viewText);
  const branchId = useRememberedBranch(Number(branchText) || 0);
  const main = useRef<HTMLElement>(null);
  useViewFocus(main);
  return (
    <Box
      sx={{ display: 'grid', gridTemplateColumns: '64px 1fr', gridTemplateRows: '40px 1fr', height: '100vh' }}
    >
      <SkipLink onSkip={() => main.current?.focus()} />
      <Rail current={view ?? (pathname === '/' ? 'desk' : undefined)} branchId={branchId} />
      <PathBar
        branchId={Number(branchText) || 0}
        clientId={Number(clientText) || 0}
        view={view}
        isTrash={pathname === '/trash'}
        onCommands={() => setCommands(true)}
        onKeys={() => setKeys(true)}
      />
      <Box
        component="main"
        id="view"
        ref={main}
        tabIndex={-1}
        sx={{ minWidth: 0, minHeight: 0, overflow: 'auto', '&:focus-visible': { outline: 'none' } }}
      >
        {children}
      </Box>
      {keys && (
        <Suspense>
          <Shortcuts onClose={() => setKeys(false)} />
        </Suspense>
      )}
      {commands && (
        <Suspense>
          <CommandBar branchId={branchId} onClose={() => setCommands(false)} />
        </Suspense>
      )}
    </Box>
  );
}

/** Whether keys go into a text. */
const isTyping = (target: EventTarget | null): boolean =>
  target instanceof HTMLElement &&
  (target.isContentEditable || /^(INPUT|TEXTAREA|SELECT)$/.test(target.tagName));

/** The first thing that the keyboard reaches: past the rail, to the view. */
const SkipLink = ({ onSkip }: { onSkip: () => void }) => (
  <Box
    component="a"
    href="#view"
    onClick={(event: React.MouseEvent) => {
      event.preventDefault();
      onSkip();
    }}
    sx={{
      position: 'absolute',
      left: -9999,
      zIndex: 10,
      p: 1,
      backgroundColor: colour.paper,
      color: colour.plum,
      '&:focus': { left: 8, top: 4 },
    }}
  >
    To the view
  </Box>
);

/** The branch last worked on, so that the rail leads on from the desk too. */
function useRememberedBranch(named: number): number {
  const last = named || Number(kept('branch')) || 0;
  const { data, error } = useBranch(last);
  const { data: any } = useSearch('');
  useEffect(() => {
    if (named && data?.id === named) keep('branch', String(named));
  }, [named, data]);
  const first = any?.branches[0]?.id ?? 0;
  return error ? first : last || first;
}
