import { Box } from '@mui/material';
import { memo, useState } from 'react';
import { addressForm, splitAddress } from '#core/address';
import type { BusinessRecord } from '#core/record';
import { PasteRow } from './PasteRow.tsx';

/** A whole address pasted into one box, with the split to be seen before it is taken. */
export const AddressHelp = memo(function AddressHelp({
  country,
  change,
}: {
  country: string;
  change: (change: (record: BusinessRecord) => BusinessRecord) => void;
}) {
  const [text, setText] = useState('');
  const parts = splitAddress(text, country);
  return (
    <PasteRow
      id="address-paste"
      label="Paste an address"
      placeholder="214 Quay Street, Port Ellery, WA 98299"
      text={text}
      multiline
      canTake={text.trim() !== ''}
      onText={setText}
      onTake={() => {
        change((own) => ({ ...own, address: parts }));
        setText('');
      }}
    >
      {text.trim() && (
        <Box role="status" sx={{ display: 'flex', flexWrap: 'wrap', columnGap: 1.5, fontSize: 13, pt: 0.25 }}>
          {addressForm(parts.addressCountry).map(({ part, label }) => (
            <span key={part}>
              <Box component="span" sx={{ color: 'text.secondary' }}>
                {label}:{' '}
              </Box>
              {parts[part] || '–'}
            </span>
          ))}
        </Box>
      )}
    </PasteRow>
  );
});
