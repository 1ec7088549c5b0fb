import { Box } from '@mui/material';
import { memo } from 'react';
import {
  countryOf,
  factGroups,
  factText,
  isEntryFact,
  isSet,
  originOf,
  wantedOf,
  type BusinessRecord,
  type Fact,
  type FactFault,
  type FactGroup,
  type FactRow,
  type Origin,
} from '#core/record';
import { GradeMark } from '../../parts/Marks.tsx';
import { colour } from '../../theme.ts';
import { EntriesField } from './EntriesField.tsx';
import { HoursEditor } from './HoursEditor.tsx';
import { ImageHelp } from './ImageHelp.tsx';
import { OriginOf } from './OriginOf.tsx';
import { PinHelp } from './PinHelp.tsx';
import { AddressHelp } from './AddressHelp.tsx';
import { PriceHelp } from './PriceHelp.tsx';
import { ProfileHelp } from './ProfileHelp.tsx';
import { rowsOf, toldOf } from './rows.ts';
import { SpecialHours } from './SpecialHours.tsx';
import { TextField } from './TextField.tsx';
import { TypeField } from './TypeField.tsx';
import { ZoneField } from './ZoneField.tsx';

export interface SheetOfFacts {
  /** What the branch says itself, and with the client's defaults under it. */
  readonly own: BusinessRecord;
  readonly record: BusinessRecord;
  readonly defaults: BusinessRecord;
  readonly faults: readonly FactFault[];
  /** Facts that were asked for, though nothing is set yet. */
  readonly asked: ReadonlySet<Fact>;
  readonly onSet: (fact: Fact, text: string) => void;
  readonly change: (change: (record: BusinessRecord) => BusinessRecord) => void;
  readonly pointed: readonly Fact[];
  readonly onPoint: (facts: readonly Fact[]) => void;
  /** Shows the pin on its map. */
  readonly onPin: () => void;
}

export const GROUP_LABEL: Readonly<Record<FactGroup, string>> = {
  identity: 'Identity',
  place: 'Place',
  hours: 'Hours',
  contact: 'Contact',
  offer: 'Offer',
  profiles: 'People and profiles',
  images: 'Images',
};

/** Every fact as a row: its name, its value edited in place, what a machine is told, and what is wrong. */
export function FactSheet(props: SheetOfFacts) {
  const { record, asked } = props;
  return (
    <Box
      component="form"
      aria-label="Facts"
      autoComplete="off"
      onSubmit={(event) => {
        event.preventDefault();
      }}
      sx={{ pb: 3 }}
    >
      {factGroups.map((group) => (
        <Box
          component="fieldset"
          key={group}
          id={`group-${group}`}
          sx={{ scrollMarginTop: '64px', border: 0, m: 0, p: 0, minWidth: 0 }}
        >
          <Box
            component="legend"
            sx={{
              width: '100%',
              px: 2,
              pt: 1.25,
              pb: 0.5,
              fontSize: 12,
              fontWeight: 700,
              color: 'text.secondary',
              borderBottom: `1px solid ${colour.line}`,
            }}
          >
            {GROUP_LABEL[group]}
          </Box>
          {group === 'place' && <AddressHelp country={countryOf(record)} change={props.change} />}
          {group === 'hours' ? (
            <HoursRows {...props} />
          ) : (
            rowsOf(group, record, asked).map((row) => <RowOf key={row.fact} row={row} {...props} />)
          )}
          {group === 'place' && <PinHelp pin={record.pin} change={props.change} onPin={props.onPin} />}
        </Box>
      ))}
    </Box>
  );
}

/** The week as one editor, then exceptions and time zone. */
function HoursRows(props: SheetOfFacts) {
  const { record, own, defaults, faults, pointed, onSet, onPoint, change } = props;
  const rows = rowsOf('hours', record, props.asked).filter(({ fact }) => !fact.startsWith('hours.'));
  return (
    <>
      <HoursEditor
        hours={record.hours}
        country={countryOf(record)}
        faults={faults.filter(({ fact }) => fact.startsWith('hours.'))}
        pointed={pointed.filter((fact) => fact.startsWith('hours.'))}
        origin={originOf(own, defaults, 'hours.Monday')}
        hasDefault={isSet(defaults, 'hours')}
        onSet={onSet}
        onPoint={onPoint}
        change={change}
      />
      {rows.map((row) => (
        <RowOf key={row.fact} row={row} {...props} />
      ))}
    </>
  );
}

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
}: SheetOfFacts & { row: FactRow }) {
  const { fact } = row;
  const text = factText(record, fact);
  return (
    <Row
      fact={fact}
      label={row.label}
      wanted={row.fact.startsWith('address.') ? row.wanted : wantedOf(row, record)}
      text={text}
      context={contextOf(record, fact)}
      told={text ? toldOf(record, fact) : ''}
      faults={faults.filter((one) => one.fact === fact)}
      lit={pointed.includes(fact)}
      origin={originOf(own, defaults, fact)}
      hasDefault={factText(defaults, fact).trim() !== ''}
      onSet={onSet}
      change={change}
      onPoint={onPoint}
    />
  );
}

