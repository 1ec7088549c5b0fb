import { Box, Button } from '@mui/material';
import { memo, startTransition, useCallback, useRef, type Dispatch, type RefObject } from 'react';
import type { CheckOptions } from '#core/checking';
import type { MendChoices } from '#core/mending';
import { editBetween, type Edit, type Place } from '#core/text';
import { downloadText, useCopy } from '../../parts/actions.ts';
import { PaneBar } from '../../parts/Tray.tsx';
import { asItCame, type SourceEvent, type SourceInHand } from '../../state/sourceInHand.ts';
import { colour } from '../../theme.ts';
import { Findings } from './Findings.tsx';
import { MendDialog } from './MendDialog.tsx';
import { SourceEditor, type EditorHandle } from './SourceEditor.tsx';
import { mendAway, type Checking } from './useCheck.ts';

interface SourceTrayProps {
  readonly source: SourceInHand;
  readonly tell: Dispatch<SourceEvent>;
  readonly editor: RefObject<EditorHandle | null>;
  readonly clientId: number;
  readonly options: CheckOptions;
  readonly checking: Checking;
  readonly onShow: (place: Place) => void;
  readonly onClear: () => void;
}

/** What is typed, and what is mended in it: only the source that was checked is. */
function useEditing({ source: { text }, tell, editor, options, checking: { checked } }: SourceTrayProps) {
  // What stands in the editor now: the text in hand may be a moment behind.
  const typed = useRef(text);
  const take = useCallback(
    (next: string): void => {
      typed.current = next;
      startTransition(() => tell({ kind: 'typed', text: next }));
    },
    [tell],
  );
  /** Edits of a source, if it is still the one in the editor. */
  const mend = useCallback(
    (of: string | undefined, edits: readonly Edit[]): void => {
      if (of === typed.current) editor.current?.apply(edits);
    },
    [editor],
  );
  const mendChecked = useCallback((edits: readonly Edit[]): void => mend(checked, edits), [mend, checked]);
  const mendAll = useCallback(
    (from: string, choices: MendChoices, signal: AbortSignal) => mendAway(from, options, choices, signal),
    [options],
  );
  const openMendAll = useCallback((): void => tell({ kind: 'mending', text: checked }), [tell, checked]);
  return { take, mend, mendChecked, mendAll, openMendAll };
}

/** The source, and beside it what was found in it. */
export function SourceTray(props: SourceTrayProps) {
  const { source, tell, editor, clientId, options, checking, onShow, onClear } = props;
  const { check, checked } = checking;
  const { take, mend, mendChecked, mendAll, openMendAll } = useEditing(props);
  const { mending } = source;
  return (
    <Box sx={{ display: 'flex', minHeight: 0, flex: 1 }}>
      <Box sx={pane}>
        <SourceActions source={source} editor={editor} onClear={onClear} />
        <SourceEditor
          first={source.text}
          findings={checked === source.text ? (check?.findings ?? NONE) : undefined}
          onChange={take}
          onCursor={(at) => tell({ kind: 'caret', at })}
          handle={editor}
        />
      </Box>
      {/* It stands before there is a check too: nothing moves under the hand when one arrives. */}
      <Box sx={{ ...pane, borderLeft: `1px solid ${colour.line}` }}>
        {check && checked !== undefined ? (
          <List
            source={checked}
            findings={check.findings}
            ignored={check.ignored}
            clientId={clientId}
            page={options.page ?? ''}
            offset={source.caret}
            onPlace={onShow}
            onMend={mendChecked}
            onMendAll={openMendAll}
          />
        ) : (
          <NoFindings busy={checking.busy} stopped={checking.problem !== ''} />
        )}
      </Box>
      {mending !== undefined && (
        <MendDialog
          source={mending}
          mendAll={mendAll}
          onTake={(mended) => {
            const edit = editBetween(mending, mended);
            if (edit) mend(mending, [edit]);
          }}
          onClose={() => tell({ kind: 'mending', text: undefined })}
        />
      )}
    </Box>
  );
}

/** In the place of the findings while there is no check. Why the checker stopped stands over the source. */
function NoFindings({ busy, stopped }: { busy: boolean; stopped: boolean }) {
  const idle = stopped ? 'Not checked.' : 'What is found stands here.';
  return (
    <Box role="status" sx={{ p: 2, color: 'text.secondary' }}>
      {busy ? 'Reading the source …' : idle}
    </Box>
  );
}

const pane = { flex: '1 1 50%', minWidth: 0, display: 'flex', flexDirection: 'column' } as const;
const NONE: never[] = [];
/** Drawn again only when the check is another, not at every letter. */
const List = memo(Findings);

/** What can be done with the source as a whole. */
function SourceActions({
  source,
  editor,
  onClear,
}: {
  source: SourceInHand;
  editor: RefObject<EditorHandle | null>;
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
      {act('Copy', () => copy(text, 'Source'))}
      {act('Download', () =>
        downloadText(asItCame(source), name.split('/').at(-1) || 'checked.html', 'text/html'),
      )}
      {act('Clear', onClear)}
    </PaneBar>
  );
}
