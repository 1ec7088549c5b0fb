import {
  Box,
  Button,
  Dialog,
  DialogActions,
  DialogContent,
  DialogTitle,
  LinearProgress,
} from '@mui/material';
import { useQueryClient } from '@tanstack/react-query';
import { useSnackbar } from 'notistack';
import { useRef, useState } from 'react';
import { takeClientArchive } from '../../api/archive.ts';
import { inWords } from '../../api/request.ts';

/** Takes a whole client in from the zip that it went out as, here or on another machine. */
export default function ArchiveDialog({
  onMade,
  onClose,
}: {
  onMade: (clientId: number) => void;
  onClose: () => void;
}) {
  const [progress, setProgress] = useState<
    { readonly words: string; readonly percent: number | undefined } | undefined
  >();
  const [message, setMessage] = useState('');
  const stop = useRef<AbortController | undefined>(undefined);
  const queries = useQueryClient();
  const { enqueueSnackbar } = useSnackbar();
  const take = async (file: File | undefined): Promise<void> => {
    if (!file) return;
    setMessage('');
    stop.current = new AbortController();
    setProgress({ words: `Sending ${file.name} …`, percent: undefined });
    try {
      const made = await takeClientArchive(file, stop.current.signal, (done, total) => {
        setProgress({
          words: `${String(done)} of ${String(total)} taken in`,
          percent: (100 * done) / Math.max(1, total),
        });
      });
      await queries.invalidateQueries();
      enqueueSnackbar(
        `Taken in whole: ${String(made.branches)} branches, ${String(made.pages)} pages, ${String(made.photos)} photos.`,
      );
      onMade(made.clientId);
      onClose();
    } catch (error) {
      setMessage(inWords(error));
    }
    setProgress(undefined);
  };
  return (
    <Dialog
      open
      onClose={() => {
        if (!progress) onClose();
      }}
      fullWidth
      maxWidth="sm"
      aria-labelledby="archive-title"
    >
      <DialogTitle id="archive-title" sx={{ fontSize: 15, fontWeight: 700 }}>
        A client from its zip
      </DialogTitle>
      <DialogContent>
        <Box sx={{ color: 'text.secondary', mb: 1 }}>
          “Save all of it as a zip” in the menu of a client saves its records, pages, placements and photos.
          Here that zip comes in again, as a client of its own: all of it, or nothing.
        </Box>
        {message && (
          <Box role="alert" sx={{ mb: 1 }}>
            {message}
          </Box>
        )}
        {progress ? (
          <>
            <LinearProgress
              aria-label="Taking in"
              {...(progress.percent === undefined
                ? {}
                : { variant: 'determinate' as const, value: progress.percent })}
            />
            <Box role="status" sx={{ mt: 0.5 }}>
              {progress.words}
            </Box>
          </>
        ) : (
          <Button component="label">
            Choose the zip
            <input
              type="file"
              accept=".zip,application/zip"
              aria-label="Zip of a client"
              hidden
              onChange={({ target }) => void take(target.files?.[0])}
            />
          </Button>
        )}
      </DialogContent>
      <DialogActions>
        <Button
          onClick={() => {
            stop.current?.abort();
            if (!progress) onClose();
          }}
        >
          {progress ? 'Stop' : 'Cancel'}
        </Button>
      </DialogActions>
    </Dialog>
  );
}
