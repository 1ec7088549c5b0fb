import { Autocomplete, Dialog, TextField } from '@mui/material';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { useClients, useSearch } from '../api/queries.ts';
import { useLateEnter } from './lateEnter.ts';
import { branchViews, defaultsPath, viewLabel, viewPath } from './place.ts';

/** Finds any client, branch and view by typing a part of its name. */
export default function CommandBar({ onClose }: { onClose: () => void }) {
  const navigate = useNavigate();
  const [words, setWords] = useState('');
  const views = branchViews.filter((view) =>
    words
      .toLowerCase()
      .split(/\s+/)
      .some((word) => word.length > 1 && view.startsWith(word)),
  );
  // "quay check": the word for the view is none of the branch's own.
  const asked = words
    .split(/\s+/)
    .filter((word) => word.length < 2 || !views.some((view) => view.startsWith(word.toLowerCase())));
  const search = useSearch(asked.join(' '));
  const clients = useClients(asked.join(' '));
  const places = (search.data?.branches ?? []).flatMap(({ id, label, clientName }) =>
    (views.length > 0 ? views : branchViews).map((view) => ({
      label: `${label}: ${viewLabel[view]}`,
      group: clientName,
      path: viewPath(id, view),
    })),
  );
  // A client comes into the list by its own name, not by those of its branches.
  const named = (clients.data?.clients ?? []).filter(({ name }) =>
    asked.every((word) => `${name} defaults`.toLowerCase().includes(word.toLowerCase())),
  );
  const defaults = named.map(({ id, name }) => ({
    label: 'Defaults of all branches',
    group: name,
    path: defaultsPath(id),
  }));
  const desk = { label: 'Desk', group: 'Everywhere', path: '/' };
  const options = [
    ...('desk'.startsWith(words.trim().toLowerCase()) ? [desk] : []),
    ...[...places, ...defaults].sort((a, b) => (a.group < b.group ? -1 : a.group > b.group ? 1 : 0)),
  ];
  const go = (path: string | undefined): void => {
    onClose();
    if (path) void navigate(path);
  };
  const onKeyDown = useLateEnter(search.isPlaceholderData || clients.isPlaceholderData, () => {
    go(options[0]?.path);
  });
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
        options={options}
        groupBy={({ group }) => group}
        getOptionKey={({ path }) => path}
        filterOptions={(all) => all}
        onKeyDown={onKeyDown}
        onInputChange={(_, typed, reason) => {
          if (reason === 'input') setWords(typed);
        }}
        onChange={(_, option) => {
          go(option?.path);
        }}
        noOptionsText="Nothing is called so."
        renderInput={(parameters) => (
          <TextField
            {...parameters}
            autoFocus
            label="Client, branch or view"
            sx={{ m: 1, width: 'calc(100% - 16px)' }}
          />
        )}
      />
    </Dialog>
  );
}
