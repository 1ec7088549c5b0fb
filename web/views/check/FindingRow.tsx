import { Box, Button, ButtonBase, MenuItem, Select, TextField } from '@mui/material';
import { useState } from 'react';
import { faultTable, type Finding } from '#core/fault';
import { changedLines, type Edit, type Place } from '#core/text';
import { useJudgingChanges } from '../../api/checks.ts';
import { useComplain } from '../../parts/actions.ts';
import { DifferentText } from '../../parts/Difference.tsx';
import { GradeMark } from '../../parts/Marks.tsx';
import { colour, mono, typeSize } from '../../theme.ts';

interface Ignoring {
  readonly clientId: number;
  readonly page: string;
  readonly excerpt: string;
}

/** One finding: what a machine makes of it, where, after which standard, its mend, and the way to ignore it. */
export function FindingRow({
  source,
  finding,
  current,
  ignoring,
  onPlace,
  onMend,
}: {
  source: string;
  finding: Finding;
  current: boolean;
  ignoring: Ignoring;
  onPlace: (place: Place) => void;
  onMend: (edits: readonly Edit[]) => void;
}) {
  const [open, setOpen] = useState<'mend' | 'ignore' | undefined>();
  const { code, grade, message, place, mend, related } = finding;
  const toggle = (what: 'mend' | 'ignore') => () => {
    setOpen(open === what ? undefined : what);
  };
  return (
    <Box
      component="li"
      data-code={code}
      aria-current={current || undefined}
      sx={{
        px: 2,
        py: 0.6,
        borderBottom: `1px solid ${colour.light}`,
        ...(current ? { backgroundColor: colour.plumLight } : {}),
      }}
    >
      <Box sx={{ display: 'flex', gap: 1, alignItems: 'baseline' }}>
        <GradeMark grade={grade} />
        <Box sx={{ flex: 1, minWidth: 0, overflowWrap: 'anywhere' }}>
          {message}{' '}
          <Box component="span" sx={{ color: 'text.secondary', fontSize: typeSize.small }}>
            {code}, after {faultTable[code].source}
          </Box>
          {related.map((one) => (
            <Box key={one.place.start} component="span" sx={{ fontSize: typeSize.note }}>
              {' '}
              <PlaceLink
                place={one.place}
                onPlace={onPlace}
                label={`${one.message}: line ${String(one.place.line)}`}
              />
            </Box>
          ))}
        </Box>
        <PlaceLink
          place={place}
          onPlace={onPlace}
          label={`line ${String(place.line)}, column ${String(place.column)}`}
        />
        {mend && (
          <Button onClick={toggle('mend')} aria-expanded={open === 'mend'} sx={{ py: 0 }}>
            {open === 'mend' ? 'Close' : mend.certain ? 'Mend …' : 'Proposal …'}
          </Button>
        )}
        <Button
          onClick={toggle('ignore')}
          aria-expanded={open === 'ignore'}
          sx={{ py: 0, border: 0, color: 'text.secondary', fontWeight: 400 }}
        >
          Ignore …
        </Button>
      </Box>
      {open === 'mend' && mend && (
        <MendPreview
          source={source}
          edits={mend.edits}
          certain={mend.certain}
          onMend={() => {
            onMend(mend.edits);
          }}
        />
      )}
      {open === 'ignore' && <IgnoreForm code={code} ignoring={ignoring} onDone={toggle('ignore')} />}
    </Box>
  );
}

function PlaceLink({
  place,
  onPlace,
  label,
}: {
  place: Place;
  onPlace: (place: Place) => void;
  label: string;
}) {
  return (
    <ButtonBase
      onClick={() => {
        onPlace(place);
      }}
      sx={{
        font: 'inherit',
        fontSize: typeSize.note,
        color: 'primary.main',
        '&:hover': { textDecoration: 'underline' },
      }}
    >
      {label}
    </ButtonBase>
  );
}

/** The lines a mend changes, before and after in one. */
function MendPreview({
  source,
  edits,
  certain,
  onMend,
}: {
  source: string;
  edits: readonly Edit[];
  certain: boolean;
  onMend: () => void;
}) {
  const { before, after } = changedLines(source, edits);
  return (
    <Box sx={panel}>
      <Box sx={{ flex: 1, minWidth: 0 }}>
        {!certain && (
          <Box sx={{ color: 'text.secondary', mb: 0.5 }}>
            Probably meant, but not certain: look at it before you take it.
          </Box>
        )}
        <Box sx={{ fontFamily: mono }}>
          <DifferentText reference={before} text={after} />
        </Box>
      </Box>
      <Button variant="contained" color="primary" onClick={onMend}>
        {certain ? 'Mend this' : 'Take the proposal'}
      </Button>
    </Box>
  );
}

const panel = {
  mt: 0.75,
  ml: 3,
  p: 1,
  border: `1px solid ${colour.line}`,
  backgroundColor: '#fff',
  display: 'flex',
  gap: 1,
  alignItems: 'flex-start',
} as const;

type Scope = 'place' | 'page' | 'site';

function IgnoreForm({ code, ignoring, onDone }: { code: string; ignoring: Ignoring; onDone: () => void }) {
  const [scope, setScope] = useState<Scope>('place');
  const [reason, setReason] = useState('');
  const { ignore } = useJudgingChanges(ignoring.clientId);
  const complain = useComplain();
  const save = (): void => {
    const { page, excerpt } = ignoring;
    ignore
      .mutateAsync({
        code,
        page: scope === 'site' ? '' : page,
        excerpt: scope === 'place' ? excerpt : '',
        reason,
      })
      .then(onDone, complain);
  };
  return (
    <Box
      component="form"
      onSubmit={(event) => {
        event.preventDefault();
        if (reason.trim()) save();
      }}
      sx={{ ...panel, alignItems: 'center' }}
    >
      <Select
        size="small"
        value={scope}
        onChange={({ target }) => {
          setScope(target.value);
        }}
        inputProps={{ 'aria-label': 'Where to ignore it' }}
        sx={{ fontSize: typeSize.text, '& .MuiSelect-select': { py: 0.4 } }}
      >
        <MenuItem value="place">at this place</MenuItem>
        <MenuItem value="page">on this page</MenuItem>
        <MenuItem value="site">on the whole site</MenuItem>
      </Select>
      <TextField
        value={reason}
        fullWidth
        onChange={({ target }) => {
          setReason(target.value);
        }}
        placeholder="Why? Whoever finds it later will ask."
        slotProps={{ htmlInput: { 'aria-label': 'Reason', maxLength: 500 } }}
        sx={{ '& input': { py: 0.5, fontSize: typeSize.text } }}
      />
      <Button type="submit" variant="contained" color="primary" disabled={!reason.trim() || ignore.isPending}>
        Ignore it
      </Button>
    </Box>
  );
}
