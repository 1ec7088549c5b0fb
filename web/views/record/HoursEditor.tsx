import { Box } from '@mui/material';
import { memo } from 'react';
import { days, type Day, type Hours } from '#core/hours';
import type { Fact, FactFault, Origin } from '#core/record';
import { colour, typeSize } from '../../theme.ts';
import { DayButtons } from './DayButtons.tsx';
import { DayStrip } from './DayStrip.tsx';
import { Faults } from './FactRow.tsx';
import type { ChangeRecord, SetFact } from './fieldProps.ts';
import { OriginOf } from './OriginOf.tsx';
import { faultsOf, toldHours, type FaultsByFact } from './rows.ts';
import { MeantHelp } from './MeantHelp.tsx';
import { TextField } from './TextField.tsx';
import { WeekText } from './WeekText.tsx';

const weekRow = { fact: 'hours.Monday', key: 'hours' } as const;

const columns = '150px minmax(170px, 0.75fr) minmax(240px, 1.4fr) 150px';

interface EditorProps {
  readonly hours: Hours;
  /** ISO 3166-1 alpha-2: tells the clock that visitors read. */
  readonly country: string;
  readonly faults: FaultsByFact;
  readonly pointed: readonly Fact[];
  readonly origin: Origin;
  readonly hasDefault: boolean;
  readonly onSet: SetFact;
  readonly onPoint: (facts: readonly Fact[]) => void;
  readonly change: ChangeRecord;
}

/** The week: typed in one line, day by day, or drawn on the strip beside each day. */
export const HoursEditor = memo(function HoursEditor({
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
        <OriginOf row={weekRow} label="Hours" origin={origin} hasDefault={hasDefault} change={change} />
      </Box>
      <Box
        aria-hidden="true"
        sx={{
          display: 'grid',
          gridTemplateColumns: columns,
          columnGap: 1.5,
          px: 2,
          height: 16,
          fontSize: typeSize.tiny,
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
          faults={faultsOf(faults, `hours.${day}`)}
          lit={pointed.includes(`hours.${day}`)}
          onSet={onSet}
          onPoint={onPoint}
          change={change}
        />
      ))}
    </>
  );
});

interface DayProps {
  readonly day: Day;
  readonly text: string;
  /** What visitors read. */
  readonly told: string;
  readonly faults: readonly FactFault[];
  readonly lit: boolean;
  readonly onSet: SetFact;
  readonly onPoint: (facts: readonly Fact[]) => void;
  readonly change: ChangeRecord;
}

const DayRow = memo(function DayRow({ day, text, told, faults, lit, onSet, onPoint, change }: DayProps) {
  const fact: Fact = `hours.${day}`;
  const describedBy = `told-${fact}`;
  return (
    <Box
      data-fact={fact}
      onMouseEnter={() => onPoint([fact])}
      onMouseLeave={() => onPoint([])}
      onFocus={() => onPoint([fact])}
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
        row={{ fact, key: 'hours' }}
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
            ? { gridColumn: '2 / -1', display: 'flex', gap: 0.75, pb: 0.5, fontSize: typeSize.body }
            : hidden
        }
      >
        {faults.length > 0 ? <Faults id={undefined} faults={faults} /> : told}
        <MeantHelp row={{ fact, key: 'hours' }} onSet={onSet} />
      </Box>
    </Box>
  );
});

const hidden = {
  position: 'absolute',
  width: 1,
  height: 1,
  overflow: 'hidden',
  clipPath: 'inset(50%)',
} as const;
