import {
  Autocomplete,
  Box,
  Button,
  InputBase,
  Menu,
  MenuItem,
  ToggleButton,
  ToggleButtonGroup,
} from '@mui/material';
import { useSnackbar } from 'notistack';
import {
  lazy,
  memo,
  Suspense,
  useCallback,
  useEffect,
  useMemo,
  useRef,
  useState,
  type KeyboardEvent,
} from 'react';
import { useNavigate, useSearchParams } from 'react-router';
import { jsonLd } from '#core/markup';
import {
  completeness,
  effectiveRecord,
  factGroups,
  factRows,
  judgeRecord,
  wantedOf,
  type BusinessRecord,
  type Clash,
  type Completeness,
  type Fact,
} from '#core/record';
import { fileName } from '#core/text';
import { useDuplicate } from '../../api/queries.ts';
import { downloadText, useComplain } from '../../parts/actions.ts';
import { viewPath } from '../../parts/place.ts';
import { WithTray } from '../../parts/Tray.tsx';
import { colour } from '../../theme.ts';
import { FactSheet, GROUP_LABEL } from './FactSheet.tsx';
import { MarkupTray } from './MarkupTray.tsx';
import { isShown } from './rows.ts';
import { useDraft, type DraftInHand, type Subject } from './useDraft.ts';

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
          record={record}
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
          faults={faults}
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
  );
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
      sx={{ '& .MuiToggleButton-root': { py: 0.1, px: 1, textTransform: 'none', fontSize: 12.5 } }}
    >
      <ToggleButton value="markup">Markup</ToggleButton>
      <ToggleButton value="pin">Pin</ToggleButton>
    </ToggleButtonGroup>
  );
}

const SAVE_WORDS = {
  saved: 'All saved',
  typing: 'Not saved yet …',
  saving: 'Saving …',
  kept: 'Not saved',
  conflict: 'Saved elsewhere',
} as const;

const MOST_NAMED = 3;

interface BarProps {
  readonly draft: DraftInHand;
  readonly record: BusinessRecord;
  readonly asked: ReadonlySet<Fact>;
  readonly faults: number;
  readonly state: Completeness;
  readonly label: string;
  readonly branchId: number | undefined;
  readonly onGo: (fact: Fact) => void;
  readonly onDialog: (dialog: 'start' | 'intake') => void;
}

function SaveBar({
  draft,
  record,
  asked,
  faults,
  state: { percent, lacking },
  label,
  branchId,
  onGo,
  onDialog,
}: BarProps) {
  const { state } = draft;
  const trouble = state.kind === 'kept' || state.kind === 'conflict';
  const hidden = factRows
    .filter((row) => !isShown(row, record, asked) && wantedOf(row, record) === 'optional')
    .map(({ fact }) => fact)
    .join();
  const latest = useRef(record);
  useEffect(() => {
    latest.current = record;
  });
  const getRecord = useCallback(() => latest.current, []);
  return (
    <Box
      sx={{
        position: 'sticky',
        top: 0,
        zIndex: 2,
        // Where there is hardly room for a row, the bars go with the sheet.
        '@media (max-height: 500px)': { position: 'static' },
      }}
    >
      <Box
        sx={{
          display: 'flex',
          alignItems: 'center',
          flexWrap: 'wrap',
          columnGap: 1,
          px: 2,
          py: 0.5,
          minHeight: 36,
          borderBottom: `1px solid ${colour.light}`,
          backgroundColor: trouble ? colour.plumLight : colour.paper,
        }}
      >
        <Box role="status" data-state={state.kind} sx={{ fontWeight: 600, whiteSpace: 'nowrap' }}>
          {SAVE_WORDS[state.kind]}
        </Box>
        {state.message && <Box sx={{ minWidth: 0 }}>{state.message}</Box>}
        {state.kind === 'conflict' && (
          <>
            <Clashes clashes={state.clashes} />
            <Button
              onClick={() => {
                draft.resolve('mine');
              }}
            >
              Keep mine
            </Button>
            <Button
              onClick={() => {
                draft.resolve('theirs');
              }}
            >
              Take theirs
            </Button>
          </>
        )}
        <Gauge percent={percent} />
        <Box
          sx={{
            color: 'text.secondary',
            whiteSpace: 'nowrap',
            overflow: 'hidden',
            textOverflow: 'ellipsis',
            minWidth: 0,
          }}
        >
          {faults === 0 ? 'no findings' : faults === 1 ? '1 finding' : `${String(faults)} findings`}
          {lacking.length > 0 && '; would help most: '}
          {lacking.slice(0, MOST_NAMED).map(({ fact, label: name }, at) => (
            <span key={fact}>
              {at > 0 && ', '}
              <Box
                component="button"
                type="button"
                onClick={() => {
                  onGo(fact);
                }}
                sx={{
                  font: 'inherit',
                  color: colour.plum,
                  background: 'none',
                  border: 0,
                  p: 0,
                  cursor: 'pointer',
                  textDecoration: 'underline',
                }}
              >
                {name}
              </Box>
            </span>
          ))}
        </Box>
        <Box sx={{ flex: 1 }} />
        <AddFact hidden={hidden} onGo={onGo} />
        <Button disabled={!draft.canUndo} onClick={draft.undo}>
          Undo
        </Button>
        <Button disabled={!draft.canRedo} onClick={draft.redo}>
          Redo
        </Button>
        <More getRecord={getRecord} label={label} branchId={branchId} onDialog={onDialog} />
      </Box>
      <Groups />
    </Box>
  );
}

