import { Box, Button, InputBase } from '@mui/material';
import { useState } from 'react';
import { countryCode } from '#core/address';
import { priceRangesFor } from '#core/price';
import type { Fact } from '#core/record';

/** Offers a price range derived from the average sale. */
export function PriceHelp({
  country,
  onSet,
}: {
  country: string;
  onSet: (fact: Fact, text: string) => void;
}) {
  const [average, setAverage] = useState('');
  const ranges = priceRangesFor(Number(average.replace(',', '.')), countryCode(country));
  return (
    <Box
      sx={{
        display: 'flex',
        gap: 1,
        alignItems: 'center',
        px: 0.75,
        pb: 0.25,
        fontSize: 12.5,
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
        onChange={({ target }) => {
          setAverage(target.value);
        }}
        inputProps={{ inputMode: 'decimal' }}
        sx={{ width: 56, fontSize: 12.5, '& .MuiInputBase-input': { p: 0 } }}
      />
      {ranges?.map((range) => (
        <Button
          key={range}
          onClick={() => {
            onSet('priceRange', range);
          }}
          sx={{ py: 0 }}
        >
          {range}
        </Button>
      ))}
    </Box>
  );
}
