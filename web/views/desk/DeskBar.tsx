import { Button, InputBase } from '@mui/material';
import { Link as RouterLink } from 'react-router';
import type { DeskChoice } from '../../api/queries.ts';
import { BoxedChoice } from '../../parts/Choice.tsx';
import { HeadBar } from '../../parts/layout.tsx';
import { boxed } from '../../theme.ts';

const STATES: Readonly<Record<DeskChoice['state'], string>> = {
  '': 'Every state',
  must: 'Must be mended',
  'out-of-date': 'Out of date',
  missing: 'Missing',
  should: 'To improve',
  unproved: 'Not proved',
  proved: 'Proved',
};
const SORTS: Readonly<Record<DeskChoice['sort'], string>> = {
  label: 'By name',
  town: 'By town',
  urgency: 'Most urgent first',
};

/** The desk's filter and order, and what begins something. */
export function DeskBar({
  choice,
  onChoose,
  onArchive,
  onAdd,
}: {
  choice: DeskChoice;
  onChoose: (choice: DeskChoice) => void;
  onArchive: () => void;
  onAdd: () => void;
}) {
  return (
    <HeadBar title="Desk">
      <InputBase
        type="search"
        placeholder="Filter: name, street, town, code"
        value={choice.words}
        onChange={({ target }) => onChoose({ ...choice, words: target.value })}
        inputProps={{ 'aria-label': 'Filter branches' }}
        sx={{ ...boxed, width: 240 }}
      />
      <BoxedChoice
        label="State"
        options={STATES}
        value={choice.state}
        onChange={(state) => onChoose({ ...choice, state })}
      />
      <BoxedChoice
        label="Order"
        options={SORTS}
        value={choice.sort}
        onChange={(sort) => onChoose({ ...choice, sort })}
      />
      <Button onClick={onArchive}>From a zip</Button>
      <Button component={RouterLink} to="/trash">
        Trash
      </Button>
      <Button variant="contained" color="primary" onClick={onAdd}>
        Add client
      </Button>
    </HeadBar>
  );
}
