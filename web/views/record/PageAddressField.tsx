import { Box } from '@mui/material';
import { addressFromPattern, withMadeId } from '#core/record';
import { useBranchId } from '../../parts/place.ts';
import { TextButton } from '../../parts/TextButton.tsx';
import { typeSize } from '../../theme.ts';
import type { FieldProps } from './fieldProps.ts';
import { TextField } from './TextField.tsx';
import { useRecordInHand } from './useRecordInHand.ts';

/** The address of the branch's own page, proposed from the pattern. Who leaves it has made the `@id`, which stays. */
export function PageAddressField(props: FieldProps) {
  const { row, text, onSet, change } = props;
  // What all branches have in common is no one's @id.
  const isBranch = useBranchId() > 0;
  const proposed = useRecordInHand((record) => addressFromPattern(record.pagePattern, record));
  return (
    <Box onBlur={() => isBranch && change(withMadeId)}>
      <TextField {...props} />
      {!text && proposed && (
        <Box sx={{ px: 0.75, pb: 0.25, fontSize: typeSize.note, color: 'text.secondary' }}>
          from the pattern: <TextButton onClick={() => onSet(row.fact, proposed)}>{proposed}</TextButton>
        </Box>
      )}
    </Box>
  );
}
