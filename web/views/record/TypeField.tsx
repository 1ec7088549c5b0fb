import { Autocomplete, Box, Button } from '@mui/material';
import { lazy, Suspense, useMemo, useState, type KeyboardEvent } from 'react';
import { findTypes, typeCaution, typeLabel } from '#core/vocabulary';
import { useFindTypes } from './useFindTypes.ts';
import type { FieldProps } from './fieldProps.ts';
import { inputLook } from './TextField.tsx';
import { typeSize } from '../../theme.ts';
import { pickInput } from '../../parts/pickInput.tsx';

type RowAttributes = React.HTMLAttributes<HTMLLIElement> & { key: React.Key };

const TypeTree = lazy(() => import('./TypeTree.tsx'));

/** The types of schema.org, found by name or by the words of the trade, or in their tree. */
export function TypeField({ row: { fact }, text, onSet, describedBy }: FieldProps) {
  // The same list as long as it says the same: a new one would make the field forget what is being typed.
  const types = useMemo(() => text.split('\n').filter(Boolean), [text]);
  const [browsing, setBrowsing] = useState(false);
  const [words, setWords] = useState('');
  const find = useFindTypes();
  const set = (next: readonly string[]): void => onSet(fact, next.join('\n'));
  const fitting = (typed: string): readonly string[] =>
    find(typed, 60).flatMap(({ name }) => (types.includes(name) ? [] : [name]));
  /** Going on to the next field takes the type that fits best what was typed, as Enter does. */
  const takeOnTab = ({ key, shiftKey }: KeyboardEvent): void => {
    const [first] = words.trim() ? fitting(words) : [];
    if (key !== 'Tab' || shiftKey || first === undefined) return;
    set([...types, first]);
    setWords('');
  };
  return (
    <Box sx={{ display: 'flex', alignItems: 'flex-start' }}>
      <Autocomplete
        multiple
        id="fact-types"
        sx={{ flex: 1 }}
        options={findTypes('').map(({ name }) => name)}
        value={types}
        onChange={(_, chosen) => set(chosen)}
        inputValue={words}
        onInputChange={(_, typed, reason) => {
          // What was typed and not chosen stays where it can be seen.
          if (reason !== 'blur') setWords(typed);
        }}
        clearOnBlur={false}
        onKeyDown={takeOnTab}
        // A type that is chosen is not offered: Enter would take it away again.
        filterSelectedOptions
        autoHighlight={words.trim() !== ''}
        filterOptions={(_, { inputValue }) => [...fitting(inputValue)]}
        isOptionEqualToValue={(option, value) => option === value}
        renderOption={({ key, ...attributes }: RowAttributes, name) => (
          <TypeOption key={key} attributes={attributes} name={name} />
        )}
        noOptionsText="Nothing fits these words. Take the nearest general type (LocalBusiness fits every business) and describe the trade with “More about the type”."
        slotProps={{ chip: { size: 'small', sx: { borderRadius: '3px', height: 20 } } }}
        renderInput={pickInput({
          placeholder: types.length === 0 ? 'Type a trade: vet, plombier, Bäckerei …' : '',
          inputProps: { 'aria-describedby': describedBy },
          sx: { ...inputLook, flexWrap: 'wrap', gap: 0.5 },
        })}
      />
      <Button onClick={() => setBrowsing(true)} sx={{ py: 0, mt: 0.5 }}>
        Tree …
      </Button>
      {browsing && (
        <Suspense>
          <TypeTree chosen={types} onChange={set} onClose={() => setBrowsing(false)} />
        </Suspense>
      )}
    </Box>
  );
}

function TypeOption({ attributes, name }: { attributes: React.HTMLAttributes<HTMLLIElement>; name: string }) {
  const found = findTypes(name, 8).find((type) => type.name === name);
  return (
    <li {...attributes}>
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
            fontSize: typeSize.note,
            color: 'text.secondary',
            display: '-webkit-box',
            WebkitLineClamp: 2,
            WebkitBoxOrient: 'vertical',
            overflow: 'hidden',
          }}
        >
          {typeCaution(name) || found?.description}
        </Box>
      </Box>
    </li>
  );
}
