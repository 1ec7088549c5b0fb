import { Button, TextField } from '@mui/material';
import { useState } from 'react';
import { useComplain } from './actions.ts';
import { LabelledSelect } from './Choice.tsx';
import { Fill, Line } from './layout.tsx';

/** What a client keeps under names (placements, stamps): taken up by its name, kept, and thrown away. */
export function KeptByName<T extends { readonly name: string }>({
  kept,
  now,
  label,
  isWhole,
  onTake,
  onName,
  onKeep,
}: {
  kept: readonly T[];
  /** The one in hand. */
  now: T;
  /** What the field of its name is called. */
  label: string;
  /** Whether it can be kept. */
  isWhole: boolean;
  onTake: (one: T) => void;
  onName: (name: string) => void;
  /** Keeps these, and no others. */
  onKeep: (all: readonly T[]) => Promise<unknown>;
}) {
  const [busy, setBusy] = useState(false);
  const complain = useComplain();
  const name = now.name.trim();
  const isNamed = (one: T): boolean => one.name.toLowerCase() === name.toLowerCase();
  const others = kept.filter((one) => !isNamed(one));
  const known = kept.find(isNamed);
  const keep = (all: readonly T[]): void => {
    setBusy(true);
    void onKeep(all)
      .catch(complain)
      .finally(() => setBusy(false));
  };
  return (
    <Line>
      {kept.length > 0 && (
        <LabelledSelect
          label="Kept with this client"
          value={known?.name ?? ''}
          options={[['', 'choose …'], ...kept.map((one) => [one.name, one.name] as const)]}
          onChange={(chosen) => {
            const taken = kept.find((one) => one.name === chosen);
            if (taken) onTake(taken);
          }}
        />
      )}
      <Fill />
      <TextField
        label={label}
        value={now.name}
        sx={{ width: 260 }}
        onChange={({ target }) => onName(target.value)}
      />
      <Button disabled={name === '' || !isWhole || busy} onClick={() => keep([...others, { ...now, name }])}>
        Keep
      </Button>
      <Button disabled={!known || busy} onClick={() => keep(others)}>
        Forget
      </Button>
    </Line>
  );
}
