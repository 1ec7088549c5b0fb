import {
  Box,
  Button,
  Checkbox,
  Dialog,
  DialogActions,
  DialogContent,
  DialogTitle,
  FormControlLabel,
} from '@mui/material';
import { useState } from 'react';
import { countryName } from '#core/address';
import { countryOf, readEntries, writeEntries } from '#core/record';
import { useHolidays } from '../../api/queries.ts';
import { EntriesField } from './EntriesField.tsx';
import type { FieldProps } from './fieldProps.ts';
import { useRecordInHand } from './useRecordInHand.ts';
import { typeSize } from '../../theme.ts';

/** Exceptions and seasons, with the holidays of the country to choose from. */
export function SpecialHours(props: FieldProps) {
  const { row, text, onSet } = props;
  const [offering, setOffering] = useState(false);
  const code = useRecordInHand(countryOf);
  const region = useRecordInHand(({ address }) => address.addressRegion);
  const entries = readEntries(row.fact, text);
  return (
    <EntriesField {...props}>
      <Button
        variant="text"
        disabled={!code}
        onClick={() => {
          setOffering(true);
        }}
        sx={{ py: 0, px: 0.5, fontWeight: 400, color: 'primary.main' }}
      >
        {code ? `Holidays of ${countryName(code)} …` : 'Holidays (needs the country)'}
      </Button>
      {offering && (
        <Holidays
          country={code}
          region={region}
          taken={entries.map(({ from }) => from ?? '')}
          onTake={(days) => {
            const closed = days.map(({ name, date }) => ({ name, from: date, through: '', hours: 'closed' }));
            const all = [...entries, ...closed].sort((a, b) => (a.from < b.from ? -1 : 1));
            onSet(row.fact, writeEntries(row.fact, all));
            setOffering(false);
          }}
          onClose={() => {
            setOffering(false);
          }}
        />
      )}
    </EntriesField>
  );
}

function Holidays({
  country,
  region,
  taken,
  onTake,
  onClose,
}: {
  country: string;
  region: string;
  taken: readonly string[];
  onTake: (days: readonly { name: string; date: string }[]) => void;
  onClose: () => void;
}) {
  const [year, setYear] = useState(() => new Date().getFullYear());
  const [chosen, setChosen] = useState<ReadonlySet<string>>(new Set());
  const { data, error } = useHolidays(country, region, year);
  const open = (data?.holidays ?? []).filter(({ date }) => !taken.includes(date));
  return (
    <Dialog open onClose={onClose} aria-labelledby="holidays-title">
      <DialogTitle id="holidays-title" sx={{ fontSize: typeSize.title, fontWeight: 700, pb: 0 }}>
        Holidays of {countryName(country)}
      </DialogTitle>
      <DialogContent sx={{ minWidth: 380 }}>
        <Box sx={{ display: 'flex', gap: 1, alignItems: 'center', py: 0.5 }}>
          <Button
            aria-label="Year before"
            onClick={() => {
              setYear(year - 1);
            }}
          >
            ‹
          </Button>
          <Box sx={{ fontWeight: 600 }}>{year}</Box>
          <Button
            aria-label="Year after"
            onClick={() => {
              setYear(year + 1);
            }}
          >
            ›
          </Button>
        </Box>
        {error && <Box role="alert">The holidays could not be asked for. They can be added by hand.</Box>}
        {data && open.length === 0 && (
          <Box sx={{ color: 'text.secondary' }}>None that is not in the record already.</Box>
        )}
        {open.map(({ name, date }) => (
          <FormControlLabel
            key={date + name}
            sx={{ display: 'flex', my: -0.75 }}
            control={
              <Checkbox
                size="small"
                checked={chosen.has(date)}
                onChange={(_, on) => {
                  const next = new Set(chosen);
                  if (on) next.add(date);
                  else next.delete(date);
                  setChosen(next);
                }}
              />
            }
            label={`${date}  ${name}`}
          />
        ))}
      </DialogContent>
      <DialogActions>
        <Button
          onClick={() => {
            setChosen(new Set(open.map(({ date }) => date)));
          }}
        >
          Choose all
        </Button>
        <Button onClick={onClose}>Cancel</Button>
        <Button
          variant="contained"
          color="primary"
          disabled={chosen.size === 0}
          onClick={() => {
            onTake(open.filter(({ date }) => chosen.has(date)));
          }}
        >
          Add as closed
        </Button>
      </DialogActions>
    </Dialog>
  );
}
