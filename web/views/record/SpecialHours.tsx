import { Button } from '@mui/material';
import { useState } from 'react';
import { countryName } from '#core/address';
import { countryOf, readEntries, writeEntries } from '#core/record';
import { EntriesField } from './EntriesField.tsx';
import type { FieldProps } from './fieldProps.ts';
import { Holidays } from './Holidays.tsx';
import { useRecordInHand } from './useRecordInHand.ts';

/** Exceptions and seasons, with the holidays of the country to choose from. */
export function SpecialHours(props: FieldProps) {
  const { row, text, onSet } = props;
  const [offering, setOffering] = useState(false);
  const code = useRecordInHand(countryOf);
  const region = useRecordInHand(({ address }) => address.addressRegion);
  const entries = readEntries(row.fact, text);
  return (
    <EntriesField {...props}>
      <Button
        variant="text"
        disabled={!code}
        onClick={() => setOffering(true)}
        sx={{ py: 0, px: 0.5, fontWeight: 400, color: 'primary.main' }}
      >
        {code ? `Holidays of ${countryName(code)} …` : 'Holidays (needs the country)'}
      </Button>
      {offering && (
        <Holidays
          country={code}
          region={region}
          taken={entries.map(({ from }) => from ?? '')}
          onTake={(days) => {
            const closed = days.map(({ name, date }) => ({ name, from: date, through: '', hours: 'closed' }));
            const all = [...entries, ...closed].sort((a, b) => (a.from < b.from ? -1 : 1));
            onSet(row.fact, writeEntries(row.fact, all));
            setOffering(false);
          }}
          onClose={() => setOffering(false)}
        />
      )}
    </EntriesField>
  );
}
