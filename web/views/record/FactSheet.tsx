import { Box } from '@mui/material';
import { memo } from 'react';
import {
  countryOf,
  factGroups,
  factText,
  groupLabels,
  isSet,
  originOf,
  wantedOf,
  type BusinessRecord,
  type Fact,
  type FactGroup,
  type FactRow as Row,
} from '#core/record';
import { colour, typeSize } from '../../theme.ts';
import { AddressHelp } from './AddressHelp.tsx';
import { FactRow } from './FactRow.tsx';
import type { ChangeRecord, SetFact } from './fieldProps.ts';
import { HoursEditor } from './HoursEditor.tsx';
import { PinHelp } from './PinHelp.tsx';
import { faultsOf, rowsOf, toldOf, type FaultsByFact } from './rows.ts';

export interface SheetOfFacts {
  /** What the branch says itself, and with the client's defaults under it. */
  readonly own: BusinessRecord;
  readonly record: BusinessRecord;
  readonly defaults: BusinessRecord;
  readonly faults: FaultsByFact;
  /** Facts that were asked for, though nothing is set yet. */
  readonly asked: ReadonlySet<Fact>;
  readonly onSet: SetFact;
  readonly change: ChangeRecord;
  readonly pointed: readonly Fact[];
  readonly onPoint: (facts: readonly Fact[]) => void;
  /** Shows the pin on its map. */
  readonly onPin: () => void;
}

/** Every fact as a row, group by group. */
export function FactSheet(props: SheetOfFacts) {
  const { record, asked, change } = props;
  return (
    <Box
      component="form"
      aria-label="Facts"
      autoComplete="off"
      onSubmit={(event) => event.preventDefault()}
      sx={{ pb: 3 }}
    >
      {factGroups.map((group) => (
        <fieldset key={group} id={`group-${group}`} style={groupLook}>
          <Legend group={group} />
          {group === 'place' && <AddressHelp country={countryOf(record)} change={change} />}
          {group === 'hours' && <Week {...props} />}
          {rowsOf(group, record, asked)
            .filter(({ key }) => key !== 'hours')
            .map((row) => (
              <RowOf key={row.fact} row={row} {...props} />
            ))}
          {group === 'place' && <PinHelp pin={record.pin} change={change} onPin={props.onPin} />}
        </fieldset>
      ))}
    </Box>
  );
}

const groupLook = { scrollMarginTop: '64px', border: 0, margin: 0, padding: 0, minWidth: 0 } as const;

const Legend = memo(({ group }: { group: FactGroup }) => (
  <Box component="legend" sx={legend}>
    {groupLabels[group]}
  </Box>
));

const legend = {
  width: '100%',
  px: 2,
  pt: 1.25,
  pb: 0.5,
  fontSize: typeSize.small,
  fontWeight: 700,
  color: 'text.secondary',
  borderBottom: `1px solid ${colour.line}`,
} as const;

/** The week as one editor. */
const Week = ({ record, own, defaults, faults, pointed, onSet, onPoint, change }: SheetOfFacts) => (
  <HoursEditor
    hours={record.hours}
    country={countryOf(record)}
    faults={faults}
    pointed={pointed}
    origin={originOf(own, defaults, 'hours.Monday')}
    hasDefault={isSet(defaults, 'hours')}
    onSet={onSet}
    onPoint={onPoint}
    change={change}
  />
);

function RowOf({
  row,
  own,
  record,
  defaults,
  faults,
  onSet,
  change,
  pointed,
  onPoint,
}: SheetOfFacts & { row: Row }) {
  const { fact } = row;
  const text = factText(record, fact);
  return (
    <FactRow
      row={row}
      label={row.label}
      wanted={row.key === 'address' ? row.wanted : wantedOf(row, record)}
      text={text}
      told={text ? toldOf(record, fact) : ''}
      faults={faultsOf(faults, fact)}
      lit={pointed.includes(fact)}
      origin={originOf(own, defaults, fact)}
      hasDefault={factText(defaults, fact).trim() !== ''}
      onSet={onSet}
      change={change}
      onPoint={onPoint}
    />
  );
}
