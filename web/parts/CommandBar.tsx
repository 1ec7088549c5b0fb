import { Autocomplete, Dialog, TextField } from '@mui/material';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { useClients, useSearch } from '../api/queries.ts';
import { commandsFor, takeApart } from './commands.ts';
import { useLateEnter } from './lateEnter.ts';
import { useBranchInHand } from './place.ts';

/** Finds any client, branch, view and action by typing a part of its name. */
export default function CommandBar({ branchId, onClose }: { branchId: number; onClose: () => void }) {
  const navigate = useNavigate();
  const [words, setWords] = useState('');
  const { named } = takeApart(words);
  const search = useSearch(named);
  const clients = useClients(named);
  const branch = useBranchInHand(branchId);
  const here = branch && {
    id: branch.id,
    label: branch.label,
    clientId: branch.clientId,
    clientName: branch.clientName,
  };
  // Hits of what was typed before are none of what is typed now.
  const isOld = search.isPlaceholderData || clients.isPlaceholderData;
  const options = isOld
    ? []
    : commandsFor(words, search.data?.branches ?? [], clients.data?.clients ?? [], here);
  const go = (path: string | undefined): void => {
    onClose();
    if (path) void navigate(path);
  };
  const onKeyDown = useLateEnter(isOld, () => go(options[0]?.path));
  return (
    <Dialog
      open
      onClose={onClose}
      fullWidth
      maxWidth="sm"
      aria-label="Find or go to"
      sx={{ '& .MuiDialog-container': { alignItems: 'flex-start', pt: 6 } }}
    >
      <Autocomplete
        open
        autoHighlight
        loading={isOld}
        loadingText="Looking …"
        options={[...options]}
        groupBy={({ group }) => group}
        getOptionKey={({ label, path }) => `${path} ${label}`}
        filterOptions={(all) => all}
        onKeyDown={(event) => {
          // The list is always open and would keep Escape to itself.
          if (event.key === 'Escape') {
            event.preventDefault();
            onClose();
          } else onKeyDown(event);
        }}
        onInputChange={(_, typed, reason) => {
          if (reason === 'input') setWords(typed);
        }}
        onChange={(_, option) => go(option?.path)}
        noOptionsText="Nothing is called so."
        renderInput={(parameters) => (
          <TextField
            {...parameters}
            autoFocus
            label="Client, branch, view or action"
            sx={{ m: 1, width: 'calc(100% - 16px)' }}
          />
        )}
      />
    </Dialog>
  );
}
