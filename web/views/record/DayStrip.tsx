import { Box } from '@mui/material';
import { useState, type KeyboardEvent, type PointerEvent } from 'react';
import {
  clockTime,
  DAY_MINUTES,
  minuteAt,
  readDay,
  stretchOf,
  withDrawn,
  withMoved,
  writeDay,
  type Day,
  type Move,
  type Span,
  type Stretch,
} from '#core/hours';
import { colour } from '../../theme.ts';
import type { ChangeRecord } from './fieldProps.ts';
import { withHours } from './withHours.ts';

/** A day's hours drawn on a strip: dragging draws a span, keys move and remove one. */
export function DayStrip({ day, text, change }: { day: Day; text: string; change: ChangeRecord }) {
  const [drawn, setDrawn] = useState<Stretch | undefined>();
  const { spans = [] } = readDay(text);
  const isClosed = readDay(text).spans?.length === 0;
  const set = (next: readonly Span[]): void => change((own) => withHours(own, { [day]: writeDay(next) }));
  const at = (event: PointerEvent<HTMLElement>): number => {
    const { left, width } = event.currentTarget.getBoundingClientRect();
    return minuteAt((event.clientX - left) / width);
  };
  const finish = (event: PointerEvent<HTMLElement>): void => {
    const end = at(event);
    if (drawn && drawn.from !== end)
      set(withDrawn(spans, { from: Math.min(drawn.from, end), until: Math.max(drawn.from, end) }));
    setDrawn(undefined);
  };
  const bars = [
    ...spans.map(stretchOf),
    ...(drawn ? [{ from: Math.min(drawn.from, drawn.until), until: Math.max(drawn.from, drawn.until) }] : []),
  ];
  return (
    <Box
      data-strip={day}
      onPointerDown={(event) => {
        if (event.button !== 0 || event.target !== event.currentTarget) return;
        event.currentTarget.setPointerCapture(event.pointerId);
        const from = at(event);
        setDrawn({ from, until: from });
      }}
      onPointerMove={(event) => {
        if (drawn) setDrawn({ ...drawn, until: at(event) });
      }}
      onPointerUp={finish}
      onPointerCancel={() => setDrawn(undefined)}
      sx={{
        position: 'relative',
        height: 18,
        cursor: 'crosshair',
        touchAction: 'none',
        userSelect: 'none',
        border: `1px solid ${colour.line}`,
        backgroundColor: isClosed ? colour.light : '#fff',
        backgroundImage: `repeating-linear-gradient(90deg, transparent 0 calc(12.5% - 1px), ${colour.light} calc(12.5% - 1px) 12.5%)`,
        overflow: 'hidden',
      }}
    >
      {bars.map(({ from, until }, index) => (
        <Bar
          key={index}
          from={from}
          until={until}
          label={`${day} ${clockTime(from)} to ${clockTime(until)}`}
          onMove={(move) => set(withMoved(spans, index, move))}
          onRemove={() => set(spans.filter((_, place) => place !== index))}
        />
      ))}
    </Box>
  );
}

/** A span on the strip: arrows move its beginning, with Shift its end; Delete takes it away. */
function Bar({
  from,
  until,
  label,
  onMove,
  onRemove,
}: {
  from: number;
  until: number;
  label: string;
  onMove: (move: Move) => void;
  onRemove: () => void;
}) {
  const keys = (event: KeyboardEvent): void => {
    const by = event.key === 'ArrowLeft' ? -15 : event.key === 'ArrowRight' ? 15 : 0;
    if (by) onMove({ end: event.shiftKey ? 'until' : 'from', by });
    else if (event.key === 'Delete' || event.key === 'Backspace') onRemove();
    else return;
    event.preventDefault();
  };
  return (
    <Box
      component="button"
      type="button"
      aria-label={`${label}. Arrows move the beginning, with Shift the end, Delete takes it away.`}
      title={label}
      onKeyDown={keys}
      sx={{
        position: 'absolute',
        top: 2,
        bottom: 2,
        left: `${String((from / DAY_MINUTES) * 100)}%`,
        width: `${String(((Math.min(until, DAY_MINUTES) - from) / DAY_MINUTES) * 100)}%`,
        p: 0,
        border: 0,
        borderRadius: '2px',
        borderRight: until > DAY_MINUTES ? `4px double #fff` : 0,
        backgroundColor: colour.dark,
        cursor: 'default',
        '&:hover, &:focus-visible': { backgroundColor: colour.plum },
      }}
    />
  );
}
