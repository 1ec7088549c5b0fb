import { Autocomplete, Dialog, TextField } from '@mui/material';
import { useNavigate } from 'react-router';
import { useClients } from '../api/queries.ts';
import { branchViews, viewLabel, viewPath } from './place.ts';

/** Finds any branch in any view by typing a part of its name. */
export function CommandBar({ onClose }: { onClose: () => void }) {
  const navigate = useNavigate();
  const { data } = useClients();
  const places = (data?.clients ?? []).flatMap(({ name, branches }) =>
    branches.flatMap(({ id, label }) =>
      branchViews.map((view) => ({
        label: `${label}: ${viewLabel[view]}`,
        group: name,
        path: viewPath(id, view),
      })),
    ),
  );
  const options = [{ label: 'Desk', group: 'Everywhere', path: '/' }, ...places];
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
        filterOptions={(all, { inputValue }) => {
          const words = inputValue.toLowerCase().split(/\s+/).filter(Boolean);
          return all.filter(({ label, group }) =>
            words.every((word) => `${group} ${label}`.toLowerCase().includes(word)),
          );
        }}
        onChange={(_, option) => {
          onClose();
          if (option) void navigate(option.path);
        }}
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
