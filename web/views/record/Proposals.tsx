import { Box, Checkbox } from '@mui/material';
import { useMemo, useState } from 'react';
import { writeWeek } from '#core/hours';
import { accept, type Proposal } from '#core/proposal';
import { factText, factOf, type BusinessRecord, type Fact } from '#core/record';
import { colour, typeSize } from '../../theme.ts';

/** Which proposals are chosen: of each fact the first, unless the record says the same or something already. */
export function useChoice(proposals: readonly Proposal[], record: BusinessRecord) {
  const [chosen, setChosen] = useState<ReadonlySet<Proposal>>(() => firstChoice(proposals, record));
  const [of, setOf] = useState(proposals);
  if (of !== proposals) {
    setOf(proposals);
    setChosen(firstChoice(proposals, record));
  }
  const toggle = (proposal: Proposal): void => {
    const next = new Set(chosen);
    if (!next.delete(proposal)) {
      for (const other of chosen) if (other.unit === proposal.unit) next.delete(other);
      next.add(proposal);
    }
    setChosen(next);
  };
  const all = (on: boolean): void => setChosen(on ? firstOfEach(proposals) : new Set());
  return { chosen, toggle, all };
}

function firstOfEach(proposals: readonly Proposal[]): ReadonlySet<Proposal> {
  const units = new Set<string>();
  return new Set(
    proposals.filter(({ unit }) => {
      if (units.has(unit)) return false;
      units.add(unit);
      return true;
    }),
  );
}

/** Whether a record says something of a unit. A country that all branches share is no address yet. */
const saysAlready = (record: BusinessRecord, unit: string): boolean =>
  unit === 'address'
    ? record.address.streetAddress !== '' || record.address.addressLocality !== ''
    : (factOf(unit)?.isSet(record) ?? false);

const firstChoice = (proposals: readonly Proposal[], record: BusinessRecord): ReadonlySet<Proposal> =>
  new Set(
    [...firstOfEach(proposals)].filter(({ unit, from }) => from === 'sheet' || !saysAlready(record, unit)),
  );

/** The record with the chosen proposals in it. */
export const takeChosen = (record: BusinessRecord, chosen: ReadonlySet<Proposal>): BusinessRecord =>
  accept(
    record,
    [...chosen].flatMap(({ values }) =>
      values.map(({ fact, text }): { fact: Fact; text: string } => ({ fact, text })),
    ),
  );

/** What the record says now of a proposal's facts, in a line. */
const saidOf = (record: BusinessRecord, { unit, values }: Proposal): string =>
  unit === 'hours'
    ? writeWeek(record.hours)
    : values
        .map(({ fact }) => factText(record, fact))
        .filter(Boolean)
        .join(', ');

/** Facts as found somewhere, each with its place, to be chosen one by one. */
export function ProposalList({
  proposals,
  record,
  chosen,
  onToggle,
}: {
  proposals: readonly Proposal[];
  record: BusinessRecord;
  chosen: ReadonlySet<Proposal>;
  onToggle: (proposal: Proposal) => void;
}) {
  const known = useMemo(
    () => new Map(proposals.map((one) => [one, saidOf(record, one)])),
    [proposals, record],
  );
  return (
    <Box role="group" aria-label="Proposed facts" sx={{ border: `1px solid ${colour.light}` }}>
      {proposals.map((one, at) => {
        const now = known.get(one) ?? '';
        const same = one.values.every(({ fact, text }) => factText(record, fact) === text);
        return (
          <Box
            key={at}
            component="label"
            sx={{
              display: 'grid',
              gridTemplateColumns: '30px 130px minmax(0, 1.4fr) minmax(0, 1fr) 150px',
              columnGap: 1,
              alignItems: 'start',
              px: 0.5,
              borderBottom: `1px solid ${colour.light}`,
              backgroundColor: chosen.has(one) ? '#fff' : 'transparent',
              cursor: 'pointer',
            }}
          >
            <Checkbox
              size="small"
              checked={chosen.has(one)}
              onChange={() => onToggle(one)}
              slotProps={{ input: { 'aria-label': `${one.label}: ${one.shown}` } }}
              sx={{ p: 0.4 }}
            />
            <Box sx={{ py: 0.5, color: 'text.secondary' }}>{one.label}</Box>
            <Box sx={{ py: 0.5, overflowWrap: 'anywhere' }}>{one.shown}</Box>
            <Box sx={{ py: 0.5, color: 'text.secondary', overflowWrap: 'anywhere' }}>
              {same ? 'as in the record' : now && `record now: ${now}`}
            </Box>
            <Box sx={{ py: 0.5, color: 'text.secondary', fontSize: typeSize.note }}>{one.where}</Box>
          </Box>
        );
      })}
    </Box>
  );
}
