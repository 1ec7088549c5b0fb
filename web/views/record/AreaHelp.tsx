import { Button } from '@mui/material';
import { useSnackbar } from 'notistack';
import { useState } from 'react';
import { countryOf, readEntries } from '#core/record';
import { counted } from '#core/text';
import { findPlaces } from '../../api/queries.ts';
import { inWords } from '../../api/request.ts';
import type { FieldProps } from './fieldProps.ts';
import { useRecordInHand } from './useRecordInHand.ts';

/** Looks up addresses that say which places are meant, for those that have none, in the offline gazetteer. */
export function AreaHelp({ row: { fact }, text, change }: FieldProps) {
  const [busy, setBusy] = useState(false);
  const { enqueueSnackbar } = useSnackbar();
  const country = useRecordInHand(countryOf);
  const open = readEntries(fact, text).filter(({ name, url, radius }) => name?.trim() && !url && !radius);
  if (open.length === 0) return null;
  const find = async (): Promise<void> => {
    setBusy(true);
    const found = new Map<string, string>();
    try {
      for (const { name = '' } of open) {
        const { features } = await findPlaces(name, country);
        const towns = features.map(({ properties }) => properties.geocoding);
        const same = towns.find(
          (one) => one.reference && one.name?.toLowerCase() === name.trim().toLowerCase(),
        );
        if (same?.reference) found.set(name, same.reference);
      }
      change((record) => ({
        ...record,
        areaServed: record.areaServed.map((one) =>
          one.url ? one : { ...one, url: found.get(one.name) ?? '' },
        ),
      }));
      enqueueSnackbar(`${counted(found.size, 'place')} of ${String(open.length)} found in the gazetteer.`);
    } catch (error) {
      enqueueSnackbar(`${inWords(error)} Nothing was changed.`, { variant: 'error' });
    }
    setBusy(false);
  };
  return (
    <Button
      variant="text"
      disabled={busy}
      onClick={() => void find()}
      sx={{ py: 0, px: 0.5, fontWeight: 400, color: 'primary.main' }}
    >
      {busy ? 'Looking …' : 'Look up their addresses'}
    </Button>
  );
}
