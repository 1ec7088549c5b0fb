import { InputBase } from '@mui/material';
import { factGroups, factRows, groupLabels, isFact, type BulkChange, type Fact } from '#core/record';
import { LabelledSelect } from '../../parts/Choice.tsx';
import { Line, Soft } from '../../parts/layout.tsx';
import { Tick } from '../../parts/Tick.tsx';
import { boxed } from '../../theme.ts';

const KINDS: readonly (readonly [BulkChange['kind'], string])[] = [
  ['set', 'Set a fact'],
  ['clear', 'Clear a fact'],
  ['replace', 'Find and replace'],
  ['address', 'Page addresses from the pattern'],
];

const facts: readonly (readonly [string, string])[] = factGroups.flatMap((group) =>
  factRows
    .filter((row) => row.group === group)
    .map(({ fact, label }) => [fact, `${groupLabels[group]}: ${label}`] as const),
);

/** What is to become of which fact. */
export function BulkChoice({
  change,
  pattern,
  onChange,
}: {
  change: BulkChange;
  /** The client's page-address pattern. */
  pattern: string;
  onChange: (change: BulkChange) => void;
}) {
  const fact: Fact = 'fact' in change && change.fact !== '' ? change.fact : 'priceRange';
  const begin = (kind: string): void => {
    if (kind === 'set') onChange({ kind, fact, text: '' });
    if (kind === 'clear') onChange({ kind, fact });
    if (kind === 'address') onChange({ kind, pattern });
    if (kind === 'replace')
      onChange({ kind, fact: '', find: '', by: '', matchCase: true, wholeWords: false });
  };
  return (
    <Line sx={{ gap: 1.5, flexWrap: 'wrap', rowGap: 1 }}>
      <LabelledSelect label="What" value={change.kind} options={KINDS} onChange={begin} />
      {(change.kind === 'set' || change.kind === 'clear') && (
        <LabelledSelect
          label="Fact"
          value={change.fact}
          options={facts}
          onChange={(next) => {
            if (isFact(next)) onChange({ ...change, fact: next });
          }}
        />
      )}
      {change.kind === 'set' && (
        <Field
          label="New value"
          value={change.text}
          onChange={(text) => onChange({ ...change, text })}
          multiline
        />
      )}
      {change.kind === 'replace' && <Replace change={change} onChange={onChange} />}
      {change.kind === 'address' && (
        <>
          <Field
            label="Pattern"
            value={change.pattern}
            onChange={(next) => onChange({ kind: 'address', pattern: next })}
          />
          <Soft>
            For branches without a page address: {'{name} {code} {street} {town} {region} {postcode}'}
          </Soft>
        </>
      )}
    </Line>
  );
}

function Replace({
  change,
  onChange,
}: {
  change: Extract<BulkChange, { kind: 'replace' }>;
  onChange: (change: BulkChange) => void;
}) {
  return (
    <>
      <LabelledSelect
        label="In"
        value={change.fact}
        options={[['', 'every fact'], ...facts]}
        onChange={(next) => {
          if (next === '' || isFact(next)) onChange({ ...change, fact: next });
        }}
      />
      <Field label="Find" value={change.find} onChange={(find) => onChange({ ...change, find })} />
      <Field label="Replace by" value={change.by} onChange={(by) => onChange({ ...change, by })} />
      <Tick
        label="Capitals count"
        on={change.matchCase}
        onChange={(matchCase) => onChange({ ...change, matchCase })}
      />
      <Tick
        label="Whole words"
        on={change.wholeWords}
        onChange={(wholeWords) => onChange({ ...change, wholeWords })}
      />
    </>
  );
}

const Field = ({
  label,
  value,
  onChange,
  multiline = false,
}: {
  label: string;
  value: string;
  onChange: (text: string) => void;
  multiline?: boolean;
}) => (
  <Line as="label">
    {label}
    <InputBase
      multiline={multiline}
      value={value}
      onChange={({ target }) => onChange(target.value)}
      sx={{ ...boxed, width: 240 }}
    />
  </Line>
);
