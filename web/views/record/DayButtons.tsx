import { Box, Button, Menu, MenuItem } from '@mui/material';
import { useState } from 'react';
import { days, type Day } from '#core/hours';
import { typeSize } from '../../theme.ts';
import type { ChangeRecord } from './fieldProps.ts';
import { withHours } from './withHours.ts';

const GROUPS: readonly (readonly [string, readonly Day[]])[] = [
  ['Monday to Friday', days.slice(0, 5)],
  ['the weekend', days.slice(5)],
  ['every day', days],
];

/** What is often set for a day, and its hours for other days. */
export function DayButtons({ day, text, change }: { day: Day; text: string; change: ChangeRecord }) {
  const [anchor, setAnchor] = useState<HTMLElement | null>(null);
  const set = (value: string): void => change((own) => withHours(own, { [day]: value }));
  const copyTo = (targets: readonly Day[]): void => {
    setAnchor(null);
    change((own) => withHours(own, Object.fromEntries(targets.map((target) => [target, text]))));
  };
  const next = days[days.indexOf(day) + 1];
  const targets = next ? [[next, [next]] as const, ...GROUPS] : GROUPS;
  return (
    <Box sx={{ display: 'flex', pl: 0.5 }}>
      <Button {...look} aria-label={`${day} closed`} onClick={() => set('closed')}>
        closed
      </Button>
      <Button {...look} aria-label={`${day} 24 h`} onClick={() => set('24 hours')}>
        24 h
      </Button>
      <Button
        {...look}
        aria-label={`${day}: copy to other days`}
        aria-haspopup="menu"
        disabled={!text.trim()}
        onClick={({ currentTarget }) => setAnchor(currentTarget)}
      >
        copy to
      </Button>
      <Menu anchorEl={anchor} open={anchor !== null} onClose={() => setAnchor(null)}>
        {targets.map(([label, group]) => (
          <MenuItem key={label} onClick={() => copyTo(group)}>
            {label}
          </MenuItem>
        ))}
      </Menu>
    </Box>
  );
}

const look = {
  variant: 'text',
  sx: { py: 0, px: 0.5, fontWeight: 400, fontSize: typeSize.small, color: 'text.secondary' },
} as const;
