import { Autocomplete, Box } from '@mui/material';
import { memo, useContext, useState } from 'react';
import { factRows, wantedOf, type Fact } from '#core/record';
import { colour, typeSize } from '../../theme.ts';
import { isShown } from './rows.ts';
import { RecordContext } from './useRecordInHand.ts';
import { pickInput } from '../../parts/pickInput.tsx';

/** Finds a fact that takes no room in the sheet yet. Which those are is asked only while it is open. */
export const AddFact = memo(function AddFact({
  asked,
  onGo,
}: {
  asked: ReadonlySet<Fact>;
  onGo: (fact: Fact) => void;
}) {
  const [open, setOpen] = useState(false);
  const inHand = useContext(RecordContext);
  const record = inHand.get();
  const options = open
    ? factRows.filter((row) => !isShown(row, record, asked) && wantedOf(row, record) === 'optional')
    : [];
  return (
    <Autocomplete
      options={options}
      open={open}
      onOpen={() => setOpen(true)}
      onClose={() => setOpen(false)}
      value={null}
      blurOnSelect
      clearOnBlur
      filterOptions={(all, { inputValue }) => {
        const words = inputValue.toLowerCase().split(/\s+/).filter(Boolean);
        return all.filter(({ fact, label, about }) =>
          words.every((word) => `${fact} ${label} ${about}`.toLowerCase().includes(word)),
        );
      }}
      getOptionLabel={({ label }) => label}
      getOptionKey={({ fact }) => fact}
      onChange={(_, row) => {
        if (row) onGo(row.fact);
      }}
      noOptionsText="No such fact; perhaps it is in the sheet already."
      sx={{ width: 150, flex: 'none' }}
      slotProps={{ popper: { style: { width: 340 } } }}
      renderOption={(attributes, { fact, label, about }) => (
        <li {...attributes} key={fact}>
          <Box>
            <Box sx={{ fontWeight: 600 }}>{label}</Box>
            <Box sx={{ fontSize: typeSize.note, color: 'text.secondary' }}>{about}</Box>
          </Box>
        </li>
      )}
      renderInput={pickInput({
        placeholder: 'Add fact …',
        inputProps: { 'aria-label': 'Add fact' },
        sx: {
          px: 1,
          border: `1px solid ${colour.line}`,
          borderRadius: '3px',
          backgroundColor: '#fff',
          '& .MuiInputBase-input': { py: 0.3, px: 0 },
        },
      })}
    />
  );
});
