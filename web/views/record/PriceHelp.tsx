import { Box, Button, InputBase } from '@mui/material';
import { useState } from 'react';
import { priceRangesFor, priceScales, type PriceScale } from '#core/price';
import { countryOf } from '#core/record';
import { Choice } from '../../parts/Choice.tsx';
import type { FieldProps } from './fieldProps.ts';
import { useRecordInHand } from './useRecordInHand.ts';
import { typeSize } from '../../theme.ts';

const labels = Object.fromEntries(
  Object.entries(priceScales).map(([key, { label }]) => [key, label]),
) as Record<PriceScale, string>;

/** Offers a price range derived from the average sale. */
export function PriceHelp({ row: { fact }, onSet }: FieldProps) {
  const country = useRecordInHand(countryOf);
  const [average, setAverage] = useState('');
  const [scale, setScale] = useState<PriceScale>('general');
  const ranges = priceRangesFor(Number(average.replace(',', '.')), country, scale);
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
      {average && (
        <Choice
          label="Scale of the signs"
          value={scale}
          options={labels}
          onChange={setScale}
          disableUnderline
          sx={{ fontSize: typeSize.note }}
        />
      )}
      {ranges?.map((range) => (
        <Button key={range} onClick={() => onSet(fact, range)} sx={{ py: 0 }}>
          {range}
        </Button>
      ))}
    </Box>
  );
}
