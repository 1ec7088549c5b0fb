import { Box, Button, MenuItem, Select, TextField } from '@mui/material';
import { useRef, useState } from 'react';
import { limits, megabytes, type Branch } from '#contract';
import { decodeText } from '#core/text';
import { useBranch, usePages } from '../../api/queries.ts';
import { askText } from '../../api/request.ts';
import { downloadText, useComplain, useCopy } from '../../parts/actions.ts';
import { ActionBar, DropFrame } from '../../parts/Drop.tsx';
import { EmptyState, Failure, Loading } from '../../parts/Notice.tsx';
import { useBranchId } from '../../parts/place.ts';
import { PaneBar, WithTray } from '../../parts/Tray.tsx';
import { Findings } from './Findings.tsx';
import { SourceEditor, type EditorHandle } from './SourceEditor.tsx';
import { ThreeWay } from './ThreeWay.tsx';
import { useCheck } from './useCheck.ts';

/** Any source read and judged: what record, markup and visitor say, side by side, and every finding. */
export default function Check() {
  const branchId = useBranchId();
  const { data, error } = useBranch(branchId);
  if (error && !data) return <Failure error={error} />;
  if (!data) return <Loading />;
  return <CheckOf key={branchId} branch={data} />;
}

const NONE: never[] = [];
const keepKey = (branchId: number): string => `source:${String(branchId)}`;
/** A browser keeps about 5 MB for a site; larger sources are not kept over a reload. */
const KEEP_CHARACTERS = 1_000_000;

function CheckOf({ branch }: { branch: Branch }) {
  const [source, setSource] = useState(() => localStorage.getItem(keepKey(branch.id)) ?? '');
  const [first] = useState(source);
  const [url, setUrl] = useState('');
  const [name, setName] = useState('');
  const editor = useRef<EditorHandle>(null);
  const { check, busy } = useCheck(source, url, branch.record);
  const complain = useComplain();
  const copy = useCopy();

  const take = (next: string): void => {
    setSource(next);
    if (next.length <= KEEP_CHARACTERS) localStorage.setItem(keepKey(branch.id), next);
  };
  const load = (text: string, from: string): void => {
    setName(from);
    editor.current?.replace(text);
  };
  const openFile = async (file: File): Promise<void> => {
    if (file.size > limits.pageBytes) {
      complain(
        new Error(
          `${file.name} has ${megabytes(file.size)}; at most ${megabytes(limits.pageBytes)} are read. The source in hand is as it was.`,
        ),
      );
      return;
    }
    load(decodeText(new Uint8Array(await file.arrayBuffer())).text, file.name);
  };
  const drop = ([file]: readonly File[]): void => {
    if (file) void openFile(file).catch(complain);
  };

  return (
    <DropFrame label="File to check" multiple={false} onFiles={drop}>
      {(open) => (
        <WithTray
          name="check"
          label="Source"
          height={230}
          tray={
            <>
              <PaneBar title={name ? `Source: ${name}` : 'Source'}>
                <Button
                  disabled={!source}
                  onClick={() => {
                    copy(source, 'Source');
                  }}
                >
                  Copy
                </Button>
                <Button
                  disabled={!source}
                  onClick={() => {
                    downloadText(source, name.split('/').at(-1) || 'checked.html', 'text/html');
                  }}
                >
                  Download
                </Button>
                <Button
                  disabled={!source}
                  onClick={() => {
                    load('', '');
                  }}
                >
                  Clear
                </Button>
              </PaneBar>
              <SourceEditor
                first={first}
                findings={check?.findings ?? NONE}
                onChange={take}
                handle={editor}
              />
            </>
          }
        >
          <ActionBar>
            <Button onClick={open}>Open file</Button>
            <PageChoice
              clientId={branch.clientId}
              onPage={(id, path) => {
                if (URL.canParse(branch.record.url)) setUrl(new URL(`/${path}`, branch.record.url).href);
                void askText(`/pages/${String(id)}/source`).then((text) => {
                  load(text, path);
                }, complain);
              }}
            />
            <TextField
              value={url}
              onChange={({ target }) => {
                setUrl(target.value);
              }}
              placeholder="Address of the page, for relative links"
              slotProps={{ htmlInput: { 'aria-label': 'Address of the page' } }}
              sx={{ maxWidth: 340, '& input': { py: 0.5, fontSize: 13.5 } }}
            />
            <Box sx={{ flex: 1 }} />
            {check && (
              <Box role="status" data-busy={busy} sx={{ whiteSpace: 'nowrap' }}>
                <b>{check.summary.must}</b> must, <b>{check.summary.should}</b> should,{' '}
                <b>{check.summary.note}</b> note
              </Box>
            )}
          </ActionBar>
          {check ? (
            <>
              <ThreeWay rows={check.threeWay} onPlace={(place) => editor.current?.show(place)} />
              <Findings
                source={source}
                findings={check.findings}
                onPlace={(place) => editor.current?.show(place)}
                onMend={(edits) => editor.current?.apply(edits)}
              />
            </>
          ) : (
            <EmptyState title="Nothing to check yet.">
              Paste a page, a script element or bare JSON-LD into the source below, drop a file anywhere here,
              or choose one of the site’s pages. It is read the way a machine reads it and compared with the
              record of {branch.label}.
            </EmptyState>
          )}
        </WithTray>
      )}
    </DropFrame>
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
      sx={{ fontSize: 13.5, '& .MuiSelect-select': { py: 0.4 } }}
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
