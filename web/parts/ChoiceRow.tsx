import { Box } from '@mui/material';
import type { ReactNode } from 'react';
import { Hint, Line } from './layout.tsx';

export const ChoiceHead = ({ children }: { children: string }) => (
  <Hint sx={{ fontWeight: 700, mt: 0.5 }}>{children}</Hint>
);

/** A choice with its label before it. */
export const ChoiceRow = ({ label, children }: { label: string; children: ReactNode }) => (
  <Line sx={{ gap: 1 }}>
    <Box sx={{ width: 76, color: 'text.secondary' }}>{label}</Box>
    {children}
  </Line>
);
