import { Box, Button, InputBase } from '@mui/material';
import { wrap } from 'comlink';
import { useEffect, useState, type SyntheticEvent } from 'react';
import { limits, megabytes } from '#core/limits';
import type { Proposal } from '#core/proposal';
import type { BusinessRecord } from '#core/record';
import { counted } from '#core/text';
import { fetchPage } from '../../api/queries.ts';
import { inWords } from '../../api/request.ts';
import { Frame } from '../../parts/Frame.tsx';
import { Line, Soft, Telling, Words } from '../../parts/layout.tsx';
import { boxed, mono, typeSize } from '../../theme.ts';
import type { ProposalWorker } from './proposal.worker.ts';
import { ProposalList, takeChosen, useChoice } from './Proposals.tsx';

const isAddress = (text: string): boolean => /^\s*https?:\/\/\S+\s*$/i.test(text);

/** What was found on a page, in its code or in markup. */
interface Found {
  readonly busy: boolean;
  readonly proposals: readonly Proposal[];
  /** Why nothing was; ''. */
  readonly message: string;
}

/** Reads what is pasted, or what an address answers. */
function useLooking(): Found & { look: (text: string) => Promise<void> } {
  const [found, setFound] = useState<Found>({ busy: false, proposals: [], message: '' });
  const propose = useProposer();
  const read = async (text: string): Promise<Omit<Found, 'busy'>> => {
    const page = isAddress(text) ? await fetchPage(text.trim()) : { text, url: '', status: 200 };
    if (page.status >= 400)
      return {
        proposals: [],
        message: `${page.url} answers with status ${String(page.status)}, so there is nothing to read.`,
      };
    const proposals = await propose(page.text, page.url);
    const message =
      proposals.length > 0
        ? ''
        : 'Nothing of a business was found there: no markup, no address, no telephone number.';
    return { proposals, message };
  };
  const look = async (text: string): Promise<void> => {
    setFound((now) => ({ ...now, busy: true, message: '' }));
    const next = await read(text).catch((error: unknown) => ({ message: inWords(error) }));
    setFound((now) => ({ ...now, ...next, busy: false }));
  };
  return { ...found, look };
}

/** Proposes facts from a page's address, its code or markup, each with where it was found. */
export default function StartDialog({
  record,
  change,
  onClose,
}: {
  record: BusinessRecord;
  change: (change: (record: BusinessRecord) => BusinessRecord) => void;
  onClose: () => void;
}) {
  const { proposals, message, busy, look } = useLooking();
  const { chosen, toggle, all } = useChoice(proposals, record);
  return (
    <Frame
      title="Start from a page or markup"
      width="lg"
      onClose={onClose}
      actions={
        <>
          <Button onClick={onClose}>Cancel</Button>
          <Button
            variant="contained"
            color="primary"
            disabled={chosen.size === 0}
            onClick={() => {
              change((own) => takeChosen(own, chosen));
              onClose();
            }}
          >
            Take {chosen.size > 0 && String(chosen.size)}
          </Button>
        </>
      }
    >
      <Box sx={{ display: 'flex', flexDirection: 'column', gap: 1 }}>
        <Asked busy={busy} onLook={(text) => void look(text)} />
        {message && <Telling>{message} Nothing in the record was changed.</Telling>}
        {proposals.length > 0 && <ChooseAll count={proposals.length} onAll={all} />}
        {proposals.length > 0 && (
          <ProposalList proposals={proposals} record={record} chosen={chosen} onToggle={toggle} />
        )}
        {proposals.length === 0 && !message && (
          <Soft sx={{ maxWidth: 700 }}>
            Markup is read first, then what the page shows: title, description, address, telephone, hours,
            email, logo, profile links. You choose what is taken.
          </Soft>
        )}
      </Box>
    </Frame>
  );
}

/** Where the page, its code or the markup is typed or pasted. */
function Asked({ busy, onLook }: { busy: boolean; onLook: (text: string) => void }) {
  const [text, setText] = useState('');
  const tooLarge = text.length > limits.pageBytes;
  const submit = (event: SyntheticEvent): void => {
    event.preventDefault();
    if (text.trim() && !tooLarge) onLook(text);
  };
  return (
    <form onSubmit={submit}>
      <Line sx={{ gap: 1, alignItems: 'flex-start' }}>
        <InputBase
          autoFocus
          multiline
          minRows={2}
          maxRows={5}
          value={text}
          placeholder="The address of a page, or its HTML, or JSON-LD"
          onChange={({ target }) => setText(target.value)}
          onKeyDown={(event) => {
            if (event.key === 'Enter' && (isAddress(text) || event.ctrlKey || event.metaKey)) submit(event);
          }}
          inputProps={{ 'aria-label': 'Address, HTML or JSON-LD', spellCheck: false }}
          sx={{ ...boxed, py: 0.5, flex: 1, fontFamily: mono, fontSize: typeSize.note }}
        />
        <Button type="submit" variant="contained" color="primary" disabled={!text.trim() || busy || tooLarge}>
          {busy ? 'Reading …' : isAddress(text) ? 'Fetch and read' : 'Read'}
        </Button>
      </Line>
      {tooLarge && (
        <div role="alert">
          This is larger than {megabytes(limits.pageBytes)}, which is the most that is read.
        </div>
      )}
    </form>
  );
}

const ChooseAll = ({ count, onAll }: { count: number; onAll: (on: boolean) => void }) => (
  <Line sx={{ gap: 1 }}>
    <Words>
      <Soft>{counted(count, 'fact')} found, markup first. What the record says already is not chosen.</Soft>
    </Words>
    <Button onClick={() => onAll(true)}>Choose all</Button>
    <Button onClick={() => onAll(false)}>None</Button>
  </Line>
);

function useProposer(): (source: string, url: string) => Promise<readonly Proposal[]> {
  const [{ worker, remote }] = useState(() => {
    const made = new Worker(new URL('./proposal.worker.ts', import.meta.url), { type: 'module' });
    return { worker: made, remote: wrap<ProposalWorker>(made) };
  });
  useEffect(() => () => worker.terminate(), [worker]);
  return (source, url) => remote.propose(source, url);
}
