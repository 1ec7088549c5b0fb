import { Box, Button, InputBase } from '@mui/material';
import { useState, type ReactNode } from 'react';
import { entryFields, readEntries, writeEntries } from '#core/record';
import type { Entry } from '#core/value';
import { TextButton } from '../../parts/TextButton.tsx';
import { colour, typeSize } from '../../theme.ts';
import type { FieldProps } from './fieldProps.ts';

/** A list of entries with fields, a line each. The line just begun lives here until something stands in it. */
export function EntriesField({
  row: { fact },
  label,
  text,
  onSet,
  children,
}: Pick<FieldProps, 'row' | 'label' | 'text' | 'onSet'> & { children?: ReactNode }) {
  const fields = entryFields(fact) ?? [];
  const kept = readEntries(fact, text);
  const [lines, setLines] = useState<readonly Entry[]>(kept);
  const same = writeEntries(fact, readEntries(fact, writeEntries(fact, lines))) === text;
  const shown = same ? lines : kept;
  const set = (next: readonly Entry[]): void => {
    setLines(next);
    onSet(fact, writeEntries(fact, readEntries(fact, writeEntries(fact, next))));
  };
  const blank: Entry = Object.fromEntries(fields.map(({ key }) => [key, '']));
  return (
    <Box role="group" aria-labelledby={`label-${fact}`} id={`fact-${fact}`} sx={{ py: 0.25 }}>
      {shown.map((entry, at) => (
        <Box
          key={at}
          sx={{
            display: 'grid',
            gridTemplateColumns: `${fields.map(({ kind }) => `minmax(0, ${kind === 'lines' ? '2' : '1'}fr)`).join(' ')} 22px`,
            alignItems: 'start',
            columnGap: 0.5,
            borderBottom: `1px solid ${colour.light}`,
          }}
        >
          {fields.map(({ key, label: name, kind }) => (
            <InputBase
              key={key}
              type={kind === 'date' ? 'date' : 'text'}
              multiline={kind === 'lines'}
              value={entry[key] ?? ''}
              placeholder={name}
              onChange={({ target }) =>
                set(shown.map((one, place) => (place === at ? { ...one, [key]: target.value } : one)))
              }
              inputProps={{ 'aria-label': `${label} ${String(at + 1)}: ${name}` }}
              sx={{
                fontSize: typeSize.text,
                px: 0.5,
                '& .MuiInputBase-input': { p: 0, py: 0.35 },
                '&:hover, &.Mui-focused': { backgroundColor: '#fff' },
              }}
            />
          ))}
          <TextButton
            quiet
            aria-label={`Remove ${label} ${String(at + 1)}`}
            title="Remove"
            onClick={() => set(shown.filter((_, place) => place !== at))}
          >
            ×
          </TextButton>
        </Box>
      ))}
      <Box sx={{ display: 'flex', gap: 1, py: 0.25 }}>
        <Button
          variant="text"
          aria-label={`Add to ${label}`}
          onClick={() => set([...shown, blank])}
          sx={{ py: 0, px: 0.5, fontWeight: 400, color: colour.plum }}
        >
          Add
        </Button>
        {children}
      </Box>
    </Box>
  );
}
