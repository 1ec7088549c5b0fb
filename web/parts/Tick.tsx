import { Checkbox, FormControlLabel } from '@mui/material';
import type { ReactNode } from 'react';

/** A box to tick, with what it stands for. */
export const Tick = ({
  label,
  on,
  onChange,
}: {
  label: ReactNode;
  on: boolean;
  onChange: (on: boolean) => void;
}) => (
  <FormControlLabel
    control={<Checkbox size="small" checked={on} onChange={(_, next) => onChange(next)} sx={{ py: 0.25 }} />}
    label={label}
    sx={{ display: 'flex', alignItems: 'flex-start', mr: 0 }}
  />
);
