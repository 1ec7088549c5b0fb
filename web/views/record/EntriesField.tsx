import { Box, Button, InputBase } from '@mui/material';
import { useState, type ReactNode } from 'react';
import { entryFields, readEntries, writeEntries, type Entry, type EntryFact, type Fact } from '#core/record';
import { colour } from '../../theme.ts';

/** A list of entries with fields, a line each. The line just begun lives here until something stands in it. */
export function EntriesField({
  fact,
  label,
  text,
  onSet,
  types = {},
  children,
}: {
  fact: EntryFact;
  label: string;
  text: string;
  onSet: (fact: Fact, text: string) => void;
  /** The kinds of input of fields that are no plain texts. */
  types?: Readonly<Record<string, string>>;
  children?: ReactNode;
}) {
  const fields = entryFields[fact];
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
            gridTemplateColumns: `repeat(${String(fields.length)}, minmax(0, 1fr)) 22px`,
            columnGap: 0.5,
            borderBottom: `1px solid ${colour.light}`,
          }}
        >
          {fields.map(({ key, label: name }) => (
            <InputBase
              key={key}
              type={types[key] ?? 'text'}
              value={entry[key] ?? ''}
              placeholder={name}
              onChange={({ target }) => {
                set(shown.map((one, place) => (place === at ? { ...one, [key]: target.value } : one)));
              }}
              inputProps={{ 'aria-label': `${label} ${String(at + 1)}: ${name}` }}
              sx={{
                fontSize: 13.5,
                px: 0.5,
                '& .MuiInputBase-input': { p: 0, py: 0.35 },
                '&:hover, &.Mui-focused': { backgroundColor: '#fff' },
              }}
            />
          ))}
          <Box
            component="button"
            type="button"
            aria-label={`Remove ${label} ${String(at + 1)}`}
            title="Remove"
            onClick={() => {
              set(shown.filter((_, place) => place !== at));
            }}
            sx={{
              font: 'inherit',
              border: 0,
              background: 'none',
              color: colour.middle,
              cursor: 'pointer',
              p: 0,
            }}
          >
            ×
          </Box>
        </Box>
      ))}
      <Box sx={{ display: 'flex', gap: 1, py: 0.25 }}>
        <Button
          variant="text"
          aria-label={`Add to ${label}`}
          onClick={() => {
            set([...shown, blank]);
          }}
          sx={{ py: 0, px: 0.5, fontWeight: 400, color: colour.plum }}
        >
          Add
        </Button>
        {children}
      </Box>
    </Box>
  );
}
