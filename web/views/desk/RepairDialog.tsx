import { Button, Dialog, DialogActions, DialogContent, DialogTitle, TextField } from '@mui/material';
import { useState, type FormEvent } from 'react';
import type { Repair } from './intake.worker.ts';

/** Asks what is to be done with every cell of a column. */
export function RepairDialog({
  heading,
  kind,
  onRepair,
  onClose,
}: {
  heading: string;
  kind: Repair['kind'];
  onRepair: (repair: Repair) => void;
  onClose: () => void;
}) {
  const [from, setFrom] = useState('');
  const [text, setText] = useState('');
  const submit = (event: FormEvent): void => {
    event.preventDefault();
    onRepair(kind === 'fill' ? { kind, text } : { kind, from, text });
  };
  const ready = kind === 'fill' ? text.trim() !== '' : from !== '';
  return (
    <Dialog open onClose={onClose} fullWidth maxWidth="xs" aria-labelledby="repair-title">
      <form onSubmit={submit}>
        <DialogTitle id="repair-title" sx={{ fontSize: 15, fontWeight: 700 }}>
          {kind === 'fill' ? `Blank cells of ${heading}` : `Replace in ${heading}`}
        </DialogTitle>
        <DialogContent>
          {kind === 'replace' && (
            <TextField
              autoFocus
              margin="dense"
              label="What stands there"
              value={from}
              onChange={({ target }) => {
                setFrom(target.value);
              }}
            />
          )}
          <TextField
            autoFocus={kind === 'fill'}
            margin="dense"
            label={kind === 'fill' ? 'Filled with' : 'What comes in its place'}
            value={text}
            onChange={({ target }) => {
              setText(target.value);
            }}
          />
        </DialogContent>
        <DialogActions>
          <Button onClick={onClose}>Cancel</Button>
          <Button type="submit" variant="contained" color="primary" disabled={!ready}>
            {kind === 'fill' ? 'Fill' : 'Replace'}
          </Button>
        </DialogActions>
      </form>
    </Dialog>
  );
}
