import { Autocomplete, Box } from '@mui/material';
import { useEffect, useState } from 'react';
import { instantAt, isTimeZone, openAt, openText } from '#core/hours';
import { countryOf } from '#core/record';
import { useHolidays } from '../../api/queries.ts';
import { colour, typeSize } from '../../theme.ts';
import type { FieldProps } from './fieldProps.ts';
import { inputLook } from './TextField.tsx';
import { useRecordInHand } from './useRecordInHand.ts';
import { pickInput } from '../../parts/pickInput.tsx';

const zones: readonly string[] = Intl.supportedValuesOf('timeZone');

/** The time zone, and whether the place is open now or at any instant chosen. */
export function ZoneField({ row: { fact }, text, onSet, describedBy }: FieldProps) {
  const hours = useRecordInHand((record) => record.hours);
  const specials = useRecordInHand((record) => record.specialHours);
  const holidayHours = useRecordInHand((record) => record.publicHolidays);
  const [chosen, setChosen] = useState('');
  const now = useMinute();
  const instant = chosen ? instantAt(chosen, text) : now;
  const dates = useHolidayDates(instant, holidayHours.trim() !== '');
  const state = openAt({ hours, specials, publicHolidays: { hours: holidayHours, dates } }, text, instant);
  return (
    <Box>
      <Autocomplete
        freeSolo
        id={`fact-${fact}`}
        options={zones}
        inputValue={text}
        onInputChange={(_, typed) => onSet(fact, typed)}
        renderInput={pickInput({
          placeholder: 'America/Los_Angeles',
          inputProps: { 'aria-describedby': describedBy },
          sx: inputLook,
        })}
      />
      {isTimeZone(text) && (
        <Box
          sx={{ display: 'flex', gap: 1, alignItems: 'center', px: 0.75, pb: 0.5, fontSize: typeSize.body }}
        >
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
              onChange={({ target }) => setChosen(target.value)}
              sx={{
                font: 'inherit',
                fontSize: typeSize.note,
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
    const timer = setInterval(() => setNow(Date.now()), 30_000);
    return () => clearInterval(timer);
  }, []);
  return now;
}

/** The public holidays of the record's country in the year of an instant and the next one, for what opens in January. */
function useHolidayDates(instant: number, isAsked: boolean): ReadonlySet<string> {
  const country = useRecordInHand(countryOf);
  const region = useRecordInHand(({ address }) => address.addressRegion);
  const year = new Date(Number.isFinite(instant) ? instant : 0).getUTCFullYear();
  const asked = isAsked && year >= 1970 && year < 2100 ? country : '';
  const [these, next] = [useHolidays(asked, region, year), useHolidays(asked, region, year + 1)];
  return new Set([these, next].flatMap(({ data }) => data?.holidays.map(({ date }) => date) ?? []));
}
