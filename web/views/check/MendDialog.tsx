import { Box, Button, DialogContent } from '@mui/material';
import { useEffect, useState } from 'react';
import type { Check } from '#core/checking';
import type { MendChoices, Mended, MendStep } from '#core/mending';
import { useComplain } from '../../parts/actions.ts';
import { DifferentText } from '../../parts/Difference.tsx';
import { Frame } from '../../parts/Frame.tsx';
import { Hint, ListRow, Plain, Words } from '../../parts/layout.tsx';
import { GradeMark } from '../../parts/Marks.tsx';
import { Tick } from '../../parts/Tick.tsx';

/** Everything that can be put right, step by step, each with its difference; what is ticked is done together. */
export function MendDialog({
  source,
  mendAll,
  onTake,
  onClose,
}: {
  source: string;
  /** Stops with the signal. */
  mendAll: (source: string, choices: MendChoices, signal: AbortSignal) => Promise<Mended<Check>>;
  /** The source as it is with what was chosen. */
  onTake: (mended: string) => void;
  onClose: () => void;
}) {
  const [choices, setChoices] = useState<MendChoices>({});
  const [result, setResult] = useState<{ of: MendChoices; mended: Mended<Check> } | undefined>();
  const complain = useComplain();
  useEffect(() => {
    const wanted = new AbortController();
    mendAll(source, choices, wanted.signal).then((mended) => {
      if (!wanted.signal.aborted) setResult({ of: choices, mended });
    }, complain);
    return () => wanted.abort();
  }, [source, choices, mendAll, complain]);
  const choose = (key: string, take: boolean): void => setChoices((now) => ({ ...now, [key]: take }));
  const mended = result?.mended;
  const busy = result?.of !== choices;
  const { taken = [], left = [] } = mended ?? {};
  const summary = mended?.check.summary;
  return (
    <Frame
      title="Everything that can be put right"
      width="md"
      tight
      onClose={onClose}
      actions={
        <>
          <Words role="status" aria-busy={busy}>
            {summary && (
              <>
                Left then: <b>{summary.must}</b> must, <b>{summary.should}</b> should, <b>{summary.note}</b>{' '}
                note.
              </>
            )}
          </Words>
          <Button onClick={onClose}>Cancel</Button>
          <Button
            variant="contained"
            color="primary"
            disabled={busy || taken.length === 0}
            onClick={() => {
              if (mended) onTake(mended.source);
              onClose();
            }}
          >
            Take {taken.length}
          </Button>
        </>
      }
    >
      <DialogContent dividers sx={{ p: 0 }}>
        {!mended && <Box sx={{ p: 2 }}>Reading the source after each step …</Box>}
        <Steps label="Will be done, in this order" steps={taken} take onChoose={choose} />
        <Steps label="Left as it is" steps={left} take={false} onChoose={choose} />
      </DialogContent>
    </Frame>
  );
}

function Steps({
  label,
  steps,
  take,
  onChoose,
}: {
  label: string;
  steps: readonly MendStep[];
  take: boolean;
  onChoose: (key: string, take: boolean) => void;
}) {
  if (steps.length === 0) return null;
  return (
    <Box component="section" aria-label={label}>
      <Hint as="h3" sx={{ m: 0, px: 2, pt: 1 }}>
        {label}
      </Hint>
      <Plain>
        {steps.map((step, at) => (
          <ListRow key={`${step.key} ${String(at)}`} sx={{ display: 'block' }}>
            <Tick
              on={take}
              onChange={() => onChoose(step.key, !take)}
              label={
                <>
                  <GradeMark grade={step.grade} /> {step.message}
                  {!step.certain && <Hint as="span"> probably meant</Hint>}
                </>
              }
            />
            <Box sx={{ ml: 3.5 }}>
              <DifferentText reference={step.before} text={step.after} />
            </Box>
          </ListRow>
        ))}
      </Plain>
    </Box>
  );
}
