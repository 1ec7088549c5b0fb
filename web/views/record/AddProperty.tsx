import { Autocomplete } from '@mui/material';
import { useState } from 'react';
import { propertiesOf } from '#core/vocabulary';
import { typeSize } from '../../theme.ts';
import { pickInput } from '../../parts/pickInput.tsx';

/** Finds a property by its name; those that belong to the types come first, the most particular on top. */
export function AddProperty({
  label,
  types,
  without,
  onAdd,
}: {
  label: string;
  types: readonly string[];
  /** Names that have a place of their own. */
  without?: ReadonlySet<string>;
  onAdd: (property: string) => void;
}) {
  const [open, setOpen] = useState(false);
  const options = open ? propertiesOf(types).filter((name) => !without?.has(name)) : [];
  return (
    <Autocomplete
      freeSolo
      options={options}
      open={open}
      onOpen={() => setOpen(true)}
      onClose={() => setOpen(false)}
      value={null}
      blurOnSelect
      clearOnBlur
      onChange={(_, name) => {
        if (name?.trim()) onAdd(name.trim());
      }}
      slotProps={{ popper: { style: { width: 260 } } }}
      renderInput={pickInput({
        placeholder: 'Add a property …',
        inputProps: { 'aria-label': label },
        sx: { fontSize: typeSize.text, px: 0.5, '& .MuiInputBase-input': { p: 0, py: 0.25 } },
      })}
    />
  );
}
