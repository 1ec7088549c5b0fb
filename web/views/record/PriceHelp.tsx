import { Box, Button, InputBase } from '@mui/material';
import { useState } from 'react';
import { priceRangesFor } from '#core/price';
import { countryOf } from '#core/record';
import type { FieldProps } from './fieldProps.ts';
import { useRecordInHand } from './useRecordInHand.ts';
import { typeSize } from '../../theme.ts';

/** Offers a price range derived from the average sale. */
export function PriceHelp({ row: { fact }, onSet }: FieldProps) {
  const country = useRecordInHand(countryOf);
  const [average, setAverage] = useState('');
  const ranges = priceRangesFor(Number(average.replace(',', '.')), country);
  return (
    <Box
      sx={{
        display: 'flex',
        gap: 1,
        alignItems: 'center',
        px: 0.75,
        pb: 0.25,
        fontSize: typeSize.note,
        color: 'text.secondary',
      }}
    >
      <Box component="label" htmlFor="average-sale">
        or from the average sale
      </Box>
      <InputBase
        id="average-sale"
        value={average}
        placeholder="45"
        onChange={({ target }) => setAverage(target.value)}
        inputProps={{ inputMode: 'decimal' }}
        sx={{ width: 56, fontSize: typeSize.note, '& .MuiInputBase-input': { p: 0 } }}
      />
      {ranges?.map((range) => (
        <Button key={range} onClick={() => onSet(fact, range)} sx={{ py: 0 }}>
          {range}
        </Button>
      ))}
    </Box>
  );
}
