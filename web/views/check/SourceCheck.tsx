import { Box, Button } from '@mui/material';
import { memo, startTransition, useCallback, useEffect, useMemo, useReducer, useRef } from 'react';
import * as z from 'zod';
import { hostAnswerSchema, type Branch, type HostAnswer } from '#contract';
import { profiles, profileWith } from '#core/checking';
import { limits, megabytes } from '#core/limits';
import type { MendChoices } from '#core/mending';
import { decodeText, editBetween, utf8Bytes, type Edit, type Place } from '#core/text';
import { startFileCheck, useJudging } from '../../api/checks.ts';
import { fetchPage } from '../../api/queries.ts';
import { askText } from '../../api/request.ts';
import { downloadText, useComplain, useCopy } from '../../parts/actions.ts';
import { DropFrame } from '../../parts/Drop.tsx';
import { EmptyState } from '../../parts/Notice.tsx';
import { PaneBar, WithTray } from '../../parts/Tray.tsx';
import { keep as keepText, keepOnShelf, keptJson, keptOnShelf } from '../../state/browserStore.ts';
import {
  asItCame,
  fileNameOf,
  nextSource,
  sourceInHand,
  type SourceInHand,
} from '../../state/sourceInHand.ts';
import { colour } from '../../theme.ts';
import { Findings } from './Findings.tsx';
import { MendDialog } from './MendDialog.tsx';
import { SourceBar } from './SourceBar.tsx';
import { SourceEditor, type EditorHandle } from './SourceEditor.tsx';
import { ThreeWay } from './ThreeWay.tsx';
import { mendAway, useCheck } from './useCheck.ts';

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

/** The sources of the branches that were checked last are kept in the browser, and where each came from. */
const SOURCES = 'source';
const originKey = (branchId: number): string => `source-origin:${String(branchId)}`;
const KEEP_PAUSE_MS = 400;

/** What was in hand the last time. */
const keptSource = (branchId: number): SourceInHand =>
  sourceInHand(
    keptOnShelf(SOURCES, String(branchId)) ?? '',
    keptJson(originKey(branchId), (json) => originSchema.parse(json)),
  );

/** Keeps the source in hand: a moment after the last letter, and at once when the tab is left. */
function useKeptSource({ text, name, url, answer }: SourceInHand, branchId: number): void {
  const current = useRef(text);
  useEffect(() => {
    current.current = text;
  });
  useEffect(() => {
    const keepNow = (): void => {
      keepOnShelf(SOURCES, String(branchId), current.current);
    };
    window.addEventListener('pagehide', keepNow);
    return () => {
      window.removeEventListener('pagehide', keepNow);
      keepNow();
    };
  }, [branchId]);
  // Writing a large source takes longer than a frame.
  useEffect(() => {
    const timer = setTimeout(() => {
      keepOnShelf(SOURCES, String(branchId), text);
      keepText(originKey(branchId), JSON.stringify({ name, url, answer }));
    }, KEEP_PAUSE_MS);
    return () => {
      clearTimeout(timer);
    };
  }, [text, name, url, answer, branchId]);
}

interface SourceCheckProps {
  readonly branch: Branch;
  readonly given: GivenSource | undefined;
  readonly onKept: (checkId: number) => void;
}

