import { Button, Menu, MenuItem } from '@mui/material';
import { useState } from 'react';
import { placeholders } from '#core/photo';
import { Soft } from '../../parts/layout.tsx';

/** The placeholders of wordings, to be chosen rather than remembered. */
export function PlaceholderMenu({ into, onPick }: { into: string; onPick: (placeholder: string) => void }) {
  const [anchor, setAnchor] = useState<HTMLElement | null>(null);
  return (
    <>
      <Button
        aria-haspopup="menu"
        aria-expanded={anchor !== null}
        onClick={({ currentTarget }) => setAnchor(currentTarget)}
      >
        Insert into {into} …
      </Button>
      <Menu open={anchor !== null} anchorEl={anchor} onClose={() => setAnchor(null)}>
        {Object.entries(placeholders).map(([word, meaning]) => (
          <MenuItem
            key={word}
            dense
            onClick={() => {
              setAnchor(null);
              onPick(`{${word}}`);
            }}
          >
            {`{${word}}`}&nbsp;<Soft>{meaning}</Soft>
          </MenuItem>
        ))}
      </Menu>
    </>
  );
}
