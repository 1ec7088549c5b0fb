import { Autocomplete } from '@mui/material';
import { useMemo, useState } from 'react';
import { useNavigate } from 'react-router';
import type { Branch } from '#contract';
import { useSearch } from '../api/queries.ts';
import { useLateEnter } from './lateEnter.ts';
import { viewPath, type BranchView } from './place.ts';
import { typeSize } from '../theme.ts';
import { pickInput } from './pickInput.tsx';

/** The branch in hand, to be exchanged for another of its client by typing. */
export default function BranchSwitch({ branch, view }: { branch: Branch; view: BranchView }) {
  const navigate = useNavigate();
  const [words, setWords] = useState('');
  const { data, isPlaceholderData } = useSearch(words, branch.clientId);
  // The same object as long as it is the same branch: a new one would take back what is being typed.
  const { id, label } = branch;
  const chosen = useMemo(() => ({ id, label }), [id, label]);
  const onKeyDown = useLateEnter(isPlaceholderData, () => {
    const [first] = data?.branches ?? [];
    if (first) void navigate(viewPath(first.id, view));
  });
  return (
    <Autocomplete
      onKeyDown={onKeyDown}
      autoHighlight
      options={data?.branches ?? []}
      value={chosen}
      disableClearable
      filterOptions={(all) => all}
      getOptionKey={({ id }) => id}
      getOptionLabel={({ label }) => label}
      isOptionEqualToValue={(option, value) => option.id === value.id}
      onInputChange={(_, typed, reason) => setWords(reason === 'input' ? typed : '')}
      onChange={(_, next) => void navigate(viewPath(next.id, view))}
      noOptionsText="No branch of this client is called so."
      sx={{ flex: '0 1 210px', minWidth: 96 }}
      renderInput={pickInput({
        inputProps: { 'aria-label': 'Branch' },
        sx: {
          fontWeight: 600,
          fontSize: typeSize.text,
          color: 'text.primary',
          '& .MuiInputBase-input': { p: 0, py: 0.25 },
        },
      })}
    />
  );
}
