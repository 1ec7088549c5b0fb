import { Box } from '@mui/material';
import { useSnackbar } from 'notistack';
import { useState, type ReactNode } from 'react';
import { useDropzone } from 'react-dropzone';
import { megabytes } from '#core/limits';
import { counted } from '#core/text';
import { inWords, RequestFailed } from '../api/request.ts';
import { colour } from '../theme.ts';

/** A view on which files can be dropped anywhere. `children` is given what opens the file dialog instead. */
export function DropFrame({
  label,
  multiple = true,
  onFiles,
  children,
}: {
  label: string;
  multiple?: boolean;
  onFiles: (files: readonly File[]) => void;
  children: (open: () => void) => ReactNode;
}) {
  const { getRootProps, getInputProps, open, isDragActive } = useDropzone({
    noClick: true,
    noKeyboard: true,
    multiple,
    onDrop: onFiles,
  });
  return (
    <Box
      {...getRootProps()}
      sx={{ height: '100%', outline: isDragActive ? `3px solid ${colour.plum}` : 'none', outlineOffset: -3 }}
    >
      <input {...getInputProps({ 'aria-label': label })} />
      {children(open)}
    </Box>
  );
}

/** The bar over a view's work surface, with what can be done first. It stays when the surface scrolls. */
export function ActionBar({ children }: { children: ReactNode }) {
  return (
    <Box
      sx={{
        display: 'flex',
        alignItems: 'center',
        gap: 1,
        px: 2,
        py: 0.75,
        borderBottom: `1px solid ${colour.light}`,
        position: 'sticky',
        top: 0,
        zIndex: 3,
        backgroundColor: colour.paper,
      }}
    >
      {children}
    </Box>
  );
}

interface Upload {
  /** "page", "photo": one of what is added. */
  readonly noun: string;
  /** Bytes a file may have. */
  readonly most: (file: File) => number;
  /** Adds one file: how many came of it, and what was refused with its reason. */
  readonly add: (file: File) => Promise<{ readonly added: number; readonly refused: readonly string[] }>;
  readonly done: () => void;
}

const MOST_COMPLAINTS = 4;
/** Where nobody answers a file is sent again after a while, milliseconds, for about an hour. */
const PAUSE_MS = 2000;
const MOST_ATTEMPTS = 1800;

/**
 * Adds files one by one, so that they stand in their order, tells the count on the way, and says of each that was refused why; the others go on. While nobody answers
 * it waits, and goes on with the file in hand when the connection is back.
 */
export function useUpload({ noun, most, add, done }: Upload): {
  busy: string;
  take: (files: readonly File[]) => void;
} {
  const { enqueueSnackbar } = useSnackbar();
  const [busy, setBusy] = useState('');
  const addOne = async (file: File, wait: () => Promise<void>): ReturnType<Upload['add']> => {
    if (file.size > most(file)) {
      return {
        added: 0,
        refused: [
          `${file.name} has ${megabytes(file.size)}; at most ${megabytes(most(file))} are taken. Everything else is as it was.`,
        ],
      };
    }
    for (let attempt = 1; ; attempt += 1)
      try {
        return await add(file);
      } catch (error) {
        const isGone = error instanceof RequestFailed && error.problem.status === 0;
        if (!isGone || attempt >= MOST_ATTEMPTS) return { added: 0, refused: [inWords(error)] };
        await wait();
      }
  };
  const addAll = async (files: readonly File[]): Promise<void> => {
    let added = 0;
    const refused: string[] = [];
    const of = String(files.length);
    for (const [at, file] of files.entries()) {
      setBusy(`Adding ${String(at + 1)} of ${of} …`);
      const result = await addOne(file, async () => {
        setBusy(`No connection. ${String(at)} of ${of} were added; the rest goes on by itself …`);
        await new Promise((resolve) => setTimeout(resolve, PAUSE_MS));
      });
      added += result.added;
      refused.push(...result.refused);
    }
    setBusy('');
    done();
    for (const message of refused.slice(0, MOST_COMPLAINTS))
      enqueueSnackbar(message, { variant: 'error', autoHideDuration: 10_000 });
    if (added > 0)
      enqueueSnackbar(
        `${counted(added, noun)} added${refused.length > 0 ? `, ${String(refused.length)} not taken` : ''}.`,
      );
  };
  return { busy, take: (files) => void addAll(files) };
}
