import { Box } from '@mui/material';
import type { ReactNode } from 'react';
import { inWords } from '../api/request.ts';
import { colour, typeSize } from '../theme.ts';

/** What an empty place says: what to do first. */
export function EmptyState({ title, children }: { title: string; children: ReactNode }) {
  return (
    <Box sx={{ p: 4, maxWidth: 620 }}>
      <Box sx={{ fontSize: typeSize.title, fontWeight: 700, mb: 0.5 }}>{title}</Box>
      <Box sx={{ color: 'text.secondary', lineHeight: 1.6 }}>{children}</Box>
    </Box>
  );
}

/** A fault in the place of what could not be shown. */
export function Failure({ error, retry }: { error: unknown; retry?: ReactNode }) {
  return (
    <Box
      role="alert"
      sx={{
        m: 2,
        p: 1.5,
        border: `1px solid ${colour.plum}`,
        backgroundColor: colour.plumLight,
        maxWidth: 720,
      }}
    >
      {inWords(error)} {retry}
    </Box>
  );
}

export const Loading = () => (
  <Box role="status" sx={{ p: 3, color: 'text.secondary' }}>
    Loading …
  </Box>
);
