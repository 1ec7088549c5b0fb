import { Box } from '@mui/material';
import { emptyRecord, withoutOwn, type BusinessRecord, type Fact, type Origin } from '#core/record';
import { colour } from '../../theme.ts';

/** Where the value comes from, and the way to the other choice. */
export function OriginOf({
  fact,
  label,
  origin,
  hasDefault,
  change,
}: {
  fact: Fact;
  label: string;
  origin: Origin;
  /** Whether the client has a default for it. */
  hasDefault: boolean;
  change: (change: (record: BusinessRecord) => BusinessRecord) => void;
}) {
  const act = (words: string, how: 'use' | 'withhold') => (
    <Box
      component="button"
      type="button"
      aria-label={`${label}: ${words}`}
      onClick={() => {
        change((record) => withoutOwn(record, emptyRecord, fact, how));
      }}
      sx={{
        font: 'inherit',
        fontSize: 12,
        p: 0,
        border: 0,
        background: 'none',
        color: colour.plum,
        cursor: 'pointer',
        textDecoration: 'underline',
        textAlign: 'left',
      }}
    >
      {words}
    </Box>
  );
  // What is inherited as a whole says so once, at its first row.
  if (
    /^(hours\.(?!Monday)|pin\.longitude|aggregateRating\.(?!ratingValue)|parentOrganization\.(?!name))/.test(
      fact,
    )
  )
    return <span />;
  return (
    <Box sx={{ py: 0.6, fontSize: 12, color: 'text.secondary' }}>
      {origin === 'client' && <>the client’s · {act('leave out', 'withhold')}</>}
      {origin === 'withheld' && <>left out · {act('use the client’s', 'use')}</>}
      {origin === 'own' && hasDefault && act('use the client’s', 'use')}
    </Box>
  );
}
