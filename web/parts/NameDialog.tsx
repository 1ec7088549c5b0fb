import { Button, Dialog, DialogActions, DialogContent, DialogTitle, TextField } from '@mui/material';
import { useState, type FormEvent } from 'react';
import { nameSchema } from '#contract';

/** Asks for a name. */
export function NameDialog({
  title,
  label,
  first = '',
  action,
  onClose,
  onName,
}: {
  title: string;
  label: string;
  first?: string;
  action: string;
  onClose: () => void;
  onName: (name: string) => void;
}) {
  const [name, setName] = useState(first);
  const [tried, setTried] = useState(false);
  const result = nameSchema.safeParse(name);
  const submit = (event: FormEvent): void => {
    event.preventDefault();
    setTried(true);
    if (!result.success) return;
    onName(result.data);
    onClose();
  };
  const fault = tried && !result.success ? result.error.issues[0]?.message : undefined;
  return (
    <Dialog open onClose={onClose} fullWidth maxWidth="xs">
      <form onSubmit={submit} noValidate>
        <DialogTitle sx={{ fontSize: 15, fontWeight: 700 }}>{title}</DialogTitle>
        <DialogContent>
          <TextField
            autoFocus
            margin="dense"
            label={label}
            value={name}
            error={Boolean(fault)}
            helperText={fault}
            onChange={({ target }) => {
              setName(target.value);
            }}
          />
        </DialogContent>
        <DialogActions>
          <Button onClick={onClose}>Cancel</Button>
          <Button type="submit" variant="contained" color="primary">
            {action}
          </Button>
        </DialogActions>
      </form>
    </Dialog>
  );
}
