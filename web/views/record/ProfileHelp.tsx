import { Box, Button } from '@mui/material';
import { counted } from '#core/text';
import { normaliseProfile } from '#core/link';
import type { FieldProps } from './fieldProps.ts';

/** Offers to write profile addresses whole and without tracking parameters. */
export function ProfileHelp({ row: { fact }, text, onSet }: FieldProps) {
  const lines = text.split('\n').filter(Boolean);
  const loose = lines.filter((line) => normaliseProfile(line) !== line).length;
  if (loose === 0) return null;
  return (
    <Box sx={{ px: 0.75, pb: 0.5 }}>
      <Button onClick={() => onSet(fact, lines.map(normaliseProfile).join('\n'))} sx={{ py: 0 }}>
        Write {counted(loose, 'address', 'addresses')} cleanly
      </Button>
    </Box>
  );
}
