import { Box, Button, Table, TableBody, TableCell, TableHead, TableRow, TextField } from '@mui/material';
import { useState } from 'react';
import type { Judging } from '#contract';
import { profileNames, profiles, type ProfileName, type Want } from '#core/checking';
import { nearestName, propertyNamed, propertyNames } from '#core/vocabulary';
import { useJudging, useJudgingChanges } from '../../api/checks.ts';
import { useComplain } from '../../parts/actions.ts';
import { BoxedChoice } from '../../parts/Choice.tsx';
import { Fill, Hint, Line, ListRow, PartHead, Plain, Soft } from '../../parts/layout.tsx';
import { Failure, Loading } from '../../parts/Notice.tsx';
import { typeSize } from '../../theme.ts';

/** The profile a client's sources are judged by, what it wants besides, and what is ignored. */
export default function JudgingPane({ clientId, clientName }: { clientId: number; clientName: string }) {
  const { data, error } = useJudging(clientId);
  if (error && !data) return <Failure error={error} />;
  if (!data) return <Loading />;
  return (
    <Box sx={{ height: '100%', overflow: 'auto', px: 2, py: 1.5, maxWidth: 980 }} tabIndex={-1}>
      <Wanted clientId={clientId} clientName={clientName} judging={data} />
      <IgnoredList clientId={clientId} judging={data} />
    </Box>
  );
}

const WEIGHTS: Readonly<Record<Want['weight'], string>> = {
  required: 'must be there',
  recommended: 'should be there',
  'worth-having': 'is worth having',
};
const PROFILES = Object.fromEntries(profileNames.map((one) => [one, profiles[one].title])) as Readonly<
  Record<ProfileName, string>
>;

interface WantedProps {
  readonly clientId: number;
  readonly clientName: string;
  readonly judging: Judging;
}

/** The profile, and what is wanted besides. */
function Wanted({ clientId, clientName, judging: { profile, wants } }: WantedProps) {
  const { save } = useJudgingChanges(clientId);
  const complain = useComplain();
  const keep = (next: Partial<Pick<Judging, 'profile' | 'wants'>>): void =>
    void save.mutateAsync({ profile, wants, ...next }).catch(complain);
  return (
    <>
      <PartHead>What {clientName} is held to</PartHead>
      <Line>
        <BoxedChoice
          label="Profile"
          options={PROFILES}
          value={profile}
          onChange={(next) => keep({ profile: next })}
        />
        <Soft>
          {profile === 'vocabulary'
            ? 'Only whether the markup is right; nothing is missed.'
            : `Required and recommended by ${profiles[profile].source}.`}
        </Soft>
      </Line>
      <PartHead>Wanted besides</PartHead>
      {wants.length === 0 && (
        <Soft>
          Nothing yet. If this client needs a property that the profile does not ask for, faxNumber for
          instance, add it here.
        </Soft>
      )}
      <Plain aria-label="Wanted besides">
        {wants.map(({ properties, weight }) => (
          <ListRow key={properties.join()} sx={{ px: 0 }}>
            <b>{properties.join(' or ')}</b> {WEIGHTS[weight]}
            <Fill />
            <Button
              sx={{ py: 0 }}
              aria-label={`Take back ${properties.join(' or ')}`}
              onClick={() => keep({ wants: wants.filter((one) => one.properties !== properties) })}
            >
              Take back
            </Button>
          </ListRow>
        ))}
      </Plain>
      <AddWant
        busy={save.isPending}
        onAdd={(property, weight) =>
          keep({ wants: [...wants, { properties: [property], weight, why: `${clientName} wants it.` }] })
        }
      />
    </>
  );
}

/** A property of the vocabulary, to be wanted with some weight. */
function AddWant({
  busy,
  onAdd,
}: {
  busy: boolean;
  onAdd: (property: string, weight: Want['weight']) => void;
}) {
  const [property, setProperty] = useState('');
  const [weight, setWeight] = useState<Want['weight']>('recommended');
  const name = property.trim();
  const known = propertyNamed(name) !== undefined;
  const near = name && !known ? nearestName(name, propertyNames) : undefined;
  return (
    <Box
      component="form"
      onSubmit={(event) => {
        event.preventDefault();
        if (!known) return;
        onAdd(name, weight);
        setProperty('');
      }}
      sx={{ display: 'flex', gap: 1, alignItems: 'center', mt: 0.75 }}
    >
      <TextField
        value={property}
        onChange={({ target }) => setProperty(target.value)}
        placeholder="Property of schema.org"
        slotProps={{ htmlInput: { 'aria-label': 'Property wanted' } }}
        sx={{ width: 240, '& input': { py: 0.5, fontSize: typeSize.text } }}
      />
      <BoxedChoice label="How much it is wanted" options={WEIGHTS} value={weight} onChange={setWeight} />
      <Button type="submit" disabled={!known || busy}>
        Add
      </Button>
      {name && !known && <Soft>schema.org has no such property.{near ? ` Did you mean ${near}?` : ''}</Soft>}
    </Box>
  );
}

function IgnoredList({ clientId, judging: { ignores } }: { clientId: number; judging: Judging }) {
  const { revoke } = useJudgingChanges(clientId);
  const complain = useComplain();
  return (
    <>
      <PartHead>Ignored</PartHead>
      {ignores.length === 0 ? (
        <Soft>
          Nothing is ignored. “Ignore …” beside a finding puts it here, with the reason, for one place, one
          page or the whole site.
        </Soft>
      ) : (
        <Table size="small" aria-label="Ignored findings">
          <TableHead>
            <TableRow>
              <TableCell>Finding</TableCell>
              <TableCell>Where</TableCell>
              <TableCell>Why</TableCell>
              <TableCell>Since</TableCell>
              <TableCell />
            </TableRow>
          </TableHead>
          <TableBody>
            {ignores.map(({ id, code, page, excerpt, reason, added }) => (
              <TableRow key={id}>
                <TableCell>{code}</TableCell>
                <TableCell sx={{ overflowWrap: 'anywhere' }}>
                  {page || 'the whole site'}
                  {excerpt && <Hint>at “{excerpt.slice(0, 80)}”</Hint>}
                </TableCell>
                <TableCell>{reason}</TableCell>
                <TableCell sx={{ whiteSpace: 'nowrap' }}>{new Date(added).toLocaleDateString()}</TableCell>
                <TableCell align="right">
                  <Button sx={{ py: 0 }} onClick={() => revoke.mutateAsync(id).catch(complain)}>
                    Take back
                  </Button>
                </TableCell>
              </TableRow>
            ))}
          </TableBody>
        </Table>
      )}
    </>
  );
}
