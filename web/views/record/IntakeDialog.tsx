import { Box, Button } from '@mui/material';
import { useState, type ReactNode } from 'react';
import { localeOfCountry } from '#core/address';
import { limits, megabytes } from '#core/limits';
import { intakeCsv, intakePage, intakeQuestions, readIntake } from '#core/intake';
import { decodeCsv, guessCsvEncoding } from '#core/csv';
import type { Proposal } from '#core/proposal';
import { countryOf, type BusinessRecord } from '#core/record';
import { counted, fileName } from '#core/text';
import { downloadText } from '../../parts/actions.ts';
import { FilePick } from '../../parts/FilePick.tsx';
import { Frame } from '../../parts/Frame.tsx';
import { Line, Telling, Words } from '../../parts/layout.tsx';
import { Tick } from '../../parts/Tick.tsx';
import { ProposalList, takeChosen, useChoice } from './Proposals.tsx';

interface IntakeProps {
  readonly record: BusinessRecord;
  readonly label: string;
}

/** A filled-in sheet that was read: what it proposes, and what is to be said of it. */
function useSheet(record: BusinessRecord) {
  const [proposals, setProposals] = useState<readonly Proposal[]>([]);
  const [messages, setMessages] = useState<readonly string[]>([]);
  const read = async (file: File): Promise<void> => {
    if (file.size > limits.pageBytes) {
      setMessages([`${file.name} has ${megabytes(file.size)}, which is no intake sheet. Nothing was taken.`]);
      return;
    }
    const bytes = new Uint8Array(await file.arrayBuffer());
    const result = readIntake(
      decodeCsv(bytes, guessCsvEncoding(bytes, { language: localeOfCountry(countryOf(record)).toString() })),
      record,
    );
    setProposals(result.ok ? result.proposals : []);
    setMessages(
      result.ok
        ? [...result.passedOver, ...(result.proposals.length === 0 ? ['The sheet holds no new answer.'] : [])]
        : [result.message],
    );
  };
  return { proposals, messages, read };
}

/** The open questions of a record for the client to answer, and the answers read back. */
export default function IntakeDialog({
  record,
  label,
  change,
  onClose,
}: IntakeProps & {
  change: (change: (record: BusinessRecord) => BusinessRecord) => void;
  onClose: () => void;
}) {
  const { proposals, messages, read } = useSheet(record);
  const { chosen, toggle } = useChoice(proposals, record);
  const take = proposals.length > 0 && (
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
  );
  return (
    <Frame
      title="Intake sheet"
      width="lg"
      onClose={onClose}
      actions={
        <>
          <Button onClick={onClose}>Close</Button>
          {take}
        </>
      }
    >
      <Questions
        record={record}
        label={label}
        onRead={(file) => void read(file)}
        said={messages.map((message) => (
          <Telling key={message}>{message}</Telling>
        ))}
      >
        {proposals.length > 0 && (
          <ProposalList proposals={proposals} record={record} chosen={chosen} onToggle={toggle} />
        )}
      </Questions>
    </Frame>
  );
}

/** The questions, to be downloaded; `children` take their place once a sheet was read. */
function Questions({
  record,
  label,
  onRead,
  said,
  children,
}: IntakeProps & { onRead: (file: File) => void; said: ReactNode; children: ReactNode }) {
  const [all, setAll] = useState(false);
  const questions = intakeQuestions(record, all);
  const name = fileName(`${record.name} ${label} intake`);
  const download = (words: string, ending: string, type: string, text: () => string) => (
    <Button disabled={questions.length === 0} onClick={() => downloadText(text(), `${name}.${ending}`, type)}>
      {words}
    </Button>
  );
  return (
    <Box sx={{ display: 'flex', flexDirection: 'column', gap: 1 }}>
      <Line sx={{ gap: 1, flexWrap: 'wrap' }}>
        <Words>
          {questions.length === 0
            ? 'No question is open.'
            : `${counted(questions.length, 'question')} for the client.`}
        </Words>
        <Tick label="Also what is answered already" on={all} onChange={setAll} />
        {download('Download as CSV', 'csv', 'text/csv', () => intakeCsv(questions))}
        {download('Download to print', 'html', 'text/html', () =>
          intakePage(questions, `${record.name || label}: what we need to know`),
        )}
        <FilePick label="Filled-in intake sheet" accept=".csv,text/csv" onPick={onRead}>
          Read a filled-in sheet
        </FilePick>
      </Line>
      {said}
      {children || (
        <Box component="ol" sx={{ m: 0, pl: 3, columns: 2, color: 'text.secondary', '& li': { py: 0.2 } }}>
          {questions.map(({ key, question }) => (
            <li key={key}>{question}</li>
          ))}
        </Box>
      )}
    </Box>
  );
}
