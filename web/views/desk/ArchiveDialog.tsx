import { Box, Button, LinearProgress, Stack } from '@mui/material';
import { useQueryClient } from '@tanstack/react-query';
import { useSnackbar } from 'notistack';
import { useRef, useState } from 'react';
import { counted } from '#core/text';
import { takeClientArchive } from '../../api/archive.ts';
import { inWords } from '../../api/request.ts';
import { FilePick } from '../../parts/FilePick.tsx';
import { Frame } from '../../parts/Frame.tsx';
import { Soft, Telling } from '../../parts/layout.tsx';

interface Progress {
  readonly words: string;
  /** Undefined while that is not known. */
  readonly percent: number | undefined;
}

/** Takes an archive in, and tells how far it has come; `progress` is undefined while nothing is under way. */
function useTaking(onTaken: (clientId: number) => void) {
  const [progress, setProgress] = useState<Progress | undefined>();
  const [message, setMessage] = useState('');
  const stop = useRef<AbortController | undefined>(undefined);
  const queries = useQueryClient();
  const { enqueueSnackbar } = useSnackbar();
  const takeAll = async (file: File): Promise<void> => {
    stop.current = new AbortController();
    setProgress({ words: `Sending ${file.name} …`, percent: undefined });
    const made = await takeClientArchive(file, stop.current.signal, (done, total) =>
      setProgress({ words: `${done} of ${total} taken in`, percent: (100 * done) / Math.max(1, total) }),
    );
    await queries.invalidateQueries();
    const [branches, pages, photos] = [
      counted(made.branches, 'branch', 'branches'),
      counted(made.pages, 'page'),
      counted(made.photos, 'photo'),
    ];
    enqueueSnackbar(`Taken in whole: ${branches}, ${pages}, ${photos}.`);
    onTaken(made.clientId);
  };
  const take = (file: File): void => {
    setMessage('');
    void takeAll(file)
      .catch((error: unknown) => setMessage(inWords(error)))
      .finally(() => setProgress(undefined));
  };
  return { progress, message, take, stop: () => stop.current?.abort() };
}

/** Takes a whole client in from the zip that it went out as, here or on another machine. */
export default function ArchiveDialog({
  onMade,
  onClose,
}: {
  onMade: (clientId: number) => void;
  onClose: () => void;
}) {
  const { progress, message, take, stop } = useTaking((clientId) => {
    onMade(clientId);
    onClose();
  });
  const close = (): void => {
    if (!progress) onClose();
  };
  return (
    <Frame
      title="A client from its zip"
      onClose={close}
      actions={
        <Button
          onClick={() => {
            stop();
            close();
          }}
        >
          {progress ? 'Stop' : 'Cancel'}
        </Button>
      }
    >
      <Stack sx={{ gap: 1, alignItems: 'flex-start' }}>
        <Soft>
          “Save all of it as a zip” in the menu of a client saves its records, pages, placements and photos.
          Here that zip comes in again, as a client of its own: all of it, or nothing.
        </Soft>
        {message && <Telling>{message}</Telling>}
        {progress ? (
          <Box sx={{ width: '100%' }}>
            <LinearProgress
              aria-label="Taking in"
              {...(progress.percent === undefined
                ? {}
                : { variant: 'determinate' as const, value: progress.percent })}
            />
            <div role="status">{progress.words}</div>
          </Box>
        ) : (
          <FilePick label="Zip of a client" accept=".zip,application/zip" onPick={take}>
            Choose the zip
          </FilePick>
        )}
      </Stack>
    </Frame>
  );
}
