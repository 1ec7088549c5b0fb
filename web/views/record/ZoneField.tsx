import { Autocomplete, Box, InputBase } from '@mui/material';
import { useEffect, useState } from 'react';
import * as z from 'zod';
import { hoursSchema, isTimeZone, openAt, openText } from '#core/hours';
import type { Fact } from '#core/record';
import { colour } from '../../theme.ts';
import { inputLook } from './TextField.tsx';

const zones: readonly string[] = Intl.supportedValuesOf('timeZone');
const contextSchema = z.tuple([
  hoursSchema,
  z.array(z.object({ name: z.string(), from: z.string(), through: z.string(), hours: z.string() })),
]);

/** The time zone, and whether the place is open now or at any instant chosen. */
export function ZoneField({
  text,
  context,
  onSet,
  describedBy,
}: {
  text: string;
  /** Hours and exceptions as JSON. */
  context: string;
  onSet: (fact: Fact, text: string) => void;
  describedBy: string | undefined;
}) {
  const [hours, specials] = contextSchema.parse(JSON.parse(context));
  const [chosen, setChosen] = useState('');
  const now = useMinute();
  const instant = chosen ? instantOf(chosen, text) : now;
  const state = openAt(hours, specials, text, instant);
  return (
    <Box>
      <Autocomplete
        freeSolo
        id="fact-timeZone"
        options={zones}
        inputValue={text}
        onInputChange={(_, typed) => {
          onSet('timeZone', typed);
        }}
        renderInput={({ slotProps, ...parameters }) => {
          const { input, htmlInput } = slotProps as { input: object; htmlInput: object };
          return (
            <InputBase
              {...(parameters as object)}
              {...input}
              inputProps={{ ...htmlInput, 'aria-describedby': describedBy }}
              placeholder="America/Los_Angeles"
              sx={inputLook}
            />
          );
        }}
      />
      {isTimeZone(text) && (
        <Box sx={{ display: 'flex', gap: 1, alignItems: 'center', px: 0.75, pb: 0.5, fontSize: 13 }}>
          <Box role="status" data-open={state?.open} sx={{ fontWeight: 600 }}>
            {state ? openText(state, instant) : 'No hours are set'}
          </Box>
          <Box
            component="label"
            sx={{ color: 'text.secondary', display: 'flex', gap: 0.5, alignItems: 'center' }}
          >
            at
            <Box
              component="input"
              type="datetime-local"
              value={chosen}
              aria-label="At which time"
              onChange={({ target }) => {
                setChosen((target as HTMLInputElement).value);
              }}
              sx={{
                font: 'inherit',
                fontSize: 12.5,
                border: `1px solid ${colour.line}`,
                backgroundColor: '#fff',
              }}
            />
          </Box>
          {!chosen && <span>now</span>}
        </Box>
      )}
    </Box>
  );
}

/** The instant now, anew every half minute. */
function useMinute(): number {
  const [now, setNow] = useState(() => Date.now());
  useEffect(() => {
    const timer = setInterval(() => {
      setNow(Date.now());
    }, 30_000);
    return () => {
      clearInterval(timer);
    };
  }, []);
  return now;
}

/** The instant at which clocks in a zone show a local date and time. */
function instantOf(local: string, timeZone: string): number {
  const wall = Date.parse(`${local}:00Z`);
  const shown = new Date(wall).toLocaleString('sv-SE', { timeZone }).replace(' ', 'T');
  return wall - (Date.parse(`${shown}Z`) - wall);
}
