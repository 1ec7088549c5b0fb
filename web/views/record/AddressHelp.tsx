import { Box, InputBase } from '@mui/material';
import { memo, useState } from 'react';
import { addressForm, readAddress, type Address } from '#core/address';
import type { BusinessRecord } from '#core/record';
import { GradeMark } from '../../parts/Marks.tsx';
import { colour, typeSize } from '../../theme.ts';
import { PasteRow } from './PasteRow.tsx';

/** A whole address pasted into one box, with the split to be seen, and corrected where it is uncertain, before it is taken. */
export const AddressHelp = memo(function AddressHelp({
  country,
  change,
}: {
  country: string;
  change: (change: (record: BusinessRecord) => BusinessRecord) => void;
}) {
  const [text, setText] = useState('');
  /** What was corrected by hand, part by part. */
  const [corrected, setCorrected] = useState<Partial<Address>>({});
  const { address, doubts } = readAddress(text, country);
  const parts = { ...address, ...corrected };
  const open = doubts.filter(({ part }) => corrected[part] === undefined);
  return (
    <PasteRow
      id="address-paste"
      label="Paste an address"
      placeholder="214 Quay Street, Port Ellery, WA 98299"
      text={text}
      multiline
      canTake={text.trim() !== ''}
      onText={(next) => {
        setText(next);
        setCorrected({});
      }}
      onTake={() => {
        change((own) => ({ ...own, address: parts }));
        setText('');
        setCorrected({});
      }}
    >
      {text.trim() && (
        <Box sx={{ fontSize: typeSize.body, pt: 0.5 }}>
          <Box sx={{ display: 'flex', flexWrap: 'wrap', columnGap: 1.5, rowGap: 0.5 }}>
            {addressForm(parts.addressCountry).map(({ part, label }) => {
              const doubt = open.find((one) => one.part === part);
              return (
                <Box key={part} component="label" sx={{ display: 'flex', alignItems: 'center', gap: 0.5 }}>
                  {doubt && <GradeMark grade="should" />}
                  <Box component="span" sx={{ color: 'text.secondary' }}>
                    {label}:
                  </Box>
                  <InputBase
                    value={parts[part]}
                    placeholder="–"
                    onChange={({ target }) => setCorrected({ ...corrected, [part]: target.value })}
                    inputProps={{
                      'aria-describedby': doubt ? `doubt-${part}` : undefined,
                      size: Math.max(4, parts[part].length + 1),
                    }}
                    sx={{
                      fontSize: typeSize.body,
                      borderBottom: `1px ${doubt ? 'solid' : 'dotted'} ${doubt ? colour.plum : colour.line}`,
                      '& .MuiInputBase-input': { p: 0 },
                    }}
                  />
                </Box>
              );
            })}
          </Box>
          <Box role="status">
            {open.map(({ part, reason }) => (
              <Box key={part} id={`doubt-${part}`}>
                {addressForm(parts.addressCountry).find((one) => one.part === part)?.label}: {reason}
              </Box>
            ))}
          </Box>
        </Box>
      )}
    </PasteRow>
  );
});
