import { Box, Button, Menu, MenuItem, TextField } from '@mui/material';
import { useRef, useState } from 'react';
import { placeholders, wordingFaults } from '#core/photo';
import { Soft } from '../../parts/layout.tsx';

/** A wording, with its placeholders to be chosen from a menu rather than remembered; one that does not exist is told. */
export function WordingField({
  label,
  value,
  hint = '',
  onChange,
}: {
  label: string;
  value: string;
  hint?: string;
  onChange: (value: string) => void;
}) {
  const [anchor, setAnchor] = useState<HTMLElement | null>(null);
  const field = useRef<HTMLInputElement>(null);
  const [fault] = wordingFaults(value);
  const insert = (word: string): void => {
    const at = field.current?.selectionStart ?? value.length;
    onChange(`${value.slice(0, at)}{${word}}${value.slice(field.current?.selectionEnd ?? at)}`);
    setAnchor(null);
  };
  return (
    <Box sx={{ display: 'grid', gridTemplateColumns: '1fr auto', gap: 0.75, alignItems: 'start' }}>
      <TextField
        label={label}
        value={value}
        inputRef={field}
        error={fault !== undefined}
        helperText={
          fault
            ? `There is no placeholder {${fault.word}} (at character ${String(fault.start + 1)}).`
            : hint || undefined
        }
        onChange={({ target }) => onChange(target.value)}
      />
      <Button
        aria-haspopup="menu"
        aria-expanded={anchor !== null}
        aria-label={`Insert … into ${label}`}
        onClick={({ currentTarget }) => setAnchor(currentTarget)}
        sx={{ height: 37 }}
      >
        Insert …
      </Button>
      <Menu open={anchor !== null} anchorEl={anchor} onClose={() => setAnchor(null)}>
        {Object.entries(placeholders).map(([word, meaning]) => (
          <MenuItem key={word} dense onClick={() => insert(word)}>
            {`{${word}}`}&nbsp;<Soft>{meaning}</Soft>
          </MenuItem>
        ))}
      </Menu>
    </Box>
  );
}
