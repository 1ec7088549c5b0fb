import {
  Box,
  Button,
  Checkbox,
  Dialog,
  DialogActions,
  DialogContent,
  DialogTitle,
  FormControlLabel,
} from '@mui/material';
import { useEffect, useState } from 'react';
import type { Check } from '#core/checking';
import type { MendChoices, Mended, MendStep } from '#core/mending';
import { useComplain } from '../../parts/actions.ts';
import { DifferentText } from '../../parts/Difference.tsx';
import { GradeMark } from '../../parts/Marks.tsx';
import { colour, typeSize } from '../../theme.ts';

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
    return () => {
      wanted.abort();
    };
  }, [source, choices, mendAll, complain]);
  const choose = (key: string, take: boolean): void => {
    setChoices((now) => ({ ...now, [key]: take }));
  };
  const mended = result?.mended;
  const busy = result?.of !== choices;
  const { taken = [], left = [] } = mended ?? {};
  const summary = mended?.check.summary;
  return (
    <Dialog open onClose={onClose} fullWidth maxWidth="md" aria-labelledby="mend-all">
      <DialogTitle id="mend-all" sx={{ fontSize: typeSize.title, fontWeight: 700, px: 2 }}>
        Everything that can be put right
      </DialogTitle>
      <DialogContent dividers sx={{ p: 0 }}>
        {!mended && <Box sx={{ p: 2 }}>Reading the source after each step …</Box>}
        <Steps label="Will be done, in this order" steps={taken} take onChoose={choose} />
        <Steps label="Left as it is" steps={left} take={false} onChoose={choose} />
      </DialogContent>
      <DialogActions sx={{ px: 2 }}>
        <Box role="status" aria-busy={busy} sx={{ flex: 1 }}>
          {summary && (
            <>
              Left then: <b>{summary.must}</b> must, <b>{summary.should}</b> should, <b>{summary.note}</b>{' '}
              note.
            </>
          )}
        </Box>
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
      </DialogActions>
    </Dialog>
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
      <Box component="h3" sx={{ m: 0, px: 2, pt: 1, fontSize: typeSize.note, color: 'text.secondary' }}>
        {label}
      </Box>
      <Box component="ul" sx={{ listStyle: 'none', m: 0, p: 0 }}>
        {steps.map((step, at) => (
          <Box
            component="li"
            key={`${step.key} ${String(at)}`}
            sx={{ px: 2, py: 0.75, borderBottom: `1px solid ${colour.light}` }}
          >
            <FormControlLabel
              sx={{
                alignItems: 'flex-start',
                mr: 0,
                '& .MuiFormControlLabel-label': { fontSize: typeSize.text },
              }}
              control={
                <Checkbox
                  size="small"
                  checked={take}
                  onChange={() => {
                    onChoose(step.key, !take);
                  }}
                  sx={{ p: 0, mr: 1 }}
                />
              }
              label={
                <>
                  <GradeMark grade={step.grade} /> {step.message}
                  {!step.certain && (
                    <Box component="span" sx={{ color: 'text.secondary', fontSize: typeSize.small }}>
                      {' '}
                      probably meant
                    </Box>
                  )}
                </>
              }
            />
            <Box sx={{ ml: 3.5 }}>
              <DifferentText reference={step.before} text={step.after} />
            </Box>
          </Box>
        ))}
      </Box>
    </Box>
  );
}
