import { Box, Button, Dialog, DialogActions, DialogContent, DialogTitle, InputBase } from '@mui/material';
import { wrap } from 'comlink';
import { useEffect, useState, type SyntheticEvent } from 'react';
import { limits, megabytes } from '#core/limits';
import type { Proposal } from '#core/proposal';
import type { BusinessRecord } from '#core/record';
import { fetchPage } from '../../api/queries.ts';
import { inWords } from '../../api/request.ts';
import { colour, mono, typeSize } from '../../theme.ts';
import type { ProposalWorker } from './proposal.worker.ts';
import { ProposalList, takeChosen, useChoice } from './Proposals.tsx';

const isAddress = (text: string): boolean => /^\s*https?:\/\/\S+\s*$/i.test(text);

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
  const [text, setText] = useState('');
  const [message, setMessage] = useState('');
  const [busy, setBusy] = useState(false);
  const [proposals, setProposals] = useState<readonly Proposal[]>([]);
  const { chosen, toggle, all } = useChoice(proposals, record);
  const propose = useProposer();
  const look = async (): Promise<void> => {
    setBusy(true);
    setMessage('');
    try {
      const page = isAddress(text) ? await fetchPage(text.trim()) : { text, url: '', status: 200 };
      if (page.status >= 400) {
        setMessage(`${page.url} answers with status ${String(page.status)}, so there is nothing to read.`);
        return;
      }
      const found = await propose(page.text, page.url);
      setProposals(found);
      if (found.length === 0)
        setMessage('Nothing of a business was found there: no markup, no address, no telephone number.');
    } catch (error) {
      setMessage(inWords(error));
    } finally {
      setBusy(false);
    }
  };
  const submit = (event: SyntheticEvent): void => {
    event.preventDefault();
    if (text.trim()) void look();
  };
  const take = (): void => {
    change((own) => takeChosen(own, chosen));
    onClose();
  };
  const tooLarge = text.length > limits.pageBytes;
  return (
    <Dialog open onClose={onClose} fullWidth maxWidth="lg" aria-labelledby="start-title">
      <DialogTitle id="start-title" sx={{ fontSize: typeSize.title, fontWeight: 700, pb: 0.5 }}>
        Start from a page or markup
      </DialogTitle>
      <DialogContent sx={{ display: 'flex', flexDirection: 'column', gap: 1 }}>
        <form onSubmit={submit}>
          <Box sx={{ display: 'flex', gap: 1, alignItems: 'flex-start' }}>
            <InputBase
              autoFocus
              multiline
              minRows={2}
              maxRows={5}
              value={text}
              placeholder="The address of a page, or its HTML, or JSON-LD"
              onChange={({ target }) => {
                setText(target.value);
              }}
              onKeyDown={(event) => {
                if (event.key === 'Enter' && (isAddress(text) || event.ctrlKey || event.metaKey))
                  submit(event);
              }}
              inputProps={{ 'aria-label': 'Address, HTML or JSON-LD', spellCheck: false }}
              sx={{
                flex: 1,
                px: 1,
                border: `1px solid ${colour.line}`,
                borderRadius: '3px',
                fontFamily: mono,
                fontSize: typeSize.note,
                backgroundColor: '#fff',
              }}
            />
            <Button
              type="submit"
              variant="contained"
              color="primary"
              disabled={!text.trim() || busy || tooLarge}
            >
              {busy ? 'Reading …' : isAddress(text) ? 'Fetch and read' : 'Read'}
            </Button>
          </Box>
        </form>
        {tooLarge && (
          <Box role="alert">
            This is larger than {megabytes(limits.pageBytes)}, which is the most that is read.
          </Box>
        )}
        {message && (
          <Box
            role="alert"
            sx={{ p: 1, border: `1px solid ${colour.plum}`, backgroundColor: colour.plumLight }}
          >
            {message} Nothing in the record was changed.
          </Box>
        )}
        {proposals.length > 0 ? (
          <>
            <Box sx={{ display: 'flex', gap: 1, alignItems: 'center' }}>
              <Box sx={{ flex: 1, color: 'text.secondary' }}>
                {String(proposals.length)} facts found, markup first. What the record says already is not
                chosen.
              </Box>
              <Button
                onClick={() => {
                  all(true);
                }}
              >
                Choose all
              </Button>
              <Button
                onClick={() => {
                  all(false);
                }}
              >
                None
              </Button>
            </Box>
            <ProposalList proposals={proposals} record={record} chosen={chosen} onToggle={toggle} />
          </>
        ) : (
          !message && (
            <Box sx={{ color: 'text.secondary', maxWidth: 700 }}>
              Markup is read first, then what the page shows: title, description, address, telephone, hours,
              email, logo, profile links. You choose what is taken.
            </Box>
          )
        )}
      </DialogContent>
      <DialogActions>
        <Button onClick={onClose}>Cancel</Button>
        <Button variant="contained" color="primary" disabled={chosen.size === 0} onClick={take}>
          Take {chosen.size > 0 && String(chosen.size)}
        </Button>
      </DialogActions>
    </Dialog>
  );
}

function useProposer(): (source: string, url: string) => Promise<readonly Proposal[]> {
  const [{ worker, remote }] = useState(() => {
    const made = new Worker(new URL('./proposal.worker.ts', import.meta.url), { type: 'module' });
    return { worker: made, remote: wrap<ProposalWorker>(made) };
  });
  useEffect(
    () => () => {
      worker.terminate();
    },
    [worker],
  );
  return (source, url) => remote.propose(source, url);
}
