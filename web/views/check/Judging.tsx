import {
  Box,
  Button,
  MenuItem,
  Select,
  Table,
  TableBody,
  TableCell,
  TableHead,
  TableRow,
  TextField,
} from '@mui/material';
import { useState } from 'react';
import type { Judging } from '#contract';
import { profileNames, profiles, type Want } from '#core/checking';
import { nearestName, propertyNamed, propertyNames } from '#core/vocabulary';
import { useJudging, useJudgingChanges } from '../../api/checks.ts';
import { useComplain } from '../../parts/actions.ts';
import { Failure, Loading } from '../../parts/Notice.tsx';
import { colour, typeSize } from '../../theme.ts';

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

const heading = { m: 0, mt: 1.5, mb: 0.5, fontSize: typeSize.text } as const;
const WEIGHTS: Readonly<Record<Want['weight'], string>> = {
  required: 'must be there',
  recommended: 'should be there',
  'worth-having': 'is worth having',
};

function Wanted({
  clientId,
  clientName,
  judging,
}: {
  clientId: number;
  clientName: string;
  judging: Judging;
}) {
  const { save } = useJudgingChanges(clientId);
  const complain = useComplain();
  const [property, setProperty] = useState('');
  const [weight, setWeight] = useState<Want['weight']>('recommended');
  const { profile, wants } = judging;
  const keep = (next: Partial<Pick<Judging, 'profile' | 'wants'>>): void => {
    save.mutateAsync({ profile, wants, ...next }).catch(complain);
  };
  const name = property.trim();
  const near = name && !propertyNamed(name) ? nearestName(name, propertyNames) : undefined;
  const known = propertyNamed(name) !== undefined;
  return (
    <>
      <Box component="h2" sx={heading}>
        What {clientName} is held to
      </Box>
      <Box sx={{ display: 'flex', gap: 1, alignItems: 'center' }}>
        <Select
          size="small"
          value={profile}
          onChange={({ target }) => {
            keep({ profile: target.value });
          }}
          inputProps={{ 'aria-label': 'Profile' }}
          sx={{ fontSize: typeSize.text, '& .MuiSelect-select': { py: 0.4 } }}
        >
          {profileNames.map((one) => (
            <MenuItem key={one} value={one}>
              {profiles[one].title}
            </MenuItem>
          ))}
        </Select>
        <Box sx={{ color: 'text.secondary' }}>
          {profile === 'vocabulary'
            ? 'Only whether the markup is right; nothing is missed.'
            : 'The guideline for places of business: what it requires and recommends.'}
        </Box>
      </Box>
      <Box component="h2" sx={heading}>
        Wanted besides
      </Box>
      {wants.length === 0 && (
        <Box sx={{ color: 'text.secondary', mb: 0.5 }}>
          Nothing yet. If this client needs a property that the profile does not ask for, faxNumber for
          instance, add it here.
        </Box>
      )}
      <Box component="ul" aria-label="Wanted besides" sx={{ listStyle: 'none', m: 0, p: 0 }}>
        {wants.map(({ properties, weight: how }) => (
          <Box
            component="li"
            key={properties.join()}
            sx={{
              display: 'flex',
              gap: 1,
              py: 0.4,
              alignItems: 'baseline',
              borderBottom: `1px solid ${colour.light}`,
            }}
          >
            <b>{properties.join(' or ')}</b> {WEIGHTS[how]}
            <Box sx={{ flex: 1 }} />
            <Button
              sx={{ py: 0 }}
              aria-label={`Take back ${properties.join(' or ')}`}
              onClick={() => {
                keep({ wants: wants.filter((one) => one.properties !== properties) });
              }}
            >
              Take back
            </Button>
          </Box>
        ))}
      </Box>
      <Box
        component="form"
        onSubmit={(event) => {
          event.preventDefault();
          if (!known) return;
          keep({ wants: [...wants, { properties: [name], weight, why: `${clientName} wants it.` }] });
          setProperty('');
        }}
        sx={{ display: 'flex', gap: 1, alignItems: 'center', mt: 0.75 }}
      >
        <TextField
          value={property}
          onChange={({ target }) => {
            setProperty(target.value);
          }}
          placeholder="Property of schema.org"
          slotProps={{ htmlInput: { 'aria-label': 'Property wanted' } }}
          sx={{ width: 240, '& input': { py: 0.5, fontSize: typeSize.text } }}
        />
        <Select
          size="small"
          value={weight}
          onChange={({ target }) => {
            setWeight(target.value);
          }}
          inputProps={{ 'aria-label': 'How much it is wanted' }}
          sx={{ fontSize: typeSize.text, '& .MuiSelect-select': { py: 0.4 } }}
        >
          {Object.entries(WEIGHTS).map(([value, label]) => (
            <MenuItem key={value} value={value}>
              {label}
            </MenuItem>
          ))}
        </Select>
        <Button type="submit" disabled={!known || save.isPending}>
          Add
        </Button>
        {name && !known && (
          <Box sx={{ color: 'text.secondary' }}>
            schema.org has no such property.{near ? ` Did you mean ${near}?` : ''}
          </Box>
        )}
      </Box>
    </>
  );
}

function IgnoredList({ clientId, judging: { ignores } }: { clientId: number; judging: Judging }) {
  const { revoke } = useJudgingChanges(clientId);
  const complain = useComplain();
  return (
    <>
      <Box component="h2" sx={heading}>
        Ignored
      </Box>
      {ignores.length === 0 ? (
        <Box sx={{ color: 'text.secondary' }}>
          Nothing is ignored. “Ignore …” beside a finding puts it here, with the reason, for one place, one
          page or the whole site.
        </Box>
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
                  {excerpt && (
                    <Box sx={{ fontSize: typeSize.small, color: 'text.secondary' }}>
                      at “{excerpt.slice(0, 80)}”
                    </Box>
                  )}
                </TableCell>
                <TableCell>{reason}</TableCell>
                <TableCell sx={{ whiteSpace: 'nowrap' }}>{new Date(added).toLocaleDateString()}</TableCell>
                <TableCell align="right">
                  <Button
                    sx={{ py: 0 }}
                    onClick={() => {
                      revoke.mutateAsync(id).catch(complain);
                    }}
                  >
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
