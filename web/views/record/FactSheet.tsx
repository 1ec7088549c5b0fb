import { Autocomplete, Box, InputBase } from '@mui/material';
import { memo, useMemo, useState } from 'react';
import { countryCode, countryName } from '#core/address';
import { clockOf, hoursLines, readDay, type Day } from '#core/hours';
import { markupTypes } from '#core/markup';
import { readTelephone } from '#core/phone';
import {
  countryOf,
  factGroups,
  factRows,
  factText,
  type BusinessRecord,
  type Fact,
  type FactFault,
  type FactGroup,
} from '#core/record';
import { findTypes, typeLabel } from '#core/vocabulary';
import { GradeMark } from '../../parts/Marks.tsx';
import { colour } from '../../theme.ts';

interface SheetProps {
  readonly record: BusinessRecord;
  readonly faults: readonly FactFault[];
  readonly onSet: (fact: Fact, text: string) => void;
  readonly pointed: readonly Fact[];
  readonly onPoint: (facts: readonly Fact[]) => void;
}

const GROUP_LABEL: Readonly<Record<FactGroup, string>> = {
  identity: 'Identity',
  place: 'Place',
  hours: 'Hours',
  contact: 'Contact',
  offer: 'Offer',
  profiles: 'Profiles',
  images: 'Images',
};
const LISTS: readonly Fact[] = ['image', 'sameAs'];

const PLACEHOLDERS: Partial<Record<string, string>> = {
  name: 'As it stands over the door',
  url: 'https://…, this branch’s own page',
  id: 'https://…#branch, the same on every page',
  telephone: 'With area code',
  'pin.latitude': '48.51234',
  'pin.longitude': '-122.61230',
  priceRange: '$$ or $20–60',
  sameAs: 'One address a line',
  image: 'One whole address a line',
  'address.addressCountry': 'US, GB …',
};

/** Every fact as a row: its name, its value edited in place, what a machine is told, and what is wrong. */
export function FactSheet(props: SheetProps) {
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
        <Box component="fieldset" key={group} sx={{ border: 0, m: 0, p: 0, minWidth: 0 }}>
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
          {factRows
            .filter((row) => row.group === group)
            .map(({ fact, label, wanted }) => (
              <Row key={fact} fact={fact} label={label} wanted={wanted} {...rowOf(props, fact)} />
            ))}
        </Box>
      ))}
    </Box>
  );
}

/** What a row shows of the record. */
function rowOf({ record, faults, pointed, onSet, onPoint }: SheetProps, fact: Fact) {
  const text = factText(record, fact);
  return {
    text,
    told: text ? toldOf(record, fact) : '',
    faults: faults.filter((one) => one.fact === fact),
    lit: pointed.includes(fact),
    onSet,
    onPoint,
  };
}

interface RowProps {
  readonly fact: Fact;
  readonly label: string;
  readonly wanted: string;
  readonly text: string;
  /** What a machine or a visitor is told. */
  readonly told: string;
  readonly faults: readonly FactFault[];
  readonly lit: boolean;
  readonly onSet: SheetProps['onSet'];
  readonly onPoint: SheetProps['onPoint'];
}

/** A row is drawn anew only when something of its own changed: typing must not wait for the whole sheet. */
const Row = memo(DrawnRow, (before, after) => {
  const sameFaults =
    before.faults.length === after.faults.length &&
    before.faults.every(({ message }, at) => message === after.faults[at]?.message);
  return (
    sameFaults &&
    before.text === after.text &&
    before.told === after.told &&
    before.lit === after.lit &&
    before.onSet === after.onSet
  );
});

function DrawnRow({ fact, label, wanted, text, told, faults: own, lit, onSet, onPoint }: RowProps) {
  const describedBy = own.length > 0 ? `faults-${fact}` : undefined;
  // The same list as long as it says the same: a new one would make the field forget what is being typed.
  const types = useMemo(() => text.split('\n').filter(Boolean), [text]);
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
        display: 'grid',
        gridTemplateColumns: '170px minmax(220px, 1.2fr) minmax(160px, 1fr)',
        columnGap: 1.5,
        px: 2,
        borderBottom: `1px solid ${colour.light}`,
        backgroundColor: lit ? colour.plumLight : 'transparent',
        '&:focus-within': { boxShadow: `inset 2px 0 ${colour.plum}` },
      }}
    >
      <Box component="label" htmlFor={`fact-${fact}`} sx={{ py: 0.6, color: 'text.secondary' }}>
        {label}
        {!text && wanted !== 'optional' && (
          <Box component="span" sx={{ fontSize: 12 }}>
            {' '}
            ({wanted})
          </Box>
        )}
      </Box>
      {fact === 'types' ? (
        <TypeField
          types={types}
          onSet={(types) => {
            onSet('types', types.join('\n'));
          }}
          describedBy={describedBy}
        />
      ) : (
        <TextInput
          fact={fact}
          text={text}
          onSet={onSet}
          describedBy={describedBy}
          invalid={own.some(({ grade }) => grade === 'must')}
        />
      )}
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
    </Box>
  );
}

