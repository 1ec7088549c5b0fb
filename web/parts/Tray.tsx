import { Box } from '@mui/material';
import { useCallback, useRef, useState, type KeyboardEvent, type PointerEvent, type ReactNode } from 'react';
import { keep, kept } from '../state/browserStore.ts';
import { colour, typeSize } from '../theme.ts';

const MIN = 80;
const STEP = 24;

const remembered = (name: string, first: number): number => Number(kept(`tray:${name}`)) || first;

const grip = {
  flex: 'none',
  height: 7,
  cursor: 'row-resize',
  touchAction: 'none',
  borderTop: `1px solid ${colour.middle}`,
  backgroundColor: colour.light,
  '&::after': {
    content: '""',
    display: 'block',
    width: 36,
    height: 2,
    margin: '2px auto',
    backgroundColor: colour.line,
  },
} as const;

/** The work surface with the tray along its bottom edge, which shows what the thing in hand turns into. */
export function WithTray({
  name,
  label,
  height = 300,
  tray,
  children,
}: {
  name: string;
  label: string;
  height?: number;
  tray: ReactNode;
  children: ReactNode;
}) {
  const [size, setSize] = useState(() => remembered(name, height));
  const frame = useRef<HTMLDivElement>(null);
  const resize = useCallback(
    (wanted: number) => {
      const most = (frame.current?.clientHeight ?? 800) - 120;
      const next = Math.round(Math.max(MIN, Math.min(wanted, most)));
      setSize(next);
      keep(`tray:${name}`, String(next));
    },
    [name],
  );
  const drag = (event: PointerEvent<HTMLDivElement>): void => {
    if (event.buttons === 0 || !frame.current) return;
    event.currentTarget.setPointerCapture(event.pointerId);
    resize(frame.current.getBoundingClientRect().bottom - event.clientY);
  };
  const keys = (event: KeyboardEvent): void => {
    if (event.key === 'ArrowUp') resize(size + STEP);
    else if (event.key === 'ArrowDown') resize(size - STEP);
    else return;
    event.preventDefault();
  };
  return (
    <Box ref={frame} sx={{ display: 'flex', flexDirection: 'column', height: '100%', minHeight: 0 }}>
      <Box tabIndex={-1} sx={{ flex: '1 1 0', minHeight: 'min(50%, 200px)', overflow: 'auto' }}>
        {children}
      </Box>
      <Box
        role="separator"
        aria-orientation="horizontal"
        aria-label={`Height of the tray: ${label}`}
        aria-valuenow={size}
        tabIndex={0}
        onPointerMove={drag}
        onPointerDown={drag}
        onKeyDown={keys}
        sx={grip}
      />
      <Box
        component="section"
        aria-label={label}
        sx={{
          // On a small screen, or a large one seen from near, the tray yields to the surface above.
          flex: `0 1 ${String(size)}px`,
          minHeight: 0,
          overflow: 'hidden',
          display: 'flex',
          flexDirection: 'column',
          backgroundColor: '#fff',
        }}
      >
        {tray}
      </Box>
    </Box>
  );
}

/** The bar over a pane of the tray: what it shows, and what can be done with it. */
export function PaneBar({ title, children }: { title?: ReactNode; children?: ReactNode }) {
  return (
    <Box
      sx={{
        flex: 'none',
        display: 'flex',
        alignItems: 'center',
        flexWrap: 'wrap',
        columnGap: 1,
        minHeight: 34,
        px: 1.5,
        borderBottom: `1px solid ${colour.light}`,
        backgroundColor: colour.paper,
      }}
    >
      {title !== undefined && (
        <Box
          component="h2"
          sx={{
            m: 0,
            fontSize: typeSize.note,
            fontWeight: 700,
            color: 'text.secondary',
            flex: 1,
            minWidth: 0,
            overflow: 'hidden',
            textOverflow: 'ellipsis',
            whiteSpace: 'nowrap',
          }}
        >
          {title}
        </Box>
      )}
      {children}
    </Box>
  );
}
