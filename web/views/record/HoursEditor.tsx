import { Box, Button, InputBase, Menu, MenuItem } from '@mui/material';
import { memo, useState, type KeyboardEvent, type PointerEvent } from 'react';
import {
  clockOf,
  days,
  hoursLines,
  readDay,
  readWeek,
  writeDay,
  type Day,
  type Hours,
  type Span,
} from '#core/hours';
import type { BusinessRecord, Fact, FactFault, Origin } from '#core/record';
import { GradeMark } from '../../parts/Marks.tsx';
import { colour } from '../../theme.ts';
import { OriginOf } from './OriginOf.tsx';
import { toldHours } from './rows.ts';
import { TextField } from './TextField.tsx';

type Change = (change: (record: BusinessRecord) => BusinessRecord) => void;

const STEP = 30;
const DAY_MINUTES = 1440;

const columns = '150px minmax(170px, 0.75fr) minmax(240px, 1.4fr) 150px';

interface EditorProps {
  readonly hours: Hours;
  /** ISO 3166-1 alpha-2: tells the clock that visitors read. */
  readonly country: string;
  /** Faults and pointed facts of the hours alone. */
  readonly faults: readonly FactFault[];
  readonly pointed: readonly Fact[];
  readonly origin: Origin;
  readonly hasDefault: boolean;
  readonly onSet: (fact: Fact, text: string) => void;
  readonly onPoint: (facts: readonly Fact[]) => void;
  readonly change: Change;
}

const sameFaults = (before: readonly FactFault[], after: readonly FactFault[]): boolean =>
  before.length === after.length && before.every(({ message }, at) => message === after[at]?.message);

/** The week: typed in one line, day by day, or drawn on the strip beside each day. */
export const HoursEditor = memo(
  DrawnEditor,
  (before, after) =>
    (['hours', 'country', 'origin', 'hasDefault', 'onSet', 'change'] as const).every(
      (key) => before[key] === after[key],
    ) &&
    sameFaults(before.faults, after.faults) &&
    before.pointed.join() === after.pointed.join(),
);

function DrawnEditor({
  hours,
  country,
  faults,
  pointed,
  origin,
  hasDefault,
  onSet,
  onPoint,
  change,
}: EditorProps) {
  const hourMarks = [0, 3, 6, 9, 12, 15, 18, 21, 24];
  return (
    <>
      <Box sx={{ display: 'grid', gridTemplateColumns: '150px 1fr 150px', columnGap: 1.5, px: 2, py: 0.5 }}>
        <Box component="label" htmlFor="week-text" sx={{ color: 'text.secondary', py: 0.25 }}>
          Whole week
        </Box>
        <WeekText country={country} change={change} />
        <OriginOf fact="hours.Monday" label="Hours" origin={origin} hasDefault={hasDefault} change={change} />
      </Box>
      <Box
        aria-hidden="true"
        sx={{
          display: 'grid',
          gridTemplateColumns: columns,
          columnGap: 1.5,
          px: 2,
          height: 16,
          fontSize: 11,
          color: 'text.secondary',
          borderBottom: `1px solid ${colour.light}`,
        }}
      >
        <Box sx={{ gridColumn: 3, position: 'relative' }}>
          {hourMarks.map((hour) => (
            <Box
              key={hour}
              component="span"
              sx={{
                position: 'absolute',
                left: `${String((hour / 24) * 100)}%`,
                transform: 'translateX(-50%)',
              }}
            >
              {hour}
            </Box>
          ))}
        </Box>
      </Box>
      {days.map((day) => (
        <DayRow
          key={day}
          day={day}
          text={hours[day]}
          told={toldHours(hours, day, country)}
          faults={faults.filter(({ fact }) => fact === `hours.${day}`)}
          lit={pointed.includes(`hours.${day}`)}
          onSet={onSet}
          onPoint={onPoint}
          change={change}
        />
      ))}
    </>
  );
}

interface DayProps {
  readonly day: Day;
  readonly text: string;
  /** What visitors read. */
  readonly told: string;
  readonly faults: readonly FactFault[];
  readonly lit: boolean;
  readonly onSet: (fact: Fact, text: string) => void;
  readonly onPoint: (facts: readonly Fact[]) => void;
  readonly change: Change;
}

const DayRow = memo(
  DrawnDay,
  (before, after) =>
    (['text', 'told', 'lit', 'onSet', 'change'] as const).every((key) => before[key] === after[key]) &&
    sameFaults(before.faults, after.faults),
);