const inputLook = {
  width: '100%',
  fontSize: 13.5,
  py: 0.3,
  px: 0.75,
  '& .MuiInputBase-input': { p: 0, py: 0.25 },
  '&:hover': { backgroundColor: '#fff' },
  '&.Mui-focused': { backgroundColor: '#fff' },
} as const;

function TextInput({
  fact,
  text,
  onSet,
  describedBy,
  invalid,
}: {
  fact: Fact;
  text: string;
  onSet: (fact: Fact, text: string) => void;
  describedBy: string | undefined;
  invalid: boolean;
}) {
  const list = LISTS.includes(fact);
  // A list drops blank lines when it is read, so the line just begun lives here until something stands in it.
  const [typed, setTyped] = useState(text);
  const trimmed = typed
    .split('\n')
    .map((line) => line.trim())
    .filter(Boolean)
    .join('\n');
  return (
    <InputBase
      id={`fact-${fact}`}
      value={list && trimmed === text ? typed : text}
      multiline={list || fact === 'description'}
      placeholder={PLACEHOLDERS[fact]}
      onChange={({ target }) => {
        setTyped(target.value);
        onSet(fact, target.value);
      }}
      inputProps={{
        'aria-describedby': describedBy,
        'aria-invalid': invalid,
        spellCheck: fact === 'description',
      }}
      sx={inputLook}
    />
  );
}

function TypeField({
  types,
  onSet,
  describedBy,
}: {
  types: string[];
  onSet: (types: readonly string[]) => void;
  describedBy: string | undefined;
}) {
  return (
    <Autocomplete
      multiple
      id="fact-types"
      options={findTypes('').map(({ name }) => name)}
      value={types}
      onChange={(_, chosen) => {
        onSet(chosen);
      }}
      filterOptions={(_, { inputValue }) => findTypes(inputValue, 60).map(({ name }) => name)}
      isOptionEqualToValue={(option, value) => option === value}
      renderOption={(attributes, name) => {
        const found = findTypes(name, 8).find((type) => type.name === name);
        return (
          <li {...attributes} key={name}>
            <Box>
              <Box sx={{ fontWeight: 600 }}>
                {typeLabel(name)}{' '}
                {typeLabel(name) !== name && (
                  <Box component="span" sx={{ color: 'text.secondary', fontWeight: 400 }}>
                    {name}
                  </Box>
                )}
              </Box>
              <Box
                sx={{
                  fontSize: 12.5,
                  color: 'text.secondary',
                  display: '-webkit-box',
                  WebkitLineClamp: 2,
                  WebkitBoxOrient: 'vertical',
                  overflow: 'hidden',
                }}
              >
                {found?.caution || found?.description}
              </Box>
            </Box>
          </li>
        );
      }}
      noOptionsText="No type of schema.org fits these words. Take LocalBusiness, the general one."
      slotProps={{ chip: { size: 'small', sx: { borderRadius: '3px', height: 20 } } }}
      renderInput={({ slotProps, ...parameters }) => {
        const { input, htmlInput } = slotProps as { input: object; htmlInput: object };
        return (
          <InputBase
            {...(parameters as object)}
            {...input}
            inputProps={{ ...htmlInput, 'aria-describedby': describedBy }}
            placeholder={types.length === 0 ? 'Type a trade: vet, optician, pottery …' : ''}
            sx={{ ...inputLook, flexWrap: 'wrap', gap: 0.5 }}
          />
        );
      }}
    />
  );
}

/** What a machine or a visitor is told of a fact, where that differs from what was typed; else ''. */
function toldOf(record: BusinessRecord, fact: Fact): string {
  const country = countryOf(record);
  if (fact === 'telephone') {
    const { telephone } = readTelephone(record.telephone, country);
    return telephone
      ? `${telephone.international}${telephone.assumedCountry ? `, read in ${countryName(country)}` : ''}`
      : '';
  }
  if (fact === 'types') return markupTypes(record.types).join(', ');
  if (fact === 'address.addressCountry') return countryName(countryCode(record.address.addressCountry));
  if (fact.startsWith('hours.')) {
    const day = fact.slice(6) as Day;
    return readDay(record.hours[day]).spans
      ? (hoursLines(record.hours, clockOf(country)).find(({ days }) => days.includes(day))?.text ?? '')
      : '';
  }
  if (fact === 'description') return `${String(record.description.length)} characters`;
  if (fact === 'sameAs' || fact === 'image')
    return record[fact].length === 1 ? '1 address' : `${String(record[fact].length)} addresses`;
  return '';
}
