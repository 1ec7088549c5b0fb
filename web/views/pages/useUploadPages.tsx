import { Button } from '@mui/material';
import { useSnackbar } from 'notistack';
import { useState, type ReactNode } from 'react';
import type { AddedPages, PlacedChoice } from '#contract';
import { limits, megabytes } from '#core/limits';
import { counted } from '#core/text';
import { useAddPage } from '../../api/queries.ts';
import { useComplain, useOfferUndo } from '../../parts/actions.ts';
import { Frame } from '../../parts/Frame.tsx';
import { undoButton } from '../../parts/UndoButton.tsx';

const MOST_COMPLAINTS = 4;

/** An upload that would take placed markup off pages: what to do is asked first. */
interface Question {
  readonly file: File;
  readonly rest: readonly File[];
  readonly asks: AddedPages['asks'];
}

/** What became of an upload, in a sentence. */
function told(name: string, { added, replaced, unchanged }: AddedPages): string {
  const fresh = added.length - replaced;
  const parts = [
    fresh > 0 && `${counted(fresh, 'page')} added`,
    replaced > 0 && `${counted(replaced, 'page')} replaced`,
    unchanged > 0 &&
      `${counted(unchanged, 'page')} unchanged, with what is placed on ${unchanged === 1 ? 'it' : 'them'}`,
  ].filter(Boolean);
  return `${name}: ${parts.join(', ') || 'nothing to add'}.`;
}

/**
 * Adds pages and zips, file by file: each is taken whole or not at all. Where new sources lack what is placed on
 * their pages it is asked whether it is to be placed again. What was taken can be undone.
 */
export function useUploadPages(clientId: number): {
  busy: string;
  take: (files: readonly File[]) => void;
  question: ReactNode;
} {
  const { enqueueSnackbar } = useSnackbar();
  const { mutateAsync } = useAddPage();
  const complain = useComplain();
  const offerUndo = useOfferUndo();
  const [busy, setBusy] = useState('');
  const [question, setQuestion] = useState<Question | undefined>();

  const addOne = async (file: File, placed: PlacedChoice): Promise<AddedPages | undefined> => {
    const most = /\.zip$/i.test(file.name) ? limits.zipBytes : limits.pageBytes;
    if (file.size > most) {
      complain(
        new Error(
          `${file.name} has ${megabytes(file.size)}; at most ${megabytes(most)} are taken. Everything else is as it was.`,
        ),
      );
      return undefined;
    }
    return mutateAsync({ clientId, file, path: file.name, placed }).catch((error: unknown) => {
      complain(error);
      return undefined;
    });
  };
  const addAll = async (files: readonly File[], choice: PlacedChoice): Promise<void> => {
    let placed = choice;
    for (const [at, file] of files.entries()) {
      setBusy(`Adding ${String(at + 1)} of ${String(files.length)} …`);
      const outcome = await addOne(file, placed);
      placed = 'ask';
      if (!outcome) continue;
      if (outcome.asks.length > 0) {
        setBusy('');
        setQuestion({ file, rest: files.slice(at + 1), asks: outcome.asks });
        return;
      }
      for (const { path, reason } of outcome.refused.slice(0, MOST_COMPLAINTS))
        enqueueSnackbar(`${path} was not taken. ${reason}`, { variant: 'error', autoHideDuration: 10_000 });
      if (outcome.refused.length > 0)
        enqueueSnackbar(`Nothing of ${file.name} was taken; the pages are as they were.`);
      else offerUndo(told(file.name, outcome), outcome.changeId, undoButton);
    }
    setBusy('');
  };
  const answer = (placed: PlacedChoice): void => {
    if (question) void addAll([question.file, ...question.rest], placed);
    setQuestion(undefined);
  };
  return {
    busy,
    take: (files) => void addAll(files, 'ask'),
    question: (
      <AskPlaced
        question={question}
        onAnswer={answer}
        onCancel={() => {
          if (question)
            enqueueSnackbar(`Nothing of ${question.file.name} was taken; the pages are as they were.`);
          setQuestion(undefined);
        }}
      />
    ),
  };
}

function AskPlaced({
  question,
  onAnswer,
  onCancel,
}: {
  question: Question | undefined;
  onAnswer: (placed: PlacedChoice) => void;
  onCancel: () => void;
}) {
  const asks = question?.asks ?? [];
  const named = asks.slice(0, 6).map(({ path }) => path);
  return (
    <Frame
      open={question !== undefined}
      title={`${counted(asks.length, 'page')} would lose what is placed on ${asks.length === 1 ? 'it' : 'them'}`}
      onClose={onCancel}
      actions={
        <>
          <Button onClick={onCancel}>Take nothing</Button>
          <Button onClick={() => onAnswer('drop')}>Leave it off</Button>
          <Button variant="contained" color="primary" autoFocus onClick={() => onAnswer('again')}>
            Place it again
          </Button>
        </>
      }
    >
      The new {asks.length === 1 ? 'source' : 'sources'} of {named.join(', ')}
      {asks.length > named.length ? ` and ${asks.length - named.length} more` : ''} came without the markup
      that was placed here. It can be placed again on the new source.
    </Frame>
  );
}