function DrawnDay({ day, text, told, faults, lit, onSet, onPoint, change }: DayProps) {
  const fact: Fact = `hours.${day}`;
  const describedBy = `told-${fact}`;
  return (
    <Box
      data-fact={fact}
      onMouseEnter={() => {
        onPoint([fact]);
      }}
      onMouseLeave={() => {
        onPoint([]);
      }}
      onFocus={() => {
        onPoint([fact]);
      }}
      sx={{
        position: 'relative',
        display: 'grid',
        gridTemplateColumns: columns,
        columnGap: 1.5,
        px: 2,
        alignItems: 'center',
        borderBottom: `1px solid ${colour.light}`,
        backgroundColor: lit ? colour.plumLight : 'transparent',
        '&:focus-within': { boxShadow: `inset 2px 0 ${colour.plum}` },
      }}
    >
      <Box component="label" htmlFor={`fact-${fact}`} sx={{ color: 'text.secondary' }}>
        {day}
      </Box>
      <TextField
        fact={fact}
        text={text}
        onSet={onSet}
        describedBy={describedBy}
        invalid={faults.length > 0}
      />
      <DayStrip day={day} text={text} change={change} />
      <DayButtons day={day} text={text} change={change} />
      <Box
        id={describedBy}
        sx={
          faults.length > 0
            ? { gridColumn: '2 / -1', display: 'flex', gap: 0.75, pb: 0.5, fontSize: 13 }
            : hidden
        }
      >
        {faults.length > 0
          ? faults.map(({ message, grade }) => (
              <Box key={message} sx={{ display: 'flex', gap: 0.75 }}>
                <GradeMark grade={grade} />
                <span>{message}</span>
              </Box>
            ))
          : told}
      </Box>
    </Box>
  );
}

const hidden = {
  position: 'absolute',
  width: 1,
  height: 1,
  overflow: 'hidden',
  clipPath: 'inset(50%)',
} as const;

const withHours = (record: BusinessRecord, hours: Partial<BusinessRecord['hours']>): BusinessRecord => ({
  ...record,
  hours: { ...record.hours, ...hours },
});

/** Typed text of a whole week with its reading, taken only when it was seen. */
function WeekText({ country, change }: { country: string; change: Change }) {
  const [text, setText] = useState('');
  const { hours, assumed, faults } = readWeek(text);
  const lines = hoursLines(hours, clockOf(country));
  const take = (): void => {
    if (lines.length === 0 || faults.length > 0) return;
    change((own) =>
      withHours(own, Object.fromEntries(days.flatMap((day) => (hours[day] ? [[day, hours[day]]] : [])))),
    );
    setText('');
  };
  return (
    <Box>
      <Box sx={{ display: 'flex', gap: 1 }}>
        <InputBase
          id="week-text"
          value={text}
          placeholder="Mon–Thu 9-5.30, Sat 10 to noon, closed Sundays"
          onChange={({ target }) => {
            setText(target.value);
          }}
          onKeyDown={(event) => {
            if (event.key === 'Enter') {
              event.preventDefault();
              take();
            }
          }}
          inputProps={{ 'aria-describedby': 'week-reading' }}
          sx={{
            flex: 1,
            px: 0.75,
            border: `1px solid ${colour.light}`,
            '&.Mui-focused': { backgroundColor: '#fff' },
            '& .MuiInputBase-input': { p: 0, py: 0.35 },
          }}
        />
        <Button disabled={lines.length === 0 || faults.length > 0} onClick={take}>
          Take
        </Button>
      </Box>
      {text && (
        <Box
          id="week-reading"
          role="status"
          sx={{ fontSize: 13, color: faults.length > 0 ? colour.plum : 'text.secondary', pt: 0.25 }}
        >
          {faults.length > 0
            ? faults.map(({ message }) => message).join(' ')
            : `${assumed ? 'Daytime assumed: ' : 'Read as '}${lines.map(({ label, text: said }) => `${label} ${said}`).join('; ')}`}
        </Box>
      )}
    </Box>
  );
}

const minutes = (time: string): number => Number(time.slice(0, 2)) * 60 + Number(time.slice(3, 5));
const clock = (at: number): string =>
  `${String(Math.floor((at % DAY_MINUTES) / 60)).padStart(2, '0')}:${String(at % 60).padStart(2, '0')}`;

/** Where a span begins and ends in minutes; past midnight it ends beyond the day. */
function endsOf({ opens, closes }: Span): { from: number; until: number } {
  const [from, until] = [minutes(opens), minutes(closes)];
  return {
    from,
    until: until <= from ? until + DAY_MINUTES : until === DAY_MINUTES - 1 ? DAY_MINUTES : until,
  };
}
const spanOf = (from: number, until: number): Span =>
  from === 0 && until >= DAY_MINUTES
    ? { opens: '00:00', closes: '23:59' }
    : { opens: clock(from), closes: clock(until) };