/** One source: what record, markup and visitor say, side by side; in the tray the source with every finding. */
export function SourceCheck({ branch, given, onKept }: SourceCheckProps) {
  const [source, tell] = useReducer(nextSource, undefined, () =>
    given ? sourceInHand(given.text, given) : keptSource(branch.id),
  );
  const { text, name, url, answer, mending } = source;
  useKeptSource(source, branch.id);
  const first = useRef(text);
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
  const { check, checked, busy, problem } = useCheck(text, options);
  const complain = useComplain();

  // What stands in the editor now: the text in hand may be a moment behind.
  const typed = useRef(text);
  const take = useCallback((next: string): void => {
    typed.current = next;
    startTransition(() => {
      tell({ kind: 'typed', text: next });
    });
  }, []);
  const show = useCallback((place: Place): void => editor.current?.show(place), []);
  const mend = useCallback(
    (edits: readonly Edit[]): void => {
      // The places are those of the source that was checked.
      if (checked === typed.current) editor.current?.apply(edits);
    },
    [checked],
  );
  const mendAll = useCallback(
    (from: string, choices: MendChoices, signal: AbortSignal) => mendAway(from, options, choices, signal),
    [options],
  );
  const openMendAll = useCallback((): void => {
    tell({ kind: 'mending', text: checked });
  }, [checked]);
  const load = (next: string, from: string, address = '', answered?: HostAnswer): void => {
    tell({ kind: 'loaded', text: next, name: from, answer: answered, ...(address ? { url: address } : {}) });
    editor.current?.replace(next);
  };
  const openFile = async (file: File): Promise<void> => {
    if (file.size > limits.pageBytes)
      throw new Error(
        `${file.name} has ${megabytes(file.size)}; at most ${megabytes(limits.pageBytes)} are read. The source in hand is as it was.`,
      );
    load(decodeText(new Uint8Array(await file.arrayBuffer())).text, file.name);
  };
  const fetchNow = async (): Promise<void> => {
    tell({ kind: 'fetching', now: true });
    try {
      const page = await fetchPage(url.trim());
      load(page.text, page.url, page.url, hostAnswerSchema.parse(page));
      if (page.status >= 400)
        throw new Error(`${page.url} answers with status ${String(page.status)}. What it sent is shown.`);
    } finally {
      tell({ kind: 'fetching', now: false });
    }
  };
  const keep = (): void => {
    const file = { name: fileNameOf(source), file: new Blob([utf8Bytes(asItCame(source))]) };
    startFileCheck(branch.clientId, [file], url, answer).then(({ id }) => {
      onKept(id);
    }, complain);
  };

  return (
    <DropFrame
      label="File to check"
      multiple={false}
      onFiles={([file]) => {
        if (file) openFile(file).catch(complain);
      }}
    >
      {(open) => (
        <WithTray
          name="check"
          label="Source"
          height={340}
          tray={
            <Box sx={{ display: 'flex', minHeight: 0, flex: 1 }}>
              <Box sx={pane}>
                <SourceActions
                  source={source}
                  editor={editor}
                  onClear={() => {
                    load('', '');
                  }}
                />
                <SourceEditor
                  first={first.current}
                  findings={checked === text ? (check?.findings ?? NONE) : undefined}
                  onChange={take}
                  onCursor={(at) => {
                    tell({ kind: 'caret', at });
                  }}
                  handle={editor}
                />
              </Box>
              {check && checked !== undefined && (
                <Box sx={{ ...pane, borderLeft: `1px solid ${colour.line}` }}>
                  <List
                    source={checked}
                    findings={check.findings}
                    ignored={check.ignored}
                    clientId={branch.clientId}
                    page={options.page}
                    offset={source.caret}
                    onPlace={show}
                    onMend={mend}
                    onMendAll={openMendAll}
                  />
                </Box>
              )}
            </Box>
          }
        >
          <SourceBar
            branch={branch}
            url={url}
            fetching={source.fetching}
            summary={check?.summary}
            busy={busy}
            problem={problem}
            canKeep={text.trim() !== ''}
            onOpen={open}
            onPage={(id, path, address) => {
              askText('pageSource', { id }).then((page) => {
                load(page, path, address);
              }, complain);
            }}
            onUrl={(next) => {
              tell({ kind: 'addressed', url: next });
            }}
            onFetch={() => {
              fetchNow().catch(complain);
            }}
            onKeep={keep}
          />
          {check ? (
            <Facts rows={check.threeWay} onPlace={show} />
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
                if (edit && mending === typed.current) editor.current?.apply([edit]);
              }}
              onClose={() => {
                tell({ kind: 'mending', text: undefined });
              }}
            />
          )}
        </WithTray>
      )}
    </DropFrame>
  );
}

const pane = { flex: '1 1 50%', minWidth: 0, display: 'flex', flexDirection: 'column' } as const;
const NONE: never[] = [];
/** Drawn again only when the check is another, not at every letter. */
const Facts = memo(ThreeWay);
const List = memo(Findings);

/** What can be done with the source as a whole. */
function SourceActions({
  source,
  editor,
  onClear,
}: {
  source: SourceInHand;
  editor: React.RefObject<EditorHandle | null>;
  onClear: () => void;
}) {
  const copy = useCopy();
  const { text, name } = source;
  const act = (words: string, onClick: () => void, title = '') => (
    <Button disabled={!text} title={title} onClick={onClick}>
      {words}
    </Button>
  );
  return (
    <PaneBar title={name ? `Source: ${name}` : 'Source'}>
      {act('Undo', () => editor.current?.undo(), 'Takes back the last mend or change (Ctrl+Z in the source)')}
      {act('Copy', () => {
        copy(text, 'Source');
      })}
      {act('Download', () => {
        downloadText(asItCame(source), name.split('/').at(-1) || 'checked.html', 'text/html');
      })}
      {act('Clear', onClear)}
    </PaneBar>
  );
}
