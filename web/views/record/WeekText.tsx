import { Box, Button, InputBase } from '@mui/material';
import { useState } from 'react';
import { clockOf, days, hoursLines, readWeek } from '#core/hours';
import { colour, typeSize } from '../../theme.ts';
import type { ChangeRecord } from './fieldProps.ts';
import { withHours } from './withHours.ts';

/** Typed text of a whole week with its reading, taken only when it was seen. */
export function WeekText({ country, change }: { country: string; change: ChangeRecord }) {
  const [text, setText] = useState('');
  const { hours, assumed, faults } = readWeek(text);
  const lines = hoursLines(hours, clockOf(country));
  const take = (): void => {
    if (lines.length === 0 || faults.length > 0) return;
    change((own) =>
      withHours(own, Object.fromEntries(days.flatMap((day) => (hours[day] ? [[day, hours[day]]] : [])))),
    );
    setText('');
  };
  return (
    <Box>
      <Box sx={{ display: 'flex', gap: 1 }}>
        <InputBase
          id="week-text"
          value={text}
          placeholder="Mon–Thu 9-5.30, Sat 10 to noon, closed Sundays"
          onChange={({ target }) => setText(target.value)}
          onKeyDown={(event) => {
            if (event.key === 'Enter') {
              event.preventDefault();
              take();
            }
          }}
          inputProps={{ 'aria-describedby': 'week-reading' }}
          sx={{
            flex: 1,
            px: 0.75,
            border: `1px solid ${colour.light}`,
            '&.Mui-focused': { backgroundColor: '#fff' },
            '& .MuiInputBase-input': { p: 0, py: 0.35 },
          }}
        />
        <Button disabled={lines.length === 0 || faults.length > 0} onClick={take}>
          Take
        </Button>
      </Box>
      {text && (
        <Box
          id="week-reading"
          role="status"
          sx={{
            fontSize: typeSize.body,
            color: faults.length > 0 ? colour.plum : 'text.secondary',
            pt: 0.25,
          }}
        >
          {faults.length > 0
            ? faults.map(({ message }) => message).join(' ')
            : `${assumed ? 'Daytime assumed: ' : 'Read as '}${lines.map(({ label, text: said }) => `${label} ${said}`).join('; ')}`}
        </Box>
      )}
    </Box>
  );
}