/** What else of the record the helps of a row depend on. */
const contextOf = (record: BusinessRecord, fact: Fact): string =>
  fact === 'priceRange' || fact === 'specialHours'
    ? `${record.address.addressCountry}|${record.address.addressRegion}`
    : fact === 'sameAs'
      ? record.url
      : fact === 'timeZone'
        ? JSON.stringify([record.hours, record.specialHours])
        : '';

interface RowProps {
  readonly fact: Fact;
  readonly label: string;
  readonly wanted: string;
  readonly text: string;
  readonly context: string;
  /** What a machine or a visitor is told. */
  readonly told: string;
  readonly faults: readonly FactFault[];
  readonly lit: boolean;
  readonly origin: Origin;
  /** Whether the client has a default for it. */
  readonly hasDefault: boolean;
  readonly onSet: SheetOfFacts['onSet'];
  readonly change: SheetOfFacts['change'];
  readonly onPoint: SheetOfFacts['onPoint'];
}

/** A row is drawn anew only when something of its own changed: typing must not wait for the whole sheet. */
const Row = memo(DrawnRow, (before, after) => {
  const sameFaults =
    before.faults.length === after.faults.length &&
    before.faults.every(({ message }, at) => message === after.faults[at]?.message);
  return (
    sameFaults &&
    (
      [
        'label',
        'wanted',
        'text',
        'context',
        'told',
        'lit',
        'origin',
        'hasDefault',
        'onSet',
        'change',
      ] as const
    ).every((key) => before[key] === after[key])
  );
});

function DrawnRow(props: RowProps) {
  const { fact, label, wanted, text, told, faults: own, lit, origin, onPoint } = props;
  const describedBy = own.length > 0 ? `faults-${fact}` : undefined;
  return (
    <Box
      data-fact={fact}
      data-origin={origin}
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
        display: 'grid',
        gridTemplateColumns: '150px minmax(240px, 1.35fr) minmax(150px, 1fr) 132px',
        '@media (max-width: 900px)': {
          gridTemplateColumns: '100px minmax(150px, 1.35fr) minmax(100px, 1fr) 84px',
          columnGap: 1,
        },
        columnGap: 1.5,
        px: 2,
        borderBottom: `1px solid ${colour.light}`,
        backgroundColor: lit ? colour.plumLight : 'transparent',
        '&:focus-within': { boxShadow: `inset 2px 0 ${colour.plum}` },
      }}
    >
      <Box
        component={isEntryFact(fact) ? 'span' : 'label'}
        {...(isEntryFact(fact) ? { id: `label-${fact}` } : { htmlFor: `fact-${fact}` })}
        sx={{ py: 0.6, color: 'text.secondary' }}
      >
        {label}
        {!text && wanted !== 'optional' && (
          <Box component="span" sx={{ fontSize: 12 }}>
            {' '}
            ({wanted})
          </Box>
        )}
      </Box>
      <Box
        sx={{
          minWidth: 0,
          ...(origin === 'client'
            ? { '& input, & textarea': { fontStyle: 'italic', color: colour.middle } }
            : {}),
        }}
      >
        <Field {...props} describedBy={describedBy} />
      </Box>
      <Box sx={{ py: 0.6, minWidth: 0, fontSize: 13 }}>
        {own.length > 0 ? (
          <Box id={describedBy}>
            {own.map(({ message, grade }, at) => (
              <Box key={at} sx={{ display: 'flex', gap: 0.75 }}>
                <GradeMark grade={grade} />
                <span>{message}</span>
              </Box>
            ))}
          </Box>
        ) : (
          <Box sx={{ color: 'text.secondary', overflowWrap: 'anywhere' }}>{told}</Box>
        )}
      </Box>
      <OriginOf {...props} />
    </Box>
  );
}

/** The control for a fact's value. */
function Field({
  fact,
  label,
  text,
  faults,
  context,
  onSet,
  change,
  describedBy,
}: RowProps & { describedBy: string | undefined }) {
  const invalid = faults.some(({ grade }) => grade === 'must');
  if (fact === 'types') return <TypeField text={text} onSet={onSet} describedBy={describedBy} />;
  if (fact === 'timeZone')
    return <ZoneField text={text} context={context} onSet={onSet} describedBy={describedBy} />;
  if (fact === 'specialHours') return <SpecialHours text={text} context={context} onSet={onSet} />;
  if (isEntryFact(fact))
    return (
      <EntriesField fact={fact} label={label} text={text} onSet={onSet}>
        {fact === 'image' && <ImageHelp text={text} change={change} />}
      </EntriesField>
    );
  return (
    <>
      <TextField fact={fact} text={text} onSet={onSet} describedBy={describedBy} invalid={invalid} />
      {fact === 'priceRange' && <PriceHelp country={context.split('|')[0] ?? ''} onSet={onSet} />}
      {fact === 'sameAs' && <ProfileHelp text={text} change={change} />}
    </>
  );
}
