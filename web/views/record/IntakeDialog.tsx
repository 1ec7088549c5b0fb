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
import { useState } from 'react';
import { limits, megabytes } from '#core/limits';
import { intakeCsv, intakePage, intakeQuestions, readIntake } from '#core/intake';
import { decodeCsv, guessCsvEncoding } from '#core/csv';
import type { Proposal } from '#core/proposal';
import type { BusinessRecord } from '#core/record';
import { fileName } from '#core/text';
import { downloadText } from '../../parts/actions.ts';
import { colour, typeSize } from '../../theme.ts';
import { ProposalList, takeChosen, useChoice } from './Proposals.tsx';

/** The open questions of a record for the client to answer, and the answers read back. */
export default function IntakeDialog({
  record,
  label,
  change,
  onClose,
}: {
  record: BusinessRecord;
  label: string;
  change: (change: (record: BusinessRecord) => BusinessRecord) => void;
  onClose: () => void;
}) {
  const [all, setAll] = useState(false);
  const [proposals, setProposals] = useState<readonly Proposal[]>([]);
  const [messages, setMessages] = useState<readonly string[]>([]);
  const { chosen, toggle } = useChoice(proposals, record);
  const questions = intakeQuestions(record, all);
  const name = fileName(`${record.name} ${label} intake`);
  const read = async (file: File | undefined): Promise<void> => {
    if (!file) return;
    if (file.size > limits.pageBytes) {
      setMessages([`${file.name} has ${megabytes(file.size)}, which is no intake sheet. Nothing was taken.`]);
      return;
    }
    const bytes = new Uint8Array(await file.arrayBuffer());
    const result = readIntake(decodeCsv(bytes, guessCsvEncoding(bytes)), record);
    setProposals(result.ok ? result.proposals : []);
    setMessages(
      result.ok
        ? [...result.passedOver, ...(result.proposals.length === 0 ? ['The sheet holds no new answer.'] : [])]
        : [result.message],
    );
  };
  return (
    <Dialog open onClose={onClose} fullWidth maxWidth="lg" aria-labelledby="intake-title">
      <DialogTitle id="intake-title" sx={{ fontSize: typeSize.title, fontWeight: 700, pb: 0.5 }}>
        Intake sheet
      </DialogTitle>
      <DialogContent sx={{ display: 'flex', flexDirection: 'column', gap: 1 }}>
        <Box sx={{ display: 'flex', alignItems: 'center', gap: 1, flexWrap: 'wrap' }}>
          <Box sx={{ flex: 1 }}>
            {questions.length === 0
              ? 'No question is open.'
              : `${String(questions.length)} questions for the client.`}
          </Box>
          <FormControlLabel
            control={
              <Checkbox
                size="small"
                checked={all}
                onChange={(_, on) => {
                  setAll(on);
                }}
              />
            }
            label="Also what is answered already"
          />
          <Button
            disabled={questions.length === 0}
            onClick={() => {
              downloadText(intakeCsv(questions), `${name}.csv`, 'text/csv');
            }}
          >
            Download as CSV
          </Button>
          <Button
            disabled={questions.length === 0}
            onClick={() => {
              downloadText(
                intakePage(questions, `${record.name || label}: what we need to know`),
                `${name}.html`,
                'text/html',
              );
            }}
          >
            Download to print
          </Button>
          <Button component="label" variant="contained" color="primary">
            Read a filled-in sheet
            <input
              type="file"
              hidden
              accept=".csv,text/csv"
              aria-label="Filled-in intake sheet"
              onChange={({ target }) => void read(target.files?.[0])}
            />
          </Button>
        </Box>
        {messages.map((message) => (
          <Box
            key={message}
            role="alert"
            sx={{ p: 1, border: `1px solid ${colour.plum}`, backgroundColor: colour.plumLight }}
          >
            {message}
          </Box>
        ))}
        {proposals.length > 0 ? (
          <ProposalList proposals={proposals} record={record} chosen={chosen} onToggle={toggle} />
        ) : (
          <Box component="ol" sx={{ m: 0, pl: 3, columns: 2, color: 'text.secondary', '& li': { py: 0.2 } }}>
            {questions.map(({ key, question }) => (
              <li key={key}>{question}</li>
            ))}
          </Box>
        )}
      </DialogContent>
      <DialogActions>
        <Button onClick={onClose}>Close</Button>
        {proposals.length > 0 && (
          <Button
            variant="contained"
            color="primary"
            disabled={chosen.size === 0}
            onClick={() => {
              change((own) => takeChosen(own, chosen));
              onClose();
            }}
          >
            Take {String(chosen.size)}
          </Button>
        )}
      </DialogActions>
    </Dialog>
  );
}
