import { Box, Button, MenuItem, Select, TextField } from '@mui/material';
import { memo, startTransition, useCallback, useEffect, useMemo, useRef, useState } from 'react';
import * as z from 'zod';
import { hostAnswerSchema, limits, megabytes, type Branch, type HostAnswer } from '#contract';
import { profiles, profileWith, type MendChoices } from '#core/checking';
import { decodeText, editBetween, utf8Bytes, type Edit, type Place } from '#core/text';
import { startFileCheck, useJudging } from '../../api/checks.ts';
import { fetchPage, usePages } from '../../api/queries.ts';
import { askText } from '../../api/request.ts';
import { downloadText, useComplain, useCopy } from '../../parts/actions.ts';
import { ActionBar, DropFrame } from '../../parts/Drop.tsx';
import { EmptyState } from '../../parts/Notice.tsx';
import { PaneBar, WithTray } from '../../parts/Tray.tsx';
import { Findings } from './Findings.tsx';
import { MendDialog } from './MendDialog.tsx';
import { SourceEditor, type EditorHandle } from './SourceEditor.tsx';
import { ThreeWay } from './ThreeWay.tsx';
import { mendAway, useCheck } from './useCheck.ts';
import { keep as keepText, keepOnShelf, keptJson, keptOnShelf } from '../../state/browserStore.ts';

/** A source that another view hands over. */
export interface GivenSource {
  readonly name: string;
  readonly url: string;
  readonly text: string;
}

const originSchema = z.object({
  name: z.string().default(''),
  url: z.string().default(''),
  answer: hostAnswerSchema.optional(),
});
type Origin = z.infer<typeof originSchema>;

/** The sources of the branches that were checked last are kept in the browser, and where each came from. */
const SOURCES = 'source';
const originKey = (branchId: number): string => `source-origin:${String(branchId)}`;

const keptOrigin = (branchId: number): Origin =>
  keptJson(originKey(branchId), (json) => originSchema.parse(json)) ?? { name: '', url: '' };

const KEEP_PAUSE_MS = 400;

