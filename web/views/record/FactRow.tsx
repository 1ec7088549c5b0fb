import { Box } from '@mui/material';
import { memo } from 'react';
import type { FactFault, FactRow as Row, Origin } from '#core/record';
import { GradeMark } from '../../parts/Marks.tsx';
import { colour, typeSize } from '../../theme.ts';
import { OriginOf } from './OriginOf.tsx';
import { Field, hasEntries } from './fields.tsx';
import type { ChangeRecord, SetFact } from './fieldProps.ts';

export interface FactRowProps {
  readonly row: Row;
  readonly label: string;
  readonly wanted: string;
  readonly text: string;
  /** What a machine or a visitor is told. */
  readonly told: string;
  readonly faults: readonly FactFault[];
  readonly lit: boolean;
  readonly origin: Origin;
  /** Whether the client has a default for it. */
  readonly hasDefault: boolean;
  readonly onSet: SetFact;
  readonly change: ChangeRecord;
  readonly onPoint: (facts: readonly Row['fact'][]) => void;
}

const columns = {
  display: 'grid',
  gridTemplateColumns: '150px minmax(240px, 1.35fr) minmax(150px, 1fr) 132px',
  columnGap: 1.5,
  px: 2,
  borderBottom: `1px solid ${colour.light}`,
  '@media (max-width: 900px)': {
    gridTemplateColumns: '100px minmax(150px, 1.35fr) minmax(100px, 1fr) 84px',
    columnGap: 1,
  },
  '&:focus-within': { boxShadow: `inset 2px 0 ${colour.plum}` },
} as const;

const inherited = { '& input, & textarea': { fontStyle: 'italic', color: colour.middle } } as const;

/**
 * A fact: its name, its value edited in place, what a machine is told or what is wrong, and whose it is. Drawn anew
 * only when something of its own changed: typing must not wait for the whole sheet.
 */
export const FactRow = memo(function FactRow(props: FactRowProps) {
  const { row, label, wanted, text, told, faults, lit, origin, hasDefault, onSet, change, onPoint } = props;
  const { fact } = row;
  const describedBy = faults.length > 0 ? `faults-${fact}` : undefined;
  const point = (): void => onPoint([fact]);
  return (
    <Box
      data-fact={fact}
      data-origin={origin}
      onMouseEnter={point}
      onMouseLeave={() => onPoint([])}
      onFocus={point}
      // What is typed in a row moves the others but is drawn in it alone.
      sx={{ ...columns, contain: 'layout', backgroundColor: lit ? colour.plumLight : 'transparent' }}
    >
      <Box
        component={hasEntries(row) ? 'span' : 'label'}
        {...(hasEntries(row) ? { id: `label-${fact}` } : { htmlFor: `fact-${fact}` })}
        sx={{ py: 0.6, color: 'text.secondary' }}
      >
        {label}
        {!text && wanted !== 'optional' && (
          <Box component="span" sx={{ fontSize: typeSize.small }}>
            {' '}
            ({wanted})
          </Box>
        )}
      </Box>
      <Box sx={{ minWidth: 0, ...(origin === 'client' ? inherited : {}) }}>
        <Field
          row={row}
          label={label}
          text={text}
          onSet={onSet}
          change={change}
          describedBy={describedBy}
          invalid={faults.some(({ grade }) => grade === 'must')}
        />
      </Box>
      <Box sx={{ py: 0.6, minWidth: 0, fontSize: typeSize.body }}>
        {faults.length > 0 ? (
          <Faults id={describedBy} faults={faults} />
        ) : (
          <Box sx={{ color: 'text.secondary', overflowWrap: 'anywhere' }}>{told}</Box>
        )}
      </Box>
      <OriginOf row={row} label={label} origin={origin} hasDefault={hasDefault} change={change} />
    </Box>
  );
});

/** What is wrong with a value, each with its mark. */
export const Faults = ({ id, faults }: { id: string | undefined; faults: readonly FactFault[] }) => (
  <Box id={id}>
    {faults.map(({ message, grade }, at) => (
      <Box key={at} sx={{ display: 'flex', gap: 0.75 }}>
        <GradeMark grade={grade} />
        <span>{message}</span>
      </Box>
    ))}
  </Box>
);
