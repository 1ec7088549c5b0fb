import { Box, Link } from '@mui/material';
import { lazy, Suspense, useEffect, useRef, useState, type ReactNode } from 'react';
import { Link as RouterLink, useLocation } from 'react-router';
import { useBranch, useDefaults, useSearch } from '../api/queries.ts';
import { keep, kept } from '../state/browserStore.ts';
import { colour } from '../theme.ts';
import { ViewSign, type ViewName } from './Marks.tsx';
import { branchViews, defaultsPath, useBranchInHand, viewLabel, viewPath, type BranchView } from './place.ts';

const CommandBar = lazy(() => import('./CommandBar.tsx'));
const Shortcuts = lazy(() => import('./Shortcuts.tsx'));
const BranchSwitch = lazy(() => import('./BranchSwitch.tsx'));

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
    return () => {
      window.removeEventListener('keydown', open);
    };
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
      <SkipLink
        onSkip={() => {
          main.current?.focus();
        }}
      />
      <Rail current={view ?? (pathname === '/' ? 'desk' : undefined)} branchId={branchId} />
      <PathBar
        branchId={Number(branchText) || 0}
        clientId={Number(clientText) || 0}
        view={view}
        isTrash={pathname === '/trash'}
        onCommands={() => {
          setCommands(true);
        }}
        onKeys={() => {
          setKeys(true);
        }}
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
          <Shortcuts
            onClose={() => {
              setKeys(false);
            }}
          />
        </Suspense>
      )}
      {commands && (
        <Suspense>
          <CommandBar
            branchId={branchId}
            onClose={() => {
              setCommands(false);
            }}
          />
        </Suspense>
      )}
    </Box>
  );
}

/** Whether keys go into a text. */
const isTyping = (target: EventTarget | null): boolean =>
  target instanceof HTMLElement &&
  (target.isContentEditable || /^(INPUT|TEXTAREA|SELECT)$/.test(target.tagName));

/** When what held the focus is gone (a row that was deleted, a view that was left), the focus goes to the view, not to nowhere. */
function useViewFocus(main: React.RefObject<HTMLElement | null>): void {
  useEffect(() => {
    let held: Element | null = null;
    let timer: ReturnType<typeof setTimeout> | undefined;
    const remember = ({ target }: FocusEvent): void => {
      held = target instanceof Element ? target : null;
    };
    const catchUp = (): void => {
      timer = undefined;
      if (!held || held.isConnected) return;
      held = null;
      if (document.activeElement === null || document.activeElement === document.body)
        main.current?.focus({ preventScroll: true });
    };
    // What is drawn next may take the focus itself.
    const removed = new MutationObserver(() => {
      timer ??= setTimeout(catchUp, 50);
    });
    removed.observe(document.body, { childList: true, subtree: true });
    document.addEventListener('focusin', remember);
    return () => {
      removed.disconnect();
      document.removeEventListener('focusin', remember);
      clearTimeout(timer);
    };
  }, [main]);
}

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

function Rail({ current, branchId }: { current: ViewName | undefined; branchId: number }) {
  return (
    <Box
      component="nav"
      aria-label="Views"
      sx={{
        gridRow: '1 / 3',
        backgroundColor: colour.ink,
        color: colour.line,
        display: 'flex',
        flexDirection: 'column',
        pt: 0.5,
        overflowY: 'auto',
      }}
    >
      <RailLink to="/" view="desk" label="Desk" current={current === 'desk'} />
      {branchViews.map((view) => (
        <RailLink
          key={view}
          to={branchId ? viewPath(branchId, view) : '/'}
          view={view}
          label={viewLabel[view]}
          current={current === view}
        />
      ))}
    </Box>
  );
}

function RailLink({
  to,
  view,
  label,
  current,
}: {
  to: string;
  view: ViewName;
  label: string;
  current: boolean;
}) {
  return (
    <Box
      component={RouterLink}
      to={to}
      aria-current={current ? 'page' : undefined}
      sx={{
        display: 'flex',
        flexDirection: 'column',
        alignItems: 'center',
        gap: 0.25,
        py: 1,
        fontSize: 11.5,
        color: current ? '#fff' : colour.line,
        textDecoration: 'none',
        borderLeft: `3px solid ${current ? '#c58bb6' : 'transparent'}`,
        borderRight: '3px solid transparent',
        backgroundColor: current ? colour.dark : 'transparent',
        '&:hover': { color: '#fff' },
        '&:focus-visible': { outline: '2px solid #fff', outlineOffset: -3 },
      }}
    >
      <ViewSign view={view} />
      {label}
    </Box>
  );
}

function PathBar({
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
    <Box
      component="header"
      sx={{
        display: 'flex',
        alignItems: 'center',
        gap: 1,
        px: 1.5,
        borderBottom: `1px solid ${colour.line}`,
        backgroundColor: colour.paper,
        minWidth: 0,
      }}
    >
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
      <Box sx={{ flex: 1 }} />
      <Box
        component="button"
        type="button"
        aria-label="Find or go to … Ctrl+K"
        onClick={onCommands}
        sx={{
          flex: 'none',
          font: 'inherit',
          fontSize: 12.5,
          color: 'text.secondary',
          background: 'none',
          border: `1px solid ${colour.line}`,
          borderRadius: '3px',
          px: 1,
          py: 0.25,
          cursor: 'pointer',
          whiteSpace: 'nowrap',
        }}
      >
        <Box component="span" sx={{ '@media (max-width: 800px)': { display: 'none' } }}>
          Find or go to …{' '}
        </Box>
        <kbd style={{ fontFamily: 'inherit' }}>Ctrl+K</kbd>
      </Box>
      <Box
        component="button"
        type="button"
        aria-label="Keyboard shortcuts"
        title="Keyboard shortcuts (?)"
        onClick={onKeys}
        sx={{
          font: 'inherit',
          color: 'text.secondary',
          background: 'none',
          border: `1px solid ${colour.line}`,
          borderRadius: '3px',
          width: 24,
          cursor: 'pointer',
          flex: 'none',
        }}
      >
        ?
      </Box>
    </Box>
  );
}

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
      sx={{ m: 0, fontSize: 13.5, fontWeight: 600, color: 'text.primary', whiteSpace: 'nowrap' }}
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
