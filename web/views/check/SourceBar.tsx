import { Box, Button, MenuItem, Select, TextField } from '@mui/material';
import type { Branch } from '#contract';
import { pageUrl } from '#core/link';
import { usePages } from '../../api/queries.ts';
import { ActionBar } from '../../parts/Drop.tsx';
import type { SourceInHand } from '../../state/sourceInHand.ts';
import { typeSize } from '../../theme.ts';
import type { Checking } from './useCheck.ts';

interface SourceBarProps {
  readonly branch: Branch;
  readonly source: SourceInHand;
  readonly checking: Checking;
  readonly onOpen: () => void;
  readonly onPage: (id: number, path: string, address: string) => void;
  readonly onUrl: (url: string) => void;
  readonly onFetch: () => void;
  readonly onKeep: () => void;
}

/** Where the source comes from, and what was found in it. */
export function SourceBar(props: SourceBarProps) {
  const { branch, source, checking } = props;
  const { url, fetching } = source;
  const { busy, problem } = checking;
  const summary = checking.check?.summary;
  const { onOpen, onPage, onUrl, onFetch, onKeep } = props;
  return (
    <ActionBar>
      <Button onClick={onOpen}>Open file</Button>
      <PageChoice
        clientId={branch.clientId}
        onPage={(id, path) => {
          const site = URL.canParse(branch.record.url) ? new URL(branch.record.url).origin : '';
          onPage(id, path, site && pageUrl(path, site));
        }}
      />
      <Box
        component="form"
        onSubmit={(event) => {
          event.preventDefault();
          onFetch();
        }}
        sx={{ display: 'flex', gap: 1, flex: 1, maxWidth: 430 }}
      >
        <TextField
          value={url}
          fullWidth
          onChange={({ target }) => onUrl(target.value)}
          placeholder="https://… , the page’s address"
          slotProps={{ htmlInput: { 'aria-label': 'Address of the page' } }}
          sx={{ '& input': { py: 0.5, fontSize: typeSize.text } }}
        />
        <Button type="submit" disabled={!url.trim() || fetching}>
          {fetching ? 'Fetching …' : 'Fetch'}
        </Button>
      </Box>
      <Box sx={{ flex: 1 }} />
      {problem && <Box role="alert">{problem}</Box>}
      {summary && !problem && (
        <Box role="status" data-busy={busy} sx={{ whiteSpace: 'nowrap' }}>
          <b>{summary.must}</b> must, <b>{summary.should}</b> should, <b>{summary.note}</b> note
        </Box>
      )}
      <Button disabled={source.text.trim() === ''} onClick={onKeep}>
        Keep this check
      </Button>
    </ActionBar>
  );
}

function PageChoice({ clientId, onPage }: { clientId: number; onPage: (id: number, path: string) => void }) {
  const { data } = usePages(clientId);
  const pages = data?.pages ?? [];
  return (
    <Select
      size="small"
      displayEmpty
      value=""
      disabled={pages.length === 0}
      onChange={({ target }) => {
        const page = pages.find(({ id }) => String(id) === target.value);
        if (page) onPage(page.id, page.path);
      }}
      inputProps={{ 'aria-label': 'Page of the site' }}
      sx={{ fontSize: typeSize.text, '& .MuiSelect-select': { py: 0.4 } }}
    >
      <MenuItem value="" disabled>
        {pages.length === 0 ? 'The site has no pages yet' : 'Choose a page of the site'}
      </MenuItem>
      {pages.map(({ id, path }) => (
        <MenuItem key={id} value={String(id)}>
          {path}
        </MenuItem>
      ))}
    </Select>
  );
}
