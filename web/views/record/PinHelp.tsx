import { Box, Button } from '@mui/material';
import { memo, useState } from 'react';
import { readCoordinates } from '#core/pin';
import type { BusinessRecord } from '#core/record';
import { colour, typeSize } from '../../theme.ts';
import { PasteRow } from './PasteRow.tsx';

const ORIGINS = {
  '': '',
  typed: 'was typed',
  pasted: 'was pasted',
  searched: 'came from the address search',
  dragged: 'was set on the map',
  imported: 'was imported',
} as const;
const EXACT = {
  '': '',
  door: 'the door',
  street: 'the street only',
  postcode: 'the postal code only',
  town: 'the town only',
} as const;

/** Coordinates in any notation, a map's address, or the map; and where the pin came from. */
export const PinHelp = memo(function PinHelp({
  pin: { origin, exactness },
  change,
  onPin,
}: {
  pin: BusinessRecord['pin'];
  change: (change: (record: BusinessRecord) => BusinessRecord) => void;
  onPin: () => void;
}) {
  const [text, setText] = useState('');
  const read = readCoordinates(text);
  return (
    <PasteRow
      id="pin-paste"
      label="Paste coordinates"
      placeholder={'48.51234, -122.6123 · 48°30\'44"N 122°36\'44"W · geo: · a map’s address'}
      text={text}
      canTake={read !== undefined}
      beside={<Button onClick={onPin}>Search, or set on the map</Button>}
      onText={setText}
      onTake={() => {
        if (read) change((own) => ({ ...own, pin: { ...read, origin: 'pasted', exactness: '' } }));
        setText('');
      }}
    >
      {text.trim() ? (
        <Box
          role="status"
          sx={{ fontSize: typeSize.body, pt: 0.25, color: read ? 'text.secondary' : colour.plum }}
        >
          {read ? `Read as ${read.latitude}, ${read.longitude}` : 'No coordinates can be read in this.'}
        </Box>
      ) : (
        (origin || exactness) && (
          <Box sx={{ fontSize: typeSize.body, pt: 0.25, color: 'text.secondary' }}>
            The pin {ORIGINS[origin] || 'was typed'}
            {exactness && ` and marks ${EXACT[exactness]}`}.
          </Box>
        )
      )}
    </PasteRow>
  );
});
