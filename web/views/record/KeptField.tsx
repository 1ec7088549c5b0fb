import { Box } from '@mui/material';
import { useState } from 'react';
import { knownFacts, readEntries, writeEntries } from '#core/record';
import { BESIDES, type Entry } from '#core/value';
import { typeSize } from '../../theme.ts';
import { AddProperty } from './AddProperty.tsx';
import type { FieldProps } from './fieldProps.ts';
import { useRecordInHand } from './useRecordInHand.ts';
import { PropertyLine } from './ValueField.tsx';

/** Properties that are facts with rows of their own. */
const factProperties: ReadonlySet<string> = new Set(knownFacts.map(({ property }) => property));

const NOT_SAID = '(not said)';

const says = ({ value, was }: Entry): boolean => Boolean(value?.trim() || was);

/** Any property of schema.org, and what came with markup and is written as it came. */
export function KeptField({ row: { fact }, label, text, onSet }: FieldProps) {
  const types = useRecordInHand((record) => record.types.join(' '));
  const kept = readEntries(fact, text);
  // A line that says nothing yet, or nothing for a moment, lives here: kept, it would say that it is not said.
  const [begun, setBegun] = useState<readonly Entry[]>(kept);
  const lines = writeEntries(fact, begun.filter(says)) === text ? begun : kept;
  const set = (next: readonly Entry[]): void => {
    setBegun(next);
    onSet(fact, writeEntries(fact, next.filter(says)));
  };
  const came = kept.some(({ was, property }) => was || property === BESIDES);
  return (
    <Box role="group" aria-labelledby={`label-${fact}`} id={`fact-${fact}`} sx={{ py: 0.25 }}>
      {came && (
        <Box sx={{ fontSize: typeSize.note, color: 'text.secondary', px: 0.5, py: 0.25 }}>
          Kept as it came. Remove a line and the record says it its own way.
        </Box>
      )}
      {lines.map(({ property = '', value = '', was = '' }, at) => (
        <PropertyLine
          key={at}
          property={property}
          label={`${label} ${String(at + 1)}: ${property}`}
          value={!value && was ? NOT_SAID : value}
          onChange={(next) =>
            set(
              lines.map((line, place) =>
                place === at ? { ...line, value: next.replace(NOT_SAID, '') } : line,
              ),
            )
          }
          onRemove={() => set(lines.filter((_, place) => place !== at))}
        />
      ))}
      <AddProperty
        label={`Add to ${label}`}
        types={types ? types.split(' ') : ['LocalBusiness']}
        without={factProperties}
        onAdd={(property) => set([...lines, { property, value: '', was: '' }])}
      />
    </Box>
  );
}
