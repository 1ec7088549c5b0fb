import { Button, TextField } from '@mui/material';
import { useState } from 'react';
import { nameSchema } from '#contract';
import { Frame } from './Frame.tsx';

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
  const submit = (): void => {
    setTried(true);
    if (!result.success) return;
    onName(result.data);
    onClose();
  };
  const fault = tried && !result.success ? result.error.issues[0]?.message : undefined;
  return (
    <Frame
      title={title}
      width="xs"
      onClose={onClose}
      onSubmit={submit}
      actions={
        <>
          <Button onClick={onClose}>Cancel</Button>
          <Button type="submit" variant="contained" color="primary">
            {action}
          </Button>
        </>
      }
    >
      <TextField
        autoFocus
        margin="dense"
        label={label}
        value={name}
        error={Boolean(fault)}
        helperText={fault}
        onChange={({ target }) => setName(target.value)}
      />
    </Frame>
  );
}
