import { Button } from '@mui/material';
import { useSnackbar } from 'notistack';
import { useState } from 'react';
import { readEntries } from '#core/record';
import { fetchImageSize } from '../../api/queries.ts';
import { inWords } from '../../api/request.ts';
import type { FieldProps } from './fieldProps.ts';

/** Reads the size of pictures that do not say theirs, where they can be fetched. */
export function ImageHelp({ row: { fact }, text, change }: FieldProps) {
  const [busy, setBusy] = useState(false);
  const { enqueueSnackbar } = useSnackbar();
  const open = readEntries(fact, text).flatMap(({ url = '', width, height }) =>
    /^https?:/.test(url) && !(width && height) ? [url] : [],
  );
  if (open.length === 0) return null;
  const read = async (): Promise<void> => {
    setBusy(true);
    for (const url of open) {
      try {
        const size = await fetchImageSize(url);
        const [width, height] = [String(size.width), String(size.height)];
        change((record) => ({
          ...record,
          image: record.image.map((one) => (one.url === url ? { ...one, width, height } : one)),
        }));
      } catch (error) {
        enqueueSnackbar(inWords(error), { variant: 'error', autoHideDuration: 9000 });
      }
    }
    setBusy(false);
  };
  return (
    <Button
      variant="text"
      disabled={busy}
      onClick={() => void read()}
      sx={{ py: 0, px: 0.5, fontWeight: 400, color: 'primary.main' }}
    >
      {busy ? 'Reading sizes …' : `Read ${open.length === 1 ? 'the size' : `${String(open.length)} sizes`}`}
    </Button>
  );
}
