import { Button, TextField } from '@mui/material';
import { useState } from 'react';
import { Frame } from '../../parts/Frame.tsx';
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
  const ready = kind === 'fill' ? text.trim() !== '' : from !== '';
  return (
    <Frame
      title={kind === 'fill' ? `Blank cells of ${heading}` : `Replace in ${heading}`}
      width="xs"
      onClose={onClose}
      onSubmit={() => {
        if (ready) onRepair(kind === 'fill' ? { kind, text } : { kind, from, text });
      }}
      actions={
        <>
          <Button onClick={onClose}>Cancel</Button>
          <Button type="submit" variant="contained" color="primary" disabled={!ready}>
            {kind === 'fill' ? 'Fill' : 'Replace'}
          </Button>
        </>
      }
    >
      {kind === 'replace' && (
        <TextField
          autoFocus
          margin="dense"
          label="What stands there"
          value={from}
          onChange={({ target }) => setFrom(target.value)}
        />
      )}
      <TextField
        autoFocus={kind === 'fill'}
        margin="dense"
        label={kind === 'fill' ? 'Filled with' : 'What comes in its place'}
        value={text}
        onChange={({ target }) => setText(target.value)}
      />
    </Frame>
  );
}
