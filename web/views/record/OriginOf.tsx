import { Box } from '@mui/material';
import { emptyRecord, factOf, withoutOwn, type FactRow, type Origin } from '#core/record';
import { TextButton } from '../../parts/TextButton.tsx';
import { typeSize } from '../../theme.ts';
import type { ChangeRecord } from './fieldProps.ts';

/** Where the value comes from, and the way to the other choice. */
export function OriginOf({
  row: { fact, key },
  label,
  origin,
  hasDefault,
  change,
}: {
  row: Pick<FactRow, 'fact' | 'key'>;
  label: string;
  origin: Origin;
  /** Whether the client has a default for it. */
  hasDefault: boolean;
  change: ChangeRecord;
}) {
  const act = (words: string, how: 'use' | 'withhold') => (
    <TextButton
      aria-label={`${label}: ${words}`}
      onClick={() => change((record) => withoutOwn(record, emptyRecord, fact, how))}
    >
      {words}
    </TextButton>
  );
  // What is inherited as a whole says so once, at its first row.
  const known = factOf(key);
  if (known && !known.inheritedByPart && known.rows[0]?.fact !== fact) return <span />;
  return (
    <Box sx={{ py: 0.6, fontSize: typeSize.small, color: 'text.secondary' }}>
      {origin === 'client' && <>the client’s · {act('leave out', 'withhold')}</>}
      {origin === 'withheld' && <>left out · {act('use the client’s', 'use')}</>}
      {origin === 'own' && hasDefault && act('use the client’s', 'use')}
    </Box>
  );
}