function DayStrip({ day, text, change }: { day: Day; text: string; change: Change }) {
  const [drawn, setDrawn] = useState<{ from: number; until: number } | undefined>();
  const { spans } = readDay(text);
  const set = (next: readonly Span[]): void => {
    const sorted = [...next].sort((a, b) => (a.opens < b.opens ? -1 : 1));
    change((own) => withHours(own, { [day]: writeDay(sorted) }));
  };
  const at = (event: PointerEvent<HTMLElement>): number => {
    const { left, width } = event.currentTarget.getBoundingClientRect();
    const raw = ((event.clientX - left) / width) * DAY_MINUTES;
    return Math.max(0, Math.min(DAY_MINUTES, Math.round(raw / STEP) * STEP));
  };
  const finish = (event: PointerEvent<HTMLElement>): void => {
    const end = at(event);
    if (drawn && drawn.from !== end) {
      const [from, until] = [Math.min(drawn.from, end), Math.max(drawn.from, end)];
      // What is drawn over is taken up into the new span.
      const apart = (spans ?? []).filter((span) => endsOf(span).until < from || endsOf(span).from > until);
      const joined = (spans ?? []).filter((span) => !apart.includes(span)).map(endsOf);
      set([
        ...apart,
        spanOf(
          Math.min(from, ...joined.map((one) => one.from)),
          Math.max(until, ...joined.map((one) => one.until)),
        ),
      ]);
    }
    setDrawn(undefined);
  };
  const bars = [
    ...(spans ?? []).map(endsOf),
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
      onPointerCancel={() => {
        setDrawn(undefined);
      }}
      sx={{
        position: 'relative',
        height: 18,
        cursor: 'crosshair',
        touchAction: 'none',
        userSelect: 'none',
        border: `1px solid ${colour.line}`,
        backgroundColor: spans?.length === 0 ? colour.light : '#fff',
        backgroundImage: `repeating-linear-gradient(90deg, transparent 0 calc(12.5% - 1px), ${colour.light} calc(12.5% - 1px) 12.5%)`,
        overflow: 'hidden',
      }}
    >
      {bars.map(({ from, until }, index) => (
        <Bar
          key={index}
          from={from}
          until={until}
          label={`${day} ${clock(from)} to ${clock(until)}`}
          onMove={(move) => {
            const span = spans?.[index];
            if (span) set((spans ?? []).map((one, place) => (place === index ? moved(one, move) : one)));
          }}
          onRemove={() => {
            set((spans ?? []).filter((_, place) => place !== index));
          }}
        />
      ))}
    </Box>
  );
}

interface Move {
  readonly end: 'from' | 'until';
  readonly by: number;
}

function moved(span: Span, { end, by }: Move): Span {
  const { from, until } = endsOf(span);
  const next = { from, until, [end]: Math.max(0, (end === 'from' ? from : until) + by) };
  return next.until - next.from < 15 || next.until - next.from > DAY_MINUTES || next.from >= DAY_MINUTES
    ? span
    : spanOf(next.from, next.until);
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

const GROUPS: readonly (readonly [string, readonly Day[]])[] = [
  ['Monday to Friday', days.slice(0, 5)],
  ['the weekend', days.slice(5)],
  ['every day', days],
];

function DayButtons({ day, text, change }: { day: Day; text: string; change: Change }) {
  const [anchor, setAnchor] = useState<HTMLElement | null>(null);
  const set = (value: string): void => {
    change((own) => withHours(own, { [day]: value }));
  };
  const copyTo = (targets: readonly Day[]): void => {
    setAnchor(null);
    change((own) => withHours(own, Object.fromEntries(targets.map((target) => [target, text]))));
  };
  const look = { py: 0, px: 0.5, fontWeight: 400, fontSize: 12, color: 'text.secondary' } as const;
  const next = days[days.indexOf(day) + 1];
  return (
    <Box sx={{ display: 'flex', pl: 0.5 }}>
      <Button
        variant="text"
        aria-label={`${day} closed`}
        onClick={() => {
          set('closed');
        }}
        sx={look}
      >
        closed
      </Button>
      <Button
        variant="text"
        aria-label={`${day} 24 h`}
        onClick={() => {
          set('24 hours');
        }}
        sx={look}
      >
        24 h
      </Button>
      <Button
        variant="text"
        aria-label={`${day}: copy to other days`}
        aria-haspopup="menu"
        disabled={!text.trim()}
        onClick={({ currentTarget }) => {
          setAnchor(currentTarget);
        }}
        sx={look}
      >
        copy to
      </Button>
      <Menu
        anchorEl={anchor}
        open={anchor !== null}
        onClose={() => {
          setAnchor(null);
        }}
      >
        {next && (
          <MenuItem
            onClick={() => {
              copyTo([next]);
            }}
          >
            {next}
          </MenuItem>
        )}
        {GROUPS.map(([label, targets]) => (
          <MenuItem
            key={label}
            onClick={() => {
              copyTo(targets);
            }}
          >
            {label}
          </MenuItem>
        ))}
      </Menu>
    </Box>
  );
}
