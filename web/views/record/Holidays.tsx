import { Box, Button } from '@mui/material';
import { useState } from 'react';
import { countryName } from '#core/address';
import { useHolidays } from '../../api/queries.ts';
import { Frame } from '../../parts/Frame.tsx';
import { Line, Soft } from '../../parts/layout.tsx';
import { Tick } from '../../parts/Tick.tsx';

/** The holidays of a country in a year, to be added as closed days. */
export function Holidays({
  country,
  region,
  taken,
  onTake,
  onClose,
}: {
  country: string;
  region: string;
  /** The days that the record says something of already. */
  taken: readonly string[];
  onTake: (days: readonly { name: string; date: string }[]) => void;
  onClose: () => void;
}) {
  const [year, setYear] = useState(() => new Date().getFullYear());
  const [chosen, setChosen] = useState<ReadonlySet<string>>(new Set());
  const { data, error } = useHolidays(country, region, year);
  const open = (data?.holidays ?? []).filter(({ date }) => !taken.includes(date));
  const choose = (date: string, on: boolean): void =>
    setChosen(new Set(on ? [...chosen, date] : [...chosen].filter((one) => one !== date)));
  return (
    <Frame
      title={`Holidays of ${countryName(country)}`}
      onClose={onClose}
      actions={
        <>
          <Button onClick={() => setChosen(new Set(open.map(({ date }) => date)))}>Choose all</Button>
          <Button onClick={onClose}>Cancel</Button>
          <Button
            variant="contained"
            color="primary"
            disabled={chosen.size === 0}
            onClick={() => onTake(open.filter(({ date }) => chosen.has(date)))}
          >
            Add as closed
          </Button>
        </>
      }
    >
      <Year year={year} onYear={setYear} />
      {error && <Box role="alert">The holidays could not be asked for. They can be added by hand.</Box>}
      {data && open.length === 0 && <Soft>None that is not in the record already.</Soft>}
      {open.map(({ name, date }) => (
        <Tick
          key={date + name}
          label={`${date}  ${name}`}
          on={chosen.has(date)}
          onChange={(on) => choose(date, on)}
        />
      ))}
    </Frame>
  );
}

const Year = ({ year, onYear }: { year: number; onYear: (year: number) => void }) => (
  <Line sx={{ gap: 1, py: 0.5 }}>
    <Button aria-label="Year before" onClick={() => onYear(year - 1)}>
      ‹
    </Button>
    <b>{year}</b>
    <Button aria-label="Year after" onClick={() => onYear(year + 1)}>
      ›
    </Button>
  </Line>
);
