import { Box } from '@mui/material';
import {
  lazy,
  Suspense,
  useCallback,
  useEffect,
  useLayoutEffect,
  useMemo,
  useState,
  type KeyboardEvent,
} from 'react';
import { useSearchParams } from 'react-router';
import { completeness, effectiveRecord, type BusinessRecord, type Fact, type FactFault } from '#core/record';
import { Toggle } from '../../parts/Toggle.tsx';
import { WithTray } from '../../parts/Tray.tsx';
import { RecordInHand } from '../../state/recordInHand.ts';
import { FactSheet } from './FactSheet.tsx';
import { MarkupTray } from './MarkupTray.tsx';
import { byFact, type FaultsByFact } from './rows.ts';
import { SaveBar } from './SaveBar.tsx';
import { useDraft, type Subject } from './useDraft.ts';
import { useFaults } from './useFaults.ts';
import { RecordContext } from './useRecordInHand.ts';

const StartDialog = lazy(() => import('./StartDialog.tsx'));
const IntakeDialog = lazy(() => import('./IntakeDialog.tsx'));
const PinTray = lazy(() => import('./PinTray.tsx'));

interface SheetProps {
  readonly subject: Subject;
  readonly label: string;
  readonly clientId: number;
  /** undefined for a client's defaults. */
  readonly branchId?: number;
}

/** The rows that were asked for though they are empty, and the way to one of them. */
function useAsked() {
  const [asked, setAsked] = useState<ReadonlySet<Fact>>(new Set());
  const [wanted, setWanted] = useState<{ readonly fact: Fact } | undefined>();
  const ask = useCallback(
    (fact: Fact): void => setAsked((known) => (known.has(fact) ? known : new Set([...known, fact]))),
    [],
  );
  const goTo = useCallback(
    (fact: Fact): void => {
      ask(fact);
      setWanted({ fact });
    },
    [ask],
  );
  useEffect(() => {
    if (!wanted) return;
    const row = document.querySelector(`[data-fact="${wanted.fact}"]`);
    row?.scrollIntoView({ block: 'center' });
    row?.querySelector<HTMLElement>('input, textarea, button')?.focus();
  }, [wanted]);
  return { asked, ask, goTo };
}

/** The dialog that is open over the sheet; a new branch's address asks for the first. */
function useDialog() {
  const [search, setSearch] = useSearchParams();
  const [dialog, setDialog] = useState<'start' | 'intake' | undefined>(
    search.has('start') ? 'start' : undefined,
  );
  const close = (): void => {
    setDialog(undefined);
    if (search.has('start')) setSearch({}, { replace: true });
  };
  return { dialog, setDialog, close };
}

/** The record in hand, for those who read it without being drawn anew. */
function useInHand(record: BusinessRecord): RecordInHand {
  const [inHand] = useState(() => new RecordInHand(record));
  useLayoutEffect(() => inHand.set(record), [inHand, record]);
  return inHand;
}

/** Ctrl+Z and Ctrl+Shift+Z, for the draft instead of the field that is being typed in. */
const undoKeys =
  ({ undo, redo }: Pick<ReturnType<typeof useDraft>, 'undo' | 'redo'>) =>
  (event: KeyboardEvent): void => {
    if (!(event.ctrlKey || event.metaKey) || event.key.toLowerCase() !== 'z') return;
    event.preventDefault();
    if (event.shiftKey) redo();
    else undo();
  };

/** Sets a fact; a row that is being emptied stays where it is: what is typed next belongs into it. */
const useSetting = (ask: (fact: Fact) => void, set: (fact: Fact, text: string) => void) =>
  useCallback(
    (fact: Fact, text: string): void => {
      ask(fact);
      set(fact, text);
    },
    [ask, set],
  );

/** The fact sheet of a branch or of a client's defaults, with the tray below. */
export function Sheet({ subject, label, clientId, branchId }: SheetProps) {
  const draft = useDraft(subject);
  const { defaults } = subject;
  const [pointed, setPointed] = useState<readonly Fact[]>([]);
  const { asked, ask, goTo } = useAsked();
  const [tray, setTray] = useState<keyof typeof TRAYS>('markup');
  const { dialog, setDialog, close } = useDialog();
  const record = useMemo(() => effectiveRecord(draft.record, defaults), [draft.record, defaults]);
  const faults = useFaults(record);
  const faultsByFact = useFaultsByFact(faults);
  const inHand = useInHand(record);
  const state = useMemo(() => completeness(record), [record]);

  const tabs = useMemo(
    () => <Toggle label="What the tray shows" options={TRAYS} value={tray} onChange={setTray} />,
    [tray],
  );
  const showPin = useCallback(() => setTray('pin'), []);
  const { change, set } = draft;
  const onSet = useSetting(ask, set);
  return (
    <RecordContext value={inHand}>
      <Box onKeyDownCapture={undoKeys(draft)} sx={{ height: '100%' }}>
        <WithTray
          name="record"
          label={TRAYS[tray]}
          height={310}
          tray={
            tray === 'pin' ? (
              <Suspense>
                <PinTray record={record} change={change} tabs={tabs} />
              </Suspense>
            ) : (
              <MarkupTray
                record={record}
                label={label}
                clientId={clientId}
                pointed={pointed}
                onPoint={setPointed}
                change={change}
                tabs={tabs}
              />
            )
          }
        >
          <SaveBar
            draft={draft}
            asked={asked}
            faults={faults.filter(({ grade }) => grade !== 'note').length}
            state={state}
            label={label}
            branchId={branchId}
            onGo={goTo}
            onDialog={setDialog}
          />
          <FactSheet
            own={draft.record}
            record={record}
            defaults={defaults}
            faults={faultsByFact}
            asked={asked}
            onSet={onSet}
            change={change}
            pointed={pointed}
            onPoint={setPointed}
            onPin={showPin}
          />
        </WithTray>
        <Suspense>
          {dialog === 'start' && <StartDialog record={record} change={change} onClose={close} />}
          {dialog === 'intake' && (
            <IntakeDialog record={record} label={label} change={change} onClose={close} />
          )}
        </Suspense>
      </Box>
    </RecordContext>
  );
}

/** The faults of each fact, those that say the same as before being the same. */
function useFaultsByFact(faults: readonly FactFault[]): FaultsByFact {
  const [kept, setKept] = useState(() => ({ faults, map: byFact(faults, new Map()) }));
  if (kept.faults === faults) return kept.map;
  const next = { faults, map: byFact(faults, kept.map) };
  setKept(next);
  return next.map;
}

const TRAYS = { markup: 'Markup', pin: 'Pin' } as const;