/** One source: what record, markup and visitor say, side by side, and every finding. */
export function SourceCheck({
  branch,
  given,
  onKept,
}: {
  branch: Branch;
  given: GivenSource | undefined;
  onKept: (checkId: number) => void;
}) {
  const [source, setSource] = useState(() => given?.text ?? keptOnShelf(SOURCES, String(branch.id)) ?? '');
  const [first] = useState(source);
  const [origin] = useState(() => keptOrigin(branch.id));
  const [url, setUrl] = useState(given?.url ?? origin.url);
  const [name, setName] = useState(given?.name ?? origin.name);
  // What the host answered when the source in hand was fetched.
  const [answer, setAnswer] = useState(given ? undefined : origin.answer);
  const [fetching, setFetching] = useState(false);
  // The editor shows every line break as one character; the source gets back those it came with.
  const [returns, setReturns] = useState(given?.text.includes('\r\n') ?? false);
  const asItCame = (): string => (returns ? source.replaceAll('\n', '\r\n') : source);
  const [offset, setOffset] = useState<number | undefined>();
  const editor = useRef<EditorHandle>(null);
  const { data: judging } = useJudging(branch.clientId);
  const options = useMemo(
    () => ({
      url,
      page: url || name,
      record: branch.record,
      ...(judging
        ? { profile: profileWith(profiles[judging.profile], judging.wants), ignores: judging.ignores }
        : {}),
    }),
    [url, name, branch.record, judging],
  );
  const { check, checked, busy } = useCheck(source, options);
  const [mending, setMending] = useState<string | undefined>();
  const complain = useComplain();
  const copy = useCopy();

  const current = useRef(source);
  const take = useCallback((next: string): void => {
    current.current = next;
    startTransition(() => {
      setSource(next);
    });
  }, []);
  const show = useCallback((place: Place): void => editor.current?.show(place), []);
  const mend = useCallback(
    (edits: readonly Edit[]): void => {
      // The places are those of the source that was checked.
      if (checked === current.current) editor.current?.apply(edits);
    },
    [checked],
  );
  const mendAll = useCallback(
    (from: string, choices: MendChoices, signal: AbortSignal) => mendAway(from, options, choices, signal),
    [options],
  );
  const openMendAll = useCallback((): void => {
    setMending(checked);
  }, [checked]);
  // What was typed last is kept too when the tab is closed or left within that moment.
  useEffect(() => {
    const keepNow = (): void => {
      keepOnShelf(SOURCES, String(branch.id), current.current);
    };
    window.addEventListener('pagehide', keepNow);
    return () => {
      window.removeEventListener('pagehide', keepNow);
      keepNow();
    };
  }, [branch.id]);
  // Kept a moment after the last keystroke: writing a large source takes longer than a frame.
  useEffect(() => {
    const timer = setTimeout(() => {
      keepOnShelf(SOURCES, String(branch.id), source);
      keepText(originKey(branch.id), JSON.stringify({ name, url, answer }));
    }, KEEP_PAUSE_MS);
    return () => {
      clearTimeout(timer);
    };
  }, [source, name, url, answer, branch.id]);
  const load = (text: string, from: string, address = '', answered?: HostAnswer): void => {
    setName(from);
    setAnswer(answered);
    if (address) setUrl(address);
    editor.current?.replace(text);
    setReturns(text.includes('\r\n'));
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
  const fetchNow = (): void => {
    setFetching(true);
    fetchPage(url.trim())
      .then((page) => {
        load(page.text, page.url, page.url, hostAnswerSchema.parse(page));
        if (page.status >= 400)
          complain(
            new Error(`${page.url} answers with status ${String(page.status)}. What it sent is shown.`),
          );
      })
      .catch(complain)
      .finally(() => {
        setFetching(false);
      });
  };
  const keep = (): void => {
    const called = (name || 'source.html').split('/').at(-1) || 'source.html';
    const isPage = /\.(html?|php|jsonld?)$/i.test(called);
    const ending = /^\s*[[{]/.test(source) ? '.jsonld' : '.html';
    const file = { name: isPage ? called : `${called}${ending}`, file: new Blob([utf8Bytes(asItCame())]) };
    startFileCheck(branch.clientId, [file], url, answer).then(({ id }) => {
      onKept(id);
    }, complain);
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
                  onClick={() => editor.current?.undo()}
                  title="Takes back the last mend or change (Ctrl+Z in the source)"
                >
                  Undo
                </Button>
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
                    downloadText(asItCame(), name.split('/').at(-1) || 'checked.html', 'text/html');
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
                findings={checked === source ? (check?.findings ?? NONE) : undefined}
                onChange={take}
                onCursor={setOffset}
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
                const address = URL.canParse(branch.record.url)
                  ? new URL(`/${path}`, branch.record.url).href
                  : '';
                void askText(`/pages/${String(id)}/source`).then((text) => {
                  load(text, path, address);
                }, complain);
              }}
            />
            <Box
              component="form"
              onSubmit={(event) => {
                event.preventDefault();
                fetchNow();
              }}
              sx={{ display: 'flex', gap: 1, flex: 1, maxWidth: 430 }}
            >
              <TextField
                value={url}
                fullWidth
                onChange={({ target }) => {
                  setUrl(target.value);
                }}
                placeholder="https://… , the page’s address"
                slotProps={{ htmlInput: { 'aria-label': 'Address of the page' } }}
                sx={{ '& input': { py: 0.5, fontSize: 13.5 } }}
              />
              <Button type="submit" disabled={!url.trim() || fetching}>
                {fetching ? 'Fetching …' : 'Fetch'}
              </Button>
            </Box>
            <Box sx={{ flex: 1 }} />
            {check && (
              <Box role="status" data-busy={busy} sx={{ whiteSpace: 'nowrap' }}>
                <b>{check.summary.must}</b> must, <b>{check.summary.should}</b> should,{' '}
                <b>{check.summary.note}</b> note
              </Box>
            )}
            <Button disabled={!source.trim()} onClick={keep}>
              Keep this check
            </Button>
          </ActionBar>
          {check && checked !== undefined ? (
            <>
              <Facts rows={check.threeWay} onPlace={show} />
              <List
                source={checked}
                findings={check.findings}
                ignored={check.ignored}
                clientId={branch.clientId}
                page={options.page}
                offset={offset}
                onPlace={show}
                onMend={mend}
                onMendAll={openMendAll}
              />
            </>
          ) : (
            <EmptyState title="Nothing to check yet.">
              Paste a page, a script element or bare JSON-LD into the source below, drop a file anywhere here,
              fetch an address, or choose one of the site’s pages. It is read the way a machine reads it and
              compared with the record of {branch.label}. Many pages at once are checked under Site.
            </EmptyState>
          )}
          {mending !== undefined && (
            <MendDialog
              source={mending}
              mendAll={mendAll}
              onTake={(mended) => {
                const edit = editBetween(mending, mended);
                if (edit && mending === current.current) editor.current?.apply([edit]);
              }}
              onClose={() => {
                setMending(undefined);
              }}
            />
          )}
        </WithTray>
      )}
    </DropFrame>
  );
}

const NONE: never[] = [];
/** Drawn again only when the check is another, not at every letter. */
const Facts = memo(ThreeWay);
const List = memo(Findings);

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
