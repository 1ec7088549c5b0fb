import { Box, Button } from '@mui/material';
import { factOf } from '#core/record';
import type { FieldProps } from './fieldProps.ts';
import { useRecordInHand } from './useRecordInHand.ts';

/** Offers what was certainly meant by a text, in the form that machines read: “Write 1998-03-12”. */
export function MeantHelp({
  row: { fact, key },
  onSet,
}: Pick<FieldProps, 'onSet'> & { row: Pick<FieldProps['row'], 'fact' | 'key'> }) {
  const meant = useRecordInHand(
    (record) => factOf(key)?.meant(record, fact === key ? '' : fact.slice(key.length + 1)) ?? '',
  );
  if (!meant) return null;
  return (
    <Box sx={{ px: 0.75, pb: 0.5 }}>
      <Button onClick={() => onSet(fact, meant)} sx={{ py: 0 }}>
        Write {meant}
      </Button>
    </Box>
  );
}