/** What both set, to be chosen from. */
const Clashes = ({ clashes }: { clashes: readonly Clash[] }) => (
  <Box component="ul" aria-label="Set differently by both" sx={{ m: 0, pl: 2, minWidth: 0 }}>
    {clashes.map(({ unit, label, mine, theirs }) => (
      <li key={unit}>
        {label}: mine <q>{mine || 'nothing'}</q>, theirs <q>{theirs || 'nothing'}</q>
      </li>
    ))}
  </Box>
);

/** The groups of the sheet, to jump to. */
const Groups = memo(() => (
  <Box
    component="nav"
    aria-label="Groups of facts"
    sx={{
      display: 'flex',
      gap: 2,
      px: 2,
      py: 0.25,
      backgroundColor: colour.paper,
      borderBottom: `1px solid ${colour.light}`,
    }}
  >
    {factGroups.map((group) => (
      <Box
        key={group}
        component="button"
        type="button"
        onClick={() => {
          document.getElementById(`group-${group}`)?.scrollIntoView({ block: 'start' });
        }}
        sx={{
          font: 'inherit',
          fontSize: 12.5,
          color: colour.middle,
          background: 'none',
          border: 0,
          p: 0,
          cursor: 'pointer',
          '&:hover': { color: colour.plum },
        }}
      >
        {GROUP_LABEL[group]}
      </Box>
    ))}
  </Box>
));
Groups.displayName = 'Groups';

/** How complete a record is, as a thin bar with its number. */
function Gauge({ percent }: { percent: number }) {
  return (
    <Box sx={{ display: 'flex', alignItems: 'center', gap: 0.75, whiteSpace: 'nowrap' }}>
      <Box
        role="meter"
        aria-label="Completeness"
        aria-valuenow={percent}
        aria-valuemin={0}
        aria-valuemax={100}
        sx={{ width: 64, height: 6, border: `1px solid ${colour.middle}` }}
      >
        <Box sx={{ width: `${String(percent)}%`, height: '100%', backgroundColor: colour.dark }} />
      </Box>
      {percent}%
    </Box>
  );
}

