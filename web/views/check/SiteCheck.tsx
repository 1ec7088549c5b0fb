import { Box, Button, LinearProgress, TextField } from '@mui/material';
import { useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { linkTo, type Branch, type CheckInput, type KeptCheck } from '#contract';
import { limits } from '#core/limits';
import { parseUrl } from '#core/link';
import { cancelCheck, startCheck, startFileCheck, useKeptCheck } from '../../api/checks.ts';
import { refresh } from '../../api/request.ts';
import { useComplain } from '../../parts/actions.ts';
import { Choice } from '../../parts/Choice.tsx';
import { ActionBar, DropFrame } from '../../parts/Drop.tsx';
import { Fill } from '../../parts/layout.tsx';
import { EmptyState, Failure, Loading } from '../../parts/Notice.tsx';
import { SiteResults } from './SiteResults.tsx';
import type { GivenSource } from './useKeptSource.ts';
import { typeSize } from '../../theme.ts';

const KINDS = {
  site: 'A site, link by link, from',
  sitemap: 'All pages of the sitemap',
  urls: 'These addresses',
  pages: 'The site’s pages here',
} as const;
type Kind = keyof typeof KINDS;

/** Many pages checked on the server, and what came of it. */
export default function SiteCheck({
  branch,
  checkId,
  onCheck,
  onSource,
}: {
  branch: Branch;
  checkId: number;
  onCheck: (id: number) => void;
  onSource: (source: GivenSource) => void;
}) {
  const { data, error } = useKeptCheck(checkId);
  const complain = useComplain();
  const queries = useQueryClient();
  const begun = ({ id }: { id: number }): void => {
    void refresh(queries, 'checks');
    onCheck(id);
  };
  const takeFiles = (files: readonly File[]): void => {
    const named = files.map((file) => ({ name: pathOf(file), file }));
    if (named.length > limits.checkFiles) {
      complain(
        new Error(
          `${String(named.length)} files at once are too many: at most ${String(limits.checkFiles)}, or all of them in one zip. Nothing was checked.`,
        ),
      );
      return;
    }
    startFileCheck(branch.clientId, named).then(begun, complain);
  };
  return (
    <DropFrame label="Files or a zip to check" onFiles={takeFiles}>
      {(open) => (
        <Box sx={{ height: '100%', display: 'flex', flexDirection: 'column' }}>
          <BeginBar
            branch={branch}
            onFiles={open}
            onBegin={(input) => startCheck(branch.clientId, input).then(begun, complain)}
          />
          <Box sx={{ flex: 1, minHeight: 0, overflow: 'auto' }} tabIndex={-1}>
            {error && <Failure error={error} />}
            {checkId > 0 && !data && !error && <Loading />}
            {data && (
              <>
                <Progress check={data.check} onCancel={() => void cancelCheck(checkId).catch(complain)} />
                <SiteResults shown={data} onSource={onSource} />
              </>
            )}
            {checkId === 0 && (
              <EmptyState title="No site checked here yet.">
                Begin with a page of the site: its links are followed on the same host, its robots.txt is
                respected, and it is given time between requests. Or name a sitemap or single addresses, take
                the pages that are in the application already, or drop files, a folder or a zip anywhere here.
                Every check is kept.
              </EmptyState>
            )}
          </Box>
        </Box>
      )}
    </DropFrame>
  );
}

/** A dropped file's path within its folder. */
function pathOf(file: File): string {
  const path: unknown = Reflect.get(file, 'path') ?? file.webkitRelativePath;
  return (typeof path === 'string' && path.replace(/^(\.?\/)+/, '')) || file.name;
}

function BeginBar({
  branch,
  onFiles,
  onBegin,
}: {
  branch: Branch;
  onFiles: () => void;
  onBegin: (input: CheckInput) => void;
}) {
  const [kind, setKind] = useState<Kind>('site');
  const { given, ready, source } = useGiven(branch, kind);
  return (
    <Box
      component="form"
      onSubmit={(event) => {
        event.preventDefault();
        if (ready) onBegin({ source: source() });
      }}
    >
      <ActionBar>
        <Choice
          label="What to check"
          value={kind}
          options={KINDS}
          onChange={setKind}
          disableUnderline
          sx={{ fontSize: typeSize.text }}
        />
        {given}
        <Button type="submit" variant="contained" color="primary" disabled={!ready}>
          Check
        </Button>
        <Fill />
        <Button onClick={onFiles}>Files or zip</Button>
      </ActionBar>
    </Box>
  );
}

/** What a kind of check is to begin from: its field, whether it is filled in, and what it comes to. */
function useGiven(branch: Branch, kind: Kind) {
  const origin = parseUrl(branch.record.url)?.origin;
  const [address, setAddress] = useState(origin ? `${origin}/` : '');
  const [addresses, setAddresses] = useState('');
  const isList = kind === 'urls';
  const [text, setText] = isList ? [addresses, setAddresses] : [address, setAddress];
  const given = kind !== 'pages' && (
    <TextField
      key={String(isList)}
      value={text}
      multiline={isList}
      maxRows={6}
      onChange={({ target }) => setText(target.value)}
      placeholder={isList ? 'One address a line' : 'https://…'}
      slotProps={{
        htmlInput: { 'aria-label': isList ? 'Addresses, one a line' : 'Address to begin from' },
      }}
      sx={{ width: 400, '& input, & .MuiInputBase-multiline': { py: 0.5, fontSize: typeSize.text } }}
    />
  );
  const source = (): CheckInput['source'] => {
    switch (kind) {
      case 'site':
        return { kind, url: address };
      case 'sitemap': {
        const isRoot = parseUrl(address)?.pathname === '/';
        return { kind, url: isRoot ? new URL('/sitemap.xml', address).href : address };
      }
      case 'urls':
        return { kind, urls: addresses.split(/\s+/).filter(Boolean) };
      case 'pages':
        return { kind };
    }
  };
  return { given, ready: kind === 'pages' || text.trim() !== '', source };
}

const STATES: Readonly<Record<KeptCheck['state'], string>> = {
  waiting: 'Waiting for its turn',
  running: 'Checking',
  done: 'Done',
  cancelled: 'Cancelled; what was read is kept',
  failed: 'Broken off; what was read is kept',
};

function Progress({ check, onCancel }: { check: KeptCheck; onCancel: () => void }) {
  const { state, done, total, unread, summary, message, title } = check;
  const open = state === 'waiting' || state === 'running';
  return (
    <Box sx={{ px: 2, py: 1 }}>
      <Box sx={{ display: 'flex', gap: 1.5, alignItems: 'baseline', flexWrap: 'wrap' }}>
        <Box component="h2" sx={{ m: 0, fontSize: 14.5, overflowWrap: 'anywhere' }}>
          {title}
        </Box>
        <Box role="status" data-state={state}>
          {STATES[state]}: {done.toLocaleString('en')} of {total.toLocaleString('en')} pages
          {unread > 0 && `, ${String(unread)} not read`}
        </Box>
        <Box>
          <b>{summary.must}</b> must, <b>{summary.should}</b> should, <b>{summary.note}</b> note
        </Box>
        <Box sx={{ flex: 1 }} />
        {open && <Button onClick={onCancel}>Cancel</Button>}
        {!open && (
          <>
            <Button component="a" href={linkTo('reportHtml', { id: check.id })}>
              Report
            </Button>
            <Button component="a" href={linkTo('reportCsv', { id: check.id })}>
              CSV
            </Button>
          </>
        )}
      </Box>
      {open && (
        <LinearProgress
          aria-label="Pages checked"
          variant={total > 0 ? 'determinate' : 'indeterminate'}
          value={total > 0 ? (100 * done) / total : 0}
          sx={{ mt: 0.75, height: 3 }}
        />
      )}
      {message && <Box sx={{ mt: 0.5, color: 'text.secondary' }}>{message}</Box>}
    </Box>
  );
}
