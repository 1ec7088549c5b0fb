import { InputBase } from '@mui/material';
import { useState } from 'react';
import { emptyRecord, factHead, type Fact } from '#core/record';

/** How values look that are edited in place. */
export const inputLook = {
  width: '100%',
  fontSize: 13.5,
  py: 0.3,
  px: 0.75,
  '& .MuiInputBase-input': { p: 0, py: 0.25 },
  '&:hover': { backgroundColor: '#fff' },
  '&.Mui-focused': { backgroundColor: '#fff' },
} as const;

const PLACEHOLDERS: Partial<Record<string, string>> = {
  name: 'As it stands over the door',
  url: 'https://…, this branch’s own page',
  id: 'https://…#branch, the same on every page',
  telephone: 'With area code',
  'pin.latitude': '48.51234',
  'pin.longitude': '-122.61230',
  priceRange: '$$ or $20–60',
  sameAs: 'One address a line',
  'address.addressCountry': 'US, GB …',
  currenciesAccepted: 'USD, CAD',
  acceptsReservations: 'yes, no, or an address',
  email: 'desk@…',
  hasMap: 'https://…',
};

const LONG: readonly Fact[] = ['description'];

/** A fact's text, or a list with one entry a line. */
export function TextField({
  fact,
  text,
  onSet,
  describedBy,
  invalid,
}: {
  fact: Fact;
  text: string;
  onSet: (fact: Fact, text: string) => void;
  describedBy: string | undefined;
  invalid: boolean;
}) {
  const list = Array.isArray(emptyRecord[factHead(fact)]);
  // A list drops blank lines when it is read, so the line just begun lives here until something stands in it.
  const [typed, setTyped] = useState(text);
  const trimmed = typed
    .split('\n')
    .map((line) => line.trim())
    .filter(Boolean)
    .join('\n');
  return (
    <InputBase
      id={`fact-${fact}`}
      value={list && trimmed === text ? typed : text}
      multiline={list || LONG.includes(fact)}
      placeholder={PLACEHOLDERS[fact]}
      onChange={({ target }) => {
        setTyped(target.value);
        onSet(fact, target.value);
      }}
      inputProps={{
        'aria-describedby': describedBy,
        'aria-invalid': invalid,
        spellCheck: LONG.includes(fact),
      }}
      sx={inputLook}
    />
  );
}