/** Finds a fact that takes no room in the sheet yet. `hidden` names them, parted by commas. */
const AddFact = memo(function AddFact({ hidden, onGo }: { hidden: string; onGo: (fact: Fact) => void }) {
  const [open, setOpen] = useState(false);
  const names = hidden.split(',');
  const options = open ? factRows.filter(({ fact }) => names.includes(fact)) : [];
  return (
    <Autocomplete
      options={options}
      open={open}
      onOpen={() => {
        setOpen(true);
      }}
      onClose={() => {
        setOpen(false);
      }}
      value={null}
      blurOnSelect
      clearOnBlur
      filterOptions={(all, { inputValue }) => {
        const words = inputValue.toLowerCase().split(/\s+/).filter(Boolean);
        return all.filter(({ fact, label, about }) =>
          words.every((word) => `${fact} ${label} ${about}`.toLowerCase().includes(word)),
        );
      }}
      getOptionLabel={({ label }) => label}
      getOptionKey={({ fact }) => fact}
      onChange={(_, row) => {
        if (row) onGo(row.fact);
      }}
      noOptionsText="No such fact; perhaps it is in the sheet already."
      sx={{ width: 150, flex: 'none' }}
      slotProps={{ popper: { style: { width: 340 } } }}
      renderOption={(attributes, { fact, label, about }) => (
        <li {...attributes} key={fact}>
          <Box>
            <Box sx={{ fontWeight: 600 }}>{label}</Box>
            <Box sx={{ fontSize: 12.5, color: 'text.secondary' }}>{about}</Box>
          </Box>
        </li>
      )}
      renderInput={({ slotProps, ...parameters }) => {
        const { input, htmlInput } = slotProps as { input: object; htmlInput: object };
        return (
          <InputBase
            {...(parameters as object)}
            {...input}
            placeholder="Add fact …"
            inputProps={{ ...htmlInput, 'aria-label': 'Add fact' }}
            sx={{
              px: 1,
              border: `1px solid ${colour.line}`,
              borderRadius: '3px',
              backgroundColor: '#fff',
              '& .MuiInputBase-input': { py: 0.3, px: 0 },
            }}
          />
        );
      }}
    />
  );
});

/** What is done less often. */
const More = memo(function More({
  getRecord,
  label,
  branchId,
  onDialog,
}: {
  getRecord: () => BusinessRecord;
  label: string;
  branchId: number | undefined;
  onDialog: (dialog: 'start' | 'intake') => void;
}) {
  const [anchor, setAnchor] = useState<HTMLElement | null>(null);
  const navigate = useNavigate();
  const duplicate = useDuplicate();
  const complain = useComplain();
  const { enqueueSnackbar } = useSnackbar();
  const item = (words: string, act: () => void) => (
    <MenuItem
      onClick={() => {
        setAnchor(null);
        act();
      }}
    >
      {words}
    </MenuItem>
  );
  const copy = (): void => {
    if (!branchId) return;
    duplicate.mutateAsync({ branchId, label: `${label} (copy)` }).then(({ id }) => {
      enqueueSnackbar(`A copy of ${label} without its own page, @id and pin.`);
      void navigate(viewPath(id, 'record'));
    }, complain);
  };
  return (
    <>
      <Button
        aria-haspopup="menu"
        onClick={({ currentTarget }) => {
          setAnchor(currentTarget);
        }}
      >
        More
      </Button>
      <Menu
        anchorEl={anchor}
        open={anchor !== null}
        onClose={() => {
          setAnchor(null);
        }}
      >
        {item('Start from a page or markup …', () => {
          onDialog('start');
        })}
        {item('Intake sheet for the client …', () => {
          onDialog('intake');
        })}
        {item('Export the record as JSON-LD', () => {
          const record = getRecord();
          const written = jsonLd({ ...record, output: null }).text.replace(
            /^<script[^>]*>\n|\n<\/script>$/g,
            '',
          );
          downloadText(
            `${written}\n`,
            `${fileName(`${record.name} ${label}`)}.jsonld`,
            'application/ld+json',
          );
        })}
        {branchId !== undefined && item('Duplicate this branch', copy)}
      </Menu>
    </>
  );
});
