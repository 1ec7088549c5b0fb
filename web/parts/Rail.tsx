import { Box } from '@mui/material';
import { Link as RouterLink } from 'react-router';
import { colour } from '../theme.ts';
import { ViewSign, type ViewName } from './Marks.tsx';
import { branchViews, viewLabel, viewPath } from './place.ts';

/** The narrow rail with the views. */
export function Rail({ current, branchId }: { current: ViewName | undefined; branchId: number }) {
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
