import { Box, ToggleButton, ToggleButtonGroup } from '@mui/material';
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
import { completeness, effectiveRecord, judgeRecord, type Fact } from '#core/record';
import { WithTray } from '../../parts/Tray.tsx';
import { RecordInHand } from '../../state/recordInHand.ts';
import { typeSize } from '../../theme.ts';
import { FactSheet } from './FactSheet.tsx';
import { MarkupTray } from './MarkupTray.tsx';
import { byFact, type FaultsByFact } from './rows.ts';
import { SaveBar } from './SaveBar.tsx';
import { useDraft, type Subject } from './useDraft.ts';
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

/** The fact sheet of a branch or of a client's defaults, with the tray below. */
export function Sheet({ subject, label, clientId, branchId }: SheetProps) {
  const draft = useDraft(subject);
  const { defaults } = subject;
  const [pointed, setPointed] = useState<readonly Fact[]>([]);
  const [asked, setAsked] = useState<ReadonlySet<Fact>>(new Set());
  const [wanted, setWanted] = useState<{ readonly fact: Fact } | undefined>();
  const [tray, setTray] = useState<'markup' | 'pin'>('markup');
  const [search, setSearch] = useSearchParams();
  const [dialog, setDialog] = useState<'start' | 'intake' | undefined>(
    search.has('start') ? 'start' : undefined,
  );
  const own = draft.record;
  const record = useMemo(() => effectiveRecord(own, defaults), [own, defaults]);
  const faults = useMemo(() => judgeRecord(record), [record]);
  const faultsByFact = useFaultsByFact(faults);
  const [inHand] = useState(() => new RecordInHand(record));
  useLayoutEffect(() => {
    inHand.set(record);
  }, [inHand, record]);
  const state = useMemo(() => completeness(record), [record]);

  const goTo = useCallback((fact: Fact): void => {
    setAsked((known) => new Set([...known, fact]));
    setWanted({ fact });
  }, []);
  useEffect(() => {
    if (!wanted) return;
    const row = document.querySelector(`[data-fact="${wanted.fact}"]`);
    row?.scrollIntoView({ block: 'center' });
    row?.querySelector<HTMLElement>('input, textarea, button')?.focus();
  }, [wanted]);
  const keys = (event: KeyboardEvent): void => {
    if (!(event.ctrlKey || event.metaKey) || event.key.toLowerCase() !== 'z') return;
    event.preventDefault();
    if (event.shiftKey) draft.redo();
    else draft.undo();
  };
  const close = (): void => {
    setDialog(undefined);
    if (search.has('start')) setSearch({}, { replace: true });
  };
  const tabs = useMemo(() => <TrayTabs shown={tray} onShow={setTray} />, [tray]);
  const showPin = useCallback(() => {
    setTray('pin');
  }, []);
  const { change } = draft;
  const { set } = draft;
  // A row that is being emptied stays where it is: what is typed next belongs into it.
  const onSet = useCallback(
    (fact: Fact, text: string): void => {
      setAsked((known) => (known.has(fact) ? known : new Set([...known, fact])));
      set(fact, text);
    },
    [set],
  );
  return (
    <RecordContext value={inHand}>
      <Box onKeyDownCapture={keys} sx={{ height: '100%' }}>
        <WithTray
          name="record"
          label={tray === 'markup' ? 'Markup' : 'Pin'}
          height={310}
          tray={
            <>
              {tray === 'pin' ? (
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
              )}
            </>
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
            own={own}
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
function useFaultsByFact(faults: ReturnType<typeof judgeRecord>): FaultsByFact {
  const [kept, setKept] = useState(() => ({ faults, map: byFact(faults, new Map()) }));
  if (kept.faults === faults) return kept.map;
  const next = { faults, map: byFact(faults, kept.map) };
  setKept(next);
  return next.map;
}

function TrayTabs({ shown, onShow }: { shown: 'markup' | 'pin'; onShow: (tray: 'markup' | 'pin') => void }) {
  return (
    <ToggleButtonGroup
      size="small"
      exclusive
      value={shown}
      onChange={(_, next: 'markup' | 'pin' | null) => {
        if (next) onShow(next);
      }}
      aria-label="What the tray shows"
      sx={{ '& .MuiToggleButton-root': { py: 0.1, px: 1, textTransform: 'none', fontSize: typeSize.note } }}
    >
      <ToggleButton value="markup">Markup</ToggleButton>
      <ToggleButton value="pin">Pin</ToggleButton>
    </ToggleButtonGroup>
  );
}
