import { Box, Button, TextField } from '@mui/material';
import { styled } from '@mui/material/styles';
import { useState } from 'react';
import { faultTable, type Finding } from '#core/fault';
import { changedLines, type Edit, type Place } from '#core/text';
import { useJudgingChanges } from '../../api/checks.ts';
import { useComplain } from '../../parts/actions.ts';
import { BoxedChoice } from '../../parts/Choice.tsx';
import { DifferentText } from '../../parts/Difference.tsx';
import { Hint, Line, ListRow, Soft, Words } from '../../parts/layout.tsx';
import { GradeMark } from '../../parts/Marks.tsx';
import { Opener } from '../../parts/Opener.tsx';
import { TextButton } from '../../parts/TextButton.tsx';
import { colour, mono, typeSize } from '../../theme.ts';

interface Ignoring {
  readonly clientId: number;
  readonly page: string;
  readonly excerpt: string;
}

interface FindingRowProps {
  readonly source: string;
  readonly finding: Finding;
  readonly current: boolean;
  readonly ignoring: Ignoring;
  readonly onPlace: (place: Place) => void;
  readonly onMend: (edits: readonly Edit[]) => void;
}

/** One finding: what a machine makes of it, where, after which standard, its mend, and the way to ignore it. */
export function FindingRow({ source, finding, current, ignoring, onPlace, onMend }: FindingRowProps) {
  const [open, setOpen] = useState<'mend' | 'ignore' | undefined>();
  const { code, grade, place, mend } = finding;
  const toggle = (what: 'mend' | 'ignore') => () => setOpen(open === what ? undefined : what);
  return (
    <Row data-code={code} aria-current={current || undefined}>
      <Line sx={{ gap: 1, alignItems: 'baseline' }}>
        <GradeMark grade={grade} />
        <Message finding={finding} onPlace={onPlace} />
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
        <TextButton quiet onClick={toggle('ignore')} aria-expanded={open === 'ignore'}>
          Ignore …
        </TextButton>
      </Line>
      {open === 'mend' && mend && (
        <MendPreview
          source={source}
          edits={mend.edits}
          certain={mend.certain}
          onMend={() => onMend(mend.edits)}
        />
      )}
      {open === 'ignore' && <IgnoreForm code={code} ignoring={ignoring} onDone={toggle('ignore')} />}
    </Row>
  );
}

const Row = styled(ListRow)({
  display: 'block',
  '&[aria-current]': { backgroundColor: colour.plumLight },
});

/** What is found, after which standard, and the other places it has to do with. */
const Message = ({
  finding: { code, message, related },
  onPlace,
}: Pick<FindingRowProps, 'finding' | 'onPlace'>) => (
  <Words>
    {message}{' '}
    <Hint as="span">
      {code}, after {faultTable[code].source}
    </Hint>
    <OtherPlaces related={related} onPlace={onPlace} />
  </Words>
);

/** The other places: of many the first few, and the rest when they are asked for. */
function OtherPlaces({ related, onPlace }: Pick<Finding, 'related'> & Pick<FindingRowProps, 'onPlace'>) {
  const [all, setAll] = useState(false);
  const more = related.length - FIRST_PLACES;
  const isLong = more > 1;
  const shown = isLong && !all ? related.slice(0, FIRST_PLACES) : related;
  return (
    <>
      {shown.map((one, at) => {
        const line = `line ${String(one.place.line)}`;
        // What is said of one after the other is said once.
        const isAsBefore = one.message === shown[at - 1]?.message;
        return (
          <span key={one.place.start}>
            {isAsBefore ? ', ' : ' '}
            <PlaceLink
              place={one.place}
              onPlace={onPlace}
              label={isAsBefore ? line : `${one.message}: ${line}`}
            />
          </span>
        );
      })}
      {isLong && (
        <>
          {' '}
          <Opener aria-expanded={all} onClick={() => setAll(!all)} sx={{ ...note, color: 'text.secondary' }}>
            {all ? 'show fewer' : `and ${String(more)} more`}
          </Opener>
        </>
      )}
    </>
  );
}

const note = { fontSize: typeSize.note } as const;

/** So many places are shown at once. */
const FIRST_PLACES = 8;

const PlaceLink = ({
  place,
  onPlace,
  label,
}: {
  place: Place;
  onPlace: (place: Place) => void;
  label: string;
}) => (
  <Opener onClick={() => onPlace(place)} sx={{ ...note, color: 'primary.main' }}>
    {label}
  </Opener>
);

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
        {!certain && <Soft>Probably meant, but not certain: look at it before you take it.</Soft>}
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

const SCOPES = { place: 'at this place', page: 'on this page', site: 'on the whole site' } as const;
type Scope = keyof typeof SCOPES;

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
      <BoxedChoice label="Where to ignore it" options={SCOPES} value={scope} onChange={setScope} />
      <TextField
        value={reason}
        fullWidth
        onChange={({ target }) => setReason(target.value)}
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
